import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

export const tabs = {
  works: 'inline',
  id: 'tabs',
  title: 'Tabs',
  summary: 'Turns each run of tabs into one space, or into several, or takes it out.',
  group: 'characters',
  onByDefault: true,
  characters: /\t/,
  settings: [
    {
      id: 'to',
      title: 'A tab becomes',
      options: [
        { value: ' ', title: 'one space' },
        { value: '    ', title: 'four spaces' },
        { value: '', title: 'nothing' },
      ],
      usual: ' ',
    },
  ],
  examples: [
    { before: 'High water\tat noon.', after: 'High water at noon.' },
    { before: 'High wa\tter.', after: 'High water.', settings: { to: '' } },
  ],
  signs: Sign.tab,
  find: ({ text }, _context, { to }) => replaceMatches(text, / ?\t[\t ]*/g, () => to!),
} as const satisfies InlinePass;
