import type { Choice } from '../choices/choice.ts';
import { oneStep, type Step } from '../history/history.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { choicesIn, leaveOut } from '../portion/portion.ts';
import { rangeOfSeam, seamOfGap } from '../decided/seams-in-force.ts';
import { Decision } from '../seams/seam-table.ts';
import type { RowPlan } from './row-plan.ts';
import { cleanRuns, type Run } from './row-view.ts';
import { textOf } from './row-text.ts';

/** What a person does to the clean text of a row. Offsets are those of its text, in UTF-16 units. */
export type RowEdit =
  /** The row says this from now on; `was` is what it said when the person began to type. */
  | { readonly kind: 'text'; readonly text: string; readonly was: string }
  /** A new paragraph, or a new line, takes the place of [from, to) of what the row says. */
  | {
      readonly kind: 'split';
      readonly text: string;
      readonly was: string;
      readonly from: number;
      readonly to: number;
      readonly into: 'paragraphs' | 'lines';
    }
  /** The row runs on from the one before, or into the one behind. */
  | { readonly kind: 'join'; readonly with: 'before' | 'behind' };

/** Where the caret belongs after an edit. */
export type Caret =
  /** At a place of the source, in another row than the one that begins at `leaves`: that one is left, or goes. */
  | { readonly source: number; readonly leaves: number }
  /** At an offset of the same row, once it says this. */
  | { readonly offset: number; readonly says: string };

/** The step that does it, and where the caret belongs afterwards, if it must move. */
export interface RowEdited {
  readonly step?: Step;
  readonly caret?: Caret;
}

/**
 * Turns a change of a row's clean text into a step: line ends of the source are decided, other words are put in place of those
 * of the source. No step where nothing changes, or nothing can be joined.
 */
export function editRow(cleaning: Cleaning, plan: RowPlan, row: number, edit: RowEdit): RowEdited {
  switch (edit.kind) {
    case 'text':
      return { step: rewriteRow(cleaning, plan, row, edit.text, edit.was) };
    case 'split':
      return splitRow(cleaning, plan, row, edit);
    case 'join':
      return joinRows(cleaning, plan, edit.with === 'before' ? row : row + 1);
  }
}

/** A stretch of clean text that changes: [from, to) of what it was becomes `insert`. */
interface Change {
  readonly from: number;
  readonly to: number;
  readonly insert: string;
}

function rewriteRow(cleaning: Cleaning, plan: RowPlan, row: number, typed: string, was: string): Step | undefined {
  const runs = cleanRuns(cleaning, plan, row);
  const old = textOf(runs);
  const text = rebase(was, typed, old);
  if (old === text || runs.length === 0) return undefined;
  if (text.trim() === '') return leaveOut(cleaning, { from: runs[0]!.from, to: runs.at(-1)!.to });
  const bare = findChange(old, text);
  const joined = joinOfLines(cleaning, runs, bare);
  if (joined) return joined;
  const { from, to, at } = toSource(cleaning, runs, withSpaces(old, text, widenToWords(old, bare)));
  return rewrite(cleaning, from, to, insertAt(old, text, at));
}

/** What was typed into one text, made in another that has come in its place: at the same place from its beginning or its end. */
function rebase(was: string, typed: string, now: string): string {
  if (was === now) return typed;
  const { from, to, insert } = findChange(was, typed);
  if (now.startsWith(was.slice(0, to))) return now.slice(0, from) + insert + now.slice(to);
  if (!now.endsWith(was.slice(from))) return typed;
  const shift = now.length - was.length;
  return now.slice(0, from + shift) + insert + now.slice(to + shift);
}

