import { isDigit, isSpace } from '../../text/characters.ts';
import { LineKind } from '../line-kind.ts';
import type { LineIndex } from '../../text/line-index.ts';
import { hasSentenceWithin } from '../../text/sentence-within.ts';

/** Where the words of a line begin and end when a number in the margin stands beside them; 0 for lines without one. */
export interface MarginNumbers {
  readonly leadTo: Uint32Array;
  readonly tailFrom: Uint32Array;
  /** The lines at which they begin anew. */
  readonly pageStarts: ReadonlySet<number>;
}

interface Numbered {
  readonly line: number;
  /** How many lines with words come before. */
  readonly place: number;
  readonly value: number;
  /** Where the words begin, or end. */
  readonly edge: number;
  readonly startsLower: boolean;
  readonly endsStop: boolean;
  readonly endsInWord: boolean;
  /** Of the first word, in characters. */
  readonly firstWord: number;
  /** Of the words beside the number, in characters. */
  readonly length: number;
  /** A sentence ends within the line, and another begins. */
  readonly hasSentence: boolean;
  /** Somebody begins to speak: "Q.  Where were you?", "THE CORONER:  Noted." */
  readonly isSpeech: boolean;
  /** It is a question or an answer. */
  readonly isExamined: boolean;
}

const CLOCK = String.raw`\d{1,2}:\d{2}(?::\d{2})?(?:[.,:]\d{1,3})?`;
/** The number of a line without words has nothing beside it; the time at which the line was said may stand before it or behind. */
const LEFT = new RegExp(String.raw`^\s*(?:${CLOCK}\s+)?(\d{1,4})(?:\s+${CLOCK})?(?:\s+(?=\S)|\s*$)`);
const RIGHT = /\s{2,}(\d{1,4})\s*$/;
const FEWEST_OF_A_PAGE = 3;
const FEWEST = 4;
/** Where every line has its number, it must not be a list: nearly all lines have one, and some go on with a small letter. */
const FEWEST_LINES = 10;
const LEAST_SHARE_OF_LINES = 0.8;
const LEAST_SHARE_OF_NUMBERED = 0.6;
const LEAST_SHARE_OF_STEPS = 0.7;
const FIFTH = 5;
const FEWEST_FIFTHS = 2;
const MOST_TITLES = 3;
const FIRST_YEAR = 1000;
const SPEECH = /^(?:[QA][.:]|\p{Lu}[\p{Lu}. ]+:)\s/u;
const LEAST_SHARE_OF_SPEECHES = 0.5;
const NEARLY_AS_LONG = 0.75;
const SHARE_OF_LONG = 0.6;
const LEAST_SHARE_RUNNING_ON = 0.15;
const FEWEST_RUNNING_ON = 3;
const MOST_OF_SENTENCES = 0.85;
/** In characters. */
const WIDE = 45;
/** Entries of a list all begin with a small letter, or none does. */
const MOST_RUNNING_ON = 0.75;

/**
 * Finds line numbers in the margin, left or right: on every line, or on every fifth or so, growing with the lines. Undefined where
 * there are none. They may begin anew on each page.
 */
export function findMarginNumbers(source: string, index: LineIndex, kind: Uint8Array): MarginNumbers | undefined {
  const left: Numbered[] = [];
  const right: Numbered[] = [];
  let place = 0;
  /** Columns before the words of the lines that have no number. */
  let setIn = Infinity;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] === LineKind.blank) continue;
    const text = readEdges(source, index, line);
    if (text === undefined) setIn = Math.min(setIn, firstOfWords(source, index, line) - index.from[line]!);
    else {
      const before = LEFT.exec(text);
      const after = RIGHT.exec(text);
      const from = index.from[line]!;
      if (before) {
        const words = text.slice(before[0].length).trimEnd();
        left.push(toNumbered(line, place, before[1]!, from + before[0].length, words));
      }
      const mayBeRight = after && (after.index > 0 || text.trimStart() === after[1]);
      if (mayBeRight) {
        const words = text.slice(0, after.index).trim();
        right.push(toNumbered(line, place, after[1]!, from + after.index, words));
      }
    }
    place++;
  }
  const atLeft = areInMargin(left, setIn, index) ? left : numberingAmong(left, place);
  const atRight = atLeft.length > 0 ? [] : numberingAmong(right, place);
  if (atLeft.length + atRight.length === 0) return undefined;
  const leadTo = new Uint32Array(index.count);
  const tailFrom = new Uint32Array(index.count);
  for (const { line, edge } of atLeft) leadTo[line] = edge;
  for (const { line, edge } of atRight) tailFrom[line] = edge;
  const counted = [...atLeft, ...atRight].sort((a, b) => a.line - b.line);
  const starts = counted.filter(({ value }, at) => at > 0 && value < counted[at - 1]!.value);
  return { leadTo, tailFrom, pageStarts: new Set(starts.map(({ line }) => line)) };
}

