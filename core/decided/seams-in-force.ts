import type { Analysis } from './analysis.ts';
import { rewritesOf } from '../choices/rewrites.ts';
import { isKept } from '../lines/line-kind.ts';
import { isHyphen } from '../text/characters.ts';
import { lineAt } from '../text/line-index.ts';
import { Decision, type SeamTable } from '../seams/seam-table.ts';
import { firstWhere } from '../text/first-where.ts';
import { isOpenEverywhere, rangesOpenTo } from './open-ranges.ts';

/** The decisions of the evidence, then the passes that are off, then what a person chose: the later wins. */
export function decisionsInForce(analysis: Analysis): { decision: Uint8Array; settled: Uint8Array } {
  const { choices, decided } = analysis;
  const decision = decided.decision.slice();
  const settled = new Uint8Array(decided.seams.count);
  allowJoins(analysis, decision);
  const rewrites = rewritesOf(choices);
  for (const rewrite of rewrites) {
    // A note between two lines that says something else by hand parts them no more than it did.
    const seam = seamOfGap(analysis, rewrite);
    if (seam !== undefined && decided.decision[seam] === Decision.join) decision[seam] = Decision.join;
  }
  for (const choice of choices) {
    if (choice.kind !== 'seam') continue;
    const seam = seamOfChoice(analysis, choice);
    if (seam === undefined) continue;
    decision[seam] = choice.decision === Decision.mend && !canMend(analysis, seam) ? Decision.join : choice.decision;
    settled[seam] = 1;
  }
  for (const { from, to } of rewrites) {
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

/** Changes the decisions to what the passes that join lines may do where they stand. */
function allowJoins(analysis: Analysis, decision: Uint8Array): void {
  if (isOpenEverywhere(analysis, 'wrapped-lines') && isOpenEverywhere(analysis, 'split-words')) return;
  const allowed = joinedAsAllowed(analysis);
  const { table, decided } = analysis;
  const { line } = decided.seams;
  for (let seam = 0; seam < decision.length; seam++) {
    if (decision[seam]! > Decision.mend) continue;
    decision[seam] = allowed(decision[seam]!, table.to[line[seam]!]!, table.from[line[seam + 1]!]!);
  }
}

/** A decision over the gap [from, to), as far as the passes that join lines are on and may work there. */
export function joinedAsAllowed(analysis: Analysis): (decision: number, from: number, to: number) => number {
  const joins = rangesOpenTo(analysis, 'wrapped-lines');
  const mends = rangesOpenTo(analysis, 'split-words');
  return (decision, from, to) => {
    // A hyphen before the gap goes as well.
    const now = decision === Decision.mend && !mends(from - 1, to) ? Decision.join : decision;
    return now === Decision.join && !joins(from, to) ? Decision.keep : now;
  };
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

/**
 * The seam in whose gap a range lies, a hyphen before it included; undefined where in none. Over lines that were left out it is the
 * one above the next line that stands.
 */
export function seamOfGap(
  analysis: Pick<Analysis, 'source' | 'table' | 'decided'>,
  { from, to }: { readonly from: number; readonly to: number },
): number | undefined {
  const first = seamOfChoice(analysis, { from });
  if (first === undefined) return undefined;
  const { table, decided } = analysis;
  const { line } = decided.seams;
  const stands = (kept: number) => isKept(table.kind[line[kept]!]!);
  let above = first;
  while (above >= 0 && !stands(above)) above--;
  let below = first + 1;
  while (below < line.length && !stands(below)) below++;
  if (above < 0 || below === line.length) return undefined;
  const end = table.to[line[above]!]!;
  const isBehind = from >= end || (from === end - 1 && isHyphen(analysis.source.charCodeAt(from)));
  return isBehind && to <= table.from[line[below]!]! ? below - 1 : undefined;
}

/** The first seam whose line below comes after a line. */
function firstSeamAfter({ line, count }: SeamTable, after: number): number {
  return firstWhere(count, (seam) => line[seam + 1]! > after);
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
