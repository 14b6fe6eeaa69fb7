import { isInvisible, isOddSpace } from './characters.ts';
import { unitWidth } from './printed-width.ts';

/**
 * What a stretch of text has in it, one bit each: single characters by class, and pairs of neighbours. A pass that declares what
 * it looks for is not run where nothing of it is there, so a bit may be set without need but never be missing.
 */
export const Sign = {
  // Pairs: one character right before another.
  spaceThenClosing: 1 << 0,
  spaceThenSpace: 1 << 1,
  openingThenSpace: 1 << 2,
  doubledComma: 1 << 3,
  doubledStop: 1 << 4,
  stopThenCapital: 1 << 5,
  // Single characters.
  tab: 1 << 8,
  invisible: 1 << 9,
  oddSpace: 1 << 10,
  ampersand: 1 << 11,
  lessThan: 1 << 12,
  /** Â Ã Å â: what bytes of UTF-8 look like in Windows-1252. */
  misreadLead: 1 << 13,
  figure: 1 << 14,
  squareBracket: 1 << 15,
  roundBracket: 1 << 16,
  /** Raised figures, * † ‡ §. */
  noteSign: 1 << 17,
  ligature: 1 << 18,
  fullWidth: 1 << 19,
  combining: 1 << 20,
  dash: 1 << 21,
  straightQuote: 1 << 22,
  curlyQuote: 1 << 23,
  ellipsis: 1 << 24,
  /** Pictures and signs beyond punctuation, emoji among them; halves of surrogate pairs. */
  picture: 1 << 25,
  /** A bullet, or a sign that may be one. */
  bullet: 1 << 26,
  nonAscii: 1 << 27,
  /** What programs have, and prose hardly. */
  syntax: 1 << 28,
} as const;

/** All pairs: what a replacement brings together may be any of them. */
export const PAIRS = 0x3f;

/** Below this a unit's signs and width are looked up. */
const NEAR = 0x250;
const FIRST_AT = 6;
const HAS_OWN = 1 << 12;
const WIDTH_AT = 13;

function beginsPairs(code: number): number {
  const char = String.fromCharCode(code);
  if (char === ' ') return Sign.spaceThenClosing | Sign.spaceThenSpace;
  if ('([{'.includes(char)) return Sign.openingThenSpace;
  if (char === ',' || char === ';') return Sign.doubledComma;
  if (char === '.') return Sign.doubledStop | Sign.stopThenCapital;
  return char === '!' || char === '?' ? Sign.stopThenCapital : 0;
}

function endsPairs(code: number): number {
  const char = String.fromCharCode(code);
  if (char === ' ') return Sign.spaceThenSpace | Sign.openingThenSpace;
  if (char === ',' || char === ';') return Sign.spaceThenClosing | Sign.doubledComma;
  if (char === '.') return Sign.spaceThenClosing | Sign.doubledStop;
  if (':!?)]}'.includes(char)) return Sign.spaceThenClosing;
  return (code >= 0x41 && code <= 0x5a) || code >= 0xc0 ? Sign.stopThenCapital : 0;
}

/** The characters of each class that is no range; those beyond general punctuation are told by their ranges. */
const BY_CHARACTER: readonly (readonly [string, number])[] = [
  ['\t', Sign.tab],
  ['&', Sign.ampersand],
  ['<', Sign.lessThan],
  ['ÂÃÅâ', Sign.misreadLead],
  ['0123456789', Sign.figure],
  ['[', Sign.squareBracket],
  ['(', Sign.roundBracket],
  ['¹²³§*†‡', Sign.noteSign],
  ['-–—', Sign.dash],
  ['"\'', Sign.straightQuote],
  ['“”„‘’‚', Sign.curlyQuote],
  ['…', Sign.ellipsis],
  ['*+-–—‣•', Sign.bullet],
  ['©®\u203c\u2049', Sign.picture],
  ['={}\\$@#&<>|`', Sign.syntax],
];

