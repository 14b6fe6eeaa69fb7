import type { LineTable } from '../lines/line-table.ts';
import { isFull, mostAreCjk, widestOf } from './room.ts';
import { runsOn } from './runs-on.ts';
import type { SeamTable } from './seam-table.ts';

/** So many of the closest lines go on in the next, as lines of prose do and paragraphs of one line do not: at least, and of all. */
const FEWEST_GOING_ON = { besideWider: 2, alone: 6 };
const SHARE_GOING_ON = { besideWider: 0.3, alone: 0.5 };
/** Of those that go on: so many have no room for the next word, as they do in prose and not in a list of small words. */
const SHARE_FULL = 0.6;
/** In characters; a Chinese sign counts for two. */
const NARROWEST = 24;

/**
 * Text set with blank lines between all of its lines, as double-spaced type comes out of some programs: what parts paragraphs then is
 * more blank lines. The seams are given as if the lines stood close; others are given back as they are. Linear.
 */
export function closeSpacedLines(table: LineTable, seams: SeamTable): SeamTable {
  const { line, blanks, turn, count } = seams;
  if (table.captions.found || table.layout) return seams;
  let closest = Infinity;
  for (let seam = 0; seam < count; seam++) if (!turn[seam]) closest = Math.min(closest, blanks[seam]!);
  const hasWider = blanks.some((one, seam) => one > closest && !turn[seam]);
  if (closest === 0 || closest === Infinity) return seams;
  const widest = widestOf(table, line);
  if (widest < NARROWEST / (mostAreCjk(table, line) ? 2 : 1)) return seams;
  let close = 0;
  let going = 0;
  let full = 0;
  for (let seam = 0; seam < count; seam++) {
    if (blanks[seam] !== closest) continue;
    close++;
    if (!runsOn(table, seams, seam)) continue;
    going++;
    if (isFull(table, seams, seam, widest)) full++;
  }
  const company = hasWider ? 'besideWider' : 'alone';
  const goOn = going >= FEWEST_GOING_ON[company] && going >= close * SHARE_GOING_ON[company];
  const isSpaced = goOn && full >= going * SHARE_FULL;
  return isSpaced ? { ...seams, blanks: blanks.map((one) => Math.max(0, one - closest)) } : seams;
}
