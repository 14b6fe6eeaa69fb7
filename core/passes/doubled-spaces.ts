import { replaceMatches, type Pass } from './pass.ts';

export const doubledSpaces: Pass = {
  id: 'doubled-spaces',
  title: 'Doubled spaces',
  summary: 'Makes one space of several, also after a full stop.',
  group: 'spaces',
  onByDefault: true,
  examples: [{ before: 'The  tide turns.   It waits.', after: 'The tide turns. It waits.' }],
  find: (text) => (text.includes('  ') ? replaceMatches(text, / {2,}/g, () => ' ') : []),
};
