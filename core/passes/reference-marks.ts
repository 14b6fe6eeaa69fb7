import type { LocalEdit } from '../edits/local-edit.ts';
import { findGluedFigures } from '../text/note-marks.ts';
import { replaceMatches, type Pass } from './pass.ts';

const BRACKETED = String.raw`\[(?:[1-9]\d{0,2}(?:\s?[,–-]\s?\d{1,3})*|(?:note|nb|fn)\s?\d{1,3}|edit|citation needed)\]`;
/** A letter is a mark where it is glued to a word; with a space before it an editor put it in. */
const LETTER = String.raw`(?<=[\p{L}\p{N}.,;:!?”’")\]])\[[a-z]\]`;
const SIGN = String.raw`[†‡]{1,2}|§|\*`;
const SUPERSCRIPT = String.raw`[¹²³⁰⁴-⁹]{1,3}(?:[,⁻][¹²³⁰⁴-⁹]{1,3})*`;
const AFTER_STOP = String.raw`(?<=\p{Ll}[.!?,;:][”’"')]?)\d{1,2}(?=\s+\p{Lu}|\s*$)`;
const MARKS = new RegExp(
  String.raw` ?${BRACKETED}(?:,?${BRACKETED})*|${LETTER}|${SIGN}|${SUPERSCRIPT}|${AFTER_STOP}`,
  'gu',
);

/** Before a superscript these make it an exponent or a unit, not a mark: "12²", "m²". */
const EXPONENT_BASE = /(?:\d|\b(?:m|cm|km|mm|ft|in|x|y|n|r))$/;

const LONGEST_STEM = 36;
const LONGEST_EMPHASIS = 200;

export const referenceMarks: Pass = {
  id: 'reference-marks',
  title: 'Reference marks',
  summary: 'Takes out marks that point to notes: [4], [2, 5–7], ³, †, and figures glued to a full stop.',
  group: 'marks',
  onByDefault: true,
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
  },
  needs: /[[\d¹²³⁰⁴-⁹†‡§*]/,
  find: (text, { gluedNotes }) => {
    const marks = replaceMatches(text, MARKS, (match) => {
      const [mark] = match;
      const before = text.slice(Math.max(0, match.index - LONGEST_STEM), match.index);
      if (/^[†‡§*]/.test(mark) && !isNoteSign(text, match.index, mark)) return undefined;
      if (/^[¹²³⁰⁴-⁹]/.test(mark)) return EXPONENT_BASE.test(before) ? undefined : '';
      if (mark === '*') return { insert: '', certainty: 0.8, why: 'star' };
      if (!/^\d/.test(mark) || gluedNotes.has(/\S*$/.exec(before)![0] + mark)) return '';
      return { insert: '', certainty: 0.8, why: 'glued' };
    });
    return gluedNotes.size === 0 ? marks : withGluedNotes(marks, text, gluedNotes);
  },
};

/** A sign glued to the end of a word, not before a word or a figure; a star that closes no emphasis and hides no letters. */
function isNoteSign(text: string, at: number, mark: string): boolean {
  if (!/[\p{L}.,;:!?”’")\]]/u.test(text[at - 1] ?? '')) return false;
  const after = text.slice(at + mark.length, at + mark.length + 2);
  if (/^(?:[\p{L}\p{N}*§†‡]|\s\d)/u.test(after) && (mark === '§' || !/^\s/.test(after))) return false;
  return mark !== '*' || !/\*[^\s*][^*\n]*$/.test(text.slice(Math.max(0, at - LONGEST_EMPHASIS), at));
}

function withGluedNotes(marks: readonly LocalEdit[], text: string, gluedNotes: ReadonlySet<string>): LocalEdit[] {
  const taken = new Set(marks.map((mark) => mark.from));
  const glued = findGluedFigures(text)
    .filter(({ stem, figures, from }) => gluedNotes.has(stem + figures) && !taken.has(from))
    .map(({ from, figures }) => ({ from, to: from + figures.length, insert: '' }));
  return [...marks, ...glued].sort((a, b) => a.from - b.from);
}
