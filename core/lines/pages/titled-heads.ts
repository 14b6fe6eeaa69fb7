import { LineKind } from '../line-kind.ts';
import { textAt, type KeptLines } from '../kept-lines.ts';
import type { LineTable } from '../line-table.ts';
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
  const titles = new Set<string>();
  let before = '';
  for (let place = 0; place < kept.lines.length; place++) {
    if (heads.has(place) || !mayBeTitle(table, kept, place)) {
      before = '';
      continue;
    }
    const letters = lettersOf(foldHead(textAt(source, table, kept, place)));
    for (const title of [letters, before + letters]) if (wanted.has(title)) titles.add(title);
    before = letters;
  }
  return [...heads].filter(([, title]) => titles.has(title)).map(([place]) => place);
}

const LONGEST = 72;

function mayBeTitle({ kind, chars }: LineTable, { lines }: KeptLines, place: number): boolean {
  const line = lines[place]!;
  return kind[line] === LineKind.prose && chars[line]! <= LONGEST;
}

function lettersOf(text: string): string {
  return text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
}
