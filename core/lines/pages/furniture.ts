import { isWordUnit } from '../../text/characters.ts';
import { isMonth } from '../../text/language.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { isDropped, LineKind } from '../line-kind.ts';
import { cutsSentence, findKeptLines, isFullAndRunsOn, NEAR, textAt, type KeptLines } from '../kept-lines.ts';
import { areSingleWords } from '../single-words.ts';
import { isHeading } from '../heading.ts';
import { foldHead } from './page-label.ts';
import { dropLoneHeads } from './lone-heads.ts';
import { opensWithHead } from './opening-head.ts';
import { titledHeads } from './titled-heads.ts';
import { dropCatchwords } from './catchwords.ts';
import { footNumbers } from './foot-numbers.ts';
import { findPageNumbers } from './page-numbers.ts';
import { printedEdges } from './printed-pages.ts';

/*
 * Page furniture: lines at the top or foot of a page that come back with only their number changing. Page numbers are found
 * first, then the running heads beside them, at page breaks, or cutting through sentences at page distance. The ways to find heads
 * are in one file, since they look at the same places and share what they have found.
 */

const LONGEST_HEAD = 90;
const FEWEST_LINES_A_PAGE = 10;
/** Furniture of one page turn: number, head and foot of both sides. */
const MOST_LINES_OF_A_TURN = 3;

/** Sets the kind of page numbers and running heads in `table.kind`. */
export function findFurniture(source: string, table: LineTable): void {
  const kept = findKeptLines(table);
  // "i" and "vi" are words there, and a number belongs to its sentence.
  if (areSingleWords(table, kept.lines)) return;
  for (const place of printedEdges(source, table, kept)) dropHead(table, kept, place);
  const pages = new Set<number>();
  const numbers = findPageNumbers(source, table, kept);
  for (const { place, rest, isDoubted } of numbers) {
    table.kind[kept.lines[place]!] = rest === '' ? LineKind.pageNumber : LineKind.runningHead;
    if (isDoubted) table.removalDoubts.set(kept.lines[place]!, 'lone');
    pages.add(place);
  }
  for (const place of footNumbers(source, table, kept)) {
    if (pages.has(place)) continue;
    table.kind[kept.lines[place]!] = LineKind.pageNumber;
    table.removalDoubts.set(kept.lines[place]!, 'lone');
    pages.add(place);
  }
  const heads = unnumberedHeads(source, table, kept, pages);
  // Letters and recipes that fill a page each begin and end with the same words too.
  const areProved = [...heads, ...pages].some((place) => isCut(table, kept, place));
  for (const place of heads) {
    dropHead(table, kept, place);
    if (!areProved && !besidePage(pages, place)) table.removalDoubts.set(kept.lines[place]!, 'lone');
  }
  if (pages.size >= 2) for (const place of titlesBesidePages(source, table, kept, pages)) dropHead(table, kept, place);
  for (const place of titledHeads(source, table, kept)) dropHead(table, kept, place);
  dropCatchwords(source, table, kept);
  dropLoneHeads(source, table, kept);
  if (opensWithHead(source, table, kept, numbers)) {
    dropHead(table, kept, 0);
    table.removalDoubts.set(kept.lines[0]!, 'lone');
  }
}

/** A sentence goes on past a line. */
function isCut(table: LineTable, kept: KeptLines, place: number): boolean {
  const cut = cutsSentence(table, kept, place);
  return cut !== undefined && cut !== 'perhaps';
}

function dropHead(table: LineTable, kept: KeptLines, place: number): void {
  table.kind[kept.lines[place]!] = LineKind.runningHead;
}

/** Heads without a number that come back: beside page numbers or page breaks, or cutting through sentences at page distance. */
function unnumberedHeads(source: string, table: LineTable, kept: KeptLines, pages: ReadonlySet<number>): Set<number> {
  const groups = [...placesOfHeads(source, table, kept, pages).values()].sort((a, b) => b.length - a.length);
  const heads = new Set([
    ...capitalsBesideNumbers(table, kept, pages, -1),
    ...capitalsBesideNumbers(table, kept, pages, 1),
  ]);
  for (const found of groups) {
    const known = found.some((place) => heads.has(place));
    if (known) for (const place of found) if (place < NEAR || besidePage(pages, place)) heads.add(place);
    if (found.length < 2 || !haveOwnFollowers(source, table, kept, heads, found)) continue;
    const recurring = recurringHeads(table, kept, pages, found);
    for (const place of recurring) heads.add(place);
    // The first line of the text may be its title, unless a heading follows it.
    const hasOwnTitle = kept.lines.length > 1 && isHeading(source, table, kept.lines[1]!);
    if (recurring.length > 0 && found[0] === 0 && hasOwnTitle) heads.add(0);
  }
  dropFootOfLastPage(groups, heads, kept);
  for (const found of groups) keepOpenings(table, kept, heads, found);
  return heads;
}

