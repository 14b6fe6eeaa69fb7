import { isKept, LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { dropAsCompany, isProse, labelAt, neighbour, LONG_LINE, LONGEST_LABEL } from './label-lines.ts';
import {
  beginsTail,
  dropCompany,
  dropFoot,
  dropLinks,
  dropLinksBetween,
  dropListOfLinks,
  dropMenuAtHead,
  dropMenuGroups,
  dropOffers,
  dropTail,
  endOfMenu,
} from './web-company.ts';
import { dropListOfHeadings, dropMenuAboveTitle, hasHeadingsToChange } from './web-head.ts';
import { buttonsIn, isButtonRow, isPageButton } from './web-labels.ts';
import { isAboutCookies } from './web-phrases.ts';

/*
 * What a web page puts around its text: menus, buttons, counters, adverts, the links below. Only in texts that look like a copied
 * page: each line a whole paragraph, and several labels among them; or, where lines are short or wrapped, many.
 */

const LEAST_SHARE_IN_LONG_LINES = 0.4;
const FEWEST_LABELS = 2;

/** Sets the kind of labels, and of the links that follow the last prose. */
export function findWebFurniture(source: string, table: LineTable): void {
  if (!standsInLongLines(table) && !hasManyLabels(source, table)) {
    dropButtons(source, table);
    dropHeadingsOfArticle(source, table);
    return dropFoot(source, table);
  }
  const found = findLabels(source, table);
  dropMenuAtHead(source, table);
  // Whose the rights are stands in books as well, and so does "Contents" above "Index".
  if (!found.isPage) {
    dropHeadingsOfArticle(source, table);
    return dropMenus(table, found.menus);
  }
  // A page has a text: what is nothing but labels is a list of them.
  if (found.labels.length < FEWEST_LABELS || !found.hasProse) return;
  for (const line of found.labels) {
    if (found.isSure) table.kind[line] = LineKind.webLabel;
    else dropAsCompany(table, line);
  }
  dropCompany(source, table);
  dropLinks(source, table);
  dropLinksBetween(source, table);
  dropOffers(source, table);
  const labels = new Set(found.labels);
  const behind = Array.from({ length: table.index.count - found.lastProse - 1 }, (_, at) => found.lastProse + 1 + at);
  const isTail = (line: number) => labels.has(line) || (isKept(table.kind[line]!) && beginsTail(source, table, line));
  const tail = behind.find(isTail);
  if (tail !== undefined) dropTail(source, table, tail);
  else dropListOfLinks(source, table, found.lastProse);
  dropMenuGroups(source, table);
  dropMenuAboveTitle(source, table);
  dropListOfHeadings(source, table);
}

/** The list of headings above an article whose readers may change it. */
function dropHeadingsOfArticle(source: string, table: LineTable): void {
  if (hasHeadingsToChange(source, table)) dropListOfHeadings(source, table);
}

/** Different labels that only web pages have, or a line about cookies or rights; fewer where words of menus stand among them. */
const FEWEST_SURE = 3;
const FEWEST_SURE_WITH_MENU = 2;
const FEWEST_MENU_LINES_BESIDE = 2;
/** Longer texts are books. */
const MOST_LINES_OF_A_PAGE = 1_000;

/** Several labels that only web pages have, in a text of short or wrapped lines that is no longer than a page. */
function hasManyLabels(source: string, table: LineTable): boolean {
  const { count } = table.index;
  if (count > MOST_LINES_OF_A_PAGE) return false;
  const sure = new Set<string>();
  let menu = 0;
  if (findButtonRows(source, table).length >= FEWEST_BUTTON_ROWS) return true;
  for (let line = 0; line < count; line++) {
    const label = table.kind[line] === LineKind.prose ? labelAt(source, table, line) : 'no';
    const text = label === 'sure' || label === 'no' ? source.slice(table.from[line], table.to[line]) : '';
    if (label === 'sure') sure.add(text.toLowerCase());
    else if (label === 'rights') sure.add(label);
    else if (label === 'maybe') menu++;
    else if (isAboutCookies(text)) sure.add('cookies');
  }
  if (sure.size > 0 && endOfMenu(source, table) > 0) return true;
  return sure.size >= FEWEST_SURE || (sure.size >= FEWEST_SURE_WITH_MENU && menu >= FEWEST_MENU_LINES_BESIDE);
}

const FEWEST_BUTTON_ROWS = 2;

/** The first lines of rows of two words and more that are nothing but those on buttons, as below each message of a thread: "Reply", "Quote". */
function findButtonRows(source: string, { kind, from, to, chars }: LineTable): readonly number[] {
  const rows: number[] = [];
  let inRow = 0;
  for (let line = 0; line < kind.length; line++) {
    const text = isKept(kind[line]!) && chars[line]! <= LONGEST_BUTTONS ? source.slice(from[line], to[line]) : '';
    inRow = chars[line]! <= LONGEST_BUTTON && isPageButton(text) ? inRow + 1 : 0;
    if (isButtonRow(text)) rows.push(line);
    else if (inRow === FEWEST_LABELS) rows.push(line - 1);
  }
  return rows;
}

const LONGEST_BUTTON = 16;
const LONGEST_BUTTONS = 48;

/** In characters: "That did it. Thank you." A question may as well be a link, and what stands right below a label one more of them. */
const SHORTEST_SENTENCE = 15;

function isSentence(source: string, { chars, flags, to }: LineTable, line: number): boolean {
  return chars[line]! >= SHORTEST_SENTENCE && (flags[line]! & Flag.endsStop) !== 0 && source[to[line]! - 1] !== '?';
}

interface Labels {
  readonly labels: readonly number[];
  /** Rows of words of menus that stand beside no other label. */
  readonly menus: readonly (readonly number[])[];
  /** The last line that holds a paragraph or a sentence, and whether any is as long as prose. */
  readonly lastProse: number;
  readonly hasProse: boolean;
  /** Whether any label is one that only web pages have, or a menu at the head tells a page. */
  readonly isPage: boolean;
  /** A label tells it: by a menu alone a page is told by its looks, and whoever pasted it is asked. */
  readonly isSure: boolean;
}

function findLabels(source: string, table: LineTable): Labels {
  const { count } = table.index;
  const labels: number[] = [];
  const menus: number[][] = [];
  let maybe: number[] = [];
  let lastProse = -1;
  let hasProse = false;
  let besideLabel = false;
  const rows = findButtonRows(source, table);
  let isPage = rows.length >= FEWEST_BUTTON_ROWS;
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
    const isBelowLabel = besideLabel;
    endRow(besideLabel || isLabel);
    besideLabel = isLabel;
    if (isLabel) labels.push(line);
    else if (isBelowLabel && isAboutCookies(source.slice(table.from[line], table.to[line]))) continue;
    else if (isProse(table, line)) {
      hasProse = true;
      lastProse = line;
    } else if (!(isBelowLabel && isKept(table.kind[line - 1]!)) && isSentence(source, table, line)) lastProse = line;
  }
  endRow(besideLabel);
  // Beside a menu at the head any other label is enough, be it that of the rights.
  const isSure = isPage;
  const menuTo = isSure ? 0 : endOfMenu(source, table);
  isPage ||= menuTo > 0 && labels.some((line) => line >= menuTo);
  // Above the last row of buttons of a thread stands a message, be it one word.
  if (rows.length >= FEWEST_BUTTON_ROWS) lastProse = Math.max(lastProse, rows.at(-1)! - 1);
  return { labels, menus, lastProse, hasProse, isPage, isSure };
}

