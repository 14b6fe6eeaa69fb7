import { hasWord } from '../text/word-list.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

/** The hyphen and the space between two halves, which are looked at from there: so no long word is read again and again. */
const GAP =
  /[-\u2010\u00ad](?<=(?<![\p{L}\p{N}\p{M}@/._-])\p{L}{2,30}.) (?=\p{Ll}{2,30}(?![\p{L}\p{N}\p{M}@/_-]|\.\p{L}))/gu;
/** "T HE ferry", "N O ONE IN WRACKBY could": the large letter with which a paragraph begins, apart from the rest of its word. */
const INITIAL = /^(["“‘'«„]?\p{Lu}) +(\p{Lu}+)(?=(?: [\p{Lu}'’]+,?){0,8} \p{Ll})/u;
const HEAD = /\p{L}+$/u;
const TAIL = /^\p{L}+/u;
const LONGEST_HALF = 30;
const SOFT_HYPHEN = '\u00ad';

export const gapsInWords = {
  works: 'inline',
  id: 'gaps-in-words',
  title: 'Split words within a line',
  summary:
    'Mends known words that were left with a hyphen and a space inside (“infor- mation”), or with their large first letter apart (“T HE”).',
  done: ['word mended within a line', 'words mended within lines'],
  group: 'breaks',
  onByDefault: true,
  examples: [
    {
      before: 'The infor- mation came late, as information does.',
      after: 'The information came late, as information does.',
    },
    {
      before: 'Both pre- and post-war mills- all of them- stand.',
      after: 'Both pre- and post-war mills- all of them- stand.',
    },
  ],
  reasons: { twoWords: 'both halves are words too, so the hyphen may be a dash' },
  find: ({ text }, { vocabulary, words, timesInText }) => {
    const isListed = (form: string) => words !== undefined && hasWord(words, form);
    const [, letter = '', rest = ''] = INITIAL.exec(text) ?? [];
    const initialOf = letter.slice(-1).toLowerCase();
    const isWord = initialOf === 'i' || vocabulary.isFunctionWord(initialOf);
    const isInitial = rest !== '' && isListed(initialOf + rest) && !(isWord && isListed(rest));
    const initial = isInitial ? [{ from: letter.length, to: text.indexOf(rest, letter.length), insert: '' }] : [];
    if (!/[-\u2010\u00ad] /.test(text)) return initial;
    const gaps = replaceMatches(text, GAP, ({ 0: gap, index }) => {
      const behind = index + gap.length;
      const head = HEAD.exec(text.slice(Math.max(0, index - LONGEST_HALF), index))![0];
      const tail = TAIL.exec(text.slice(behind, behind + LONGEST_HALF))![0];
      if (vocabulary.isSuspender(tail)) return undefined;
      if (gap.startsWith(SOFT_HYPHEN)) return '';
      if (!isListed(head + tail) && timesInText((head + tail).toLowerCase()) === 0) return undefined;
      return isListed(head) && isListed(tail) ? { insert: '', certainty: 0.75, why: 'twoWords' } : '';
    });
    return [...initial, ...gaps];
  },
} as const satisfies InlinePass;
