import { isCjk } from '../core/text/characters.ts';
import { isKept } from '../core/lines/line-kind.ts';
import { readLines } from '../core/lines/read-lines.ts';
import { ALL_LINE_OPTIONS } from '../core/lines/line-kind.ts';
import { decideSeams, type SeamDecisions } from '../core/seams/decide.ts';
import { Flag, type LineTable } from '../core/lines/line-table.ts';
import { indexWords } from '../core/text/word-index.ts';
import { wordsOf } from '../core/text/words.ts';
import { alignTokens } from './align.ts';
import type { LabelledCase } from './cases.ts';

/** A case as the engine reads it, with what the truth says of its seams: 1 a break, 0 none, -1 unknown. */
export interface LabelledSeams {
  readonly table: LineTable;
  readonly decided: SeamDecisions;
  readonly label: Int8Array;
}

interface Token {
  readonly text: string;
  readonly place: number;
}

/** How far from a line end the nearest word may lie that source and truth share. */
const REACH = 3;
const CLOSING_MARKS = /^[\p{Pe}\p{Pf}.,;:!?。，、；：！？]{1,4}$/u;

/** Finds for each seam of a case whether a truth line ends there, by aligning the words of source and truth. */
export function labelSeams({ source, truth, free }: LabelledCase): LabelledSeams {
  const table = readLines(source, ALL_LINE_OPTIONS);
  const decided = decideSeams(source, table, indexWords(source));
  const { line, count } = decided.seams;
  const label = new Int8Array(count).fill(-1);
  const { tokens: kept, isWordGoingOn } = sourceTokens(source, table, decided);
  const wanted = truth.flatMap((text, place) => tokensOf(text).map((token): Token => ({ text: token, place })));
  const matches = alignTokens(
    kept.map((token) => token.text),
    wanted.map((token) => token.text),
  );
  if (!matches) return { table, decided, label };
  const truthOf = new Int32Array(kept.length).fill(-1);
  for (const [a, b] of matches) truthOf[a] = b;
  const freeAt = new Set(free.map(([place, words]) => boundaryOf(truth, place, words)));
  const { first, last } = tokenRanges(kept, line.length);
  for (let seam = 0; seam < count; seam++) {
    // A word that goes on is no place for a break, and its halves stand nowhere in the truth; nor is a line of marks that close something.
    if (
      isWordGoingOn[seam] ||
      CLOSING_MARKS.test(source.slice(table.from[line[seam + 1]!], table.to[line[seam + 1]!]))
    ) {
      label[seam] = 0;
      continue;
    }
    const before = nearest(truthOf, last[seam]!, -1);
    const after = nearest(truthOf, first[seam + 1]!, 1);
    if (before < 0 || after < 0 || after <= before || after - before > 2 * REACH) continue;
    if (Array.from({ length: after - before }, (_, at) => before + 1 + at).some((at) => freeAt.has(at))) continue;
    const isSame = wanted[before]!.place === wanted[after]!.place;
    if (isSame || after === before + 1) label[seam] = isSame ? 0 : 1;
  }
  return { table, decided, label };
}

/** The words of the kept lines, each with the ordinal of its line; the halves of a split word count as one, on the first line. */
function sourceTokens(source: string, table: LineTable, { seams }: SeamDecisions) {
  const tokens: Token[] = [];
  const isWordGoingOn = new Uint8Array(seams.count);
  let carried = '';
  for (let kept = 0; kept < seams.line.length; kept++) {
    const line = seams.line[kept]!;
    if (!isKept(table.kind[line]!)) continue;
    const words = tokensOf(source.slice(table.from[line], table.to[line]));
    if (carried !== '' && words.length > 0) {
      tokens.push({ text: carried + words.shift()!, place: kept - 1 });
      isWordGoingOn[kept - 1] = 1;
    }
    carried = table.flags[line]! & Flag.endsHyphen && kept + 1 < seams.line.length ? (words.pop() ?? '') : '';
    for (const text of words) tokens.push({ text, place: kept });
  }
  if (carried !== '') tokens.push({ text: carried, place: seams.line.length - 1 });
  return { tokens, isWordGoingOn };
}

/** Words as they are compared: letters and figures alone, small, hyphens inside them dropped. */
export function tokensOf(text: string): string[] {
  return text
    .normalize('NFKC')
    .toLowerCase()
    .split(/\s+/)
    .flatMap((part) => {
      const bare = part.replace(/\[[\d, –-]+\]/g, '').replace(/[^\p{L}\p{N}]/gu, '');
      if (bare === '') return [];
      return isCjk(bare.charCodeAt(0)) ? wordsOf(bare) : [bare];
    });
}

function boundaryOf(truth: readonly string[], place: number, words: number): number {
  let at = 0;
  for (let line = 0; line < place; line++) at += tokensOf(truth[line] ?? '').length;
  return at + tokensOf((truth[place] ?? '').split(/\s+/).slice(0, words).join(' ')).length;
}

function tokenRanges(tokens: readonly Token[], lines: number): { first: Int32Array; last: Int32Array } {
  const first = new Int32Array(lines).fill(tokens.length);
  const last = new Int32Array(lines).fill(-1);
  for (const [at, { place }] of tokens.entries()) {
    if (at < first[place]!) first[place] = at;
    last[place] = at;
  }
  for (let line = 1; line < lines; line++) if (last[line]! < 0) last[line] = last[line - 1]!;
  for (let line = lines - 2; line >= 0; line--) if (first[line] === tokens.length) first[line] = first[line + 1]!;
  return { first, last };
}

/** The truth place of the nearest aligned token from `at` on, going back (-1) or on (1); -1 where none is near. */
function nearest(truthOf: Int32Array, at: number, step: 1 | -1): number {
  for (let tried = 0; tried < REACH; tried++, at += step)
    if (at >= 0 && at < truthOf.length && truthOf[at]! >= 0) return truthOf[at]!;
  return -1;
}
