import type { Decided } from './analysis.ts';
import type { LineTable } from '../lines/line-table.ts';
import type { SeamDecisions } from '../seams/decide.ts';
import type { Decision } from '../seams/seam-table.ts';
import { firstWhere } from '../text/first-where.ts';

/** A seam as it shows: between two lines that stand, others maybe left out between them. */
export interface VisibleSeam {
  /** The seam above the second line, by which choices name it. */
  readonly seam: number;
  readonly above: number;
  readonly below: number;
  readonly decision: Decision;
  /** What the evidence gives it, from 0.5 to 1. */
  readonly certainty: number;
  readonly settled: boolean;
  /** Lines were left out between the two. */
  readonly skipsLines: boolean;
  /** The evidence: that of seam `at` of these, over these lines. */
  readonly decided: SeamDecisions;
  readonly table: LineTable;
  readonly at: number;
}

/** The seam above a kept line; undefined where that line, or all above it, were left out. Logarithmic. */
export function visibleSeam(cleaning: Decided, seam: number): VisibleSeam | undefined {
  const { kept } = cleaning.visible;
  const place = firstWhere(kept.length, (at) => kept[at]! > seam);
  if (place === 0 || kept[place] !== seam + 1) return undefined;
  return seamAt(cleaning, place - 1);
}

/** All seams between lines that stand, in order. */
export function* visibleSeams(cleaning: Decided): Generator<VisibleSeam> {
  for (let place = 0; place < cleaning.visible.decision.length; place++) yield seamAt(cleaning, place);
}

function seamAt({ visible, settled, decided, decidedRemaining, table, allLines }: Decided, place: number): VisibleSeam {
  const { kept, line, decision } = visible;
  const seam = kept[place + 1]! - 1;
  const skipsLines = decidedRemaining !== undefined && kept[place] !== seam;
  const evidence = skipsLines
    ? { decided: decidedRemaining, table, at: place }
    : { decided, table: allLines, at: seam };
  return {
    seam,
    above: line[place]!,
    below: line[place + 1]!,
    decision: decision[place] as Decision,
    certainty: evidence.decided.certainty[evidence.at]!,
    settled: settled[seam] === 1,
    skipsLines,
    ...evidence,
  };
}
