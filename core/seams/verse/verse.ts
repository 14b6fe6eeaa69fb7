import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { blanksOfGap, gapAt } from '../evidence/convention.ts';
import { areOfTwoKinds } from '../evidence/elements.ts';
import type { SeamContext } from '../evidence/evidence.ts';
import { fillOf, widestOf } from '../measure/room.ts';
import { STANDS_ALONE } from '../runs-on.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, settlerOf, type Verdicts } from '../verdicts.ts';

const SHORT_LINE = 0.8;
/** In characters, where lines do not wrap and there is no measure to be short for. */
const LONGEST_WITHOUT_MEASURE = 60;
const FEWEST_SEAMS = 2;
/** Share of lines that end a sentence: more of them, and they are short paragraphs such as dialogue. */
const MOST_CLOSED = 0.34;

/**
 * Turns paragraphs of one short line each into lines of one block where they are verse or an address: neighbours without a
 * gap between them, all short for the measure, most of them not ending a sentence.
 */
export function keepVerseLines(context: SeamContext, verdicts: Verdicts): void {
  const { seams, convention } = context;
  const { decision } = verdicts;
  if (!convention.wraps) keepShortGroups(context, verdicts);
  for (let start = 0; start < seams.count;) {
    if (!mayBeVerse(context, decision, start)) {
      start++;
      continue;
    }
    let end = start + 1;
    while (end < seams.count && mayBeVerse(context, decision, end)) end++;
    keepRun(context, verdicts, start, end);
    start = end;
  }
}

/**
 * Where lines do not wrap, lines that stand together without a wider gap, all short, stay together: an address, a card, a list.
 * What people say, and items of a list with signs, stand alone.
 */
function keepShortGroups(context: SeamContext, verdicts: Verdicts): void {
  const { table, seams } = context;
  if (table.captions.found) return;
  const widest = widestOf(table, seams.line);
  for (let first = 0; first < seams.count;) {
    let last = first;
    const goesOn = (seam: number) =>
      seams.blanks[seam] === 0 && !seams.turn[seam] && !areOfTwoKinds(table, seams.line[seam]!, seams.line[seam + 1]!);
    while (last < seams.count && goesOn(last)) last++;
    const lines = seams.line.subarray(first, last + 1);
    const lower = lines.filter((line, at) => at > 0 && table.flags[line]! & Flag.startsLower).length;
    const longest = lower * 2 >= last - first ? LONGEST_OF_ONE_SENTENCE : LONGEST_OF_A_GROUP;
    const isShort = lines.every((line) => {
      const isPlain = table.kind[line] === LineKind.prose || table.kind[line] === LineKind.heading;
      return isPlain && table.chars[line]! <= longest && !(table.flags[line]! & STANDS_ALONE);
    });
    // A format writes an address in lines of its own; where most end a sentence they are its paragraphs.
    const closed = lines.subarray(0, -1).filter((line) => table.flags[line]! & (Flag.endsStop | Flag.endsColon)).length;
    const areParagraphs = table.layout !== undefined && closed >= (last - first) * MOST_CLOSED;
    if (isShort && !areParagraphs && verdicts.decision.subarray(first, last).every((one) => one === Decision.break)) {
      keepAll(verdicts, first, last);
      // Two sentences on two lines, the first as long as any line: as well one paragraph that was wrapped between them.
      if (last === first + 1 && closed === 1 && table.chars[lines[0]!]! >= Math.max(FULL_OF_TWO, FULL_SHARE * widest))
        verdicts.certainty[first] = CERTAINTY_OF_TWO;
      if (last - first < FEWEST_OF_VERSE) doubtWraps(table, seams, verdicts, first, last);
    }
    first = last + 1;
  }
}

/**
 * Short lines that stand together as an address does, some of which were joined to more than a short line: these are paragraphs, and so
 * are those beside them. So is a line beside one that was joined, where items are among them.
 */
export function breakBesideParagraphs({ table, seams, convention }: SeamContext, verdicts: Verdicts): void {
  if (convention.wraps || table.captions.found) return;
  const { decision } = verdicts;
  const isKept = (seam: number) => decision[seam] === Decision.keep && settlerOf(verdicts, seam) === 'verse';
  for (let first = 0; first < seams.count;) {
    let last = first;
    let length = table.chars[seams.line[first]!]!;
    let longest = 0;
    for (; last < seams.count && seams.blanks[last] === 0; last++) {
      const next = table.chars[seams.line[last + 1]!]!;
      const isJoined = decision[last] === Decision.join;
      length = isJoined ? length + 1 + next : next;
      if (isJoined) longest = Math.max(longest, length);
    }
    const hasItems = seams.line.subarray(first, last + 1).some((line) => table.flags[line]! & STANDS_ALONE);
    for (let seam = first; seam < last && longest > 0; seam++) {
      const isOne = hasItems && !isKept(seam - 1) && !isKept(seam + 1);
      if (isKept(seam) && (longest > LONGEST_OF_A_GROUP || isOne)) decision[seam] = Decision.break;
    }
    first = last + 1;
  }
}

