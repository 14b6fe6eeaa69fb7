import type { Analysis, VisibleLines } from './analysis.ts';
import { LineKind } from '../lines/line-kind.ts';
import { Decision } from '../seams/seam-table.ts';
import { joinedAsAllowed } from './seams-in-force.ts';

export function visibleLines(analysis: Analysis, decision: Uint8Array, settled: Uint8Array): VisibleLines {
  const { table, decidedRemaining } = analysis;
  const { line } = analysis.decided.seams;
  const kept = new Uint32Array(line.length);
  for (let at = 0; at < kept.length; at++) kept[at] = at;
  if (!decidedRemaining) return { kept, line, decision };
  const left = kept.filter((at) => table.kind[line[at]!] !== LineKind.byHand);
  const standing = left.map((at) => line[at]!);
  const allowed = joinedAsAllowed(analysis);
  const between = new Uint8Array(Math.max(0, left.length - 1));
  for (const at of between.keys()) {
    const below = left[at + 1]!;
    const decided = decision[below - 1]!;
    if (below === left[at]! + 1) between[at] = decided;
    // A choice to mend was about the line that was left out.
    else if (settled[below - 1]) between[at] = unmended(decided);
    else
      between[at] = allowed(
        unmended(decidedRemaining.decision[at]!),
        table.to[standing[at]!]!,
        table.from[standing[at + 1]!]!,
      );
  }
  return { kept: left, line: standing, decision: between };
}

/** What stood apart is never put together into one word. */
function unmended(decision: number): number {
  return decision === Decision.mend ? Decision.join : decision;
}

/** Whether the lines of a block, the one before it, and what was decided between them, are as they were. */
export function isSameStretch(
  before: VisibleLines,
  first: number,
  after: VisibleLines,
  from: number,
  to: number,
): boolean {
  for (let at = from === 0 ? 0 : -1; at <= to - from; at++) {
    if (before.kept[first + at] !== after.kept[from + at]) return false;
    if (at < to - from && before.decision[first + at] !== after.decision[from + at]) return false;
  }
  return from > 0 || first === 0;
}
