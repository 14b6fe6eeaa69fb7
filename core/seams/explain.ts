import { EVIDENCE_WEIGHTS, type SeamDecisions } from './decide.ts';
import { collectEvidence, EVIDENCE_NAMES, type EvidenceName } from './evidence/evidence.ts';
import { explainLook } from './evidence/look-again.ts';
import { Decision } from './seam-table.ts';
import type { LookName } from './evidence/second-look.ts';
import { settlerOf, type Settler } from './verdicts.ts';

/** What the second look goes by, as a person may be told of it. */
const LOOK_REASONS = {
  paragraphLength: ['linesSince', 'shareSince', 'linesUntil', 'shareUntil', 'spread'],
  linesBeside: ['oddsBefore', 'oddsAfter', 'oddsTwoBefore', 'oddsTwoAfter', 'fillBefore', 'fillAfter'],
  lineLength: ['room', 'fill', 'fillRank'],
  setOff: ['step', 'stepAfter', 'blanks', 'gapScore'],
  habits: ['breaks', 'sureBreaks', 'fullBreaks', 'stepBreaks', 'blankBreaks', 'quoteBreaks', 'fullEnds'],
} as const satisfies Record<string, readonly LookName[]>;
type LookReason = keyof typeof LOOK_REASONS;

export interface SeamReason {
  readonly name: EvidenceName | LookReason | Exclude<Settler, 'evidence'>;
  /** Log odds that this evidence adds: positive speaks for a paragraph. */
  readonly weight: number;
}

/** What weighs less is not told. In log odds. */
const LEAST_TOLD = 0.3;

/** Why a seam was decided as it was: the rule that had the last word, then the evidence that weighs at least a little, heaviest first. */
export function explainSeam(decided: SeamDecisions, seam: number): SeamReason[] {
  const evidence = new Float32Array(EVIDENCE_NAMES.length);
  collectEvidence(decided.look.context, seam, evidence);
  const weighed: SeamReason[] = EVIDENCE_NAMES.map((name, at) => ({
    name,
    weight: EVIDENCE_WEIGHTS[at]! * evidence[at]!,
  }));
  const told = [...weighed, ...lookReasons(decided, seam)]
    .filter(({ weight }) => Math.abs(weight) >= LEAST_TOLD)
    .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
  const settler = settlerOf(decided, seam);
  if (settler === 'evidence') return told;
  const speaksFor = decided.decision[seam] === Decision.break || decided.decision[seam] === Decision.keep ? 1 : -1;
  return [{ name: settler, weight: speaksFor * logOdds(decided.certainty[seam]!) }, ...told];
}

function lookReasons({ look }: SeamDecisions, seam: number): SeamReason[] {
  const adds = explainLook(look, seam);
  return Object.entries(LOOK_REASONS).map(([name, of]) => ({
    name: name as LookReason,
    weight: of.reduce((sum, one) => sum + (adds.get(one) ?? 0), 0),
  }));
}

/** Of a probability below one. */
function logOdds(probability: number): number {
  const certain = Math.min(probability, HIGHEST);
  return Math.log(certain / (1 - certain));
}

const HIGHEST = 0.999;
