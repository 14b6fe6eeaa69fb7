import { replaceMatches, type InlinePass } from './pass.ts';

const TAKEN = /\p{P}+/gu;

/** For people who count words: it leaves less than prose, so it is off until it is asked for. */
export const noPunctuation = {
  works: 'inline',
  id: 'no-punctuation',
  title: 'No punctuation',
  summary: 'Takes out all punctuation.',
  group: 'words',
  onByDefault: false,
  examples: [{ before: 'In 1871, nine mills stood: “Low Café.”', after: 'In 1871 nine mills stood Low Café' }],
  find: ({ text }) => replaceMatches(text, TAKEN, () => ''),
} as const satisfies InlinePass;
