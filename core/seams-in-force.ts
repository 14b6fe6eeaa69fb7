import type { Analysis } from './cleaning.ts';
import { isConstrained, mayEdit } from './choices/permits.ts';
import { rewritesOf } from './choices/rewrites.ts';
import { isHyphen } from './text/characters.ts';
import { lineAt } from './text/line-index.ts';
import { Decision, type SeamTable } from './seams/seam-table.ts';
import { isPassOn } from './style/style.ts';

/** The decisions of the evidence, then the passes that are off, then what a person chose: the later wins. */
export function decisionsInForce(analysis: Analysis): { decision: Uint8Array; settled: Uint8Array } {
  const { choices, decided } = analysis;
  const decision = decided.decision.slice();
  const settled = new Uint8Array(decided.seams.count);
  const allowed = joinedAsAllowed(analysis);
  const { line } = decided.seams;
  for (let seam = 0; seam < decision.length; seam++) {
    if (decision[seam]! > Decision.mend) continue;
    decision[seam] = allowed(decision[seam]!, analysis.table.to[line[seam]!]!, analysis.table.from[line[seam + 1]!]!);
  }
  for (const choice of choices) {
    if (choice.kind !== 'seam') continue;
    const seam = seamOfChoice(analysis, choice);
    if (seam === undefined) continue;
    decision[seam] = choice.decision === Decision.mend && !canMend(analysis, seam) ? Decision.join : choice.decision;
    settled[seam] = 1;
  }
  for (const { from, to } of rewritesOf(choices)) {
    // A person's own words are not cut by what stood below them.
    for (const seam of seamsWithin(analysis, from, to)) {
      if (decision[seam] === Decision.break || decided.decision[seam] !== Decision.keep) decision[seam] = Decision.join;
      settled[seam] = 1;
    }
  }
  return { decision, settled };
}

/** The seams whose gap lies wholly in a range. */
function* seamsWithin({ table, decided }: Analysis, from: number, to: number): Generator<number> {
  const { line, count } = decided.seams;
  for (let seam = firstSeamAfter(decided.seams, lineAt(table.index, from)); seam < count; seam++) {
    const end = table.to[line[seam]!]!;
    const start = table.from[line[seam + 1]!]!;
    if (start > to) return;
    if (from <= end) yield seam;
  }
}

/** A decision over the gap [from, to), as far as the passes that join lines are on and may work there. */
export function joinedAsAllowed(analysis: Analysis): (decision: number, from: number, to: number) => number {
  const joins = worksIn(analysis, 'wrapped-lines');
  const mends = worksIn(analysis, 'split-words');
  return (decision, from, to) => {
    // A hyphen before the gap goes as well.
    const now = decision === Decision.mend && !mends(from - 1, to) ? Decision.join : decision;
    return now === Decision.join && !joins(from, to) ? Decision.keep : now;
  };
}

/** In which gaps a pass may work: it is on, and no person said otherwise for the gap. */
function worksIn({ style, permits }: Analysis, pass: string): (from: number, to: number) => boolean {
  const on = isPassOn(style, pass);
  if (!on || !isConstrained(permits, pass)) return () => on;
  return (from, to) => mayEdit(permits, pass, from, to);
}

/** The seam whose gap holds the line end that a choice is about; undefined where no kept lines lie around it any more. */
export function seamOfChoice(
  { table, decided }: Pick<Analysis, 'table' | 'decided'>,
  choice: { readonly from: number },
): number | undefined {
  const { line, count } = decided.seams;
  const at = lineAt(table.index, choice.from);
  const seam = firstSeamAfter(decided.seams, at);
  return seam < count && line[seam]! <= at ? seam : undefined;
}

/** The seam in whose gap a range lies, a hyphen before it included; undefined where in none. */
export function seamOfGap(
  analysis: Pick<Analysis, 'table' | 'decided'>,
  { from, to }: { readonly from: number; readonly to: number },
): number | undefined {
  const seam = seamOfChoice(analysis, { from });
  if (seam === undefined) return undefined;
  const { table, decided } = analysis;
  const isInside = from >= table.to[decided.seams.line[seam]!]! - 1 && to <= table.from[decided.seams.line[seam + 1]!]!;
  return isInside ? seam : undefined;
}

/** The first seam whose line below comes after a line. Logarithmic. */
function firstSeamAfter({ line, count }: SeamTable, after: number): number {
  let low = 0;
  let high = count;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (line[middle + 1]! > after) high = middle;
    else low = middle + 1;
  }
  return low;
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
