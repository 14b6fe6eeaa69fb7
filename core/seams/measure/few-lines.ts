import { Flag, type LineTable } from '../../lines/line-table.ts';
import { fillLooseRuns, fitSetInBlocks } from './local-measures.ts';
import { STEP_COLUMNS } from '../paragraph-mark.ts';
import { sortedSample } from './quantiles.ts';
import {
  edgeInCharacters,
  fillOf,
  isFullGroup,
  mostAreCjk,
  OVERLONG,
  roomWithin,
  tellingLines,
  widestEdge,
  type Measure,
} from './room.ts';
import type { SeamTable } from '../seam-table.ts';

/*
 * Short texts: too few lines for a measure that is read off many, so each is looked at by itself.
 */

/**
 * The measure of a short text, in characters: its widest line. Each line that surely runs on should not have held the next word
 * too; where most could have, nothing tells a measure. A salutation or two may end where they like.
 */
export function measureOfFew(table: LineTable, seams: SeamTable, runningOn: readonly number[]): Measure {
  const full = withoutCutFirst(table, seams, runningOn);
  const at = new Float32Array(seams.count);
  const looseRun = new Float32Array(seams.count);
  const wraps = widthOfWraps(table, seams, full) || widthOfFullGroup(table, seams, full);
  const widest = wraps || widestOfFew(table, seams, seams.line, full);
  at.fill(widest);
  const measure = { unit: 'characters', at } as const;
  const close = besideFull(table, seams, widest, full);
  const isList = isOneAmongShort(table, seams, seams.line, widest, close);
  const exact = isList ? [] : close.filter((seam) => roomOf(table, seams, widest, seam) < 0);
  if (exact.length * 2 <= close.length || widest < narrowestOf(table, seams.line)) {
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

/** Of the widest of the others. */
const MOST_OF_CUT = 0.75;

/** What somebody selected may begin within a line: of one that begins small, and is short, the length tells nothing. */
function withoutCutFirst(
  { flags, chars }: LineTable,
  { line }: SeamTable,
  runningOn: readonly number[],
): readonly number[] {
  if (runningOn[0] !== 0 || !(flags[line[0]!]! & Flag.startsLower)) return runningOn;
  const others = runningOn.slice(1);
  const isShorter = others.some((seam) => chars[line[0]!]! < chars[line[seam]!]! * MOST_OF_CUT);
  return isShorter ? others : runningOn;
}

/** Of the widest line, in characters; and the share of lines as full as that, at the least, where lines wrap. */
const FILLED = 0.75;
const SHARE_OF_FILLED = 0.4;
const FEWEST_OF_A_LIST = 5;

/** In a narrow list one line may begin with a small letter below the widest: that tells no width, where most others are far shorter. */
function isOneAmongShort(
  table: LineTable,
  seams: SeamTable,
  lines: Uint32Array,
  widest: number,
  runningOn: readonly number[],
): boolean {
  const [only] = runningOn;
  if (only === undefined || runningOn.length > 1 || widest >= WIDE || lines.length < FEWEST_OF_A_LIST) return false;
  if (table.flags[seams.line[only]!]! & (ENDS_INSIDE | Flag.endsComma)) return false;
  const filled = lines.filter((line) => edgeInCharacters(table, line) >= widest * FILLED).length;
  return filled < lines.length * SHARE_OF_FILLED;
}

/** Signs of Chinese, Japanese and Korean are twice as wide as letters. */
function narrowestOf(table: LineTable, lines: Uint32Array): number {
  return table.language === 'ko' || mostAreCjk(table, lines) ? NARROWEST_OF_FEW / 2 : NARROWEST_OF_FEW;
}

/** Of the lines, one at least. */
const SHARE_OF_OVERLONG = 0.25;

/**
 * The widest of some lines; but a few much wider than all others are titles, paragraphs that nobody wrapped, or lines glued together,
 * unless their words run on.
 */
function widestOfFew(table: LineTable, seams: SeamTable, lines: Uint32Array, runningOn: readonly number[]): number {
  const widths = tellingLines(table, lines)
    .map((line) => edgeInCharacters(table, line))
    .sort();
  const running = runningOn.map((seam) => edgeInCharacters(table, seams.line[seam]!));
  const goesOn = widestUnglued(running);
  if (running.some((width) => width > goesOn)) return goesOn;
  const least = Math.min(widths.length - 1, Math.ceil(widths.length * (1 - SHARE_OF_OVERLONG)));
  for (let at = widths.length - 1; at > 0 && at >= least && widths[at]! > goesOn; at--)
    if (widths[at]! > widths[at - 1]! * OVERLONG && widths[at - 1]! > 0) return widths[at - 1]!;
  return widths.at(-1) ?? 0;
}

/** Two lines glued together are so much wider than one, at the least; so many of all, at the most, are. */
const GLUED = 1.5;
const MOST_GLUED = 0.4;
const FEWEST_UNGLUED = 3;
/** In characters: lines of a chat or a list are as uneven, but mostly narrower. */
const NARROWEST_UNGLUED = 40;

/** The largest of some widths but those of lines that an extractor glued together, which are far wider than all others; 0 of none. */
function widestUnglued(widths: readonly number[]): number {
  const sorted = [...widths].sort((a, b) => a - b);
  const least = Math.max(FEWEST_UNGLUED, Math.ceil(sorted.length * (1 - MOST_GLUED)));
  const glued = sorted.findIndex((width, at) => {
    const narrower = sorted[at - 1] ?? 0;
    return at >= least && narrower >= NARROWEST_UNGLUED && width > narrower * GLUED;
  });
  return sorted.at(glued < 0 ? -1 : glued - 1) ?? 0;
}

/**
 * The width at which nearly all lines that run on end, with no room for the next word; 0 where they end as they
 * like. Wider lines among them are titles and captions. Where that is wide, lines of a list do not count.
 */
function widthOfWraps(table: LineTable, seams: SeamTable, runningOn: readonly number[]): number {
  const closest = Math.min(...runningOn.map((seam) => seams.blanks[seam]!));
  const close = runningOn.filter((seam) => seams.blanks[seam] === closest && !seams.turn[seam]);
  const width = widestUnglued(close.map((seam) => edgeInCharacters(table, seams.line[seam]!)));
  if (width < NARROWEST_COLUMN || isHardlyReached(table, seams, width)) return 0;
  const telling = width < WIDER_THAN_VERSE ? close : close.filter((seam) => !isShort(table, seams, width, seam));
  const full = telling.filter((seam) => roomOf(table, seams, width, seam) < 0);
  // One cut short or two are enough where every line stands apart and some stand farther apart: that is how lines are spaced.
  const isSpaced = closest > 0 && width >= WIDER_THAN_VERSE && hasWider(seams, closest);
  const isCut = full.some((seam) => (table.flags[seams.line[seam]!]! & ENDS_INSIDE) !== 0);
  const fewestClose = width < NARROWEST_OF_FEW ? FEWEST_WRAPS_OF_COLUMN : FEWEST_WRAPS;
  const fewest = isSpaced ? (isCut ? 1 : FEWEST_WRAPS_SPACED) : fewestClose;
  return full.length >= Math.max(fewest, telling.length * SHARE_OF_WRAPS) ? width : 0;
}

/** Line ends of a paragraph, none of which left room for the next word: that so many do not is no chance. */
const FEWEST_FULL = 3;

/**
 * The width of a paragraph of which every line but the last is full, if its words run on at one of them at least; 0 where there is none.
 * Other lines, such as those of verse, may be wider.
 */
function widthOfFullGroup(table: LineTable, seams: SeamTable, runningOn: readonly number[]): number {
  const closest = Math.min(...runningOn.map((seam) => seams.blanks[seam]!));
  let next = 0;
  let found = 0;
  for (let first = 0; first < seams.count;) {
    let last = first;
    while (last < seams.count && seams.blanks[last] === closest && !seams.turn[last]) last++;
    while (next < runningOn.length && runningOn[next]! < first) next++;
    const runs = next < runningOn.length && runningOn[next]! < last;
    if (runs && last - first >= FEWEST_FULL && isFullGroup(table, seams, first, last))
      found = Math.max(found, widestEdge(table, seams.line.subarray(first, last + 1)));
    first = Math.max(last, first + 1);
  }
  return found;
}

/** Most lines are far wider: they are paragraphs that nobody wrapped, and those that run on are headings that end in a small word. */
function isHardlyReached(table: LineTable, seams: SeamTable, width: number): boolean {
  let wider = 0;
  for (let seam = 0; seam < seams.count; seam++)
    if (edgeInCharacters(table, seams.line[seam]!) > width * OVERLONG) wider++;
  return wider * 2 > seams.count;
}

function startsLower({ flags }: LineTable, { line }: SeamTable, seam: number): boolean {
  return (flags[line[seam]!]! & Flag.startsLower) !== 0;
}

function hasWider({ blanks }: SeamTable, closest: number): boolean {
  return blanks.some((count) => count > closest);
}

const FEWEST_WRAPS = 3;
/** A column of a newspaper, in characters; so narrow lines are full by chance more often. */
const NARROWEST_COLUMN = 18;
const FEWEST_WRAPS_OF_COLUMN = 8;
const FEWEST_WRAPS_SPACED = 2;
const SHARE_OF_WRAPS = 0.9;

/**
 * Of seams whose words run on, those that tell whether lines wrap: over a wider gap than most the words may begin anew in small
 * letters, and a list has no full line. Where no group of lines has a full one, all without a wider gap.
 */
function besideFull(
  table: LineTable,
  seams: SeamTable,
  widest: number,
  runningOn: readonly number[],
): readonly number[] {
  const closest = Math.min(...runningOn.map((seam) => seams.blanks[seam]!));
  const close = runningOn.filter((seam) => seams.blanks[seam] === closest && !seams.turn[seam]);
  const groupOf = (seam: number) => {
    let first = seam;
    while (first > runningOn[0]! && seams.blanks[first - 1]! <= closest) first--;
    return first;
  };
  const withFull = new Set(close.filter((seam) => roomOf(table, seams, widest, seam) < 0).map(groupOf));
  const beside = withFull.size === 0 ? close : close.filter((seam) => withFull.has(groupOf(seam)));
  return besideShort(table, seams, widest, beside);
}

/**
 * Those of some seams that tell whether the prose of a text wraps: an address, a list or a verse among paragraphs says nothing of how
 * these do. All of them, where the lines that are not short are not mostly full ones, as wide as prose.
 */
function besideShort(table: LineTable, seams: SeamTable, widest: number, close: readonly number[]): readonly number[] {
  const others = close.filter((seam) => !isShort(table, seams, widest, seam));
  const rooms = others.map((seam) => roomOf(table, seams, widest, seam));
  const full = rooms.filter((room) => room < NEARLY_FULL).length;
  const areFull = full >= rooms.length * SHARE_OF_FULL && rooms.some((room) => room < 0);
  return widest >= WIDER_THAN_VERSE && areFull ? others : close;
}

/**
 * A line that was meant to be short. What is set in may be wrapped in a measure of its own, and no line is meant to end in "the", though
 * one may end in "and" before a term in quotation marks.
 */
function isShort(table: LineTable, seams: SeamTable, widest: number, seam: number): boolean {
  const line = seams.line[seam]!;
  const isCut = table.flags[line]! & ENDS_INSIDE && !(table.flags[seams.line[seam + 1]!]! & Flag.startsQuote);
  if (table.indent[line]! >= STEP_COLUMNS || isCut) return false;
  return roomOf(table, seams, widest, seam) >= ROOM_OF_SHORT;
}

/** In a short text all lines are held against one width, in characters. */
function roomOf(table: LineTable, seams: SeamTable, widest: number, seam: number): number {
  return roomWithin(table, seams, 'characters', widest, seam);
}

const NARROWEST_OF_FEW = 24;
const RELIABILITY_OF_FEW = 0.9;
const RELIABILITY_OF_ONE = 0.6;
/** Room for the next word, as a share of the measure, and the share of lines with it, that no wrapped text has. */
const ROOM_OF_LINES = 0.15;
const SHARE_OF_LINES = 1 / 3;
/** A share of the measure too; a third of the lines with so much room are refrains. */
const ROOM_OF_REFRAINS = 0.3;
/** So many lines in a row that all end in commas are verse, however wide; where two in three do, if one leaves room. */
const FEWEST_VERSES = 3;
/** Lines that run on: more of them have a measure, or wrap as they like. */
const MOST_OF_A_SHORT_TEXT = 30;
/** Two lines have no lengths in common. */
const FEWEST_LINES = 3;
/** Two lines as wide as this that end at the same place were wrapped, whatever else is among them. */
export const WIDE = 45;
/** A share of the measure: so much room is left by lines that were meant to be short, whatever stands around them. */
export const ROOM_OF_SHORT = 0.4;
/** In proportional type lines of one width have more characters or fewer. */
const NEARLY_FULL = 0.05;
const SHARE_OF_FULL = 0.75;
/** Verse may have a few lines as wide as the others, but hardly wider than this. */
export const WIDER_THAN_VERSE = 55;

/** In characters: nobody breaks a line of a list or a verse there; and a share of the measure. */
export const LONG = 70;
const ROOM_OF_LONG = 0.2;

/** A line that ends so was wrapped, or cut: none is meant to. */
export const ENDS_INSIDE = Flag.endsHyphen | Flag.endsFunctionWord | Flag.endsInAddress;

/** What the lengths of lines say of a short text. */
export type LinesOfFew = 'wrapped' | 'meant' | 'open';

/**
 * Whether the lines of a short text wrap, or end where they were meant to, as in lists and verse: then they are very narrow, or too
 * many of those that run on leave room for the next word. `running` are the seams whose words surely run on.
 */
export function lookAtFew(table: LineTable, seams: SeamTable, running: readonly number[]): LinesOfFew {
  const runningOn = withoutCutFirst(table, seams, running);
  if (runningOn.length === 0 || runningOn.length > MOST_OF_A_SHORT_TEXT) return 'open';
  const lines = seams.line;
  if (lines.length < FEWEST_LINES) return 'open';
  const wraps = widthOfWraps(table, seams, runningOn) || widthOfFullGroup(table, seams, runningOn);
  const widest = wraps || widestOfFew(table, seams, lines, runningOn);
  // Signs and letters in one line are no characters of one width.
  if (lines.some((line) => table.flags[line]! & (Flag.startsCjk | Flag.endsCjk))) return 'open';
  const close = besideFull(table, seams, widest, runningOn);
  if (isOneAmongShort(table, seams, lines, widest, close)) return 'meant';
  // Of wrapped lines one in ten ends in a comma.
  const isVerse = close.length > 1 && close.every((seam) => table.flags[seams.line[seam]!]! & Flag.endsComma);
  if (isVerse && (widest < WIDE || close.length >= FEWEST_VERSES)) return 'meant';
  const rooms = close.map((seam) => roomOf(table, seams, widest, seam));
  const pauses = close.filter((seam) => table.flags[seams.line[seam]!]! & Flag.endsComma).length;
  const isLoose = close.length >= FEWEST_VERSES && rooms.some((room) => room > ROOM_OF_LINES);
  if (isLoose && pauses * 3 >= close.length * 2 && widest < WIDER_THAN_VERSE) return 'meant';
  const full = rooms.filter((room) => room < 0).length;
  // Between paragraphs that stand apart one or another may go on: that is no wrap.
  const isTight = close.every((seam) => seams.blanks[seam] === 0);
  const isWrap = isTight || full * 2 > seams.count || wraps > 0;
  // Nobody wraps a line at half its width: refrains are set so. What is left of a line that was wrapped twice ends where it likes.
  const isFull = new Set(close.filter((_, at) => rooms[at]! < 0));
  const whole = rooms.filter((_, at) => !isFull.has(close[at]! - 1) || !startsLower(table, seams, close[at]!));
  const isCutShort = whole.filter((room) => room > ROOM_OF_REFRAINS).length * 3 >= whole.length;
  if (widest >= WIDE && isWrap && full > 0 && (full > 1 || rooms.length === 1) && !isCutShort) return 'wrapped';
  // Lines so long are prose: in proportional type their lengths differ, but not by much.
  const areLong = close.every((seam, at) => table.chars[seams.line[seam]!]! >= LONG && rooms[at]! <= ROOM_OF_LONG);
  if (isTight && close.length > 1 && areLong) return 'wrapped';
  // Hardly any line is meant to end in "the", or within a word.
  const cut = close.filter((seam) => table.flags[seams.line[seam]!]! & ENDS_INSIDE);
  if (cut.length * 2 >= close.length || cut.some((seam) => table.flags[seams.line[seam]!]! & Flag.endsHyphen))
    return 'open';
  if (widest < narrowestOf(table, lines) && wraps === 0) return 'meant';
  return rooms.filter((room) => room > ROOM_OF_LINES).length >= Math.max(1, rooms.length * SHARE_OF_LINES)
    ? 'meant'
    : 'open';
}
