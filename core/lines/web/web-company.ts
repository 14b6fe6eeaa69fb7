import { isKept, LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { dropAsCompany, isProse, labelAt, LONGEST_LABEL, neighbour, nextGroup } from './label-lines.ts';
import { isPageButton, isPath, leadsHome } from './web-labels.ts';
import {
  isAboutCookies,
  isAboveLink,
  isAddressField,
  leadsElsewhere,
  leadsToMore,
  offersLetters,
} from './web-phrases.ts';

/*
 * Lines of a web page that no list of labels knows, told by the labels that they stand among: the other words of a menu, links to other
 * articles, counters, the line about cookies.
 */

/** More words than this, or a sentence, are hardly a link: whoever pasted it is asked. */
const LINK = /^\S+(?:\s+\S+){0,8}(?<![.!?])$/;
/** "Last updated 4 March 2025" says something of the text. */
const DATED = /^(?=.*\b(?:19|20)\d\d\b).*\b\d{1,2}\b/;

/** Whether a line behind all prose begins what leads to other pages. */
export function beginsTail(source: string, table: LineTable, line: number): boolean {
  const { from, to, chars } = table;
  if (chars[line]! > LONGEST_LABEL) return false;
  return leadsToMore(source.slice(from[line], to[line])) || isAboveLinks(source, table, line);
}

const FEWEST_BELOW = 2;

/** A word of menus, with nothing but links below it, several of them labels: "Previous", a title, "Next", a title, "Contact us". */
function isAboveLinks(source: string, table: LineTable, line: number): boolean {
  if (labelAt(source, table, line) !== 'maybe') return false;
  let labels = 0;
  for (let below = line + 1; below < table.index.count; below++) {
    const { kind, from, to, chars } = table;
    if (kind[below] === LineKind.blank) continue;
    if (kind[below] === LineKind.webLabel || labelAt(source, table, below) !== 'no') labels++;
    else if (chars[below]! > LONGEST_LABEL || !LINK.test(source.slice(from[below], to[below]))) return false;
  }
  return labels >= FEWEST_BELOW;
}

/** What follows the first label behind the last prose: links, and lines about the page. */
export function dropTail(source: string, table: LineTable, tail: number): void {
  const { kind, from, to } = table;
  for (let line = tail; line < table.index.count; line++) {
    if (!isKept(kind[line]!)) continue;
    const text = source.slice(from[line], to[line]);
    if (line > tail && DATED.test(text) && !/©|\(c\)|copyright/i.test(text) && labelAt(source, table, line) === 'no')
      continue;
    if (LINK.test(text)) kind[line] = LineKind.webLabel;
    else dropAsCompany(table, line);
  }
}

/**
 * A word among labels is one more, and so is a line about cookies beside one, or at the beginning or end; a field for an address, an
 * answer to "Is this page useful?", and a number of votes. Linear in the number of lines.
 */
export function dropCompany(source: string, table: LineTable): void {
  const { count } = table.index;
  const { kind, from, to } = table;
  const isLabel = (line: number) => line >= 0 && line < count && kind[line] === LineKind.webLabel;
  const isBesideLabel = (line: number) => isLabel(neighbour(table, line, -1)) || isLabel(neighbour(table, line, 1));
  const isAtEdge = (line: number) => neighbour(table, line, -1) < 0 || neighbour(table, line, 1) >= count;
  for (let line = 0; line < count; line++) {
    if (kind[line] !== LineKind.prose) continue;
    const text = source.slice(from[line], to[line]);
    if ((isBesideLabel(line) || isAtEdge(line)) && isAboutCookies(text)) dropSentence(table, line);
    if (!isBesideLabel(line)) continue;
    const isAmongMany = isLabel(line - 1) && isLabel(line + 1) && (isLabel(line - 2) || isLabel(line + 2));
    const isLink = isAmongMany && /^\p{L}+$/u.test(text);
    const isOfPage = isAddressField(text) || ANSWER.test(text) || COUNT.test(text);
    if (isLink || isOfPage) dropAsCompany(table, line);
  }
}

const MOST_OF_A_SENTENCE = 4;

/** A line, and those right below it up to the end of the sentence. */
function dropSentence(table: LineTable, first: number): void {
  const { kind, flags } = table;
  for (let line = first; line < first + MOST_OF_A_SENTENCE && kind[line] === LineKind.prose; line++) {
    if (line > first && !(flags[line]! & Flag.startsLower)) return;
    dropAsCompany(table, line);
    if (flags[line]! & Flag.endsStop) return;
  }
}

const ANSWER = /^(?:yes|no|ja|nein|oui|non|sí)$/i;
const COUNT = /^\d{1,3}(?:,\d{3})?k?$/;

/** Links to other articles between paragraphs, and buttons; whoever pasted the page is asked. */
export function dropLinks(source: string, table: LineTable): void {
  const { count } = table.index;
  const { kind, flags } = table;
  const isOpen = (line: number) => line < 0 || line >= count || !isKept(kind[line]!);
  for (let line = 0; line < count; line++) {
    if (kind[line] !== LineKind.prose || table.chars[line]! > LONGEST_LABEL) continue;
    if (isOpen(line - 1) && isOpen(line + 2) && leadsToLink(source, table, line)) {
      dropAsCompany(table, line);
      dropAsCompany(table, line + 1);
      continue;
    }
    const isAfterEnd = isOpen(line - 1) || (flags[line - 1]! & Flag.endsStop) !== 0;
    const isBeforeStart = isOpen(line + 1) || (flags[line + 1]! & Flag.startsLower) === 0;
    const text = source.slice(table.from[line], table.to[line]);
    if (isPageButton(text) || (isAfterEnd && isBeforeStart && leadsElsewhere(text))) dropAsCompany(table, line);
  }
}

/** "Read also" above one link. */
function leadsToLink(source: string, { kind, from, to }: LineTable, line: number): boolean {
  if (kind[line + 1] !== LineKind.prose || !isAboveLink(source.slice(from[line], to[line]))) return false;
  return LINK.test(source.slice(from[line + 1], to[line + 1]));
}

const MOST_OF_AN_OFFER = 3;
const LONGEST_OF_AN_OFFER = 80;

/** "Get our essays by mail" and a line or two more, above the field for an address; whoever pasted the page is asked. */
export function dropOffers(source: string, table: LineTable): void {
  const { kind, from, to, chars } = table;
  const textOf = (line: number) => source.slice(from[line], to[line]);
  for (let field = 0; field < kind.length; field++) {
    if (chars[field]! > LONGEST_LABEL || kind[field] === LineKind.blank || !isAddressField(textOf(field))) continue;
    const lines: number[] = [];
    let line = neighbour(table, field, -1);
    while (line >= 0 && isKept(kind[line]!) && chars[line]! <= LONGEST_OF_AN_OFFER && lines.length < MOST_OF_AN_OFFER) {
      lines.push(line);
      line = neighbour(table, line, -1);
    }
    const first = lines.findLastIndex((one) => offersLetters(textOf(one)));
    for (const one of lines.slice(0, first + 1)) dropAsCompany(table, one);
    if (first >= 0 && isKept(kind[field]!)) dropAsCompany(table, field);
  }
}

/** A word of menus, "Related", and nothing but links under it to the end; whoever pasted the page is asked. */
export function dropListOfLinks(source: string, table: LineTable, lastProse: number): void {
  const { kind, index, from, to } = table;
  const lines: number[] = [];
  for (let line = lastProse + 1; line < index.count; line++) if (isKept(kind[line]!)) lines.push(line);
  const head = lines.findIndex((line) => labelAt(source, table, line) === 'maybe');
  const links = head < 0 ? [] : lines.slice(head);
  if (links.length < FEWEST_LINKS || !links.every((line) => LINK.test(source.slice(from[line], to[line])))) return;
  for (const line of links) dropAsCompany(table, line);
}

/** The word itself and two under it. */
const FEWEST_LINKS = 3;
/** Between two parts of a text more of them are a list of its own. */
const MOST_LINKS = 12;

/**
 * "Related", between the text and what readers wrote below it, and the links under it up to the next label; whoever pasted the page is
 * asked.
 */
export function dropLinksBetween(source: string, table: LineTable): void {
  const { kind, index, from, to, chars } = table;
  const textOf = (line: number) => source.slice(from[line], to[line]);
  for (let label = 0; label < index.count; label++) {
    if (kind[label] !== LineKind.webLabel || !leadsToMore(textOf(label))) continue;
    const links: number[] = [];
    let line = label + 1;
    const mayGoOn = () => isKept(kind[line]!) && chars[line]! <= LONGEST_LABEL && LINK.test(textOf(line));
    for (; line < index.count && (kind[line] === LineKind.blank || mayGoOn()); line++)
      if (kind[line] !== LineKind.blank) links.push(line);
    const isBeforeLabel = line < index.count && kind[line] === LineKind.webLabel;
    if (!isBeforeLabel || links.length + 1 < FEWEST_LINKS || links.length > MOST_LINKS) continue;
    for (const link of links) dropAsCompany(table, link);
  }
}

const FEWEST_FOOT_LABELS = 3;
/** In lines, blank ones too. */
const LONGEST_FOOT = 80;

/**
 * What stands behind the text of a page of wrapped lines: labels, and links below one that leads to more; two of them, or three with
 * words of menus among them. Whoever pasted it is asked.
 */
export function dropFoot(source: string, table: LineTable): void {
  const { kind, index, from, to, chars } = table;
  const textOf = (line: number) => source.slice(from[line], to[line]);
  const mayBeOfFoot = (line: number) => chars[line]! <= LONGEST_LABEL && LINK.test(textOf(line));
  const isOpen = (line: number) => kind[line] === LineKind.blank || (isKept(kind[line]!) && mayBeOfFoot(line));
  let first = index.count;
  while (first > Math.max(0, index.count - LONGEST_FOOT) && isOpen(first - 1)) first--;
  let foot: number[] = [];
  let labels = 0;
  let sure = 0;
  let leads = false;
  for (let line = first; line < index.count; line++) {
    if (kind[line] === LineKind.blank) continue;
    const label = labelAt(source, table, line);
    const isLead = leadsToMore(textOf(line));
    if (label !== 'no' || isLead) {
      if (foot.length === 0 && line > 0 && kind[line - 1] !== LineKind.blank) return;
      labels++;
      if (label === 'sure' || label === 'rights') sure++;
      leads ||= isLead;
    } else if (!leads) {
      // The foot begins behind it, if at all.
      foot = [];
      labels = 0;
      sure = 0;
      continue;
    }
    foot.push(line);
  }
  if (sure >= FEWEST_LABELS || (labels >= FEWEST_FOOT_LABELS && (sure > 0 || leads)))
    for (const line of foot) dropAsCompany(table, line);
}

const FEWEST_MENU_LINES = 4;
const LONGEST_MENU_LINE = 30;
const LONGEST_TITLE = 90;

/** A short line that is neither a sentence nor an item of a list. */
function mayBeOfMenu({ chars, flags }: LineTable, line: number): boolean {
  const isShort = chars[line]! <= LONGEST_MENU_LINE && !(flags[line]! & (Flag.endsStop | Flag.endsComma));
  return isShort && !(flags[line]! & Flag.startsMarker);
}

/**
 * A row of short lines at the very beginning, a label among them, before a line that stands alone as a title does: the menu of
 * the page. Whoever pasted it is asked about what is no known label.
 */
export function dropMenuAtHead(source: string, table: LineTable): void {
  const first = nextGroup(table, 0);
  if (first === undefined) return;
  const second = nextGroup(table, first.to);
  if (second === undefined || second.to - second.from !== 1 || table.chars[second.from]! > LONGEST_TITLE) return;
  if (first.to - first.from < FEWEST_MENU_LINES) return;
  let hasLabel = false;
  for (let line = first.from; line < first.to; line++) {
    if (!mayBeOfMenu(table, line)) return;
    hasLabel ||= labelAt(source, table, line) === 'sure';
  }
  if (!hasLabel) return;
  for (let line = first.from; line < first.to; line++) {
    if (labelAt(source, table, line) === 'no') dropAsCompany(table, line);
    else table.kind[line] = LineKind.webLabel;
  }
}

const FEWEST_LINES_FROM_HOME = 3;

/**
 * Where a text begins with a row of short lines that "Home" leads, with another word of menus among them: the line below the row; 0 where
 * it does not.
 */
export function endOfMenu(source: string, table: LineTable): number {
  const { from, to } = nextGroup(table, 0) ?? { from: 0, to: 0 };
  if (to - from < FEWEST_LINES_FROM_HOME || !leadsHome(source.slice(table.from[from], table.to[from]))) return 0;
  const lines = Array.from({ length: to - from }, (_, at) => from + at);
  const labels = lines.filter((line) => labelAt(source, table, line) !== 'no');
  return labels.length >= FEWEST_LABELS && lines.every((line) => mayBeOfMenu(table, line)) ? to : 0;
}

const FEWEST_LABELS = 2;
const SHARE_OF_LABELS = 0.4;

/** On a page: the path to it at its head, and rows of short lines of which several are labels, as the other lines of a menu. */
export function dropMenuGroups(source: string, table: LineTable): void {
  const { kind, from, to } = table;
  const isLine = (one: number) => isKept(one) || one === LineKind.webLabel;
  const first = nextGroup(table, 0, isLine)?.from;
  // It is the first line, or stands below labels.
  for (let line = first ?? kind.length; line < kind.length; line++) {
    if (kind[line] !== LineKind.prose) continue;
    if (isPath(source.slice(from[line], to[line]))) dropAsCompany(table, line);
    else if (labelAt(source, table, line) !== 'no') continue;
    break;
  }
  for (let group = nextGroup(table, 0, isLine); group; group = nextGroup(table, group.to, isLine)) {
    const lines = Array.from({ length: group.to - group.from }, (_, at) => group!.from + at);
    const labels = lines.filter((line) => kind[line] === LineKind.webLabel || labelAt(source, table, line) !== 'no');
    if (labels.length < Math.max(FEWEST_LABELS, lines.length * SHARE_OF_LABELS)) continue;
    if (!lines.every((line) => mayBeOfMenu(table, line))) continue;
    // Above prose, with nothing but buttons between, one of them may be its title.
    const next = nextGroup(table, group.to)?.from;
    if (next !== undefined && isProse(table, next)) continue;
    for (const line of lines) if (isKept(kind[line]!)) dropAsCompany(table, line);
  }
}
