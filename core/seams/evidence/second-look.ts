import { Flag } from '../../lines/line-table.ts';
import { gapEvidence, type SeamContext } from './evidence.ts';
import { fillOf, rankOfFill, roomAt } from '../measure/room.ts';

/** Odds further from even than this are not looked at again. In log odds. */
export const SURE_AT_FIRST = 5;
/** With fewer seams a text shows no habits. */
export const FEWEST_FOR_HABITS = 40;
/** Odds of the seams beside count no more than this. */
const MOST_BESIDE = 8;
/** Seams as sure as this show what the text does. */
const SHOWS_HABITS = 2;
const USUAL_LINE = 60;

/** What the first look at all seams of a text found. */
export interface FirstLook {
  readonly context: SeamContext;
  /** By seam: the log odds of a new paragraph by the evidence. */
  readonly odds: Float32Array;
  /** By seam: see roomAt and fillOf, with the earlier pieces of a line that was cut; -1 where there is no measure. */
  readonly room: Float32Array;
  readonly fill: Float32Array;
  /** By seam: the lines from the last break up to it, and those behind it up to the next. */
  readonly since: Float32Array;
  readonly until: Float32Array;
  readonly habits: Habits;
}

/** What the text does at its seams. Shares from 0 to 1. */
interface Habits {
  /** Lines in a paragraph, on average. */
  readonly lines: number;
  readonly breaks: number;
  readonly sureBreaks: number;
  /** How much paragraphs differ in length: the standard deviation over the mean. */
  readonly spread: number;
  /** Of the breaks beyond doubt: those after a full line, before a step inwards, over blank lines. */
  readonly fullBreaks: number;
  readonly stepBreaks: number;
  readonly blankBreaks: number;
  /** Of the seams beyond doubt before an opening quotation mark: those that are breaks. */
  readonly quoteBreaks: number;
}

/** Gathers what the first look found. Linear in the number of seams. */
export function takeFirstLook(context: SeamContext, odds: Float32Array): FirstLook {
  const { table, seams, measure, pieces } = context;
  const count = odds.length;
  const room = new Float32Array(count).fill(-1);
  const fill = new Float32Array(count).fill(-1);
  for (let seam = 0; seam < count; seam++) {
    if (measure.at[seam] === 0) continue;
    room[seam] = roomAt(table, seams, measure, seam) - pieces.lead[seam]!;
    fill[seam] = fillOf(table, measure, seam, seams.line[seam]!) + pieces.lead[seam]!;
  }
  const since = new Float32Array(count);
  const until = new Float32Array(count);
  for (let seam = 0; seam < count; seam++) since[seam] = 1 + (seam > 0 && odds[seam - 1]! <= 0 ? since[seam - 1]! : 0);
  for (let seam = count - 1; seam >= 0; seam--)
    until[seam] = 1 + (seam + 1 < count && odds[seam + 1]! <= 0 ? until[seam + 1]! : 0);
  return { context, odds, room, fill, since, until, habits: habitsOf(context, odds, room, since) };
}

function habitsOf(
  { table, seams, measure }: SeamContext,
  odds: Float32Array,
  room: Float32Array,
  since: Float32Array,
): Habits {
  const count = odds.length;
  let [breaks, lengths, squares] = [0, 0, 0];
  let [sure, full, steps, blanks, quotes, quoteBreaks] = [0, 0, 0, 0, 0, 0];
  for (let seam = 0; seam < count; seam++) {
    const before = seams.line[seam]!;
    const after = seams.line[seam + 1]!;
    if (odds[seam]! > 0) {
      breaks++;
      lengths += since[seam]!;
      squares += since[seam]! ** 2;
    }
    if (Math.abs(odds[seam]!) > SHOWS_HABITS && table.flags[after]! & Flag.startsQuote) {
      quotes++;
      if (odds[seam]! > 0) quoteBreaks++;
    }
    if (odds[seam]! <= SHOWS_HABITS) continue;
    sure++;
    if (room[seam]! < measure.slack) full++;
    if (table.indent[after]! > table.indent[before]!) steps++;
    if (after - before > 1) blanks++;
  }
  const mean = lengths / Math.max(1, breaks);
  return {
    lines: count / Math.max(1, breaks),
    breaks: breaks / Math.max(1, count),
    sureBreaks: sure / Math.max(1, count),
    spread: Math.sqrt(Math.max(0, squares / Math.max(1, breaks) - mean ** 2)) / Math.max(1, mean),
    // With few seams to tell by, the shares stay near what is usual.
    fullBreaks: (full + 1) / (sure + 4),
    stepBreaks: (steps + 1) / (sure + 2),
    blankBreaks: (blanks + 1) / (sure + 2),
    quoteBreaks: (quoteBreaks + 1) / (quotes + 2),
  };
}

/** What several measures look at, worked out once for a seam. */
interface Place {
  readonly seam: number;
  /** The lines before and after it, and their flags. */
  readonly before: number;
  readonly after: number;
  readonly beforeFlags: number;
  readonly afterFlags: number;
}

type Look = (look: FirstLook, place: Place) => number;

