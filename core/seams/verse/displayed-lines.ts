import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { ENDS_INSIDE } from '../measure/few-lines.ts';
import { isFullGroup, widestOf } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.88;
/** Two such lines may be a quotation in prose: it is asked. */
const CERTAINTY_OF_VERSES = 0.75;
/** Columns that a line is set in farther than the lines around it. */
const LEAST_STEP = 4;
const LEAST_STEP_OF_VERSES = 3;
const LEAST_STEP_UNDER_CAPITALS = 2;
/** Of the widest line: a longer one may be the first of a paragraph with an indent. */
const SHORT = 0.75;
const LONGEST_CAPITALS = 40;
const LONGEST_NAME = 32;
const HALF = 0.5;
/** Columns: nothing that is set in as far begins a paragraph. */
const FAR = 16;
/** In lines. */
const SHORT_TEXT = 60;
const MOST_VERSES = 8;

/**
 * Lines that are displayed: a short one set in by itself between blank lines, as a command or a formula that the sentence around it
 * leads to, and a line in capitals above lines that are set in under it. They are never run into what is around them.
 */
export function settleDisplayedLines(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  if (table.captions.found || count === 0) return;
  const widest = widestOf(table, line);
  const edge = line.reduce((least, one) => Math.min(least, table.indent[one]!), Infinity);
  // Where every line has a blank one after it, blank lines say nothing.
  const close = blanks.subarray(0, count).filter((one) => one === 0).length;
  for (let seam = 0; seam < count; seam++) {
    const isCaptioned = isInCapitals(table, line[seam]!) && stepOf(table, seams, seam) >= LEAST_STEP_UNDER_CAPITALS;
    const mayBeDisplayed = close > 0 && blanks[seam]! > 0;
    if (isCaptioned || (mayBeDisplayed && isDisplayed(table, seams, seam + 1, widest))) breakAt(verdicts, seam);
    if (mayBeDisplayed && isDisplayed(table, seams, seam, widest)) breakAt(verdicts, seam);
    if (isSigned(table, seams, seam)) breakAt(verdicts, seam);
  }
  for (const [first, last] of groupsOf(seams)) {
    const isAtEdge = count < SHORT_TEXT && (first === 0 || last === count) && last === first + 1;
    if (isAtEdge && isPairOfShortLines(table, seams, first, widest) && verdicts.decision[first] === Decision.join)
      settle(verdicts, first, Decision.break, 'displayed', CERTAINTY_OF_VERSES);
    if (!areDisplayedVerses(table, seams, first, last, { widest, edge })) continue;
    if (isLedTo(table, seams, first)) {
      breakAt(verdicts, first - 1);
      if (last < count) breakAt(verdicts, last);
    }
    for (let seam = first; seam < last; seam++)
      if (verdicts.decision[seam] === Decision.join)
        settle(verdicts, seam, Decision.keep, 'displayed', CERTAINTY_OF_VERSES);
  }
}

function breakAt(verdicts: Verdicts, seam: number): void {
  if (verdicts.decision[seam] === Decision.join) settle(verdicts, seam, Decision.break, 'displayed', CERTAINTY);
}

function isInCapitals({ kind, flags, chars }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose && kind[line] !== LineKind.heading) return false;
  return (flags[line]! & Flag.allCapitals) !== 0 && chars[line]! <= LONGEST_CAPITALS;
}

/** How many columns the second line of a seam is set in farther than the first. */
function stepOf({ indent }: LineTable, { line }: SeamTable, seam: number): number {
  return indent[line[seam + 1]!]! - indent[line[seam]!]!;
}

/** Whether the kept line at a place is short, set in, and has blank lines and lines that are not set in on both sides. */
function isDisplayed(table: LineTable, seams: SeamTable, place: number, widest: number): boolean {
  const { line, blanks, count } = seams;
  if (place === 0 || place >= count || blanks[place - 1] === 0 || blanks[place] === 0) return false;
  const one = line[place]!;
  if (table.kind[one] !== LineKind.prose || table.chars[one]! > widest * SHORT) return false;
  const around = Math.max(table.indent[line[place - 1]!]!, table.indent[line[place + 1]!]!);
  return table.indent[one]! - around >= LEAST_STEP;
}

