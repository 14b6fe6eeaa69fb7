import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { fillOf, OVERLONG, type Measure } from './room.ts';
import { runsOn } from './runs-on.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.85;
/** Title, authors, their house, a date, a heading: more of them are no head. */
const MOST_LINES = 6;
const ENDS = Flag.endsComma | Flag.endsHyphen | Flag.endsFunctionWord;

/**
 * Settles the line ends of a title at the head of a wrapped text: before its prose begins, a line wider than any that wraps was
 * not wrapped, and the line after it is another.
 */
export function settleHeadLines(table: LineTable, seams: SeamTable, measure: Measure, verdicts: Verdicts): void {
  if (measure.reliability === 0) return;
  for (let seam = 0; seam < Math.min(MOST_LINES, seams.count); seam++) {
    const line = seams.line[seam]!;
    const next = seams.line[seam + 1]!;
    if (measure.at[seam] === 0 || runsOn(table, seams, seam) || table.kind[line] !== LineKind.prose) return;
    if (fillOf(table, measure, seam, line) <= OVERLONG || table.flags[line]! & ENDS) continue;
    // Two lines glued together by an extractor come where others are too.
    if (fillOf(table, measure, seam, next) > OVERLONG) continue;
    settle(verdicts, seam, Decision.break, 'title', CERTAINTY);
  }
}
