/** Time codes as captions and transcripts write them. Times are in milliseconds. */

const CLOCK = String.raw`(?:\d{1,3}:)?[0-5]?\d:[0-5]\d(?:[.,]\d{1,3})?`;
const ARROW_LINE = new RegExp(String.raw`^\s*(${CLOCK})\s*-{1,2}>\s*(${CLOCK})(?:\s.*)?$`);
const OWN_LINE = new RegExp(String.raw`^\s*[[(<]?(${CLOCK})(?:\s*[-–]\s*${CLOCK})?[\])>]?\s*$`);
const SPOKEN_LENGTH =
  /^\s*(?=\d)(?:(\d+) ?(?:hours?|hrs?|h))?,? ?(?:(\d+) ?(?:minutes?|mins?|min|m))?,? ?(?:(\d+) ?(?:seconds?|secs?|sec|s))?\s*$/;
const LEAD = new RegExp(
  String.raw`^\s*(?:\[(${CLOCK})\]|\((${CLOCK})\)|(${CLOCK}))(?:\s*[-–]\s+|\s*:\s+|\s+)(?=[^\s|–-])`,
);

export interface CueTimes {
  readonly start: number;
  /** NaN where the line tells a start alone. */
  readonly end: number;
}

/** A line such as "00:01:12.400 --> 00:01:15.000". */
export function readArrowLine(line: string): CueTimes | undefined {
  const match = ARROW_LINE.exec(line);
  return match ? { start: toMilliseconds(match[1]!), end: toMilliseconds(match[2]!) } : undefined;
}

export function isArrowLine(line: string): boolean {
  return ARROW_LINE.test(line);
}

/** A line that is a time and nothing else: "0:04", "[00:01:12]", "1 hr 2 min". */
export function readOwnLine(line: string): number | undefined {
  const match = OWN_LINE.exec(line);
  if (match) return toMilliseconds(match[1]!);
  const spoken = SPOKEN_LENGTH.exec(line);
  if (!spoken || (!spoken[1] && !spoken[2] && !spoken[3])) return undefined;
  return ((Number(spoken[1] ?? 0) * 60 + Number(spoken[2] ?? 0)) * 60 + Number(spoken[3] ?? 0)) * 1000;
}

export interface TimeLead {
  readonly time: number;
  /** Characters of the line that the time and the space after it take. */
  readonly length: number;
  readonly bracketed: boolean;
}

/** A time at the start of a line with words after it: "[0:03] The little girl". A column sign after it makes it no lead. */
export function readLead(line: string): TimeLead | undefined {
  const match = LEAD.exec(line);
  if (!match) return undefined;
  const clock = match[1] ?? match[2] ?? match[3]!;
  return { time: toMilliseconds(clock), length: match[0].length, bracketed: match[3] === undefined };
}

/** Of a clock that the expressions above let through: "1:02:03,5" is an hour, two minutes, three seconds and a half. */
function toMilliseconds(clock: string): number {
  let seconds = 0;
  let part = 0;
  let fraction = 0;
  let worth = 0;
  for (let at = 0; at < clock.length; at++) {
    const digit = clock.charCodeAt(at) - 0x30;
    if (digit < 0 || digit > 9) {
      if (clock[at] === ':') {
        seconds = (seconds + part) * 60;
        part = 0;
      } else worth = 100;
    } else if (worth === 0) part = part * 10 + digit;
    else {
      fraction += digit * worth;
      worth /= 10;
    }
  }
  return (seconds + part) * 1000 + fraction;
}