/** Where a head is followed by the same words, as on the first page of a chapter, the second is the title itself. */
function keepOpenings(table: LineTable, kept: KeptLines, heads: Set<number>, found: readonly number[]): void {
  for (const [at, place] of found.entries()) {
    const before = found[at - 1];
    if (before === undefined || !heads.has(place) || place - before > MOST_LINES_OF_A_TURN) continue;
    let between = before + 1;
    while (between < place && (heads.has(between) || isDropped(table.kind[kept.lines[between]!]!))) between++;
    if (between === place) heads.delete(place);
  }
}

/** The last line of the text has no page after it, but it is a foot where the same words are feet elsewhere. */
function dropFootOfLastPage(groups: readonly (readonly number[])[], heads: Set<number>, kept: KeptLines): void {
  const last = kept.lines.length - 1;
  for (const found of groups) {
    if (found.at(-1) === last && found.some((place) => heads.has(place))) heads.add(last);
  }
}

const NEVER_IN_HEADS = Flag.endsStop | Flag.endsComma | Flag.endsHyphen | Flag.startsLower;

function mayBeHead(table: LineTable, line: number): boolean {
  return (
    table.kind[line] === LineKind.prose &&
    table.chars[line]! <= LONGEST_HEAD &&
    (table.flags[line]! & NEVER_IN_HEADS) === 0
  );
}

function placesOfHeads(
  source: string,
  table: LineTable,
  kept: KeptLines,
  pages: ReadonlySet<number>,
): Map<string, number[]> {
  const candidates: number[] = [];
  const outlines = new Map<number, { count: number; mayRecur: boolean; last: number }>();
  for (let place = 0; place < kept.lines.length; place++) {
    const line = kept.lines[place]!;
    if (!mayBeHead(table, line) || isFullAndRunsOn(table, kept, place)) continue;
    if (table.flags[line]! & Flag.startsMarker && !besidePage(pages, place)) continue;
    candidates.push(place);
    const outline = outlineOf(source, table, line);
    const alike = outlines.get(outline);
    const atTurn = kept.nearBreak[place] === 1 || besidePage(pages, place);
    if (!alike) outlines.set(outline, { count: 1, mayRecur: atTurn, last: place });
    else {
      alike.count++;
      // Away from page turns only heads that cut through sentences are dropped.
      alike.mayRecur ||= atTurn || [place, alike.last].some((at) => cutsSentence(table, kept, at) !== undefined);
      alike.last = place;
    }
  }
  const places = new Map<string, number[]>();
  const folded = new Map<string, string>();
  for (const place of candidates) {
    const alike = outlines.get(outlineOf(source, table, kept.lines[place]!))!;
    if (alike.count === 1 || !alike.mayRecur) continue;
    const text = textAt(source, table, kept, place);
    let head = folded.get(text);
    if (head === undefined) folded.set(text, (head = foldHead(text)));
    const known = places.get(head);
    if (known) known.push(place);
    else places.set(head, [place]);
  }
  return places;
}

/** The first and the last letters of a line in one number: most lines differ in it from all others, and need no slice. */
function outlineOf(source: string, table: LineTable, line: number): number {
  const from = table.from[line]!;
  const to = table.to[line]!;
  let outline = 0;
  for (let at = 0; at < 3; at++) {
    outline = (outline * 31 + (source.charCodeAt(from + at) | 0x20)) | 0;
    outline = (outline * 31 + (source.charCodeAt(to - 1 - at) | 0x20)) | 0;
  }
  return outline;
}

/** Lines in capitals on one side of most page numbers: heads, even where each page has another. */
function capitalsBesideNumbers(table: LineTable, kept: KeptLines, pages: ReadonlySet<number>, side: 1 | -1): number[] {
  const beside = [...pages]
    .map((place) => place + side)
    .filter((place) => {
      const line = kept.lines[place];
      return line !== undefined && !pages.has(place) && (table.flags[line]! & Flag.allCapitals) !== 0;
    });
  return beside.length >= 2 && beside.length * 2 >= pages.size ? beside : [];
}

/** Within two lines of a page number: a page may have a head of its section and one of the book. */
function besidePage(pages: ReadonlySet<number>, place: number): boolean {
  return isAfterPage(pages, place) || isBeforePage(pages, place);
}

function isBeforePage(pages: ReadonlySet<number>, place: number): boolean {
  return pages.has(place + 1) || pages.has(place + 2);
}

function isAfterPage(pages: ReadonlySet<number>, place: number): boolean {
  return pages.has(place - 1) || pages.has(place - 2);
}

