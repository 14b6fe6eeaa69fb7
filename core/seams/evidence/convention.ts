import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isLaidOut } from '../../lines/line-kind.ts';
import type { ExactPart } from '../measure/exact-parts.ts';
import { LineEnd } from '../../text/line-index.ts';
import { LONG, lookAtFew, WIDE, WIDER_THAN_VERSE } from '../measure/few-lines.ts';
import { runsOnInProse } from '../runs-on.ts';
import { MOST_BLANKS, STEP_COLUMNS, type ParagraphMark } from '../paragraph-mark.ts';
import { edgeInCharacters, OVERLONG, roomAt, type Measure } from '../measure/room.ts';
import type { SeamTable } from '../seam-table.ts';

/**
 * What marks a paragraph in a text, found before any seam is decided.
 *
 * Each seam has a gap: how many blank lines lie in it, and whether the next line steps in or out. For each kind of gap the
 * sentence evidence is counted: seams that surely run on (a small letter follows no stop) against seams that look like a
 * sentence ended and another began. A gap where hardly anything runs on marks paragraphs; one where most runs on is a wrap,
 * however many blank lines it has.
 */
export interface Convention {
  /** By gap: log odds that it marks a paragraph, from -3 to 4. */
  readonly score: Float32Array;
  /** By gap: how many seams have it. */
  readonly seams: Uint32Array;
  /** The gap inside most paragraphs; -1 where lines are not wrapped at all. */
  readonly wrapGap: number;
  /** Whether some other gap clearly marks paragraphs. */
  readonly marked: boolean;
  /** Whether lines wrap; if not, each ends where its paragraph ends. */
  readonly wraps: boolean;
  /** Whether sentences are closed by stops; in captions made by machines they often are not. */
  readonly hasStops: boolean;
  /** From 0 to 1: how much text there was to tell this by. */
  readonly sureness: number;
}

/** Gaps by blank lines and step, then the same with no-break spaces in them. */
const PLAIN_GAPS = 3 * (MOST_BLANKS + 1);
const GAP_KINDS = 2 * PLAIN_GAPS;
const LONGEST_HANG = 8;
/** Share of seams that surely run on in wrapped text, at the least. */
const LEAST_RUNNING_ON = 0.08;
/** Fewer lines that run on say nothing about how long such lines are. */
const FEWEST_RUNNING_ON = 2;
/** With fewer seams there is little to tell whether lines wrap. */
const SEAMS_TO_BE_SURE = 6;
/** Blank lines where other lines have none mean something until the words say otherwise: most of all where there are few words. */
const WIDER_LEAN = 1;
const WIDER_LEAN_OF_FEW = 2;
const FEW_SEAMS = 40;
/** Of so many lines at least one ends a sentence, where sentences are closed. */
const LINES_A_STOP = 25;
const HIGHEST_UNMARKED = -0.5;

/** The gap at a seam as a small number: see blanksOfGap and stepsIn. */
export function gapAt(table: LineTable, seams: SeamTable, seam: number): number {
  const blanks = Math.min(seams.blanks[seam]!, MOST_BLANKS);
  return (seams.odd[seam] ? PLAIN_GAPS : 0) + blanks * 3 + stepNumber(table, seams, seam);
}

/** The place of the step among level, in, out. */
function stepNumber(table: LineTable, seams: SeamTable, seam: number): number {
  const step = table.indent[seams.line[seam + 1]!]! - table.indent[seams.line[seam]!]!;
  return step >= STEP_COLUMNS ? 1 : step <= -STEP_COLUMNS ? 2 : 0;
}

/** Blank lines in a gap, 0 to 3. */
export function blanksOfGap(gap: number): number {
  return Math.floor((gap % PLAIN_GAPS) / 3);
}

/** Whether the line after a gap of this kind steps in. */
export function stepsIn(gap: number): boolean {
  return gap % 3 === 1;
}

/** What a line that steps in says where most gaps have as many blank lines as those inside paragraphs: see Convention.score. */
export function scoreOfStepIn({ score, wrapGap }: Convention): number {
  return score[blanksOfGap(Math.max(0, wrapGap)) * 3 + 1]!;
}

/** One sentence seems to end before the seam and another to begin after it. */
function looksNew(table: LineTable, seams: SeamTable, seam: number): boolean {
  const before = table.flags[seams.line[seam]!]!;
  const after = table.flags[seams.line[seam + 1]!]!;
  return (before & (Flag.endsStop | Flag.endsColon)) !== 0 && (after & Flag.startsLower) === 0;
}