/** What differs: the common beginning and end left out, no surrogate pair cut. */
function findChange(old: string, text: string): Change {
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

/** Whole words are put in the place of whole words, so that what was changed reads as such; never nothing in the place of nothing. */
function widenToWords(old: string, { from, to }: Change): { from: number; to: number } {
  let a = from;
  let b = to;
  while (a > 0 && !isSpace(old, a - 1)) a--;
  while (b < old.length && !isSpace(old, b)) b++;
  if (a === b) return a > 0 ? { from: a - 1, to: b } : { from: a, to: b + 1 };
  return { from: a, to: b };
}

/** What stands in `text` where the stretch of `old` stood; all else is the same in both. */
function insertAt(old: string, text: string, { from, to }: { from: number; to: number }): string {
  return text.slice(from, text.length - (old.length - to));
}

/** Takes in the space beside what is no word: passes would clean it away under the hands of the person. */
function withSpaces(old: string, text: string, stretch: { from: number; to: number }): { from: number; to: number } {
  const insert = insertAt(old, text, stretch);
  const left = stretch.from > 0 && !/^[\p{L}\p{N}]/u.test(insert) ? 1 : 0;
  const right = stretch.to < old.length && !/\S$/.test(insert) ? 1 : 0;
  return { from: stretch.from - left, to: stretch.to + right };
}

function isSpace(text: string, at: number): boolean {
  return /\s/.test(text[at]!);
}

/**
 * The source range of a stretch of the row, which grows to hold changed runs whole, and those beside it: whether a pass still
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
    run !== undefined && run.fate !== 'kept' && seamOfGap(cleaning, run) === undefined;
  while (range.from === runs[first]!.from && isChanged(runs[first - 1])) {
    range.from = runs[--first]!.from;
    range.at.from -= runs[first]!.text.length;
  }
  while (range.to === runs[last]!.to && isChanged(runs[last + 1])) {
    range.to = runs[++last]!.to;
    range.at.to += runs[last]!.text.length;
  }
  // What was put in from elsewhere has no place of its own: it goes with the word before.
  if (range.from === range.to && first > 0) return toSource(cleaning, runs, { from: firstAt - 1, to });
  return range;
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

/** A line end of the clean text that is taken away joins the lines of the source. */
function joinOfLines(cleaning: Cleaning, runs: readonly Run[], { from, to, insert }: Change): Step | undefined {
  if (to - from !== 1 || insert.trim() !== '') return undefined;
  let at = 0;
  for (const run of runs) {
    if (at === from && run.text === '\n') {
      const seam = seamOfGap(cleaning, run);
      return seam === undefined ? undefined : decide(cleaning, seam, Decision.join);
    }
    at += run.text.length;
  }
  return undefined;
}

function decide(cleaning: Cleaning, seam: number, decision: Decision): Step {
  return { kind: 'choose', choice: { kind: 'seam', ...rangeOfSeam(cleaning, seam), decision } };
}

function splitRow(
  cleaning: Cleaning,
  plan: RowPlan,
  row: number,
  { text, was, from, to, into }: Extract<RowEdit, { kind: 'split' }>,
): RowEdited {
  const runs = cleanRuns(cleaning, plan, row);
  const seam = from === to && text === textOf(runs) ? seamBeside(cleaning, runs, from) : undefined;
  if (seam !== undefined) {
    const { table, decided } = cleaning;
    return {
      step: decide(cleaning, seam, into === 'lines' ? Decision.keep : Decision.break),
      caret: { source: table.from[decided.seams.line[seam + 1]!]!, leaves: plan.from[row]! },
    };
  }
  const above = text.slice(0, from).trimEnd() + (into === 'lines' ? '\n' : '\n\n');
  const says = above + text.slice(to).trimStart();
  return { step: rewriteRow(cleaning, plan, row, says, was), caret: { offset: above.length, says } };
}

/** The seam whose gap an offset touches. */
function seamBeside(cleaning: Cleaning, runs: readonly Run[], offset: number): number | undefined {
  let at = 0;
  for (const run of runs) {
    const end = at + run.text.length;
    const isHere = at <= offset && offset <= end && run.fate !== 'kept';
    const seam = isHere ? seamOfGap(cleaning, run) : undefined;
    if (seam !== undefined) return seam;
    at = end;
  }
  return undefined;
}

/** Joins the block that a row begins with to the one before. */
function joinRows(cleaning: Cleaning, plan: RowPlan, row: number): RowEdited {
  const { blocks, decided } = cleaning;
  if (row <= 0 || row >= plan.count || plan.goesOn[row]) return {};
  const block = blocks.find(({ from }) => from >= plan.from[row]!);
  if (!block || block.from >= plan.to[row]! || block === blocks[0]) return {};
  const seam = block.firstKept - 1;
  // Over lines that were left out a choice to mend would be one to join.
  const decision = decided.splits.get(seam)?.outcome === 'mend' ? Decision.mend : Decision.join;
  return { step: decide(cleaning, seam, decision), caret: { source: block.from, leaves: plan.from[row]! } };
}
