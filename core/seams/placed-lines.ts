import { Flag } from '../lines/line-table.ts';
import { scoreOfStepIn } from './convention.ts';
import type { SeamContext } from './evidence.ts';
import { stepAt } from './paragraph-mark.ts';
import { roomAt } from './room.ts';
import { Decision } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.86;
/** The score of a gap that clearly marks paragraphs. */
const MARKED = 1.2;
/** Share of the measure that is left after the next word: no line that runs on is set so loosely. */
const ROOM = 0.25;

/**
 * Where a format has places and paragraphs begin with an indent, lines that are set in by it one below the other are a paragraph
 * each, if the line above had room to spare. The step from line to line does not show this: both stand equally far in.
 */
export function breakBetweenSetInLines(context: SeamContext, verdicts: Verdicts): void {
  const { table, seams, from, to, convention, measure } = context;
  if (!table.layout?.widths || !convention.marked || scoreOfStepIn(convention) <= MARKED) return;
  let isSetIn = false;
  for (let seam = from; seam < to; seam++) {
    const step = stepAt(table, seams, seam);
    if (step !== 'level' || seams.blanks[seam]! > 0) isSetIn = step === 'in' && seams.blanks[seam] === 0;
    else if (isSetIn && verdicts.decision[seam] === Decision.join && isRoomy(seam))
      settle(verdicts, seam, Decision.break, 'setIn', CERTAINTY);
  }

  function isRoomy(seam: number): boolean {
    return (table.flags[seams.line[seam]!]! & Flag.endsHyphen) === 0 && roomAt(table, seams, measure, seam) >= ROOM;
  }
}
