import { firstWhere } from '../../text/first-where.ts';
import { isCalled } from './caption-names.ts';
import type { TimeSpot } from './time-spots.ts';

/**
 * Whether times are codes, which tell when words of a recording are spoken, or content, such as hours of the day, a programme or
 * the parts of a film. Nothing that one time looks like tells; times of one form and place are judged together, by log odds that
 * were set by reasoning: speech runs at 5 to 30 characters a second, its times rise, fall on any second, and cut sentences.
 */

/** Times that are judged as one. */
export interface TimeGroup {
  readonly key: string;
  readonly spots: readonly TimeSpot[];
  /** Log odds that they are codes. */
  readonly odds: number;
}

const SURE = 9;
const FAST = 30;
const SLOW = 5;
const VERY_SLOW = 2;
const CROWDED = 45;
/** Up to this time a recording begins, ms. */
const BEGINNING = 60_000;
const HOUR = 3_600_000;
/** From here on a time with hours is most likely one of the day, ms. */
const OF_THE_DAY = 3 * HOUR;
/** From here on minutes and seconds may be hours and minutes, ms. */
const MAY_BE_OF_THE_DAY = 360_000;
/** As minutes and seconds, ms. */
const MIDNIGHT = 24 * 60_000;

export function judgeTimes(source: string, spots: readonly TimeSpot[]): TimeGroup[] {
  const groups = new Map<string, TimeSpot[]>();
  for (const spot of spots) {
    const key = keyOf(spot);
    const group = groups.get(key);
    if (group) group.push(spot);
    else groups.set(key, [spot]);
  }
  return adoptStrays([...groups].map(([key, members]) => ({ key, spots: members, odds: oddsOf(source, members) })));
}

/** Of the group that others may belong to. */
const FEWEST_OF_CODES = 3;
const SURE_CODES = 4;

/**
 * A time or two that stand elsewhere in their lines than all others, since those were wrapped, are what these are if they are written
 * alike and each falls between its neighbours.
 */
function adoptStrays(groups: TimeGroup[]): TimeGroup[] {
  const codes = groups
    .filter(({ odds, spots }) => odds >= SURE_CODES && spots.length >= FEWEST_OF_CODES && !spots[0]!.isSure)
    .sort((a, b) => b.spots.length - a.spots.length)[0];
  if (!codes) return groups;
  return groups.map((group) => {
    const isStray = group.odds < codes.odds && group.spots.length * 2 <= codes.spots.length;
    if (!isStray || !group.spots.every((spot) => fitsIn(codes.spots, spot))) return group;
    return { ...group, odds: codes.odds };
  });
}

function fitsIn(codes: readonly TimeSpot[], { from, start, place, bracket, isExact, hasHours }: TimeSpot): boolean {
  const like = codes[0]!;
  if (bracket !== like.bracket || isExact !== like.isExact || hasHours !== like.hasHours) return false;
  if (place === 'among' && bracket === '') return false;
  const next = firstWhere(codes.length, (at) => codes[at]!.from > from);
  return (codes[next - 1]?.start ?? -1) < start && start < (codes[next]?.start ?? Infinity);
}

/** In brackets times look alike wherever they stand; without, the place tells them apart. */
function keyOf({ isSure, bracket, place, hasHours, isExact }: TimeSpot): string {
  if (isSure) return 'sure';
  return bracket === ''
    ? `${place}${hasHours ? ':' : ''}${isExact ? '.' : ''}`
    : `${bracket}${place === 'name' || place === 'label' ? place : ''}`;
}

function oddsOf(source: string, spots: readonly TimeSpot[]): number {
  const first = spots[0]!;
  if (first.isSure) return SURE;
  // Among words a bare time is part of what they say.
  if (first.place === 'among' && first.bracket === '') return -SURE;
  const { length } = spots;
  const steps = spots.slice(1).map((spot, at) => spot.start - spots[at]!.start);
  let odds = BRACKET_ODDS[first.bracket] + (PLACE_ODDS[first.place] ?? 0);
  if (share(spots, ({ isExact }) => isExact) > 0.5) odds += 4;
  if (LETTERED.test(source.slice(first.from, first.to))) odds -= 3;
  if (first.start < BEGINNING || isFirstHour(first)) odds += 2;
  else if (first.hasHours ? first.start >= OF_THE_DAY : first.start >= MAY_BE_OF_THE_DAY)
    odds -= first.hasHours ? 4 : isOfMessages(spots) ? 5 : 1.5;
  // Two may agree by chance.
  if (length < 2) return odds - 0.5;
  const rises = share(steps, (step) => step >= 0);
  if (rises < 0.8) odds -= 3;
  else if (length > 2) odds += 1;
  if (length > 2 && share(steps, (step) => step === 1000) > 0.6) odds -= 6;
  if (length > 2 && share(steps, (step) => step === 0) > 0.2 && first.place !== 'alone') odds -= 2;
  odds += speedOdds(source, spots, steps);
  if (
    first.place === 'behind' &&
    first.bracket === '' &&
    share([...steps.keys()], (at) => hasLinesBetween(source, spots, at)) > 0.5
  )
    odds -= 3;
  if (length > 2)
    odds += share(spots, ({ start }) => Math.round(start / 1000) % 5 === 0) > 0.99 ? -Math.min(4, length * 0.6) : 1;
  // The times of a race stand beside a name each; people say more in a breath.
  if (
    length >= FEWEST_RESULTS &&
    !first.bracket &&
    share([...steps.keys()], (at) => isOfFewWords(source, spots, at)) > 0.9
  )
    odds -= 5;
  if (share(spots, (spot) => cutsSentence(source, spot)) > 0.25)
    odds += first.bracket === '' && areEntries(spots) ? 0 : 3;
  else if (length > 2 && share(spots, (spot) => headsAnEntry(source, spot)) > 0.8) odds -= 2;
  return odds;
}