/** A list item's second line stands under its words, not under its marker: the step says nothing about paragraphs. */
export function hangs(table: LineTable, seams: SeamTable, seam: number): boolean {
  const before = seams.line[seam]!;
  const after = seams.line[seam + 1]!;
  const step = table.indent[after]! - table.indent[before]!;
  return (
    step > 0 &&
    step <= LONGEST_HANG &&
    (table.flags[before]! & Flag.startsMarker) !== 0 &&
    (table.flags[after]! & Flag.startsMarker) === 0 &&
    (table.flags[before]! & (Flag.endsStop | Flag.endsColon)) === 0
  );
}

/** Between rows, or lines of code, nothing is said of paragraphs. */
function isInside({ kind }: LineTable, { line }: SeamTable, seam: number): boolean {
  return isLaidOut(kind[line[seam]!]!) && isLaidOut(kind[line[seam + 1]!]!);
}

/** The convention of a text whose lines have the measure; `mark` is what a person said that it is. */
export function findConvention(
  table: LineTable,
  seams: SeamTable,
  measure: Measure,
  parts: readonly ExactPart[],
  mark?: ParagraphMark,
): Convention {
  const running = new Float64Array(GAP_KINDS);
  const fresh = new Float64Array(GAP_KINDS);
  const all = new Uint32Array(GAP_KINDS);
  const runningOn: number[] = [];
  let closing = 0;
  for (let seam = 0; seam < seams.count; seam++) {
    const goesOn = runsOnInProse(table, seams, seam);
    if (table.flags[seams.line[seam]!]! & Flag.endsStop) closing++;
    if (goesOn) runningOn.push(seam);
    if (seams.turn[seam] || hangs(table, seams, seam) || isInside(table, seams, seam)) continue;
    const gap = gapAt(table, seams, seam);
    all[gap]!++;
    if (goesOn) running[gap]!++;
    else fresh[gap]! += looksNew(table, seams, seam) ? 1 : 0.5;
  }
  const look = table.captions.found ? 'open' : lookAtFew(table, seams, runningOn);
  const areFull =
    look !== 'wrapped' &&
    !table.captions.found &&
    (fillMeasure(table, seams, measure, runningOn) ||
      cutPhrases(table, seams, runningOn) ||
      mostWrapExactly(seams, parts));
  const few = look === 'meant' && areFull ? 'wrapped' : look;
  const wider = seams.count < FEW_SEAMS ? WIDER_LEAN_OF_FEW : WIDER_LEAN;
  const closest = blanksOfGap(
    Math.max(
      0,
      all.findIndex((count) => count > 0),
    ),
  );
  const score = new Float32Array(GAP_KINDS);
  for (let gap = 0; gap < GAP_KINDS; gap++) {
    // Half an imagined seam on each side keeps rare gaps from claiming much; wider gaps lean towards a paragraph.
    const blanks = blanksOfGap(gap);
    const isWider = blanks > closest;
    // Where all lines stand apart and are seen to wrap, the closest gap says nothing.
    const apart = few === 'wrapped' ? Math.max(0, blanks - closest) : blanks;
    const lean = 0.8 * apart + (isWider ? wider : 0) + (stepsIn(gap) ? 0.3 : 0);
    score[gap] = clamp(Math.log((fresh[gap]! + 0.5) / (running[gap]! + 0.5)) + lean, -3, 4);
    // A person has said what marks paragraphs: see evidence chosenMark. Other gaps do not.
    if (mark) score[gap] = Math.min(score[gap]!, HIGHEST_UNMARKED);
  }
  const usual = mostFrequentWrap(all, score);
  const wrapGap = usual < 0 && (few === 'wrapped' || areFull) ? gapAt(table, seams, runningOn[0]!) : usual;
  return {
    score,
    hasStops: closing * LINES_A_STOP >= seams.count,
    seams: all,
    wrapGap,
    marked: all.some((count, gap) => gap !== wrapGap && count >= Math.max(2, seams.count * 0.01) && score[gap]! > 1.2),
    wraps: few === 'wrapped' || areFull || (few === 'open' && linesWrap(table, seams, runningOn, wrapGap)),
    sureness: few === 'meant' ? 1 : Math.min(1, seams.count / SEAMS_TO_BE_SURE),
  };
}

/** Of few lines nearly all are full, of more most are; verse as wide as prose has as many by no chance. */
const FEWEST_FULL = 4;
const FEWEST_LONG = 3;
const SHARE_OF_FULL = 0.85;
const MORE_FULL = 6;
const SHARE_OF_MORE = 0.6;
/** Lines of verse and of lists are as narrow as a column, but so many do not all end where the next word would no longer fit. */
const FEWEST_OF_NARROW = 8;
const SHARE_OF_NARROW = 0.9;
/** A share of the measure. */
const NO_ROOM = 0.05;
const LEAST_RELIABILITY = 0.5;

