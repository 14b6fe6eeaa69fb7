import type { Cleaning } from '../cleaning/cleaning.ts';
import { rangesIn, stretchesOf, type LookStretch } from '../layout/looks.ts';
import { lineAt } from '../text/line-index.ts';
import type { RowPlan } from './row-plan.ts';
import type { Run } from './run.ts';

/**
 * The runs of a row's clean text with the looks that the format gave its words, cut where those change. What took the place of
 * something has a look only where all that it took the place of had it. Law: the texts strung together stay the same.
 */
export function withLooks({ table }: Cleaning, plan: RowPlan, row: number, runs: readonly Run[]): readonly Run[] {
  const { layout, index } = table;
  if (!layout || layout.ranges.length === 0) return runs;
  const [from, to] = [plan.from[row]!, plan.to[row]!];
  let line = lineAt(index, from);
  while (line > 0 && layout.block[line - 1] === layout.block[line]) line--;
  const stretches = stretchesOf(rangesIn(layout, index.from[line]!, from, to));
  return stretches.length === 0
    ? runs
    : runs.flatMap((run) => (run.fate === 'kept' ? cut(run, stretches) : [whole(run, stretches)]));
}

function whole(run: Run, stretches: readonly LookStretch[]): Run {
  const around = stretches.find(({ from, to }) => run.from < run.to && from <= run.from && to >= run.to);
  return around ? { ...run, look: around.look } : run;
}

/** A run as it stands in the source, in parts; whole where the ends of the row cut its text short. */
function cut(run: Run, stretches: readonly LookStretch[]): Run[] {
  if (run.to - run.from !== run.text.length) return [run];
  const start = run.from;
  const parts: Run[] = [];
  let at = start;
  const push = (to: number, look: Run['look']) => {
    if (to <= at) return;
    parts.push({ ...run, from: at, to, text: run.text.slice(at - start, to - start), ...(look && { look }) });
    at = to;
  };
  for (const { from, to, look } of stretches) {
    if (to <= at || from >= run.to) continue;
    push(Math.max(at, from), undefined);
    push(Math.min(to, run.to), look);
  }
  push(run.to, undefined);
  return parts;
}
