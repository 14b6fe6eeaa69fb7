import { LineEnd } from '../text/line-index.ts';
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
  const { kind, index } = table;
  const lines = new Uint32Array(index.count);
  const breakBefore = new Uint8Array(index.count + 1);
  let places = 0;
  for (let line = 0; line < index.count; line++) {
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

/** The words before a line go on after it, or after the head that follows it. */
export function cutsSentence(table: LineTable, kept: KeptLines, place: number): boolean {
  const before = kept.lines[place - 1];
  const after = kept.lines[place + 1];
  const afterHead = kept.lines[place + 2];
  if (before === undefined || after === undefined) return false;
  const goesOn = (line: number | undefined) => line !== undefined && (table.flags[line]! & Flag.startsLower) !== 0;
  return goesOn(after) || goesOn(afterHead);
}