/** Whether lines of prose, of those that run on, all fill one measure: then they wrap, whatever stands among them. */
function fillMeasure(table: LineTable, seams: SeamTable, measure: Measure, runningOn: readonly number[]): boolean {
  if (measure.reliability < LEAST_RELIABILITY || runningOn.length < LEAST_RUNNING_ON * seams.count) return false;
  if (goBeyond(table, seams.line, measure.widestCharacters)) return false;
  // Lines glued together, and paragraphs that nobody wrapped, are wider by far.
  const rooms = runningOn.map((seam) => roomAt(table, seams, measure, seam)).filter((room) => room > 1 - OVERLONG);
  if (measure.widestCharacters < WIDE) {
    const exact = rooms.filter((room) => room < 0).length;
    return exact >= FEWEST_OF_NARROW && exact >= rooms.length * SHARE_OF_NARROW;
  }
  const full = rooms.filter((room) => room <= NO_ROOM).length;
  const share = full / rooms.length;
  if (full >= MORE_FULL && share >= SHARE_OF_MORE && measure.widestCharacters >= WIDER_THAN_VERSE) return true;
  const fewest = measure.widestCharacters >= LONG ? FEWEST_LONG : FEWEST_FULL;
  return full >= fewest && share >= SHARE_OF_FULL;
}

const FEWEST_CUT = 5;
const SHARE_OF_CUT = 0.4;
/** In characters: the middle of the lines that are cut, at the least. Verse and entries of lists are shorter. */
const LENGTH_OF_CUT = 50;

/** Whether so many long lines end within a phrase that nobody can have meant them to, however uneven they are. */
function cutPhrases(
  { flags, chars }: LineTable,
  { line, blanks, count }: SeamTable,
  runningOn: readonly number[],
): boolean {
  const cut = runningOn.filter((seam) => blanks[seam] === 0 && !(flags[line[seam]!]! & Flag.endsComma));
  if (cut.length < Math.max(FEWEST_CUT, count * SHARE_OF_CUT)) return false;
  const lengths = cut.map((seam) => chars[line[seam]!]!).sort((a, b) => a - b);
  return lengths[lengths.length >> 1]! >= LENGTH_OF_CUT;
}

const SHARE_OF_EXACT = 0.6;

/** Whether most line ends without a blank line lie in parts that were wrapped: paragraphs on one line each may stand around them. */
function mostWrapExactly({ blanks }: SeamTable, parts: readonly ExactPart[]): boolean {
  const ends = parts.reduce((sum, part) => sum + part.ends, 0);
  const all = blanks.reduce((sum, count) => (count === 0 ? sum + 1 : sum), 0);
  return ends > 0 && ends >= all * SHARE_OF_EXACT;
}

/** Of all lines, that go far beyond the measure: more of them are paragraphs that nobody wrapped. */
const MOST_BEYOND = 0.35;

function goBeyond(table: LineTable, lines: Uint32Array, width: number): boolean {
  const beyond = lines.filter((line) => edgeInCharacters(table, line) > width * OVERLONG).length;
  return beyond > lines.length * MOST_BEYOND;
}

/** Texts with many headings and lists have more paragraph ends than wraps at their plain line ends, but not twice as many. */
const HIGHEST_WRAP_SCORE = 0.8;

function mostFrequentWrap(all: Uint32Array, score: Float32Array): number {
  let best = -1;
  for (let gap = 0; gap < GAP_KINDS; gap++) {
    if (all[gap]! > 0 && score[gap]! < HIGHEST_WRAP_SCORE && (best < 0 || all[gap]! > all[best]!)) best = gap;
  }
  return best;
}

function clamp(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value));
}

/** The line end itself says "paragraph": the Unicode paragraph separator, or the spaces of a text without line ends. */
export function isMarkedLineEnd(table: LineTable, line: number): boolean {
  const end = table.index.end[line];
  return end === LineEnd.paragraph || end === LineEnd.spaces;
}

/**
 * Whether lines wrap at all, or end where their paragraphs end. They do not wrap where hardly any runs on, where there is no
 * gap over which most do, and where most of the text stands in lines twice as long as those that run on: verse in clean text.
 */
function linesWrap(table: LineTable, seams: SeamTable, runningOn: readonly number[], wrapGap: number): boolean {
  if (table.captions.found) return true;
  if (runningOn.length < LEAST_RUNNING_ON * seams.count || wrapGap < 0) return false;
  if (runningOn.length < FEWEST_RUNNING_ON) return true;
  const lengths = Uint32Array.from(runningOn, (seam) => table.chars[seams.line[seam]!]!).sort();
  const limit = 2 * (lengths[lengths.length >> 1] ?? 0);
  let all = 0;
  let long = 0;
  for (const line of seams.line) {
    // Rows and lines of code are as long as they are.
    if (isLaidOut(table.kind[line]!)) continue;
    const chars = table.chars[line]!;
    all += chars;
    if (chars > limit) long += chars;
  }
  return long < all / 2;
}
