import { replaceMatches, type InlinePass } from './pass.ts';

const TAKEN = /\./g;

/** For people who count words: it leaves less than prose, so it is off until it is asked for. */
export const noStops = {
  works: 'inline',
  id: 'no-stops',
  title: 'No full stops',
  summary: 'Takes out all full stops.',
  group: 'words',
  onByDefault: false,
  examples: [{ before: 'In 1871, nine mills stood: “Low Café.”', after: 'In 1871, nine mills stood: “Low Café”' }],
  find: ({ text }) => replaceMatches(text, TAKEN, () => ''),
} as const satisfies InlinePass;