const FEWEST_MENU_WORDS = 3;

/** Rows of words of menus, where nothing else looks like a web page nor leads to them: whoever pasted it is asked. */
function dropMenus(table: LineTable, menus: readonly (readonly number[])[]): void {
  const isLedTo = ([first]: readonly number[]) => (table.flags[neighbour(table, first!, -1)]! & Flag.endsColon) !== 0;
  for (const line of menus.filter((menu) => menu.length >= FEWEST_MENU_WORDS && !isLedTo(menu)).flat()) {
    dropAsCompany(table, line);
  }
}

/** Where lines are wrapped, labels of buttons and adverts that stand between blank lines; whoever pasted the page is asked. */
function dropButtons(source: string, table: LineTable): void {
  const { kind, index, from, to, chars } = table;
  const buttons = Uint8Array.from(kind, (one, line) => {
    const mayBe = one === LineKind.prose && chars[line]! <= LONGEST_LABEL;
    return mayBe ? buttonsIn(source.slice(from[line], to[line])) : 0;
  });
  const isOpen = (line: number) => line < 0 || line >= index.count || !isKept(kind[line]!) || buttons[line]! > 0;
  const isByItself = (line: number) => isOpen(line - 1) && isOpen(line + 1);
  const found = [...buttons.keys()].filter((line) => buttons[line]! > 0 && isByItself(line));
  if (found.reduce((sum, line) => sum + buttons[line]!, 0) < FEWEST_LABELS) return;
  for (let line = 0; line < index.count; line++) {
    const isLabel = buttons[line]! > 0 || (kind[line] === LineKind.prose && labelAt(source, table, line) === 'sure');
    if (isLabel && isByItself(line)) dropAsCompany(table, line);
  }
}

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
