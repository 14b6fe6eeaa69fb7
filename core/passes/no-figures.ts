import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

const TAKEN = /\p{N}+/gu;

/** For people who count words: it leaves less than prose, so it is off until it is asked for. */
export const noFigures = {
  works: 'inline',
  id: 'no-figures',
  title: 'No digits',
  summary: 'Takes out all figures.',
  group: 'words',
  onByDefault: false,
  examples: [{ before: 'In 1871, nine mills stood: “Low Café.”', after: 'In, nine mills stood: “Low Café.”' }],
  signs: Sign.figure | Sign.nonAscii,
  find: ({ text }) => replaceMatches(text, TAKEN, () => ''),
} as const satisfies InlinePass;
