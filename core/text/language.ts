import { isCjk } from './characters.ts';
import { LANGUAGES, type KnownLanguage } from './languages/index.ts';

/** A language that is known, or what its script or nothing tells. */
export type Language = KnownLanguage | 'cjk' | 'other';

function words(list: string): readonly string[] {
  return list.split(' ');
}

const ALL_FUNCTION_WORDS: ReadonlySet<string> = new Set(LANGUAGES.flatMap(({ functionWords }) => words(functionWords)));

/** Whether a word is one that leans on the next: "the", "of", "und", "dans". Case is ignored. */
export function isFunctionWord(word: string): boolean {
  return word.length <= 8 && ALL_FUNCTION_WORDS.has(word.toLowerCase());
}

const REFERRING: ReadonlySet<string> = new Set(LANGUAGES.flatMap(({ referring }) => words(referring)));

/** Whether a sentence that begins with this word refers back to the one before. Case is ignored. */
export function refersBack(word: string): boolean {
  return word.length <= 11 && REFERRING.has(word.toLowerCase());
}

const ABBREVIATIONS: ReadonlySet<string> = new Set(LANGUAGES.flatMap(({ abbreviations }) => words(abbreviations)));

/** Whether a word (without its stop) is a known short form or an initial, so that a stop after it ends nothing. */
export function isAbbreviation(word: string): boolean {
  if (word.length === 1) return word !== 'I' && word.toLowerCase() !== word.toUpperCase();
  if (ABBREVIATIONS.has(word.toLowerCase())) return true;
  return /^(\p{L}\.)+\p{L}$/u.test(word);
}

/** Latin letters, figures and signs as wide as a Chinese sign: text of any language may be set in them. */
function isFullWidth(code: number): boolean {
  return code >= 0xff01 && code <= 0xff5e;
}

const SAMPLE = 20_000;
const CJK_SHARE = 0.15;

/** The language of a text, told by its script and its small words; 'other' when neither speaks. Reads at most 20,000 characters. */
export function detectLanguage(text: string): Language {
  const sample = text.slice(0, SAMPLE);
  // White space does not count, whatever characters its line ends have.
  const signs = sample.replace(/\s/g, '').length;
  let cjk = 0;
  for (let at = 0; at < sample.length; at++)
    if (isCjk(sample.charCodeAt(at)) && !isFullWidth(sample.charCodeAt(at))) cjk++;
  if (signs > 0 && cjk / signs > CJK_SHARE) return 'cjk';
  const tokens = sample.toLowerCase().match(/\p{L}+/gu) ?? [];
  let best: Language = 'other';
  let bestShare = 0.08;
  for (const { id: language, functionWords } of LANGUAGES) {
    const known = new Set(words(functionWords));
    let hits = 0;
    for (const token of tokens) if (known.has(token)) hits++;
    const share = tokens.length === 0 ? 0 : hits / tokens.length;
    if (share > bestShare) {
      best = language;
      bestShare = share;
    }
  }
  return best;
}
