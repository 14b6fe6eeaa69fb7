import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { blanksOfGap, gapAt, hangs, isMarkedLineEnd, scoreOfStepIn, stepsIn, type Convention } from './convention.ts';
import { areElementsApart, isOneHeading } from './elements.ts';
import { fillOf, OVERLONG, rankOfFill, roomAt, type Measure } from '../measure/room.ts';
import type { LinePieces } from '../measure/line-pieces.ts';
import { matchesMark, type ParagraphMark } from '../paragraph-mark.ts';
import type { SeamTable } from '../seam-table.ts';
import { CLOSES, NO_ENDING, WORD_EVIDENCE, type WordsAcross } from './word-evidence.ts';

/** All that the evidence at one seam may look at: what is known of the text. */
export interface SeamContext {
  readonly table: LineTable;
  readonly seams: SeamTable;
  readonly convention: Convention;
  /** What a person said marks paragraphs. */
  readonly mark?: ParagraphMark;
  readonly measure: Measure;
  /** By seam: see findSequence. */
  readonly sequence: Uint8Array;
  readonly pieces: LinePieces;
  /** See fullEndOdds. */
  readonly fullEnds: number;
  /** See trustInElements. */
  readonly elements?: number;
}

/** What several pieces of evidence look at, worked out once for a seam: its lines, its gap, the room at its end. */
interface Sides {
  readonly before: number;
  readonly after: number;
  readonly beforeFlags: number;
  readonly afterFlags: number;
  readonly gap: number;
  readonly hangs: boolean;
  /** See roomEvidence. */
  readonly room: number;
}

type Evidence = (context: SeamContext, seam: number, sides: Sides) => number;

/** What small letters say in captions that have nothing else. */
const UNPUNCTUATED = 0.3;
const PAUSE_OF_A_PARAGRAPH = 2000;
/** In characters, where there is no measure; and as a share of the measure. */
const LONGEST_TITLE = 60;
const TITLE_FILL = 0.72;

/**
 * The evidence of the place, a number for each name: 0 says nothing, the sign and size of its say is in the model's weights.
 * The names are stable: they are shown to people as reasons. What the words beside the seam say is in word-evidence.ts.
 */
const PLACE_EVIDENCE = {
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
  gap: (context, seam, { gap, hangs: isHanging }) => gapSays(context, seam, gap, isHanging),
  plainGapWhereMarked: ({ seams, convention }, seam, { gap }) =>
    convention.marked && convention.wraps && !seams.turn[seam] && gap === convention.wrapGap ? 1 : 0,
  fullLine: (_c, _s, { room }) => Math.max(0, -room),
  room: (_c, _s, { room }) => Math.max(0, room),
  roomAfterStop: (_c, _s, { beforeFlags, room }) => (beforeFlags & Flag.endsStop ? Math.max(0, room) : 0),
  roomAtWiderGap: ({ seams, convention }, seam, { gap, room }) =>
    !seams.turn[seam] && blanksOfGap(gap) > blanksOfGap(Math.max(0, convention.wrapGap)) ? Math.max(0, room) : 0,
  shortFill: (context, seam, { beforeFlags }) => (beforeFlags & CLOSES ? shortness(context, seam) : 0),
  fullEnd: ({ fullEnds }, _s, { beforeFlags, afterFlags, room }) =>
    beforeFlags & Flag.endsStop && !(afterFlags & Flag.startsLower) && room < 0 ? fullEnds : 0,
  pieceOfLine: ({ pieces, table, elements = 0 }, seam, { before, after }) =>
    pieces.inside[seam]! * (areElementsApart(table, before, after) ? 1 - elements : 1),
  looseRun: ({ measure }, seam) => Math.min(1, measure.looseRun[seam]!),
  looseGroup: ({ measure }, seam) => (measure.looseRun[seam]! > 1 ? 1 : 0),
  notWrapped: ({ convention }) => (convention.wraps ? 0 : convention.sureness),
  hangingLine: (_c, _s, { hangs }) => (hangs ? 1 : 0),
  pageTurn: ({ seams }, seam, { beforeFlags }) =>
    seams.turn[seam] && !(beforeFlags & (Flag.endsStop | Flag.endsColon)) ? 1 : 0,
  inSequence: ({ sequence }, seam) => sequence[seam]!,
  titleBefore: (context, seam, { before, afterFlags }) =>
    looksLikeTitle(context, seam, before) && !(afterFlags & Flag.startsLower) ? 1 : 0,
  titleAfter: (context, seam, { beforeFlags, after }) =>
    looksLikeTitle(context, seam, after) && beforeFlags & (Flag.endsStop | Flag.endsColon) ? 1 : 0,
  newElement: ({ table, elements = 0 }, _s, { before, after }) =>
    elements > 0 && areElementsApart(table, before, after) ? elements : 0,
  sameHeading: ({ table }, _s, { before, after }) => (isOneHeading(table, before, after) ? 1 : 0),
  longPause: ({ table }, _s, { before, after }) => (pause(table, before, after) > PAUSE_OF_A_PARAGRAPH ? 1 : 0),
  noPause: ({ table }, _s, { before, after }) => (pause(table, before, after) <= shortestPause(table) ? 1 : 0),
} as const satisfies Record<string, Evidence>;

