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
/** Where a page had the time above the words and the copy has nothing between them: "0:03and you can". */
const GLUED = String.raw`(?<=^[ \t]*(?:\d{1,2}:)?[0-5]?\d:[0-5]\d)(?=\p{L})`;
/** An apostrophe between it and a letter makes it the inside of a word: "mained'0:04", "the 0:04's". */
const CLOCK = String.raw`(?:\d{1,3}:)?[0-5]?\d:[0-5]\d(?:[:;]\d{2}(?!\d)|[.,]\d{1,3}(?!\d|:\d))?(?:${GLUED}|(?=$|[\s\])>}[(<{,;.:!?"”»|–—-]|['’](?![\p{L}\p{N}]))(?!:\d))`;
/** With letters for signs: "0m 04s", "1h02m03s"; in square brackets, where a line begins, seconds alone, too. */
const LETTERED = String.raw`(?:\d{1,2}h ?)?[0-5]?\dm ?[0-5]?\ds(?![\p{L}\p{N}])|(?<=^[ \t]*\[)\d{1,2}s(?=\])`;
const BETWEEN = String.raw`[ \t]*-{1,2}>[ \t]*|[ \t]*[-–—,][ \t]*|[ \t]+(?:to[ \t]+)?`;
const SETTINGS = String.raw`(?:[ \t]+(?:align|position|line|size|vertical|region):\S+|[ \t]+[XY][12]:\d+)*`;
/** A time of the day says so. */
const OF_THE_DAY = String.raw`(?![ \t]?(?:[ap]\.?m\b|uhr\b|h\b|o['’]clock))`;
const TIME = new RegExp(
  String.raw`([[(<{]?)[ \t]?(?<=^|[\s[(<{>|"“‘«]|(?<![\p{L}\p{N}])')(${CLOCK}|${LETTERED})(?:(${BETWEEN})(${CLOCK}|${LETTERED})${SETTINGS})?${OF_THE_DAY}[ \t]?([\])>}]?)`,
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
      hasHours: /:\d\d:|h/i.test(first!),
    });
  }
  return times;
}

function isExact(clock: string): boolean {
  return /[.,;]|:\d\d:\d\d:/.test(clock);
}

const IN_WORDS =
  /^\s*(?=\d)(?:(\d+) ?(?:hours?|hrs?|h))?,? ?(?:(\d+) ?(?:minutes?|mins?|min|m))?,? ?(?:(\d+) ?(?:seconds?|secs?|sec|s))?\s*$/;

const CUE = /^[ \t]*<(?:p|text)[ \t](?:[^<>]*[ \t])?(?:begin|start)="([\d:.]{1,16})s?"([^<>]*)>/i;
const CUE_END = /[ \t](end|dur)="([\d:.]{1,16})s?"/i;

/** The start of a line of captions that are written as markup: "<p begin="00:00:01.000" end="00:00:03.000">", in TTML and its kin. */
export function readCueTag(line: string): Pick<ClockTime, 'to' | 'start' | 'end'> | undefined {
  const match = CUE.exec(line);
  if (!match) return undefined;
  const [tag, begin, rest] = match as unknown as [string, string, string];
  const start = toMilliseconds(withMinutes(begin));
  const [, name, value] = CUE_END.exec(rest) ?? [];
  const end = value === undefined ? NaN : toMilliseconds(withMinutes(value));
  return { to: tag.length, start, end: name === 'dur' ? start + end : end };
}

/** "12.5", which counts seconds alone, as a clock has it. */
function withMinutes(clock: string): string {
  return clock.includes(':') ? clock : `0:${clock}`;
}

/** A line that is a time in words and nothing else: "1 minute, 12 seconds". */
export function readTimeInWords(line: string): number | undefined {
  const match = IN_WORDS.exec(line);
  if (!match || (!match[1] && !match[2] && !match[3])) return undefined;
  return ((Number(match[1] ?? 0) * 60 + Number(match[2] ?? 0)) * 60 + Number(match[3] ?? 0)) * 1000;
}

/** "1h 02m 03s" as "1:02:03". */
function withSigns(clock: string): string {
  return withMinutes(clock.slice(0, -1).replace(/[hm] ?/gi, ':'));
}

/**
 * Of a clock that the expressions above let through, in one walk: "1:02:03,5" is an hour, two minutes, three seconds and a half;
 * a fourth part, or one behind a semicolon, counts frames.
 */
function toMilliseconds(written: string): number {
  const clock = /s$/i.test(written) ? withSigns(written) : written;
  let seconds = 0;
  let part = 0;
  let parts = 0;
  let fraction = 0;
  let worth = 0;
  let hasFrames = false;
  for (let at = 0; at < clock.length; at++) {
    const digit = clock.charCodeAt(at) - 0x30;
    if (digit >= 0 && digit <= 9) {
      if (worth === 0) part = part * 10 + digit;
      else {
        fraction += digit * worth;
        worth /= 10;
      }
      continue;
    }
    seconds = seconds * 60 + part;
    part = 0;
    parts++;
    if (clock[at] === '.' || clock[at] === ',') worth = 100;
    else hasFrames = clock[at] === ';' || parts === 3;
  }
  if (hasFrames) return seconds * 1000 + part * FRAME;
  return worth > 0 ? seconds * 1000 + fraction : (seconds * 60 + part) * 1000;
}

const WHOLE_LINE = new RegExp(String.raw`^[ \t]*(${CLOCK})[ \t]*-{1,2}>[ \t]*(${CLOCK})${SETTINGS}[ \t]*$`, 'u');

/** The most usual line of a caption file, and nothing else on it: "00:00:03.200 --> 00:00:06.052". */
export function readArrowLine(line: string): Pick<ClockTime, 'start' | 'end' | 'isExact'> | undefined {
  const match = WHOLE_LINE.exec(line);
  if (!match) return undefined;
  const [, first, second] = match as unknown as [string, string, string];
  return { start: toMilliseconds(first), end: toMilliseconds(second), isExact: isExact(first) && isExact(second) };
}

const EVENT = /^(?:Dialogue|Comment):\s*(?:Marked=)?\d+,([\d:.]+),([\d:.]+),(?:[^,]*,){6}/;
const FRAMES = /^\{(\d{1,7})\}\{(\d{0,7})\}/;

/** The start of a line that some caption files have before the words: fields parted by commas, or frames in braces. */
export function readFields(line: string): Pick<ClockTime, 'to' | 'start' | 'end'> | undefined {
  const first = line[0];
  if (first !== 'D' && first !== 'C' && first !== '{') return undefined;
  const event = EVENT.exec(line);
  if (event) return { to: event[0].length, start: toMilliseconds(event[1]!), end: toMilliseconds(event[2]!) };
  const frames = FRAMES.exec(line);
  if (!frames) return undefined;
  const end = frames[2] === '' ? NaN : Number(frames[2]) * FRAME;
  return { to: frames[0].length, start: Number(frames[1]) * FRAME, end };
}
