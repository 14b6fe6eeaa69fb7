import { Flag, type LineTable } from '../lines/line-table.ts';
import { STEP_COLUMNS } from './paragraph-mark.ts';
import { roomAt, type Measure } from './room.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

/** Longer texts tell by their own habits what short lines are. */
const MOST_SEAMS = 60;
/** In characters: where lines are narrower, a word or two decide how much room is left. */
const NARROWEST_MEASURE = 55;
const LONGEST_SHORT = 50;
/** A share of the measure: so much room is left by no line that was wrapped. */
const ROOM = 0.4;
/** It is asked about: a line may have been broken by hand. */
const CERTAINTY = 0.8;
const INSIDE = Flag.endsHyphen | Flag.endsFunctionWord | Flag.endsInAddress;

/**
 * In a short text whose prose fills its lines a line that ends far too early ends where it was meant to, whatever letter comes next:
 * it is one of a list or an address between paragraphs; several of them are lines of one thing, such as a verse.
 */
export function breakAfterShortLines(table: LineTable, seams: SeamTable, measure: Measure, verdicts: Verdicts): void {
  const isShortText = seams.count <= MOST_SEAMS && measure.reliability > 0 && measure.unit === 'characters';
  if (!isShortText || table.captions.found) return;
  for (let first = 0; first < seams.count; first++) {
    let end = first;
    while (end < seams.count && endsEarly(table, seams, measure, verdicts, end)) end++;
    for (let seam = first; seam < end; seam++) {
      const isOneThing = end - first > 1 && !(seam === first && endsParagraph(table, seams, verdicts, seam));
      settle(verdicts, seam, isOneThing ? Decision.keep : Decision.break, 'shortLine', CERTAINTY);
    }
    first = Math.max(first, end - 1);
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
  if (measure.at[seam]! < NARROWEST_MEASURE || table.chars[before]! > LONGEST_SHORT) return false;
  if (table.flags[before]! & INSIDE || roomAt(table, seams, measure, seam) < ROOM) return false;
  // Two lines by themselves may be one title, in larger type.
  const isAlone = (at: number) => at < 0 || at >= seams.count || seams.blanks[at]! > 0;
  return !(isAlone(seam - 1) && isAlone(seam + 1));
}
