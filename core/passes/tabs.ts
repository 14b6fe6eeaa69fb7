import { replaceMatches, type Pass } from './pass.ts';

export const tabs: Pass = {
  id: 'tabs',
  title: 'Tabs',
  summary: 'Turns each run of tabs into one space.',
  group: 'characters',
  onByDefault: true,
  examples: [{ before: 'High water\tat noon.', after: 'High water at noon.' }],
  needs: /\t/,
  find: (text) => replaceMatches(text, / ?\t[\t ]*/g, () => ' '),
};
