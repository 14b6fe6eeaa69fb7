import { findLanguage } from '../text/languages/index.ts';
import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

export const fullWidth = {
  works: 'inline',
  id: 'full-width',
  title: 'Full-width characters',
  summary:
    'Writes full-width Latin letters, figures and signs in their ordinary form; Chinese and Japanese keep theirs.',
  group: 'characters',
  onByDefault: true,
  characters: /[\uff01-\uff5e]/,
  examples: [{ before: 'Ｔｈｅ mill of １８７１！', after: 'The mill of 1871!' }],
  signs: Sign.fullWidth,
  find: ({ text }, { language }) =>
    findLanguage(language)?.wide
      ? []
      : replaceMatches(text, /[\uff01-\uff5e]+/g, ([form]) =>
          [...form].map((char) => String.fromCharCode(char.charCodeAt(0) - 0xfee0)).join(''),
        ),
} as const satisfies InlinePass;
