import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

/** Two small letters before the stop and one after the capital: no initials, no short forms. */
const GLUED = /(?<=(?:^|[\s“"(])[\p{L}’'-]*\p{Ll}{2}[.!?])(?=\p{Lu}\p{Ll}+(?:[\s,;:!?”"]|\.(?:\s|$)|$))/gu;

export const missingSpace = {
  works: 'inline',
  id: 'missing-space',
  title: 'Missing space after a sentence',
  summary: 'Puts a space between two sentences that were glued together; addresses and names of files stay.',
  group: 'punctuation',
  onByDefault: true,
  examples: [
    { before: 'The tide fell.Then it rose.', after: 'The tide fell. Then it rose.' },
    {
      before: 'Ask keeper@light.Example or see mills.Gate.open.',
      after: 'Ask keeper@light.Example or see mills.Gate.open.',
    },
  ],
  signs: Sign.stopThenCapital,
  find: ({ text }) =>
    /[a-z\u00df-\u024f][.!?][A-Z\u00c0-\u024f]/.test(text) ? replaceMatches(text, GLUED, () => ' ') : [],
} as const satisfies InlinePass;
