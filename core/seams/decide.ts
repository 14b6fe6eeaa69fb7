import { withPlainSpaces } from '../text/plain-spaces.ts';
import type { WordIndex } from '../text/word-index.ts';
import type { LineTable } from '../lines/line-table.ts';
import { keepAcrossColumns } from './told/across-columns.ts';
import { joinAroundAsides } from './prose/around-asides.ts';
import { breakBetweenAmounts } from './lists/amounts.ts';
import { joinAfterArticles } from './prose/articles.ts';
import { breakAboveLists, settleGaps } from './prose/blank-gaps.ts';
import { joinSingleWords, settleWithoutStops } from './prose/bare-words.ts';
import { breakAtTurns, divideLongSpeech, joinWithoutPause } from './speech/caption-paragraphs.ts';
import { breakCentredLines } from './heads/centred-lines.ts';
import { breakBetweenClauses } from './lists/clauses.ts';
import { joinBeforeSigns, settleCjkLines } from './prose/cjk-lines.ts';
import { findConvention } from './evidence/convention.ts';
import { keepDisplays, markDisplays } from './verse/displays.ts';
import { settleDisplayedLines } from './verse/displayed-lines.ts';
import { EVIDENCE_NAMES, weighEvidence, type SeamContext } from './evidence/evidence.ts';
import { findExactParts } from './measure/exact-parts.ts';
import { fullEndOdds } from './evidence/full-ends.ts';
import { trustInElements } from './evidence/elements.ts';
import {
  breakAfterCapitals,
  breakBeforeBylines,
  breakBeforeHeads,
  joinStoppedCapitals,
  settleHeadLines,
} from './heads/head-lines.ts';
import { breakBetweenFields } from './lists/form-fields.ts';
import { breakBeforeLabels } from './lists/bracket-labels.ts';
import { breakAtBlockTags } from './told/block-tags.ts';
import { closeSpacedLines } from './measure/spaced-lines.ts';
import { joinAfterFullLines, joinSpacedLines, joinWithinExactParts } from './prose/full-lines.ts';
import { breakAfterHungItems } from './lists/hung-items.ts';
import { joinHungLines } from './lists/hung-lines.ts';
import { settleHangingEntries } from './lists/hanging-entries.ts';
import { breakAfterShortLines } from './prose/short-lines.ts';
import { breakAfterSalutations, keepClosings, keepMarkedSignatures, keepSignatures } from './heads/salutations.ts';
import { settleSetInSpeeches } from './speech/set-in-speeches.ts';
import { settleShapedLines } from './lists/shaped-lines.ts';
import { joinLoneBullets } from './lists/lone-bullets.ts';
import { breakAtLabels, breakBeforeLoneLines } from './heads/lone-lines.ts';
import { keepLaidOutLines } from './told/layout.ts';
import { breakAtOpenings } from './told/openings.ts';
import { settleParts } from './told/parts.ts';
import { joinIndexLines } from './lists/index-lines.ts';
import { doubtLineEnds } from './prose/doubt-line-ends.ts';
import { joinRunInNumbers } from './prose/run-in-numbers.ts';
import { findCutsAtMarks } from './measure/cuts-at-marks.ts';
import { findLinePieces, type LinePieces } from './measure/line-pieces.ts';
import { findMeasure } from './measure/measure.ts';
import type { Measure } from './measure/room.ts';
import { lookAgain } from './evidence/look-again.ts';
import { BIAS, WEIGHTS } from './evidence/model.ts';
import { settleNarrowLines } from './prose/narrow-lines.ts';
import { joinWithinBrackets } from './prose/open-brackets.ts';
import { joinWithinSpeech } from './speech/open-speech.ts';
import { settleOrderedEntries } from './lists/ordered-entries.ts';
import { breakBeforeLetters } from './lists/outline-letters.ts';
import { breakAroundOverlongLines } from './prose/overlong-lines.ts';
import type { ParagraphMark } from './paragraph-mark.ts';
import { breakBetweenSetInLines } from './told/placed-lines.ts';
import { breakAfterRepeatedLines } from './heads/repeated-lines.ts';
import { keepRhymedLines } from './verse/rhymes.ts';
import { Decision, findSeams, type SeamTable } from './seam-table.ts';
import { breakAroundOwnForms } from './heads/own-forms.ts';
import { keepStanzas } from './verse/stanzas.ts';
import { findSequence } from './evidence/sequence.ts';
import { mostFrequent } from '../text/most-frequent.ts';
import { takeFirstLook, type FirstLook } from './evidence/second-look.ts';
import { breakBeforeSpeakers, joinWithinTurns, joinWrappedTurns, keepSpokenVerse } from './speech/speaker-lines.ts';
import { joinCutFirstLine } from './prose/cut-first-line.ts';
import { joinDropCaps } from './words/drop-caps.ts';
import { decideSplitWords, type Lexicon, type SplitWord } from './words/split-words.ts';
import { breakBesideParagraphs, keepVerseLines } from './verse/verse.ts';
import { breakBetweenQuotes } from './speech/quoted-lines.ts';
import { openVerdicts, type Verdicts } from './verdicts.ts';
import { settleAroundValues } from './lists/value-lines.ts';
import { joinCutCapitals, joinFewWraps, joinRests, joinWrappedEntries } from './lists/wrapped-entries.ts';

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
  readonly pieces: LinePieces;
  readonly overrides: Overrides;
  readonly look: FirstLook;
  /** Columns before most lines of the text. */
  readonly usualIndent: number;
  /** By seam, for those that cut a word: how its halves go together if the lines are joined. */
  readonly splits: ReadonlyMap<number, SplitWord>;
}

