import { Flag } from '../../lines/line-table.ts';
import { scoreOfStepIn } from '../evidence/convention.ts';
import type { SeamContext } from '../evidence/evidence.ts';
import { stepAt } from '../paragraph-mark.ts';
import { roomAt } from '../measure/room.ts';
import { runsOn } from '../runs-on.ts';
import { Decision } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.86;
/** The score of a gap that clearly marks paragraphs. */
const MARKED = 1.2;
/** Share of the measure that is left after the next word: no line that runs on is set so loosely. */
const ROOM = 0.25;

/**
 * Where paragraphs begin with an indent, lines that are set in by it one below the other are a paragraph each. The step from line to
 * line does not show this: both stand equally far in. Where a format has places, the line above had room to spare; elsewhere a
 * sentence ends there, and in all the lines below one another none goes on: a quotation may be set in as far.
 */
export function breakBetweenSetInLines(context: SeamContext, verdicts: Verdicts): void {
  const { table, seams, convention, measure } = context;
  if (scoreOfStepIn(convention) <= MARKED || !(convention.marked || opensSetIn(context))) return;
  const hasPlaces = table.layout?.widths !== undefined;
  // The blank lines around a page's head and number say nothing.
  const isClose = (seam: number) => seams.blanks[seam] === 0 || seams.turn[seam] === 1;
  for (let first = 0; first < seams.count; first++) {
    if (stepAt(table, seams, first) !== 'in' || !isClose(first)) continue;
    let end = first + 1;
    while (end < seams.count && stepAt(table, seams, end) === 'level' && isClose(end)) end++;
    const between = Array.from({ length: end - first - 1 }, (_, at) => first + 1 + at);
    // The last of them goes on at the edge, or they are a block that is set in.
    const goesOn = end < seams.count && stepAt(table, seams, end) === 'out' && isClose(end);
    if (!hasPlaces && (!goesOn || between.some((seam) => runsOn(table, seams, seam)))) continue;
    for (const seam of between)
      if (verdicts.decision[seam] === Decision.join && (hasPlaces ? isRoomy(seam) : endsSentence(seam)))
        settle(verdicts, seam, Decision.break, 'setIn', CERTAINTY);
    first = end - 1;
  }

  function isRoomy(seam: number): boolean {
    return (table.flags[seams.line[seam]!]! & Flag.endsHyphen) === 0 && roomAt(table, seams, measure, seam) >= ROOM;
  }

  function endsSentence(seam: number): boolean {
    const begins = (table.flags[seams.line[seam + 1]!]! & Flag.startsLower) === 0;
    return begins && (table.flags[seams.line[seam]!]! & Flag.endsStop) !== 0;
  }
}

/** In a short text one line that is set in is no custom yet; two are, if the text begins with one of them. */
function opensSetIn({ table, seams }: SeamContext): boolean {
  return seams.count > 1 && stepAt(table, seams, 0) === 'out' && seams.blanks[0] === 0;
}
