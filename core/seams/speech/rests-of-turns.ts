import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isFull, widestOf } from '../measure/room.ts';
import { STANDS_ALONE } from '../runs-on.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/** It is asked about: a full line may be the last of its paragraph. */
const CERTAINTY = 0.8;
/** In characters. */
const NARROWEST = 36;

/**
 * In a text too short for a measure: where each line without a name stands right below a line of a turn that had no room for its first word,
 * it is the rest of that. Of the lines from place `first` to `last`; `begins` tells which begin a turn, `isBetween` which stand between turns.
 */
export function joinRestsOfTurns(
  table: LineTable,
  seams: SeamTable,
  first: number,
  last: number,
  begins: (place: number) => boolean,
  isBetween: (place: number) => boolean,
  verdicts: Verdicts,
): void {
  const widest = widestOf(table, seams.line.subarray(first, last + 1));
  if (widest < NARROWEST) return;
  const rests: number[] = [];
  let inTurn = begins(first);
  for (let seam = first; seam < last; seam++) {
    if (begins(seam + 1) || isBetween(seam + 1)) {
      inTurn = begins(seam + 1);
      continue;
    }
    if (!inTurn && rests.length === 0) continue;
    // Verse goes on with a capital behind a comma.
    const isVerse =
      (table.flags[seams.line[seam]!]! & Flag.endsComma) !== 0 &&
      (table.flags[seams.line[seam + 1]!]! & Flag.startsUpper) !== 0;
    if (isVerse) return;
    const mayBeRest = inTurn && seams.blanks[seam] === 0 && !(table.flags[seams.line[seam + 1]!]! & STANDS_ALONE);
    if (!mayBeRest || !isFull(table, seams, seam, widest)) return;
    if (verdicts.decision[seam] !== Decision.join) rests.push(seam);
  }
  for (const seam of rests) settle(verdicts, seam, Decision.join, 'speaker', CERTAINTY);
}
