import { LineKind } from '../line-kind.ts';
import { textAt, type KeptLines } from '../kept-lines.ts';
import type { LineTable } from '../line-table.ts';
import { isWordUnit } from '../../text/characters.ts';
import { foldHead, readPageLabel } from './page-label.ts';

const SHORTEST_TITLE = 6;

/**
 * Heads beside a page break that are a number and a title of the text: "Chapter 66. The Shark Massacre   75". They need not come
 * back to be known, since the title stands elsewhere, on one line or on two. Linear in the number of lines.
 */
export function titledHeads(source: string, table: LineTable, kept: KeptLines): number[] {
  const heads = new Map<number, string>();
  for (let place = 0; place < kept.lines.length; place++) {
    if (kept.nearBreak[place] !== 1 || !mayBeTitle(table, kept, place)) continue;
    const label = readPageLabel(textAt(source, table, kept, place));
    if (label && lettersOf(label.rest).length >= SHORTEST_TITLE) heads.set(place, lettersOf(label.rest));
  }
  if (heads.size === 0) return [];
  const wanted = new Set(heads.values());
  const beginnings = new Set([...wanted].map((title) => title.slice(0, BEGINNING)));
  const titles = new Set<string>();
  const isTitle = (place: number) => !heads.has(place) && mayBeTitle(table, kept, place);
  for (let place = 0; place < kept.lines.length; place++) {
    if (!isTitle(place)) continue;
    const beginning = beginningOf(source, table, kept.lines[place]!);
    if (beginning.length === BEGINNING && !beginnings.has(beginning)) continue;
    const letters = lettersOf(foldHead(textAt(source, table, kept, place)));
    if (wanted.has(letters)) titles.add(letters);
    if (!isTitle(place + 1)) continue;
    const both = letters + lettersOf(foldHead(textAt(source, table, kept, place + 1)));
    if (wanted.has(both)) titles.add(both);
  }
  return [...heads].filter(([, title]) => titles.has(title)).map(([place]) => place);
}

/** So many letters and figures tell nearly all other lines from a title, and each title has as many. */
const BEGINNING = 3;

/** The first letters and figures of a line, in small letters; fewer where the line has no more. */
function beginningOf(source: string, { from, to }: LineTable, line: number): string {
  let letters = '';
  for (let at = from[line]!; at < to[line]! && letters.length < BEGINNING; at++) {
    const code = source.charCodeAt(at);
    if (code >= 0x80) return lettersOf(source.slice(from[line], to[line])).slice(0, BEGINNING);
    if (isWordUnit(code)) letters += source[at]!.toLowerCase();
  }
  return letters;
}

const LONGEST = 72;

function mayBeTitle({ kind, chars }: LineTable, { lines }: KeptLines, place: number): boolean {
  const line = lines[place];
  return line !== undefined && kind[line] === LineKind.prose && chars[line]! <= LONGEST;
}

function lettersOf(text: string): string {
  return text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
}
