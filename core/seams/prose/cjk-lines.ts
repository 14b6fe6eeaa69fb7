import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isInPart, type ExactPart } from '../measure/exact-parts.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { isApart, settle, type Verdicts } from '../verdicts.ts';

/*
 * Chinese and Japanese lines: no capitals and hardly any spaces, but customs that other scripts have not.
 */

const WIDE_SPACE = 0x3000;
const CERTAINTY = 0.95;
/** Lines of verse have the same number of signs, and no prose is set in columns so narrow. */
const LONGEST_VERSE = 10;
const CERTAINTY_OF_VERSE = 0.85;
const FEWEST_VERSES = 2;
const STOPS = '，。；！？、,.;!?';

/**
 * A paragraph begins with a wide space; where whole blocks are set in by it, it begins none. In a text of sentences a full line without a
 * stop goes on, and short ones stay; not so where a person said what marks paragraphs. Verse keeps its lines.
 */
export function settleCjkLines(
  source: string,
  table: LineTable,
  seams: SeamTable,
  parts: readonly ExactPart[],
  verdicts: Verdicts,
  isUnmarked: boolean,
): void {
  if (isUnmarked) {
    joinFullLines(source, table, seams, verdicts);
    joinOpenLines(table, seams, verdicts);
    keepMeantLines(source, table, seams, parts, verdicts);
  }
  breakBelowNumberedHeads(table, seams, verdicts);
  const isSetIn = (place: number) => source.charCodeAt(table.index.from[seams.line[place]!]!) === WIDE_SPACE;
  for (let seam = 0; seam < seams.count; seam++) {
    const isProse = table.kind[seams.line[seam + 1]!] === LineKind.prose;
    if (isProse && verdicts.decision[seam] === Decision.join && isSetIn(seam + 1) && !isSetIn(seam))
      settle(verdicts, seam, Decision.break, 'wideSpace', CERTAINTY);
  }
  for (let seam = 0; seam < seams.count; seam++) {
    if (verdicts.decision[seam] === Decision.join && isBetweenSpeeches(source, table, seams, seam))
      settle(verdicts, seam, Decision.break, 'speechEnd', CERTAINTY);
  }
  breakBetweenSpeeches(source, table, seams, verdicts);
  for (const [first, last] of groupsOf(seams)) {
    if (last > first && isVerse(source, table, seams.line.subarray(first, last + 1)))
      for (let seam = first; seam < last; seam++) settle(verdicts, seam, Decision.keep, 'verse', CERTAINTY_OF_VERSE);
  }
}

function isWideProse({ kind, flags }: LineTable, line: number): boolean {
  return kind[line] === LineKind.prose && (flags[line]! & (Flag.startsCjk | Flag.endsCjk)) !== 0;
}

const CLOSED = /^[」』）]{1,2}$/;

/** A bracket that had no room in the line before it stands alone, and what the next person says begins. */
function isBetweenSpeeches(source: string, { from, to }: LineTable, { line }: SeamTable, seam: number): boolean {
  const one = line[seam]!;
  if (to[one]! - from[one]! > 2 || !'「『（'.includes(source[from[line[seam + 1]!]!]!)) return false;
  return CLOSED.test(source.slice(from[one], to[one]));
}

const FEWEST_BETWEEN_QUOTES = 3;
const CERTAINTY_BETWEEN_QUOTES = 0.88;
const QUOTE_AND_QUOTE = /[」』][「『]|”“/;

/**
 * Where what one person says never follows what another said within a line, each stands in a paragraph of its own, and so it does where a
 * line ends between the two.
 */
