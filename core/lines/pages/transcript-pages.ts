import { findKeptLines, textAt, type KeptLines } from '../kept-lines.ts';
import { LineKind } from '../line-kind.ts';
import type { LineTable } from '../line-table.ts';
import { foldHead, readPageLabel } from './page-label.ts';

/*
 * Page numbers and heads in what was said, as where a transcript with times was printed. People say numbers and say things again, so
 * that only numbers that count on from page to page count, each at a page break or beside the same head as another.
 */

/** A line that may number a page, and the head that stands in it or right beside it. */
interface Page {
  readonly place: number;
  readonly number: number;
  /** Places of lines that may be its head. */
  readonly heads: readonly number[];
}

/** Sets the kind of page numbers and running heads in `table.kind`. Linear. */
export function findTranscriptPages(source: string, table: LineTable): void {
  const kept = findKeptLines(table);
  const pages = countingOn(findPages(source, table, kept));
  const headAt = (place: number) => foldedAt(source, table, kept, place);
  const recurring = recurringHeads(pages, headAt);
  let last: Page | undefined;
  for (const page of pages) {
    const heads = page.heads.filter((place) => recurring.has(headAt(place)));
    // A number alone at a page break needs no head; words beside it do.
    const isAlone = !page.heads.includes(page.place);
    if (heads.length === 0 && !(isAlone && kept.nearBreak[page.place] === 1)) continue;
    drop(table, kept, page.place, LineKind.pageNumber);
    for (const place of heads) if (place !== page.place) drop(table, kept, place, LineKind.runningHead);
    last = page;
  }
  // The number of the last page has nothing behind it.
  const end = kept.lines.length - 1;
  const label = readPageLabel(textAt(source, table, kept, end));
  if (last && label?.rest === '' && label.number === last.number + 1 && !isTimed(table, kept, end))
    drop(table, kept, end, LineKind.pageNumber);
}

/** Heads that stand in two places or more; with numbers in their lines that only rise, or "Speaker 1" and "Speaker 2" were some. */
function recurringHeads(pages: readonly Page[], headAt: (place: number) => string): ReadonlySet<string> {
  const found = new Map<string, { readonly places: Set<number>; number: number; rises: boolean }>();
  for (const { heads, number, place: own } of pages) {
    for (const place of heads) {
      const head = headAt(place);
      const one = found.get(head) ?? { places: new Set<number>(), number: -1, rises: true };
      found.set(head, one);
      one.places.add(place);
      if (place !== own) continue;
      one.rises &&= number > one.number;
      one.number = number;
    }
  }
  return new Set([...found].filter(([, { places, rises }]) => places.size >= 2 && rises).map(([head]) => head));
}

function drop(table: LineTable, kept: KeptLines, place: number, kind: LineKind): void {
  table.kind[kept.lines[place]!] = kind;
}

function findPages(source: string, table: LineTable, kept: KeptLines): Page[] {
  const pages: Page[] = [];
  for (let place = 0; place < kept.lines.length; place++) {
    if (isTimed(table, kept, place) || !hasFigure(source, table, kept.lines[place]!)) continue;
    const label = readPageLabel(textAt(source, table, kept, place).replace(/\s+/g, ' '));
    if (!label) continue;
    const beside = [place - 1, place + 1].filter(
      (at) => !isTimed(table, kept, at) && foldedAt(source, table, kept, at) !== '',
    );
    pages.push({ place, number: label.number, heads: label.rest === '' ? beside : [place] });
  }
  return pages;
}

/** What has a time of its own, beside it or on the line above or below, was said, or says who spoke. */
function isTimed({ kind, leadTo, tailFrom }: LineTable, { lines }: KeptLines, place: number): boolean {
  const line = lines[place];
  if (line === undefined) return false;
  if (leadTo[line]! > 0 || tailFrom[line]! > 0) return true;
  return kind[line - 1] === LineKind.timeCode || kind[line + 1] === LineKind.timeCode;
}

/** Cheap refusal: numbers stand at the edges of their lines. */
function hasFigure(source: string, { from, to }: LineTable, line: number): boolean {
  return /\d/.test(source[from[line]!]! + source[to[line]! - 1]!) || source[to[line]! - 1] === '-';
}

/** Other numbers between those of two pages, at the most: those of cues, and spoken ones. */
const MOST_BETWEEN = 3;

/** Pages whose number is one more than that of one before, or one less than that of one behind. */
function countingOn(pages: readonly Page[]): Page[] {
  const isNear = (at: number, number: number, step: 1 | -1) => {
    for (let away = 1; away <= MOST_BETWEEN + 1; away++) if (pages[at + away * step]?.number === number) return true;
    return false;
  };
  return pages.filter(({ number }, at) => isNear(at, number - 1, -1) || isNear(at, number + 1, 1));
}

/** The words of a head without its number, folded; empty where there are none. */
function foldedAt(source: string, table: LineTable, kept: KeptLines, place: number): string {
  const text = textAt(source, table, kept, place).replace(/\s+/g, ' ');
  return readPageLabel(text)?.rest ?? foldHead(text);
}
