import type { Cleaning } from './cleaning.ts';
import type { LineTable } from './lines/line-table.ts';
import type { SeamDecisions } from './seams/decide.ts';
import type { Decision } from './seams/seam-table.ts';
import { firstWhere } from './text/first-where.ts';

/** A seam as it shows: between two lines that stand, others maybe left out between them. */
export interface StandingSeam {
  /** The seam above the second line, by which choices name it. */
  readonly seam: number;
  readonly above: number;
  readonly below: number;
  readonly decision: Decision;
  /** What the evidence gives it, from 0.5 to 1. */
  readonly certainty: number;
  readonly settled: boolean;
  /** Lines were left out between the two. */
  readonly isAcross: boolean;
  /** The evidence: that of seam `at` of these, over these lines. */
  readonly decided: SeamDecisions;
  readonly table: LineTable;
  readonly at: number;
}

/** The seam above a kept line; undefined where that line, or all above it, were left out. Logarithmic. */
export function standingSeam(cleaning: Cleaning, seam: number): StandingSeam | undefined {
  const { kept } = cleaning.standing;
  const place = firstWhere(kept.length, (at) => kept[at]! > seam);
  if (place === 0 || kept[place] !== seam + 1) return undefined;
  return seamAt(cleaning, place - 1);
}

/** All seams between lines that stand, in order. */
export function* standingSeams(cleaning: Cleaning): Generator<StandingSeam> {
  for (let place = 0; place < cleaning.standing.decision.length; place++) yield seamAt(cleaning, place);
}

function seamAt({ standing, settled, decided, across, table, whole }: Cleaning, place: number): StandingSeam {
  const { kept, line, decision } = standing;
  const seam = kept[place + 1]! - 1;
  const isAcross = across !== undefined && kept[place] !== seam;
  const evidence = isAcross ? { decided: across, table, at: place } : { decided, table: whole, at: seam };
  return {
    seam,
    above: line[place]!,
    below: line[place + 1]!,
    decision: decision[place] as Decision,
    certainty: evidence.decided.certainty[evidence.at]!,
    settled: settled[seam] === 1,
    isAcross,
    ...evidence,
  };
}
