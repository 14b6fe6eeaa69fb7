import { readFileSync } from 'node:fs';
import {
  clean,
  cleanText,
  DEFAULT_STYLE,
  findFindings,
  openLedger,
  PASSES,
  revise,
  type Choice,
} from '../core/index.ts';
import { rangeOfSeam } from '../core/decided/seams-in-force.ts';
import { pdfColumns } from '../core/testing/distort.ts';
import { parseProse } from '../core/testing/marked-prose.ts';
import { seededRandom } from '../core/testing/random.ts';
import { timePasses } from './passes.ts';

/**
 * Prints how long a cleaning takes beside (a) a bare pass over the characters and (b) a chain of ten replacements over the same
 * text, in the same run, how it grows with the text, and the most memory that the process has held so far. Times are the best of
 * some runs, in ms; the rounds of the three take turns, so that a busy machine is busy for all of them. Then 1 MB with
 * the passes that are on at first and with all, beside the chain; what ledger and findings take; and the share of each pass.
 */
const SIZES = [0.1, 0.3, 1, 3, 10, 20];
const FEWEST_RUNS = 3;
const MOST_RUNS = 15;
/** Small texts are measured more often: about this much text in all. */
const MEGABYTES_MEASURED = 15;

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

/** The best time of each piece of work over some rounds, in ms. */
function best(rounds: number, works: readonly (() => unknown)[]): number[] {
  const least = works.map(() => Infinity);
  for (let round = 0; round < rounds; round++) {
    for (const [at, work] of works.entries()) {
      const start = performance.now();
      work();
      least[at] = Math.min(least[at]!, performance.now() - start);
    }
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

const row = (cells: readonly (string | number)[]) => cells.map((cell) => String(cell).padStart(13)).join('');
const print = (cells: readonly (string | number)[]) => process.stdout.write(`${row(cells)}\n`);
print(['MB', '(a) bare pass', '(b) 10 regex', '(c) clean', '(c) / (a)', '(c) / (b)', 'ms a MB', 'revise', 'peak MB']);
for (const size of SIZES) {
  const text = makeText(size);
  const rounds = Math.round(Math.min(MOST_RUNS, Math.max(FEWEST_RUNS, MEGABYTES_MEASURED / size)));
  const before = clean(text, DEFAULT_STYLE);
  const choice: Choice = { kind: 'seam', ...rangeOfSeam(before, before.decided.seams.count >> 1), decision: 2 };
  const [bare, chain, cleaned, revised] = best(rounds, [
    () => barePass(text),
    () => chainOfReplacements(text),
    () => cleanText(clean(text, DEFAULT_STYLE)),
    () => revise(before, DEFAULT_STYLE, [choice]),
  ]) as [number, number, number, number];
  print([
    size,
    bare.toFixed(1),
    chain.toFixed(1),
    cleaned.toFixed(1),
    (cleaned / bare).toFixed(1),
    (cleaned / chain).toFixed(1),
    (cleaned / size).toFixed(0),
    revised.toFixed(1),
    (process.resourceUsage().maxRSS / 1000).toFixed(0),
  ]);
}

const text = makeText(1);
const clean1 = clean(text, DEFAULT_STYLE);
const everything = {
  ...DEFAULT_STYLE,
  passes: Object.fromEntries(PASSES.map((pass) => [pass.id, true])),
};
const [usual, all, chain] = best(5, [
  () => cleanText(clean(text, DEFAULT_STYLE)),
  () => cleanText(clean(text, everything)),
  () => chainOfReplacements(text),
]) as [number, number, number];
const [ledger, findings] = best(3, [() => openLedger(clean1), () => findFindings(clean1)]) as [number, number];
process.stdout.write(
  `\n1 MB: ${usual.toFixed(0)} ms with the passes that are on at first, ${(usual / chain).toFixed(1)} times the chain; ` +
    `${all.toFixed(0)} ms with all, ${(all / chain).toFixed(1)} times; ledger ${ledger.toFixed(0)} ms, findings ${findings.toFixed(0)} ms\n\n`,
);
process.stdout.write(`${'pass'.padEnd(26)}${row(['ms', 'share', 'at first'])}\n`);
for (const { pass, milliseconds } of timePasses(clean1)) {
  const share = `${((100 * milliseconds) / usual).toFixed(1)} %`;
  process.stdout.write(
    `${pass.id.padEnd(26)}${row([milliseconds.toFixed(1), share, pass.onByDefault ? 'on' : 'off'])}\n`,
  );
}
