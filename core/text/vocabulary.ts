import { wordsOf, type Language } from './language.ts';
import { findLanguage, LANGUAGES } from './languages/index.ts';
import type { LanguageData } from './languages/language-data.ts';

/** The words that matter of the languages that a text is written in. All are asked for in any case. */
export interface Vocabulary {
  /** Whether a word leans on the next: "the", "of", "und", "dans". */
  isFunctionWord(word: string): boolean;
  /** Whether a sentence that begins with this word refers back to the one before. */
  refersBack(word: string): boolean;
  /** Whether a word (without its stop) is a short form or an initial, so that a stop after it ends nothing. */
  isAbbreviation(word: string): boolean;
  /** Whether a word belongs to the next and to nothing else. */
  isArticle(word: string): boolean;
  /** See the fields of the same names in LanguageData. */
  isElided(word: string): boolean;
  isSuspender(word: string): boolean;
  isEnclitic(word: string): boolean;
  isPrefix(word: string): boolean;
  /** Whether a word with a capital may stand within a sentence, as nouns do in the language of the text. */
  mayBeNoun(word: string): boolean;
}

type List =
  'functionWords' | 'referring' | 'abbreviations' | 'articles' | 'elided' | 'suspenders' | 'enclitics' | 'prefixes';

/** By the bits of the languages and the main one: texts have few combinations of them. */
const made = new Map<string, Vocabulary>();
const ALL = (1 << LANGUAGES.length) - 1;

/** The words of the languages whose bits are set (see LanguagesTold), of all where none is; `main` is that of most of the text. */
export function vocabularyOf(languages: number, main: Language = 'other'): Vocabulary {
  const key = `${languages} ${main}`;
  const known = made.get(key);
  if (known) return known;
  const bits = languages === 0 ? ALL : languages;
  const vocabulary = makeVocabulary(
    LANGUAGES.filter((_, place) => bits & (1 << place)),
    findLanguage(main)?.capitalizesNouns ?? false,
  );
  made.set(key, vocabulary);
  return vocabulary;
}

function makeVocabulary(languages: readonly LanguageData[], capitalizesNouns: boolean): Vocabulary {
  const asker = (list: List) => {
    const words = new Set(languages.flatMap((language) => wordsOf(language[list])));
    const longest = Math.max(0, ...[...words].map(({ length }) => length));
    return (word: string) => word.length <= longest && words.has(word.toLowerCase());
  };
  const isShortForm = asker('abbreviations');
  const isFunctionWord = asker('functionWords');
  return {
    isFunctionWord,
    refersBack: asker('referring'),
    isAbbreviation: (word) => isInitial(word) || isShortForm(word),
    isArticle: asker('articles'),
    isElided: asker('elided'),
    isSuspender: asker('suspenders'),
    isEnclitic: asker('enclitics'),
    isPrefix: asker('prefixes'),
    mayBeNoun: (word) => capitalizesNouns && !isFunctionWord(word),
  };
}

/** "J", "U.S", but not the pronoun. */
function isInitial(word: string): boolean {
  if (word.length === 1) return word !== 'I' && word.toLowerCase() !== word.toUpperCase();
  return word[1] === '.' && /^(\p{L}\.)+\p{L}$/u.test(word);
}

/** Whether a word (without its stop) is a short form in some language: for passes, which see one paragraph. */
export const isAbbreviation = vocabularyOf(0).isAbbreviation;
