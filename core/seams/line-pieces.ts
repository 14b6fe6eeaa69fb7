import type { LineTable } from '../lines/line-table.ts';
import { runsOn } from './convention.ts';
import { fillOf, roomAt, type Measure } from './measure.ts';
import type { SeamTable } from './seam-table.ts';

/** Together the pieces of one line are this wide, as shares of the measure; the space between two is about this much. */
const NARROWEST = 0.86;
const WIDEST = 1.05;
const SPACE = 0.015;
/** A seam with more room than this is loose. */
const LOOSE_ROOM = 0.12;
/** So many loose seams whose words surely run on, and this share of them in pieces, show that the extractor cuts lines. */
const FEWEST_CUT = 4;
const LEAST_SHARE_CUT = 0.5;

/**
 * By seam: 1 where the lines beside it are pieces of one printed line. Some extractors cut the lines of justified type at
 * wide spaces; the pieces look like short last lines, but together they fill the measure. All 0 in a text where lines that
 * surely run on do not show this.
 */
export function findLinePieces(table: LineTable, seams: SeamTable, measure: Measure): Uint8Array {
  const inPiece = new Uint8Array(seams.count);
  for (let start = 0; start < seams.count;) {
    const end = endOfPieces(table, seams, measure, start);
    inPiece.fill(1, start, end);
    start = end + 1;
  }
  let loose = 0;
  let cut = 0;
  for (let seam = 0; seam < seams.count; seam++) {
    if (!runsOn(table, seams, seam) || measure.looseRun[seam]! > 1) continue;
    if (roomAt(table, seams, measure, seam) <= LOOSE_ROOM) continue;
    loose++;
    if (inPiece[seam] || (seam > 0 && inPiece[seam - 1])) cut++;
  }
  return cut >= FEWEST_CUT && cut >= LEAST_SHARE_CUT * loose ? inPiece : inPiece.fill(0);
}

/** The last seam after which the lines from `start` on fill the measure together, one past it; `start` where none does. */
function endOfPieces(table: LineTable, seams: SeamTable, measure: Measure, start: number): number {
  let width = fillOf(table, measure, start, seams.line[start]!);
  for (let seam = start; seam < seams.count && width > 0 && width < NARROWEST; seam++) {
    // A whole group of loose lines is verse or an address, whatever two of them make together.
    if (measure.looseRun[seam]! > 1) return start;
    if (seams.blanks[seam] || seams.turn[seam] || roomAt(table, seams, measure, seam) <= 0) return start;
    width += SPACE + fillOf(table, measure, seam, seams.line[seam + 1]!);
    if (width >= NARROWEST && width <= WIDEST) return seam + 1;
  }
  return start;
}
