import { Flag, type LineTable } from '../lines/line-table.ts';
import { ENDS_INSIDE, ROOM_OF_SHORT, WIDER_THAN_VERSE } from './few-lines.ts';
import { STEP_COLUMNS } from './paragraph-mark.ts';
import { roomAt, type Measure } from './room.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

/** Longer texts tell by their own habits what short lines are. */
const MOST_SEAMS = 60;
/** In characters. */
const LONGEST_SHORT = 50;
/** It is asked about: a line may have been broken by hand. */
const CERTAINTY = 0.8;

/**
 * In a short text whose prose fills its lines a line that ends far too early ends where it was meant to, whatever letter comes next:
 * it is one of a list or an address between paragraphs; several of them are lines of one thing, such as a verse.
 */
export function breakAfterShortLines(table: LineTable, seams: SeamTable, measure: Measure, verdicts: Verdicts): void {
  const isShortText = seams.count <= MOST_SEAMS && measure.reliability > 0 && measure.unit === 'characters';
  if (!isShortText || table.captions.found) return;
  for (let first = 0; first < seams.count;) {
    let end = first;
    while (end < seams.count && endsEarly(table, seams, measure, verdicts, end)) end++;
    for (let seam = first; seam < end; seam++) {
      const isOneThing = end - first > 1 && !(seam === first && endsParagraph(table, seams, verdicts, seam));
      settle(verdicts, seam, isOneThing ? Decision.keep : Decision.break, 'shortLine', CERTAINTY);
    }
    first = Math.max(first + 1, end);
  }
}

/** The last line of a paragraph, or what says what comes. */
function endsParagraph(table: LineTable, seams: SeamTable, { decision }: Verdicts, seam: number): boolean {
  const goesOn = seam > 0 && decision[seam - 1] === Decision.join;
  return goesOn || (table.flags[seams.line[seam]!]! & Flag.endsColon) !== 0;
}

function endsEarly(table: LineTable, seams: SeamTable, measure: Measure, verdicts: Verdicts, seam: number): boolean {
  if (verdicts.decision[seam] !== Decision.join || seams.blanks[seam]! > 0 || seams.turn[seam]) return false;
  const [before, after] = [seams.line[seam]!, seams.line[seam + 1]!];
  // What is set in has a measure of its own.
  if (table.indent[before]! >= STEP_COLUMNS || table.indent[after]! >= STEP_COLUMNS) return false;
  if (measure.at[seam]! < WIDER_THAN_VERSE || table.chars[before]! > LONGEST_SHORT) return false;
  if (table.flags[before]! & ENDS_INSIDE || roomAt(table, seams, measure, seam) < ROOM_OF_SHORT) return false;
  // Two lines by themselves may be one title, in larger type.
  const isAlone = (at: number) => at < 0 || at >= seams.count || seams.blanks[at]! > 0;
  return !(isAlone(seam - 1) && isAlone(seam + 1));
}