function breakBetweenSpeeches(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { from, to, flags } = table;
  const { line, count } = seams;
  const between: number[] = [];
  let speeches = 0;
  for (let seam = 0; seam < count; seam++) {
    const [one, next] = [line[seam]!, line[seam + 1]!];
    if (!(flags[next]! & (Flag.startsCjk | Flag.startsQuote))) continue;
    const pair = source[to[one]! - 1]! + source[from[next]!]!;
    if (!QUOTE_AND_QUOTE.test(pair)) continue;
    speeches++;
    if (verdicts.decision[seam] === Decision.join) between.push(seam);
  }
  if (between.length === 0 || speeches < FEWEST_BETWEEN_QUOTES) return;
  if (line.some((one) => QUOTE_AND_QUOTE.test(source.slice(from[one], to[one])))) return;
  for (const seam of between) settle(verdicts, seam, Decision.break, 'speechEnd', CERTAINTY_BETWEEN_QUOTES);
}

/** More lines have a measure. */
const MOST_LINES = 30;
const SHARE_OF_STOPS = 0.5;
const SHARE_OF_CLOSED = 0.75;
/** In signs: verse has no lines so long. */
const NARROWEST_PROSE = 25;
const CERTAINTY_OF_FULL = 0.86;
const ENDS = Flag.endsStop | Flag.endsComma | Flag.endsColon | Flag.endsQuote | Flag.endsDash;
const OPENS = Flag.startsQuote | Flag.startsMarker | Flag.startsDash;

function joinFullLines(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { chars, flags, indent } = table;
  const { line, blanks, count } = seams;
  if (line.length > MOST_LINES) return;
  const widest = line.reduce((most, one) => Math.max(most, chars[one]! + indent[one]!), 0);
  const endsSentence = (one: number) => (flags[one]! & (Flag.endsStop | Flag.endsQuote)) !== 0;
  // Dates and headings end in no stop, nor do times.
  const long = line.filter((one) => chars[one]! >= widest / 2 && flags[one]! & Flag.endsCjk);
  const groups = [...groupsOf(seams)];
  const closed = groups.filter(([, last]) => endsSentence(line[last]!)).length;
  const areSentences = long.length > 0 && long.filter(endsSentence).length >= long.length * SHARE_OF_STOPS;
  if (!areSentences && closed < groups.length * SHARE_OF_CLOSED) return;
  for (let seam = 0; seam < count; seam++) {
    const one = line[seam]!;
    const next = line[seam + 1]!;
    const decided = verdicts.decision[seam];
    if (
      blanks[seam]! > 0 ||
      !isWideProse(table, one) ||
      !isWideProse(table, next) ||
      flags[one]! & ENDS ||
      flags[next]! & OPENS
    )
      continue;
    if (decided === Decision.join && isHead(seams, seam, chars, widest)) {
      settle(verdicts, seam, Decision.break, 'shortLine', CERTAINTY_OF_FULL);
      continue;
    }
    if (chars[one]! + indent[one]! < widest - 1 || !isApart(verdicts, seam)) continue;
    if (decided === Decision.break || chars[one]! >= NARROWEST_PROSE)
      settle(verdicts, seam, Decision.join, 'fullWithoutStop', CERTAINTY_OF_FULL);
    else if (PAUSE_WITHIN.test(source.slice(table.from[one], table.to[one])) && flags[next]! & Flag.endsStop)
      settle(verdicts, seam, Decision.join, 'fullWithoutStop', CERTAINTY_OF_NARROW);
  }
}

const FEWEST_OPEN = 3;
const FEWEST_ENDED = 2;
/** Fewer tell less: it is asked. */
const ENOUGH_ENDED = 4;
const CERTAINTY_OF_FEW = 0.8;
/** In signs; modern verse, which has no stops either, hardly ever ends most of its shorter lines in one. */
const NARROWEST_OPEN = 14;
/** Of the middle one of the open lines, or of the widest line where they are few, in print, with the first word of the next. */
const FULL = 0.94;
const FULL_OF_WIDEST = 0.91;
/** What a paragraph ends in, though it may be full; none ends in a comma. */
const CLOSES = ENDS & ~Flag.endsComma;
const BEGINS = OPENS & ~Flag.startsQuote;
/** Of the lines that are not full. */
const SHARE_OF_ENDS = 0.85;

