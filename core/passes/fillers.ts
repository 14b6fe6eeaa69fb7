import type { LocalEdit } from '../edits/local-edit.ts';
import { isInWord, isLower } from '../text/characters.ts';
import { findLanguage } from '../text/languages/index.ts';
import { replaceMatches, withoutOverlaps, type InlinePass } from './pass.ts';

/** Where the language is not known: "um" and "er" are words in some. */
const HESITATION = /\bhm+\b/gi;
const PHRASE_CERTAINTY = 0.75;
const SENTENCE_BEFORE = /(?:^|[.!?]["”’]? )$/;

/** A sound goes with its commas; at the start of a sentence the next word takes the capital. */
function withoutSound(text: string, from: number, to: number): LocalEdit | undefined {
  if (isInWord(text[from - 1]) || isInWord(text[to])) return undefined;
  if (SENTENCE_BEFORE.test(text.slice(Math.max(0, from - 3), from))) {
    const end = to + /^[,.…]* */.exec(text.slice(to, to + 8))![0].length;
    const next = text[end] ?? '';
    const isSmall = isLower(next);
    return { from, to: isSmall ? end + 1 : end, insert: isSmall ? next.toUpperCase() : '' };
  }
  const before = /,? ?$/.exec(text.slice(Math.max(0, from - 2), from))![0].length;
  return { from: from - before, to: to + (text.startsWith(', ', to) ? 1 : 0), insert: '' };
}

export const fillers = {
  works: 'inline',
  id: 'fillers',
  title: 'Filler words',
  summary: 'Takes um, uh, er and the like out of spoken text; on request “you know” and “I mean” between commas too.',
  done: ['filler dropped', 'fillers dropped'],
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
  find: ({ text }, { language }, { which }) => {
    const { hesitation = HESITATION, phrases } = findLanguage(language) ?? {};
    const found: LocalEdit[] = [];
    for (const { 0: sound, index } of text.matchAll(hesitation)) {
      const edit = withoutSound(text, index, index + sound.length);
      if (edit) found.push(edit);
    }
    if (which === 'phrases' && phrases)
      found.push(...replaceMatches(text, phrases, () => ({ insert: '', certainty: PHRASE_CERTAINTY, why: 'phrase' })));
    return withoutOverlaps(found);
  },
} as const satisfies InlinePass;
