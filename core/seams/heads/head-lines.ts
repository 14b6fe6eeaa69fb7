import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { inAnyLanguage } from '../../text/language.ts';
import { fillOf, OVERLONG, type Measure } from '../measure/room.ts';
import { runsOn } from '../runs-on.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { isApart, settle, settlerOf, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.85;
/** Title, authors, their house, a date, a heading: more of them are no head. */
const MOST_LINES = 6;
const ENDS = Flag.endsComma | Flag.endsHyphen | Flag.endsFunctionWord;

/**
 * Settles the line ends of a title at the head of a wrapped text: before its prose begins, a line wider than any that wraps was
 * not wrapped, and the line after it is another.
 */
export function settleHeadLines(table: LineTable, seams: SeamTable, measure: Measure, verdicts: Verdicts): void {
  if (measure.reliability === 0) return;
  for (let seam = 0; seam < Math.min(MOST_LINES, seams.count); seam++) {
    const line = seams.line[seam]!;
    const next = seams.line[seam + 1]!;
    if (measure.at[seam] === 0 || runsOn(table, seams, seam) || table.kind[line] !== LineKind.prose) return;
    if (fillOf(table, measure, seam, line) <= OVERLONG || table.flags[line]! & ENDS) continue;
    // Two lines glued together by an extractor come where others are too.
    if (fillOf(table, measure, seam, next) > OVERLONG) continue;
    settle(verdicts, seam, Decision.break, 'title', CERTAINTY);
  }
}

/** The evidence is surer than this that a paragraph begins behind a head. */
const SURELY = 0.85;
const CERTAINTY_UNDER_FULL = 0.86;
/** Than the head is the line before it at least. */
const WIDER = 1.5;
const NO_HEAD =
  ENDS | Flag.endsStop | Flag.endsColon | Flag.endsDash | Flag.endsAbbreviation | Flag.startsLower | Flag.startsClosing;

/**
 * A head under a full line: the sentence before it has ended, a paragraph surely begins behind it, and no paragraph ends without a stop.
 * The evidence looks at one line end at a time, and wavers at the first of the two.
 */
export function breakBeforeHeads(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { decision, certainty } = verdicts;
  for (let seam = 0; seam + 1 < seams.count; seam++) {
    if (decision[seam] !== Decision.join || settlerOf(verdicts, seam) !== 'evidence') continue;
    if (decision[seam + 1] !== Decision.break || certainty[seam + 1]! < SURELY) continue;
    const [before, head] = [seams.line[seam]!, seams.line[seam + 1]!];
    if ((table.flags[before]! & Flag.endsStop) === 0 || table.flags[head]! & NO_HEAD) continue;
    if (table.width[head]! * WIDER > table.width[before]!) continue;
    settle(verdicts, seam, Decision.break, 'head', CERTAINTY_UNDER_FULL);
  }
}

/** A title in two lines may have "by Sea and Land" in its second: it is asked. */
const CERTAINTY_OF_BYLINE = 0.8;
const LONGEST_BYLINE = 80;
const NO_TITLE = Flag.endsComma | Flag.endsHyphen | Flag.endsFunctionWord | Flag.startsLower;
const BY = new RegExp(`^(?:${inAnyLanguage('bylines')}) `, 'iu');
/** Names, with small words between them: "Ida Marsh, E. van der Hale and Silas Crane". */
const NAMES = /^(?:[\p{Lu}\p{Lo}][^\s.?!:;]*\.? |\p{Ll}{1,3} |& ){0,9}[\p{Lu}\p{Lo}][^\s.?!:;]*$/u;

/** What was posted says when: "by lamplighter » 3 May 2021, 9:14 pm". */
const ENDS_IN_TIME = /\b(?:(?:19|20)\d\d|\d{1,2}[:.]\d\d(?:\s?[ap]\.?m\.?)?)$/i;

/** The names of those who wrote a text are on a line of their own below its title: "by Ida Marsh and Enoch Hale". */
export function breakBeforeBylines(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { decision } = verdicts;
  for (let seam = 0; seam < seams.count; seam++) {
    if (decision[seam] !== Decision.join || table.flags[seams.line[seam]!]! & NO_TITLE) continue;
    const line = seams.line[seam + 1]!;
    if (table.chars[line]! > LONGEST_BYLINE || !isBreak(verdicts, seam + 1) || !isTitle(seams, verdicts, seam))
      continue;
    const text = source.slice(table.from[line], table.to[line]);
    const by = BY.exec(text);
    if (by && (NAMES.test(text.slice(by[0].length)) || ENDS_IN_TIME.test(text)))
      settle(verdicts, seam, Decision.break, 'title', CERTAINTY_OF_BYLINE);
  }
}