/** "Yours, with all good wishes," and a name set in farther below it, with nothing after it. */
function isSigned({ flags, indent, chars }: LineTable, { line, blanks, count }: SeamTable, seam: number): boolean {
  const [before, name] = [line[seam]!, line[seam + 1]!];
  if (!(flags[before]! & Flag.endsComma) || indent[name]! - indent[before]! < LEAST_STEP || blanks[seam]! > 0)
    return false;
  if (seam + 1 < count && blanks[seam + 1] === 0) return false;
  return (flags[name]! & Flag.startsUpper) !== 0 && !(flags[name]! & Flag.endsStop) && chars[name]! <= LONGEST_NAME;
}

/** How the lines of a text are set: characters of the widest, and the leftmost column at which one begins. */
interface Setting {
  readonly widest: number;
  readonly edge: number;
}

/** Of a text's widest line, where each verse ends in a comma or a stop. */
const NEARLY_ALL = 0.9;
const FEWEST_ENDED = 2;

/**
 * A few lines quoted between blank lines, set in on the left and with much room on the right at each line end: verses. With more room
 * where the line end comes neither after a comma nor before a capital, with less where each ends in a comma or a stop.
 */
function areDisplayedVerses(
  table: LineTable,
  seams: SeamTable,
  first: number,
  last: number,
  { widest, edge }: Setting,
): boolean {
  const { line, count } = seams;
  if (last === first || last - first >= MOST_VERSES) return false;
  // An address is at the head of a letter as well, or below another.
  const areFarIn = line.subarray(first, last + 1).every((one) => table.indent[one]! - edge >= FAR);
  if (!areFarIn && (first === 0 || last === count)) return false;
  // What a law or a letter says is quoted in a narrower measure.
  const isQuoted = (table.flags[line[first]!]! & Flag.startsQuote) !== 0;
  if (isQuoted && isFullGroup(table, seams, first, last)) return false;
  const around = areFarIn ? edge : Math.max(table.indent[line[first - 1]!]!, table.indent[line[last + 1]!]!);
  const areLedTo = isLedTo(table, seams, first);
  const areEnded = areLedTo && last - first >= FEWEST_ENDED && allEnd(table, line.subarray(first, last));
  for (let place = first; place <= last; place++) {
    const one = line[place]!;
    if (table.kind[one] !== LineKind.prose || table.indent[one]! - around < LEAST_STEP_OF_VERSES) return false;
    if (place === last) break;
    const next = line[place + 1]!;
    const withNext = table.chars[one]! + 1 + table.firstChars[next]!;
    const mayRunOn = !(table.flags[one]! & Flag.endsComma) && !(table.flags[next]! & Flag.startsUpper);
    // Under a colon lines that begin at one place are wrapped only where the next word had no room.
    const share = areLedTo && table.indent[next] === table.indent[one] ? 1 : HALF;
    if (withNext > widest * (mayRunOn ? share : areEnded ? NEARLY_ALL : SHORT)) return false;
    if (mayRunOn && table.flags[one]! & ENDS_INSIDE) return false;
  }
  return true;
}

function allEnd({ flags }: LineTable, lines: Uint32Array): boolean {
  return lines.every((one) => (flags[one]! & (Flag.endsComma | Flag.endsStop)) !== 0);
}

/** Whether the line above a group ends in a colon: "run this:". */
function isLedTo({ flags }: LineTable, { line }: SeamTable, first: number): boolean {
  return first > 0 && (flags[line[first - 1]!]! & Flag.endsColon) !== 0;
}

/** Two lines at the head or the end of a short text that would have gone on one, with room for as much again: a title and what it is for, a greeting. */
function isPairOfShortLines(
  { kind, chars, flags }: LineTable,
  { line }: SeamTable,
  seam: number,
  widest: number,
): boolean {
  const [one, next] = [line[seam]!, line[seam + 1]!];
  if (kind[one] !== LineKind.prose || kind[next] !== LineKind.prose) return false;
  if (flags[one]! & (Flag.endsFunctionWord | Flag.endsHyphen | Flag.endsCjk)) return false;
  return chars[one]! + 1 + chars[next]! < widest * HALF;
}
