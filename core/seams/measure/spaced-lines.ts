import type { LineTable } from '../../lines/line-table.ts';
import { isFull, mostAreCjk, widestOf } from './room.ts';
import { runsOn } from '../runs-on.ts';
import type { SeamTable } from '../seam-table.ts';

/** So many of the closest lines go on in the next, as lines of prose do and paragraphs of one line do not: at least, and of all. */
const FEWEST_GOING_ON = { besideWider: 2, alone: 6 };
const SHARE_GOING_ON = { besideWider: 0.3, alone: 0.5 };
/** Of those that go on: so many have no room for the next word, as they do in prose and not in a list of small words. */
const SHARE_FULL = 0.6;
/** In characters; a Chinese sign counts for two. */
const NARROWEST = 24;

/**
 * Lines set with blank ones between all of them, as double-spaced type comes out of some programs: what parts paragraphs there is more
 * blank lines. The seams are given as if such lines stood close; others are given back as they are. Linear.
 */
export function closeSpacedLines(table: LineTable, seams: SeamTable): SeamTable {
  if (table.captions.found || table.layout) return seams;
  const blanks = seams.blanks.slice();
  let isClosed = false;
  for (let first = 0; first < seams.count;) {
    let last = first;
    while (last < seams.count && seams.blanks[last]! > 0) last++;
    // Lines that stand close to others say how far off this part of the text is from them, and no more.
    const from = first === 0 ? first : first + 1;
    const to = last === seams.count ? last : last - 1;
    const closest = to > from ? spacingOf(table, seams, from, to) : 0;
    if (closest > 0) isClosed = true;
    for (let seam = from; closest > 0 && seam < to; seam++) blanks[seam] = Math.max(0, blanks[seam]! - closest);
    first = last + 1;
  }
  return isClosed ? { ...seams, blanks } : seams;
}

/** How many blank lines stand between lines that belong together, in the seams from..to, to excluded; 0 where they do not. */
function spacingOf(table: LineTable, seams: SeamTable, from: number, to: number): number {
  const { line, blanks, turn } = seams;
  let closest = Infinity;
  for (let seam = from; seam < to; seam++) if (!turn[seam]) closest = Math.min(closest, blanks[seam]!);
  const lines = line.subarray(from, to + 1);
  const widest = widestOf(table, lines);
  if (closest === Infinity || widest < NARROWEST / (mostAreCjk(table, lines) ? 2 : 1)) return 0;
  let close = 0;
  let going = 0;
  let full = 0;
  let hasWider = false;
  for (let seam = from; seam < to; seam++) {
    if (blanks[seam] !== closest) {
      hasWider ||= !turn[seam];
      continue;
    }
    close++;
    if (!runsOn(table, seams, seam)) continue;
    going++;
    if (isFull(table, seams, seam, widest)) full++;
  }
  const company = hasWider ? 'besideWider' : 'alone';
  const goOn = going >= FEWEST_GOING_ON[company] && going >= close * SHARE_GOING_ON[company];
  return goOn && full >= going * SHARE_FULL ? closest : 0;
}
