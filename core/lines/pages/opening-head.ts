import { LineKind } from '../line-kind.ts';
import { textAt, type KeptLines } from '../kept-lines.ts';
import { Flag, type LineTable } from '../line-table.ts';
import type { PageNumber } from './page-candidates.ts';
import { foldHead } from './page-label.ts';

/** A book begins with its title; what begins with a later page is taken from within one. */
const LAST_FIRST_PAGE = 2;
const LONGEST_TITLE = 60;
const NEVER_IN_TITLES = Flag.endsStop | Flag.endsComma | Flag.endsHyphen | Flag.endsColon;

/** Characters: below a title stands "by Ida Marsh" as well. */
const SHORTEST_REST = 30;
/** "Ida Marsh", "I. Marsh and E. Hale": who wrote it stands below a title. */
const NAMES = /^(?:\p{Lu}[\p{L}\p{M}.’'-]*(?:,? |$)|(?:and|&|und|et|y|e|en) ){2,}$/u;

/**
 * Whether the first line of the text, which may be its title, is the running head of the page that it begins with: the same head comes
 * back, the page has a later number than the first of a book, and below it stands another title, or a sentence goes on.
 */
export function opensWithHead(
  source: string,
  table: LineTable,
  kept: KeptLines,
  pages: readonly PageNumber[],
): boolean {
  const [first, second] = kept.lines;
  const page = pages.reduce<PageNumber | undefined>(
    (least, one) => (least && least.place < one.place ? least : one),
    undefined,
  );
  if (first === undefined || second === undefined || !page || page.number <= LAST_FIRST_PAGE) return false;
  if (table.kind[first] !== LineKind.prose || !(isTitle(source, table, second) || goesOn(table, second))) return false;
  const head = foldHead(textAt(source, table, kept, 0));
  return kept.lines.some(
    (line, place) => table.kind[line] === LineKind.runningHead && foldHead(textAt(source, table, kept, place)) === head,
  );
}

function goesOn({ flags, chars }: LineTable, line: number): boolean {
  return (flags[line]! & Flag.startsLower) !== 0 && chars[line]! >= SHORTEST_REST;
}

function isTitle(source: string, { kind, from, to, chars, flags }: LineTable, line: number): boolean {
  const isAlone = kind[line + 1] === LineKind.blank && !NAMES.test(source.slice(from[line], to[line]));
  return isAlone && chars[line]! <= LONGEST_TITLE && !(flags[line]! & (NEVER_IN_TITLES | Flag.startsLower));
}
