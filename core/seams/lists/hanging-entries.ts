import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isDigit } from '../../text/characters.ts';
import { edgeInCharacters, isFull, widestOf } from '../measure/room.ts';
import { runsOn } from '../runs-on.ts';
import { pausesAtLineEnds } from '../verse/stanzas.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.9;
const SHORTEST_STEP = 2;
const LONGEST_STEP = 12;
const FEWEST_ENTRIES = 2;
const SHARE_OF_FULL = 0.8;
/** Of the widest line: printed type is no exact measure in characters. */
const NEARLY_FULL = 0.93;
const NARROWEST = 24;
const MOST_BEFORE = 3;
/** Of the widest line. */
const SHORT_REST = 0.6;

/**
 * Entries whose first lines stand out to the left of the others, as in bibliographies and glossaries: each stands alone, and goes
 * on in the lines that are set in. It shows in the line before a line that is set in: it is full, where in prose with indents it
 * would be the last of a paragraph.
 */
export function settleHangingEntries(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line: kept, count } = seams;
  for (let first = 0; first < count;) {
    const head = table.indent[kept[first]!]!;
    const step = table.indent[kept[first + 1]!]! - head;
    if (step < SHORTEST_STEP || step > LONGEST_STEP || !isProse(source, table, kept[first]!)) {
      first++;
      continue;
    }
    const isOfRun = (place: number) => {
      const indent = table.indent[kept[place]!]!;
      return (indent === head || indent === head + step) && isProse(source, table, kept[place]!);
    };
    let last = first + 1;
    while (last < count && isOfRun(last + 1) && !(seams.blanks[last]! > 0 && beginsProse(table, seams, last + 1, head)))
      last++;
    // Entries of one line each may come before the first that goes on.
    const earliest = Math.max(0, first - MOST_BEFORE);
    while (
      first > earliest &&
      seams.blanks[first - 1] === 0 &&
      table.indent[kept[first - 1]!] === head &&
      isOfRun(first - 1)
    )
      first--;
    const couplets = countCouplets(source, table, kept.subarray(first, last + 1), head);
    const pauses = areNumberedStanzas(table, seams, first, last, head);
    if (couplets >= FEWEST_COUPLETS || pauses || isNumberedVerse(table, seams, first, last, head)) {
      const certainty = pauses || (couplets > 0 && couplets < SURE_COUPLETS) ? CERTAINTY_OF_FEW : CERTAINTY;
      for (let seam = first; seam < last; seam++) {
        const begins = table.indent[kept[seam + 1]!] === head || seams.blanks[seam]! > 0;
        settle(verdicts, seam, begins ? Decision.break : Decision.keep, 'verse', certainty);
      }
    } else if (hangsTogether(source, table, seams, first, last, head)) {
      for (let place = first; place <= last; place++)
        if (table.indent[kept[place]!] === head) verdicts.entry[place] = 1;
      for (let seam = first; seam < last; seam++) {
        const next = kept[seam + 1]!;
        // An item set in is one of its own.
        const begins = table.indent[next] === head || (table.flags[next]! & Flag.startsMarker) !== 0;
        settle(verdicts, seam, begins ? Decision.break : Decision.join, 'hanging', CERTAINTY);
      }
    } else if (areStepped(table, seams, first, last, head)) {
      for (let seam = first; seam < last; seam++)
        settle(verdicts, seam, seams.blanks[seam]! > 0 ? Decision.break : Decision.keep, 'verse', CERTAINTY);
    }
    first = last;
  }
}

/** Of the line ends of a paragraph. */
const SHARE_OF_WRAPS = 0.5;

/** Whether a paragraph of several lines begins at a place, none of which is set in: it ends the entries above it. */
function beginsProse(table: LineTable, seams: SeamTable, first: number, head: number): boolean {
  const { line: kept, blanks, count } = seams;
  let last = first;
  while (last < count && blanks[last] === 0) last++;
  const group = kept.subarray(first, last + 1);
  if (last === first || group.some((line) => table.indent[line] !== head)) return false;
  const widest = widestOf(table, group);
  let wraps = 0;
  for (let seam = first; seam < last; seam++)
    if (runsOn(table, seams, seam) && isFull(table, seams, seam, widest)) wraps++;
  return wraps >= (last - first) * SHARE_OF_WRAPS;
}

