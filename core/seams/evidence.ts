import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { blanksOfGap, gapAt, hangs, isMarkedLineEnd, stepsIn, type Convention } from './convention.ts';
import { fillOf, OVERLONG, rankOfFill, roomAt, type Measure } from './measure.ts';
import type { LinePieces } from './line-pieces.ts';
import { matchesMark, type ParagraphMark } from './paragraph-mark.ts';
import type { SeamTable } from './seam-table.ts';

/** All that the evidence at one seam may look at: what is known of the text, and of the region that the seam lies in. */
export interface SeamContext {
  readonly table: LineTable;
  readonly seams: SeamTable;
  /** The seams of the region: from..to. */
  readonly from: number;
  readonly to: number;
  readonly convention: Convention;
  /** What a person said marks paragraphs. */
  readonly mark?: ParagraphMark;
  readonly measure: Measure;
  /** By seam: see findSequence. */
  readonly sequence: Uint8Array;
  readonly pieces: LinePieces;
  /** See fullEndOdds. */
  readonly fullEnds: number;
}

interface Sides {
  readonly before: number;
  readonly after: number;
  readonly beforeFlags: number;
  readonly afterFlags: number;
}

type Evidence = (context: SeamContext, seam: number, sides: Sides) => number;

const has = (flags: number, flag: number): number => (flags & flag ? 1 : 0);
const PAUSE_OF_A_PARAGRAPH = 2000;
/** In characters, where there is no measure; and as a share of the measure. */
const LONGEST_TITLE = 60;
const TITLE_FILL = 0.72;
const CLOSES = Flag.endsStop | Flag.endsColon;
const NO_ENDING =
  Flag.endsStop | Flag.endsColon | Flag.endsComma | Flag.endsHyphen | Flag.endsAbbreviation | Flag.endsDash;

/**
 * The evidence at a seam, a number for each name: 0 says nothing, the sign and size of its say is in the model's weights.
 * The names are stable: they are shown to people as reasons.
 */
