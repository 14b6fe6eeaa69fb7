import { grown } from './growing.ts';
import { isCjk, isWordUnit } from './characters.ts';
import { isInsideWord, LATIN, LATIN_WORD_UNITS } from './words.ts';

/** Where the words of a text lie, in order and in UTF-16 offsets: word i is text[from[i], to[i]). */
export interface WordIndex {
  readonly count: number;
  readonly from: Uint32Array;
  readonly to: Uint32Array;
  /** By word: see outlineOf. */
  readonly outline: Uint16Array;
}

/** How many outlines there are. */
export const OUTLINES = 1 << 16;

/**
 * A number below OUTLINES that words have in common which differ in nothing but capitals: few other words of a text share it, so
 * whoever looks for some words need not look at the letters of most others.
 */
export function outlineOf(word: string): number {
  let outline = 0;
  for (let at = 0; at < word.length; at++) outline = foldUnit(outline, word.charCodeAt(at));
  return outline;
}

/** Small letters of the Latin script; all other letters count alike, since looking them up would cost more than it saves. */
const SMALL = Uint16Array.from({ length: LATIN }, (_, code) => String.fromCharCode(code).toLowerCase().charCodeAt(0));

function foldUnit(outline: number, code: number): number {
  return (outline * 31 + (code < LATIN ? SMALL[code]! : 1)) & (OUTLINES - 1);
}

/** Finds the words of a text, once for all who count or look them up. Linear in its length. */
export function indexWords(text: string): WordIndex {
  let from = new Uint32Array(16 + (text.length >> 2));
  let to = new Uint32Array(from.length);
  let outline = new Uint16Array(from.length);
  let count = 0;
  const { length } = text;
  for (let at = 0; at < length;) {
    let code = text.charCodeAt(at);
    if (code < LATIN ? LATIN_WORD_UNITS[code] === 0 : !isWordUnit(code)) {
      at++;
      continue;
    }
    if (count === from.length) {
      from = grown(from);
      to = grown(to);
      outline = grown(outline);
    }
    from[count] = at;
    let folded = foldUnit(0, code);
    at++;
    if (isCjk(code)) {
      if (code >= 0xd800 && code <= 0xdbff && at < length) at++;
    } else {
      for (; at < length; at++) {
        code = text.charCodeAt(at);
        const isInside = code < LATIN && LATIN_WORD_UNITS[code] === 1 ? true : isInsideWord(text, at, length, code);
        if (!isInside) break;
        folded = foldUnit(folded, code);
      }
    }
    to[count] = at;
    outline[count] = folded;
    count++;
  }
  return { count, from: from.subarray(0, count), to: to.subarray(0, count), outline: outline.subarray(0, count) };
}

/** The number of words that begin in [from, to). Logarithmic. */
export function wordsWithin(words: WordIndex, from: number, to: number): number {
  return firstFrom(words, to) - firstFrom(words, from);
}

function firstFrom({ from, count }: WordIndex, position: number): number {
  let low = 0;
  let high = count;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (from[middle]! < position) low = middle + 1;
    else high = middle;
  }
  return low;
}
