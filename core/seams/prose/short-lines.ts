import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { ENDS_INSIDE, ROOM_OF_SHORT, WIDER_THAN_VERSE } from '../measure/few-lines.ts';
import { STEP_COLUMNS } from '../paragraph-mark.ts';
import { roomAt, type Measure } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/** Longer texts tell by their own habits what short lines are; all but headings, whatever word ends them. */
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
  if (table.captions.found) return;
  if (seams.count > MOST_SEAMS) return breakAfterHeadings(table, seams, measure, verdicts);
  if (measure.reliability === 0) breakAfterCaselessHeads(table, seams, verdicts);
  if (measure.reliability === 0 || measure.unit !== 'characters') return;
  const edge = seams.line.reduce((least, line) => Math.min(least, table.indent[line]!), Infinity);
  for (let first = 0; first < seams.count;) {
    let end = first;
    while (end < seams.count && endsEarly(table, seams, measure, verdicts, edge, end)) end++;
    for (let seam = first; seam < end; seam++) {
      const isRun = end - first > 1 && !(seam === first && endsParagraph(table, seams, verdicts, seam));
      const isOneThing = isRun || isCouplet(table, seams, seam);
      settle(verdicts, seam, isOneThing ? Decision.keep : Decision.break, 'shortLine', CERTAINTY);
    }
    first = Math.max(first + 1, end);
  }
}

/** In a longer text: a short line below a blank one, above a line that begins with a capital and is far longer. */
function breakAfterHeadings(table: LineTable, seams: SeamTable, measure: Measure, verdicts: Verdicts): void {
  if (measure.reliability === 0 || measure.unit !== 'characters') return;
  const { flags, chars } = table;
  for (let seam = 1; seam < seams.count; seam++) {
    if (seams.blanks[seam - 1] === 0 || seams.blanks[seam]! > 0 || seams.turn[seam]) continue;
    if (verdicts.decision[seam] !== Decision.join) continue;
    const [head, next] = [seams.line[seam]!, seams.line[seam + 1]!];
    if ((flags[next]! & Flag.startsUpper) === 0 || flags[head]! & ENDS_INSIDE & ~Flag.endsFunctionWord) continue;
    if (chars[head]! > chars[next]! * SHARE_OF_HEADING || roomAt(table, seams, measure, seam) < ROOM_OF_SHORT) continue;
    settle(verdicts, seam, Decision.break, 'shortLine', CERTAINTY);
  }
}

/**
 * Where all words are in capitals, or have none, nothing but its length tells the line above a paragraph from one of it; and so few
 * lines may tell no measure.
 */
function breakAfterCaselessHeads({ flags, chars }: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  for (const [first, last] of groupsOf(seams)) {
    const [head, next] = [seams.line[first]!, seams.line[first + 1]!];
    if (last - first < 2 || verdicts.decision[first] !== Decision.join) continue;
    const isCaseless = (flags[head]! & flags[next]! & Flag.startsCaseless) !== 0;
    if (!isCaseless || flags[head]! & ENDS_INSIDE || chars[head]! > chars[next]! * SHARE_OF_HEAD) continue;
    settle(verdicts, first, Decision.break, 'shortLine', CERTAINTY);
  }
}

/** The last line of a paragraph, or what says what comes. */
function endsParagraph(table: LineTable, seams: SeamTable, { decision }: Verdicts, seam: number): boolean {
  const goesOn = seam > 0 && decision[seam - 1] === Decision.join;
  return goesOn || (table.flags[seams.line[seam]!]! & Flag.endsColon) !== 0;
}

/** `edge` is where the lines of the text begin, in columns. */
function endsEarly(
  table: LineTable,
  seams: SeamTable,
  measure: Measure,
  verdicts: Verdicts,
  edge: number,
  seam: number,
): boolean {
  if (verdicts.decision[seam] !== Decision.join || seams.blanks[seam]! > 0 || seams.turn[seam]) return false;
  const [before, after] = [seams.line[seam]!, seams.line[seam + 1]!];
  // Notes are wrapped as they like.
  if (table.kind[before] === LineKind.footnote) return false;
  const width = measure.at[seam]!;
  if (width < WIDER_THAN_VERSE || table.chars[before]! > LONGEST_SHORT) return false;
  const least = isCouplet(table, seams, seam) ? ROOM_OF_VERSE : ROOM_OF_SHORT;
  if (roomAt(table, seams, measure, seam) < least) return false;
  const opens = standsApart(seams, seam - 1);
  // What is set in has a measure of its own, but not the line above it.
  const isSetIn = (line: number) => table.indent[line]! - edge >= STEP_COLUMNS;
  if (isSetIn(before) || (isSetIn(after) && !opens)) return false;
  // A heading may end in "you" or "about" before the words it stands over.
  const isHeading = opens && (table.flags[after]! & Flag.startsUpper) !== 0;
  if (table.flags[before]! & (isHeading ? ENDS_INSIDE & ~Flag.endsFunctionWord : ENDS_INSIDE)) return false;
  // Two lines by themselves may be one title, in larger type: but not two that a comma and a stop end, nor one of a word or two.
  const isPair = opens && standsApart(seams, seam + 1) && !isSetIn(after);
  return !isPair || isCouplet(table, seams, seam) || table.chars[before]! < width * SHARE_OF_NAME;
}

/** Of the line below it, at the most. */
const SHARE_OF_HEAD = 0.4;
const SHARE_OF_HEADING = 0.6;
const SHARE_OF_NAME = 0.25;
const ROOM_OF_VERSE = 0.25;

/** A blank line is here, or the text begins or ends. */
function standsApart({ count, blanks }: SeamTable, seam: number): boolean {
  return seam < 0 || seam >= count || blanks[seam]! > 0;
}

/** Two lines of verse by themselves, the first of which ends in a comma and the second in a stop. */
function isCouplet({ flags }: LineTable, seams: SeamTable, seam: number): boolean {
  const { line } = seams;
  if (!standsApart(seams, seam - 1) || !standsApart(seams, seam + 1)) return false;
  return (flags[line[seam]!]! & Flag.endsComma) !== 0 && (flags[line[seam + 1]!]! & Flag.endsStop) !== 0;
}
