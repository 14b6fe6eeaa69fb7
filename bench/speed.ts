import { readFileSync } from 'node:fs';
import { clean, cleanText, DEFAULT_STYLE, revise, type Choice } from '../core/index.ts';
import { rangeOfSeam } from '../core/seams-in-force.ts';
import { pdfColumns } from '../core/testing/distort.ts';
import { parseProse } from '../core/testing/marked-prose.ts';
import { seededRandom } from '../core/testing/random.ts';

/**
 * Prints how long a cleaning takes beside a bare pass over the characters and a chain of ten replacements over the same text,
 * and how it grows. Times are the best of some runs, in ms.
 */
const SIZES = [0.1, 1, 5, 10];

function makeText(megabytes: number): string {
  const prose = ['tide-mills', 'keepers-log', 'novella-chapter', 'letter'].map((id) =>
    parseProse(readFileSync(`samples/prose/${id}.txt`, 'utf8')),
  );
  const parts: string[] = [];
  let length = 0;
  for (let seed = 1; length < megabytes * 1e6; seed++) {
    const part = pdfColumns(prose[seed % prose.length]!, seededRandom(seed)).source;
    parts.push(part);
    length += part.length + 1;
  }
  return parts.join('\n').slice(0, megabytes * 1e6);
}

function best(runs: number, work: () => unknown): number {
  let least = Infinity;
  for (let run = 0; run < runs; run++) {
    const start = performance.now();
    work();
    least = Math.min(least, performance.now() - start);
  }
  return least;
}

function barePass(text: string): number {
  let sum = 0;
  for (let at = 0; at < text.length; at++) sum += text.charCodeAt(at);
  return sum;
}

function chainOfReplacements(text: string): string {
  return text
    .replace(/\r\n?/g, '\n')
    .replace(/[ \t]+$/gm, '')
    .replace(/^[ \t]+/gm, '')
    .replace(/(\p{L})-\n(?=\p{Ll})/gu, '$1')
    .replace(/\n{2,}/g, '\u2029')
    .replace(/\n/g, ' ')
    .replace(/\u2029/g, '\n')
    .replace(/\[\d+\]/g, '')
    .replace(/ {2,}/g, ' ')
    .replace(/ +([,.;:!?])/g, '$1');
}

const row = (cells: readonly (string | number)[]) => cells.map((cell) => String(cell).padStart(11)).join('');
process.stdout.write(`${row(['MB', 'bare pass', '10 regexps', 'clean', '/ regexps', 'revise', 'heap MB'])}\n`);
for (const size of SIZES) {
  const text = makeText(size);
  const runs = size > 2 ? 2 : 5;
  const bare = best(runs, () => barePass(text));
  const chain = best(runs, () => chainOfReplacements(text));
  const cleaned = best(runs, () => cleanText(clean(text, DEFAULT_STYLE)));
  const before = clean(text, DEFAULT_STYLE);
  const choice: Choice = { kind: 'seam', ...rangeOfSeam(before, before.decided.seams.count >> 1), decision: 2 };
  const revised = best(runs, () => revise(before, DEFAULT_STYLE, [choice]));
  const heap = Math.round(process.memoryUsage().heapUsed / 1e6);
  process.stdout.write(
    `${row([size, bare.toFixed(1), chain.toFixed(1), cleaned.toFixed(1), (cleaned / chain).toFixed(2), revised.toFixed(1), heap])}\n`,
  );
}
