import { isUpper } from '../text/characters.ts';
import { hasWord, type WordList } from '../text/word-list.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

/** What text recognition takes for what: the slip as it reads, and what was printed. */
const SLIPS: readonly (readonly [RegExp, string])[] = [
  [/rn/, 'm'],
  [/m/, 'rn'],
  [/vv/, 'w'],
  [/0/, 'o'],
  [/1/, 'l'],
  [/(?<=\p{Ll})i(?=\p{Ll})/u, 'l'],
  [/^tbe$/, 'the'],
  [/^tbat$/, 'that'],
  [/^aud$/, 'and'],
  [/^bave$/, 'have'],
  [/cl/, 'd'],
  [/li/, 'h'],
];
const SHORTEST = 3;
/** So often the text has the word that was meant where a slip is beyond question. */
const OFTEN = 2;

/** The word that was printed, where the list has it and has not the word as it stands; undefined where none is likely. */
function printed(word: string, words: WordList): string | undefined {
  if (word.length < SHORTEST || hasWord(words, word)) return undefined;
  const small = word.toLowerCase();
  const once = SLIPS.map(([slip, meant]) => small.replace(slip, meant)).filter((better) => better !== small);
  const twice = once.flatMap((better) => SLIPS.map(([slip, meant]) => better.replace(slip, meant)));
  const found = [...once, ...twice].find((better) => hasWord(words, better));
  if (found === undefined) return undefined;
  return isUpper(word[0]!) ? found[0]!.toUpperCase() + found.slice(1) : found;
}

export const ocrSlips = {
  works: 'inline',
  id: 'ocr-slips',
  title: 'OCR errors',
  summary:
    'Puts right what a scanner misread, such as “tbe” and “0ne”, where the word list knows the word that was meant.',
  group: 'words',
  onByDefault: false,
  examples: [{ before: 'A l for an I: “l saw it,” he said.', after: 'A I for an I: “I saw it,” he said.' }],
  reasons: { rare: 'the word list does not know the word, but the text may' },
  find: ({ text }, { language, words, timesInText }) => {
    const alone =
      language === 'en' ? replaceMatches(text, /(?<![\p{L}\p{N}’'.-])l(?![\p{L}\p{N}.)-])/gu, () => 'I') : [];
    if (!words) return alone;
    const slips = replaceMatches(text, /(?<![\p{L}\p{N}@/.])\p{L}[\p{L}01]+(?![\p{N}@/])/gu, ([word]) => {
      const better = printed(word, words);
      if (better === undefined) return undefined;
      const isSure =
        /\d/.test(word) || (timesInText(better.toLowerCase()) >= OFTEN && timesInText(word.toLowerCase()) < OFTEN);
      return isSure ? better : { insert: better, certainty: 0.75, why: 'rare' };
    });
    return [...alone, ...slips].sort((a, b) => a.from - b.from);
  },
} as const satisfies InlinePass;
