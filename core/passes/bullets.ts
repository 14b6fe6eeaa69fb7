import { replaceMatches, type Pass } from './pass.ts';

export const bullets: Pass = {
  id: 'bullets',
  title: 'Bullets alike',
  summary: 'Gives every item of a list without numbers the same sign.',
  group: 'marks',
  onByDefault: false,
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
    { before: '* flour\n* tallow\n* apple teeth', after: '• flour\n\n• tallow\n\n• apple teeth' },
    {
      before: '▪ flour\n▪ tallow\n▪ apple teeth',
      after: '- flour\n\n- tallow\n\n- apple teeth',
      settings: { sign: '-' },
    },
  ],
  find: (text, _context, { sign }) => replaceMatches(text, /^(?:[‣◦▪▫●○■□•]\s*|[*+–—-]\s+)(?=\S)/g, () => `${sign} `),
};
