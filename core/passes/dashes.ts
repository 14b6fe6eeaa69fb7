import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

/** Between words, not at the start of an option ("--apart") or in a rule. */
const DASH = /(?<=[\p{L}\p{N}.,!?”’")\]])( ?)(?:-{2,3}|—|–(?= ))( ?)(?=[\p{L}\p{N}“‘"'(]|$)(?!-)/gu;

export const dashes = {
  works: 'inline',
  id: 'dashes',
  title: 'Same dash throughout',
  summary:
    'Makes dashes of double hyphens and writes all dashes between words in one way; ranges such as 1914–18 stay.',
  group: 'punctuation',
  onByDefault: false,
  settings: [
    {
      id: 'form',
      title: 'Form',
      options: [
        { value: '—', title: 'word—word' },
        { value: ' – ', title: 'word – word' },
        { value: ' — ', title: 'word — word' },
      ],
      usual: '—',
    },
  ],
  examples: [
    { before: 'The tide--so they said -- fell in 1914–18.', after: 'The tide—so they said—fell in 1914–18.' },
    {
      before: 'The tide—so they said—fell; use --apart line.',
      after: 'The tide – so they said – fell; use --apart line.',
      settings: { form: ' – ' },
    },
  ],
  signs: Sign.dash,
  find: ({ text }, _context, { form }) => {
    if (!/--|[–—]/.test(text)) return [];
    return replaceMatches(text, DASH, (match) => {
      const [whole, before, after] = match;
      if (whole.trim() === '–' && before === '') return undefined;
      // " --word" with a space before alone is an option of a command.
      if (before !== '' && after === '' && whole.includes('-')) return undefined;
      return match.index + whole.length === text.length ? form!.trimEnd() : form!;
    });
  },
} as const satisfies InlinePass;
