import { isLaidOut, LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import type { SeamTable } from '../seam-table.ts';

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
/** How much of the measure is left at a seam after the next word: negative when that word would not have fitted. */
export function roomAt(
  table: LineTable,
  seams: SeamTable,
  measure: { readonly unit: Measure['unit']; readonly at: { readonly [seam: number]: number } },
  seam: number,
): number {
  return roomWithin(table, seams, measure.unit, measure.at[seam]!, seam);
}

/** The same for one width of all lines; 0 where there is none. */
export function roomWithin(
  table: LineTable,
  seams: SeamTable,
  unit: Measure['unit'],
  limit: number,
  seam: number,
): number {
  if (limit === 0) return 0;
  const before = seams.line[seam]!;
  const after = seams.line[seam + 1]!;
  const used =
    unit === 'characters'
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

/** The column at which the words of a line end. */
export function edgeInCharacters(table: LineTable, line: number): number {
  return table.indent[line]! + table.chars[line]!;
}

/** Characters: what is longer is an address, and no word. */
const LONGEST_WORD = 30;

/** Whether a line may have been wrapped: an address may be longer than any line, and so may a row, or a line of code. */
export function tellsWidth(table: LineTable, line: number): boolean {
  const { kind, chars, firstChars } = table;
  const isAddress = firstChars[line] === chars[line] && chars[line]! > LONGEST_WORD;
  return !isAddress && !isLaidOut(kind[line]!) && !saysWhoIsQuoted(table, line);
}

/** "On 4 March 2025 Ansgar Rask wrote:" above the quoted lines of a mail, on which programs put it as long as it is. */
function saysWhoIsQuoted({ flags, leadTo, edgePass, index, kind }: LineTable, line: number): boolean {
  if (edgePass !== 'mail-quotes' || leadTo[line]! > 0 || !(flags[line]! & Flag.endsColon)) return false;
  let next = line + 1;
  while (next < index.count && kind[next] === LineKind.blank) next++;
  return next < index.count && leadTo[next]! > 0;
}

/** The lines that tell a width, or all where none does. Where most lines have signs twice as wide as letters, those of letters tell none. */
export function tellingLines(table: LineTable, lines: Uint32Array): Uint32Array {
  const areWide = mostAreCjk(table, lines);
  const telling = lines.filter((line) => tellsWidth(table, line) && (!areWide || isCjkLine(table, line)));
  return telling.length > 0 ? telling : lines;
}

/** Whether a line begins or ends with a Chinese or Japanese sign. */
export function isCjkLine({ flags }: LineTable, line: number): boolean {
  return (flags[line]! & (Flag.startsCjk | Flag.endsCjk)) !== 0;
}

/** Whether more than half of some lines do. */
export function mostAreCjk(table: LineTable, lines: Uint32Array): boolean {
  return lines.filter((line) => isCjkLine(table, line)).length * 2 > lines.length;
}

/** The length of the longest of some lines of words, in characters without their indents; 0 for none. */
export function widestOf(table: LineTable, lines: Uint32Array): number {
  return widestBy(table, lines, false);
}

/** Whether the line before a seam had no room for the next word, where the longest line is so long; in characters without indents. */
export function isFull({ chars, firstChars }: LineTable, { line }: SeamTable, seam: number, widest: number): boolean {
  return chars[line[seam]!]! + 1 + firstChars[line[seam + 1]!]! > widest;
}

/** The column at which the widest of some lines of words ends; 0 for none. */
export function widestEdge(table: LineTable, lines: Uint32Array): number {
  return widestBy(table, lines, true);
}

/** The most that one of `tellingLines` has, without making a list of them: it is asked of every group of lines. */
function widestBy(table: LineTable, lines: Uint32Array, withIndent: boolean): number {
  let ofAll = 0;
  let ofTelling = 0;
  let ofWide = 0;
  let wide = 0;
  for (const line of lines) {
    const width = table.chars[line]! + (withIndent ? table.indent[line]! : 0);
    if (width > ofAll) ofAll = width;
    const isWide = isCjkLine(table, line);
    if (isWide) wide++;
    if (!tellsWidth(table, line)) continue;
    if (width > ofTelling) ofTelling = width;
    if (isWide && width > ofWide) ofWide = width;
  }
  return (wide * 2 > lines.length && ofWide) || ofTelling || ofAll;
}

const FEWEST_FULL = 2;
/** In characters. */
const NARROWEST_FULL = 40;

/** Whether no line before the last of the kept lines first..last had room for the next word, and there are two such at least: a paragraph. */
export function isFullGroup(table: LineTable, seams: SeamTable, first: number, last: number): boolean {
  const widest = widestEdge(table, seams.line.subarray(first, last + 1));
  if (last - first < FEWEST_FULL || widest < NARROWEST_FULL) return false;
  for (let seam = first; seam < last; seam++)
    if (roomWithin(table, seams, 'characters', widest, seam) >= 0) return false;
  return true;
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
