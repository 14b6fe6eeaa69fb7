import type { Choice } from '../choices/choice.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { oneStep, type Step } from '../history/history.ts';
import { choicesIn } from '../portion/in-portion.ts';
import { seamOfGap } from '../decided/seams-in-force.ts';
import { firstReaching } from '../edits/piece.ts';
import { beforeNotes, isNoteBehind, noteAt, type Change } from './row-notes.ts';
import type { RowPlan } from './row-plan.ts';
import { cleanRuns } from './row-view.ts';
import type { Run } from './run.ts';
import { lineAt } from '../text/line-index.ts';
import { textOf } from './row-text.ts';

/** What differs: the common beginning and end left out, no surrogate pair cut. */
export function findChange(old: string, text: string): Change {
  const most = Math.min(old.length, text.length);
  let from = 0;
  while (from < most && old[from] === text[from]) from++;
  let tail = 0;
  while (tail < most - from && old[old.length - 1 - tail] === text[text.length - 1 - tail]) tail++;
  if (from > 0 && isHighSurrogate(old.charCodeAt(from - 1))) from--;
  if (tail > 0 && isHighSurrogate(old.charCodeAt(old.length - tail - 1))) tail--;
  return { from, to: old.length - tail, insert: text.slice(from, text.length - tail) };
}

function isHighSurrogate(code: number): boolean {
  return code >= 0xd800 && code <= 0xdbff;
}

/**
 * The runs that the rows first..last show, with what lies between them; at either end also what passes took out of the same line:
 * whether they still would depends on the words there.
 */
export function runsOfRows(cleaning: Cleaning, plan: RowPlan, first: number, last: number): Run[] {
  const head = cleanRuns(cleaning, plan, first);
  const tail = first === last ? head : cleanRuns(cleaning, plan, last);
  const all = Array.from({ length: last - first + 1 }, (_, at) => cleanRuns(cleaning, plan, first + at, false)).flat();
  const isSame = (run: Run | undefined) => (other: Run) => other.from === run?.from && other.to === run.to;
  let from = Math.max(0, all.findIndex(isSame(head[0])));
  let to = tail.length === 0 ? all.length - 1 : all.findLastIndex(isSame(tail.at(-1)));
  if (head[0]) all[from] = head[0];
  if (tail.length > 0 && from !== to) all[to] = tail.at(-1)!;
  const { table } = cleaning;
  const start = table.from[lineAt(table.index, all[from]?.from ?? 0)]!;
  const end = table.to[lineAt(table.index, Math.max(0, (all[to]?.to ?? 0) - 1))]!;
  while (from > 0 && all[from - 1]!.text === '' && all[from - 1]!.from >= start) from--;
  while (to < all.length - 1 && all[to + 1]!.text === '' && all[to + 1]!.to <= end) to++;
  return all.slice(from, to + 1);
}

/** The step that makes some runs say `text`; `change` is where it differs from what they say. */
export function rewriteRuns(cleaning: Cleaning, runs: readonly Run[], text: string, change: Change): Step | undefined {
  const old = textOf(runs);
  const note = noteAt(runs, change);
  if (note) return rewrite(cleaning, note.from, note.to, note.text);
  const { from, to, at } = toSource(
    cleaning,
    runs,
    beforeNotes(runs, withSpaces(old, text, widenToWords(old, change)), change),
  );
  const insert = insertAt(old, text, at);
  const block = cleaning.blocks[firstReaching(cleaning.blocks, to - 1)];
  if (!block || from < block.gapFrom || from >= block.from || to <= block.from)
    return rewrite(cleaning, from, to, insert);
  // The indent of code is none of its words: it stays before what is written.
  const indent = old.slice(at.from, at.from + block.from - from);
  return rewrite(cleaning, block.from, to, insert.startsWith(indent) ? insert.slice(indent.length) : insert);
}

/** Whole words are put in the place of whole words, so that what was changed reads as such; never nothing in the place of nothing. */
function widenToWords(old: string, { from, to }: Change): { from: number; to: number } {
  let a = from;
  let b = to;
  while (a > 0 && !isSpace(old, a - 1)) a--;
  while (b < old.length && !isSpace(old, b)) b++;
  // White space at the beginning has no words of its own: the first word goes along.
  if (old.slice(0, b).trim() === '') {
    while (b < old.length && isSpace(old, b)) b++;
    while (b < old.length && !isSpace(old, b)) b++;
  }
  if (a === b) return a > 0 ? { from: a - 1, to: b } : { from: a, to: b + 1 };
  return { from: a, to: b };
}

