import type { Choice } from '../choices/choice.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import type { DoubtedLines } from '../report/doubted-lines.ts';
import type { Digested } from '../report/digest.ts';
import { firstWhere } from '../text/first-where.ts';
import { firstCutOf } from './row-cuts.ts';
import { emptyPlan, planRows, type RowPlan } from './row-plan.ts';

/** Rows [at, at + removed) of the plan before give way to others. */
export interface RowSplice {
  readonly at: number;
  readonly removed: number;
  readonly rows: RowPlan;
}

/** What became of the rows: some gave way to others, in order, or all were planned anew. */
export type RowPatch =
  | { readonly kind: 'splices'; readonly splices: readonly RowSplice[] }
  | { readonly kind: 'all'; readonly plan: RowPlan };

/**
 * The rows of a revised cleaning, as what changed among those of the one before. Only blocks that changed, those beside them and
 * those that choices are about are planned. Law: applyRowPatch gives what planRows gives.
 */
export function reviseRows(plan: RowPlan, before: Digested, now: Digested): RowPatch {
  const regions = changedRegions(before, now);
  const splices: RowSplice[] = [];
  for (const region of regions ?? []) {
    const old = oldRows(plan, before.cleaning, region);
    if (!old) return { kind: 'all', plan: planRows(now) };
    splices.push({ ...old, rows: planRows(now, region.first, region.end) });
  }
  return regions ? { kind: 'splices', splices } : { kind: 'all', plan: planRows(now) };
}

/** Puts a patch into the plan that it was made for. The plan itself is not changed. */
export function applyRowPatch(plan: RowPlan, patch: RowPatch): RowPlan {
  if (patch.kind === 'all') return patch.plan;
  const { splices } = patch;
  const now = emptyPlan(splices.reduce((count, { removed, rows }) => count - removed + rows.count, plan.count));
  for (const name of COLUMNS) {
    let next = 0;
    let place = 0;
    const add = (values: RowPlan[typeof name]) => {
      now[name].set(values, place);
      place += values.length;
    };
    for (const { at, removed, rows } of splices) {
      add(plan[name].subarray(next, at));
      add(rows[name]);
      next = at + removed;
    }
    add(plan[name].subarray(next));
  }
  return now;
}

const COLUMNS = Object.keys(emptyPlan(0)).filter((name) => name !== 'count') as Exclude<keyof RowPlan, 'count'>[];

/** Blocks [first, end) of a cleaning, and [oldFirst, oldEnd) of the one before, that begin and end at the same blocks. */
interface Region {
  readonly first: number;
  readonly end: number;
  readonly oldFirst: number;
  readonly oldEnd: number;
}

/** The blocks whose rows may have changed; undefined where that cannot be told. */
function changedRegions(before: Digested, now: Digested): Region[] | undefined {
  const { splices, blocks } = now.cleaning;
  if (!splices || blocks.length === 0 || !isSameEvidence(before.cleaning, now.cleaning)) return undefined;
  const dirty = splices.map(({ to, added }) => ({ from: to, to: to + added }));
  for (const { from, to } of changedPlaces(before, now)) {
    const first = firstWhere(blocks.length, (at) => blocks[at]!.to >= from);
    let end = first;
    while (end < blocks.length && blocks[end]!.gapFrom <= to) end++;
    dirty.push({ from: first, to: end });
  }
  // What follows the last block is made anew each time.
  dirty.push({ from: blocks.length, to: blocks.length });
  return merged(dirty, blocks.length).map(({ from, to }) => ({
    first: from,
    end: to,
    oldFirst: oldPlace(now.cleaning, from),
    oldEnd: oldPlace(now.cleaning, to),
  }));
}

/** Whether all lines and all that is doubtful by itself are as they were. */
function isSameEvidence(one: Cleaning, other: Cleaning): boolean {
  return (
    one.table === other.table &&
    one.decided === other.decided &&
    one.decidedRemaining === other.decidedRemaining &&
    one.style.certaintyLimit === other.style.certaintyLimit
  );
}

/** Each with the unchanged block on either side, since rows of gaps reach over to them; those that meet are one. */
function merged(dirty: readonly { from: number; to: number }[], count: number): { from: number; to: number }[] {
  const regions: { from: number; to: number }[] = [];
  const wide = dirty.map(({ from, to }) => ({ from: Math.max(0, from - 1), to: Math.min(count, to + 1) }));
  for (const { from, to } of wide.sort((a, b) => a.from - b.from)) {
    const last = regions.at(-1);
    if (last && from <= last.to) last.to = Math.max(last.to, to);
    else regions.push({ from, to });
  }
  return regions;
}

/** Where an unchanged block stood in the cleaning before. */
function oldPlace({ splices }: Cleaning, place: number): number {
  return splices!.reduce((old, { to, added, removed }) => (to + added <= place ? old + removed - added : old), place);
}

function oldRows(plan: RowPlan, before: Cleaning, { oldFirst, oldEnd }: Region): Omit<RowSplice, 'rows'> | undefined {
  const at = rowFrom(plan, firstCutOf(before, oldFirst));
  const end = oldEnd >= before.blocks.length ? plan.count : rowFrom(plan, firstCutOf(before, oldEnd));
  return at === undefined || end === undefined ? undefined : { at, removed: end - at };
}

/** The row that begins at a place; undefined where none does. */
function rowFrom(plan: RowPlan, place: number): number | undefined {
  const row = firstWhere(plan.count, (at) => plan.from[at]! >= place);
  return plan.from[row] === place ? row : undefined;
}

/** The places of choices that came or went, and of lines that are newly in doubt or no longer. */
function changedPlaces(before: Digested, now: Digested): { readonly from: number; readonly to: number }[] {
  const choices = changed(before.cleaning.choices, now.cleaning.choices, (choice: Choice) => JSON.stringify(choice));
  const lines = changed(before.digest.lines, now.digest.lines, ({ what, places }: DoubtedLines) =>
    [what, places[0]!.from, places[0]!.to].join(' '),
  );
  return [...choices, ...lines.map(({ places }) => places[0]!)];
}

/** What is in one of two lists alone, by its key; the same object is the same. */
function changed<T>(before: readonly T[], after: readonly T[], keyOf: (value: T) => string): T[] {
  const kept = new Set(before);
  const come = after.filter((value) => !kept.delete(value));
  const keys = new Map(come.map((value) => [keyOf(value), value]));
  const gone = [...kept].filter((value) => !keys.delete(keyOf(value)));
  return [...gone, ...keys.values()];
}
