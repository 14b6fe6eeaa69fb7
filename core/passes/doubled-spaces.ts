import { isAbbreviation } from '../text/vocabulary.ts';
import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

/** The word before the stop, and the spaces behind it. */
const SENTENCE_GAP = /(?<=(\p{L}+|[^\p{L}\s])[.!?…][”’"»)\]]{0,2})( +)(?=[“‘"'«¿¡([]?[\p{Lu}\p{N}])| {2,}/gu;

export const doubledSpaces = {
  works: 'inline',
  id: 'doubled-spaces',
  title: 'Doubled spaces',
  summary: 'Makes one space of several; after a sentence one, two, or as it was.',
  group: 'spaces',
  onByDefault: true,
  settings: [
    {
      id: 'sentence',
      title: 'After a sentence',
      options: [
        { value: 'one', title: 'one after a sentence' },
        { value: 'two', title: 'two after a sentence' },
        { value: 'stay', title: 'sentence gaps stay' },
      ],
      usual: 'one',
    },
  ],
  examples: [
    { before: 'The  tide turns.   It waits.', after: 'The tide turns. It waits.' },
    {
      before: 'Mrs. Pell  came. “So,” she said.  It was J. R. Averill, etc. at noon.',
      after: 'Mrs. Pell came.  “So,” she said.  It was J. R. Averill, etc. at noon.',
      settings: { sentence: 'two' },
    },
    { before: 'T H E  T I D E  turns.', after: 'T H E  T I D E turns.' },
    { before: 'Il y  a  une marée.', after: 'Il y a une marée.' },
    { before: 'What is a  neap tide?      [2]', after: 'What is a neap tide?      [2]' },
    {
      before: 'It  turns.  It waits. It falls.',
      after: 'It turns.  It waits. It falls.',
      settings: { sentence: 'stay' },
    },
  ],
  signs: ({ sentence }) => (sentence === 'one' ? Sign.spaceThenSpace : 0),
  find: ({ text }, _context, { sentence }) => {
    if (sentence === 'one') {
      if (!text.includes('  ')) return [];
      return replaceMatches(text, / {2,}/g, (match) => (isMeant(text, match) ? undefined : ' '));
    }
    return replaceMatches(text, SENTENCE_GAP, (match) => {
      if (isMeant(text, match)) return undefined;
      const [spaces, word, gap] = match;
      const isInside = gap === undefined || (word !== undefined && (isAbbreviation(word) || /^\p{Lu}$/u.test(word)));
      if (isInside) return ' ';
      return sentence === 'two' || spaces.length > 1 ? '  ' : ' ';
    });
  },
} as const satisfies InlinePass;

function isMeant(text: string, match: RegExpExecArray): boolean {
  return isBetweenSpacedLetters(text, match) || isBeforeWorth(text, match);
}

const WORTH = /^\[\d{1,3}(?: \p{L}+)?\]\s*$/u;
const LONGEST_WORTH = 24;

/** What a question of an examination is worth stands far to the right of its end: "    [4]". Near it, it would be the mark of a note. */
function isBeforeWorth(text: string, { 0: spaces, index }: RegExpExecArray): boolean {
  const from = index + spaces.length;
  return spaces.length > 2 && text.length - from <= LONGEST_WORTH && WORTH.test(text.slice(from));
}

/** "A R T I C L E  I N F O": between letters that are spaced out the wider gap parts the words; "y  a" are two words of one letter each. */
function isBetweenSpacedLetters(text: string, { 0: spaces, index }: RegExpExecArray): boolean {
  const end = index + spaces.length;
  const [before, behind] = [text.slice(Math.max(0, index - 4), index), text.slice(end, end + 3)];
  if (!/(?:^|\s)\p{L}$/u.test(before) || !/^\p{L} (?! )/u.test(behind)) return false;
  return /(?:^|\s)\p{L} \p{L}$/u.test(before) || /^\p{L} \p{L}(?!\p{L})/u.test(text.slice(end, end + 4));
}
