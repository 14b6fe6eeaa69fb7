import { isSpace } from '../text/characters.ts';
import type { LocalEdit } from '../edits/local-edit.ts';
import { gluedFigureAt } from '../text/note-marks.ts';
import { onPagesOfAnyLanguage } from '../text/language.ts';
import { Sign } from '../text/signs.ts';
import type { Vocabulary } from '../text/vocabulary.ts';
import type { InlinePass, PassContext } from './pass.ts';

const BRACKETED = String.raw`\[(?:[1-9]\d{0,2}(?:\s?[,–-]\s?\d{1,3})*|(?:${onPagesOfAnyLanguage('notes')})\s?\d{1,3}|${onPagesOfAnyLanguage('marks').replaceAll(' ', '[ \u00a0]+')})\]`;
const SUPERSCRIPT = String.raw`[¹²³⁰⁴-⁹]{1,3}(?:[,⁻][¹²³⁰⁴-⁹]{1,3})*`;
/** Whatever may be a mark: each begins with a character that prose seldom has, and is looked at more closely then. */
const MARKS = new RegExp(
  String.raw`${BRACKETED}(?:,?${BRACKETED})*(?::\s?\d{1,4}(?:[–-]\d{1,4})?)?|\[[a-z]\]|[†‡]{1,2}|§|\*|${SUPERSCRIPT}|\d+(?:,\d+)*`,
  'gu',
);
/** A figure behind the stop of a small letter, before a capital or an end. */
const STOP_BEFORE = /\p{Ll}[.!?,;:][”’"')]?$/u;
const CAPITAL_AFTER = /^(?:\s+\p{Lu}|\s*$)/u;

/** Before a superscript these make it an exponent or a unit, not a mark: "12²", "m²". */
const EXPONENT_BASE = /(?:[\d⁻⁺]|\b(?:m|cm|km|mm|ft|in|x|y|n|r))$/;
/** A letter, or two that are no word: the symbols of a formula. */
const SYMBOLS = /(?:^|[^\p{L}])(\p{L}{1,2})$/u;

const WORD_BEFORE = /(?:^|[^\p{L}\p{M}])(\p{L}+)(\.?) $/u;
/** What points to a source or a part of the text, in English, German, French, Spanish and Italian. */
const POINTING: ReadonlySet<string> = new Set(
  (
    'see also cf ref refs reference references para paras paragraph paragraphs section sections clause clauses equation example item ' +
    'siehe auch vgl absatz randnummer rn abschnitt voir aussi paragraphe véase también párrafo vedi anche paragrafo'
  ).split(' '),
);
const PLAIN = /^\[\d{1,3}\]$/;
const LONGEST_FIGURE = 2;
const LONGEST_STEM = 36;
const LONGEST_GAP = 12;
const LONGEST_ADDRESS = 160;
/** "10.5555/wrackby.", "mill.example.": names that machines read, in which stop and figure belong together. */
const IN_ADDRESS = /[/@_]|[\p{Ll}\d]{2}\.[\p{Ll}\d]/u;
const LONGEST_EMPHASIS = 200;

export const referenceMarks = {
  works: 'inline',
  id: 'reference-marks',
  title: 'Reference marks',
  summary: 'Takes out marks that point to notes: [4], [2, 5–7], ³, †, and figures glued to a full stop.',
  done: ['reference mark dropped', 'reference marks dropped'],
  group: 'marks',
  onByDefault: true,
  characters: /[¹²³⁰⁴-⁹†‡§]/,
  isListed: true,
  examples: [
    {
      before: 'A gate no wider than a cart.[4] Nine mills stood.[2, 5–7]',
      after: 'A gate no wider than a cart. Nine mills stood.',
    },
    { before: 'The surveyor counted ten.³ He was paid.', after: 'The surveyor counted ten. He was paid.' },
    { before: 'The pond is 40 m² wide [sic] in 1987.', after: 'The pond is 40 m² wide [sic] in 1987.' },
    {
      before:
        'The creek has two arms1 and one mill.\n\nThe mill has a pond2 behind it.\n\n1 See the survey.\n\n2 It is silted now.',
      after:
        'The creek has two arms and one mill.\n\nThe mill has a pond behind it.\n\n1 See the survey.\n\n2 It is silted now.',
    },
    { before: 'Here v² is a power, and so is k².', after: 'Here v² is a power, and so is k².' },
    { before: 'The files are file1 and file2.', after: 'The files are file1 and file2.' },
    { before: 'That was the end.3 Then the miller left.', after: 'That was the end. Then the miller left.' },
    {
      before: 'The gate† fell.* It was *quite* new, d*mn it, †1871.',
      after: 'The gate fell. It was *quite* new, d*mn it, †1871.',
    },
  ],
  reasons: {
    glued: 'a figure behind a stop may belong to the text',
    star: 'a star may be more than a mark',
    apart: 'a number in brackets that stands apart may count something else than notes',
  },
  signs: Sign.figure | Sign.squareBracket | Sign.noteSign,
  find: ({ text }, context) => {
    const marks: LocalEdit[] = [];
    for (const { 0: mark, index } of text.matchAll(MARKS)) {
      const edit = READERS[kindOf(mark)](text, index, mark, context);
      if (edit) marks.push(edit);
    }
    return marks;
  },
} as const satisfies InlinePass;

type MarkKind = 'bracketed' | 'letter' | 'sign' | 'superscript' | 'figure';

function kindOf(mark: string): MarkKind {
  const first = mark[0]!;
  if (first === '[') return mark.length === 3 && /[a-z]/.test(mark) ? 'letter' : 'bracketed';
  if (/\d/.test(first)) return 'figure';
  return '†‡§*'.includes(first) ? 'sign' : 'superscript';
}

type Reader = (text: string, at: number, mark: string, context: PassContext) => LocalEdit | undefined;

/** "a[1]": a single small letter is the name of a row of values. */
const VARIABLE = /^[^\p{L}\p{N}’'.-]?[a-z]$/u;

/** What is left out for each kind of mark, undefined where it is none. */
const READERS: Readonly<Record<MarkKind, Reader>> = {
  bracketed: (text, at, mark, { bracketed: { areIndices, countOn }, vocabulary }) => {
    // At the start of a paragraph or of a line it is the label of what follows.
    if (at === 0 || text[at - 1] === '\n') return undefined;
    if (areIndices && /[\p{L}\p{N}_\]]/u.test(text[at - 1]!)) return undefined;
    if (VARIABLE.test(text.slice(Math.max(0, at - 2), at))) return undefined;
    const to = at + mark.length;
    // Far from all words it says what a question is worth.
    if (text.endsWith('   ', at)) return undefined;
    const isSpaced = isSpace(text.charCodeAt(at - 1));
    if (isSpaced && isSpokenOf(text.slice(Math.max(0, at - LONGEST_STEM), at), vocabulary)) return undefined;
    if (!isSpaced || !PLAIN.test(mark)) return { from: isSpaced ? at - 1 : at, to, insert: '' };
    // Apart from its words it may be a part of the sentence, or count something else than notes.
    if (countOn === false) return undefined;
    const edit = { from: at - 1, to, insert: '' };
    return countOn ? edit : { ...edit, certainty: 0.8, why: 'apart' };
  },
  // Glued to a word it is a mark; with a space before it an editor put the letter in.
  letter: (text, at, mark, { bracketed: { areIndices } }) =>
    !areIndices && /[\p{L}\p{N}.,;:!?”’")\]]/u.test(text[at - 1] ?? '')
      ? { from: at, to: at + mark.length, insert: '' }
      : undefined,
  sign: (text, at, mark) => {
    if (!isNoteSign(text, at, mark)) return undefined;
    const edit = { from: at, to: at + mark.length, insert: '' };
    return mark === '*' ? { ...edit, certainty: 0.8, why: 'star' } : edit;
  },
  // What stands before words, and glued to none, is the number of a verse or a note.
  superscript: (text, at, mark, { vocabulary }) =>
    /^$|\s/.test(text[at - 1] ?? '') || isPower(text.slice(Math.max(0, at - LONGEST_STEM), at), vocabulary)
      ? undefined
      : { from: at, to: at + mark.length, insert: '' },
  figure: (text, at, mark, { gluedNotes }) => {
    const to = at + mark.length;
    if (gluedNotes.size > 0 && isGluedNote(text, at, mark, gluedNotes)) return { from: at, to, insert: '' };
    if (mark.length > LONGEST_FIGURE) return undefined;
    if (!STOP_BEFORE.test(text.slice(Math.max(0, at - 3), at))) return undefined;
    if (!CAPITAL_AFTER.test(text.slice(to, to + LONGEST_GAP))) return undefined;
    const stem = /\S*$/.exec(text.slice(Math.max(0, at - LONGEST_ADDRESS), at))![0];
    if (IN_ADDRESS.test(stem)) return undefined;
    const edit = { from: at, to, insert: '' };
    return gluedNotes.has(stem + mark) ? edit : { ...edit, certainty: 0.8, why: 'glued' };
  },
};

/** "See [3]", "at [17]": the number is what the sentence speaks of. */
function isSpokenOf(before: string, { isFunctionWord }: Vocabulary): boolean {
  const [, word = '', stop] = WORD_BEFORE.exec(before.toLowerCase()) ?? [];
  // A sentence may end in "did."
  return POINTING.has(word) || (stop === '' && isFunctionWord(word));
}

/** Whether a raised figure behind these words is an exponent. */
function isPower(before: string, { isFunctionWord }: Vocabulary): boolean {
  if (EXPONENT_BASE.test(before)) return true;
  const symbols = SYMBOLS.exec(before)?.[1];
  return symbols !== undefined && (symbols.length === 1 || !isFunctionWord(symbols));
}

/** A year, and what stands before it. */
const LONGEST_YEAR = 5;

/** A sign glued to the end of a word, not before a word or a figure; a star that closes no emphasis and hides no letters. */
function isNoteSign(text: string, at: number, mark: string): boolean {
  if (!/[\p{L}.,;:!?”’")\]]$|(?:^|\D)\d{4}$/u.test(text.slice(Math.max(0, at - LONGEST_YEAR), at))) return false;
  const after = text.slice(at + mark.length, at + mark.length + 2);
  if (/^(?:[\p{L}\p{N}*§†‡]|\s\d)/u.test(after) && (mark === '§' || !/^\s/.test(after))) return false;
  return mark !== '*' || !/\*[^\s*][^*\n]*$/.test(text.slice(Math.max(0, at - LONGEST_EMPHASIS), at));
}

function isGluedNote(text: string, at: number, mark: string, gluedNotes: ReadonlySet<string>): boolean {
  const stem = gluedFigureAt(text, at, mark)?.stem;
  return stem !== undefined && gluedNotes.has(stem + mark);
}
