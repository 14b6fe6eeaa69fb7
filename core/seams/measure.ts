import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { mostFrequent } from '../text/most-frequent.ts';
import { runsOn } from './runs-on.ts';
import type { SeamTable } from './seam-table.ts';

/**
 * The measure: how wide a line may be here before it wraps. It is read off lines whose words surely run on, near the seam,
 * in characters or in estimated printed width, whichever varies less over the text.
 */
export interface Measure {
  readonly unit: 'characters' | 'printed';
  /** By seam: the width a line may have here, in the unit; 0 where no line is known to wrap. */
  readonly at: Float32Array;
  /** The widest that lines usually get, for people and for charts; 0 when nothing wraps. In characters. */
  readonly widestCharacters: number;
  /** The room that lines which run on may leave all the same, as a share of the measure: justified type and hyphens need some. */
  readonly slack: number;
  /**
   * By seam: lines with room to spare come in a row here, as in verse, addresses and lists. Up to 1 for three of them or more,
   * 2 where all the lines between two wider gaps are so.
   */
  readonly looseRun: Float32Array;
  /** How full lines that surely run on are, in order: see rankOfFill. */
  readonly fills: Float64Array;
  /** From 0 to 1: how exactly lines that run on end where the next word would no longer fit. */
  readonly reliability: number;
}

/** Lines this much wider than the middle one are two lines glued together by the extractor, and say nothing. */
export const OVERLONG = 1.3;
/** Share of overlong lines that a glueing extractor leaves, and the share at which there is no measure at all. */
const USUAL_OVERLONG = 0.2;
const MOST_OVERLONG = 0.5;
const NEIGHBOURS = 6;
const LARGEST_SAMPLE = 4000;
const FEWEST_FULL_LINES = 4;
/** Up to here each line is looked at by itself first. */
const FEW_FULL_LINES = 12;
/** Printed widths are estimates, characters are counted. */
const PRINTED_SLACK = 0.02;
const MANY_ROOMS = 20;
const LOOSE_ROOM = 0.12;
const WHOLE_GROUP = 2;
/** Up to the first figure lines end where they must, from the second on where they like. */
const SLACK_OF_WRAPPED = 0.1;
const SLACK_OF_RAGGED = 0.4;

/** Measures the lines of a text; `given` is the measure in characters that a person set for the whole of it. */
export function findMeasure(table: LineTable, seams: SeamTable, given?: number): Measure {
  const full: number[] = [];
  // Footnotes are set in smaller type.
  for (let seam = 0; seam < seams.count; seam++) {
    if (runsOn(table, seams, seam) && table.kind[seams.line[seam]!] !== LineKind.footnote) full.push(seam);
  }
  if (full.length < FEW_FULL_LINES && given === undefined) {
    const few = measureOfFew(table, seams, full);
    if (few.reliability > 0 || full.length < FEWEST_FULL_LINES) return few;
  }
  const at = new Float32Array(seams.count);
  const looseRun = new Float32Array(seams.count);
  const inCharacters = new Uint32Array(full.length);
  const inPrint = new Uint32Array(full.length);
  for (let each = 0; each < full.length; each++) {
    const line = seams.line[full[each]!]!;
    inCharacters[each] = edgeInCharacters(table, line);
    inPrint[each] = table.width[line]!;
  }
  const unit = given !== undefined || variation(inCharacters) <= variation(inPrint) ? 'characters' : 'printed';
  const widths = unit === 'characters' ? inCharacters : inPrint;
  if (given === undefined) {
    fillLocal(at, full, widths);
    fitFootnotes(at, table, seams, unit);
    fitSetInBlocks(at, table, seams, unit, full, widths);
  } else at.fill(given);
  fillLooseRuns(looseRun, table, seams, { unit, at });
  const blanks = mostFrequent(full.map((seam) => seams.blanks[seam]!));
  const prose = full.filter((seam) => looseRun[seam]! < WHOLE_GROUP && seams.blanks[seam] === blanks);
  const rooms = prose.map((seam) => roomAt(table, seams, { unit, at }, seam));
  // Among few lines one that ends where it likes, such as a salutation, is no custom.
  const usual = rooms.length < MANY_ROOMS ? rooms.sort((a, b) => a - b).slice(0, -1) : rooms;
  const slack = Math.max(unit === 'characters' ? 0 : PRINTED_SLACK, quantile(usual, 0.9));
  const exactness = share01((SLACK_OF_RAGGED - slack) / (SLACK_OF_RAGGED - SLACK_OF_WRAPPED));
  const overlong =
    full.filter((seam) => fillOf(table, { unit, at }, seam, seams.line[seam]!) > OVERLONG).length /
    Math.max(1, full.length);
  return {
    unit,
    at,
    looseRun,
    widestCharacters: given ?? Math.round(quantile(withoutOverlong(inCharacters), 0.97)),
    slack,
    fills: sortedSample(prose.map((seam) => fillOf(table, { unit, at }, seam, seams.line[seam]!))),
    reliability:
      exactness * (given === undefined ? share01((MOST_OVERLONG - overlong) / (MOST_OVERLONG - USUAL_OVERLONG)) : 1),
  };
}

