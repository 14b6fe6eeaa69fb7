import { grown } from './growing.ts';
import { isCjk, isWordUnit } from './characters.ts';
import { isInsideWord, LATIN } from './words.ts';

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

/**
 * What a unit of a word adds to its outline: small letters of the Latin script for capitals too; all other letters count alike,
 * since looking them up would cost more than it saves. 0 for what is in no word, so that one look tells both.
 */
const FOLDED = Uint16Array.from({ length: LATIN }, (_, code) =>
  isWordUnit(code) ? String.fromCharCode(code).toLowerCase().charCodeAt(0) : 0,
);
const OTHER_LETTER = 1;

function foldUnit(outline: number, code: number): number {
  return addTo(outline, code < LATIN ? FOLDED[code]! : OTHER_LETTER);
}

function addTo(outline: number, folded: number): number {
  return (outline * 31 + folded) & (OUTLINES - 1);
}

/** Finds the words of a text, once for all who count or look them up. Linear in its length. */
export function indexWords(text: string): WordIndex {
  let from = new Uint32Array(16 + (text.length >> 2));
  let to = new Uint32Array(from.length);
  let outline = new Uint16Array(from.length);
  let count = 0;
  const { length } = text;
  for (let at = 0; at < length;) {
    const first = text.charCodeAt(at);
    let folded = first < LATIN ? FOLDED[first]! : isWordUnit(first) ? OTHER_LETTER : 0;
    if (folded === 0) {
      at++;
      continue;
    }
    if (count === from.length) {
      from = grown(from);
      to = grown(to);
      outline = grown(outline);
    }
    from[count] = at++;
    if (!isCjk(first)) {
      for (; at < length; at++) {
        const code = text.charCodeAt(at);
        const added = code < LATIN ? FOLDED[code]! : 0;
        if (added !== 0) folded = addTo(folded, added);
        else if (code === 0x20 || !isInsideWord(text, at, length, code)) break;
        else folded = foldUnit(folded, code);
      }
    } else if (first >= 0xd800 && first <= 0xdbff && at < length) at++;
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
