import type { LineIndex } from '../../text/line-index.ts';
import { LineKind } from '../line-kind.ts';
import {
  findClockTimes,
  readArrowLine,
  readCueTag,
  readFields,
  readTimeInWords,
  type Bracket,
  type ClockTime,
} from './clock.ts';

/**
 * Where in its line a time stands: alone, before the words, behind them, among them, beside the name of who speaks with the words below,
 * or between that name and a colon with the words behind.
 */
export type Place = 'alone' | 'before' | 'behind' | 'among' | 'name' | 'label';

/** A time of the text. Offsets are those of the source, times ms. */
export interface TimeSpot {
  readonly line: number;
  readonly from: number;
  /** The space that parts it from words is no part of it. */
  readonly to: number;
  readonly start: number;
  /** NaN where the place tells a start alone. */
  readonly end: number;
  readonly bracket: Bracket;
  readonly place: Place;
  /** Written as caption files write it: nothing else is. */
  readonly isSure: boolean;
  readonly isExact: boolean;
  readonly hasHours: boolean;
}

const CLOCK_LOOK =
  /\d:[0-5]\d|\dm ?[0-5]?\ds|\[\d{1,2}s\]|^[ \t]*<(?:p|text)[ \t][^<>\n]*?\b(?:begin|start)="|^[ \t]*\d{1,4} ?(?:hours?|hrs?|minutes?|mins?|min|seconds?|secs?|sec)\b|^[ \t\ufeff]*\{\d{1,7}\}\{/gm;

/** All times of a text, in order. Linear in its length. */
export function findTimeSpots(source: string, index: LineIndex, kind: Uint8Array): TimeSpot[] {
  const spots: TimeSpot[] = [];
  let line = 0;
  let done = -1;
  for (const { index: at } of source.matchAll(CLOCK_LOOK)) {
    while (line + 1 < index.count && index.next[line]! <= at) line++;
    if (line === done || kind[line] === LineKind.blank) continue;
    done = line;
    addSpots(source, index, kind, line, spots);
  }
  return placeByNumbers(source, index, placeByHandles(source, index, kind, spots));
}

const COUNT = /^\s*(\d{1,5})[.):]?\s+$/;
const FEWEST_NUMBERED = 3;

/** A number that counts on from line to line before the first time of each belongs to the time: it leads the words. */
function placeByNumbers(source: string, index: LineIndex, spots: readonly TimeSpot[]): TimeSpot[] {
  const numberAt = (at: number): number => {
    const { line, from, place } = spots[at]!;
    if (place !== 'among' || spots[at - 1]?.line === line) return NaN;
    return Number(COUNT.exec(source.slice(index.from[line], from))?.[1] ?? NaN);
  };
  const numbers = spots.map((_, at) => numberAt(at));
  const heads = numbers.flatMap((number, at) => (Number.isNaN(number) ? [] : [at]));
  const counted = heads.filter((at, place) => place > 0 && numbers[at] === numbers[heads[place - 1]!]! + 1);
  if (counted.length < FEWEST_NUMBERED - 1 || counted.length < heads.length - 1) return [...spots];
  const leads = new Set(heads.map((at) => spots[at]!.line));
  return spots.map((spot, at) => {
    if (!leads.has(spot.line) || spot.place !== 'among') return spot;
    const from = Number.isNaN(numbers[at]!) ? spot.from : index.from[spot.line]!;
    const isFirst = from < spot.from || /^[\s–—-]*$/.test(source.slice(spots[at - 1]!.to, spot.from));
    return isFirst && mayLead(source.slice(spot.from, index.to[spot.line]), spot.to - spot.from, spot.bracket)
      ? { ...spot, from, place: 'before' as const }
      : spot;
  });
}

/** A name in small letters or with figures, as people have on the web. */
const HANDLE = /^@?[\p{L}\p{N}][\p{L}\p{N}_.-]{1,24}:?$/u;
const FEWEST_TURNS = 3;

