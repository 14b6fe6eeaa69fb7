import type { LineIndex } from '../text/line-index.ts';

const QUOTED = /^[ \t]{0,3}(?:>[ \t]?)+/;
const LONGEST_MARK = 40;
/** Where all marks are this one, they are the prompt of a program. */
const PROMPT = '>>> ';

/** The lines that begin with marks of quotation. */
export interface Quotes {
  /** Where the words begin on such a line; 0 for others. */
  readonly leadTo: Uint32Array;
  /** Each quoted paragraph keeps its mark, as Markdown has it. */
  readonly keepMarks: boolean;
}

/**
 * Lines that a mail program quoted with "> ", or Markdown; undefined where none are. A single line that begins so may be anything: two
 * in a row are a quotation, and where there is one, single lines are too. [from, to) are the words of each line.
 */
export function findQuotes(source: string, index: LineIndex, from: Uint32Array, to: Uint32Array): Quotes | undefined {
  let before = 0;
  let hasTwo = false;
  const marks: (readonly [line: number, length: number])[] = [];
  let hasOther = false;
  for (let line = 0; line < index.count; line++) {
    const mark = source[from[line]!] === '>' && from[line]! < to[line]! ? quoteMark(source, index, line) : 0;
    if (mark > 0 && before > 0) hasTwo = true;
    if (mark > 0) marks.push([line, mark]);
    if (mark > 0 && !source.startsWith(PROMPT, from[line])) hasOther = true;
    before = mark;
  }
  if (!hasTwo || !hasOther) return undefined;
  const leadTo = new Uint32Array(index.count);
  for (const [line, length] of marks) leadTo[line] = index.from[line]! + length;
  keepComparisons(source, leadTo);
  return { leadTo, keepMarks: isMarkdown(source, index, from, to) };
}

const HEADING = /^#{1,6} \S/;
const FENCE = /^(?:```|~~~)/;
const DELIMITERS = /^\|?(?: ?:?-{3,}:? ?\|)+ ?:?-*:? ?\|?$/;
/** "On 4 March 2025, Ansgar wrote:", above what was quoted. */
const ATTRIBUTION = /[@\d].*:$/;
const LONGEST_LOOKED_AT = 120;

/** Whether a heading, a fence or a table tells Markdown, where nobody wrote a mail. */
function isMarkdown(source: string, index: LineIndex, from: Uint32Array, to: Uint32Array): boolean {
  let hasMarkdown = false;
  for (let line = 0; line < index.count; line++) {
    if (to[line]! - from[line]! > LONGEST_LOOKED_AT) continue;
    const first = source[from[line]!];
    if (first === '#' || first === '`' || first === '~' || first === '|') {
      const text = source.slice(from[line], to[line]);
      hasMarkdown ||= HEADING.test(text) || FENCE.test(text) || DELIMITERS.test(text);
    } else if (source[to[line]! - 1] === ':' && ATTRIBUTION.test(source.slice(from[line], to[line]))) return false;
  }
  return hasMarkdown;
}

/** "> 40 kg": where figures follow each mark of a row of lines, it says "more than". */
function keepComparisons(source: string, leadTo: Uint32Array): void {
  for (let first = 0; first < leadTo.length; first++) {
    if (leadTo[first] === 0) continue;
    let last = first;
    while (last + 1 < leadTo.length && leadTo[last + 1]! > 0) last++;
    const row = leadTo.subarray(first, last + 1);
    if (row.every((at) => /[\d.,]/.test(source[at] ?? ''))) row.fill(0);
    first = last;
  }
}

/** How many characters the mark at the start of a line takes. */
function quoteMark(source: string, index: LineIndex, line: number): number {
  const start = index.from[line]!;
  return QUOTED.exec(source.slice(start, Math.min(index.to[line]!, start + LONGEST_MARK)))?.[0].length ?? 0;
}
