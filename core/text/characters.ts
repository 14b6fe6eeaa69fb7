/** What single UTF-16 code units are, as far as cleaning prose is concerned. All functions take a code unit. */

/** Spaces that stand within a line: tab, space, no-break space, the Unicode space separators. */
export function isSpace(code: number): boolean {
  if (code === 0x20 || code === 0x09) return true;
  if (code < 0xa0) return false;
  return isOddSpace(code);
}

/** A space separator other than the ordinary space: no-break, thin, ideographic … (Unicode category Zs). */
export function isOddSpace(code: number): boolean {
  return (
    code === 0xa0 ||
    (code >= 0x2000 && code <= 0x200a) ||
    code === 0x202f ||
    code === 0x3000 ||
    code === 0x205f ||
    code === 0x1680
  );
}

export const SOFT_HYPHEN = 0xad;

/** Marks of the direction of writing: they show nothing by themselves, and say nothing where no letter runs from right to left. */
export function isDirectionMark(code: number): boolean {
  return (
    code === 0x200e ||
    code === 0x200f ||
    code === 0x061c ||
    (code >= 0x202a && code <= 0x202e) ||
    (code >= 0x2066 && code <= 0x2069)
  );
}

/**
 * Characters that show nothing and say nothing: control characters, zero-width spaces, byte order marks, soft hyphens, marks of direction.
 * Not the joiners, which shape letters in some scripts and in emoji.
 */
export function isInvisible(code: number): boolean {
  if (code < 0x20) return !isLineEndUnit(code) && code !== 0x09;
  if (code < 0x7f) return false;
  if (code <= 0x9f) return code !== 0x85;
  if (code === SOFT_HYPHEN || code === 0x200b || code === 0x2060 || code === 0xfeff || code === 0x180e) return true;
  return isDirectionMark(code);
}

/** LF, VT, FF, CR, NEL, line separator, paragraph separator. */
export function isLineEndUnit(code: number): boolean {
  return (code >= 0x0a && code <= 0x0d) || code === 0x85 || code === 0x2028 || code === 0x2029;
}

/** Nothing to see: a space, an invisible character or a line end. */
export function isBlankUnit(code: number): boolean {
  return isSpace(code) || isLineEndUnit(code) || isInvisible(code);
}

export function isDigit(code: number): boolean {
  return code >= 0x30 && code <= 0x39;
}

/** A letter, mark or digit of any script. Halves of surrogate pairs count as letters: nearly all such words are scripts. */
export function isWordUnit(code: number): boolean {
  if (code < 0x80) {
    return (code >= 0x61 && code <= 0x7a) || (code >= 0x41 && code <= 0x5a) || isDigit(code);
  }
  if (code >= 0xc0 && code <= 0x24f) return code !== 0xd7 && code !== 0xf7;
  return isWordUnitSlow(code);
}

const WORD_UNIT = /[\p{L}\p{M}\p{N}]/u;

function isWordUnitSlow(code: number): boolean {
  if (code >= 0xd800 && code <= 0xdfff) return true;
  // General punctuation: the quotation marks and dashes of most texts.
  if (code >= 0x2000 && code <= 0x206f) return false;
  return WORD_UNIT.test(String.fromCharCode(code));
}

/** Scripts that put no space between words: Han, Hiragana, Katakana, their punctuation and full-width forms. */
export function isCjk(code: number): boolean {
  if (code < 0x2e80) return false;
  return (
    (code >= 0x2e80 && code <= 0x9fff && code !== 0x3000) ||
    (code >= 0xf900 && code <= 0xfaff) ||
    (code >= 0xff00 && code <= 0xff9f) ||
    (code >= 0xd840 && code <= 0xd888)
  );
}

/** Other scripts that put no space between words, but one between phrases: Thai, Lao, Burmese, Khmer. */
export function isUnspaced(code: number): boolean {
  return (code >= 0x0e00 && code <= 0x0eff) || (code >= 0x1000 && code <= 0x109f) || (code >= 0x1780 && code <= 0x17ff);
}

export function isLower(char: string): boolean {
  const code = char.charCodeAt(0);
  if (char.length === 1 && code < 0x80) return code >= 0x61 && code <= 0x7a;
  return char !== char.toUpperCase() && char === char.toLowerCase();
}

export function isUpper(char: string): boolean {
  const code = char.charCodeAt(0);
  if (char.length === 1 && code < 0x80) return code >= 0x41 && code <= 0x5a;
  return char !== char.toLowerCase() && char === char.toUpperCase();
}

/** A hyphen that a line end may have put into a word: hyphen-minus, hyphen, soft hyphen, no-break hyphen, not sign from old OCR. */
export function isHyphen(code: number): boolean {
  return code === 0x2d || code === 0x2010 || code === SOFT_HYPHEN || code === 0x2011 || code === 0xac;
}

const OPENING_QUOTES = '“‘„‚«‹「『"\'';
const CLOSING_MARKS = '”’»›」』"\')]}）］';

export function isOpeningQuote(char: string): boolean {
  return char !== '' && !isPlainLetter(char) && OPENING_QUOTES.includes(char);
}

/** A quotation mark or bracket that may follow the stop of a sentence. */
export function isClosingMark(char: string): boolean {
  return char !== '' && !isPlainLetter(char) && CLOSING_MARKS.includes(char);
}

/** A mark that ends a sentence, in the scripts that the engine reads. */
export function isStop(char: string): boolean {
  return char !== '' && !isPlainLetter(char) && '.!?…。！？؟।'.includes(char);
}

function isPlainLetter(char: string): boolean {
  const small = char.charCodeAt(0) | 0x20;
  return small >= 0x61 && small <= 0x7a;
}

/** Whether a character beside a word makes it a part of a longer one. `char` is undefined at the end of a text. */
export function isInWord(char: string | undefined): boolean {
  return char !== undefined && (isWordUnit(char.charCodeAt(0)) || char === '’' || char === "'" || char === '-');
}
