import type { WordIndex } from '../text/word-index.ts';
import { isCjk, SOFT_HYPHEN } from '../text/characters.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { joinSingleWords, settleWithoutStops } from './bare-words.ts';
import { breakAtTurns, divideLongSpeech } from './caption-paragraphs.ts';
import { findConvention, type Convention } from './convention.ts';
import { collectEvidence, EVIDENCE_NAMES, weighEvidence, type EvidenceName, type SeamContext } from './evidence.ts';
import { fullEndOdds } from './full-ends.ts';
import { trustInElements } from './elements.ts';
import { settleHeadLines } from './head-lines.ts';
import { breakAtBlockTags } from './block-tags.ts';
import { settleHangingEntries } from './hanging-entries.ts';
import { settleSetInSpeeches } from './set-in-speeches.ts';
import { settleShapedLines } from './shaped-lines.ts';
import { keepLaidOutLines } from './layout.ts';
import { breakAtOpenings } from './openings.ts';
import { settleParts } from './parts.ts';
import { findLinePieces, type LinePieces } from './line-pieces.ts';
import { findMeasure } from './measure.ts';
import type { Measure } from './room.ts';
import { BIAS, WEIGHTS } from './model.ts';
import type { ParagraphMark } from './paragraph-mark.ts';
import { findRegions } from './regions.ts';
import { Decision, findSeams, type SeamTable } from './seam-table.ts';
import { findSequence } from './sequence.ts';
import { mostFrequent } from '../text/most-frequent.ts';
import { decideSplitWords, type Lexicon, type SplitWord } from './split-words.ts';
import { keepVerseLines } from './verse.ts';
import { openVerdicts, settlerOf, type Settler, type Verdicts } from './verdicts.ts';
import { isInsideAddress } from './word-evidence.ts';

/** A part of the text with one convention: the seams from..to. */
export interface Region {
  readonly from: number;
  readonly to: number;
  readonly convention: Convention;
  /** See fullEndOdds. */
  readonly fullEnds: number;
}

/** What a person, or the house style, said of the whole text: what marks its paragraphs, at how many characters its lines wrap. */
export interface Overrides {
  readonly mark?: ParagraphMark;
  readonly measure?: number;
  /** Words with which a paragraph always begins. */
  readonly openings?: readonly string[];
}

/** The seams of a text with what the evidence says of each. */
export interface SeamDecisions extends Verdicts {
  readonly seams: SeamTable;
  readonly measure: Measure;
  readonly sequence: Uint8Array;
  readonly pieces: LinePieces;
  readonly overrides: Overrides;
  /** See trustInElements. */
  readonly elements?: number;
  /** Columns before most lines of the text. */
  readonly usualIndent: number;
  /** They tile the seams; at least one. */
  readonly regions: readonly Region[];
  /** By seam, for those that cut a word: how its halves go together if the lines are joined. */
  readonly splits: ReadonlyMap<number, SplitWord>;
}

const weights = Float32Array.from(EVIDENCE_NAMES, (name) => WEIGHTS[name]);

/** Decides every seam of a text. Linear in the number of lines. */
export function decideSeams(
  source: string,
  table: LineTable,
  words: WordIndex,
  lexicon: Lexicon = {},
  overrides: Overrides = {},
): SeamDecisions {
  const seams = findSeams(source, table);
  const { mark } = overrides;
  const measure = findMeasure(table, seams, overrides.measure);
  const sequence = findSequence(source, table, seams);
  const pieces = findLinePieces(table, seams, measure);
  const starts = findRegions(table, seams);
  const regions = starts.map((from, at): Region => {
    const to = starts[at + 1] ?? seams.count;
    const convention = findConvention(table, seams, from, to, mark);
    return { from, to, convention, fullEnds: fullEndOdds(source, table, seams, convention, measure, from, to) };
  });
  const elements = trustInElements(table, seams);
  const verdicts = openVerdicts(seams.count);
  for (const region of regions) {
    const context: SeamContext = { table, seams, measure, sequence, pieces, mark, elements, ...region };
    decideRegion(context, verdicts);
    keepVerseLines(context, verdicts);
  }
  settleHeadLines(table, seams, measure, verdicts);
  settleShapedLines(source, table, seams, sequence, verdicts);
  settleHangingEntries(table, seams, verdicts);
  settleSetInSpeeches(table, seams, verdicts);
  joinSingleWords(table, seams, verdicts);
  settleWithoutStops(source, table, seams, verdicts);
  breakAtBlockTags(source, table, seams, verdicts);
  keepLaidOutLines(table, seams, verdicts);
  breakAtTurns(table, seams, verdicts);
  divideLongSpeech(source, table, seams, verdicts);
  breakAtOpenings(source, table, seams, overrides.openings ?? [], verdicts);
  settleParts(table, seams, verdicts);
  const { decision, certainty } = verdicts;
  const splits = decideSplitWords(source, words, table, seams, (seam) => decision[seam] === Decision.join, lexicon);
  for (const [seam, split] of splits) {
    if (split.outcome === 'mend') decision[seam] = Decision.mend;
    certainty[seam] = Math.min(certainty[seam]!, split.certainty);
  }
  const usualIndent = mostFrequent(seams.line.map((line) => table.indent[line]!));
  return { seams, measure, sequence, pieces, overrides, elements, usualIndent, regions, ...verdicts, splits };
}