/**
 * The measure of a short text, in characters: its widest line. Each line that surely runs on should not have held the next word
 * too; where most could have, nothing tells a measure. A salutation or two may end where they like.
 */
function measureOfFew(table: LineTable, seams: SeamTable, full: readonly number[]): Measure {
  const at = new Float32Array(seams.count);
  const looseRun = new Float32Array(seams.count);
  const widest = widestOfFew(table, seams, seams.line, full);
  at.fill(widest);
  const measure = { unit: 'characters', at } as const;
  const close = besideFull(table, seams, measure, full);
  const exact = close.filter((seam) => roomAt(table, seams, measure, seam) < 0);
  if (exact.length * 2 <= close.length || widest < NARROWEST_OF_FEW) {
    return { ...measure, looseRun, widestCharacters: 0, slack: 0, fills: new Float64Array(), reliability: 0 };
  }
  fitSetInBlocks(
    at,
    table,
    seams,
    'characters',
    full,
    Uint32Array.from(full, (seam) => edgeInCharacters(table, seams.line[seam]!)),
  );
  fillLooseRuns(looseRun, table, seams, measure);
  return {
    ...measure,
    looseRun,
    widestCharacters: widest,
    slack: 0,
    fills: sortedSample(exact.map((seam) => fillOf(table, measure, seam, seams.line[seam]!))),
    reliability: exact.length > 1 ? RELIABILITY_OF_FEW : RELIABILITY_OF_ONE,
  };
}

/** The widest of some lines; but one much wider than all others is a title, or two lines glued together, unless its words run on. */
function widestOfFew(table: LineTable, seams: SeamTable, lines: Uint32Array, runningOn: readonly number[]): number {
  const widths = Uint32Array.from(lines, (line) => edgeInCharacters(table, line)).sort();
  const [second = 0, first = 0] = widths.length > 1 ? widths.subarray(-2) : [0, widths[0]];
  const goesOn = runningOn.some((seam) => edgeInCharacters(table, seams.line[seam]!) === first);
  return first > second * OVERLONG && second > 0 && !goesOn ? second : first;
}

/**
 * Of seams whose words run on, those that tell whether lines wrap: over a wider gap than most the words may begin anew in small
 * letters, and a list has no full line. Where no group of lines has a full one, all without a wider gap.
 */
function besideFull(
  table: LineTable,
  seams: SeamTable,
  measure: Pick<Measure, 'unit' | 'at'>,
  runningOn: readonly number[],
): readonly number[] {
  const closest = Math.min(...runningOn.map((seam) => seams.blanks[seam]!));
  const close = runningOn.filter((seam) => seams.blanks[seam] === closest && !seams.turn[seam]);
  const groupOf = (seam: number) => {
    let first = seam;
    while (first > 0 && seams.blanks[first - 1]! <= closest) first--;
    return first;
  };
  const withFull = new Set(close.filter((seam) => roomAt(table, seams, measure, seam) < 0).map(groupOf));
  return withFull.size === 0 ? close : close.filter((seam) => withFull.has(groupOf(seam)));
}

const NARROWEST_OF_FEW = 24;
const RELIABILITY_OF_FEW = 0.9;
const RELIABILITY_OF_ONE = 0.6;
/** Room for the next word, as a share of the measure, and the share of lines with it, that no wrapped text has. */
const ROOM_OF_LINES = 0.15;
const SHARE_OF_LINES = 1 / 3;
/** Lines that run on: more of them have a measure, or wrap as they like. */
const MOST_OF_A_SHORT_TEXT = 30;
/** Two lines have no lengths in common. */
const FEWEST_LINES = 3;
/** Two lines as wide as this that end at the same place were wrapped, whatever else is among them. */
const WIDE = 45;

const ENDS_INSIDE = Flag.endsHyphen | Flag.endsFunctionWord | Flag.endsInAddress;

/** What the lengths of lines say of a short text. */
export type LinesOfFew = 'wrapped' | 'meant' | 'open';

/**
 * Whether the lines of a short text wrap, or end where they were meant to, as in lists and verse: then they are very narrow, or too
 * many of those that run on leave room for the next word. `runningOn` are the seams of from..to whose words surely run on.
 */
