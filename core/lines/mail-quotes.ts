import type { LineIndex } from '../text/line-index.ts';

const QUOTED = /^[ \t]{0,3}(?:>[ \t]?)+/;
const LONGEST_MARK = 40;
/** Where all marks are this one, they are the prompt of a program. */
const PROMPT = '>>> ';

/**
 * Where the words begin on lines that a mail program quoted with "> ", 0 for other lines; undefined where none are. A single
 * line that begins so may be anything: two in a row are a quotation, and where there is one, single lines are too. [from, to) are
 * the words of each line.
 */
export function findMailQuotes(
  source: string,
  index: LineIndex,
  from: Uint32Array,
  to: Uint32Array,
): Uint32Array | undefined {
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
  return leadTo;
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
