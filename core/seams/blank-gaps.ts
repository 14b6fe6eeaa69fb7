import { Flag, type LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const MOST_LINES = 12;
/** Of the widest line. */
const ROOM = 0.25;
const CERTAINTY = 0.86;
const CERTAINTY_WITHOUT_CASE = 0.7;

/**
 * Over a blank line the words of a few lines run on only where the line before has no room for the next word. Scripts without
 * capitals tell even less: where every line has a blank one after it these are paragraphs, as far as one knows.
 */
export function settleGaps(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, turn, count } = seams;
  if (table.captions.found || line.length > MOST_LINES) return;
  const widest = line.reduce((most, one) => Math.max(most, table.chars[one]!), 0);
  const allApart = blanks.subarray(0, count).every((one) => one > 0);
  for (let seam = 0; seam < count; seam++) {
    if (blanks[seam] === 0 || turn[seam] || verdicts.decision[seam] !== Decision.join) continue;
    // What leaves between the halves of a sentence leaves blank lines behind.
    if (line[seam + 1]! - line[seam]! > blanks[seam]! + 1) continue;
    const next = line[seam + 1]!;
    const room = widest - table.chars[line[seam]!]! - 1 - table.firstChars[next]!;
    const isCaseless = (table.flags[next]! & Flag.startsCaseless) !== 0;
    if (room >= widest * ROOM) settle(verdicts, seam, Decision.break, 'gapWithRoom', CERTAINTY);
    else if (allApart && isCaseless) settle(verdicts, seam, Decision.break, 'gapWithRoom', CERTAINTY_WITHOUT_CASE);
  }
}
