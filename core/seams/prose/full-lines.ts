import { Flag, type LineTable } from '../../lines/line-table.ts';
import type { ExactPart } from '../measure/exact-parts.ts';
import { STEP_COLUMNS } from '../paragraph-mark.ts';
import { isFull, roomAt, widestOf, type Measure } from '../measure/room.ts';
import { runsOn } from '../runs-on.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, settlerOf, type Verdicts } from '../verdicts.ts';

/** Longer texts tell by their own habits. */
const MOST_SEAMS = 80;
/** Groups of lines between blank lines, at the least. */
const FEWEST_GROUPS = 3;
/** The evidence is surer than this of paragraphs that end within such a group. */
const SURELY = 0.85;
/** It is asked about. */
const CERTAINTY = 0.7;
const STARTS_ANEW = Flag.startsMarker | Flag.startsDash;

/**
 * In a short text that parts its paragraphs by blank lines and nothing else, a sentence that ends at the end of a full line ends no
 * paragraph. The evidence alone wavers there, since a full line may be a paragraph's last.
 */
export function joinAfterFullLines(table: LineTable, seams: SeamTable, measure: Measure, verdicts: Verdicts): void {
  // A format that tells where lines stand tells more than blank lines do.
  if (seams.count > MOST_SEAMS || measure.reliability === 0 || table.captions.found || table.layout) return;
  // Each line may have a blank one after it: then it is wider gaps that part paragraphs.
  const closest = seams.blanks.subarray(0, seams.count).reduce((least, blanks) => Math.min(least, blanks), Infinity);
  const wavering: number[] = [];
  let groups = 0;
  let wraps = false;
  for (const [first, last] of groupsOf(seams, closest)) {
    groups++;
    for (let seam = first; seam < last; seam++) {
      if (verdicts.decision[seam] === Decision.join) wraps = true;
      else if (settlerOf(verdicts, seam) !== 'evidence' || startsAnew(table, seams, seam)) continue;
      else if (roomAt(table, seams, measure, seam) < 0) {
        if (verdicts.certainty[seam]! < SURELY) wavering.push(seam);
        // A wrapped paragraph ends here, and another follows it closely: blank lines are not all that parts them.
      } else if (seam > first && verdicts.decision[seam - 1] === Decision.join) return;
    }
  }
  if (groups < FEWEST_GROUPS || !wraps) return;
  for (const seam of wavering) settle(verdicts, seam, Decision.join, 'gapByCustom', CERTAINTY);
}

const CERTAINTY_WITHIN_PART = 0.88;

/**
 * A paragraph that ends within a part where blank lines part paragraphs, and every other line is full, would have to end in a full line itself:
 * sentences do so now and then, paragraphs between blank lines do not.
 */
export function joinWithinExactParts(
  table: LineTable,
  seams: SeamTable,
  parts: readonly ExactPart[],
  verdicts: Verdicts,
): void {
  for (const { first, last, isSure } of parts) {
    if (!isSure || !seams.blanks.subarray(first, last).some((blanks) => blanks > 0)) continue;
    for (let seam = first; seam < last; seam++) {
      if (seams.blanks[seam]! > 0 || verdicts.decision[seam] !== Decision.break) continue;
      if (startsAnew(table, seams, seam) || settlerOf(verdicts, seam) !== 'evidence') continue;
      const isQuoted = (table.flags[seams.line[seam + 1]!]! & Flag.startsQuote) !== 0;
      settle(verdicts, seam, Decision.join, 'gapByCustom', isQuoted ? CERTAINTY : CERTAINTY_WITHIN_PART);
    }
  }
}

/** In characters. */
const NARROWEST = 40;
const FEWEST_SPACED = 2;
/** It is asked about: verse may be spaced so. */
const CERTAINTY_OF_SPACED = 0.8;

/**
 * In a short text with a blank line after every line these part nothing, if each line before a small letter is full where nothing ends:
 * such lines go on.
 */
export function joinSpacedLines(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  const closest = blanks.subarray(0, count).reduce((least, one) => Math.min(least, one), Infinity);
  if (count > MOST_SEAMS || closest === 0 || closest === Infinity || table.captions.found || table.layout) return;
  const widest = widestOf(table, line);
  if (widest < NARROWEST) return;
  const goesOn = (seam: number) =>
    blanks[seam] === closest && (table.flags[line[seam + 1]!]! & Flag.startsLower) !== 0 && runsOn(table, seams, seam);
  const going = Array.from({ length: count }, (_, seam) => seam).filter(goesOn);
  if (going.length < FEWEST_SPACED || !going.every((seam) => isFull(table, seams, seam, widest))) return;
  for (const seam of going) {
    if (verdicts.decision[seam] === Decision.break && settlerOf(verdicts, seam) === 'evidence')
      settle(verdicts, seam, Decision.join, 'spacedLine', CERTAINTY_OF_SPACED);
  }
}

/** An item, speech after a dash, or a line that steps in. */
function startsAnew({ flags, indent }: LineTable, { line }: SeamTable, seam: number): boolean {
  const [before, after] = [line[seam]!, line[seam + 1]!];
  return (flags[after]! & STARTS_ANEW) !== 0 || indent[after]! - indent[before]! >= STEP_COLUMNS;
}
