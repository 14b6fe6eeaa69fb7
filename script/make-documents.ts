import { readdirSync, readFileSync } from 'node:fs';
import { seededRandom } from '../core/testing/random.ts';

/** Writes so many documents of the demo world, as JSON Lines: node script/run-ts.js script/make-documents.ts 10000. */
const count = Number(process.argv[2] ?? 10_000);
const SHORTEST = 500;
const LONGEST = 4000;

const texts = readdirSync('samples/texts').map((name) => readFileSync(`samples/texts/${name}`, 'utf8'));
const random = seededRandom(1);
const below = (end: number) => Math.floor(random() * end);

const lines: string[] = [];
for (let id = 0; id < count; id++) {
  const text = texts[below(texts.length)]!;
  const from = below(Math.max(1, text.length - LONGEST));
  lines.push(`${JSON.stringify({ id, text: text.slice(from, from + SHORTEST + below(LONGEST - SHORTEST)) })}\n`);
}
process.stdout.write(lines.join(''));