/** Evidence of what the two lines are: 0 between lines of prose, as most are. */
const KIND_EVIDENCE = {
  headingGoesOn: ({ table }, _s, { before, afterFlags }) =>
    isHeading(table, before) && afterFlags & Flag.startsLower ? 1 : 0,
  headingBefore: ({ table }, _s, { before, after }) => (isHeading(table, before) && !isHeading(table, after) ? 1 : 0),
  headingAfter: ({ table }, _s, { before, after }) => (isHeading(table, after) && !isHeading(table, before) ? 1 : 0),
  captionAfter: ({ table }, _s, { after }) => (table.kind[after] === LineKind.figureCaption ? 1 : 0),
  footnoteAfter: ({ table }, _s, { before, after }) =>
    table.kind[after] === LineKind.footnote && table.kind[before] !== LineKind.footnote ? 1 : 0,
  footnoteBefore: ({ table }, _s, { before, after }) =>
    table.kind[before] === LineKind.footnote && table.kind[after] !== LineKind.footnote ? 1 : 0,
} as const satisfies Record<string, Evidence>;

const EVIDENCE = { ...PLACE_EVIDENCE, ...KIND_EVIDENCE, ...WORD_EVIDENCE };

export type EvidenceName = keyof typeof EVIDENCE;

export const EVIDENCE_NAMES = Object.keys(EVIDENCE) as readonly EvidenceName[];

const PLACE_LIST: readonly Evidence[] = Object.values({ ...PLACE_EVIDENCE, ...KIND_EVIDENCE });
const KINDS_FROM = Object.keys(PLACE_EVIDENCE).length;
const WORD_LIST: readonly ((words: WordsAcross) => number)[] = Object.values(WORD_EVIDENCE);

/** Writes the evidence at a seam into `out`, in the order of EVIDENCE_NAMES. */
export function collectEvidence(context: SeamContext, seam: number, out: Float32Array): void {
  const { table, seams } = context;
  const sides = sidesOf(context, seam);
  for (let at = 0; at < PLACE_LIST.length; at++) out[at] = PLACE_LIST[at]!(context, seam, sides);
  const words = wordsAcross(context, table.flags[seams.line[seam]!]!, table.flags[seams.line[seam + 1]!]!);
  for (let at = 0; at < WORD_LIST.length; at++) out[PLACE_LIST.length + at] = WORD_LIST[at]!(words);
}

/** Evidence that is 0 at every seam of a text for which its condition does not hold: it is not asked there. */
const ONLY_WHERE: { readonly [name in keyof typeof PLACE_EVIDENCE]?: (context: SeamContext) => boolean } = {
  chosenMark: ({ mark }) => mark !== undefined,
  otherThanMark: ({ mark }) => mark?.by === 'gap',
  plainGapWhereMarked: ({ convention }) => convention.marked && convention.wraps,
  fullEnd: ({ fullEnds }) => fullEnds !== 0,
  notWrapped: ({ convention }) => !convention.wraps,
  newElement: ({ elements }) => elements !== undefined,
  sameHeading: ({ elements }) => elements !== undefined,
  longPause: ({ table }) => table.captions.found,
  noPause: ({ table }) => table.captions.found,
};