export function lookAtFew(
  table: LineTable,
  seams: SeamTable,
  from: number,
  to: number,
  runningOn: readonly number[],
): LinesOfFew {
  if (runningOn.length === 0 || runningOn.length > MOST_OF_A_SHORT_TEXT) return 'open';
  const lines = seams.line.subarray(from, to + 1);
  if (lines.length < FEWEST_LINES) return 'open';
  const widest = widestOfFew(table, seams, lines, runningOn);
  // Signs and letters in one line are no characters of one width.
  if (lines.some((line) => table.flags[line]! & (Flag.startsCjk | Flag.endsCjk))) return 'open';
  const at = { unit: 'characters', at: new Float32Array(seams.count).fill(widest) } as const;
  const close = besideFull(table, seams, at, runningOn);
  const rooms = close.map((seam) => roomAt(table, seams, at, seam));
  const full = rooms.filter((room) => room < 0).length;
  // Between paragraphs that stand apart one or another may go on: that is no wrap.
  const isWrap = close.every((seam) => seams.blanks[seam] === 0) || full * 2 > to - from;
  if (widest >= WIDE && isWrap && full > 0 && (full > 1 || rooms.length === 1)) return 'wrapped';
  // Hardly any line is meant to end in "the", or within a word.
  const cut = close.filter((seam) => table.flags[seams.line[seam]!]! & ENDS_INSIDE);
  if (cut.length * 2 >= close.length || cut.some((seam) => table.flags[seams.line[seam]!]! & Flag.endsHyphen))
    return 'open';
  if (widest < NARROWEST_OF_FEW) return 'meant';
  const isVerse = close.length > 1 && close.every((seam) => table.flags[seams.line[seam]!]! & Flag.endsComma);
  if (widest < WIDE && isVerse) return 'meant';
  return rooms.filter((room) => room > ROOM_OF_LINES).length >= Math.max(1, rooms.length * SHARE_OF_LINES)
    ? 'meant'
    : 'open';
}

/** A line counts as loose where the next word would have fitted twice over; only neighbours without a wider gap make a row. */
function fillLooseRuns(
  out: Float32Array,
  table: LineTable,
  seams: SeamTable,
  measure: Pick<Measure, 'unit' | 'at'>,
): void {
  const isLoose = (seam: number) => roomAt(table, seams, measure, seam) > LOOSE_ROOM;
  const isWider = (seam: number, than: number) =>
    seam < 0 || seam >= seams.count || seams.blanks[seam]! > seams.blanks[than]!;
  for (let start = 0; start < seams.count;) {
    if (!isLoose(start)) {
      start++;
      continue;
    }
    let end = start + 1;
    while (end < seams.count && seams.blanks[end] === seams.blanks[start] && isLoose(end)) end++;
    const closed = isWider(start - 1, start) && isWider(end, start) && end - start >= 2;
    out.fill(closed ? WHOLE_GROUP : Math.min(1, (end - start - 1) / 2), start, end);
    start = end;
  }
}

function withoutOverlong(widths: Uint32Array): Uint32Array {
  const limit = quantile(widths, 0.5) * OVERLONG;
  return widths.filter((width) => width <= limit);
}

function share01(value: number): number {
  return Math.min(1, Math.max(0, value));
}

/** How much of the measure is left at a seam after the next word: negative when that word would not have fitted. */
export function roomAt(
  table: LineTable,
  seams: SeamTable,
  measure: { readonly unit: Measure['unit']; readonly at: { readonly [seam: number]: number } },
  seam: number,
): number {
  const limit = measure.at[seam]!;
  if (limit === 0) return 0;
  const before = seams.line[seam]!;
  const after = seams.line[seam + 1]!;
  const used =
    measure.unit === 'characters'
      ? edgeInCharacters(table, before) + 1 + table.firstChars[after]!
      : table.width[before]! + 250 + table.firstWidth[after]!;
  return (limit - used) / limit;
}

/** How full a line beside a seam is, 1 for a full one; 0 where nothing is known to wrap. */
export function fillOf(table: LineTable, measure: Pick<Measure, 'unit' | 'at'>, seam: number, line: number): number {
  const limit = measure.at[seam]!;
  if (limit === 0) return 0;
  return (measure.unit === 'characters' ? edgeInCharacters(table, line) : table.width[line]!) / limit;
}

function edgeInCharacters(table: LineTable, line: number): number {
  return table.indent[line]! + table.chars[line]!;
}

/**
 * At each seam the second widest of the nearest full lines: one odd line cannot stretch the measure. What counts as overlong is
 * judged among the same neighbours, so that a wide page beside narrow columns keeps its own measure.
 */
function fillLocal(at: Float32Array, full: readonly number[], widths: Uint32Array): void {
  let next = 0;
  let known = -1;
  for (let seam = 0; seam < at.length; seam++) {
    while (next < full.length && full[next]! < seam) next++;
    // Between two full lines the neighbours stay the same.
    at[seam] = next === known ? at[seam - 1]! : secondWidest(widths, next - NEIGHBOURS, next + NEIGHBOURS);
    known = next;
  }
}