/** "The mill          12": a row, which ends where it ends. */
const ROW = /\s{3,}[\divxlc.,–-]{1,8}$/;
const LONGEST_ROW_END = 16;

function isProse(source: string, { kind, from, to }: LineTable, line: number): boolean {
  return (
    kind[line] === LineKind.prose &&
    !ROW.test(source.slice(Math.max(from[line]!, to[line]! - LONGEST_ROW_END), to[line]))
  );
}

/** An entry of an index may fill its line, and ends in a page. */
function endsInFigure(source: string, { to }: LineTable, line: number): boolean {
  return isDigit(source.charCodeAt(to[line]! - 1));
}

const FEWEST_VERSES = 3;
const NUMBERED = Flag.startsMarker | Flag.startsDigit;

/** Whether the lines that are set in each begin with a capital though no sentence ended before: stanzas with their numbers. */
function isNumberedVerse(
  table: LineTable,
  { line: kept }: SeamTable,
  first: number,
  last: number,
  head: number,
): boolean {
  if (!(table.flags[kept[first]!]! & NUMBERED)) return false;
  let capitals = 0;
  for (let place = first + 1; place <= last; place++) {
    if (table.indent[kept[place]!] === head) {
      if (!(table.flags[kept[place]!]! & NUMBERED)) return false;
      continue;
    }
    if (table.flags[kept[place - 1]!]! & Flag.endsStop) continue;
    if (!(table.flags[kept[place]!]! & Flag.startsUpper) || table.chars[kept[place]!]! > LONGEST_VERSE) return false;
    capitals++;
  }
  return capitals >= FEWEST_VERSES;
}

/** Whether numbered lines and those set in below them are stanzas in small letters. */
function areNumberedStanzas(
  table: LineTable,
  { line: kept }: SeamTable,
  first: number,
  last: number,
  head: number,
): boolean {
  const run = kept.subarray(first, last + 1);
  const begins = (line: number) => table.indent[line] === head;
  return run.every((line) => !begins(line) || table.flags[line]! & NUMBERED) && pausesAtLineEnds(table, run, begins);
}

const FEWEST_COUPLETS = 2;
const SURE_COUPLETS = 3;
/** Two references may look like two couplets: it is asked about. */
const CERTAINTY_OF_FEW = 0.8;
const SHARE_OF_COMMAS = 0.5;

/**
 * How many couplets a run is, in which every second line is set in, all begin with a capital, and no sentence but many a clause ends
 * before those that are set in; none if it is anything else. The name of one who speaks may stand in capitals above some. Of few none has
 * a figure, as references do.
 */
function countCouplets(
  source: string,
  { indent, flags, chars, from, to }: LineTable,
  run: Uint32Array,
  head: number,
): number {
  const lines = run.filter((line) => !(flags[line]! & Flag.allCapitals));
  const isCouplets =
    lines.length % 2 === 0 &&
    lines.every((line, at) => (indent[line] === head) === (at % 2 === 0)) &&
    lines.every((line) => (flags[line]! & Flag.startsUpper) !== 0 && chars[line]! <= LONGEST_VERSE + 10);
  if (!isCouplets) return 0;
  const flush = lines.filter((_, at) => at % 2 === 0);
  const commas = flush.filter((line) => (flags[line]! & (Flag.endsComma | Flag.endsColon)) !== 0).length;
  if (flush.some((line) => flags[line]! & Flag.endsStop) || commas < flush.length * SHARE_OF_COMMAS) return 0;
  const hasFigure = (line: number) => /\d/.test(source.slice(from[line], to[line]));
  return flush.length < SURE_COUPLETS && lines.some(hasFigure) ? 0 : flush.length;
}

/** Lines of a stanza, and of all that are stepped. */
const FEWEST_STEPPED = 4;

