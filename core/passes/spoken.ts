import { isAbbreviation } from '../text/language.ts';
import { replaceMatches, type Pass } from './pass.ts';

const FILLERS =
  /(?:(?<=^)|(?<=[.!?]["”’]? ))(?:u[mh]+|er+m?|hm+|ähm?|euh)\b[,.…]* *(\p{Ll})?|,? ?\b(?:u[mh]+|er+m?|hm+|ähm?|euh)\b(?:,(?= ))?/giu;

export const fillers: Pass = {
  id: 'fillers',
  title: 'Filler words',
  summary: 'Takes out um, uh, er and the like from spoken text.',
  group: 'words',
  onByDefault: false,
  examples: [
    { before: 'Um, you begin, uh, with the keel and, er, the ribs.', after: 'You begin with the keel and the ribs.' },
    { before: 'The umbrella hung in the hall.', after: 'The umbrella hung in the hall.' },
  ],
  needs: /\b(?:u[mh]|er|hm|äh|euh)/i,
  find: (text) => replaceMatches(text, FILLERS, ([, next]) => next?.toUpperCase() ?? ''),
};

/** Doubled on purpose, in some sentences: "had had", "that that", "very very". */
const MAY_DOUBLE: ReadonlySet<string> = new Set(
  'had that very so no yes ha bye now there well sie die der das nous vous'.split(' '),
);

/** The first letter alone is compared before the whole word is. */
const REPEATED = /(?<![\p{L}\p{N}’'-])(?=(.)\S{0,40} \1)(\p{L}+) \2(?![\p{L}\p{N}’'-])/gu;

export const repeatedWords: Pass = {
  id: 'repeated-words',
  title: 'Repeated words',
  summary: 'Makes one of a word that stands twice in a row, also over a line end; “had had” and the like stay.',
  group: 'words',
  onByDefault: false,
  examples: [
    { before: 'He opened the the gate, as he had had to.', after: 'He opened the gate, as he had had to.' },
    { before: 'He went to the\nthe water.', after: 'He went to the water.' },
  ],
  find: (text) =>
    replaceMatches(text, REPEATED, ([, , word]) => (MAY_DOUBLE.has(word!.toLowerCase()) ? undefined : word)),
};

/** The word before the stop, a quotation mark, and the small letter that begins the sentence. */
const SENTENCE_START = /(?:^|(?<=(?:\b(\p{Ll}{2,})|\d)[.!?]["”’]? ))(["“‘]?)(\p{Ll})(?=\p{Ll}|\s)/gu;
/** Short forms that may end a sentence, but mostly do not where a small letter follows. */
const RARELY_LAST: ReadonlySet<string> = new Set(['etc', 'usw', 'inc', 'ltd', 'co']);

export const sentenceCapitals: Pass = {
  id: 'sentence-capitals',
  title: 'Sentence capitals',
  summary: 'Begins each sentence with a capital.',
  group: 'words',
  onByDefault: false,
  examples: [
    { before: 'you begin with the keel. then come the ribs.', after: 'You begin with the keel. Then come the ribs.' },
  ],
  find: (text) =>
    replaceMatches(text, SENTENCE_START, ([, word, mark, letter]) =>
      word !== undefined && (isAbbreviation(word) || RARELY_LAST.has(word)) ? undefined : mark! + letter!.toUpperCase(),
    ),
};