/**
 * What is fitted to documents is surer of others than it should be: log odds are divided by this (temperature scaling: C. Guo and others,
 * "On calibration of modern neural networks", 2017). Of documents held back when fitting, doubts then hold four fifths of the mistakes,
 * which takes a little more than what is said of certainty would.
 */
const OVERCONFIDENCE = 1.65;

/** By the place in EVIDENCE_NAMES. */
export const EVIDENCE_WEIGHTS = Float32Array.from(EVIDENCE_NAMES, (name) => WEIGHTS[name]);

/** Decides every seam of a text. Linear in the number of lines. */
export function decideSeams(
  written: string,
  table: LineTable,
  words: WordIndex,
  lexicon: Lexicon = {},
  overrides: Overrides = {},
): SeamDecisions {
  const seams = closeSpacedLines(table, findSeams(written, table));
  const source = withPlainSpaces(written);
  const { mark } = overrides;
  const parts = findExactParts(source, table, seams);
  markDisplays(table, seams, parts);
  const cuts = findCutsAtMarks(source, table, seams);
  const measure = findMeasure(table, seams, parts, cuts, overrides.measure);
  const sequence = findSequence(source, table, seams);
  const pieces = findLinePieces(table, seams, measure, cuts);
  const elements = trustInElements(table, seams);
  const convention = findConvention(table, seams, measure, parts, mark);
  const fullEnds = fullEndOdds(source, table, seams, convention, measure);
  const context = { table, seams, convention, mark, measure, sequence, pieces, fullEnds, elements };
  const verdicts = openVerdicts(seams.count);
  const look = decideByEvidence(context, verdicts);
  breakAfterShortLines(table, seams, measure, verdicts);
  joinAfterFullLines(table, seams, measure, verdicts);
  if (mark === undefined) {
    joinWithinExactParts(table, seams, parts, verdicts);
    breakAroundOverlongLines(table, seams, measure, verdicts);
  }
  keepVerseLines(context, verdicts);
  keepRhymedLines(source, table, seams, parts, verdicts);
  keepStanzas(table, seams, parts, verdicts);
  keepDisplays(table, seams, verdicts);
  settleCjkLines(source, table, seams, parts, verdicts, mark === undefined);
  settleNarrowLines(table, seams, verdicts);
  if (mark === undefined) {
    settleGaps(table, seams, verdicts);
    breakAboveLists(table, seams, verdicts);
  }
  settleHeadLines(table, seams, measure, verdicts);
  breakBeforeHeads(table, seams, verdicts);
  breakBeforeBylines(source, table, seams, verdicts);
  breakAfterCapitals(source, table, seams, verdicts);
  settleShapedLines(source, table, seams, sequence, verdicts);
  breakBeforeLoneLines(source, table, seams, verdicts);
  if (mark === undefined) breakAtLabels(table, seams, verdicts);
  breakBeforeSpeakers(source, table, seams, verdicts);
  joinWrappedTurns(table, seams, verdicts);
  if (mark === undefined) joinWithinTurns(source, table, seams, measure, verdicts);
  breakAfterRepeatedLines(source, table, seams, verdicts);
  breakBetweenClauses(source, table, seams, verdicts, mark === undefined);
  breakBeforeLetters(source, table, seams, verdicts);
  breakBeforeLabels(source, table, seams, verdicts);
  breakAroundOwnForms(source, table, seams, verdicts);
  breakAfterHungItems(table, seams, verdicts);
  breakBetweenSetInLines(context, verdicts);
  breakAfterSalutations(source, table, seams, verdicts);
  if (mark === undefined) {
    joinWrappedEntries(source, table, seams, verdicts);
    joinRests(table, seams, verdicts);
    joinFewWraps(source, table, seams, verdicts);
    joinSpacedLines(table, seams, verdicts);
    joinCutCapitals(source, table, seams, verdicts);
    joinBeforeSigns(source, table, seams, verdicts);
    joinStoppedCapitals(table, seams, verdicts);
    joinAfterArticles(source, table, seams, verdicts);
    joinHungLines(source, table, seams, verdicts);
    joinCutFirstLine(table, seams, verdicts);
    joinDropCaps(source, words, table, seams, verdicts);
    settleHangingEntries(source, table, seams, verdicts);
    keepSpokenVerse(source, table, seams, verdicts);
    breakBesideParagraphs(context, verdicts);
  }
  keepClosings(source, table, seams, verdicts);
  keepSignatures(source, table, seams, verdicts);
  keepMarkedSignatures(source, table, seams, verdicts);
  joinLoneBullets(source, table, seams, verdicts);
  breakBetweenFields(source, table, seams, verdicts);
  settleSetInSpeeches(table, seams, verdicts);
  settleDisplayedLines(table, seams, verdicts);
  breakCentredLines(table, seams, verdicts);
  breakBetweenAmounts(source, table, seams, verdicts);
  joinAroundAsides(table, seams, verdicts, mark === undefined);
  if (mark === undefined) {
    joinWithinBrackets(source, table, seams, verdicts);
    joinRunInNumbers(source, table, seams, verdicts);
    joinWithinSpeech(source, table, seams, measure, verdicts);
  }
  joinSingleWords(table, seams, verdicts);
  if (mark === undefined) {
    settleWithoutStops(source, table, seams, verdicts);
    settleOrderedEntries(source, table, seams, verdicts);
    joinIndexLines(source, table, seams, verdicts);
    settleAroundValues(source, table, seams, verdicts);
    doubtLineEnds(table, seams, measure, verdicts);
  }
  breakAtBlockTags(source, table, seams, verdicts);
  keepLaidOutLines(source, table, seams, verdicts);
  if (mark === undefined) keepAcrossColumns(source, table, seams, verdicts);
  breakBetweenQuotes(source, table, seams, verdicts);
  if (mark === undefined) joinWithoutPause(table, seams, verdicts);
  breakAtTurns(source, table, seams, verdicts);
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
  return { seams, measure, pieces, overrides, look, usualIndent, ...verdicts, splits };
}

