import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

export const bullets = {
  works: 'inline',
  id: 'bullets',
  title: 'Same bullet throughout',
  summary: 'Gives every item of a list without numbers the same sign.',
  group: 'marks',
  onByDefault: false,
  characters: /[‣◦▪▫●○■□•]/,
  settings: [
    {
      id: 'sign',
      title: 'Sign',
      options: [
        { value: '•', title: '• round' },
        { value: '–', title: '– dash' },
        { value: '-', title: '- hyphen' },
        { value: '*', title: '* star' },
      ],
      usual: '•',
    },
  ],
  examples: [
    { before: '* flour\n* tallow\n* apple teeth', after: '• flour\n• tallow\n• apple teeth' },
    {
      before: '▪ flour\n▪ tallow\n▪ apple teeth',
      after: '- flour\n- tallow\n- apple teeth',
      settings: { sign: '-' },
    },
  ],
  signs: Sign.bullet,
  find: ({ text }, _context, { sign }) =>
    replaceMatches(text, /^(?:[‣◦▪▫●○■□•]\s*|[*+–—-]\s+)(?=\S)/g, () => `${sign} `),
} as const satisfies InlinePass;
