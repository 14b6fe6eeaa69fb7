import { isLaidOut } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import type { SeamTable } from './seam-table.ts';

/** In characters. */
const LEAST_LEANING = 40;
const ENDS_SOMETHING = Flag.endsComma | Flag.endsAbbreviation | Flag.endsDash | Flag.endsQuote;

/** After a line that ends so the words run on, whatever comes next. */
export const LEANS = Flag.endsComma | Flag.endsHyphen | Flag.endsFunctionWord;

/** How lines begin that go on none: what people say, and items of a list. */
export const STANDS_ALONE = Flag.startsMarker | Flag.startsQuote | Flag.startsDash | Flag.startsSpeaker;

/** The words surely run on across the seam, and it is none of lines displayed among prose: it tells how prose is set. */
export function runsOnInProse(table: LineTable, seams: SeamTable, seam: number): boolean {
  return !seams.displayed[seam] && !seams.displayed[seam + 1] && runsOn(table, seams, seam);
}

/** The words surely run on across the seam. */
export function runsOn(table: LineTable, seams: SeamTable, seam: number): boolean {
  if (isLaidOut(table.kind[seams.line[seam]!]!) || isLaidOut(table.kind[seams.line[seam + 1]!]!)) return false;
  // What a person said of a part says nothing of the others.
  if (table.part && (table.part[seams.line[seam]!]! | table.part[seams.line[seam + 1]!]!) !== 0) return false;
  const before = table.flags[seams.line[seam]!]!;
  const after = table.flags[seams.line[seam + 1]!]!;
  if (before & (Flag.endsStop | Flag.endsColon)) return false;
  if (after & Flag.startsMarker) return false;
  // A name or an address may follow: the last word wants another after it, and the line is long enough not to be a title's.
  const leans = before & Flag.endsFunctionWord && table.chars[seams.line[seam]!]! >= LEAST_LEANING;
  if (leans && after & (Flag.startsUpper | Flag.startsAddress) && !(after & Flag.startsQuote)) return true;
  // Scripts without capitals: words on both sides and nothing between them.
  if (after & Flag.startsCaseless) return (before & ENDS_SOMETHING) === 0;
  return (after & Flag.startsLower) !== 0 || ((before & Flag.endsCjk) !== 0 && (after & Flag.startsCjk) !== 0);
}
