import { markerLength } from '../../lines/line-form.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isSpace } from '../../text/characters.ts';
import { edgeInCharacters, widestEdge, widestOf } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.86;
/** Verse may be set in for its own sake: it is asked about. */
const CERTAINTY_OF_VERSE = 0.8;
/** In columns. */
const LEAST_STEP = 2;
/** What is left of a line of verse is short, and only a full one has something left. Shares of a line. */
const SHARE_LEFT = 0.5;
const SHARE_FULL = 0.9;
const ENDS = Flag.endsStop | Flag.endsComma | Flag.endsColon | Flag.endsDash | Flag.endsQuote;

/**
 * Joins lines that go on in small letters, set in, what the line before them did not end: an item exactly under its words, and verse
 * whose long lines were wrapped. Linear in the number of lines.
 */
export function joinHungLines(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line } = seams;
  for (const [first, last] of groupsOf(seams)) {
    let widest: number | undefined;
    for (let seam = first; seam < last; seam++) {
      if (verdicts.decision[seam] === Decision.join) continue;
      if (standsUnderQuoted(table, line[seam]!, line[seam + 1]!))
        settle(verdicts, seam, Decision.join, 'hanging', CERTAINTY_OF_VERSE);
      if (!mayGoOn(table, line[seam]!, line[seam + 1]!)) continue;
      widest ??= widestOf(table, line.subarray(first, last + 1));
      if (standsUnderWords(source, table, line[seam]!, line[seam + 1]!))
        settle(verdicts, seam, Decision.join, 'hanging', CERTAINTY);
      else if (isLeftOver(table, line[seam]!, line[seam + 1]!, widest))
        settle(verdicts, seam, Decision.join, 'hanging', CERTAINTY_OF_VERSE);
    }
    joinUnderWords(source, table, seams, verdicts, first, last);
    if (areTurnedVerses(table, line.subarray(first, last + 1))) keepVerses(table, seams, first, last, verdicts);
  }
}

/** In columns: narrower lines tell no width. */
const NARROWEST = 40;
const LEAST_COLUMN = 3;
/** Of the widest edge of the group. */
const SHARE_OF_EDGE = 0.75;
const OPENS = Flag.startsMarker | Flag.startsSpeaker | Flag.startsDigit | Flag.startsDash;

/**
 * A line exactly under the words of an item, or of what stands behind a wide gap, that begins with a capital, as nouns and names do: it goes
 * on what the full line above did not end. So do those below it. An address may be set so: it is asked.
 */
function joinUnderWords(
  source: string,
  table: LineTable,
  { line }: SeamTable,
  verdicts: Verdicts,
  first: number,
  last: number,
): void {
  const { flags, indent, firstChars } = table;
  const widest = widestEdge(table, line.subarray(first, last + 1));
  if (widest < NARROWEST) return;
  let column: number | undefined;
  let isItem = false;
  for (let seam = first; seam < last; seam++) {
    const [before, after] = [line[seam]!, line[seam + 1]!];
    const own = columnOfWords(source, table, before);
    if (own !== undefined) {
      column = indent[before]! + own;
      isItem = wordsAfterMarker(source, table, before) > 0;
    } else if (indent[before] !== column) column = undefined;
    const isUnder = column !== undefined && indent[after] === column && column >= LEAST_COLUMN;
    const edge = edgeInCharacters(table, before);
    const isFull = edge >= widest * SHARE_OF_EDGE && edge + 1 + firstChars[after]! > widest;
    // A sentence may end in the full line of an item, and another begin.
    const ends = isItem ? Flag.endsColon : Flag.endsStop | Flag.endsColon;
    if (!isUnder || !isFull || flags[after]! & OPENS || flags[before]! & ends) continue;
    if (verdicts.decision[seam] !== Decision.join) settle(verdicts, seam, Decision.join, 'hanging', CERTAINTY_OF_VERSE);
  }
}

const GAP = /^(?:\S| (?! )){1,24} {2,}(?=\S)/;
const LONGEST_BEFORE_GAP = 48;

/** Where the words of an item begin, or what stands behind the one wide gap of a line, from its start in columns; undefined for others. */
function columnOfWords(source: string, table: LineTable, line: number): number | undefined {
  const start = table.from[line]!;
  const marker = wordsAfterMarker(source, table, line);
  if (marker > 0) return marker;
  return GAP.exec(source.slice(start, Math.min(table.to[line]!, start + LONGEST_BEFORE_GAP)))?.[0].length;
}

const FEWEST_VERSES = 3;

/** Lines that begin with capitals at the left, some of which go on in small letters, set in. */
function areTurnedVerses({ flags, indent }: LineTable, lines: Uint32Array): boolean {
  const head = indent[lines[0]!]!;
  const verses = lines.filter((line) => indent[line] === head);
  const rests = lines.filter((line) => indent[line] !== head);
  return (
    verses.length >= FEWEST_VERSES &&
    rests.length > 0 &&
    verses.every((line) => (flags[line]! & Flag.startsUpper) !== 0) &&
    rests.every((line) => indent[line]! >= head + LEAST_STEP && (flags[line]! & Flag.startsLower) !== 0)
  );
}

function keepVerses({ indent }: LineTable, { line }: SeamTable, first: number, last: number, verdicts: Verdicts): void {
  for (let seam = first; seam < last; seam++)
    if (verdicts.decision[seam] === Decision.join && indent[line[seam + 1]!] === indent[line[first]!])
      settle(verdicts, seam, Decision.break, 'verse', CERTAINTY_OF_VERSE);
}

/** A quotation that is set in goes on under its first word, not under its mark. */
function standsUnderQuoted({ flags, indent }: LineTable, before: number, after: number): boolean {
  if (indent[after]! - indent[before]! !== 1 || indent[before]! < LEAST_STEP || flags[before]! & ENDS) return false;
  return (flags[before]! & Flag.startsQuote) !== 0 && (flags[after]! & Flag.startsLower) !== 0;
}

function mayGoOn({ flags, indent }: LineTable, before: number, after: number): boolean {
  if (indent[after]! - indent[before]! < LEAST_STEP || flags[before]! & ENDS) return false;
  return (flags[after]! & Flag.startsLower) !== 0 && (flags[after]! & Flag.startsMarker) === 0;
}

/** The line after begins in the column in which the words of an item begin. */
function standsUnderWords(source: string, table: LineTable, before: number, after: number): boolean {
  const length = wordsAfterMarker(source, table, before);
  return length > 0 && table.indent[after]! - table.indent[before]! === length;
}

/** Where the words of an item begin, from the start of its line; 0 where it begins with no marker. */
function wordsAfterMarker(source: string, { from, to, flags, firstChars }: LineTable, line: number): number {
  const start = from[line]!;
  const isMarked = (flags[line]! & Flag.startsMarker) !== 0;
  const length = isMarked ? markerLength(source, start, to[line]!) || firstChars[line]! : letterLength(source, start);
  if (length === 0) return 0;
  let at = start + length;
  while (at < to[line]! && isSpace(source.charCodeAt(at))) at++;
  return at - start;
}

/** "b. Enoch": a letter may open an item, though elsewhere it is an initial. Gives its length, 0 if there is none. */
function letterLength(source: string, from: number): number {
  return /^[A-Za-z]\.[ \t]/.test(source.slice(from, from + 3)) ? 2 : 0;
}

function isLeftOver({ chars, flags }: LineTable, before: number, after: number, widest: number): boolean {
  if (flags[before]! & Flag.startsMarker) return false;
  return chars[after]! <= chars[before]! * SHARE_LEFT && chars[before]! >= widest * SHARE_FULL;
}
