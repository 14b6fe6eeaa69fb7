import type { LineIndex } from '../text/line-index.ts';

const QUOTED = /^[ \t]{0,3}(?:>[ \t]?)+/;
const LONGEST_MARK = 40;
const FEWEST_SINGLES = 3;
const FEWEST_OF_MOST = 4;
/** Where all marks are this one, they are the prompt of a program. */
const PROMPT = '>>> ';

/** The lines that begin with marks of quotation. */
export interface Quotes {
  /** Where the words begin on such a line; 0 for others. */
  readonly leadTo: Uint32Array;
  /** Each quoted paragraph keeps its mark, as Markdown has it. */
  readonly keepsMarks: boolean;
}

/**
 * Lines that a mail program quoted with "> ", or Markdown; undefined where none are. A single line that begins so may be anything: two
 * in a row are a quotation, and where there is one, single lines are too; so are three or more that each begin a sentence, and what
 * most lines of a text begin with. [from, to) are the words of each line.
 */
export function findQuotes(source: string, index: LineIndex, from: Uint32Array, to: Uint32Array): Quotes | undefined {
  let before = 0;
  let hasTwo = false;
  const marks: (readonly [line: number, length: number])[] = [];
  let hasOther = false;
  let withWords = 0;
  for (let line = 0; line < index.count; line++) {
    if (from[line]! < to[line]!) withWords++;
    const mark = source[from[line]!] === '>' && from[line]! < to[line]! ? quoteMark(source, index, line) : 0;
    if (mark > 0 && before > 0) hasTwo = true;
    if (mark > 0) marks.push([line, mark]);
    if (mark > 0 && !source.startsWith(PROMPT, from[line])) hasOther = true;
    before = mark;
  }
  const areSingles =
    marks.length >= FEWEST_SINGLES &&
    marks.every(([line]) => /^> \p{Lu}/u.test(source.slice(from[line], from[line]! + 4)));
  // Lines may all stand apart.
  const areMost = marks.length >= FEWEST_OF_MOST && marks.length * 2 >= withWords;
  if (!(hasTwo || areSingles || areMost) || !hasOther) return undefined;
  const leadTo = new Uint32Array(index.count);
  for (const [line, length] of marks) leadTo[line] = index.from[line]! + length;
  keepComparisons(source, leadTo);
  return { leadTo, keepsMarks: isMarkdown(source, index, leadTo, from, to) };
}

const HEADING = /^#{1,6} \S/;
const FENCE = /^(?:```|~~~)/;
const DELIMITERS = /^\|?(?: ?:?-{3,}:? ?\|)+ ?:?-*:? ?\|?$/;
const LONGEST_LOOKED_AT = 120;

/** Whether a heading, a fence or a table tells Markdown, and no quotation is said to be of a mail. */
function isMarkdown(
  source: string,
  index: LineIndex,
  leadTo: Uint32Array,
  from: Uint32Array,
  to: Uint32Array,
): boolean {
  let hasMarkdown = false;
  /** The last two lines with words. */
  let above = '';
  for (let line = 0; line < index.count; line++) {
    if (from[line] === to[line]) continue;
    if (leadTo[line]! > 0) {
      if (ATTRIBUTION.test(above)) return false;
      above = '';
      continue;
    }
    const text = source.slice(from[line], Math.min(to[line]!, from[line]! + LONGEST_LOOKED_AT));
    hasMarkdown ||= HEADING.test(text) || FENCE.test(text) || DELIMITERS.test(text);
    above = `${above.slice(above.indexOf('\n') + 1)}\n${text}`;
  }
  return hasMarkdown;
}

/** "On 4 March 2025, Ansgar Rask <ansgar@wrackby.example> wrote:", on one line or two. */
const ATTRIBUTION = /[@\d][^]*:$/;

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
