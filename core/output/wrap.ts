import { isCjk } from '../text/characters.ts';

/**
 * A paragraph in lines of at most so many columns, broken at spaces; a word that is longer stands alone. Signs of East Asian scripts
 * are two columns wide and may be broken between. `lead` stands before the lines below the first.
 */
export function wrap(text: string, columns: number, lead = ''): string {
  if (columns <= 0) return text;
  return text
    .split('\n')
    .map((line) => wrapLine(line, columns, lead))
    .join('\n');
}

function wrapLine(line: string, columns: number, lead: string): string {
  if (line.length <= columns / 2) return line;
  const lines: string[] = [];
  let now = '';
  let width = 0;
  for (const { word, space } of wordsOf(line)) {
    const wide = widthOf(word);
    if (now.trim() !== '' && width + space.length + wide > columns) {
      lines.push(now);
      now = lead + word;
      width = lead.length + wide;
    } else {
      now += space + word;
      width += space.length + wide;
    }
  }
  return [...lines, now].join('\n');
}

/** Signs that no line begins with. */
const NEVER_FIRST = /^[、。，．！？：；）」』】〉》〕ー々…]/;

/** The words of a line, each with the spaces before it; each East Asian sign is one. */
function wordsOf(line: string): { readonly word: string; readonly space: string }[] {
  const words: { word: string; space: string }[] = [];
  for (const [, space, word] of line.matchAll(/([ \t]*)([^ \t]+)/g)) {
    let first = true;
    for (const part of partsOf(word!)) {
      words.push({ word: part, space: first ? space! : '' });
      first = false;
    }
  }
  return words;
}

function partsOf(word: string): string[] {
  const parts: string[] = [];
  let isOpen = false;
  for (const sign of word) {
    const isWide = isWideSign(sign);
    const goesOn = parts.length > 0 && (NEVER_FIRST.test(sign) || (isOpen && !isWide));
    if (goesOn) parts[parts.length - 1] += sign;
    else parts.push(sign);
    isOpen = !isWide;
  }
  return parts;
}

function isWideSign(sign: string): boolean {
  const code = sign.codePointAt(0)!;
  return code >= 0x20000 ? code < 0x40000 : isCjk(code);
}

/** In columns of a terminal. */
export function widthOf(text: string): number {
  let width = 0;
  for (const sign of text) width += isWideSign(sign) ? 2 : 1;
  return width;
}