/** What stands in `text` where the stretch of `old` stood; all else is the same in both. */
function insertAt(old: string, text: string, { from, to }: { from: number; to: number }): string {
  return text.slice(from, text.length - (old.length - to));
}

/** Behind these a space stays what it is. */
const ENDS_WORDS = /[\p{L}\p{M}\p{N}\p{S}.,;:!?…)\]}'’"”»]$/u;

/** Takes in the space beside what is no word: passes would clean it away under the hands of the person. */
function withSpaces(old: string, text: string, stretch: { from: number; to: number }): { from: number; to: number } {
  const insert = insertAt(old, text, stretch);
  const isBareBefore = !/^[\p{L}\p{N}]/u.test(insert) || /[([{]\s$/.test(old.slice(0, stretch.from));
  const isBareBehind = !ENDS_WORDS.test(insert) || /^\s[,;:!?.)\]}]/.test(old.slice(stretch.to));
  const left = stretch.from > 0 && isBareBefore ? 1 : 0;
  const right = stretch.to < old.length && isBareBehind ? 1 : 0;
  return { from: stretch.from - left, to: stretch.to + right };
}

function isSpace(text: string, at: number): boolean {
  return /\s/.test(text[at]!);
}

/**
 * The source range of a stretch of the runs, which grows to hold changed runs whole, and those beside it: whether a pass still
 * changes them depends on the words there. `at` is the stretch that this gives.
 */
function toSource(cleaning: Cleaning, runs: readonly Run[], stretch: { from: number; to: number }) {
  let first = 0;
  let firstAt = 0;
  while (first < runs.length - 1 && firstAt + runs[first]!.text.length <= stretch.from)
    firstAt += runs[first++]!.text.length;
  let last = first;
  let lastAt = firstAt;
  while (last < runs.length - 1 && lastAt + runs[last]!.text.length < stretch.to) lastAt += runs[last++]!.text.length;
  const head = runs[first]!;
  const tail = runs[last]!;
  const from = head.fate === 'kept' ? stretch.from : firstAt;
  const to = tail.fate === 'kept' ? stretch.to : lastAt + tail.text.length;
  const range = {
    from: head.fate === 'kept' ? head.from + from - firstAt : head.from,
    to: tail.fate === 'kept' ? tail.from + to - lastAt : tail.to,
    at: { from, to },
  };
  const isChanged = (run: Run | undefined) =>
    run !== undefined &&
    run.fate !== 'kept' &&
    seamOfGap(cleaning, run) === undefined &&
    !isOfEdge(cleaning, run) &&
    !isNoteBehind(run);
  while (range.from === runs[first]!.from && isChanged(runs[first - 1])) {
    range.from = runs[--first]!.from;
    range.at.from -= runs[first]!.text.length;
  }
  while (range.to === runs[last]!.to && isChanged(runs[last + 1])) {
    range.to = runs[++last]!.to;
    range.at.to += runs[last]!.text.length;
  }
  // A line end is written over with all that passes took out between the two lines.
  const seam = range.to === runs[last]!.to ? seamOfGap(cleaning, runs[last]!) : undefined;
  while (seam !== undefined && runs[last + 1]?.text === '' && seamOfGap(cleaning, runs[last + 1]!) === seam)
    range.to = runs[++last]!.to;
  // What was put in from elsewhere has no place of its own: it goes with the word before.
  if (range.from === range.to && first > 0) return toSource(cleaning, runs, { from: firstAt - 1, to });
  return range;
}

/** Whether it was taken out of the edge of a line, such as a time: that leaves whatever is written beside it. */
function isOfEdge({ table }: Cleaning, { from, to }: Run): boolean {
  const line = lineAt(table.index, from);
  return to <= table.leadTo[line]! || (table.tailFrom[line]! > 0 && from >= table.tailFrom[line]!);
}

/** Words in the place of a source range; those that were put there before are theirs no more. */
function rewrite(cleaning: Cleaning, from: number, to: number, text: string): Step | undefined {
  const old = choicesIn(cleaning, ['rewrite'], { from, to });
  const steps: Step[] = old
    .filter((choice) => choice.from !== from || choice.to !== to)
    .map((choice) => ({ kind: 'withdraw', choice }));
  const isAsWas = text === cleaning.source.slice(from, to) && steps.length < old.length;
  const choice: Choice = { kind: 'rewrite', from, to, text };
  steps.push({ kind: isAsWas ? 'withdraw' : 'choose', choice });
  return oneStep(steps);
}
