import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

export const composedLetters = {
  works: 'inline',
  id: 'composed-letters',
  title: 'Combining accents',
  summary: 'Writes a letter and its combining accent as one character (Unicode NFC), so that searching finds it.',
  group: 'characters',
  onByDefault: true,
  characters: /[\u0300-\u036f]/,
  examples: [{ before: 'The cafe\u0301 by the mu\u0308hle.', after: 'The caf\u00e9 by the m\u00fchle.' }],
  signs: Sign.combining,
  find: ({ text }) => replaceMatches(text, /\p{L}[\u0300-\u036f]+/gu, ([letter]) => letter.normalize('NFC')),
} as const satisfies InlinePass;
