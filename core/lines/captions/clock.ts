/**
 * One grammar for times, wherever they stand: "0:04", "[00:01:12]", "(1:02:03,5)", "00:00:03:05" with frames, "1 minute, 12
 * seconds"; two of them with an arrow, a dash, a comma, a tab or a space between are a start and an end. Times are in ms.
 */

/** A place in a line that names a time. */
export interface ClockTime {
  /** Offsets in the line, brackets and cue settings included. */
  readonly from: number;
  readonly to: number;
  readonly start: number;
  /** NaN where the place tells a start alone. */
  readonly end: number;
  readonly bracket: Bracket;
  /** Fractions of a second, or frames: more exact than people write of anything but recordings. */
  readonly isExact: boolean;
  readonly hasArrow: boolean;
  /** Hours are written. */
  readonly hasHours: boolean;
}

export type Bracket = '' | '[' | '(' | '<' | '{';

const CLOSING: Readonly<Record<string, string>> = { '[': ']', '(': ')', '<': '>', '{': '}' };
const CLOCK = String.raw`(?:\d{1,3}:)?[0-5]?\d:[0-5]\d(?:[:;]\d{2}(?!\d)|[.,]\d{1,3}(?![\d:]))?(?=$|[\s\])>}[(<{,;.:!?"'”’»|–—-])(?!:\d)`;
const BETWEEN = String.raw`[ \t]*-{1,2}>[ \t]*|[ \t]*[-–—,][ \t]*|[ \t]+(?:to[ \t]+)?`;
const SETTINGS = String.raw`(?:[ \t]+(?:align|position|line|size|vertical|region):\S+|[ \t]+[XY][12]:\d+)*`;
/** A time of the day says so. */
const OF_THE_DAY = String.raw`(?![ \t]?(?:[ap]\.?m\b|uhr\b|h\b|o['’]clock))`;
const TIME = new RegExp(
  String.raw`([[(<{]?)[ \t]?(?<=^|[\s[(<{>|"'“‘«])(${CLOCK})(?:(${BETWEEN})(${CLOCK})${SETTINGS})?${OF_THE_DAY}[ \t]?([\])>}]?)`,
  'giu',
);
/** At 25 frames a second. */
const FRAME = 40;

/** All times of a line, in order. */
export function findClockTimes(line: string): ClockTime[] {
  const times: ClockTime[] = [];
  for (const match of line.matchAll(TIME)) {
    const [whole, open = '', first, between, second, close = ''] = match;
    const isPair = open !== '' && CLOSING[open] === close;
    // A bracket without its fellow belongs to the words.
    const from = match.index + (isPair ? 0 : whole.indexOf(first!));
    const last = second ?? first!;
    const to =
      isPair || close === ''
        ? match.index + whole.trimEnd().length
        : match.index + whole.lastIndexOf(last) + last.length;
    times.push({
      from,
      to,
      start: toMilliseconds(first!),
      end: second === undefined ? NaN : toMilliseconds(second),
      bracket: isPair ? (open as Bracket) : '',
      isExact: isExact(first!) && (second === undefined || isExact(second)),
      hasArrow: between?.includes('>') ?? false,
      hasHours: /:\d\d:/.test(first!),
    });
  }
  return times;
}

function isExact(clock: string): boolean {
  return /[.,;]|:\d\d:\d\d:/.test(clock);
}

const IN_WORDS =
  /^\s*(?=\d)(?:(\d+) ?(?:hours?|hrs?|h))?,? ?(?:(\d+) ?(?:minutes?|mins?|min|m))?,? ?(?:(\d+) ?(?:seconds?|secs?|sec|s))?\s*$/;

/** A line that is a time in words and nothing else: "1 minute, 12 seconds". */
export function readTimeInWords(line: string): number | undefined {
  const match = IN_WORDS.exec(line);
  if (!match || (!match[1] && !match[2] && !match[3])) return undefined;
  return ((Number(match[1] ?? 0) * 60 + Number(match[2] ?? 0)) * 60 + Number(match[3] ?? 0)) * 1000;
}

/** Of a clock that the expressions above let through: "1:02:03,5" is an hour, two minutes, three seconds and a half. */
function toMilliseconds(clock: string): number {
  const [whole, fraction] = clock.split(/[.,;]/) as [string, string?];
  const parts = whole.split(':').map(Number);
  const frames = clock.includes(';') ? Number(fraction) : parts.length === 4 ? parts.pop()! : 0;
  const seconds = parts.reduce((sum, part) => sum * 60 + part, 0);
  const rest = fraction && !clock.includes(';') ? Number(`0.${fraction}`) * 1000 : frames * FRAME;
  return Math.round(seconds * 1000 + rest);
}

const EVENT = /^(?:Dialogue|Comment):\s*\d+,([\d:.]+),([\d:.]+),(?:[^,]*,){6}/;
const FRAMES = /^\{(\d{1,7})\}\{(\d{0,7})\}/;

/** The start of a line that some caption files have before the words: fields parted by commas, or frames in braces. */
export function readFields(line: string): Pick<ClockTime, 'to' | 'start' | 'end'> | undefined {
  const event = EVENT.exec(line);
  if (event) return { to: event[0].length, start: toMilliseconds(event[1]!), end: toMilliseconds(event[2]!) };
  const frames = FRAMES.exec(line);
  if (!frames) return undefined;
  const end = frames[2] === '' ? NaN : Number(frames[2]) * FRAME;
  return { to: frames[0].length, start: Number(frames[1]) * FRAME, end };
}
