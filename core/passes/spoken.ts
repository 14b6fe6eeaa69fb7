import { isAbbreviation, type Language } from '../text/language.ts';
import { replaceMatches, type Pass } from './pass.ts';

/** The sounds of hesitation, by language: "um" and "er" are words in German. */
const SOUNDS: Readonly<Record<Language, string>> = {
  en: 'u[mh]+|er+m?|hm+',
  de: 'ähm?|öhm?|hm+',
  fr: 'euh+|hm+',
  es: 'eh+|em+|hm+',
  cjk: 'hm+',
  other: 'hm+',
};
const PHRASES: Partial<Readonly<Record<Language, string>>> = { en: 'you know|I mean|sort of|kind of' };

/** At the start of a sentence the next word takes the capital; elsewhere the commas around the sound go with it. */
function hesitation(sounds: string): RegExp {
  const start = String.raw`(?:(?<=^)|(?<=[.!?]["”’]? ))(?:${sounds})\b[,.…]* *(\p{Ll})?`;
  const inside = String.raw`,? ?(?<![\p{L}\p{N}’'-])(?:${sounds})(?![\p{L}\p{N}’'-])(?:,(?= ))?`;
  return new RegExp(`${start}|${inside}`, 'giu');
}

const EXPRESSIONS = new Map(Object.entries(SOUNDS).map(([language, sounds]) => [language, hesitation(sounds)]));

export const fillers: Pass = {
  id: 'fillers',
  title: 'Filler words',
  summary: 'Takes um, uh, er and the like out of spoken text; on request “you know” and “I mean” between commas too.',
  group: 'words',
  onByDefault: false,
  settings: [
    {
      id: 'which',
      title: 'Which go',
      options: [
        { value: 'sounds', title: 'um, uh, er' },
        { value: 'phrases', title: '“you know” too' },
      ],
      usual: 'sounds',
    },
  ],
  examples: [
    { before: 'Um, you begin, uh, with the keel and, er, the ribs.', after: 'You begin with the keel and the ribs.' },
    { before: 'The umbrella hung in the hall.', after: 'The umbrella hung in the hall.' },
    {
      before: 'You begin, you know, with the keel.',
      after: 'You begin with the keel.',
      settings: { which: 'phrases' },
    },
    {
      before: 'Er ging um die Ecke und, ähm, sah die Mühle.',
      after: 'Er ging um die Ecke und sah die Mühle.',
    },
  ],
  reasons: { phrase: 'these words may be meant' },
  find: (text, { language }, { which }) => {
    const sounds = replaceMatches(text, EXPRESSIONS.get(language)!, ([, next]) => next?.toUpperCase() ?? '');
    const phrases = which === 'phrases' ? PHRASES[language] : undefined;
    if (phrases === undefined) return sounds;
    const said = replaceMatches(text, new RegExp(`, (?:${phrases}),(?= )`, 'gi'), () => ({
      insert: '',
      certainty: 0.75,
      why: 'phrase',
    }));
    return [...sounds, ...said]
      .sort((a, b) => a.from - b.from)
      .filter((edit, at, all) => at === 0 || edit.from >= all[at - 1]!.to);
  },
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
  reasons: { name: 'a name may be doubled' },
  find: (text) =>
    replaceMatches(text, REPEATED, ([, , word]) => {
      if (MAY_DOUBLE.has(word!.toLowerCase())) return undefined;
      return /^\p{Lu}/u.test(word!) ? { insert: word!, certainty: 0.7, why: 'name' } : word;
    }),
};

/** The word before the stop, a quotation mark, and the small letter that begins the sentence. */
const SENTENCE_START = /(?:^|(?<=(?:\b(\p{Ll}{2,})|\d)[.!?]["”’]? ))(["“‘]?)(\p{Ll})(?=\p{Ll}|\s)/gu;
/** Short forms that may end a sentence, but mostly do not where a small letter follows. */
const RARELY_LAST: ReadonlySet<string> = new Set(['etc', 'usw', 'inc', 'ltd', 'co']);
const PRONOUN = /(?<![\p{L}\p{N}.’'-])i(?=[\s,;:!?]|[’'](?:m|ve|ll|d)\b)(?!\.)/gu;

export const sentenceCapitals: Pass = {
  id: 'sentence-capitals',
  title: 'Sentence capitals',
  summary: 'Begins each sentence with a capital, and writes the English “I” as one.',
  group: 'words',
  onByDefault: false,
  examples: [
    { before: 'you begin with the keel. then come the ribs.', after: 'You begin with the keel. Then come the ribs.' },
    { before: 'it is oak, so i wait. i’m patient.', after: 'It is oak, so I wait. I’m patient.' },
  ],
  find: (text, { language }) => {
    const starts = replaceMatches(text, SENTENCE_START, ([, word, mark, letter]) =>
      word !== undefined && (isAbbreviation(word) || RARELY_LAST.has(word)) ? undefined : mark! + letter!.toUpperCase(),
    );
    if (language !== 'en') return starts;
    const taken = new Set(starts.map(({ to }) => to));
    const pronouns = replaceMatches(text, PRONOUN, () => 'I').filter(({ to }) => !taken.has(to));
    return [...starts, ...pronouns].sort((a, b) => a.from - b.from);
  },
};
