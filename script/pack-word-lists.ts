import { decodeTrie } from 'cspell-trie-lib';
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { LANGUAGES } from '../core/text/languages/index.ts';
import { packWords } from '../core/text/word-list.ts';
import { isNewer } from './newer.ts';

/**
 * Packs the dictionaries that each language names, those of spelling checkers, into public/words, one file a language with its licences beside it; browser and
 * command read them there. A file that is newer than all that it is made of stays as it is.
 */
const TARGET = 'public/words';
/** What decides how words are packed. */
const PACKERS = ['script/pack-word-lists.ts', 'core/text/word-list.ts'];

mkdirSync(TARGET, { recursive: true });
for (const { id: language, dictionaries: names } of LANGUAGES) {
  if (names.length === 0) continue;
  const packed = `${TARGET}/${language}.bin`;
  const files = names.map((name) => `node_modules/@cspell/${name}`);
  if (isNewer(packed, [...files, ...PACKERS])) continue;
  writeFileSync(packed, packWords([...new Set(files.flatMap(readWords))]));
  for (const name of names) {
    const dictionary = name.split('/')[0]!;
    copyFileSync(`node_modules/@cspell/${dictionary}/LICENSE`, `${TARGET}/${language}.${dictionary}.LICENSE.txt`);
  }
}

/** Whole words in small letters. Entries that only live in compounds, or have lost their accents, carry a sign and are left out. */
function readWords(file: string): string[] {
  const words: string[] = [];
  for (const word of decodeTrie(gunzipSync(readFileSync(file))).words()) {
    if (/^\p{L}{2,30}$/u.test(word)) words.push(word.toLowerCase());
  }
  return words;
}
