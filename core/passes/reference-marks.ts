import type { LocalEdit } from '../edits/local-edit.ts';
import { findGluedFigures } from '../text/note-marks.ts';
import { replaceMatches, type Pass } from './pass.ts';

const BRACKETED = String.raw`\[(?:[1-9]\d{0,2}(?:\s?[,–-]\s?\d{1,3})*|[a-z]|(?:note|nb|fn)\s?\d{1,3}|edit|citation needed)\]`;
const SUPERSCRIPT = String.raw`[¹²³⁰⁴-⁹]{1,3}(?:[,⁻][¹²³⁰⁴-⁹]{1,3})*`;
const AFTER_STOP = String.raw`(?<=\p{Ll}[.!?,;:][”’"')]?)\d{1,2}(?=\s+\p{Lu}|\s*$)`;
const MARKS = new RegExp(String.raw` ?${BRACKETED}(?:,?${BRACKETED})*|${SUPERSCRIPT}|${AFTER_STOP}`, 'gu');

/** Before a superscript these make it an exponent or a unit, not a mark: "12²", "m²". */
const EXPONENT_BASE = /(?:\d|\b(?:m|cm|km|mm|ft|in|x|y|n|r))$/;

export const referenceMarks: Pass = {
  id: 'reference-marks',
  title: 'Reference marks',
  summary: 'Takes out marks that point to notes: [4], [2, 5–7], superscript figures, figures glued to a full stop.',
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
  ],
  needs: /[[\d¹²³⁰⁴-⁹]/,
  find: (text, { gluedNotes }) => {
    const marks = replaceMatches(text, MARKS, (match) => {
      const superscript = /^[¹²³⁰⁴-⁹]/.test(match[0]);
      return superscript && EXPONENT_BASE.test(text.slice(Math.max(0, match.index - 4), match.index)) ? undefined : '';
    });
    return gluedNotes.size === 0 ? marks : withGluedNotes(marks, text, gluedNotes);
  },
};

function withGluedNotes(marks: readonly LocalEdit[], text: string, gluedNotes: ReadonlySet<string>): LocalEdit[] {
  const taken = new Set(marks.map((mark) => mark.from));
  const glued = findGluedFigures(text)
    .filter(({ stem, figures, from }) => gluedNotes.has(stem + figures) && !taken.has(from))
    .map(({ from, figures }) => ({ from, to: from + figures.length, insert: '' }));
  return [...marks, ...glued].sort((a, b) => a.from - b.from);
}
