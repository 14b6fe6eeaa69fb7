import { Element } from '../../layout/layout.ts';
import { LineEnd } from '../../text/line-index.ts';
import { plainFigures, raisedFigures } from '../../text/raised-figures.ts';
import { isKept, LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';

/*
 * Footnotes at the foot of a page. Their first lines begin with a figure or a sign that marks a word higher on the same page;
 * they reach to the page number, the running head or the page break below. A note that stands between the halves of a
 * paragraph is an aside: it does not part them.
 */

const NOTE_START = /^(?:(?:(\d{1,3})|([*†‡§]{1,2}))\.?\s?(?=[\p{Lu}“"‘«(]|https?:)|([⁰¹²³⁴-⁹]{1,3})\s?(?=\S))/u;
const MOST_LINES = 20;

/**
 * Sets the kind of footnote lines: asides where the text goes on over the page, footnotes where it does not. With `allAside` all
 * leave their place.
 */
export function findFootnotes(source: string, table: LineTable, allAside = false): void {
  let pageFrom = 0;
  let lastProse = -1;
  for (let line = 0; line < table.index.count; line++) {
    const kind = table.kind[line]!;
    const isFigure = isLoneFigure(source, table, line);
    if (isKept(kind) && !isFigure) lastProse = line;
    const turns =
      kind === LineKind.pageNumber || kind === LineKind.runningHead || table.index.end[line] === LineEnd.pageBreak;
    if (!(turns || isFigure) || lastProse < pageFrom) continue;
    const first = firstToldNote(table, pageFrom, lastProse) ?? firstNoteLine(source, table, pageFrom, lastProse);
    if (first !== undefined) {
      const note = allAside || interrupts(table, pageFrom, first, line) ? LineKind.aside : LineKind.footnote;
      for (let at = first; at <= lastProse; at++) if (isKept(table.kind[at]!)) table.kind[at] = note;
    }
    // Without notes above it a figure may be that of a chapter.
    if (turns || first !== undefined) pageFrom = line + 1;
    else lastProse = line;
  }
}

/** In units. */
const LONGEST_FIGURE = 4;

/** Whether a kept line between blank ones is nothing but a figure, as the number of a page is that nothing else tells. */
function isLoneFigure(source: string, { kind, from, to }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose || to[line]! - from[line]! > LONGEST_FIGURE) return false;
  if (kind[line - 1] !== LineKind.blank || kind[line + 1] !== LineKind.blank) return false;
  return /^\d+$/.test(source.slice(from[line], to[line]));
}

/** The first line that the places of lines tell to be a note, where nothing but notes follows it on the page. */
function firstToldNote({ kind, layout }: LineTable, pageFrom: number, last: number): number | undefined {
  if (!layout) return undefined;
  let first: number | undefined;
  for (let line = last; line > pageFrom && (!isKept(kind[line]!) || layout.element[line] === Element.note); line--)
    if (isKept(kind[line]!)) first = line;
  return first;
}

/** The first line of the notes that end a page: the topmost whose figures run on down to the page's end. */
function firstNoteLine(source: string, table: LineTable, pageFrom: number, last: number): number | undefined {
  let first: number | undefined;
  let below: string | undefined;
  for (let line = last; line > pageFrom && last - line < MOST_LINES; line--) {
    if (!isKept(table.kind[line]!)) continue;
    const mark = markOfNote(startOfNote(source, table, line, last));
    if (mark === undefined) continue;
    if (below !== undefined && !comesBefore(mark, below)) break;
    if (!isMarkedAbove(source.slice(table.from[pageFrom], table.from[line]), mark)) break;
    first = line;
    below = mark;
  }
  return first;
}

/** The figure or sign with which a note begins, by its first characters; undefined where they begin none. */
export function markOfNote(start: string): string | undefined {
  const match = NOTE_START.exec(start);
  return match ? (match[1] ?? match[2] ?? plainFigures(match[3]!)) : undefined;
}

/** The first characters of a line; where it is a bare figure, those of the next line of words behind it. */
function startOfNote(source: string, table: LineTable, line: number, last: number): string {
  const start = source.slice(table.from[line], Math.min(table.to[line]!, table.from[line]! + 8));
  if (table.chars[line]! > 3) return start;
  let next = line + 1;
  while (next < last && !isKept(table.kind[next]!)) next++;
  return next <= last ? `${start} ${source.slice(table.from[next], table.from[next]! + 4)}` : start;
}

function comesBefore(mark: string, next: string): boolean {
  return /\d/.test(mark) ? Number(next) === Number(mark) + 1 : mark !== next;
}

/** A word on the page carries the mark: "areas1", "freely2 .", "areas[1]", "areas¹", "areas*". */
export function isMarkedAbove(page: string, mark: string): boolean {
  if (!/\d/.test(mark)) return new RegExp(`[\\p{L}.,;:!?)”’"][${mark[0]}]`, 'u').test(page);
  if (page.includes(raisedFigures(mark))) return true;
  for (let at = page.indexOf(mark); at >= 0; at = page.indexOf(mark, at + 1)) {
    if (isMarkAt(page, at, at + mark.length)) return true;
  }
  return false;
}

const CARRIES_MARK = /[\p{L}.,;:!?)”’"\]]/u;
const NUMBER_BEFORE = /[\d.]/;
const BEHIND_MARK = /[\s.,;:)]/;

/** Whether figures in page[from, to) are a mark: in brackets, or glued to a word and no part of a number. */
function isMarkAt(page: string, from: number, to: number): boolean {
  const before = page[from - 1] ?? '';
  const after = page[to] ?? ' ';
  if ((before === '[' && after === ']') || (before === '(' && after === ')')) return true;
  return CARRIES_MARK.test(before) && BEHIND_MARK.test(after) && !NUMBER_BEFORE.test(page[from - 2] ?? '');
}

/** The sentence before the notes is not finished, or goes on with a small letter after the page turn. */
function interrupts(table: LineTable, pageFrom: number, first: number, turn: number): boolean {
  let before = first - 1;
  while (before >= pageFrom && !isKept(table.kind[before]!)) before--;
  if (before < pageFrom) return false;
  let after = turn + 1;
  while (after < table.index.count && !isKept(table.kind[after]!)) after++;
  if (after >= table.index.count) return false;
  const flags = table.flags[before]!;
  if (table.flags[after]! & Flag.startsMarker) return false;
  return !(flags & (Flag.endsStop | Flag.endsColon)) || (table.flags[after]! & Flag.startsLower) !== 0;
}

/** The numbers of the notes that were found. */
export function numbersOfFootnotes(source: string, table: LineTable): ReadonlySet<number> {
  const numbers = new Set<number>();
  for (let line = 0; line < table.index.count; line++) {
    if (table.kind[line] !== LineKind.footnote && table.kind[line] !== LineKind.aside) continue;
    const start = plainFigures(source.slice(table.from[line], table.from[line]! + 3));
    const figures = /^\d{1,3}/.exec(start)?.[0];
    if (figures) numbers.add(Number(figures));
  }
  return numbers;
}