/** The notes of a page have a measure of their own: the widest of their lines that are not the last of a note. */
function fitFootnotes(at: Float32Array, table: LineTable, seams: SeamTable, unit: Measure['unit']): void {
  const isNote = (kept: number) => table.kind[seams.line[kept]!] === LineKind.footnote;
  for (let start = 0; start < seams.count;) {
    let end = start;
    let widest = 0;
    while (end < seams.count && isNote(end) && isNote(end + 1)) {
      const line = seams.line[end]!;
      widest = Math.max(widest, unit === 'characters' ? edgeInCharacters(table, line) : table.width[line]!);
      end++;
    }
    if (end > start) at.fill(Math.max(widest, at[start]!), start, end);
    start = end + 1;
  }
}

const FEWEST_SET_IN_LINES = 3;
const STEP_IN = 2;
/** Shares of the measure around: narrower blocks must wrap exactly, much narrower ones are verse. */
const USUAL_BLOCK = 0.75;
const NARROWEST_BLOCK = 0.55;

/** Lines that are set in together, as block quotes are, have a measure of their own where two of them surely run on. */
function fitSetInBlocks(
  at: Float32Array,
  table: LineTable,
  seams: SeamTable,
  unit: Measure['unit'],
  full: readonly number[],
  widths: Uint32Array,
): void {
  let next = 0;
  for (let start = 0; start < seams.count;) {
    const indent = table.indent[seams.line[start]!]!;
    let end = start;
    while (end < seams.count && table.indent[seams.line[end + 1]!] === indent) end++;
    const outside = start === 0 ? indent : table.indent[seams.line[start - 1]!]!;
    if (end - start + 1 >= FEWEST_SET_IN_LINES && indent >= outside + STEP_IN) {
      while (next < full.length && full[next]! < start) next++;
      let last = next;
      while (last < full.length && full[last]! < end) last++;
      const own = last - next >= 2 ? secondWidest(widths, next, last) : 0;
      const share = own / at[start]!;
      const wraps = () =>
        full.slice(next, last).every((seam) => roomAt(table, seams, { unit, at: { [seam]: own } }, seam) <= 0);
      if (share >= USUAL_BLOCK || (share >= NARROWEST_BLOCK && wraps())) at.fill(own, start, end);
    }
    start = end + 1;
  }
}

/** The second widest of widths[from, to), overlong ones left out. */
function secondWidest(widths: Uint32Array, from: number, to: number): number {
  const sorted = widths.slice(Math.max(0, from), Math.max(0, to));
  const count = sorted.length;
  if (count > 2 * NEIGHBOURS) sorted.sort();
  else sortFew(sorted);
  const limit = (sorted[count >> 1] ?? 0) * OVERLONG;
  let usual = count;
  while (usual > 0 && sorted[usual - 1]! > limit) usual--;
  return sorted[usual - 2] ?? sorted[usual - 1] ?? 0;
}

/** By insertion: quicker for a dozen. */
function sortFew(values: Uint32Array): void {
  for (let at = 1; at < values.length; at++) {
    const value = values[at]!;
    let place = at;
    while (place > 0 && values[place - 1]! > value) {
      values[place] = values[place - 1]!;
      place--;
    }
    values[place] = value;
  }
}

/** Spread of the middle nine tenths over their middle: wide lines glued together do not count. */
function variation(values: Values): number {
  const sorted = sortedSample(values);
  const middle = quantileOf(sorted, 0.5);
  return middle === 0 ? Infinity : (quantileOf(sorted, 0.8) - quantileOf(sorted, 0.2)) / middle;
}

/** Read off an even sample where there are very many values. */
function quantile(values: Values, share: number): number {
  return quantileOf(sortedSample(values), share);
}

function quantileOf(sorted: Float64Array, share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
}

type Values = readonly number[] | Uint32Array;

function sortedSample(values: Values): Float64Array {
  const stride = Math.max(1, Math.ceil(values.length / LARGEST_SAMPLE));
  const sample = new Float64Array(Math.ceil(values.length / stride));
  for (let at = 0; at < sample.length; at++) sample[at] = values[at * stride]!;
  return sample.sort();
}

/** The share of lines that surely run on which are no fuller than this, from 0 to 1. Logarithmic. */
export function rankOfFill({ fills }: Pick<Measure, 'fills'>, fill: number): number {
  let low = 0;
  let high = fills.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (fills[middle]! <= fill) low = middle + 1;
    else high = middle;
  }
  return fills.length === 0 ? 1 : low / fills.length;
}
