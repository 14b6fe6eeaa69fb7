import type { LinePass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const mailQuotes = {
  works: 'lines',
  id: 'mail-quotes',
  title: 'Email quote marks',
  summary:
    'Takes out the “> ” that mail programs put before quoted lines; in Markdown each quoted paragraph keeps one.',
  done: ['quoting mark dropped', 'quoting marks dropped'],
  group: 'lines',
  onByDefault: true,
  isListed: true,
  examples: [
    {
      before: '> The ferry leaves at noon, and\n> the bell rings twice.\n>\n> Bring oars.',
      after: 'The ferry leaves at noon, and the bell rings twice.\n\nBring oars.',
    },
    {
      before: '# Rules\n\n> The ferry leaves at noon, and\n> the bell rings twice.',
      after: '# Rules\n\n> The ferry leaves at noon, and the bell rings twice.',
    },
    { before: 'The pond is > 3 m deep.\n\n> So they say.', after: 'The pond is > 3 m deep.\n\n> So they say.' },
  ],
  kinds: [],
  lineOptions: () => ({ mailQuotes: true }),
} as const satisfies LinePass;
