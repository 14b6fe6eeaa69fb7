import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

export const ellipses = {
  works: 'inline',
  id: 'ellipses',
  title: 'Same ellipsis throughout',
  summary: 'Writes every ellipsis in one way; four stops are an ellipsis after a sentence and keep their first.',
  group: 'punctuation',
  onByDefault: false,
  settings: [
    {
      id: 'form',
      title: 'Form',
      options: [
        { value: '…', title: '… one sign' },
        { value: '...', title: '... three stops' },
      ],
      usual: '…',
    },
  ],
  examples: [
    { before: 'It rose... and fell. . . for ever....', after: 'It rose… and fell… for ever.…' },
    { before: 'It rose… and fell.', after: 'It rose... and fell.', settings: { form: '...' } },
  ],
  signs: Sign.ellipsis | Sign.doubledStop | Sign.spaceThenClosing,
  find: ({ text }, _context, { form }) =>
    replaceMatches(text, /(?<!\.)(\.?)\.\.\.(?!\.)|(?<![. ])\. \. \.(?! ?\.)|…/g, ([, stop = '']) => stop + form!),
} as const satisfies InlinePass;
