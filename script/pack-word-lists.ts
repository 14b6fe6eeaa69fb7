import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { packWords } from '../core/text/word-list.ts';

/** Packs the word lists of the dictionary packages into public/words, one file a language; browser and command read them there. */
const LISTS: Readonly<Record<string, string>> = {
  en: 'an-array-of-english-words/index.json',
  de: 'an-array-of-german-words/words.json',
  fr: 'an-array-of-french-words/index.json',
  es: 'an-array-of-spanish-words/index.json',
};

mkdirSync('public/words', { recursive: true });
for (const [language, file] of Object.entries(LISTS)) {
  const words = (JSON.parse(readFileSync(`node_modules/${file}`, 'utf8')) as string[]).filter((word) =>
    /^\p{L}{2,30}$/u.test(word),
  );
  writeFileSync(`public/words/${language}.bin`, packWords([...new Set(words.map((word) => word.toLowerCase()))]));
}