function recurringHeads(
  table: LineTable,
  kept: KeptLines,
  pages: ReadonlySet<number>,
  found: readonly number[],
): number[] {
  const before = found.filter((place) => isBeforePage(pages, place));
  const after = found.filter((place) => isAfterPage(pages, place));
  const beside = before.length >= after.length ? before : after;
  const atBreak = found.filter((place) => kept.nearBreak[place] === 1);
  const heads = new Set([...(beside.length >= 2 ? beside : []), ...(atBreak.length >= 2 ? atBreak : [])]);
  if (heads.size > 0) return [...new Set([...heads, ...beside])];
  if (found.length < 3 || !arePageApart(found)) return [];
  const cuts = found.filter((place) => isCut(table, kept, place)).length;
  return cuts * 2 >= found.length ? [...found] : [];
}

/** What follows a running head, other furniture left out, is another text each time; else a passage was repeated. */
function haveOwnFollowers(
  source: string,
  table: LineTable,
  kept: KeptLines,
  heads: ReadonlySet<number>,
  found: readonly number[],
): boolean {
  const followers = new Set<string>();
  let known = { place: -1, follower: -1 };
  // From the last on, so that no stretch of furniture is walked over twice.
  for (const place of found.toReversed()) {
    let next = place + 1;
    while (heads.has(next) || (next < kept.lines.length && isDropped(table.kind[kept.lines[next]!]!))) {
      next = next === known.place ? known.follower : next + 1;
    }
    known = { place, follower: next };
    followers.add(textAt(source, table, kept, next));
  }
  return followers.size > found.length / 2;
}

function arePageApart(places: readonly number[]): boolean {
  return places.every((place, at) => at === 0 || place - places[at - 1]! >= FEWEST_LINES_A_PAGE);
}

/**
 * Heads that change with the section: a short line beside the furniture of a page that repeats a title of the text. The title
 * stays where it stands farther from the furniture, so that nothing is lost.
 */
function titlesBesidePages(source: string, table: LineTable, kept: KeptLines, pages: ReadonlySet<number>): number[] {
  const beside = new Map<number, { title: string; away: number }>();
  for (const page of pages) {
    for (const step of [-1, 1]) {
      const place = firstKeptFrom(table, kept, page, step);
      if (place === undefined || !mayBeHead(table, kept.lines[place]!) || isFullAndRunsOn(table, kept, place)) continue;
      const title = foldTitle(textAt(source, table, kept, place));
      if (title.length >= SHORTEST_TITLE) beside.set(place, { title, away: Math.abs(place - page) });
    }
  }
  if (beside.size === 0) return [];
  const farthest = new Map([...beside.values()].map(({ title }) => [title, 0]));
  const lastLetters = new Set([...farthest.keys()].map((title) => title.charCodeAt(title.length - 1)));
  const folded = new Map<string, string>();
  for (let place = 0; place < kept.lines.length; place++) {
    const line = kept.lines[place]!;
    if (!mayBeHead(table, line) || !lastLetters.has(lastLetter(source, table, line))) continue;
    const text = textAt(source, table, kept, place);
    let title = folded.get(text);
    if (title === undefined) folded.set(text, (title = foldTitle(text)));
    if (farthest.has(title)) farthest.set(title, Math.max(farthest.get(title)!, beside.get(place)?.away ?? Infinity));
  }
  return [...beside].filter(([, { title, away }]) => away < farthest.get(title)!).map(([place]) => place);
}

const SHORTEST_TITLE = 4;

/** The nearest line that stays, beyond the furniture beside a page number. */
function firstKeptFrom(table: LineTable, kept: KeptLines, page: number, step: number): number | undefined {
  for (let away = 1; away <= MOST_LINES_OF_A_TURN; away++) {
    const line = kept.lines[page + away * step];
    if (line === undefined) return undefined;
    if (!isDropped(table.kind[line]!)) return page + away * step;
  }
  return undefined;
}

/** The last letter or figure of a line, small, as foldTitle would leave it. */
function lastLetter(source: string, table: LineTable, line: number): number {
  let at = table.to[line]! - 1;
  while (at > table.from[line]! && !isWordUnit(source.charCodeAt(at))) at--;
  return source[at]!.toLowerCase().charCodeAt(0);
}

/** The letters of a title, its number ("3.2.", "Chapter 7.") and its case left out; that of a day is no title's. */
function foldTitle(text: string): string {
  return text
    .toLowerCase()
    .replace(/^(?:\p{L}+\s+)?\d[\d.]*\s*(\p{L}*)/u, (all, word: string) => (isMonth(word) ? all : word))
    .replace(/[^\p{L}\p{N}]/gu, '');
}