function toNumbered(line: number, place: number, figures: string, edge: number, words: string): Numbered {
  const first = words.slice(0, 1);
  return {
    line,
    place,
    value: Number(figures),
    edge,
    startsLower: first !== first.toUpperCase(),
    endsStop: /[.!?:;]["”’»)]*$/.test(words),
    endsInWord: /\p{L}-?$/u.test(words),
    firstWord: words.search(/\s|$/),
    length: words.length,
    hasSentence: hasSentenceWithin(words),
    isSpeech: SPEECH.test(words),
    isExamined: /^[QA][.:]\s/.test(words),
  };
}

function firstOfWords(source: string, index: LineIndex, line: number): number {
  let from = index.from[line]!;
  while (from < index.to[line]! && isSpace(source.charCodeAt(from))) from++;
  return from;
}

/** The line, where a figure stands at one of its edges. */
function readEdges(source: string, index: LineIndex, line: number): string | undefined {
  const from = firstOfWords(source, index, line);
  let to = index.to[line]!;
  while (to > from && isSpace(source.charCodeAt(to - 1))) to--;
  if (!isDigit(source.charCodeAt(from)) && !isDigit(source.charCodeAt(to - 1))) return undefined;
  return source.slice(index.from[line], index.to[line]);
}

/** Numbers that count the lines of a page all stand at the same distance from the places of their lines. Empty where none do. */
function numberingAmong(found: readonly Numbered[], lines: number): readonly Numbered[] {
  const pages = new Map<number, Numbered[]>();
  for (const numbered of found) {
    const start = numbered.value - numbered.place;
    const page = pages.get(start);
    if (page) page.push(numbered);
    else pages.set(start, [numbered]);
  }
  const counting = [...pages.values()].filter((page) => page.length >= FEWEST_OF_A_PAGE && isSpaced(page)).flat();
  if (isEveryFifth(found, lines)) return found;
  // Where more lines have a number than those that count, they have it for reasons of their own: dates, times, a list.
  if (counting.length >= FEWEST && counting.length >= LEAST_SHARE_OF_NUMBERED * found.length) return counting;
  // Each page begins with 1, the first perhaps later; the last may be short.
  const anew = [...pages.values()].filter((page, at) => at === 0 || page[0]!.value === 1);
  if (countAll(anew.filter((page) => page.length >= FEWEST_OF_A_PAGE).flat(), lines)) return anew.flat();
  const [longest = []] = [...pages.values()].sort((a, b) => b.length - a.length);
  if (numbersEntries(longest, found)) return [];
  const areOfLines = areOfSpeeches(longest) || countAll(longest, spanOf(longest)) || countEmptyLines(longest);
  return areOfLines ? longest : [];
}

const LEAST_SHARE_OF_WORDS = 0.5;

/** Where empty lines have their numbers too, and words run on from line to line, no entries are counted. */
function countEmptyLines(numbered: readonly Numbered[]): boolean {
  if (numbered.length < Math.max(FEWEST_LINES, spanOf(numbered))) return false;
  const withWords = numbered.filter(({ length }) => length > 0);
  const goesOn = withWords.filter(({ startsLower }) => startsLower).length;
  const isMixed = withWords.length < numbered.length && withWords.length >= numbered.length * LEAST_SHARE_OF_WORDS;
  return isMixed && goesOn >= FEWEST_RUNNING_ON;
}

/** In a text of a page at most the only numbers beside its lines are those of its fifth line, its tenth, and so on. */
function isEveryFifth(found: readonly Numbered[], lines: number): boolean {
  if (found.length < FEWEST_FIFTHS) return false;
  // A title or two above the first line do not count.
  const above = found[0]!.place + 1 - FIFTH;
  if (above < 0 || above > MOST_TITLES || found.length !== Math.floor((lines - above) / FIFTH)) return false;
  return found.every(({ value, place }, at) => value === (at + 1) * FIFTH && value === place + 1 - above);
}

/** In a part of a page, too, where all other lines are set in as far as the words behind the numbers. */
function areInMargin(found: readonly Numbered[], setIn: number, index: LineIndex): boolean {
  if (found.length < FEWEST_FIFTHS || setIn === Infinity) return false;
  return found.every(({ value, place, line, edge }, at) => {
    const before = found[at - 1];
    const isNext = !before || (value - before.value === FIFTH && place - before.place === FIFTH);
    return value % FIFTH === 0 && isNext && edge - index.from[line]! <= setIn;
  });
}

/** The lines from the first number to the last; what stands before or behind may be another thing. */
function spanOf(numbered: readonly Numbered[]): number {
  return numbered.length === 0 ? 0 : numbered.at(-1)!.place - numbered[0]!.place + 1;
}

const MOST_LINES_OF_AN_ENTRY = 6;
const MOST_LINES_OF_A_PAGE = 30;

/** The next number stands a line or more farther on: they count entries, one of which takes several lines. */
function numbersEntries(numbered: readonly Numbered[], found: readonly Numbered[]): boolean {
  const last = numbered.at(-1);
  if (last === undefined) return false;
  return found.some(
    ({ value, place }) =>
      value === last.value + 1 && place > last.place + 1 && place <= last.place + MOST_LINES_OF_AN_ENTRY,
  );
}

/** In a short record of what was said every line has its number, and most of them begin with who speaks. */
function areOfSpeeches(numbered: readonly Numbered[]): boolean {
  if (numbered.length < Math.max(FEWEST, spanOf(numbered))) return false;
  const speeches = numbered.filter(({ isSpeech }) => isSpeech);
  // A part of a page that somebody copied may begin at any of its lines.
  const isPart = numbered[0]!.value <= MOST_LINES_OF_A_PAGE && speeches.some(({ isExamined }) => isExamined);
  if (numbered[0]!.value !== 1 && !isPart) return false;
  // The speeches of a play may be counted themselves.
  if (speeches.length === numbered.length && !speeches.some(({ isExamined }) => isExamined)) return false;
  return speeches.length >= numbered.length * LEAST_SHARE_OF_SPEECHES;
}

function countAll(numbered: readonly Numbered[], lines: number): boolean {
  const runningOn = numbered.filter(({ startsLower }) => startsLower).length;
  // All entries of a list may begin small; in as many lines of prose a sentence ends, or they are wide.
  const areSmall = runningOn > numbered.length * MOST_OF_SENTENCES && numbered.every(({ length }) => length < WIDE);
  if (areSmall && !numbered.some(({ hasSentence }) => hasSentence)) return false;
  return (
    numbered.length >= FEWEST_LINES &&
    numbered.length >= LEAST_SHARE_OF_LINES * lines &&
    runningOn >= LEAST_SHARE_RUNNING_ON * numbered.length &&
    (areLineLengths(numbered) || areFullWhereWordsRunOn(numbered) || areCutWithinPhrases(numbered))
  );
}

/** Lines of print are about as long as one another and are counted from the first; verses and the years of a chronicle are not. */
function areLineLengths(numbered: readonly Numbered[]): boolean {
  if (numbered[0]!.value >= FIRST_YEAR) return false;
  const lengths = numbered.map(({ length }) => length).sort((a, b) => a - b);
  const long = lengths[Math.floor(lengths.length * 0.9)]!;
  return lengths.filter((length) => length >= long * NEARLY_AS_LONG).length >= lengths.length * SHARE_OF_LONG;
}

const LEAST_SHARE_CUT = 0.7;
const FEWEST_CUT = 5;

/** Wide lines that go on with a small letter are mostly cut between two words: verses and entries that go on end with a comma or the like. */
function areCutWithinPhrases(numbered: readonly Numbered[]): boolean {
  const runningOn = numbered.filter(({ length }, at) => length >= WIDE && numbered[at + 1]?.startsLower);
  const cut = runningOn.filter(({ endsInWord }) => endsInWord).length;
  return numbered[0]!.value < FIRST_YEAR && cut >= Math.max(FEWEST_CUT, runningOn.length * LEAST_SHARE_CUT);
}

/**
 * Questions and answers end where they like, but each line that goes on with a small letter had no room for the word. Verses with
 * their numbers go on so too, wherever they end.
 */
function areFullWhereWordsRunOn(numbered: readonly Numbered[]): boolean {
  if (numbered[0]!.value >= FIRST_YEAR) return false;
  const measure = Math.max(...numbered.map(({ length }) => length));
  const runningOn = numbered.filter((_, at) => numbered[at + 1]?.startsLower);
  const isFull = ({ length, endsStop }: Numbered, { firstWord }: Numbered) =>
    !endsStop && length + 1 + firstWord > measure;
  return (
    runningOn.length >= FEWEST_RUNNING_ON &&
    runningOn.length <= numbered.length * MOST_RUNNING_ON &&
    numbered.every((one, at) => !numbered[at + 1]?.startsLower || isFull(one, numbered[at + 1]!))
  );
}

/** Every second, fifth or tenth line: multiples of the smallest step, which is more than one, with hardly any left out. */
function isSpaced(page: readonly Numbered[]): boolean {
  const steps = page.slice(1).map((next, at) => next.value - page[at]!.value);
  const step = Math.min(...steps);
  if (step <= 1 || !page.every(({ value }) => value % step === 0)) return false;
  const all = 1 + (page.at(-1)!.value - page[0]!.value) / step;
  return page.length >= all * LEAST_SHARE_OF_STEPS;
}
