import { inAnyLanguage, isMonth } from '../../text/language.ts';

/** A line that may number a page: its number, and the words around it. */
export interface PageLabel {
  readonly number: number;
  /** The words beside the number, folded for comparison; empty for a bare page number. */
  readonly rest: string;
}

/** The figures of Chinese and Japanese: "一四" and "十四" are 14. */
const KANJI = '[〇一二三四五六七八九十百]';
/** Up to 399; "il" and "civil" are words. */
const ROMAN_NUMERAL = '(?=[ivxlc])c{0,3}(?:xc|xl|l?x{0,3})(?:ix|iv|v?i{0,3})';
/** One letter beside words is an initial. */
const ROMAN_BESIDE_WORDS = `(?=[ivxlc]{2})${ROMAN_NUMERAL}`;
const PAGE = inAnyLanguage('pages');
/** Those that are no short forms. */
const PAGE_WORDS: ReadonlySet<string> = new Set(PAGE.split('|').filter((word) => !word.endsWith('.')));
const BARE = new RegExp(
  String.raw`^(?:(?:${PAGE})\s*)?[-–—[(]?\s*(\d{1,4}|${ROMAN_NUMERAL}|${KANJI}{1,4})\s*[-–—\])]?(?:\s*(?:\/|${inAnyLanguage('pagesOf')})\s*\d{1,4})?$`,
  'i',
);
/** No page has the number "0213". */
const NUMBER = String.raw`(?!00|0\d{3})\d{1,4}`;
const LEADING = new RegExp(String.raw`^(${NUMBER}|${ROMAN_BESIDE_WORDS}|${KANJI}{1,4})\s+(\S.*)$`);
const TRAILING = new RegExp(String.raw`^(.*\S)\s+(${NUMBER}|${ROMAN_BESIDE_WORDS}|${KANJI}{1,4})$`);
const LONGEST_HEAD = 72;

/** Reads a trimmed line, runs of spaces already folded, as a page number with or without a running head. */
export function readPageLabel(written: string): PageLabel | undefined {
  if (written.length > LONGEST_HEAD) return undefined;
  const line = withPlainFigures(written);
  const bare = BARE.exec(line);
  if (bare) return isCapitalRoman(bare[1]!) ? undefined : { number: toNumber(bare[1]!), rest: '' };
  const leading = LEADING.exec(line);
  if (leading && isRestOfDate(leading[2]!)) return undefined;
  if (leading) return { number: toNumber(leading[1]!), rest: foldHead(leading[2]!) };
  const trailing = TRAILING.exec(line);
  if (trailing) return { number: toNumber(trailing[2]!), rest: foldHead(trailing[1]!) };
  return undefined;
}

/** The figures of Arabic, Persian and Hindi, and those as wide as Chinese signs, by the code of their zero. */
const ZEROS = [0x0660, 0x06f0, 0x0966, 0xff10];
const OTHER_FIGURE = /[٠-٩۰-۹०-९０-９]/g;

function withPlainFigures(text: string): string {
  return text.replace(OTHER_FIGURE, (figure) => {
    const code = figure.charCodeAt(0);
    return String(code - ZEROS.findLast((zero) => zero <= code)!);
  });
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
  if (/^[〇一-龠]/.test(text)) return fromKanji(text);
  let sum = 0;
  const units = [...text.toLowerCase()].map((unit) => ROMAN[unit] ?? 0);
  for (const [at, unit] of units.entries()) sum += unit < (units[at + 1] ?? 0) ? -unit : unit;
  return sum;
}

const KANJI_FIGURES = '〇一二三四五六七八九';

function fromKanji(text: string): number {
  if (!/[十百]/.test(text)) return Number([...text].map((sign) => KANJI_FIGURES.indexOf(sign)).join(''));
  let sum = 0;
  let figure = 0;
  for (const sign of text) {
    const unit = sign === '百' ? 100 : sign === '十' ? 10 : 0;
    if (unit === 0) figure = KANJI_FIGURES.indexOf(sign);
    else sum += unit * (figure || 1);
    if (unit > 0) figure = 0;
  }
  return sum + figure;
}
