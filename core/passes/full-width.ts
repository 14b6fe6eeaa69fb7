import { findLanguage } from '../text/languages/index.ts';
import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

/** Beside Chinese and Japanese signs they are what is usual, whatever the rest of the text is written in. */
const OUTSIDE_CJK =
  /(?<![\u2e80-\u9fff\uf900-\ufaff\uff01-\uff5e])[\uff01-\uff5e]+(?![\u2e80-\u9fff\uf900-\ufaff\uff01-\uff5e])/g;

export const fullWidth = {
  works: 'inline',
  id: 'full-width',
  title: 'Full-width characters',
  summary:
    'Writes full-width Latin letters, figures and signs in their ordinary form; Chinese and Japanese keep theirs.',
  group: 'characters',
  onByDefault: true,
  characters: /[\uff01-\uff5e]/,
  examples: [
    { before: 'Ｔｈｅ mill of １８７１！', after: 'The mill of 1871!' },
    { before: 'He wrote 没有人，没有灯。 on the slate', after: 'He wrote 没有人，没有灯。 on the slate' },
  ],
  signs: Sign.fullWidth,
  find: ({ text }, { language }) =>
    findLanguage(language)?.wide
      ? []
      : replaceMatches(text, OUTSIDE_CJK, ([form]) =>
          [...form].map((char) => String.fromCharCode(char.charCodeAt(0) - 0xfee0)).join(''),
        ),
} as const satisfies InlinePass;
