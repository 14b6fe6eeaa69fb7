import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { fillOf, type Measure } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, settlerOf, type Verdicts } from '../verdicts.ts';

/** Times the measure, and in characters. */
const OVERLONG = 2.2;
const LONGEST_LINE = 150;
/** What an extractor glued to one line ends anywhere; paragraphs end sentences. */
const FEWEST = 2;
const SHARE_OF_ENDED = 0.9;
const ENDS = Flag.endsStop | Flag.endsColon | Flag.endsQuote;
const CERTAINTY = 0.88;

/**
 * Among lines that were wrapped one far wider than their measure is a paragraph that nobody wrapped: others begin above and below it, where
 * sentences end.
 */
export function breakAroundOverlongLines(
  table: LineTable,
  seams: SeamTable,
  measure: Measure,
  verdicts: Verdicts,
): void {
  if (measure.reliability === 0 || table.captions.found || table.layout) return;
  const { flags, chars, kind } = table;
  const isOverlong = (place: number) => {
    const line = seams.line[place]!;
    const seam = Math.min(place, seams.count - 1);
    return (
      chars[line]! > LONGEST_LINE && kind[line] === LineKind.prose && fillOf(table, measure, seam, line) > OVERLONG
    );
  };
  const overlong = new Set([...seams.line.keys()].filter(isOverlong));
  let ended = 0;
  for (const place of overlong) if (flags[seams.line[place]!]! & ENDS) ended++;
  if (overlong.size < FEWEST || ended < overlong.size * SHARE_OF_ENDED) return;
  for (let seam = 0; seam < seams.count; seam++) {
    if (verdicts.decision[seam] !== Decision.join || settlerOf(verdicts, seam) !== 'evidence') continue;
    if (!overlong.has(seam) && !overlong.has(seam + 1)) continue;
    const [before, after] = [seams.line[seam]!, seams.line[seam + 1]!];
    if (!(flags[before]! & Flag.endsStop) || flags[after]! & Flag.startsLower) continue;
    settle(verdicts, seam, Decision.break, 'overlong', CERTAINTY);
  }
}
