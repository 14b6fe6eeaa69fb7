import { replaceMatches, type InlinePass } from './pass.ts';

const TAKEN = /[^\p{L}\p{M}\s’']+|(?<!\p{L})[’']+|[’']+(?!\p{L})/gu;

/** For people who count words: it leaves less than prose, so it is off until it is asked for. */
export const lettersOnly = {
  works: 'inline',
  id: 'letters-only',
  title: 'Letters only',
  summary: 'Takes out everything but letters and spaces.',
  group: 'words',
  onByDefault: false,
  examples: [{ before: 'In 1871, nine mills stood: “Low Café.”', after: 'In nine mills stood Low Café' }],
  find: ({ text }) => replaceMatches(text, TAKEN, () => ''),
} as const satisfies InlinePass;