/** Decides all seams by the evidence at each, and looks again where that is not beyond doubt; gives what the first look found. */
function decideByEvidence(context: SeamContext, { decision, certainty }: Verdicts): FirstLook {
  const look = takeFirstLook(context, firstOdds(context));
  const addsAt = lookAgain(look);
  for (let seam = 0; seam < look.odds.length; seam++) {
    const odds = look.odds[seam]! + addsAt(seam);
    decision[seam] = odds >= 0 ? Decision.break : Decision.join;
    certainty[seam] = certaintyOf(odds);
  }
  return look;
}

/** How probable the likelier of two is, by the fitted log odds of one of them. */
export function certaintyOf(odds: number): number {
  return 1 / (1 + Math.exp(-Math.abs(odds) / OVERCONFIDENCE));
}

/** By seam: the log odds of a new paragraph by the evidence. */
function firstOdds(context: SeamContext): Float32Array {
  const odds = new Float32Array(context.seams.count);
  const weigh = weighEvidence(context, EVIDENCE_WEIGHTS);
  for (let seam = 0; seam < odds.length; seam++) odds[seam] = BIAS + weigh(seam);
  return odds;
}

/** Whether lines wrap anywhere in the text. */
export function linesWrap({ look }: SeamDecisions): boolean {
  return look.context.convention.wraps;
}
