import { LineEnd } from '../../text/line-index.ts';
import { hasSentenceWithin } from '../../text/sentence-within.ts';
import { mostFrequent } from '../../text/most-frequent.ts';
import { goesOnWithoutCapitals } from '../caseless-sentences.ts';
import { isDropped, LineKind } from '../line-kind.ts';
import { findKeptLines, textAt, type KeptLines } from '../kept-lines.ts';
import { isFigureCaption, isFormula } from '../line-form.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { closesText } from './closing-number.ts';
import { foldHead, readPageLabel } from './page-label.ts';

/*
 * Heads that come only once, since the text is short or its heads change: a short line that stands alone in the middle of a
 * sentence. Nothing proves what it is, so whoever drops it has to ask; but it is never part of the sentence.
 */

const LONGEST = 60;
/** With room between its parts. */
const WIDEST = 120;
/** In characters: the lines of the sentence are those of prose. */
const SHORTEST_BEFORE = 25;
const SHORTEST_AFTER = 10;
/** Share of lines in which a sentence ends, at the least: without stops nothing tells where one goes on. */
const LEAST_STOPS = 0.1;
/** Lines of furniture between the halves of a sentence. */
const FARTHEST = 6;
/** How a sentence breaks off, within a word too: a head before the line would end in a capital or a figure. */
const BREAKS_OFF = /[\p{Ll}\p{M},;’”)\u00ad\u2010-]/u;
/** A sentence goes on in a letter, or in what opens a part of it: an option of a command begins with dashes. */
const GOES_ON = /[\p{Ll}“‘"'«„(]/u;
const ENDS = Flag.endsStop | Flag.endsComma | Flag.endsColon | Flag.endsHyphen | Flag.endsDash;
const BEGINS = Flag.startsUpper | Flag.startsDigit | Flag.startsCaseless | Flag.startsCjk;

/**
 * Sets the kind of heads that stand alone between the halves of a sentence, each with its doubt. Once more after the footnotes are
 * known: these may stand between a head and the sentence.
 */
export function dropLoneHeads(source: string, table: LineTable, kept = findKeptLines(table)): void {
  const lone = findLoneHeads(source, table, kept).filter((place) => !isLetterOfList(source, table, kept, place));
  const heads = lone.map((place) => foldHead(textAt(source, table, kept, place)));
  const counts = new Map<string, number>();
  for (const head of heads) counts.set(head, (counts.get(head) ?? 0) + 1);
  for (const [at, place] of lone.entries()) {
    table.kind[kept.lines[place]!] = LineKind.runningHead;
    // One that comes again, where another sentence is cut, has proved what it is.
    if (counts.get(heads[at]!) === 1) table.removalDoubts.set(kept.lines[place]!, 'lone');
  }
}

/** Kept lines from one letter of a list to the next, at the most. */
const LONGEST_ENTRY = 8;

/** "B" between "A" and "C": letters by themselves that follow in the alphabet stand above what they name. */
function isLetterOfList(source: string, table: LineTable, { lines }: KeptLines, place: number): boolean {
  const letterAt = (at: number) => {
    const line = lines[at];
    return line !== undefined && table.chars[line] === 1 ? source.charCodeAt(table.from[line]!) : Number.NaN;
  };
  const letter = letterAt(place);
  if (Number.isNaN(letter)) return false;
  for (let away = 1; away <= LONGEST_ENTRY; away++)
    if (letterAt(place - away) === letter - 1 || letterAt(place + away) === letter + 1) return true;
  return false;
}

/** In characters, without the room between what stands wide apart: a head may be set over the whole width of a page. */
function lengthOf(source: string, { from, to, chars }: LineTable, line: number): number {
  if (chars[line]! <= LONGEST || chars[line]! > WIDEST) return chars[line]!;
  const text = source.slice(from[line], to[line]);
  return hasNumberApart(text) ? text.replace(/\s+/g, ' ').length : chars[line]!;
}

/** The lines of a sentence before and behind what parts them. */
interface Halves {
  readonly before: number;
  readonly after: number;
}

/** The places of such lines. Linear in the number of lines. */
function findLoneHeads(source: string, table: LineTable, kept: KeptLines): number[] {
  const lone: number[] = [];
  let usual: number | undefined;
  if (opensText(source, table, kept)) lone.push(0);
  if (closesText(source, table, kept)) lone.push(kept.lines.length - 1);
  for (let place = 1; place + 1 < kept.lines.length; place++) {
    const line = kept.lines[place]!;
    if (
      !mayStandAlone(table, line, source.slice(table.from[line], table.from[line]! + 12), lengthOf(source, table, line))
    )
      continue;
    const before = stayingLine(table, kept, place, -1);
    const after = stayingLine(table, kept, place, 1);
    if (before === undefined || after === undefined) continue;
    if (isAtPageNumber(table, line, before, after) || isNumberedHead(source, table, line, before, after)) {
      lone.push(place);
      continue;
    }
    if (!partsSentence(source, table, before, after)) {
      if (arePairOfHeads(source, table, kept, place, before)) lone.push(place, ++place);
      else if (isNumberedAt(source, table, kept, place, { before, after })) lone.push(place);
      continue;
    }
    if (isFormula(textAt(source, table, kept, place)) || isFigureCaption(source, table.from[line]!, table.to[line]!))
      continue;
    const isCaseless = !(table.flags[after]! & Flag.startsLower);
    if (isCaseless && !isFarShorter(table, line, before)) continue;
    usual ??= usualBlanks(table, kept);
    const isApart = standsApart(table, before, line, usual) && standsApart(table, line, after, usual);
    if (isApart || (!isCaseless && isNoLineOfProse(source, table, kept, place, { before, after }))) lone.push(place);
  }
  return lone.length === 0 || hasStops(source, table, kept) ? lone : [];
}

/** In scripts without capitals a line of the sentence looks as a head does, but for its length and the gaps around it. */
function isFarShorter({ chars }: LineTable, line: number, before: number): boolean {
  return chars[line]! < chars[before]! * FAR_TOO_SHORT;
}

/** Lines on either side that tell how wide those of prose are; the narrower of them do, where others are glued together. */
const LINES_BESIDE = 5;
const SHARE_NARROWER = 0.25;
/** In characters, and shares of the width of the lines beside. */
const NARROWEST = 40;
const NEARLY_FULL = 0.8;
const FAR_TOO_SHORT = 0.6;
const TOO_SHORT_WITH_NUMBER = 0.75;
const CLOCK = /^\d{1,2}[:.]\d\d\b/;
const WIDE_APART = /\s{3,}/;

/** A page number wide apart from the words: "THE MILLS        17", "Minutes       Page 2 of 5", "Miss Quist     - 2 -     4 March". */
function hasNumberApart(text: string): boolean {
  const parts = text.split(WIDE_APART);
  return parts.length > 1 && parts.some((part) => /\d|^[ivxl]+$/.test(part) && readPageLabel(part)?.rest === '');
}

/** Two lines of a page turn, such as a number and a head, in the middle of a sentence. */
function arePairOfHeads(source: string, table: LineTable, kept: KeptLines, place: number, before: number): boolean {
  const second = kept.lines[place + 1]!;
  const after = stayingLine(table, kept, place + 1, 1);
  if (after === undefined || !partsSentence(source, table, before, after)) return false;
  if (!mayStandAlone(table, second, source.slice(table.from[second], table.from[second]! + 12))) return false;
  const pair = [place, place + 1];
  if (second !== kept.lines[place]! + 1 || !pair.some((one) => hasPageNumber(textAt(source, table, kept, one))))
    return false;
  return pair.every((one) => isNoLineOfProse(source, table, kept, one, { before, after }));
}

/** A head with its number behind a word that ends no sentence, though the next line begins with a name. */
function isNumberedAt(source: string, table: LineTable, kept: KeptLines, place: number, halves: Halves): boolean {
  const { kind, flags, chars } = table;
  const { before, after } = halves;
  if (!(flags[before]! & Flag.endsFunctionWord) || !(flags[after]! & Flag.startsUpper)) return false;
  if (kind[before] !== LineKind.prose || kind[after] !== LineKind.prose || chars[after]! < SHORTEST_BEFORE)
    return false;
  return hasPageNumber(textAt(source, table, kept, place)) && isNoLineOfProse(source, table, kept, place, halves);
}

/** "330 ml of beer" is no head. */
const AMOUNT = /^\d+\s+\p{Ll}/u;

function hasPageNumber(text: string): boolean {
  return !AMOUNT.test(text) && readPageLabel(text.replace(/\s+/g, ' ')) !== undefined;
}

/** A sentence of full lines goes on below, and this one would have held its next word by far: it was never one of them. */
function isNoLineOfProse(
  source: string,
  table: LineTable,
  kept: KeptLines,
  place: number,
  { before, after }: Halves,
): boolean {
  const { chars, firstChars, kind } = table;
  const beside = kept.lines
    .slice(Math.max(0, place - LINES_BESIDE), place + LINES_BESIDE + 1)
    .filter((line) => kind[line] === LineKind.prose && line !== kept.lines[place] && chars[line]! >= NARROWEST)
    .map((line) => chars[line]!)
    .sort();
  const width = beside[Math.floor(beside.length * SHARE_NARROWER)] ?? 0;
  const text = textAt(source, table, kept, place);
  if (CLOCK.test(text) || AMOUNT.test(text)) return false;
  if (hasNumberApart(text)) return true;
  if (width < NARROWEST || chars[before]! < width * NEARLY_FULL) return false;
  const most = hasPageNumber(text) ? TOO_SHORT_WITH_NUMBER : FAR_TOO_SHORT;
  return text.replace(/\s+/g, ' ').length + 1 + firstChars[after]! <= width * most;
}

/** A page number at the other edge of the page: "THE MILLS OF THE REACH                  17". */
const AT_BOTH_EDGES = /^\d{1,3}\s{8,}\p{Lu}{2}|\p{Lu}{2}\s{8,}\d{1,3}$/u;

/**
 * Whether the first line is the head of a page that was copied from its top: a number at the other edge of the page, or one set apart
 * from its words, or both from the text, and a sentence that goes on.
 */
function opensText(source: string, table: LineTable, kept: KeptLines): boolean {
  const [line, after] = kept.lines;
  if (line === undefined || after === undefined) return false;
  const text = textAt(source, table, kept, 0);
  if (table.kind[after] !== LineKind.prose || table.chars[after]! < SHORTEST_BEFORE) return false;
  if (isDropped(table.kind[line]!)) return false;
  if (AT_BOTH_EDGES.test(text) && NUMBERED_HEAD.test(text)) return standsApart(table, line, after, 0);
  if (!(table.flags[after]! & Flag.startsLower) || isHangingEntry(table, line, text, after)) return false;
  const head = text.replace(/\s+/g, ' ');
  // Old print ends its heads with a stop.
  const stop = /\p{Ll}/u.test(text) ? 0 : Flag.endsStop;
  if (!mayStandAlone(table, line, text.slice(0, 12), head.length, stop)) return false;
  // "che vi": no number.
  if (table.flags[line]! & Flag.endsFunctionWord || !readPageLabel(stop ? head.replace(/\.$/, '') : head)) return false;
  return blanksBetween(table, line, after) > 0 || /^\d+\s{3,}\S|\S\s{3,}\d+$/.test(text);
}

/** "1788     The mill was built by": the next line is set in to where the words of this one begin. */
function isHangingEntry({ indent }: LineTable, line: number, text: string, after: number): boolean {
  const lead = /^\d+\s{2,}(?=\S)/.exec(text)?.[0];
  return lead !== undefined && indent[after] === indent[line]! + lead.length;
}

/** The number of a section: heads of pages have no such. */
const SECTION = /^\d{1,2}(?:\.\d{1,2})+\.?\s/;

/** `passed` are flags that do not count against it. */
function mayStandAlone(
  { kind, flags, chars }: LineTable,
  line: number,
  start: string,
  length = chars[line]!,
  passed = 0,
): boolean {
  if (isDropped(kind[line]!) || length > LONGEST || flags[line]! & (ENDS | Flag.startsMarker) & ~passed) return false;
  if (SECTION.test(start)) return false;
  return start.startsWith('©') || (flags[line]! & BEGINS) !== 0;
}

/**
 * A line in capitals beside a page number, in a sentence that breaks off in a small word: "the third of", and on the next page
 * "March". It needs no blank line.
 */
function isAtPageNumber({ kind, flags, chars }: LineTable, line: number, before: number, after: number): boolean {
  if (!(flags[line]! & Flag.allCapitals) || !(flags[before]! & Flag.endsFunctionWord)) return false;
  if (chars[before]! < SHORTEST_BEFORE || kind[before] !== LineKind.prose || kind[after] !== LineKind.prose)
    return false;
  for (let at = before + 1; at < after; at++) if (kind[at] === LineKind.pageNumber) return true;
  return false;
}

/** "44          THE MILLS OF THE REACH" or the other way round. */
const NUMBERED_HEAD = /^\d{1,4}\s{3,}\p{Lu}{2,}(?: [\p{Lu}’'&-]+)+$|^\p{Lu}{2,}(?: [\p{Lu}’'&-]+)+\s{3,}\d{1,4}$/u;

/** A page number set wide apart from words in capitals, by itself between lines of prose: the sentence may have ended before it. */
function isNumberedHead(source: string, table: LineTable, line: number, before: number, after: number): boolean {
  const { kind, flags, from, to, chars } = table;
  if (!(flags[line]! & (Flag.startsDigit | Flag.allCapitals)) || kind[before] !== LineKind.prose) return false;
  if (kind[after] !== LineKind.prose || chars[after]! < SHORTEST_BEFORE) return false;
  if (!NUMBERED_HEAD.test(source.slice(from[line], to[line]))) return false;
  return (
    (standsApart(table, before, line, 0) && standsApart(table, line, after, 0)) ||
    partsSentence(source, table, before, after)
  );
}

function partsSentence(source: string, table: LineTable, before: number, after: number): boolean {
  if (areProse(table, before, after) && goesOnWithoutCapitals(table, before, after)) return true;
  if (!goesOn(table, before, after)) return false;
  return BREAKS_OFF.test(source[table.to[before]! - 1]!) && GOES_ON.test(source[table.from[after]!]!);
}

/** Whether a sentence of prose goes on from one line to the other. */
function goesOn(table: LineTable, before: number, after: number): boolean {
  const { flags, chars } = table;
  if (chars[before]! < SHORTEST_BEFORE || chars[after]! < SHORTEST_AFTER) return false;
  if (flags[before]! & (Flag.endsStop | Flag.endsColon | Flag.endsQuote) || !(flags[after]! & Flag.startsLower))
    return false;
  return areProse(table, before, after);
}

function areProse({ kind }: LineTable, before: number, after: number): boolean {
  return kind[before] === LineKind.prose && kind[after] === LineKind.prose;
}

/** The nearest line that stays, in one direction. */
function stayingLine(table: LineTable, kept: KeptLines, place: number, step: 1 | -1): number | undefined {
  for (let away = 1, near = place + step; away <= FARTHEST && kept.lines[near] !== undefined; away++, near += step) {
    if (!isDropped(table.kind[kept.lines[near]!]!)) return kept.lines[near];
  }
  return undefined;
}

function hasStops(source: string, table: LineTable, { lines }: KeptLines): boolean {
  const endsSentence = (line: number) =>
    (table.flags[line]! & Flag.endsStop) !== 0 || hasSentenceWithin(source.slice(table.from[line], table.to[line]));
  return lines.filter(endsSentence).length >= lines.length * LEAST_STOPS;
}

/** The blank lines between most lines of which the second goes on in small letters: some texts have one after every line. */
function usualBlanks(table: LineTable, { lines }: KeptLines): number {
  const blanks: number[] = [];
  for (let place = 1; place < lines.length; place++) {
    const isBesideFurniture = isDropped(table.kind[lines[place - 1]!]!);
    const goesOnBelow = (line: number) =>
      (table.flags[lines[place]!]! & Flag.startsLower) !== 0 || goesOnWithoutCapitals(table, line, lines[place]!);
    if (!isBesideFurniture && goesOnBelow(lines[place - 1]!))
      blanks.push(blanksBetween(table, lines[place - 1]!, lines[place]!));
  }
  return mostFrequent(blanks);
}

function blanksBetween({ kind }: LineTable, line: number, next: number): number {
  let blanks = 0;
  for (let at = line + 1; at < next; at++) if (kind[at] === LineKind.blank) blanks++;
  return blanks;
}

/** Whether more blank lines than usual, furniture or a page break lie between two lines. */
function standsApart(table: LineTable, line: number, next: number, usual: number): boolean {
  if (table.index.end[line] === LineEnd.pageBreak || blanksBetween(table, line, next) > usual) return true;
  for (let at = line + 1; at < next; at++) if (isDropped(table.kind[at]!)) return true;
  return false;
}
