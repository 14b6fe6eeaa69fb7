import type { Choice } from '../choices/choice.ts';
import { oneStep, type Step } from '../history/history.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { leaveOut } from '../portion/leave-out.ts';
import { rangeOfSeam, seamOfChoice, seamOfGap } from '../decided/seams-in-force.ts';
import { Decision } from '../seams/seam-table.ts';
import { around, NEW_LINE, NEW_PARAGRAPH } from './new-paragraph.ts';
import { findChange, rewriteRuns, runsOfRows } from './row-change.ts';
import type { Change } from './row-notes.ts';
import { rowAt, type RowPlan } from './row-plan.ts';
import { cleanRuns } from './row-view.ts';
import type { Run } from './run.ts';
import { textOf, type Spot } from './row-text.ts';

/** What a person does to the clean text of a row. Offsets are those of its text, in UTF-16 units. */
export type RowEdit =
  /** The row says this from now on; `was` is what it said when the person began to type. */
  | { readonly kind: 'text'; readonly text: string; readonly was: string }
  /** `insert` takes the place of [from, to) of what the row says, and the caret stands behind it. */
  | {
      readonly kind: 'insert';
      readonly text: string;
      readonly was: string;
      readonly from: number;
      readonly to: number;
      readonly insert: string;
    }
  /** `insert` takes the place of what lies between an offset of the row and a spot of a later one. */
  | { readonly kind: 'replace'; readonly from: number; readonly to: Spot; readonly insert: string }
  /** The row runs on from the one before, or into the one behind. */
  | { readonly kind: 'join'; readonly with: 'before' | 'behind' };

/** Where the caret belongs after an edit. */
export type Caret =
  /** At a place of the source, in another row than the one that begins at `leaves`: that one is left, or goes. */
  | { readonly source: number; readonly leaves: number }
  /** At an offset of the same row, once it says something else than it did, and these words up to there. */
  | { readonly offset: number; readonly behind: string; readonly was: string };

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
    case 'insert':
      return insertInto(cleaning, plan, row, edit);
    case 'replace':
      return replaceFrom(cleaning, plan, row, edit);
    case 'join':
      return joinRows(cleaning, plan, edit.with === 'before' ? row : row + 1);
  }
}

function rewriteRow(cleaning: Cleaning, plan: RowPlan, row: number, typed: string, was: string): Step | undefined {
  const runs = runsOfRows(cleaning, plan, row, row);
  const old = textOf(runs);
  const text = rebase(was, typed, old);
  if (old === text || runs.length === 0) return undefined;
  if (text.trim() === '') return leaveOut(cleaning, { from: plan.from[row]!, to: plan.to[row]! });
  const change = findChange(old, text);
  return joinOfLines(cleaning, runs, change) ?? rewriteRuns(cleaning, runs, text, change);
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

function insertInto(
  cleaning: Cleaning,
  plan: RowPlan,
  row: number,
  { text, was, from, to, insert }: Extract<RowEdit, { kind: 'insert' }>,
): RowEdited {
  const runs = cleanRuns(cleaning, plan, row);
  const shown = textOf(runs);
  // A line begins there already.
  if (insert === NEW_LINE && from === to && (text[from - 1] === NEW_LINE || text[from] === NEW_LINE)) return {};
  const isBreak = insert === NEW_PARAGRAPH || insert === NEW_LINE;
  const seam = isBreak && from === to && text === shown ? seamBeside(cleaning, runs, from) : undefined;
  // A line that the person began there would be gone when the paragraph is taken back: it stays, and more is put in.
  if (seam !== undefined && !(insert === NEW_PARAGRAPH && isLineBegun(cleaning, seam))) {
    const { table, decided } = cleaning;
    return {
      step: decide(cleaning, seam, insert === NEW_LINE ? Decision.keep : Decision.break),
      caret: { source: table.from[decided.seams.line[seam + 1]!]!, leaves: plan.from[row]! },
    };
  }
  const { above, below } = around(text.slice(0, from), insert, text.slice(to));
  const says = above + below;
  return { step: rewriteRow(cleaning, plan, row, says, was), caret: caretBehind(above, shown) };
}

function caretBehind(above: string, was: string): Caret {
  return { offset: above.length, behind: above, was };
}

function replaceFrom(
  cleaning: Cleaning,
  plan: RowPlan,
  row: number,
  { from, to, insert }: Extract<RowEdit, { kind: 'replace' }>,
): RowEdited {
  const last = rowAt(plan, to.row);
  const shown = textOf(cleanRuns(cleaning, plan, row));
  if (last <= row)
    return insertInto(cleaning, plan, row, { kind: 'insert', text: shown, was: shown, from, to: to.offset, insert });
  const lastShown = textOf(cleanRuns(cleaning, plan, last));
  const before = shown.slice(0, from);
  const after = lastShown.slice(to.offset);
  if (insert === '' && before === '' && after === '')
    return { step: leaveOut(cleaning, { from: plan.from[row]!, to: plan.to[last]! }) };
  if (before === '' && after === '' && shown !== '') {
    // Whole paragraphs: the first says what is put in, the others leave as lines, so that they stay lines to be looked at.
    const others = leaveOut(cleaning, { from: plan.from[row + 1]!, to: plan.to[last]! });
    const first = insertInto(cleaning, plan, row, {
      kind: 'insert',
      text: shown,
      was: shown,
      from: 0,
      to: shown.length,
      insert,
    });
    return { ...first, step: oneStep([first.step, others].filter((step) => step !== undefined)) };
  }
  const runs = runsOfRows(cleaning, plan, row, last);
  const old = textOf(runs);
  const { above, below } = around(before, insert, after);
  const text = above + below;
  return { step: rewriteRuns(cleaning, runs, text, findChange(old, text)), caret: caretBehind(above, shown) };
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

function isLineBegun(cleaning: Cleaning, seam: number): boolean {
  const choice = choiceAt(cleaning, seam);
  return choice?.kind === 'seam' && choice.decision === Decision.keep;
}

/** What the person said of a seam. */
function choiceAt(cleaning: Cleaning, seam: number): Choice | undefined {
  return cleaning.choices.find((choice) => choice.kind === 'seam' && seamOfChoice(cleaning, choice) === seam);
}

/** Joins the block that a row begins with to the one before; where a person parted them, what stood there stands again. */
function joinRows(cleaning: Cleaning, plan: RowPlan, row: number): RowEdited {
  const { blocks, decided } = cleaning;
  if (row <= 0 || row >= plan.count || plan.goesOn[row]) return {};
  const block = blocks.find(({ from }) => from >= plan.from[row]!);
  if (!block || block.from >= plan.to[row]! || block === blocks[0]) return {};
  const seam = block.firstKept - 1;
  const parted = choiceAt(cleaning, seam);
  const caret: Caret = { source: block.from, leaves: plan.from[row]! };
  if (parted && decided.decision[seam] !== Decision.break) return { step: { kind: 'withdraw', choice: parted }, caret };
  // Over lines that were left out a choice to mend would be one to join.
  const decision = decided.splits.get(seam)?.outcome === 'mend' ? Decision.mend : Decision.join;
  return { step: decide(cleaning, seam, decision), caret };
}
