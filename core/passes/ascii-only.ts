import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

const TAKEN = /[^\u0000-\u007f]+/g; // eslint-disable-line no-control-regex

/** For people who count words: it leaves less than prose, so it is off until it is asked for. */
export const asciiOnly = {
  works: 'inline',
  id: 'ascii-only',
  title: 'ASCII only',
  summary: 'Takes out every character that ASCII does not have.',
  group: 'words',
  onByDefault: false,
  examples: [{ before: 'In 1871, nine mills stood: “Low Café.”', after: 'In 1871, nine mills stood: Low Caf.' }],
  signs: Sign.nonAscii,
  find: ({ text }) => replaceMatches(text, TAKEN, () => ''),
} as const satisfies InlinePass;
