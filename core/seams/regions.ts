import type { LineTable } from '../lines/line-table.ts';
import { runsOnInProse } from './runs-on.ts';
import type { SeamTable } from './seam-table.ts';

/** So many lines in a row that run on over another gap than before begin a part of the text with habits of its own. */
const FEWEST_OF_A_REGION = 8;

/**
 * Where the text changes its habits: seams at which a region begins, the first of them 0. Two texts put together may have a blank
 * line after every line in one and after every paragraph in the other; lines that surely run on show which.
 */
export function findRegions(table: LineTable, seams: SeamTable): number[] {
  const starts = [0];
  if (table.captions.found) return starts;
  let usual = -1;
  let other = -1;
  let since = 0;
  let count = 0;
  for (let seam = 0; seam < seams.count; seam++) {
    if (seams.turn[seam] || !runsOnInProse(table, seams, seam)) continue;
    const blanks = Math.min(seams.blanks[seam]!, 3);
    if (usual < 0) usual = blanks;
    if (blanks === usual) {
      count = 0;
      continue;
    }
    if (blanks !== other || count === 0) {
      other = blanks;
      since = seam;
      count = 0;
    }
    if (++count < FEWEST_OF_A_REGION) continue;
    starts.push(startOfRegion(seams, since, other));
    usual = other;
    count = 0;
  }
  return starts;
}

/** A region begins after the last gap that its own lines do not have. */
function startOfRegion(seams: SeamTable, seam: number, blanks: number): number {
  let start = seam;
  while (start > 0 && seams.blanks[start - 1]! >= blanks && seam - start < FEWEST_OF_A_REGION) start--;
  return start;
}
