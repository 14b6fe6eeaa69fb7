import { isCjk, isWordUnit } from './characters.ts';

/*
 * A word, for counting and for proving that none was lost: a run of letters, marks and digits, apostrophes between letters
 * included; in scripts without spaces each sign is one. Hyphens part words, so that "tide-mill" is two wherever its line ends.
 */

/** Calls `visit` for each word of text[from, to), in order. */
function eachWord(text: string, from: number, to: number, visit: (from: number, to: number) => void): void {
  for (let start = findWord(text, from, to); start < to;) {
    const end = endOfWord(text, start, to);
    visit(start, end);
    start = findWord(text, end, to);
  }
}

/** The number of words in text[from, to). */
export function countWords(text: string, from = 0, to = text.length): number {
  let count = 0;
  for (let start = findWord(text, from, to); start < to; start = findWord(text, endOfWord(text, start, to), to))
    count++;
  return count;
}

/** The first units of Unicode, which nearly all words of Latin scripts are made of, looked up instead of asked about. */
export const LATIN = 0x250;
const LATIN_WORD_UNITS = Uint8Array.from({ length: LATIN }, (_, code) => (isWordUnit(code) ? 1 : 0));

/** Where the next word begins at or after `from`; `to` where none does. */
function findWord(text: string, from: number, to: number): number {
  let at = from;
  while (at < to) {
    const code = text.charCodeAt(at);
    if (code < LATIN ? LATIN_WORD_UNITS[code] : isWordUnit(code)) break;
    at++;
  }
  return at;
}

/** Where the word that begins at `from` ends. */
function endOfWord(text: string, from: number, to: number): number {
  const first = text.charCodeAt(from);
  if (isCjk(first)) return Math.min(to, first >= 0xd800 && first <= 0xdbff ? from + 2 : from + 1);
  let at = from + 1;
  while (at < to && isInsideWord(text, at, to, text.charCodeAt(at))) at++;
  return at;
}

/** Whether a unit behind the first of a word belongs to it: a letter or digit, or an apostrophe or unseen character before one. */
export function isInsideWord(text: string, at: number, to: number, code: number): boolean {
  if (code < LATIN ? LATIN_WORD_UNITS[code] === 1 : isWordUnit(code) && !isCjk(code)) return true;
  const links = code === 0x27 || code === 0x2019 || code === 0xad || code === 0x2060 || isJoiner(code);
  return links && at + 1 < to && isWordUnit(text.charCodeAt(at + 1));
}

/** Whether a place is within a word: what stands before it and behind it are parts of one. */
export function isWithinWord(text: string, at: number): boolean {
  if (at === 0 || at >= text.length || !isWordUnit(text.charCodeAt(at - 1))) return false;
  return isInsideWord(text, at, text.length, text.charCodeAt(at));
}

/** Zero-width space, non-joiner and joiner. */
function isJoiner(code: number): boolean {
  return code >= 0x200b && code <= 0x200d;
}

export function isAscii(text: string): boolean {
  for (let at = 0; at < text.length; at++) if (text.charCodeAt(at) > 0x7f) return false;
  return true;
}

const UNSEEN = /\u00ad|\u200b|\u200c|\u200d|\u2060|\ufeff/g;

/** The words of text[from, to) as strings, unseen characters taken out. */
export function wordsOf(text: string, from = 0, to = text.length): string[] {
  const words: string[] = [];
  eachWord(text, from, to, (a, b) => {
    const word = text.slice(a, b);
    words.push(isAscii(word) ? word : word.replace(UNSEEN, ''));
  });
  return words;
}
