import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

const LETTERS: Readonly<Record<string, string>> = {
  ﬀ: 'ff',
  ﬁ: 'fi',
  ﬂ: 'fl',
  ﬃ: 'ffi',
  ﬄ: 'ffl',
  ﬅ: 'st',
  ﬆ: 'st',
};

export const ligatures = {
  works: 'inline',
  id: 'ligatures',
  title: 'Ligatures',
  summary: 'Writes printed ligatures such as ﬁ and ﬂ as their letters.',
  group: 'characters',
  onByDefault: true,
  characters: /[ﬀ-ﬆ]/,
  everywhere: true,
  examples: [{ before: 'The ﬁrst ﬂood ﬁlled the oﬃce.', after: 'The first flood filled the office.' }],
  signs: Sign.ligature,
  find: ({ text }) => replaceMatches(text, /[ﬀ-ﬆ]/g, ([sign]) => LETTERS[sign]),
} as const satisfies InlinePass;
