import { inAnyLanguage, isMonth } from '../../text/language.ts';

/** A line that may number a page: its number, and the words around it. */
export interface PageLabel {
  readonly number: number;
  /** The words beside the number, folded for comparison; empty for a bare page number. */
  readonly rest: string;
}

const PAGE = inAnyLanguage('pages');
/** Those that are no short forms. */
const PAGE_WORDS: ReadonlySet<string> = new Set(PAGE.split('|').filter((word) => !word.endsWith('.')));
const BARE = new RegExp(
  String.raw`^(?:(?:${PAGE})\s*)?[-–—[(]?\s*(\d{1,4}|[ivxlc]{1,7})\s*[-–—\])]?(?:\s*(?:\/|${inAnyLanguage('pagesOf')})\s*\d{1,4})?$`,
  'i',
);
const LEADING = /^(\d{1,4}|[ivxlc]{2,7})\s+(\S.*)$/;
const TRAILING = /^(.*\S)\s+(\d{1,4}|[ivxlc]{2,7})$/;
const LONGEST_HEAD = 72;

/** Reads a trimmed line, runs of spaces already folded, as a page number with or without a running head. */
export function readPageLabel(line: string): PageLabel | undefined {
  if (line.length > LONGEST_HEAD) return undefined;
  const bare = BARE.exec(line);
  if (bare) return isCapitalRoman(bare[1]!) ? undefined : { number: toNumber(bare[1]!), rest: '' };
  const leading = LEADING.exec(line);
  if (leading && isRestOfDate(leading[2]!)) return undefined;
  if (leading) return { number: toNumber(leading[1]!), rest: foldHead(leading[2]!) };
  const trailing = TRAILING.exec(line);
  if (trailing) return { number: toNumber(trailing[2]!), rest: foldHead(trailing[1]!) };
  return undefined;
}

/** "12 Mar 2026, 08:14" above what somebody wrote: a head may be a date, but hardly with the time of day. */
function isRestOfDate(rest: string): boolean {
  return CLOCK.test(rest) && isMonth(MONTH.exec(rest)?.[0] ?? '');
}

const MONTH = /^\p{L}+/u;
const CLOCK = /\b\d{1,2}[:.]\d\d\b/;

/** A running head as compared from page to page: case, spaces and a word such as "Page" do not matter. */
export function foldHead(text: string): string {
  const small = text.toLowerCase();
  const spaced = /\s\s|[^\S ]/.test(small) ? small.replace(/\s+/g, ' ') : small;
  const last = spaced.slice(spaced.lastIndexOf(' ') + 1);
  const named = PAGE_WORDS.has(last) ? spaced.slice(0, -last.length).replace(/[\s|·•–—-]+$/, '') : spaced;
  return named.trim();
}

/** Chapters are often numbered by capital Roman numerals on a line of their own, pages hardly ever. */
function isCapitalRoman(text: string): boolean {
  return /^[IVXLC]+$/.test(text);
}

const ROMAN: Readonly<Record<string, number>> = { i: 1, v: 5, x: 10, l: 50, c: 100 };

function toNumber(text: string): number {
  if (/^\d/.test(text)) return Number(text);
  let sum = 0;
  const units = [...text.toLowerCase()].map((unit) => ROMAN[unit] ?? 0);
  for (const [at, unit] of units.entries()) sum += unit < (units[at + 1] ?? 0) ? -unit : unit;
  return sum;
}
