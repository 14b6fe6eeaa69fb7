import type { Analysis } from './cleaning.ts';
import { isConstrained, mayEdit } from './choices/permits.ts';
import { isHyphen } from './text/characters.ts';
import { lineAt } from './text/line-index.ts';
import { Decision } from './seams/seam-table.ts';
import { isPassOn } from './style/style.ts';

/** The decisions of the evidence, then the passes that are off, then what a person chose: the later wins. */
export function decisionsInForce(analysis: Analysis): { decision: Uint8Array; settled: Uint8Array } {
  const { choices, decided } = analysis;
  const decision = decided.decision.slice();
  const settled = new Uint8Array(decided.seams.count);
  const joins = worksAt(analysis, 'wrapped-lines');
  const mends = worksAt(analysis, 'split-words');
  for (let seam = 0; seam < decision.length; seam++) {
    if (decision[seam] === Decision.mend && !mends(seam)) decision[seam] = Decision.join;
    if (decision[seam] === Decision.join && !joins(seam)) decision[seam] = Decision.keep;
  }
  for (const choice of choices) {
    if (choice.kind !== 'seam') continue;
    const seam = seamOfChoice(analysis, choice);
    if (seam === undefined) continue;
    decision[seam] = choice.decision === Decision.mend && !canMend(analysis, seam) ? Decision.join : choice.decision;
    settled[seam] = 1;
  }
  return { decision, settled };
}

/** At which seams a pass may work: it is on, and no person said otherwise for the gap there. */
function worksAt(analysis: Analysis, pass: string): (seam: number) => boolean {
  const { style, permits, table, decided } = analysis;
  const on = isPassOn(style, pass);
  if (!on || !isConstrained(permits, pass)) return () => on;
  const { line } = decided.seams;
  return (seam) => mayEdit(permits, pass, table.to[line[seam]!]!, table.from[line[seam + 1]!]!);
}

/** The seam whose gap holds the line end that a choice is about; undefined where no kept lines lie around it any more. */
export function seamOfChoice(
  { table, decided }: Pick<Analysis, 'table' | 'decided'>,
  choice: { readonly from: number },
): number | undefined {
  const { line, count } = decided.seams;
  const at = lineAt(table.index, choice.from);
  let low = 0;
  let high = count;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (line[middle + 1]! > at) high = middle;
    else low = middle + 1;
  }
  return low < count && line[low]! <= at ? low : undefined;
}

/** The range that a choice about a seam has: the end of the line before it. */
export function rangeOfSeam(
  { table, decided }: Pick<Analysis, 'table' | 'decided'>,
  seam: number,
): { from: number; to: number } {
  const line = decided.seams.line[seam]!;
  return { from: table.index.to[line]!, to: table.index.next[line]! };
}

/** Only a line that ends in a hyphen can be mended. */
export function canMend(
  { source, table, decided }: Pick<Analysis, 'source' | 'table' | 'decided'>,
  seam: number,
): boolean {
  return isHyphen(source.charCodeAt(table.to[decided.seams.line[seam]!]! - 1));
}
