import { isDigit } from '../../text/characters.ts';
import { isDivision, isMonth } from '../../text/language.ts';
import { cutsSentence, isFullAndRunsOn, type Cut, type KeptLines } from '../kept-lines.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { readPageLabel } from './page-label.ts';

/** A line that may number a page. */
export interface PageNumber {
  readonly place: number;
  readonly number: number;
  /** The words beside the number, folded; empty for a bare one. */
  readonly rest: string;
  /** They stand right before the number, as in "Lot 41". */
  readonly isNamed: boolean;
  /** They are in capitals. */
  readonly inCapitals: boolean;
  /** The number stands behind them. */
  readonly isNumberLast: boolean;
  /** They stand at the other edge of the page. */
  readonly isFarApart: boolean;
  readonly atPageBreak: boolean;
  readonly cutsSentence: Cut | undefined;
  /** What stands above is far shorter than the line below: titles, or verse, which break off nothing. */
  readonly isBelowShort: boolean;
  /** It may be no number of a page: whoever pasted the text is asked. */
  readonly isDoubted?: boolean;
}

/** "– xxxviii –", "Page 12 of 340" */
const LONGEST_BARE_LABEL = 16;
const FAR_APART = /\S\s{8,}\S/;
/** With a number these name a part of the text: headings, however regularly they come. */
const NUMBERED: ReadonlySet<string> = new Set('article act scene lesson stop figure table artikel'.split(' '));

/** The lines that may number pages, in order. Linear in the number of lines. */
export function findCandidates(source: string, table: LineTable, kept: KeptLines): PageNumber[] {
  const candidates: PageNumber[] = [];
  for (let place = 0; place < kept.lines.length; place++) {
    const line = kept.lines[place]!;
    if (!mayNumberPage(source, table, line)) continue;
    const text = source.slice(table.from[line], table.to[line]);
    const label = readPageLabel(text.replace(/\s+/g, ' '));
    if (!label || NUMBERED.has(label.rest) || isDivision(label.rest) || isDate(label.rest)) continue;
    if (label.rest === '' && place > 0 && wantsNumber(source, table, kept.lines[place - 1]!, label.number)) continue;
    if (label.rest !== '' && isNote(source, table, kept, place)) continue;
    const near = kept.nearBreak[place] === 1;
    if (label.rest !== '' && !near && !looksLikeHead(table, line, text)) continue;
    candidates.push({
      place,
      number: label.number,
      rest: label.rest,
      isNamed: label.rest !== '' && /\S \d+$/.test(text),
      isNumberLast: label.rest !== '' && /\d$/.test(text),
      inCapitals: label.rest !== '' && !/\p{Ll}/u.test(text),
      isFarApart: FAR_APART.test(text),
      atPageBreak: near,
      cutsSentence: cutsSentence(table, kept, place),
      isBelowShort: isBelowShort(table, kept, place),
    });
  }
  return candidates;
}

/** "2 See Pell, Graves of the Villages.": a sentence behind a number, to its end or, behind a comma, to that of a full line. */
function isNote(source: string, table: LineTable, kept: KeptLines, place: number): boolean {
  const line = kept.lines[place]!;
  if (!isDigit(source.charCodeAt(table.from[line]!)) || isDigit(source.charCodeAt(table.to[line]! - 1))) return false;
  const words = source.slice(table.from[line], table.to[line]);
  if (table.flags[line]! & Flag.endsStop) return /\p{Ll}/u.test(words);
  return /[,;]/.test(words) && isFullAndRunsOn(table, kept, place);
}

/** "silting of, 71," or "71-": the pages of an entry, or what else is counted, go on. "3rd day of May": so does a date. */
function wantsNumber(source: string, { from, to, flags }: LineTable, line: number, number: number): boolean {
  const end = source.slice(Math.max(from[line]!, to[line]! - LONGEST_MONTH), to[line]);
  if (/\d[,–-]$/.test(end)) return true;
  const word = /\p{L}*$/u.exec(end)![0];
  if (isMonth(word)) return mayBeYear(number) || (number <= LAST_DAY && MONTH_ALONE.test(end));
  return mayBeYear(number) && (flags[line]! & Flag.endsFunctionWord) !== 0;
}

/** Of the line below, at the most. */
const SHARE_OF_SHORT = 0.75;

/** Whether both lines above are short; one of them may be the head of the page. */
function isBelowShort({ chars }: LineTable, { lines }: KeptLines, place: number): boolean {
  const after = lines[place + 1];
  if (place === 0 || after === undefined) return false;
  return lines.slice(Math.max(0, place - 2), place).every((line) => chars[line]! < chars[after]! * SHARE_OF_SHORT);
}

function mayBeYear(number: number): boolean {
  return number >= FIRST_YEAR && number <= LAST_YEAR;
}

const LONGEST_MONTH = 16;
const LAST_DAY = 31;
/** A month with a capital, and no day before it. */
const MONTH_ALONE = /(?<!\d\.?(?:st|nd|rd|th)? )(?<!\p{L})\p{Lu}\p{L}*$/u;
/** No text has so many pages, and hardly any tells of other years. */
const FIRST_YEAR = 1400;
const LAST_YEAR = 2099;

/** What stands beside the day in a date: "3 May", "May 3, 1902". */
function isDate(rest: string): boolean {
  const words = rest.split(/[ ,.]+/);
  return words.some(isMonth) && words.every((word) => isMonth(word) || /^\d*$/.test(word));
}

/** Cheap refusal: only lines that begin or end with a figure, and very short ones, can number a page. */
function mayNumberPage(source: string, table: LineTable, line: number): boolean {
  if (table.chars[line]! <= LONGEST_BARE_LABEL) return true;
  return isDigit(source.charCodeAt(table.from[line]!)) || isDigit(source.charCodeAt(table.to[line]! - 1));
}

/** Short for a line here, without the end of a sentence and without the label of an entry. */
function looksLikeHead(table: LineTable, line: number, text: string): boolean {
  const flags = table.flags[line]!;
  // Old print ends its heads with a stop.
  const stop = FAR_APART.test(text) && !/\p{Ll}/u.test(text) ? 0 : Flag.endsStop;
  if (flags & (stop | Flag.endsComma | Flag.endsHyphen | Flag.startsLower)) return false;
  // "3.2. Duties 11" is the head of a section's page; "3.2. Duties" would be its heading.
  if (flags & Flag.startsMarker && !/\s\d{1,4}$/.test(text)) return false;
  return / {4}/.test(text) || text.length < 72;
}

export const FEWEST_LINES_A_PAGE = 10;

/** No page between two numbers is as short. */
export function areClose(before: PageNumber, page: PageNumber): boolean {
  return page.place - before.place < FEWEST_LINES_A_PAGE;
}

/** The words before a number break off. */
export function cutsWithin({ cutsSentence: cut }: PageNumber): boolean {
  return cut !== undefined && cut !== 'behind';
}
