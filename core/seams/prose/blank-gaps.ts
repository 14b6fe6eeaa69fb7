import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isFull, mostAreCjk, widestOf } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const MOST_LINES = 12;
/** Of the widest line. */
const ROOM = 0.25;
const CERTAINTY = 0.86;
/** In characters: narrower lines are full by chance, but hardly where some stand farther apart than others. A sign counts for two. */
const NARROWEST = 45;
const NARROWEST_BESIDE_WIDER = 30;
const CERTAINTY_OF_SMALL_LETTERS = 0.8;
const CERTAINTY_WITHOUT_CASE = 0.7;
/** In a text of so many lines, so many blank lines that each part paragraphs make others do so where little says that they do not. */
const SHORT_TEXT = 80;
const FEWEST_GAPS = 2;
const HARDLY = 0.75;
const CERTAINTY_BY_CUSTOM = 0.76;

/**
 * Over a blank line the words of a few lines run on only where the line before has no room for the next word. Scripts without
 * capitals tell even less: where every line has a blank one after it these are paragraphs, as far as one knows; and so where none of them
 * begins with a small letter.
 */
export function settleGaps(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, turn, count } = seams;
  if (table.captions.found) return;
  if (line.length <= SHORT_TEXT) settleByCustom(seams, verdicts);
  if (line.length > MOST_LINES) return;
  const widest = widestOf(table, line);
  const allApart = blanks.subarray(0, count).every((one) => one > 0);
  const open = Array.from({ length: count }, (_, seam) => seam).filter(
    (seam) => (table.flags[line[seam]!]! & (Flag.endsStop | Flag.endsColon)) === 0,
  );
  // Lines without a stop are all full: they wrap, and have a blank line after each.
  const closest = blanks.subarray(0, count).reduce((least, one) => Math.min(least, one), Infinity);
  const hasWider = blanks.subarray(0, count).some((one) => one > closest);
  const narrowest = (hasWider ? NARROWEST_BESIDE_WIDER : NARROWEST) / (mostAreCjk(table, line) ? 2 : 1);
  const areWraps = widest >= narrowest && open.length > 1 && open.every((seam) => isFull(table, seams, seam, widest));
  const noneRunsOn = line.subarray(1).every((one) => (table.flags[one]! & Flag.startsLower) === 0);
  for (let seam = 0; seam < count; seam++) {
    if (blanks[seam] === 0 || turn[seam] || verdicts.decision[seam] !== Decision.join) continue;
    // What leaves between the halves of a sentence leaves blank lines behind.
    if (line[seam + 1]! - line[seam]! > blanks[seam]! + 1) continue;
    const next = line[seam + 1]!;
    const room = widest - table.chars[line[seam]!]! - 1 - table.firstChars[next]!;
    const isCaseless = (table.flags[next]! & Flag.startsCaseless) !== 0;
    // A small letter may go on where lines were set double, however much room there was.
    const mayRunOn = allApart && (table.flags[next]! & Flag.startsLower) !== 0;
    const certainty = mayRunOn ? CERTAINTY_OF_SMALL_LETTERS : CERTAINTY;
    if (room >= widest * ROOM) settle(verdicts, seam, Decision.break, 'gapWithRoom', certainty);
    else if (allApart && isUnwrapped(table, seams, seam)) settle(verdicts, seam, Decision.break, 'overlong', certainty);
    else if (areWraps) continue;
    else if (allApart && isCaseless) settle(verdicts, seam, Decision.break, 'gapWithRoom', CERTAINTY_WITHOUT_CASE);
    else if (allApart && noneRunsOn) settle(verdicts, seam, Decision.break, 'gapByCustom', CERTAINTY_BY_CUSTOM);
  }
}

/** In characters. */
const LONGEST_WRAPPED = 120;

/** A line far longer than all others was not wrapped: it is a paragraph on one line. */
function isUnwrapped({ chars }: LineTable, { line }: SeamTable, seam: number): boolean {
  const long = chars[line[seam]!]!;
  if (long < LONGEST_WRAPPED) return false;
  return line.every((one, place) => place === seam || chars[one]! < long * (1 - ROOM));
}

const CERTAINTY_ABOVE_A_LIST = 0.9;

/** A list of two items or more below a blank line is parted from what leads to it, though that ends in "that" or "and". */
export function breakAboveLists(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  const { flags, indent } = table;
  for (let seam = 0; seam + 1 < count; seam++) {
    const [above, first, second] = [line[seam]!, line[seam + 1]!, line[seam + 2]!];
    if (blanks[seam] === 0 || verdicts.decision[seam] !== Decision.break) continue;
    if (flags[above]! & Flag.startsBullet || !(flags[first]! & flags[second]! & Flag.startsBullet)) continue;
    if (indent[first] !== indent[second] || verdicts.certainty[seam]! >= CERTAINTY_ABOVE_A_LIST) continue;
    settle(verdicts, seam, Decision.break, 'shape', CERTAINTY_ABOVE_A_LIST);
  }
}

/** Where all other blank lines part paragraphs, one over which the words hardly run on does so, too: "Section B." may be an initial. */
function settleByCustom({ blanks, turn, count }: SeamTable, verdicts: Verdicts): void {
  const gaps = Array.from({ length: count }, (_, seam) => seam).filter((seam) => blanks[seam]! > 0 && !turn[seam]);
  const joined = gaps.filter((seam) => verdicts.decision[seam] === Decision.join);
  const isCustom = gaps.length - joined.length >= FEWEST_GAPS && gaps.length < count;
  if (!isCustom || joined.some((seam) => verdicts.certainty[seam]! >= HARDLY)) return;
  for (const seam of joined) settle(verdicts, seam, Decision.break, 'gapByCustom', CERTAINTY_BY_CUSTOM);
}
