import type { Pass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const mailQuotes: Pass = {
  id: 'mail-quotes',
  title: 'Mail quoting',
  summary: 'Takes out the “> ” that mail programs put before quoted lines.',
  group: 'lines',
  onByDefault: true,
  examples: [
    {
      before: '> The ferry leaves at noon, and\n> the bell rings twice.\n>\n> Bring oars.',
      after: 'The ferry leaves at noon, and the bell rings twice.\n\nBring oars.',
    },
    { before: 'The pond is > 3 m deep.\n\n> So they say.', after: 'The pond is > 3 m deep.\n\n> So they say.' },
  ],
};
