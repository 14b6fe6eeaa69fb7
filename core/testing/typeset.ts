import type { ProseBlock } from './marked-prose.ts';
import type { Random } from './random.ts';

/** How prose is set in lines, the way plain-text extraction gives a page back. Widths and indents in characters. */
export interface Setting {
  readonly width: number;
  /** Columns before the first line of a paragraph that follows a paragraph. */
  readonly indent: number;
  /** Blank lines between paragraphs, and around headings. */
  readonly gap: number;
  readonly headingGap: number;
  /** Whether long words are split at line ends. */
  readonly hyphenates: boolean;
  readonly bullet: string;
}

/** Sets prose in lines; '' is a blank line. */
export function typeset(blocks: readonly ProseBlock[], setting: Setting): string[] {
  const lines: string[] = [];
  let previous: ProseBlock | undefined;
  for (const block of blocks) {
    if (previous) lines.push(...Array<string>(gapBetween(previous, block, setting)).fill(''));
    const indented = block.kind === 'paragraph' && previous?.kind === 'paragraph';
    for (const line of block.lines) lines.push(...setLine(block, line, indented, setting));
    previous = block;
  }
  return lines;
}

function gapBetween(before: ProseBlock, after: ProseBlock, { gap, headingGap }: Setting): number {
  if (before.kind === 'heading' || after.kind === 'heading') return headingGap;
  if (before.kind === 'item' && after.kind === 'item') return 0;
  return before.kind === after.kind ? gap : Math.max(gap, Math.min(1, headingGap));
}

function setLine(block: ProseBlock, text: string, indented: boolean, setting: Setting): string[] {
  const { width, bullet, indent } = setting;
  if (block.kind === 'verse') return wrap(text, width, setting.hyphenates).map((line) => ' '.repeat(indent) + line);
  if (block.kind !== 'item') return wrap(indented ? ' '.repeat(indent) + text : text, width, setting.hyphenates);
  const hanging = ' '.repeat(bullet.length);
  return wrap(text, width - bullet.length, setting.hyphenates).map((line, at) => (at === 0 ? bullet : hanging) + line);
}

/** Greedy wrapping: a word goes on the next line when it does not fit, or is split when `hyphenates`. */
export function wrap(text: string, width: number, hyphenates: boolean): string[] {
  const lines: string[] = [];
  let line = /^ */.exec(text)![0];
  let empty = true;
  for (const word of text.trim().split(' ')) {
    const room = width - line.length - (empty ? 0 : 1);
    if (word.length <= room || (empty && word.length > width)) {
      line += (empty ? '' : ' ') + word;
      empty = false;
      continue;
    }
    const cut = hyphenates ? splitPoint(word, room - 1) : 0;
    if (cut > 0) {
      lines.push(`${line}${empty ? '' : ' '}${word.slice(0, cut)}${word[cut - 1] === '-' ? '' : '-'}`);
      line = word.slice(cut);
    } else {
      lines.push(line);
      line = word;
    }
    empty = false;
  }
  return [...lines, line];
}

/** No line of Chinese or Japanese begins with the ones, and a full line takes one more; none ends in the others. */
const NEVER_FIRST = '、。，；：！？」』）”';
const NEVER_LAST = '「『（“';

/** Sets Chinese or Japanese text in lines of so many columns, two for each sign. */
export function wrapSigns(text: string, columns: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const sign of text) {
    const isFull = line.length * 2 >= columns && !NEVER_FIRST.includes(sign);
    if (isFull && !NEVER_LAST.includes(line.at(-1)!)) {
      lines.push(line);
      line = '';
    }
    line += sign;
  }
  return [...lines, line];
}

/** The last place before `most` where a word may be split: between two consonants, or before a single one; 0 for none. */
function splitPoint(word: string, most: number): number {
  const letters = /^\p{P}*(\p{L}+(?:-\p{L}+)?)/u.exec(word);
  if (!letters || letters[1]!.length < 6) return 0;
  const start = letters[0].length - letters[1]!.length;
  const end = letters[0].length - 3;
  for (let cut = Math.min(most, end); cut >= start + 3; cut--) {
    if (word[cut - 1] === '-') return cut;
    if (word.includes('-')) continue;
    if (isVowel(word[cut - 2]!) && !isVowel(word[cut - 1]!) && !isVowel(word[cut]!) && isVowel(word[cut + 1]!))
      return cut;
    if (isVowel(word[cut - 1]!) && !isVowel(word[cut]!) && isVowel(word[cut + 1]!)) return cut;
  }
  return 0;
}

function isVowel(letter: string): boolean {
  return 'aeiouyAEIOUY'.includes(letter);
}

/** Spreads a line to the full width with extra spaces, as terminals justify text. */
export function justify(line: string, width: number, random: Random): string {
  const words = line.trimStart().split(' ');
  const missing = width - line.length;
  if (words.length < 4 || missing <= 0 || missing > width / 6) return line;
  const gaps = words.slice(1).map(() => 1);
  for (let at = 0; at < missing; at++) gaps[Math.floor(random() * gaps.length)]!++;
  return (
    line.slice(0, line.length - line.trimStart().length) +
    words.map((word, at) => (at === 0 ? '' : ' '.repeat(gaps[at - 1]!)) + word).join('')
  );
}

export interface Pages {
  readonly linesPerPage: number;
  readonly firstPage: number;
  head(page: number): string[];
  foot(page: number): string[];
  /** What ends a page: a form feed, or nothing where only the text was copied. */
  readonly formFeed: boolean;
}

/** Puts lines on pages with heads and feet; blank lines at the top of a page are swallowed, as on paper. */
export function paginate(lines: readonly string[], pages: Pages): string[] {
  const out: string[] = [];
  let page = pages.firstPage;
  for (let at = 0; at < lines.length; page++) {
    while (lines[at] === '') at++;
    const body = lines.slice(at, at + pages.linesPerPage);
    at += pages.linesPerPage;
    const [first = '', ...head] = pages.head(page);
    const feed = pages.formFeed && page > pages.firstPage ? '\f' : '';
    if (first !== '' || feed !== '') out.push(feed + first, ...head);
    out.push(...body, ...pages.foot(page));
  }
  return out;
}
