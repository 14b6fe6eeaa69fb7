import { LineEnd } from '../text/line-index.ts';
import { goesOnWithoutCapitals } from './caseless-sentences.ts';
import { isKept } from './line-kind.ts';
import { Flag, type LineTable } from './line-table.ts';

/** The lines with words that stay, in order. A line's place is its number among them: pages are measured in places. */
export interface KeptLines {
  readonly lines: Uint32Array;
  /** By place: a page break lies before or after, with at most one other kept line between. */
  readonly nearBreak: Uint8Array;
}

/** At most this many lines with words stand between a page break and its furniture. */
export const NEAR = 2;

export function findKeptLines(table: LineTable): KeptLines {
  const { kind, index, pageStarts } = table;
  const lines = new Uint32Array(index.count);
  const breakBefore = new Uint8Array(index.count + 1);
  let places = 0;
  for (let line = 0; line < index.count; line++) {
    if (pageStarts.has(line)) breakBefore[places] = 1;
    if (isKept(kind[line]!)) lines[places++] = line;
    if (index.end[line] === LineEnd.pageBreak) breakBefore[places] = 1;
  }
  const nearBreak = new Uint8Array(places);
  for (let place = 0; place < places; place++) {
    for (let near = 1 - NEAR; near <= NEAR; near++) if (breakBefore[place + near]) nearBreak[place] = 1;
  }
  return { lines: lines.slice(0, places), nearBreak };
}

/** The words of the line at a place; empty where there is none. */
export function textAt(source: string, table: LineTable, kept: KeptLines, place: number): string {
  const line = kept.lines[place];
  return line === undefined ? '' : source.slice(table.from[line], table.to[line]);
}

const ENDS = Flag.endsStop | Flag.endsColon | Flag.endsQuote;
/** In characters. */
const LONGEST_HEAD = 60;

/**
 * How a line stands in a sentence: the words before it go on right after it ('here'), or after a head that follows it ('past head');
 * 'perhaps' where they break off, and what follows may go on with them by a name or begin anew; 'behind' where the line before ends as a
 * sentence does, as the last note of a page, so that only what follows tells it. What was copied may begin with the line.
 */
export type Cut = 'here' | 'past head' | 'perhaps' | 'behind';

/** How the line at a place cuts a sentence, if it does. */
export function cutsSentence(table: LineTable, { lines }: KeptLines, place: number): Cut | undefined {
  const { flags, chars, firstChars } = table;
  const before = lines[place - 1];
  const after = lines[place + 1];
  if (after === undefined) return undefined;
  const goesOn = (line: number | undefined) => line !== undefined && (flags[line]! & Flag.startsLower) !== 0;
  const breaksOff = before !== undefined && (flags[before]! & ENDS) === 0;
  if (goesOn(after)) return breaksOff || before === undefined ? 'here' : 'behind';
  if (before !== undefined && goesOnWithoutCapitals(table, before, after)) return 'here';
  const next = lines[place + 2];
  if (!goesOn(next) || chars[after]! > LONGEST_HEAD || flags[after]! & Flag.endsStop) return undefined;
  // A line that had room for the next word is the head, and no line of a paragraph.
  if (chars[after]! + 1 + firstChars[next!]! < chars[next!]!) return 'past head';
  return breaksOff ? 'perhaps' : undefined;
}

/** A line that had no room for the small word that follows it, and is as wide as the lines below: one of a paragraph. */
export function isFullAndRunsOn({ flags, chars, firstChars }: LineTable, { lines }: KeptLines, place: number): boolean {
  const next = lines[place + 1];
  if (next === undefined || !(flags[next]! & Flag.startsLower)) return false;
  const below = lines[place + 2];
  const width = Math.max(chars[next]!, below === undefined ? 0 : chars[below]!);
  return chars[lines[place]!]! + 1 + firstChars[next]! > width;
}
