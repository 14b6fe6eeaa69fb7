import { isDigit, isWordUnit } from './characters.ts';
import type { LineIndex } from './line-index.ts';

/** A figure glued to a whole word or to its punctuation: "areas1", "freely2 .", "Guidelines).3". */
export interface GluedFigure {
  /** Where the figure begins, and its characters. */
  readonly from: number;
  readonly figures: string;
  /** The word before it, with the punctuation between. */
  readonly stem: string;
}

/** One mark, or several at one place: "mornings.1,2". */
const FIGURES = /\d+(?:,\d+)*/g;
const MARKS_OF_NOTES = /^\d{1,2}(?:,\d{1,2}){0,3}$/;
/** What may stand behind a mark. */
const AFTER = /[\s.,;:)\]]/;
const STEM = /(?:^|[\s“‘"'(])(\p{L}[\p{L}’'-]{0,30}(?<!\p{Lu})[”’"')\].,;:!?]{0,3})$/u;
/** A year and its stop, before the next sentence: the figure is no part of the number. */
const YEAR = /(?:^|[\s“‘"'(])((?:1\d|20)\d\d[.,;:][”’"')\]]?)$/;
const NEXT_SENTENCE = /^(?:\s+[\p{Lu}“‘"]|\s*$)/u;
const LONGEST_STEM = 36;

/** Finds glued figures in order. Figures are rare, so it is they that are looked for, and the word before them then. */
export function findGluedFigures(text: string): GluedFigure[] {
  const found: GluedFigure[] = [];
  for (const { 0: figures, index } of text.matchAll(FIGURES)) {
    const glued = gluedFigureAt(text, index, figures);
    if (glued) found.push(glued);
  }
  return found;
}

/** What a run of figures that begins at `from` is glued to; undefined where it is glued to nothing, or is no mark. */
export function gluedFigureAt(text: string, from: number, figures: string): GluedFigure | undefined {
  if (!MARKS_OF_NOTES.test(figures)) return undefined;
  const to = from + figures.length;
  const after = text[to];
  if (after !== undefined && !AFTER.test(after)) return undefined;
  const before = () => text.slice(Math.max(0, from - LONGEST_STEM), from);
  let stem: string | undefined;
  if (mayFollowWord(text, from)) stem = STEM.exec(before())?.[1];
  else if (isDigit(text.charCodeAt(from - 2)) && NEXT_SENTENCE.test(text.slice(to, to + 4)))
    stem = YEAR.exec(before())?.[1];
  return stem === undefined ? undefined : { from, figures, stem };
}

const MOST_PUNCTUATION = 3;

/** Whether a letter stands before a position, with at most a few signs between: cheap, and refuses nearly all times and numbers. */
function mayFollowWord(text: string, position: number): boolean {
  for (let at = position - 1; at >= 0 && at >= position - 1 - MOST_PUNCTUATION; at--) {
    const code = text.charCodeAt(at);
    if (code <= 0x20 || isDigit(code)) return false;
    if (isWordUnit(code)) return true;
  }
  return false;
}

const FEWEST_MARKS = 2;
/** Without a note: so many numbers, most of them behind a sign. */
const FEWEST_NUMBERS = 4;
const SHARE_BEHIND_SIGNS = 0.75;
const WORD_AND_SIGN = /\p{L}{2}[^\p{L}\d]+$/u;
const NO_MARKS: ReadonlySet<string> = new Set();

/**
 * The figures glued to words that are marks of footnotes, as they stand with what comes before them. They are told by their
 * order (1, 2, 3 … through the text, each after another word) and by the notes themselves: lines that begin with the same
 * figures. "file1" and "file2" have neither. A page without its notes has no such lines: then most marks stand behind a sign.
 * `known` are the numbers of notes that were found at the foot of pages: of these a single one is enough.
 */
export function findGluedNotes(source: string, index: LineIndex, known: ReadonlySet<number>): ReadonlySet<string> {
  const notes = known.size > 0 ? known : numbersOfNotes(source, index);
  const fewest = known.size > 0 ? 1 : FEWEST_MARKS;
  const figures = findGluedFigures(source);
  if (notes.size >= fewest) {
    const { marks, numbers } = marksFrom(figures, Math.min(...notes));
    const answered = numbers.filter((those) => those.some((number) => notes.has(number))).length;
    return marks.length >= fewest && answered >= marks.length / 2 ? new Set(marks) : NO_MARKS;
  }
  const { marks, numbers, behindSigns } = marksFrom(figures, 1);
  if (numbers.flat().length >= FEWEST_NUMBERS && behindSigns >= marks.length * SHARE_BEHIND_SIGNS)
    return new Set(marks);
  // One mark and one note: no list begins with a single item, and no number is glued to a comma.
  const [only] = notes;
  const single = only === undefined ? undefined : marksFrom(figures, only);
  return single?.behindSigns === 1 && single.marks.length === 1 ? new Set(single.marks) : NO_MARKS;
}

/** Marks that count up from a number, each as it stands behind its word, with its numbers; and how many stand behind a sign. */
interface CountedMarks {
  readonly marks: readonly string[];
  readonly numbers: readonly (readonly number[])[];
  readonly behindSigns: number;
}

function marksFrom(glued: readonly GluedFigure[], first: number): CountedMarks {
  const stems = new Set<string>();
  const marks: string[] = [];
  const counted: number[][] = [];
  let expected = first;
  let behindSigns = 0;
  for (const { stem, figures } of glued) {
    const numbers = figures.split(',').map(Number);
    if (stems.has(stem) || !numbers.every((number, at) => number === expected + at)) continue;
    stems.add(stem);
    marks.push(stem + figures);
    counted.push(numbers);
    if (WORD_AND_SIGN.test(stem)) behindSigns++;
    expected += numbers.length;
  }
  return { marks, numbers: counted, behindSigns };
}

/**
 * Figures at the beginning of lines that go on with a capital, as notes do. A list has a stop or a bracket after its figure; so have
 * notes only under a heading that names them.
 */
function numbersOfNotes(source: string, { count, from, to }: LineIndex): Set<number> {
  const numbers = new Set<number>();
  let isUnderHeading = false;
  for (let line = 0; line < count; line++) {
    const start = from[line]!;
    // Behind a page break stand page numbers.
    if (source.charCodeAt(start - 1) === 0x0c) continue;
    let at = start;
    while (at < start + DEEPEST && source.charCodeAt(at) === 0x20) at++;
    const first = at;
    while (at < first + 2 && isDigit(source.charCodeAt(at))) at++;
    if (at === first)
      isUnderHeading ||= NOTES_HEADING.test(source.slice(first, Math.min(to[line]!, first + LONGEST_HEADING)));
    else if (isUnderHeading && source[at] === '.') at++;
    if (at > first && NOTE_WORDS.test(source.slice(at, at + 3))) numbers.add(Number(source.slice(first, at)));
  }
  return numbers;
}

/** Columns before a note's figure, at the most. */
const DEEPEST = 3;
const LONGEST_HEADING = 24;
const NOTES_HEADING =
  /^(?:(?:foot|end)?notes?|references|anmerkungen|fußnoten|endnoten|notes de bas de page|notas?)[:.]?\s*$/i;
const NOTE_WORDS = /^\s?[\p{Lu}“"(]/u;