/** The signs that units have by the ranges they lie in. */
function signsByRange(code: number): number {
  let signs = code > 0x7f ? Sign.nonAscii : 0;
  if (isInvisible(code)) signs |= Sign.invisible;
  if (isOddSpace(code)) signs |= Sign.oddSpace;
  if (code >= 0x300 && code <= 0x36f) signs |= Sign.combining;
  if (code >= 0x2070 && code <= 0x2079) signs |= Sign.noteSign;
  if ((code >= 0x2100 && code < 0x2e80) || (code >= 0xd800 && code <= 0xdfff)) signs |= Sign.picture;
  // Geometric shapes.
  if (code >= 0x25a0 && code <= 0x25ff) signs |= Sign.bullet;
  if (code === 0x3030 || code === 0x303d || code === 0x3297 || code === 0x3299) signs |= Sign.picture;
  if (code >= 0xfb00 && code <= 0xfb06) signs |= Sign.ligature;
  if (code >= 0xff01 && code <= 0xff5e) signs |= Sign.fullWidth;
  return signs;
}

/** The signs of the units [from, from + count), each by itself. */
function signTable(from: number, count: number): Int32Array {
  const table = Int32Array.from({ length: count }, (_, at) => signsByRange(from + at));
  for (const [characters, sign] of BY_CHARACTER) {
    for (const char of characters) {
      const at = char.charCodeAt(0) - from;
      if (at >= 0 && at < count) table[at]! |= sign;
    }
  }
  return table;
}

const OWN = signTable(0, NEAR);

/**
 * For each near unit, packed: the pairs that it may end, those that it may begin, whether it has signs of its own, its printed
 * width. One look is all that most letters need.
 */
const UNITS = Int32Array.from(
  { length: NEAR },
  (_, code) =>
    endsPairs(code) | (beginsPairs(code) << FIRST_AT) | (OWN[code] === 0 ? 0 : HAS_OWN) | (unitWidth(code) << WIDTH_AT),
);
const PUNCTUATION_FROM = 0x2000;
const PUNCTUATION = signTable(PUNCTUATION_FROM, 0x100);

/** The signs of a unit beyond the tables: letters of large scripts are told at once, general punctuation is looked up. */
function farSigns(code: number): number {
  if ((code >= 0x370 && code < 0x1680) || (code >= 0x3400 && code < 0xd800)) return Sign.nonAscii;
  return PUNCTUATION[code - PUNCTUATION_FROM] ?? signsByRange(code);
}

/** The signs of a text. */
export function signsOf(text: string): number {
  let own = 0;
  let pairs = 0;
  let begun = 0;
  for (let at = 0; at < text.length; at++) {
    const code = text.charCodeAt(at);
    if (code < NEAR) {
      const unit = UNITS[code]!;
      if ((unit & HAS_OWN) !== 0) own |= OWN[code]!;
      pairs |= begun & unit;
      begun = (unit >> FIRST_AT) & PAIRS;
    } else {
      own |= farSigns(code);
      begun = 0;
    }
  }
  return own | pairs;
}

/** Writes the printed width (thousandths of an em) and the signs of text[from, to) at a place of two columns, from one walk. */
export function measureStretch(
  text: string,
  from: number,
  to: number,
  widths: Uint32Array,
  signs: Int32Array,
  place: number,
): void {
  let width = 0;
  let own = 0;
  let pairs = 0;
  let begun = 0;
  for (let at = from; at < to; at++) {
    const code = text.charCodeAt(at);
    if (code < NEAR) {
      const unit = UNITS[code]!;
      width += unit >> WIDTH_AT;
      if ((unit & HAS_OWN) !== 0) own |= OWN[code]!;
      pairs |= begun & unit;
      begun = (unit >> FIRST_AT) & PAIRS;
    } else {
      width += unitWidth(code);
      own |= farSigns(code);
      begun = 0;
    }
  }
  widths[place] = width;
  signs[place] = own | pairs;
}

/** The signs that appear where one unit comes to stand before another: pairs of the two. */
export function signsOfPair(first: number, second: number): number {
  if (!(first < NEAR && second < NEAR)) return 0;
  return (UNITS[first]! >> FIRST_AT) & UNITS[second]! & PAIRS;
}