/**
 * The second look at a seam. The evidence is a sum, and a sum cannot say "a full line, and late in a long paragraph, and the lines
 * beside it are ragged". So what the first look at all seams found is measured, a number for each name: how the seams beside this
 * one were decided, how long the paragraph would be against the others, how full the lines beside are, what the text does at the
 * seams that are beyond doubt; and the words across the seam, which mean more or less by all that. Trees fitted on them correct the odds; see look-trees.ts.
 */
const AT_SEAM = {
  odds: ({ odds }, { seam }) => oddsBeside(odds, seam),
  oddsBefore: ({ odds }, { seam }) => oddsBeside(odds, seam - 1),
  oddsAfter: ({ odds }, { seam }) => oddsBeside(odds, seam + 1),
  oddsTwoBefore: ({ odds }, { seam }) => oddsBeside(odds, seam - 2),
  oddsTwoAfter: ({ odds }, { seam }) => oddsBeside(odds, seam + 2),
  room: ({ room }, { seam }) => room[seam]!,
  fill: ({ fill }, { seam }) => fill[seam]!,
  fillRank: ({ fill, context }, { seam }) => rankOfFill(context.measure, fill[seam]!),
  fillBefore: ({ fill }, { seam }) => fill[seam - 1] ?? -1,
  fillAfter: ({ fill }, { seam }) => fill[seam + 1] ?? -1,
  step: ({ context }, { before, after }) => stepTo(context, before, after),
  stepAfter: ({ context }, { seam, after }) => stepTo(context, after, context.seams.line[seam + 2] ?? after),
  blanks: ({ context }, { seam }) => context.seams.blanks[seam]!,
  gapScore: ({ context }, { seam }) => gapEvidence(context, seam),
  turn: ({ context }, { seam }) => context.seams.turn[seam]!,
  lengthAfter: ({ context }, { after }) => context.table.chars[after]! / USUAL_LINE,
  endsStop: (_look, { beforeFlags }) => has(beforeFlags, Flag.endsStop),
  startsFresh: (_look, { beforeFlags, afterFlags }) =>
    has(beforeFlags, Flag.endsStop) && has(afterFlags, Flag.startsUpper),
  startsQuote: (_look, { afterFlags }) => has(afterFlags, Flag.startsQuote),
  endsQuote: (_look, { beforeFlags }) => has(beforeFlags, Flag.endsQuote),
  linesSince: ({ since }, { seam }) => since[seam]!,
  shareSince: ({ since, habits }, { seam }) => since[seam]! / habits.lines,
  linesUntil: ({ until }, { seam }) => until[seam]!,
  shareUntil: ({ until, habits }, { seam }) => until[seam]! / habits.lines,
} as const satisfies Record<string, Look>;

/** What is the same at all seams. */
const IN_TEXT = {
  breaks: ({ habits }) => habits.breaks,
  sureBreaks: ({ habits }) => habits.sureBreaks,
  spread: ({ habits }) => habits.spread,
  fullBreaks: ({ habits }) => habits.fullBreaks,
  stepBreaks: ({ habits }) => habits.stepBreaks,
  blankBreaks: ({ habits }) => habits.blankBreaks,
  quoteBreaks: ({ habits }) => habits.quoteBreaks,
  reliability: ({ context }) => context.measure.reliability,
  slack: ({ context }) => context.measure.slack,
  wraps: ({ context }) => (context.convention.wraps ? 1 : 0),
  marked: ({ context }) => (context.convention.marked ? 1 : 0),
  fullEnds: ({ context }) => context.fullEnds,
} as const satisfies Record<string, (look: FirstLook) => number>;

export type LookName = keyof typeof AT_SEAM | keyof typeof IN_TEXT;

/** What is looked at, in the order in which it is measured. */
export const LOOKS = Object.keys({ ...AT_SEAM, ...IN_TEXT }) as readonly LookName[];
const SEAM_LIST: readonly Look[] = Object.values(AT_SEAM);
const TEXT_LIST = Object.values(IN_TEXT);

/**
 * Tells what is looked at at a seam: `tell` is given each number with its place in LOOKS. What is the same at all of them is told once.
 */
export function looker(look: FirstLook, tell: (at: number, measured: number) => void): (seam: number) => void {
  const { table, seams } = look.context;
  for (let at = 0; at < TEXT_LIST.length; at++) tell(SEAM_LIST.length + at, TEXT_LIST[at]!(look));
  return (seam) => {
    const before = seams.line[seam]!;
    const after = seams.line[seam + 1]!;
    const [beforeFlags, afterFlags] = [table.flags[before]!, table.flags[after]!];
    const place = { seam, before, after, beforeFlags, afterFlags };
    for (let at = 0; at < SEAM_LIST.length; at++) tell(at, SEAM_LIST[at]!(look, place));
  };
}

function oddsBeside(odds: Float32Array, seam: number): number {
  return Math.max(-MOST_BESIDE, Math.min(MOST_BESIDE, odds[seam] ?? 0));
}

/** Columns by which a line is set in or out against another. */
function stepTo({ table }: SeamContext, line: number, other: number): number {
  return table.indent[other]! - table.indent[line]!;
}

const has = (flags: number, flag: number): number => (flags & flag ? 1 : 0);
