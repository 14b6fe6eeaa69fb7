import { grown } from './growing.ts';
import { isWordUnit } from './characters.ts';
import { endOfWord, LATIN, LATIN_WORD_UNITS } from './words.ts';

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
 * First and last letters and the length as a number below OUTLINES, the same for capitals and small letters: most words of a text
 * differ in it from all that are looked for, and need no slice.
 */
export function outlineOf(text: string, from: number, to: number): number {
  const first = smallCode(text.charCodeAt(from));
  const second = smallCode(text.charCodeAt(from + 1));
  const last = smallCode(text.charCodeAt(to - 1));
  return (first * 7919 + second * 613 + last * 41 + (to - from)) & (OUTLINES - 1);
}

const SMALL = Uint16Array.from({ length: LATIN }, (_, code) =>
  code < 0x80 ? code | 0x20 : String.fromCharCode(code).toLowerCase().charCodeAt(0),
);

function smallCode(code: number): number {
  if (code < LATIN) return SMALL[code]!;
  return code >= 0x2000 && code < 0x2100 ? code : String.fromCharCode(code).toLowerCase().charCodeAt(0) || 0;
}

/** Finds the words of a text, once for all who count or look them up. Linear in its length. */
export function indexWords(text: string): WordIndex {
  let from = new Uint32Array(16 + (text.length >> 2));
  let to = new Uint32Array(from.length);
  let outline = new Uint16Array(from.length);
  let count = 0;
  const { length } = text;
  for (let at = 0; at < length; at++) {
    const code = text.charCodeAt(at);
    if (code < LATIN ? LATIN_WORD_UNITS[code] === 0 : !isWordUnit(code)) continue;
    const start = at;
    const end = endOfWord(text, start, length);
    if (count === from.length) {
      from = grown(from);
      to = grown(to);
      const wider = new Uint16Array(from.length);
      wider.set(outline);
      outline = wider;
    }
    from[count] = start;
    to[count] = end;
    outline[count] = outlineOf(text, start, end);
    count++;
    at = end - 1;
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
