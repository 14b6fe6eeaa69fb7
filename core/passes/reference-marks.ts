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
    { before: 'That was the end.3 Then the miller left.', after: 'That was the end. Then the miller left.' },
  ],
  find: (text) =>
    /[[\d¹²³⁰⁴-⁹]/.test(text)
      ? replaceMatches(text, MARKS, (match) => {
          const superscript = /^[¹²³⁰⁴-⁹]/.test(match[0]);
          return superscript && EXPONENT_BASE.test(text.slice(Math.max(0, match.index - 4), match.index))
            ? undefined
            : '';
        })
      : [],
};