/** A title may take some lines at the head of a text; elsewhere it takes one. */
function isTitle({ count }: SeamTable, verdicts: Verdicts, seam: number): boolean {
  return seam < Math.min(MOST_LINES, count) || isBreak(verdicts, seam - 1);
}

function isBreak({ decision }: Verdicts, seam: number): boolean {
  return seam >= decision.length || decision[seam] === Decision.break;
}

/** In characters: more of them, and it is a text in capitals. */
const LONGEST_CAPITALS = 60;
const CERTAINTY_BELOW_CAPITALS = 0.86;

/** A line in capitals above one that is not, though the first word of that one had room in it, is a heading. */
export function breakAfterCapitals(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  for (let seam = 0; seam < seams.count; seam++) {
    const [line, next] = [seams.line[seam]!, seams.line[seam + 1]!];
    if (verdicts.decision[seam] !== Decision.join || !(table.flags[line]! & Flag.allCapitals)) continue;
    if (table.flags[line]! & ENDS || table.chars[line]! > LONGEST_CAPITALS) continue;
    const isSmall = (table.flags[next]! & Flag.startsLower) !== 0;
    if (!(isSmall || table.flags[next]! & Flag.startsUpper) || table.flags[next]! & Flag.allCapitals) continue;
    if (seam > 0 && !isBreak(verdicts, seam - 1)) continue;
    const below = source.slice(table.from[next], table.from[next]! + LONGEST_ISSUE);
    if (ISSUE.test(below)) settle(verdicts, seam, Decision.break, 'head', CERTAINTY_BELOW_CAPITALS);
    // A name below may be short itself.
    const wide = Math.max(table.chars[next]!, seam + 1 < seams.count ? table.chars[seams.line[seam + 2]!]! : 0);
    const withNext = table.chars[line]! + 1 + table.firstChars[next]!;
    if (withNext <= wide * (isSmall ? MUCH_ROOM : ROOM))
      settle(verdicts, seam, Decision.break, 'head', CERTAINTY_BELOW_CAPITALS);
    else if (isSmall && (withNext <= wide || endsNoSentence(table, seams, seam + 1)))
      settle(verdicts, seam, Decision.break, 'head', CERTAINTY_WITHIN_CAPITALS);
  }
}

/** In lines. */
const LONGEST_SUBTITLE = 4;
const ENDS_SENTENCE = Flag.endsStop | Flag.endsQuote | Flag.endsColon | Flag.endsHyphen;

/** Whether the words from a line on, up to the next gap, are few and no sentence: "a comedy in three acts by G. Marras". */
function endsNoSentence({ flags }: LineTable, { line, blanks, count }: SeamTable, first: number): boolean {
  let last = first;
  while (last < count && blanks[last] === 0 && last - first < LONGEST_SUBTITLE) last++;
  const isWhole = last === count || blanks[last]! > 0;
  const hasSentence = line.subarray(first, last + 1).some((one) => (flags[one]! & ENDS_SENTENCE) !== 0);
  return isWhole && !hasSentence;
}

/** "n. 12", "nº 3", below the name of a paper. */
const ISSUE = /^(?:n[ro]?|num|vol|č|№)[.º°]? ?\d/u;
const LONGEST_ISSUE = 8;
/** Of the wider of the two lines below. */
const ROOM = 0.95;
/** A sentence may begin in capitals, "THE LAMP WENT OUT and": then its first line is full. */
const MUCH_ROOM = 0.8;

/** Who speaks in a play may stand below the number of a scene: it is asked. */
const CERTAINTY_WITHIN_CAPITALS = 0.78;
const MOST_IN_CAPITALS = 4;
const ENDS_HEAD = Flag.endsStop | Flag.endsColon;

/** Lines in capitals close below one another, of which the last alone ends in a stop, as headings of old newspapers do, are one heading. */
export function joinStoppedCapitals(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { flags, kind, speakers } = table;
  for (const [first, last] of groupsOf(seams)) {
    if (last === first || last - first >= MOST_IN_CAPITALS) continue;
    const lines = seams.line.subarray(first, last + 1);
    const isInCapitals = (line: number) =>
      (flags[line]! & (Flag.allCapitals | Flag.startsMarker)) === Flag.allCapitals &&
      !speakers.has(line) &&
      (kind[line] === LineKind.prose || kind[line] === LineKind.heading);
    const isEnd = (line: number, at: number) => ((flags[line]! & ENDS_HEAD) !== 0) === (at === lines.length - 1);
    if (!lines.every((line, at) => isInCapitals(line) && isEnd(line, at))) continue;
    for (let seam = first; seam < last; seam++)
      if (isApart(verdicts, seam)) settle(verdicts, seam, Decision.join, 'title', CERTAINTY_WITHIN_CAPITALS);
  }
}