/** "Ida 21:14" above what she wrote: hours and minutes, if none is past midnight; a recording would have begun long before. */
function isOfMessages(spots: readonly TimeSpot[]): boolean {
  return spots.every(({ place, bracket, isExact, start }) => {
    return place === 'name' && bracket === '' && !isExact && start < MIDNIGHT;
  });
}

/** "00:10:02": hours of the day hardly begin with midnight. */
function isFirstHour({ hasHours, start }: TimeSpot): boolean {
  return hasHours && start < HOUR;
}

/** "0m 04s", "[3s]": so durations are written, and the times of programs. */
const LETTERED = /\ds\W*$/i;
const BRACKET_ODDS = { '': 0, '[': 1.5, '(': 0.5, '<': 1.5, '{': 1 } as const;
const PLACE_ODDS: Partial<Record<TimeSpot['place'], number>> = { name: 1.5, label: 1.5, alone: 0.5, behind: -0.5 };

/** By the characters between two times and the time between them, where any passes. */
function speedOdds(source: string, spots: readonly TimeSpot[], steps: readonly number[]): number {
  const speeds = steps
    .map((step, at) => ({ step, chars: spokenLength(source, spots[at]!.to, spots[at + 1]!.from) }))
    .filter(({ step }) => step > 0)
    .map(({ step, chars }) => (chars * 1000) / step)
    .sort((a, b) => a - b);
  if (speeds.length === 0) return -1;
  const middle = speeds[speeds.length >> 1]!;
  if (middle >= SLOW && middle <= FAST) return 2;
  if (middle < 1) return -4;
  if (middle < VERY_SLOW) return -2;
  return middle > CROWDED ? -2 : 0;
}

/** From here on a sign is a syllable or a word, for Chinese, Japanese and Korean. */
const FIRST_OF_SYLLABLES = 0x2e80;
const LAST_OF_SYLLABLES = 0xd7ff;

/** How much is said from..to, in characters of an alphabet: a sign for a syllable stands for two. */
function spokenLength(source: string, from: number, to: number): number {
  let length = to - from;
  for (let at = from; at < to; at++) {
    const code = source.charCodeAt(at);
    if (code >= FIRST_OF_SYLLABLES && code <= LAST_OF_SYLLABLES) length++;
  }
  return length;
}

const FEWEST_RESULTS = 4;
/** Of a name. */
const MOST_SYLLABLES = 7;
/** Words between two times, with their spaces and numbers. */
const FEW_WORDS = /^\s*(?:\S+\s+){1,3}$/;

function isOfFewWords(source: string, spots: readonly TimeSpot[], at: number): boolean {
  const from = spots[at]!.to;
  const to = spots[at + 1]!.from;
  if (to - from >= 40 || !FEW_WORDS.test(source.slice(from, to))) return false;
  // Chinese and Japanese have no spaces between words.
  return spokenLength(source, from, to) - (to - from) < MOST_SYLLABLES;
}

/** Lines of captions each end with their time; a message is shown with the time of its day, and several may come between two. */
const MOST_LINES_BETWEEN = 3;

function hasLinesBetween(source: string, spots: readonly TimeSpot[], at: number): boolean {
  const { line, to } = spots[at]!;
  const next = spots[at + 1]!;
  if (next.line - line <= MOST_LINES_BETWEEN) return false;
  return source.slice(to, next.from).split(/\n\s*/).length - 1 > MOST_LINES_BETWEEN;
}

/** Of the longest, in characters: captions are about as long as one another, entries of a log as long as what they tell. */
const SHARE_OF_LONGEST = 0.5;
const SHARE_OF_SHORT = 0.6;

/** Whether the words between most times are far shorter than those between some. */
function areEntries(spots: readonly TimeSpot[]): boolean {
  const lengths = spots.slice(1).map(({ from }, at) => from - spots[at]!.to);
  const longest = lengths.reduce((most, length) => Math.max(most, length), 0);
  return (
    lengths.length >= FEWEST_OF_CODES &&
    share(lengths, (length) => length < longest * SHARE_OF_LONGEST) > SHARE_OF_SHORT
  );
}

/** Whether the words before a time go on behind it. */
function cutsSentence(source: string, spot: TimeSpot): boolean {
  if (isCalled(source, spot)) return false;
  const { from, to } = spot;
  const after = /^[\s:–-]*(\S)/.exec(source.slice(to, to + 12))?.[1] ?? '';
  if (!/\p{Ll}/u.test(after)) return false;
  const before = /(\S)\s*$/.exec(source.slice(Math.max(0, from - 12), from))?.[1] ?? '.';
  return !/[.!?…:]/.test(before);
}

/** Whether a time stands before a title: words that begin with a capital and end nothing, up to the end of the line. */
function headsAnEntry(source: string, { to }: TimeSpot): boolean {
  const words = /^[^\n\r]{0,200}/.exec(source.slice(to, to + 200))![0].trim();
  return /^[^\p{L}\p{N}]*[\p{Lu}\p{N}]/u.test(words) && !/[.!?…,;:"”’»)–—-]$/.test(words);
}

function share<T>(values: readonly T[], holds: (value: T) => boolean): number {
  return values.length === 0 ? 1 : values.filter(holds).length / values.length;
}
