import { wrap } from './typeset.ts';

/*
 * A conversation as transcripts are pasted: who speaks, when and what, in every order and form that programs write.
 */

export interface Spoken {
  readonly name: string;
  readonly words: string;
  /** In seconds. */
  readonly start: number;
  readonly end: number;
}

/** Characters a second. */
const SPEED = 14;
const FIRST = 7;

/** What two people say by turns, with the times at which they say it. */
export function conversation(names: readonly [string, string], turns: readonly string[]): Spoken[] {
  let at = FIRST;
  return turns.map((words, turn) => {
    const start = at;
    at += Math.max(1, Math.round(words.length / SPEED)) + 1;
    return { name: names[turn % 2]!, words, start, end: at - 1 };
  });
}

const two = (figure: number) => String(figure).padStart(2, '0');
const minutes = (seconds: number) => Math.floor(seconds / 60);

/** Times as they are written, by what they show. */
export const CLOCKS: Readonly<Record<string, (seconds: number) => string>> = {
  '0:07': (seconds) => `${minutes(seconds)}:${two(seconds % 60)}`,
  '00:07': (seconds) => `${two(minutes(seconds))}:${two(seconds % 60)}`,
  '00:00:07': (seconds) => `00:${two(minutes(seconds))}:${two(seconds % 60)}`,
  '00:00:07.959': (seconds) =>
    `00:${two(minutes(seconds))}:${two(seconds % 60)}.${String((seconds * 137) % 1000).padStart(3, '0')}`,
  '00:00:07:24': (seconds) => `00:${two(minutes(seconds))}:${two(seconds % 60)}:${two((seconds * 7) % 25)}`,
  '0:07.3': (seconds) => `${minutes(seconds)}:${two(seconds % 60)}.${seconds % 10}`,
};

export const BRACKETS: Readonly<Record<string, (time: string) => string>> = {
  none: (time) => time,
  square: (time) => `[${time}]`,
  round: (time) => `(${time})`,
  angle: (time) => `<${time}>`,
};

export interface TranscriptForm {
  readonly name: string;
  /** The lines of one turn, with times written by `time`, wrapped at `width` characters. */
  readonly lines: (spoken: Spoken, time: (seconds: number) => string, width: number) => readonly string[];
  /** A blank line between turns. */
  readonly isApart: boolean;
  /** What should come of a turn: its paragraphs. */
  readonly wanted: (spoken: Spoken) => readonly string[];
}

const labelled = ({ name, words }: Spoken) => [`${name}: ${words}`];
const named = ({ name, words }: Spoken) => [name, words];
const fill = (text: string, width: number) => wrap(text, width, false);

export const TRANSCRIPT_FORMS: readonly TranscriptForm[] = [
  {
    name: 'time, name and words',
    lines: (one, time, width) => fill(`${time(one.start)} ${one.name}: ${one.words}`, width),
    isApart: false,
    wanted: labelled,
  },
  {
    name: 'time, name and words, apart',
    lines: (one, time, width) => fill(`${time(one.start)} ${one.name}: ${one.words}`, width),
    isApart: true,
    wanted: labelled,
  },
  {
    name: 'name and time above the words',
    lines: (one, time, width) => [`${one.name} ${time(one.start)}`, ...fill(one.words, width)],
    isApart: true,
    wanted: named,
  },
  {
    name: 'name and time above the words, close',
    lines: (one, time, width) => [`${one.name}  ${time(one.start)}`, ...fill(one.words, width)],
    isApart: false,
    wanted: named,
  },
  {
    name: 'time and name above the words',
    lines: (one, time, width) => [`${time(one.start)} ${one.name}`, ...fill(one.words, width)],
    isApart: true,
    wanted: named,
  },
  {
    name: 'name, a colon and time above the words',
    lines: (one, time, width) => [`${one.name}: ${time(one.start)}`, ...fill(one.words, width)],
    isApart: true,
    wanted: ({ name, words }) => [`${name}:`, words],
  },
  {
    name: 'time between name and colon',
    lines: (one, time, width) => fill(`${one.name} ${time(one.start)}: ${one.words}`, width),
    isApart: false,
    wanted: labelled,
  },
  {
    name: 'time on a line of its own',
    lines: (one, time, width) => [time(one.start), ...fill(`${one.name}: ${one.words}`, width)],
    isApart: false,
    wanted: labelled,
  },
  {
    name: 'time behind the words',
    lines: (one, time, width) => fill(`${one.name}: ${one.words} ${time(one.end)}`, width),
    isApart: false,
    wanted: labelled,
  },
  {
    name: 'time, a dash, name and words',
    lines: (one, time, width) => fill(`${time(one.start)} - ${one.name}: ${one.words}`, width),
    isApart: false,
    wanted: labelled,
  },
  {
    name: 'start and end above',
    lines: (one, time, width) => [`${time(one.start)} - ${time(one.end)}`, ...fill(`${one.name}: ${one.words}`, width)],
    isApart: true,
    wanted: labelled,
  },
  {
    name: 'start and end with an arrow above',
    lines: (one, time, width) => [
      `${time(one.start)} --> ${time(one.end)}`,
      ...fill(`${one.name}: ${one.words}`, width),
    ],
    isApart: true,
    wanted: labelled,
  },
  {
    name: 'time, a tab and words',
    lines: (one, time, width) => fill(`${time(one.start)}\t${one.name}: ${one.words}`, width),
    isApart: false,
    wanted: labelled,
  },
  {
    name: 'start, end and words with tabs between',
    lines: (one, time) => [`${time(one.start)}\t${time(one.end)}\t${one.name}: ${one.words}`],
    isApart: false,
    wanted: labelled,
  },
  {
    name: 'time above the sign of a turn',
    lines: (one, time, width) => [time(one.start), ...fill(`>> ${one.name}: ${one.words}`, width)],
    isApart: false,
    wanted: ({ name, words }) => [`>> ${name}: ${words}`],
  },
];