export const EVIDENCE = {
  chosenMark: ({ table, seams, mark }, seam) => (mark && matchesMark(mark, table, seams, seam) ? 1 : 0),
  otherThanMark: ({ table, seams, mark }, seam, { before, after, afterFlags }) =>
    mark?.by === 'gap' &&
    !matchesMark(mark, table, seams, seam) &&
    !(afterFlags & Flag.startsMarker) &&
    !isHeading(table, before) &&
    !isHeading(table, after)
      ? 1
      : 0,
  lineEndMark: ({ table }, _seam, { before }) => (isMarkedLineEnd(table, before) ? 1 : 0),
  gap: (context, seam) => (hangs(context.table, context.seams, seam) ? 0 : gapScore(context, seam) / 4),
  plainGapWhereMarked: ({ table, seams, convention }, seam) =>
    convention.marked && convention.wraps && !seams.turn[seam] && gapAt(table, seams, seam) === convention.wrapGap
      ? 1
      : 0,
  fullLine: (context, seam) => Math.max(0, -roomEvidence(context, seam)),
  room: (context, seam) => Math.max(0, roomEvidence(context, seam)),
  roomAfterStop: (context, seam, { beforeFlags }) =>
    has(beforeFlags, Flag.endsStop) * Math.max(0, roomEvidence(context, seam)),
  shortFill: (context, seam, { beforeFlags }) => (beforeFlags & CLOSES ? shortness(context, seam) : 0),
  fullEnd: (context, seam, { beforeFlags, afterFlags }) =>
    beforeFlags & Flag.endsStop && !(afterFlags & Flag.startsLower) && roomEvidence(context, seam) < 0
      ? context.fullEnds
      : 0,
  pieceOfLine: ({ pieces }, seam) => pieces.inside[seam]!,
  looseRun: ({ measure }, seam) => Math.min(1, measure.looseRun[seam]!),
  looseGroup: ({ measure }, seam) => (measure.looseRun[seam]! > 1 ? 1 : 0),
  notWrapped: ({ convention }) => (convention.wraps ? 0 : convention.sureness),
  hangingLine: (context, seam) => (hangs(context.table, context.seams, seam) ? 1 : 0),
  pageTurn: ({ seams }, seam, { beforeFlags }) =>
    seams.turn[seam] && !(beforeFlags & (Flag.endsStop | Flag.endsColon)) ? 1 : 0,
  endsStop: (_c, _s, { beforeFlags }) => has(beforeFlags, Flag.endsStop),
  endsColon: (_c, _s, { beforeFlags }) => has(beforeFlags, Flag.endsColon),
  endsComma: (context, _s, { beforeFlags }) => acrossWeight(context) * has(beforeFlags, Flag.endsComma),
  endsHyphen: (_c, _s, { beforeFlags }) => has(beforeFlags, Flag.endsHyphen),
  endsAbbreviation: (context, _s, { beforeFlags }) => acrossWeight(context) * has(beforeFlags, Flag.endsAbbreviation),
  endsFunctionWord: (context, _s, { beforeFlags }) => acrossWeight(context) * has(beforeFlags, Flag.endsFunctionWord),
  endsOpen: (context, _s, { beforeFlags }) => (beforeFlags & NO_ENDING ? 0 : acrossWeight(context)),
  startsLower: (context, _s, { afterFlags }) => acrossWeight(context) * has(afterFlags, Flag.startsLower),
  startsUpper: (_c, _s, { afterFlags }) => has(afterFlags, Flag.startsUpper),
  startsReferring: (_c, _s, { beforeFlags, afterFlags }) =>
    beforeFlags & Flag.endsStop ? has(afterFlags, Flag.startsReferring) : 0,
  startsQuote: (_c, _s, { beforeFlags, afterFlags }) =>
    has(afterFlags, Flag.startsQuote) && has(beforeFlags, Flag.endsStop | Flag.endsColon),
  speechTurn: (_c, _s, { beforeFlags, afterFlags }) =>
    has(afterFlags, Flag.startsQuote) && has(beforeFlags, Flag.endsQuote) && has(beforeFlags, Flag.endsStop),
  startsMarker: (_c, _s, { afterFlags }) => has(afterFlags, Flag.startsMarker),
  inSequence: ({ sequence }, seam) => sequence[seam]!,
  startsBullet: (_c, _s, { afterFlags }) => has(afterFlags, Flag.startsBullet),
  insideAddress: ({ table }, _s, { before, after }) => (endsInsideAddress(table, before, after) ? 1 : 0),
  startsClosing: (_c, _s, { afterFlags }) => has(afterFlags, Flag.startsClosing),
  startsSureBullet: (_c, _s, { afterFlags }) => has(afterFlags, Flag.startsSureBullet),
  headingGoesOn: ({ table }, _s, { before, afterFlags }) =>
    isHeading(table, before) ? has(afterFlags, Flag.startsLower) : 0,
  speaker: ({ table }, _s, { afterFlags }) => (table.captions.found ? has(afterFlags, Flag.startsSpeaker) : 0),
  titleBefore: (context, seam, { before, afterFlags }) =>
    looksLikeTitle(context, seam, before) && !(afterFlags & Flag.startsLower) ? 1 : 0,
  titleAfter: (context, seam, { beforeFlags, after }) =>
    looksLikeTitle(context, seam, after) && beforeFlags & (Flag.endsStop | Flag.endsColon) ? 1 : 0,
  headingBefore: ({ table }, _s, { before, after }) => (isHeading(table, before) && !isHeading(table, after) ? 1 : 0),
  headingAfter: ({ table }, _s, { before, after }) => (isHeading(table, after) && !isHeading(table, before) ? 1 : 0),
  captionAfter: ({ table }, _s, { after }) => (table.kind[after] === LineKind.figureCaption ? 1 : 0),
  speechDash: (_c, _s, { beforeFlags, afterFlags }) =>
    beforeFlags & CLOSES && !(afterFlags & Flag.startsLower) ? has(afterFlags, Flag.startsDash) : 0,
  footnoteAfter: ({ table }, _s, { before, after }) =>
    table.kind[after] === LineKind.footnote && table.kind[before] !== LineKind.footnote ? 1 : 0,
  footnoteBefore: ({ table }, _s, { before, after }) =>
    table.kind[before] === LineKind.footnote && table.kind[after] !== LineKind.footnote ? 1 : 0,
  longPause: ({ table }, _s, { before, after }) => (pause(table, before, after) > PAUSE_OF_A_PARAGRAPH ? 1 : 0),
  noPause: ({ table }, _s, { before, after }) => (pause(table, before, after) <= shortestPause(table) ? 1 : 0),
} as const satisfies Record<string, Evidence>;

export type EvidenceName = keyof typeof EVIDENCE;

