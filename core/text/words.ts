import { isCjk, isWordUnit } from './characters.ts';

/**
 * A word, for counting and for proving that none was lost: a run of letters, marks and digits, apostrophes between letters
 * included; in scripts without spaces each sign is one. Hyphens part words, so that "tide-mill" is two wherever its line ends.
 */
export interface WordRange {
  readonly from: number;
  readonly to: number;
}

/** Calls `visit` for each word of text[from, to), in order. */
export function eachWord(text: string, from: number, to: number, visit: (from: number, to: number) => void): void {
  let at = from;
  while (at < to) {
    const code = text.charCodeAt(at);
    if (!isWordUnit(code)) {
      at++;
      continue;
    }
    if (isCjk(code)) {
      const after = code >= 0xd800 && code <= 0xdbff ? at + 2 : at + 1;
      visit(at, Math.min(after, to));
      at = after;
      continue;
    }
    const start = at;
    at = wordEnd(text, at, to);
    visit(start, at);
  }
}

function wordEnd(text: string, from: number, to: number): number {
  let at = from;
  while (at < to) {
    const code = text.charCodeAt(at);
    if (isWordUnit(code) && !isCjk(code)) at++;
    else if (isInsideWord(text, at, to, code)) at++;
    else break;
  }
  return at;
}

/** An apostrophe or an unseen character between two letters. */
function isInsideWord(text: string, at: number, to: number, code: number): boolean {
  if (code === 0x27 || code === 0x2019) return at + 1 < to && isWordUnit(text.charCodeAt(at + 1));
  if (code === 0xad || code === 0x200b || code === 0x200d || code === 0x200c || code === 0x2060) {
    return at + 1 < to && isWordUnit(text.charCodeAt(at + 1));
  }
  return false;
}

/** The number of words in text[from, to). */
export function countWords(text: string, from = 0, to = text.length): number {
  let count = 0;
  eachWord(text, from, to, () => {
    count++;
  });
  return count;
}

const UNSEEN = /\u00ad|\u200b|\u200c|\u200d|\u2060|\ufeff/g;

/** The words of text[from, to) as strings, unseen characters taken out. */
export function wordsOf(text: string, from = 0, to = text.length): string[] {
  const words: string[] = [];
  eachWord(text, from, to, (a, b) => {
    words.push(text.slice(a, b).replace(UNSEEN, ''));
  });
  return words;
}
