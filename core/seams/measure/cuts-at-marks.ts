import { LineKind } from '../../lines/line-kind.ts';
import type { LineTable } from '../../lines/line-table.ts';
import { isCjk } from '../../text/characters.ts';
import type { SeamTable } from '../seam-table.ts';

/*
 * Chinese and Japanese type sets two marks that meet closer together, and some extractors take that for the end of a line. No line begins
 * with a mark that closes something, and none ends in one that opens, so that one which does is cut there, unless it is full: plain
 * wrapping at a width does not look at marks.
 */

const CLOSES = '」』）】》〉。，、；：！？…';
/** Where no mark opens a quotation, this one may do so. */
const CLOSES_QUOTE = '”';
const OPENS = '“‘「『（【《〈';
/** Text with fewer of them was not cut at marks. */
const FEWEST_CUTS = 3;
/** Lines on each side among which one is full. */
const NEIGHBOURS = 12;
/** A line up to this share of the widest beside it is not full. */
const MOST_FILLED = 0.97;

/** By seam: 1 where a line was cut between two marks; all 0 in texts with few such places. Linear in the number of lines. */
export function findCutsAtMarks(source: string, table: LineTable, seams: SeamTable): Uint8Array {
  const cuts = new Uint8Array(seams.count);
  const closes = source.includes('“') ? CLOSES + CLOSES_QUOTE : CLOSES;
  let found = 0;
  const behindFull: number[] = [];
  for (let seam = 0; seam < seams.count; seam++) {
    if (!liesBetweenMarks(source, closes, table, seams, seam)) continue;
    if (isAsWideAsAny(table, seams, seam)) {
      behindFull.push(seam);
      continue;
    }
    cuts[seam] = 1;
    found++;
  }
  if (found < FEWEST_CUTS) return cuts.fill(0);
  // A full line takes one mark more; so does plain wrapping at a width leave one, but only there.
  for (const seam of behindFull) if (table.chars[seams.line[seam + 1]!] === 1) cuts[seam] = 1;
  return cuts;
}

function liesBetweenMarks(
  source: string,
  closes: string,
  table: LineTable,
  { line, blanks, turn }: SeamTable,
  seam: number,
): boolean {
  const [before, after] = [line[seam]!, line[seam + 1]!];
  if (blanks[seam] || turn[seam] || table.kind[before] !== LineKind.prose || table.kind[after] !== LineKind.prose)
    return false;
  const [last, first] = [source[table.to[before]! - 1]!, source[table.from[after]!]!];
  const mayNotEnd = closes.includes(last) ? closes.includes(first) : OPENS.includes(last) && OPENS.includes(first);
  return mayNotEnd && (isCjk(first.charCodeAt(0)) || isCjk(last.charCodeAt(0)));
}

function isAsWideAsAny({ width }: LineTable, { line }: SeamTable, seam: number): boolean {
  let widest = 0;
  for (let at = Math.max(0, seam - NEIGHBOURS); at <= seam + NEIGHBOURS && at < line.length; at++)
    widest = Math.max(widest, width[line[at]!]!);
  return width[line[seam]!]! > MOST_FILLED * widest;
}
