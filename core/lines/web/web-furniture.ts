import { isKept, LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { isButtonLabel, isPageButton, leadsElsewhere, readWebLabel, type WebLabel } from './web-labels.ts';

/*
 * What a web page puts around its text: menus, buttons, counters, adverts, the links below. Only in texts that look like a copied
 * page: each line a whole paragraph, and several labels among them; or, where lines are short or wrapped, many.
 */

/** In characters: a line as long as this holds a paragraph, a line longer than the second that ends a sentence is prose. */
const LONG_LINE = 90;
const SHORTEST_PROSE = 30;
const LEAST_SHARE_IN_LONG_LINES = 0.4;
const FEWEST_LABELS = 2;
const LONGEST_LABEL = 160;

/** Sets the kind of labels, and of the links that follow the last prose. */
export function findWebFurniture(source: string, table: LineTable): void {
  if (!standsInLongLines(table) && !hasManyLabels(source, table)) return dropButtons(source, table);
  const found = findLabels(source, table);
  dropMenuAtHead(source, table);
  // Whose the rights are stands in books as well, and so does "Contents" above "Index".
  if (!found.isPage) return dropMenus(table, found.menus);
  if (found.labels.length < FEWEST_LABELS) return;
  for (const line of found.labels) table.kind[line] = LineKind.webLabel;
  dropCompany(source, table);
  dropLinks(source, table);
  const tail = found.labels.find((line) => line > found.lastProse);
  if (tail !== undefined) dropTail(source, table, tail);
  else dropListOfLinks(source, table, found.lastProse);
}

const FEWEST_IN_SHORT_LINES = 4;
/** Longer texts are books. */
const MOST_LINES_OF_A_PAGE = 1_000;

/** Lines that only web pages have, and rows of words of menus, in a text that is no longer than a page. */
function hasManyLabels(source: string, table: LineTable): boolean {
  const { count } = table.index;
  if (count > MOST_LINES_OF_A_PAGE) return false;
  let labels = 0;
  let rows = 0;
  let inRow = 0;
  for (let line = 0; line < count; line++) {
    const label = table.kind[line] === LineKind.prose ? labelAt(source, table, line) : 'no';
    if (label === 'sure') labels++;
    inRow = label === 'maybe' ? inRow + 1 : 0;
    if (inRow === FEWEST_LABELS) rows++;
  }
  return labels >= FEWEST_LABELS && labels + rows >= FEWEST_IN_SHORT_LINES;
}

interface Labels {
  readonly labels: readonly number[];
  /** Rows of words of menus that stand beside no other label. */
  readonly menus: readonly (readonly number[])[];
  readonly lastProse: number;
  /** Whether any label is one that only web pages have. */
  readonly isPage: boolean;
}

function findLabels(source: string, table: LineTable): Labels {
  const { count } = table.index;
  const labels: number[] = [];
  const menus: number[][] = [];
  let maybe: number[] = [];
  let lastProse = -1;
  let besideLabel = false;
  let isPage = false;
  // Words of menus are labels beside others, or where several stand in a row.
  const endRow = (isBeside: boolean) => {
    if (!isBeside && maybe.length > 1) menus.push(maybe);
    if (isBeside || maybe.length > 1) labels.push(...maybe);
    maybe = [];
  };
  for (let line = 0; line < count; line++) {
    if (!isKept(table.kind[line]!)) continue;
    const label = labelAt(source, table, line);
    if (label === 'maybe') {
      maybe.push(line);
      continue;
    }
    const isLabel = label !== 'no';
    isPage ||= label === 'sure';
    endRow(besideLabel || isLabel);
    besideLabel = isLabel;
    if (isLabel) labels.push(line);
    else if (isProse(table, line)) lastProse = line;
  }
  endRow(besideLabel);
  return { labels, menus, lastProse, isPage };
}

const FEWEST_MENU_WORDS = 3;

/** Rows of words of menus, where nothing else looks like a web page: whoever pasted it is asked. */
function dropMenus(table: LineTable, menus: readonly (readonly number[])[]): void {
  for (const line of menus.filter((menu) => menu.length >= FEWEST_MENU_WORDS).flat()) {
    table.kind[line] = LineKind.webLabel;
    table.removalDoubts.set(line, 'company');
  }
}

/** More words than this, or a sentence, are hardly a link: whoever pasted it is asked. */
const LINK = /^\S+(?:\s+\S+){0,8}(?<![.!?])$/;

/** What follows the first label behind the last prose: links, and lines about the page. */
function dropTail(source: string, table: LineTable, tail: number): void {
  const { kind, from, to } = table;
  for (let line = tail; line < table.index.count; line++) {
    if (!isKept(kind[line]!)) continue;
    kind[line] = LineKind.webLabel;
    if (!LINK.test(source.slice(from[line], to[line]))) table.removalDoubts.set(line, 'company');
  }
}

/** Where lines are wrapped, labels of buttons and adverts that stand between blank lines; whoever pasted the page is asked. */
function dropButtons(source: string, table: LineTable): void {
  const { kind, index, from, to } = table;
  const isOpen = (line: number) => line < 0 || line >= index.count || !isKept(kind[line]!) || isButton[line] === 1;
  const isButton = new Uint8Array(index.count);
  for (let line = 0; line < index.count; line++)
    if (
      kind[line] === LineKind.prose &&
      isButtonLabel(source.slice(from[line], Math.min(to[line]!, from[line]! + LONGEST_LABEL)))
    )
      isButton[line] = 1;
  const buttons = [...isButton.keys()].filter((line) => isButton[line] === 1 && isOpen(line - 1) && isOpen(line + 1));
  if (buttons.length < FEWEST_LABELS) return;
  for (const line of buttons) {
    kind[line] = LineKind.webLabel;
    table.removalDoubts.set(line, 'company');
  }
}

/** A word among labels is one more, and so is a line about cookies beside one; whoever pasted the page is asked. */
function dropCompany(source: string, table: LineTable): void {
  const { count } = table.index;
  const isLabel = (line: number) => line >= 0 && line < count && table.kind[line] === LineKind.webLabel;
  for (let line = 0; line < count; line++) {
    if (table.kind[line] !== LineKind.prose) continue;
    const before = isLabel(line - 1);
    const after = isLabel(line + 1);
    if (!before && !after) continue;
    const text = source.slice(table.from[line], table.to[line]);
    const isAmongMany = before && after && (isLabel(line - 2) || isLabel(line + 2));
    const isLink = isAmongMany && /^\p{L}+$/u.test(text);
    if (!isLink && !COOKIES.test(text)) continue;
    table.kind[line] = LineKind.webLabel;
    table.removalDoubts.set(line, 'company');
  }
}

/** Links to other articles between paragraphs, and buttons; whoever pasted the page is asked. */
function dropLinks(source: string, table: LineTable): void {
  const { count } = table.index;
  const { kind, flags } = table;
  const isOpen = (line: number) => line < 0 || line >= count || !isKept(kind[line]!);
  for (let line = 0; line < count; line++) {
    if (kind[line] !== LineKind.prose || table.chars[line]! > LONGEST_LABEL) continue;
    const isAfterEnd = isOpen(line - 1) || (flags[line - 1]! & Flag.endsStop) !== 0;
    const isBeforeStart = isOpen(line + 1) || (flags[line + 1]! & Flag.startsLower) === 0;
    const text = source.slice(table.from[line], table.to[line]);
    if (!isPageButton(text) && !(isAfterEnd && isBeforeStart && leadsElsewhere(text))) continue;
    table.kind[line] = LineKind.webLabel;
    table.removalDoubts.set(line, 'company');
  }
}

/** A word of menus, "Related", and nothing but links under it to the end; whoever pasted the page is asked. */
function dropListOfLinks(source: string, table: LineTable, lastProse: number): void {
  const { kind, index, from, to } = table;
  const lines: number[] = [];
  for (let line = lastProse + 1; line < index.count; line++) if (isKept(kind[line]!)) lines.push(line);
  const head = lines.findIndex((line) => labelAt(source, table, line) === 'maybe');
  const links = head < 0 ? [] : lines.slice(head);
  if (links.length < FEWEST_LINKS || !links.every((line) => LINK.test(source.slice(from[line], to[line])))) return;
  for (const line of links) {
    kind[line] = LineKind.webLabel;
    table.removalDoubts.set(line, 'company');
  }
}

/** The word itself and two under it. */
const FEWEST_LINKS = 3;
const FEWEST_MENU_LINES = 4;
const LONGEST_MENU_LINE = 30;
const LONGEST_TITLE = 90;

/**
 * A row of short lines at the very beginning, a label among them, before a line that stands alone as a title does: the menu of
 * the page. Whoever pasted it is asked about what is no known label.
 */
function dropMenuAtHead(source: string, table: LineTable): void {
  const first = nextGroup(table, 0);
  if (first === undefined) return;
  const second = nextGroup(table, first.to);
  if (second === undefined || second.to - second.from !== 1 || table.chars[second.from]! > LONGEST_TITLE) return;
  if (first.to - first.from < FEWEST_MENU_LINES) return;
  let hasLabel = false;
  for (let line = first.from; line < first.to; line++) {
    const isShort = table.chars[line]! <= LONGEST_MENU_LINE && !(table.flags[line]! & (Flag.endsStop | Flag.endsComma));
    if (!isShort || table.flags[line]! & Flag.startsMarker) return;
    hasLabel ||= labelAt(source, table, line) === 'sure';
  }
  if (!hasLabel) return;
  for (let line = first.from; line < first.to; line++) {
    table.kind[line] = LineKind.webLabel;
    if (labelAt(source, table, line) === 'no') table.removalDoubts.set(line, 'company');
  }
}

/** The next lines from `start` on that follow one another without a blank one. */
function nextGroup({ kind }: LineTable, start: number): { from: number; to: number } | undefined {
  let from = start;
  while (from < kind.length && !isKept(kind[from]!)) from++;
  let to = from;
  while (to < kind.length && isKept(kind[to]!)) to++;
  return from < to ? { from, to } : undefined;
}

const COOKIES = /\bcookies?\b.*\b(?:accept|agree|consent|use|akzeptieren|zustimm|verwenden|accepte|utilis|acept|usa)/i;

function standsInLongLines(table: LineTable): boolean {
  let all = 0;
  let long = 0;
  for (let line = 0; line < table.index.count; line++) {
    const chars = table.chars[line]!;
    all += chars;
    if (chars >= LONG_LINE) long += chars;
  }
  return all > 0 && long / all >= LEAST_SHARE_IN_LONG_LINES;
}

function labelAt(source: string, table: LineTable, line: number): WebLabel {
  if (table.chars[line]! > LONGEST_LABEL) return 'no';
  return readWebLabel(source.slice(table.from[line], table.to[line]));
}

function isProse(table: LineTable, line: number): boolean {
  if (table.chars[line]! >= LONG_LINE) return true;
  const runsOn = Flag.startsLower | Flag.endsStop | Flag.endsColon | Flag.endsComma;
  return table.chars[line]! >= SHORTEST_PROSE && (table.flags[line]! & runsOn) !== 0;
}