/** Fewer line ends than this may be those of a sentence that was wrapped, whatever the lines around do. */
const FEWEST_OF_VERSE = 3;
const ENDS = Flag.endsStop | Flag.endsComma | Flag.endsColon | Flag.endsDash | Flag.endsQuote;

/** A long line that ends in no sign, above one that goes on in small letters and ends the sentence, is asked about. */
function doubtWraps({ flags, chars }: LineTable, { line }: SeamTable, verdicts: Verdicts, first: number, last: number) {
  if (!(flags[line[last]!]! & Flag.endsStop)) return;
  for (let seam = first; seam < last; seam++) {
    const [before, next] = [line[seam]!, line[seam + 1]!];
    if (chars[before]! < FULL_OF_TWO || flags[before]! & ENDS || !(flags[next]! & Flag.startsLower)) continue;
    verdicts.certainty[seam] = Math.min(verdicts.certainty[seam]!, CERTAINTY_OF_TWO);
  }
}

/** A line that may be full where there is no measure: in characters, and as a share of the longest line. */
const FULL_OF_TWO = 45;
const FULL_SHARE = 0.9;
/** It is asked about. */
const CERTAINTY_OF_TWO = 0.7;
const LONGEST_OF_A_GROUP = 72;
/** Lines that go on in small letters are verse, and belong together. */
const LONGEST_OF_ONE_SENTENCE = 100;

/** The seams from..to may be verse. A first line that belongs to the paragraph before, or a last one that goes on, is none. */
function keepRun({ table, seams }: SeamContext, verdicts: Verdicts, from: number, to: number): void {
  const { decision } = verdicts;
  const first = from > 0 && decision[from - 1] === Decision.join ? from + 1 : from;
  const last = to < seams.count && decision[to] === Decision.join ? to - 1 : to;
  if (last - first < FEWEST_SEAMS) return;
  let closed = 0;
  for (let seam = first; seam < last; seam++) if (table.flags[seams.line[seam]!]! & Flag.endsStop) closed++;
  if (closed / (last - first) < MOST_CLOSED) keepAll(verdicts, first, last);
}

/** Lines of verse are as certain as they are on the average, since one is hardly verse without the others. */
function keepAll(verdicts: Verdicts, from: number, to: number): void {
  const { certainty } = verdicts;
  const mean = certainty.subarray(from, to).reduce((sum, one) => sum + one, 0) / (to - from);
  for (let seam = from; seam < to; seam++) {
    settle(verdicts, seam, Decision.keep, 'verse');
    if (to - from >= FEWEST_OF_VERSE) certainty[seam] = Math.max(certainty[seam]!, mean);
  }
}

function mayBeVerse(context: SeamContext, decision: Uint8Array, seam: number): boolean {
  const { table, seams, convention } = context;
  if (decision[seam] !== Decision.break || seams.turn[seam] || table.captions.found) return false;
  if (areOfTwoKinds(table, seams.line[seam]!, seams.line[seam + 1]!)) return false;
  const gap = gapAt(table, seams, seam);
  const closest = convention.wraps ? blanksOfGap(Math.max(0, convention.wrapGap)) : 0;
  if (blanksOfGap(gap) > closest) return false;
  // The number of a stanza stands before its first line.
  const isNumbered = seam === 0 || seams.blanks[seam - 1]! > closest;
  return (
    isVerseLine(context, seam, seams.line[seam]!, isNumbered) &&
    isVerseLine(context, seam, seams.line[seam + 1]!, false)
  );
}

function isVerseLine(
  { table, convention, measure }: SeamContext,
  seam: number,
  line: number,
  mayBeNumbered: boolean,
): boolean {
  if (table.kind[line] !== LineKind.prose) return false;
  const never = Flag.startsSpeaker | Flag.startsQuote | (mayBeNumbered ? 0 : Flag.startsMarker);
  if (table.flags[line]! & never) return false;
  if (!convention.wraps) return table.chars[line]! <= LONGEST_WITHOUT_MEASURE;
  return measure.at[seam]! > 0 && fillOf(table, measure, seam, line) < SHORT_LINE;
}
