import { Flag, type LineTable } from '../../lines/line-table.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.95;

/**
 * Somebody else's words begin where lines of a mail are quoted more deeply than those above, or less. What a program cut off a quoted
 * line has lost its marks and goes on in the middle of a sentence: there the evidence decides. Linear in the number of lines.
 */
export function breakBetweenQuotes(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { index, leadTo, flags } = table;
  if (table.edgePass !== 'mail-quotes' || seams.count === 0) return;
  const depthOf = (line: number) =>
    leadTo[line] === 0 ? 0 : source.slice(index.from[line], leadTo[line]).split('>').length - 1;
  let above = depthOf(seams.line[0]!);
  for (let seam = 0; seam < seams.count; seam++) {
    const next = seams.line[seam + 1]!;
    const depth = depthOf(next);
    const goesOn = (flags[next]! & Flag.startsLower) !== 0 && !(flags[seams.line[seam]!]! & Flag.endsStop);
    if (depth !== above && !goesOn && verdicts.decision[seam] !== Decision.break)
      settle(verdicts, seam, Decision.break, 'quotation', CERTAINTY);
    above = depth;
  }
}