export const EVIDENCE_NAMES = Object.keys(EVIDENCE) as readonly EvidenceName[];

const EVIDENCE_LIST: readonly Evidence[] = Object.values(EVIDENCE);

/** Writes the evidence at a seam into `out`, in the order of EVIDENCE_NAMES. */
export function collectEvidence(context: SeamContext, seam: number, out: Float32Array): void {
  const before = context.seams.line[seam]!;
  const after = context.seams.line[seam + 1]!;
  const sides = {
    before,
    after,
    beforeFlags: context.table.flags[before]!,
    afterFlags: context.table.flags[after]!,
  };
  for (let at = 0; at < EVIDENCE_LIST.length; at++) out[at] = EVIDENCE_LIST[at]!(context, seam, sides);
}

/** Where lines do not wrap, a sentence that seems to go on says little: verse, list items and menus do so. */
function acrossWeight({ convention }: SeamContext): number {
  return convention.wraps ? 1 : 1 - 0.85 * convention.sureness;
}

/** Over a page turn blank lines mean little; a first line that steps in still marks a paragraph where that is the custom. */
function gapScore({ table, seams, convention }: SeamContext, seam: number): number {
  const gap = gapAt(table, seams, seam);
  if (!convention.wraps) return Math.max(0, convention.score[gap]!);
  if (!seams.turn[seam]) return convention.score[gap]!;
  const levelGap = blanksOfGap(Math.max(0, convention.wrapGap)) * 3;
  return stepsIn(gap) ? Math.max(0, convention.score[levelGap + 1]!) : 0;
}

/** An address goes on over the line end: after a stop only a small letter or a figure can go on, a capital begins a sentence. */
export function endsInsideAddress(table: LineTable, before: number, after: number): boolean {
  const flags = table.flags[before]!;
  if (!(flags & Flag.endsInAddress)) return false;
  return (
    !(flags & Flag.endsStop) || (table.flags[after]! & (Flag.startsLower | Flag.startsAddress | Flag.startsDigit)) !== 0
  );
}

function isHeading(table: LineTable, line: number): boolean {
  return table.kind[line] === LineKind.heading;
}

/**
 * From -1, the next word would by no means have fitted, to 1, it would have with a fifth of the line to spare; nearer to 0 the
 * less exactly lines wrap in this text.
 */
function roomEvidence({ table, seams, convention, measure, pieces }: SeamContext, seam: number): number {
  if (!convention.wraps || measure.at[seam] === 0) return 0;
  if (fillOf(table, measure, seam, seams.line[seam]!) > OVERLONG) return 0;
  const room = roomAt(table, seams, measure, seam) - pieces.lead[seam]!;
  if (room < 0) return -measure.reliability;
  if (room < measure.slack) return -0.6 * measure.reliability;
  return Math.min(1, 0.15 + (room - measure.slack) * 4) * measure.reliability;
}

/** From 0, as full as most lines that run on, to 1, shorter than all of them. */
function shortness({ seams, table, convention, measure, pieces }: SeamContext, seam: number): number {
  if (!convention.wraps || measure.at[seam] === 0) return 0;
  const rank = rankOfFill(measure, fillOf(table, measure, seam, seams.line[seam]!) + pieces.lead[seam]!);
  return measure.reliability * Math.min(1, Math.max(0, (-Math.log(rank + 0.002) - 1) / 4));
}

/** A short line that begins with a capital and ends nothing: a title, by its form. */
function looksLikeTitle({ table, convention, measure }: SeamContext, seam: number, line: number): boolean {
  const flags = table.flags[line]!;
  if (!(flags & (Flag.startsUpper | Flag.startsDigit)) || flags & (NO_ENDING | Flag.endsFunctionWord)) return false;
  if (!convention.wraps || measure.at[seam] === 0) return table.chars[line]! < LONGEST_TITLE;
  return fillOf(table, measure, seam, line) < TITLE_FILL;
}

/** Up to this many milliseconds of silence the words go on; estimated ends leave a range that says nothing. */
function shortestPause({ captions }: LineTable): number {
  return captions.endsEstimated ? PAUSE_OF_A_PARAGRAPH / 2 : PAUSE_OF_A_PARAGRAPH;
}

/** Milliseconds of silence between two caption lines; NaN where the track does not tell. */
function pause(table: LineTable, before: number, after: number): number {
  return table.captions.start[after]! - table.captions.end[before]!;
}