/**
 * Where the lines of a text end sentences, those that end in no sign at all are the full ones, and go on: the evidence errs where most
 * paragraphs have a single line.
 */
function joinOpenLines(table: LineTable, { line, blanks, count }: SeamTable, verdicts: Verdicts): void {
  const { chars, flags, kind, width, firstWidth } = table;
  const isOpen = (one: number) => isWideProse(table, one) && !(flags[one]! & CLOSES) && chars[one]! >= NARROWEST_OPEN;
  const open = line.filter((one) => isOpen(one) && !(flags[one]! & Flag.endsComma)).map((one) => width[one]!);
  const widest = line.reduce((most, one) => (isWideProse(table, one) ? Math.max(most, width[one]!) : most), 0);
  const full = open.length < FEWEST_OPEN ? widest * FULL_OF_WIDEST : open.sort()[open.length >> 1]! * FULL;
  const short = line.filter((one) => isWideProse(table, one) && width[one]! < full);
  const ended = short.filter((one) => flags[one]! & ENDS);
  if (ended.length < Math.max(FEWEST_ENDED, short.length * SHARE_OF_ENDS)) return;
  const certainty = ended.length < ENOUGH_ENDED ? CERTAINTY_OF_FEW : CERTAINTY_OF_FULL;
  for (let seam = 0; seam < count; seam++) {
    const [one, next] = [line[seam]!, line[seam + 1]!];
    if (!isOpen(one) || width[one]! + firstWidth[next]! < full || blanks[seam]! > 0 || !isApart(verdicts, seam))
      continue;
    if (kind[next] !== LineKind.prose || flags[next]! & BEGINS) continue;
    settle(verdicts, seam, Decision.join, 'fullWithoutStop', certainty);
  }
}

/** Of the widest line, in print: lines wrap at any sign, so that none but the last of a paragraph leaves as much. */
const SHORT = 0.75;
const NEARLY_FULL = 0.9;
const SHARE_OF_SHORT = 0.5;
/** It is asked about: what an extractor cut leaves room, too. */
const CERTAINTY_OF_MEANT = 0.8;
/** The printed width of a sign. */
const EM = 1000;
const SENTENCE_STOP = /[。！？]/;

/**
 * Addresses, lists and heads of minutes: where half of the lines without a stop in a short text leave much room, those that do end where they
 * were meant to. In a text without any stop, such as verse, all do.
 */
function keepMeantLines(
  source: string,
  table: LineTable,
  seams: SeamTable,
  parts: readonly ExactPart[],
  verdicts: Verdicts,
): void {
  const { line, blanks, count } = seams;
  const { flags, width, captions } = table;
  if (line.length > MOST_LINES || captions.found) return;
  const open: number[] = [];
  for (let seam = 0; seam < count; seam++) {
    const [one, next] = [line[seam]!, line[seam + 1]!];
    if (blanks[seam]! > 0 || flags[one]! & ENDS || isInPart(parts, seam)) continue;
    if (isWideProse(table, one) && isWideProse(table, next)) open.push(seam);
  }
  const toFill = widthsToFill(table, seams);
  const leavesRoom = (share: number) => open.filter((seam) => width[line[seam]!]! < toFill[seam]! * share);
  const areUneven = leavesRoom(SHORT).length >= open.length * SHARE_OF_SHORT;
  const hasStops = SENTENCE_STOP.test(source);
  // Lines of verse are about as long as one another; in a list that has no stops the widest may wrap.
  const meant = areUneven ? leavesRoom(hasStops ? SHORT : NEARLY_FULL) : hasStops ? [] : open;
  for (const seam of meant)
    if (verdicts.decision[seam] === Decision.join)
      settle(verdicts, seam, Decision.keep, 'shortLine', CERTAINTY_OF_MEANT);
}