function decideRegion(context: SeamContext, { decision, certainty }: Verdicts): void {
  const weigh = weighEvidence(context, weights);
  for (let seam = context.from; seam < context.to; seam++) {
    const breaks = 1 / (1 + Math.exp(-BIAS - weigh(seam)));
    decision[seam] = breaks >= 0.5 ? Decision.break : Decision.join;
    certainty[seam] = Math.max(breaks, 1 - breaks);
  }
}

/** Whether lines wrap anywhere in the text. */
export function linesWrap({ regions }: SeamDecisions): boolean {
  return regions.some(({ convention }) => convention.wraps);
}

/** All that the evidence at one seam looked at. */
export function contextAt(decided: SeamDecisions, table: LineTable, seam: number): SeamContext {
  const region = decided.regions.find(({ to }) => seam < to) ?? decided.regions.at(-1)!;
  const { seams, measure, sequence, pieces, overrides, elements } = decided;
  return { table, seams, measure, sequence, pieces, mark: overrides.mark, elements, ...region };
}

export interface SeamReason {
  readonly name: EvidenceName | Exclude<Settler, 'evidence'>;
  /** Log odds that this evidence adds: positive speaks for a paragraph. */
  readonly weight: number;
}

/** Why a seam was decided as it was: the rule that had the last word, then the evidence that weighs at least a little, heaviest first. */
export function explainSeam(decided: SeamDecisions, table: LineTable, seam: number): SeamReason[] {
  const evidence = new Float32Array(EVIDENCE_NAMES.length);
  collectEvidence(contextAt(decided, table, seam), seam, evidence);
  const weighed: SeamReason[] = EVIDENCE_NAMES.map((name, at) => ({ name, weight: weights[at]! * evidence[at]! }))
    .filter(({ weight }) => Math.abs(weight) >= 0.3)
    .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight));
  const settler = settlerOf(decided, seam);
  if (settler === 'evidence') return weighed;
  const speaksFor = decided.decision[seam] === Decision.break || decided.decision[seam] === Decision.keep ? 1 : -1;
  return [{ name: settler, weight: speaksFor * logOdds(decided.certainty[seam]!) }, ...weighed];
}

/** Of a probability below one. */
function logOdds(probability: number): number {
  const certain = Math.min(probability, HIGHEST);
  return Math.log(certain / (1 - certain));
}

const HIGHEST = 0.999;

/** What stands in the clean text where two lines are joined: a space, or nothing after a hyphen and between CJK signs. */
export function glueAt(source: string, table: LineTable, before: number, after: number, split?: SplitWord): string {
  const last = source.charCodeAt(table.to[before]! - 1);
  if (isCjk(last) && isCjk(source.charCodeAt(table.from[after]!))) return '';
  if (last === SOFT_HYPHEN) return '';
  if (table.flags[before]! & Flag.endsHyphen) return split?.outcome === 'suspended' ? ' ' : '';
  if (last === 0x2014 && table.flags[before]! & Flag.endsDash) return '';
  return isInsideAddress(table.flags[before]!, table.flags[after]!) ? '' : ' ';
}
