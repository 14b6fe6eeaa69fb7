import { isLaidOut, LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isDigit } from '../../text/characters.ts';
import { edgeInCharacters, roomWithin, widestEdge } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { isApart, settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.86;
/** Lines that end in pages, at the least, and of all but the letters between them. */
const FEWEST = 5;
const SHARE_WITH_PAGES = 0.6;
/** In characters: narrower lines tell no width. */
const NARROWEST = 30;
/** Of the widest line: one that wraps is no shorter. */
const LEAST_FULL = 0.6;
/** Lines of an entry before that with its pages, at most. */
const MOST_BEFORE_PAGES = 2;
/** In characters: letters that head a part of an index. */
const LONGEST_LETTER = 2;

const PAGES = String.raw`\d{1,4}(?:[–-]\d{1,4})?n?`;
/** An entry that ends in its pages. */
const ENDS_IN_PAGES = new RegExp(String.raw`(?:^|\s)${PAGES}[.;]?$|(?:\s\s|\t|[.…] ?)[ivxlc]{1,7}$`);
/** An entry whose last page wants another; and a line that has nothing but pages. */
const WANTS_PAGES = new RegExp(String.raw`\s${PAGES},$`);
const ONLY_PAGES = new RegExp(String.raw`^${PAGES}(?:, ${PAGES})*[.;]?$`);
/** In units. */
const LONGEST_PAGES = 14;

/**
 * Entries of an index that take two lines or more: where most lines end in pages, a line that does not goes on in the next, if it had no
 * room for its first word. Pages that did not fit on their line stand on the next, by themselves, in any text. Linear in the number of
 * lines.
 */
export function joinIndexLines(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  joinRanges(source, table, seams, verdicts);
  joinLonePages(source, table, seams, verdicts);
  joinBeforeLeaders(source, table, seams, verdicts);
  const { line, blanks } = seams;
  for (const [first, last] of indexesIn(source, table, seams)) {
    if (first > 0 && blanks[first - 1]! > 0 && verdicts.decision[first - 1] === Decision.join)
      settle(verdicts, first - 1, Decision.break, 'shape', CERTAINTY);
    const widest = widestEdge(table, line.subarray(first, last + 1));
    if (widest < NARROWEST) continue;
    for (let seam = first; seam < last; seam++) {
      const [before, next] = [line[seam]!, line[seam + 1]!];
      if (endsInPages(source, table, before) || isLetter(table, before)) {
        const endsEntry = verdicts.decision[seam] === Decision.join && !hasOnlyPages(source, table, next);
        if (endsEntry) settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
      } else if (blanks[seam] === 0 && isApart(verdicts, seam)) {
        const isFull =
          edgeInCharacters(table, before) >= widest * LEAST_FULL &&
          roomWithin(table, seams, 'characters', widest, seam) < 0;
        if (isFull) settle(verdicts, seam, Decision.join, 'wrappedEntry', CERTAINTY);
      }
    }
  }
}

/** "44, 45-" and "46; stops the wind": a range goes on, whatever stands around it. */
function joinRanges(source: string, table: LineTable, { line, blanks, count }: SeamTable, verdicts: Verdicts): void {
  for (let seam = 0; seam < count; seam++) {
    const [before, next] = [line[seam]!, line[seam + 1]!];
    if (blanks[seam]! > 0 || !isApart(verdicts, seam) || isLaidOut(table.kind[before]!)) continue;
    if (!(table.flags[before]! & Flag.endsHyphen) || !(table.flags[next]! & Flag.startsDigit)) continue;
    if (/\d-$/.test(endOf(source, table, before))) settle(verdicts, seam, Decision.join, 'wrappedEntry', CERTAINTY);
  }
}

function joinLonePages(source: string, table: LineTable, { line, blanks, count }: SeamTable, verdicts: Verdicts): void {
  for (let seam = 0; seam < count; seam++) {
    const [before, next] = [line[seam]!, line[seam + 1]!];
    if (blanks[seam]! > 0 || !isApart(verdicts, seam) || !(table.flags[next]! & Flag.startsDigit)) continue;
    if (!(table.flags[before]! & Flag.endsComma) || table.chars[next]! > table.chars[before]!) continue;
    const isCut = hasOnlyPages(source, table, next) && WANTS_PAGES.test(endOf(source, table, before));
    if (isCut) settle(verdicts, seam, Decision.join, 'wrappedEntry', CERTAINTY);
  }
}

/** "and whatever is green ...... 11.50": dots lead to what stands behind them. */
const LEADER = /(?:\.{3,}|(?:\. ?){3,}|…{2,}) ?(?:\S{1,12}|\d[\d,;\s–-]{0,24})$/;
const TO_FIGURES = /[.…] ?[$€£]?\d[\d.,;\s–-]*$/;
const LONGEST_LEADER = 60;
const FEWEST_LEADERS = 3;
const ENDS = Flag.endsStop | Flag.endsColon | Flag.allCapitals;

/**
 * In a list with dots an entry whose last line has them begins in the line before, if that line has none and either begins small, or leads
 * to a figure while the line before cannot end there.
 */
function joinBeforeLeaders(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  const { from, to, flags } = table;
  const tails = Array.from(line, (one) => source.slice(Math.max(from[one]!, to[one]! - LONGEST_LEADER), to[one]));
  const leads = tails.map((tail) => LEADER.test(tail));
  if (leads.filter(Boolean).length < FEWEST_LEADERS) return;
  for (let seam = 0; seam < count; seam++) {
    if (leads[seam] || !leads[seam + 1] || blanks[seam]! > 0 || !isApart(verdicts, seam)) continue;
    const [above, below] = [flags[line[seam]!]!, flags[line[seam + 1]!]!];
    const isCut = above & (Flag.endsFunctionWord | Flag.endsComma) && !(below & Flag.startsDigit);
    if (above & ENDS || !(below & Flag.startsLower || (isCut && TO_FIGURES.test(tails[seam + 1]!)))) continue;
    settle(verdicts, seam, Decision.join, 'wrappedEntry', CERTAINTY);
  }
}

/** The first and last places of lines most of which end in pages. */
function* indexesIn(
  source: string,
  table: LineTable,
  { line, blanks, count }: SeamTable,
): Generator<readonly [first: number, last: number]> {
  let run: { first: number; last: number; withPages: number; lines: number } | undefined;
  /** Lines without pages since the last that had some. */
  let others = 0;
  for (let place = 0; place <= count; place++) {
    if (isLetter(table, line[place]!)) continue;
    if (endsInPages(source, table, line[place]!)) {
      run ??= { first: firstOfEntry(blanks, place, others), last: place, withPages: 0, lines: 0 };
      run.last = place;
      run.withPages++;
      run.lines += 1 + others;
      others = 0;
    } else if (++others > MOST_BEFORE_PAGES) {
      if (run && isIndex(run)) yield [run.first, run.last];
      run = undefined;
      others = MOST_BEFORE_PAGES;
    }
  }
  if (run && isIndex(run)) yield [run.first, run.last];
}

/** Where the entry begins that ends at a place, below so many lines without pages: not above a gap. */
function firstOfEntry(blanks: SeamTable['blanks'], place: number, others: number): number {
  let first = place;
  while (first > place - others && first > 0 && blanks[first - 1] === 0) first--;
  return first;
}

function isIndex({ withPages, lines }: { readonly withPages: number; readonly lines: number }): boolean {
  return withPages >= FEWEST && withPages >= lines * SHARE_WITH_PAGES;
}

function endsInPages(source: string, table: LineTable, line: number): boolean {
  const last = source.charCodeAt(table.to[line]! - 1);
  // Cheap refusal: nearly all lines end in a letter.
  if (!isDigit(last) && !'.;nivxlc'.includes(String.fromCharCode(last))) return false;
  if (isLaidOut(table.kind[line]!) && table.kind[line] !== LineKind.tableRow) return false;
  return ENDS_IN_PAGES.test(endOf(source, table, line));
}

function hasOnlyPages(source: string, { from, to }: LineTable, line: number): boolean {
  return ONLY_PAGES.test(source.slice(from[line], to[line]));
}

function endOf(source: string, { from, to }: LineTable, line: number): string {
  return source.slice(Math.max(from[line]!, to[line]! - LONGEST_PAGES), to[line]);
}

function isLetter({ chars }: LineTable, line: number): boolean {
  return chars[line]! <= LONGEST_LETTER;
}