/** Times beside one word that comes again and again, or between it and a colon, stand beside the name of who speaks. */
function placeByHandles(source: string, index: LineIndex, kind: Uint8Array, spots: readonly TimeSpot[]): TimeSpot[] {
  const found = spots.map((spot, at): { readonly handle: string; readonly place: Place } | undefined => {
    const { line, from, to, place, isSure } = spot;
    if (isSure || place === 'alone' || place === 'name' || place === 'label') return undefined;
    if (spots[at - 1]?.line === line || spots[at + 1]?.line === line) return undefined;
    const before = source.slice(index.from[line], from).trim();
    const behind = source.slice(to, index.to[line]).trim();
    if (before !== '' && HANDLE.test(before) && /^: ?\S/.test(behind)) return { handle: before, place: 'label' };
    const handle = before + behind;
    if ((before !== '' && behind !== '') || !HANDLE.test(handle)) return undefined;
    return wordsFollow(source, index, kind, line) ? { handle, place: 'name' } : undefined;
  });
  const turns = new Map<string, number>();
  let all = 0;
  for (const one of found) {
    if (!one) continue;
    turns.set(one.handle, (turns.get(one.handle) ?? 0) + 1);
    all++;
  }
  // Each comes twice, on the average.
  if (all < FEWEST_TURNS || all < turns.size * 2 - 1) return [...spots];
  return spots.map((spot, at) => (found[at] ? { ...spot, place: found[at].place } : spot));
}

const LONGEST_NAME = 40;
/** What a person is called, in one line: a colon may end it. */
export const NAME =
  /^(?:\p{Lu}[\p{L}\p{M}\p{N}.'’-]*|(?:de|da|di|du|van|von|der|den|la|le|af|bin|al)|\d{1,2})(?:[ \t]+(?:\p{Lu}[\p{L}\p{M}\p{N}.'’-]*|(?:de|da|di|du|van|von|der|den|la|le|af|bin|al)|\d{1,2}|[A-Z])){0,4}[ \t]*:?$/u;

function addSpots(source: string, index: LineIndex, kind: Uint8Array, line: number, spots: TimeSpot[]): void {
  const from = index.from[line]!;
  const to = index.to[line]!;
  const text = source.slice(from, to);
  const arrow = readArrowLine(text);
  if (arrow) {
    const { start, end, isExact } = arrow;
    spots.push({ line, from, to, start, end, bracket: '', place: 'alone', isSure: isExact, isExact, hasHours: true });
    return;
  }
  const fields = readFields(text) ?? (text.includes('<') ? readCueTag(text) : undefined);
  if (fields) {
    const { start, end } = fields;
    const sure = { isSure: true, isExact: true, hasHours: true };
    const bracket = text.startsWith('{') ? '{' : '';
    spots.push({ line, from, to: from + fields.to, start, end, bracket, place: 'before', ...sure });
    return;
  }
  const times = findClockTimes(text);
  if (times.length > 0) for (const spot of placed(source, index, kind, line, text, times)) spots.push(spot);
  else {
    const start = readTimeInWords(text);
    if (start === undefined) return;
    const loose = { isSure: false, isExact: false, hasHours: false };
    spots.push({ line, from, to, start, end: NaN, bracket: '', place: 'alone', ...loose });
  }
}