/**
 * Stanzas in which every second line is set in and sentences go on over both kinds of lines in small letters: an entry does not go on
 * to the left of its lines, nor a paragraph in an indent.
 */
function areStepped(
  { indent, flags, chars }: LineTable,
  { line: kept, blanks }: SeamTable,
  first: number,
  last: number,
  head: number,
): boolean {
  if (last - first + 1 < FEWEST_STEPPED) return false;
  let smallSetIn = 0;
  let smallFlush = 0;
  let isSetIn = false;
  for (let place = first; place <= last; place++) {
    const line = kept[place]!;
    const begins = place === first || blanks[place - 1]! > 0;
    isSetIn = begins ? false : !isSetIn;
    if ((indent[line] !== head) !== isSetIn || chars[line]! > LONGEST_VERSE) return false;
    if (begins || !(flags[line]! & Flag.startsLower)) continue;
    if (isSetIn) smallSetIn++;
    else smallFlush++;
  }
  return smallSetIn > 0 && smallFlush > 0;
}

const LONGEST_VERSE = 60;
/** "apron  the floor below the wheel" */
const TERM = /^\S.{0,30}?(?:\s{2,}|\t|\s[–—-]\s)\S/;

/** Whether the kept lines first..last are such entries. */
function hangsTogether(
  source: string,
  table: LineTable,
  { line: kept, blanks }: SeamTable,
  first: number,
  last: number,
  head: number,
): boolean {
  let widest = 0;
  for (let place = first; place <= last; place++) widest = Math.max(widest, edgeInCharacters(table, kept[place]!));
  if (widest < NARROWEST) return false;
  let heads = 0;
  let goesOn = 0;
  let full = 0;
  let afterColon = 0;
  let afterStop = 0;
  let headsWithin = 0;
  const endsSentence = (place: number) => (table.flags[kept[place]!]! & (Flag.endsStop | Flag.endsQuote)) !== 0;
  for (let place = first; place <= last; place++) {
    const line = kept[place]!;
    if (table.indent[line] === head) {
      heads++;
      if (place > first && !endsSentence(place - 1)) headsWithin++;
      if (TERM.test(source.slice(table.from[line], table.to[line]))) continue;
      // Full lines below one another, and a sentence that goes on at the left, are the body of a paragraph with an indent.
      if (place > first && table.indent[kept[place - 1]!] === head) {
        const isFull = edgeInCharacters(table, kept[place - 1]!) + 1 + table.firstChars[line]! > widest * NEARLY_FULL;
        const isClosed =
          (table.flags[kept[place - 1]!]! & Flag.endsStop) !== 0 || endsInFigure(source, table, kept[place - 1]!);
        if (isFull && !isClosed) return false;
      }
      if (place > first && table.flags[line]! & Flag.startsLower && !(table.flags[kept[place - 1]!]! & Flag.endsStop)) {
        // The rest of a long entry or verse leaves room, and so does a short one; a paragraph with an indent goes on from a full line.
        const isRest = edgeInCharacters(table, kept[place - 1]!) + 1 + table.firstChars[line]! < widest * SHORT_REST;
        if (!isRest) return false;
      }
      continue;
    }
    goesOn++;
    if (blanks[place - 1]! > 0) return false;
    const before = kept[place - 1]!;
    if (table.flags[before]! & Flag.endsColon) afterColon++;
    if (endsSentence(place - 1)) afterStop++;
    if (edgeInCharacters(table, before) + 1 + table.firstChars[line]! > widest * NEARLY_FULL) full++;
  }
  // "09:02 Ida to everyone:" stands above what she says.
  if (goesOn > 1 && afterColon === goesOn) return false;
  // Below sentences that end begin paragraphs; they go on at the left.
  if (afterStop === goesOn && headsWithin > 0) return false;
  const fewest = heads > FEWEST_ENTRIES ? 1 : FEWEST_ENTRIES;
  return heads >= FEWEST_ENTRIES && goesOn >= fewest && full >= goesOn * SHARE_OF_FULL;
}