/** The places in PLACE_LIST of the evidence of the place that may be other than 0 in a text. */
function evidenceIn(context: SeamContext): readonly number[] {
  return Object.keys(PLACE_EVIDENCE).flatMap((name, at) => {
    const holds = ONLY_WHERE[name as keyof typeof PLACE_EVIDENCE];
    return holds && !holds(context) ? [] : [at];
  });
}

function sidesOf(context: SeamContext, seam: number): Sides {
  const { table, seams } = context;
  const before = seams.line[seam]!;
  const after = seams.line[seam + 1]!;
  return {
    before,
    after,
    beforeFlags: table.flags[before]!,
    afterFlags: table.flags[after]!,
    gap: gapAt(table, seams, seam),
    hangs: hangs(table, seams, seam),
    room: roomEvidence(context, seam),
  };
}

function wordsAcross({ table, convention }: SeamContext, beforeFlags: number, afterFlags: number): WordsAcross {
  const isUnpunctuated = table.captions.found && !convention.hasStops;
  const across = isUnpunctuated ? UNPUNCTUATED : convention.wraps ? 1 : 1 - 0.85 * convention.sureness;
  return { beforeFlags, afterFlags, across, captions: table.captions.found };
}

/**
 * The sum of weights times evidence at a seam. What the words say is worked out once for each pair of flags: a text has some
 * hundreds of pairs, however many seams.
 */
export function weighEvidence(context: SeamContext, weights: Float32Array): (seam: number) => number {
  const { table } = context;
  const which = evidenceIn(context);
  const known = new Map<number, number>();
  const weighWords = (beforeFlags: number, afterFlags: number) => {
    const words = wordsAcross(context, beforeFlags, afterFlags);
    return WORD_LIST.reduce((sum, evidence, at) => sum + weights[PLACE_LIST.length + at]! * evidence(words), 0);
  };
  return (seam) => {
    const sides = sidesOf(context, seam);
    const { before, after, beforeFlags, afterFlags } = sides;
    const pair = (beforeFlags & ~Flag.startsNoun) * 2 ** 27 + afterFlags;
    let odds = known.get(pair);
    if (odds === undefined) known.set(pair, (odds = weighWords(beforeFlags, afterFlags)));
    for (const at of which) odds += weights[at]! * PLACE_LIST[at]!(context, seam, sides);
    if (table.kind[before] === LineKind.prose && table.kind[after] === LineKind.prose) return odds;
    for (let at = KINDS_FROM; at < PLACE_LIST.length; at++)
      odds += weights[at]! * PLACE_LIST[at]!(context, seam, sides);
    return odds;
  };
}

/** What the gap at a seam says, from -1 to 1. */
export function gapEvidence(context: SeamContext, seam: number): number {
  const { table, seams } = context;
  return gapSays(context, seam, gapAt(table, seams, seam), hangs(table, seams, seam));
}

function gapSays(context: SeamContext, seam: number, gap: number, isHanging: boolean): number {
  return isHanging ? 0 : gapScore(context, seam, gap) / 4;
}

/** Over a page turn blank lines mean little; a first line that steps in still marks a paragraph where that is the custom. */
function gapScore({ seams, convention }: SeamContext, seam: number, gap: number): number {
  if (!convention.wraps) return Math.max(0, convention.score[gap]!);
  if (!seams.turn[seam]) return convention.score[gap]!;
  return stepsIn(gap) ? Math.max(0, scoreOfStepIn(convention)) : 0;
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

/** From 0, as full as most lines that run on, to 1, shorter than all of them; that it is shorter than a few says little. */
function shortness({ seams, table, convention, measure, pieces }: SeamContext, seam: number): number {
  if (!convention.wraps || measure.at[seam] === 0) return 0;
  const rank = rankOfFill(measure, fillOf(table, measure, seam, seams.line[seam]!) + pieces.lead[seam]!);
  const count = measure.fills.length;
  const expected = (rank * count + 0.5) / (count + 1);
  return measure.reliability * Math.min(1, Math.max(0, (-Math.log(expected + 0.002) - 1) / 4));
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