/**
 * By kept line, the width that a line would have to fill: that of the widest beside it, without a blank line between, if prose may be as narrow;
 * of all lines, otherwise.
 */
function widthsToFill({ width }: LineTable, seams: SeamTable): Float64Array {
  const widestOf = (lines: Uint32Array) => lines.reduce((most, one) => Math.max(most, width[one]!), 0);
  const ofAll = widestOf(seams.line);
  const widths = new Float64Array(seams.line.length);
  for (const [first, last] of groupsOf(seams)) {
    const own = widestOf(seams.line.subarray(first, last + 1));
    widths.fill(own >= NARROWEST_PROSE * EM ? own : ofAll, first, last + 1);
  }
  return widths;
}

/** Of the widest line. */
const LONGEST_NUMBERED_HEAD = 0.75;
const CERTAINTY_BELOW_HEAD = 0.86;

/** "1.2.4.控制新建文件的权限" is short and a heading by its number: what stands below is no part of it. */
function breakBelowNumberedHeads(
  { chars, flags, kind }: LineTable,
  { line, count }: SeamTable,
  verdicts: Verdicts,
): void {
  const widest = line.reduce((most, one) => Math.max(most, chars[one]!), 0);
  for (let seam = 0; seam < count; seam++) {
    const [one, next] = [line[seam]!, line[seam + 1]!];
    if (verdicts.decision[seam] !== Decision.join || kind[one] !== LineKind.heading || !(flags[one]! & Flag.endsCjk))
      continue;
    if (kind[next] === LineKind.prose && chars[one]! < widest * LONGEST_NUMBERED_HEAD)
      settle(verdicts, seam, Decision.break, 'head', CERTAINTY_BELOW_HEAD);
  }
}

/** A line of verse hardly pauses within: it is asked. */
const PAUSE_WITHIN = /[，、。！？；].+$/;
const CERTAINTY_OF_NARROW = 0.75;
/** Of the widest line. */
const LONGEST_HEAD = 0.5;
const SHORTEST_BELOW_HEAD = 0.8;

/** A date or a title: a short line, the first of its group, above one that is nearly full. */
function isHead({ line, blanks }: SeamTable, seam: number, chars: Uint32Array, widest: number): boolean {
  if (seam > 0 && blanks[seam - 1] === 0) return false;
  return chars[line[seam]!]! < widest * LONGEST_HEAD && chars[line[seam + 1]!]! >= widest * SHORTEST_BELOW_HEAD;
}

function isVerse(source: string, { from, to, chars, flags, kind }: LineTable, lines: Uint32Array): boolean {
  if (lines.length < FEWEST_VERSES || chars[lines[0]!]! > LONGEST_VERSE) return false;
  let signs: number | undefined;
  for (const line of lines) {
    if (kind[line] !== LineKind.prose || !(flags[line]! & Flag.startsCjk) || chars[line]! > LONGEST_VERSE) return false;
    let end = to[line]!;
    while (end > from[line]! && STOPS.includes(source[end - 1]!)) end--;
    signs ??= end - from[line]!;
    if (end - from[line]! !== signs) return false;
  }
  return true;
}

/** Nothing begins with these, though no line of print does: an extractor cut the line where the type changed. */
const NEVER_FIRST = '，。、；：！？）」』】》〉';

/** A line that begins with a stop, a comma or a closing bracket goes on with the one right above it. */
export function joinBeforeSigns(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { kind, from } = table;
  const { line, blanks, count } = seams;
  for (let seam = 0; seam < count; seam++) {
    const [one, next] = [line[seam]!, line[seam + 1]!];
    if (verdicts.decision[seam] !== Decision.break || blanks[seam]! > 0) continue;
    if (kind[one] !== LineKind.prose || kind[next] !== LineKind.prose) continue;
    if (NEVER_FIRST.includes(source[from[next]!]!)) settle(verdicts, seam, Decision.join, 'signFirst', CERTAINTY);
  }
}
