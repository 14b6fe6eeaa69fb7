import { findLanguage } from '../text/languages/index.ts';
import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

const ODD_SPACES = /[\u00a0\u1680\u2000-\u200a\u202f\u205f\u3000]+/g;
const NO_BREAK = /^[\u00a0\u202f]$/;

export const oddSpaces = {
  works: 'inline',
  id: 'odd-spaces',
  title: 'No-break and other special spaces',
  summary:
    'Turns no-break, thin and other unusual spaces into ordinary ones; French keeps those before ; : ! ? and inside « ».',
  group: 'characters',
  onByDefault: true,
  characters: /\p{Zs}/u,
  everywhere: true,
  settings: [
    {
      id: 'french',
      title: 'In French',
      options: [
        { value: 'kept', title: 'French keeps its own' },
        { value: 'plain', title: 'plain in French too' },
      ],
      usual: 'kept',
    },
  ],
  examples: [
    { before: 'The ferry\u00a0leaves at\u2009noon.', after: 'The ferry leaves at noon.' },
    {
      before: 'Est-ce que la marée est dans le port\u00a0? Oui, et elle est pour nous.',
      after: 'Est-ce que la marée est dans le port\u00a0? Oui, et elle est pour nous.',
    },
    {
      before: 'Est-ce que la marée est dans le port\u00a0? Oui, et elle est pour nous.',
      after: 'Est-ce que la marée est dans le port ? Oui, et elle est pour nous.',
      settings: { french: 'plain' },
    },
  ],
  signs: Sign.oddSpace,
  find: ({ text }, { language }, { french }) =>
    replaceMatches(text, ODD_SPACES, (match) => {
      if (findLanguage(language)?.wide && match[0] === '\u3000') return undefined;
      if (language === 'fr' && french === 'kept' && NO_BREAK.test(match[0]) && isFrenchSpace(text, match.index))
        return undefined;
      return ' ';
    }),
} as const satisfies InlinePass;

function isFrenchSpace(text: string, at: number): boolean {
  return ';:!?»%€'.includes(text[at + 1] ?? '\0') || text[at - 1] === '«';
}
