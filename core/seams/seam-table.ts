import { isOddSpace } from '../text/characters.ts';
import { LineEnd } from '../text/line-index.ts';
import { isKept, LineKind } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';

/** What was decided at a seam. The numbers are stored with people's choices and never change their meaning. */
export const Decision = { join: 0, mend: 1, break: 2, keep: 3 } as const;
export type Decision = (typeof Decision)[keyof typeof Decision];

/**
 * The seams between neighbouring kept lines: seam s lies between line[s] and line[s + 1]. Blank and dropped lines between
 * the two belong to the seam.
 */
export interface SeamTable {
  readonly count: number;
  /** The kept lines in order, one more than there are seams (or none). */
  readonly line: Uint32Array;
  /** Blank lines between the two, at most 255. */
  readonly blanks: Uint8Array;
  /** 1 where one of those blank lines holds a no-break or another odd space. */
  readonly odd: Uint8Array;
  /** 1 where a page ends: a page break, or dropped page furniture, lies between the two. */
  readonly turn: Uint8Array;
  /** By kept line: 1 for those that are displayed among prose, as verse is; see markDisplays. */
  readonly displayed: Uint8Array;
}

export function findSeams(source: string, table: LineTable): SeamTable {
  const { kind, index } = table;
  const line = new Uint32Array(index.count);
  const blanks = new Uint8Array(index.count);
  const odd = new Uint8Array(index.count);
  const turn = new Uint8Array(index.count);
  let kept = 0;
  let blankRun = 0;
  let oddRun = 0;
  let pageEnds = false;
  for (let at = 0; at < index.count; at++) {
    if (isKept(kind[at]!)) {
      if (kept > 0) {
        blanks[kept - 1] = Math.min(blankRun, 255);
        odd[kept - 1] = oddRun;
        turn[kept - 1] = pageEnds ? 1 : 0;
      }
      line[kept++] = at;
      blankRun = 0;
      oddRun = 0;
      pageEnds = false;
    } else if (kind[at] === LineKind.blank) {
      blankRun++;
      if (holdsOddSpace(source, index.from[at]!, index.to[at]!)) oddRun = 1;
    } else if (kind[at] === LineKind.pageNumber || kind[at] === LineKind.runningHead) pageEnds = true;
    if (index.end[at] === LineEnd.pageBreak) pageEnds = true;
  }
  const count = Math.max(0, kept - 1);
  return {
    count,
    line: line.slice(0, kept),
    blanks: blanks.slice(0, count),
    odd: odd.slice(0, count),
    turn: turn.slice(0, count),
    displayed: new Uint8Array(kept),
  };
}

function holdsOddSpace(source: string, from: number, to: number): boolean {
  for (let at = from; at < to; at++) if (isOddSpace(source.charCodeAt(at))) return true;
  return false;
}

/** The first and the last kept line of each group that has no more blank lines than `closest` between its lines, by their places. */
export function* groupsOf(
  { count, blanks }: SeamTable,
  closest = 0,
): Generator<readonly [first: number, last: number]> {
  for (let first = 0; first <= count;) {
    let last = first;
    while (last < count && blanks[last]! <= closest) last++;
    yield [first, last];
    first = last + 1;
  }
}
