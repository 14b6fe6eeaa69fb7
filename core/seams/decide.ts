import { isCjk, SOFT_HYPHEN } from '../text/characters.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { divideLongSpeech } from './caption-paragraphs.ts';
import { findConvention } from './convention.ts';
import { collectEvidence, endsInsideAddress, EVIDENCE_NAMES, type EvidenceName, type SeamContext } from './evidence.ts';
import { fullEndOdds } from './full-ends.ts';
import { keepLaidOutLines } from './layout.ts';
import { findLinePieces } from './line-pieces.ts';
import { findMeasure } from './measure.ts';
import { BIAS, WEIGHTS } from './model.ts';
import { Decision, findSeams, type SeamTable } from './seam-table.ts';
import { findSequence } from './sequence.ts';
import { decideSplitWords, type Lexicon, type SplitWord } from './split-words.ts';
import { keepVerseLines } from './verse.ts';

/** The seams of a text with what the evidence says of each. */
export interface SeamDecisions extends Omit<SeamContext, 'table'> {
  /** By seam: the decision, a `Decision`. */
  readonly decision: Uint8Array;
  /** By seam: the probability that the decision is right, from 0.5 to 1. */
  readonly certainty: Float32Array;
  /** By seam, for those that cut a word: how its halves go together if the lines are joined. */
  readonly splits: ReadonlyMap<number, SplitWord>;
}

const weights = Float32Array.from(EVIDENCE_NAMES, (name) => WEIGHTS[name]);

/** Decides every seam of a text. Linear in the number of lines. */
export function decideSeams(source: string, table: LineTable, lexicon: Lexicon = {}): SeamDecisions {
  const seams = findSeams(table);
  const convention = findConvention(table, seams);
  const measure = findMeasure(table, seams);
  const sequence = findSequence(source, table, seams);
  const pieces = findLinePieces(table, seams, measure);
  const fullEnds = fullEndOdds(source, table, seams, convention, measure);
  const context: SeamContext = { table, seams, convention, measure, sequence, pieces, fullEnds };
  const decision = new Uint8Array(seams.count);
  const certainty = new Float32Array(seams.count);
  const evidence = new Float32Array(EVIDENCE_NAMES.length);
  for (let seam = 0; seam < seams.count; seam++) {
    collectEvidence(context, seam, evidence);
    const breaks = probability(evidence);
    decision[seam] = breaks >= 0.5 ? Decision.break : Decision.join;
    certainty[seam] = Math.max(breaks, 1 - breaks);
  }
  keepVerseLines(context, decision);
  keepLaidOutLines(context, decision, certainty);
  divideLongSpeech(source, context, decision, certainty);
  const splits = decideSplitWords(source, table, seams, (seam) => decision[seam] === Decision.join, lexicon);
  for (const [seam, split] of splits) {
    if (split.outcome === 'mend') decision[seam] = Decision.mend;
    certainty[seam] = Math.min(certainty[seam]!, split.certainty);
  }
  return { seams, convention, measure, sequence, pieces, fullEnds, decision, certainty, splits };
}

function probability(evidence: Float32Array): number {
  let odds = BIAS;
  for (let at = 0; at < evidence.length; at++) odds += weights[at]! * evidence[at]!;
  return 1 / (1 + Math.exp(-odds));
}

export interface SeamReason {
  readonly name: EvidenceName;
  /** Log odds that this evidence adds: positive speaks for a paragraph. */
  readonly weight: number;
}

/** Why a seam was decided as it was: the evidence that weighs at least a little, heaviest first. */
export function explainSeam(decided: SeamDecisions, table: LineTable, seam: number): SeamReason[] {
  const evidence = new Float32Array(EVIDENCE_NAMES.length);
  collectEvidence({ table, ...decided }, seam, evidence);
  return EVIDENCE_NAMES.map((name, at) => ({ name, weight: weights[at]! * evidence[at]! }))
    .filter(({ weight }) => Math.abs(weight) >= 0.3)
    .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
}

/** What stands in the clean text where two lines are joined: a space, or nothing after a hyphen and between CJK signs. */
export function glueAt(source: string, table: LineTable, seams: SeamTable, seam: number, split?: SplitWord): string {
  const before = seams.line[seam]!;
  const after = seams.line[seam + 1]!;
  const last = source.charCodeAt(table.to[before]! - 1);
  if (isCjk(last) && isCjk(source.charCodeAt(table.from[after]!))) return '';
  if (last === SOFT_HYPHEN) return '';
  if (table.flags[before]! & Flag.endsHyphen) return split?.outcome === 'suspended' ? ' ' : '';
  if (last === 0x2014 && table.flags[before]! & Flag.endsDash) return '';
  return endsInsideAddress(table, before, after) ? '' : ' ';
}
