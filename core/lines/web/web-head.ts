import { isKept, LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { dropAsCompany, isProse, labelAt, LONGEST_LABEL } from './label-lines.ts';
import { isContentsLabel, isNavigation, isSection } from './web-labels.ts';

/*
 * What stands on a web page between its beginning and its first sentence. The words of a site's menu are its own, so no list knows them;
 * but the title comes behind them, and what leads about the site is known by a few words of it.
 */

const FEWEST_LEADING = 2;
/** In characters. */
const LONGEST_OF_MENU = 36;
/** A line of a title, not the date or the author's name below it. */
const DATE = /\b(?:19|20)\d\d\b|^\d|^(?:by|von|par|por) /i;
/** "By Ida Marsh": the title is above it, whatever leads about the page below. */
const BYLINE = /^(?:[Bb]y|[Vv]on|[Pp]ar|[Pp]or) \p{Lu}\S* \p{Lu}/u;

/**
 * The short lines above the last one before the first sentence that leads about the site: whoever pasted the page is asked. What stands
 * alone between blank lines may be a title. Where no line is left that may be one, none goes.
 */
export function dropMenuAboveTitle(source: string, table: LineTable): void {
  const { kind, from, to, chars, flags } = table;
  const textOf = (line: number) => source.slice(from[line], Math.min(to[line]!, from[line]! + LONGEST_LABEL));
  let firstProse = 0;
  while (firstProse < kind.length && !(isKept(kind[firstProse]!) && isProse(table, firstProse))) firstProse++;
  if (firstProse === kind.length) return;
  const head = Array.from({ length: firstProse }, (_, line) => line);
  const byline = head.find((line) => isKept(kind[line]!) && BYLINE.test(textOf(line))) ?? firstProse;
  const leading = head.slice(0, byline).filter((line) => kind[line] !== LineKind.blank && isNavigation(textOf(line)));
  if (leading.length < FEWEST_LEADING) return;
  let last = leading.at(-1)!;
  // The parts of a newspaper may be titles elsewhere.
  while (last + 1 < firstProse && isSection(textOf(last + 1))) last++;
  const mayBeTitle = (line: number) =>
    isKept(kind[line]!) && !DATE.test(textOf(line)) && labelAt(source, table, line) === 'no';
  if (!head.slice(last + 1).some(mayBeTitle)) return;
  const isShort = (line: number) =>
    chars[line]! <= LONGEST_OF_MENU && !(flags[line]! & (Flag.endsStop | Flag.endsComma));
  const isOpen = (line: number) => line < 0 || kind[line] === LineKind.blank;
  const isAlone = (line: number) => isOpen(line - 1) && isOpen(line + 1);
  for (const line of head.slice(0, last + 1))
    if (isKept(kind[line]!) && isShort(line) && !isAlone(line)) dropAsCompany(table, line);
}

const FEWEST_ENTRIES = 2;
const LONGEST_ENTRY = 90;
const BESIDE_HEADING = /^\d+(?:\.\d+)*\.?\s+|\s*\[[^\]]{3,60}\]$/g;

/** "History[edit]", "Geschichte[Bearbeiten | Quelltext bearbeiten]" */
const HEADING_TO_CHANGE = /^\p{Lu}.{0,80}(?<mark>\[\p{L}{3,20}(?:(?: \|)? [\p{L}]{2,20}){0,4}\])$/u;
const FEWEST_HEADINGS_TO_CHANGE = 2;

/** Whether headings of a text have the same mark in brackets behind them, by which readers of a page change what stands below. */
export function hasHeadingsToChange(source: string, { kind, from, to, chars }: LineTable): boolean {
  const marks = new Map<string, number>();
  for (let line = 0; line < kind.length; line++) {
    if (!isKept(kind[line]!) || chars[line]! > LONGEST_ENTRY || source[to[line]! - 1] !== ']') continue;
    const mark = HEADING_TO_CHANGE.exec(source.slice(from[line], to[line]))?.groups!['mark'];
    if (mark === undefined) continue;
    const count = (marks.get(mark) ?? 0) + 1;
    if (count >= FEWEST_HEADINGS_TO_CHANGE) return true;
    marks.set(mark, count);
  }
  return false;
}

/** The list of a page's headings below "Contents": each stands below once more, where it heads a part. */
export function dropListOfHeadings(source: string, table: LineTable): void {
  const { kind, from, to, chars } = table;
  const isLine = (line: number) => kind[line] === LineKind.webLabel || isKept(kind[line]!);
  const headingOf = (line: number) => source.slice(from[line], to[line]).toLowerCase().replace(BESIDE_HEADING, '');
  const labels = [...kind.keys()].filter((line) => isLine(line) && isContentsLabel(source.slice(from[line], to[line])));
  if (labels.length === 0) return;
  const lastOf = new Map<string, number>();
  for (let line = 0; line < kind.length; line++)
    if (isLine(line) && chars[line]! <= LONGEST_ENTRY) lastOf.set(headingOf(line), line);
  for (const label of labels) {
    const entries: number[] = [];
    for (let line = label + 1; line < kind.length; line++) {
      if (kind[line] === LineKind.blank) continue;
      if (!isLine(line) || chars[line]! > LONGEST_ENTRY || lastOf.get(headingOf(line))! <= line) break;
      entries.push(line);
    }
    if (entries.length < FEWEST_ENTRIES) continue;
    for (const line of [label, ...entries]) if (isKept(kind[line]!)) dropAsCompany(table, line);
  }
}
