import type { Analysis } from './cleaning.ts';
import { LineKind } from './lines/line-kind.ts';
import { Decision } from './seams/seam-table.ts';

/**
 * The lines that stand in the clean text, with what happens between each two neighbours. Lines that a person left out are decided
 * about like all others, so that nothing else changes when they go; here they are passed over.
 */
export interface StandingLines {
  /** Their places among the kept lines, and their lines. */
  readonly kept: Uint32Array;
  readonly line: Uint32Array;
  /** Between each and the next. */
  readonly decision: Uint8Array;
}

export function standingLines({ table, decided }: Analysis, decision: Uint8Array, settled: Uint8Array): StandingLines {
  const { line } = decided.seams;
  const kept = Uint32Array.from(line.keys()).filter((at) => table.kind[line[at]!] !== LineKind.byHand);
  if (kept.length === line.length) return { kept, line, decision };
  const between = new Uint8Array(Math.max(0, kept.length - 1));
  for (const at of between.keys()) between[at] = decideOver(decision, settled, kept[at]!, kept[at + 1]!);
  return { kept, line: kept.map((at) => line[at]!), decision: between };
}

/** Two lines with others left out between them: what a person settled at the second; else apart where anything between was. */
function decideOver(decision: Uint8Array, settled: Uint8Array, above: number, below: number): number {
  if (below === above + 1) return decision[above]!;
  if (settled[below - 1]) return decision[below - 1] === Decision.mend ? Decision.join : decision[below - 1]!;
  const passed = decision.subarray(above, below);
  if (passed.includes(Decision.break)) return Decision.break;
  return passed.includes(Decision.keep) ? Decision.keep : Decision.join;
}