/** The times of a line with their places. */
function placed(
  source: string,
  index: LineIndex,
  kind: Uint8Array,
  line: number,
  text: string,
  times: readonly ClockTime[],
): TimeSpot[] {
  const lineFrom = index.from[line]!;
  const between = [...times, undefined].map((time, at) => text.slice(times[at - 1]?.to ?? 0, time?.from));
  const rest = between.join(' ').trim();
  const isAlone = !/[\p{L}\p{N}]/u.test(rest);
  // Names are told by what follows: the words that are spoken, on lines of their own.
  const name = isAlone || times.length > 1 ? undefined : readName(text, times[0]!);
  const isName = name !== undefined && wordsFollow(source, index, kind, line);
  const isLabel = !isAlone && times.length === 1 && isBehindName(text, times[0]!);
  const isParted = (from: number, to?: number) => text.slice(from, to).trim() === '';
  let before = 0;
  while (before < times.length && isParted(times[before - 1]?.to ?? 0, times[before]!.from)) before++;
  let behind = times.length;
  while (behind > before && isParted(times[behind - 1]!.to, times[behind]?.from)) behind--;
  // Field by field: there may be hundreds of thousands, and gathering the rest of an object is slow.
  return times.map(({ from, to, start, end, bracket, isExact, hasArrow, hasHours }, at) => ({
    line,
    from: lineFrom + (isName ? name.from : from),
    to: lineFrom + (isName ? name.to : to),
    start,
    end,
    bracket,
    isExact,
    hasHours,
    place: isAlone
      ? 'alone'
      : isName
        ? 'name'
        : isLabel
          ? 'label'
          : at < before && (hasArrow || mayLead(text, to, bracket))
            ? 'before'
            : at >= behind
              ? 'behind'
              : 'among',
    isSure: hasArrow && (isExact || at < before),
  }));
}

/** What may part a name from the time behind it, and a time from the name behind it. */
const BEHIND_NAME = /(?:(?<=\s)[—–|·•@/-]|,)\s*$/u;
const BEFORE_NAME = /^\s*(?:[—–|·•@/:-](?=\s))/u;

/** Where a line is a name and a time, the time with the sign that parts them; undefined where it is something else. */
function readName(text: string, { from, to }: ClockTime): { readonly from: number; readonly to: number } | undefined {
  const [head, tail] = [text.slice(0, from), text.slice(to)];
  const start = tail.trim() === '' ? (BEHIND_NAME.exec(head)?.index ?? from) : from;
  const end = head.trim() === '' ? to + (BEFORE_NAME.exec(tail)?.[0].length ?? 0) : to;
  const rest = `${text.slice(0, start)} ${text.slice(end)}`.trim();
  const isName = rest.length <= LONGEST_NAME && NAME.test(rest.replace(/^\[(.*)\](:?)$/, '$1$2'));
  return isName ? { from: start, to: end } : undefined;
}

/** "Ida 0:07: So you came": the name before it, or what may be a handle, and a colon and words behind. */
export function isBehindName(text: string, { from, to }: Pick<ClockTime, 'from' | 'to'>, mayBeHandle = false): boolean {
  const name = text.slice(0, from).trim();
  const isName = name.length <= LONGEST_NAME && (NAME.test(name) || (mayBeHandle && HANDLE.test(name)));
  return isName && /^[ \t]?:[ \t]+\S/.test(text.slice(to, to + 4));
}

/** What stands behind a time that leads: words, after a space where no bracket closes it; a column sign makes it a cell. */
function mayLead(text: string, to: number, bracket: Bracket): boolean {
  const behind = text.slice(to, to + 12);
  if (/^[ \t]*[[(<]/.test(behind)) return true;
  return bracket === ''
    ? /^(?:(?:[ \t]*[:–-])?[ \t]+[^\s|–-]|\p{L})/u.test(behind)
    : /^(?:[ \t]*[:–-])?[ \t]*[^\s|]/.test(behind);
}

/** Whether the next line holds words and no time; a blank one may part them. */
function wordsFollow(source: string, index: LineIndex, kind: Uint8Array, line: number): boolean {
  const next = kind[line + 1] === LineKind.blank ? line + 2 : line + 1;
  if (next >= index.count || kind[next] === LineKind.blank) return false;
  const text = source.slice(index.from[next], index.to[next]);
  return /\p{L}/u.test(text) && findClockTimes(text).length === 0;
}
