import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { runsOnInProse } from '../runs-on.ts';
import { fillOf, roomAt, type Measure } from './room.ts';
import type { SeamTable } from '../seam-table.ts';

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
 * Lines that are pieces of one printed line. Some extractors cut the lines of justified type at wide spaces, or after a raised
 * note mark; the pieces look like short last lines, but together they fill the measure.
 */
export interface LinePieces {
  /** By seam: 1 where the lines beside it are pieces of one line. */
  readonly inside: Uint8Array;
  /** By seam: how much of the measure earlier pieces of the line before it take. */
  readonly lead: Float32Array;
}

/**
 * Pieces after note marks, and all others in a text where lines that surely run on show that the extractor cuts lines. `cuts`: see
 * findCutsAtMarks.
 */
export function findLinePieces(table: LineTable, seams: SeamTable, measure: Measure, cuts: Uint8Array): LinePieces {
  const all = collectPieces(table, seams, measure, () => true);
  const pieces = cutsLines(table, seams, measure, all.inside)
    ? all
    : collectPieces(table, seams, measure, (seam) => (table.flags[seams.line[seam]!]! & Flag.endsMark) !== 0);
  const { inside, lead } = pieces;
  for (let seam = 0; seam < seams.count; seam++) {
    if (!cuts[seam] || inside[seam]) continue;
    inside[seam] = 1;
    lead[seam + 1] = lead[seam]! + fillOf(table, measure, seam, seams.line[seam]!);
  }
  return pieces;
}

function collectPieces(
  table: LineTable,
  seams: SeamTable,
  measure: Measure,
  mayBegin: (seam: number) => boolean,
): LinePieces {
  const inside = new Uint8Array(seams.count);
  const lead = new Float32Array(seams.count + 1);
  for (let start = 0; start < seams.count;) {
    const end = mayBegin(start) ? endOfPieces(table, seams, measure, start) : start;
    inside.fill(1, start, end);
    for (let seam = start; seam < end; seam++) {
      lead[seam + 1] = lead[seam]! + SPACE + fillOf(table, measure, seam, seams.line[seam]!);
    }
    start = end + 1;
  }
  return { inside, lead };
}

function cutsLines(table: LineTable, seams: SeamTable, measure: Measure, inside: Uint8Array): boolean {
  let loose = 0;
  let cut = 0;
  for (let seam = 0; seam < seams.count; seam++) {
    if (!runsOnInProse(table, seams, seam) || measure.looseRun[seam]! > 1) continue;
    if (roomAt(table, seams, measure, seam) <= LOOSE_ROOM) continue;
    loose++;
    if (inside[seam] || (seam > 0 && inside[seam - 1])) cut++;
  }
  return cut >= FEWEST_CUT && cut >= LEAST_SHARE_CUT * loose;
}

/** The last seam after which the lines from `start` on fill the measure together, one past it; `start` where none does. */
function endOfPieces(table: LineTable, seams: SeamTable, measure: Measure, start: number): number {
  let width = fillOf(table, measure, start, seams.line[start]!);
  for (let seam = start; seam < seams.count && width > 0 && width < NARROWEST; seam++) {
    // A whole group of loose lines is verse or an address, whatever two of them make together.
    if (measure.looseRun[seam]! > 1) return start;
    if (seams.blanks[seam] || seams.turn[seam] || roomAt(table, seams, measure, seam) <= 0) return start;
    const next = seams.line[seam + 1]!;
    // Where no space parts words there is none to be wide.
    if (table.flags[seams.line[seam]!]! & Flag.endsCjk && table.flags[next]! & Flag.startsCjk) return start;
    if (table.kind[next] !== LineKind.prose || table.flags[next]! & Flag.startsMarker) return start;
    width += SPACE + fillOf(table, measure, seam, next);
    if (width >= NARROWEST && width <= WIDEST) return seam + 1;
  }
  return start;
}
