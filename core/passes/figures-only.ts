import { replaceMatches, type InlinePass } from './pass.ts';

const TAKEN = /[^\p{N}\n]+/gu;

/** For people who count words: it leaves less than prose, so it is off until it is asked for. */
export const figuresOnly = {
  works: 'inline',
  id: 'figures-only',
  title: 'Digits only',
  summary: 'Takes out everything but figures and the spaces between them.',
  group: 'words',
  onByDefault: false,
  examples: [{ before: 'In 1871, nine mills stood: “Low Café.”', after: '1871' }],
  // What is left of the ends of a block must not begin or end with a space.
  find: ({ text }) =>
    replaceMatches(text, TAKEN, ({ 0: match, index }) =>
      index === 0 || index + match.length === text.length ? '' : ' ',
    ),
} as const satisfies InlinePass;
