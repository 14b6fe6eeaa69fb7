import { isInWord } from '../text/characters.ts';
import { isAbbreviation } from '../text/vocabulary.ts';
import { replaceMatches, withoutOverlaps, type InlinePass } from './pass.ts';

/** The word before the stop, a quotation mark, and the small letter that begins the sentence. */
const SENTENCE_START = /(?:^|(?<=(?:\b(\p{Ll}{2,})|\d)[.!?]["”’]? ))(["“‘]?)(\p{Ll})(?=\p{Ll}|\s)/gu;
/** Short forms that may end a sentence, but mostly do not where a small letter follows. */
const RARELY_LAST: ReadonlySet<string> = new Set(['etc', 'usw', 'inc', 'ltd', 'co']);
const PRONOUN = /\bi(?=[\s,;:!?]|[’'](?:m|ve|ll|d)\b)/g;

export const sentenceCapitals = {
  works: 'inline',
  id: 'sentence-capitals',
  title: 'Capital at sentence start',
  summary: 'Begins each sentence with a capital, and writes the English “I” as one.',
  group: 'words',
  onByDefault: false,
  examples: [
    { before: 'you begin with the keel. then come the ribs.', after: 'You begin with the keel. Then come the ribs.' },
    { before: 'it is oak, so i wait. i’m patient.', after: 'It is oak, so I wait. I’m patient.' },
  ],
  find: ({ text }, { language }) => {
    const starts = replaceMatches(text, SENTENCE_START, ([, word, mark, letter]) =>
      word !== undefined && (isAbbreviation(word) || RARELY_LAST.has(word)) ? undefined : mark! + letter!.toUpperCase(),
    );
    if (language !== 'en') return starts;
    const pronouns = replaceMatches(text, PRONOUN, ({ index }) =>
      isInWord(text[index - 1]) || text[index - 1] === '.' ? undefined : 'I',
    );
    return withoutOverlaps([...starts, ...pronouns]);
  },
} as const satisfies InlinePass;
