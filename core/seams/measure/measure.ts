import { LineKind } from '../../lines/line-kind.ts';
import type { LineTable } from '../../lines/line-table.ts';
import { mostFrequent } from '../../text/most-frequent.ts';
import type { ExactPart } from './exact-parts.ts';
import { measureOfFew } from './few-lines.ts';
import { fillLooseRuns, fitFootnotes, fitSetInBlocks, secondWidest, WHOLE_GROUP } from './local-measures.ts';
import { quantile, quantileOf, sortedSample, type Values } from './quantiles.ts';
import { edgeInCharacters, fillOf, isCjkLine, mostAreCjk, OVERLONG, roomAt, tellsWidth, type Measure } from './room.ts';
import { runsOnInProse } from '../runs-on.ts';
import type { SeamTable } from '../seam-table.ts';

/** Share of overlong lines that a glueing extractor leaves, and the share at which there is no measure at all. */
const USUAL_OVERLONG = 0.2;
const MOST_OVERLONG = 0.5;
const NEIGHBOURS = 6;
const FEWEST_FULL_LINES = 4;
/** Up to here each line is looked at by itself first. */
const FEW_FULL_LINES = 12;
/** Printed widths are estimates, characters are counted. */
const PRINTED_SLACK = 0.02;
const MANY_ROOMS = 20;
/** Up to the first figure lines end where they must, from the second on where they like. */
const SLACK_OF_WRAPPED = 0.1;
const SLACK_OF_RAGGED = 0.4;

/**
 * Measures the lines of a text. `cuts`: the seams at which one printed line was cut in two; `given` is the measure in characters that a
 * person set for the whole of it.
 */
export function findMeasure(
  table: LineTable,
  seams: SeamTable,
  parts: readonly ExactPart[],
  cuts: Uint8Array,
  given?: number,
): Measure {
  const full: number[] = [];
  // Footnotes are set in smaller type.
  for (let seam = 0; seam < seams.count; seam++) {
    const line = seams.line[seam]!;
    const mayTell = table.kind[line] !== LineKind.footnote && tellsWidth(table, line);
    const isPiece = cuts[seam] || cuts[seam - 1];
    if (mayTell && !isPiece && runsOnInProse(table, seams, seam)) full.push(seam);
  }
  if (full.length < FEW_FULL_LINES && given === undefined) {
    const areWide = mostAreCjk(table, seams.line);
    const telling = areWide ? full.filter((seam) => isCjkLine(table, seams.line[seam]!)) : full;
    const few = measureOfFew(table, seams, telling);
    if (few.reliability > 0) fitExactParts(few.at, parts, 'characters');
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
  const unit = given !== undefined || varyLess(inCharacters, inPrint) ? 'characters' : 'printed';
  const widths = unit === 'characters' ? inCharacters : inPrint;
  if (given === undefined) {
    fillLocal(at, full, widths);
    fitFootnotes(at, table, seams, unit);
    fitSetInBlocks(at, table, seams, unit, full, widths);
    fitExactParts(at, parts, unit);
  } else at.fill(given);
  fillLooseRuns(looseRun, table, seams, { unit, at });
  const blanks = mostFrequent(full.map((seam) => seams.blanks[seam]!));
  const prose = full.filter((seam) => looseRun[seam]! < WHOLE_GROUP && seams.blanks[seam] === blanks);
  const rooms = withoutShortOfUnspaced(
    table,
    seams,
    prose.map((seam) => roomAt(table, seams, { unit, at }, seam)),
  );
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

/** Lines without spaces end anywhere, so that one with so much room did not wrap; where most are full, it is a heading or an item. */
const SHORT_OF_UNSPACED = 0.3;
const MOST_SHORT = 1 / 3;

/** Where no small letters tell what runs on, the rooms of lines that did not wrap go. */
function withoutShortOfUnspaced(table: LineTable, seams: SeamTable, rooms: number[]): number[] {
  if (!mostAreCjk(table, seams.line)) return rooms;
  const wrapped = rooms.filter((room) => room < SHORT_OF_UNSPACED);
  return wrapped.length >= (1 - MOST_SHORT) * rooms.length ? wrapped : rooms;
}

function withoutOverlong(widths: Uint32Array): Uint32Array {
  const limit = quantile(widths, 0.5) * OVERLONG;
  return widths.filter((width) => width <= limit);
}

function share01(value: number): number {
  return Math.min(1, Math.max(0, value));
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

/** How much wider or narrower a part is than the measure around its lines. */
const ANOTHER_MEASURE = 1.12;

/** Parts that were wrapped at a width of their own have it up to their edges, whatever the lines beside them are. */
function fitExactParts(at: Float32Array, parts: readonly ExactPart[], unit: Measure['unit']): void {
  for (const { first, last, [unit]: width } of parts) {
    for (let seam = first; seam < last; seam++) {
      const ratio = at[seam]! / width;
      if (ratio > ANOTHER_MEASURE || ratio < 1 / ANOTHER_MEASURE) at[seam] = width;
    }
  }
}

/** Lines that vary more than this have no common measure: some of them stand in a narrow column, or in another text. */
const SEVERAL_MEASURES = 0.25;

/** Whether the widths of lines vary less in one unit than in another. Of several measures what lines differ by from their neighbours tells. */
function varyLess(one: Uint32Array, other: Uint32Array): boolean {
  const [ofOne, ofOther] = [variation(one), variation(other)];
  return Math.min(ofOne, ofOther) > SEVERAL_MEASURES ? unevenness(one) <= unevenness(other) : ofOne <= ofOther;
}

/** The sum of the relative differences between each width and the next, but for those from one measure to another. */
function unevenness(widths: Uint32Array): number {
  let sum = 0;
  for (let at = 1; at < widths.length; at++) {
    const ratio = Math.max(widths[at]!, widths[at - 1]!) / Math.max(1, Math.min(widths[at]!, widths[at - 1]!));
    if (ratio < OVERLONG) sum += ratio - 1;
  }
  return sum;
}

/** Spread of the middle nine tenths over their middle: wide lines glued together do not count. */
function variation(values: Values): number {
  const sorted = sortedSample(values);
  const middle = quantileOf(sorted, 0.5);
  return middle === 0 ? Infinity : (quantileOf(sorted, 0.8) - quantileOf(sorted, 0.2)) / middle;
}
