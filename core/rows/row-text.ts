import type { Cleaning } from '../cleaning/cleaning.ts';
import { holdsBreak } from '../cleaning/written-text.ts';
import { rowAt, type RowPlan } from './row-plan.ts';
import { cleanRuns } from './row-view.ts';
import type { Run } from './run.ts';

/** The text of the clean paragraph in a row. */
export function textOfRow(cleaning: Cleaning, plan: RowPlan, row: number): string {
  return textOf(cleanRuns(cleaning, plan, row));
}

export function textOf(runs: readonly Run[]): string {
  return runs.map(({ text }) => text).join('');
}

/** A place in the clean text of a row: an offset into its text. */
export interface Spot {
  /** Where the row begins in the source. */
  readonly row: number;
  readonly offset: number;
}

/** The clean text between two spots, the first of them first. Cost: what lies between. */
export function textBetween(cleaning: Cleaning, plan: RowPlan, from: Spot, to: Spot): string {
  const first = rowAt(plan, from.row);
  const last = rowAt(plan, to.row);
  const runs = Array.from({ length: last - first + 1 }, (_, at) => cleanRuns(cleaning, plan, first + at, false));
  const text = rawBetween(cleaning, plan, runs, from, to);
  // As in all that goes out: no space is left where a paragraph that a person wrote ends.
  return runs.flat().some(holdsBreak) ? text.replace(/[ \t]+(?=\n)/g, '') : text;
}

function rawBetween(
  cleaning: Cleaning,
  plan: RowPlan,
  runs: readonly (readonly Run[])[],
  from: Spot,
  to: Spot,
): string {
  const first = rowAt(plan, from.row);
  const last = first + runs.length - 1;
  const shown = textOfRow(cleaning, plan, first);
  if (first === last) return shown.slice(from.offset, to.offset);
  const rows = runs.map(textOf);
  const tail = rows.at(-1)!;
  const lead = rows[0]!.indexOf(shown) + from.offset;
  const end = Math.max(0, tail.indexOf(textOfRow(cleaning, plan, last))) + to.offset;
  return [rows[0]!.slice(lead), ...rows.slice(1, -1), tail.slice(0, end)].join('');
}
