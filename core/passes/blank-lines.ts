import type { SeamPass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const blankLines = {
  works: 'seams',
  id: 'blank-lines',
  title: 'Blank lines',
  summary: 'Leaves the same gap between all paragraphs, and none at the start and the end.',
  group: 'breaks',
  onByDefault: true,
  characters: /[\r\v\f\u0085\u2028\u2029]/,
  settings: [
    {
      id: 'items',
      title: 'Between list items',
      options: [
        { value: 'source', title: 'list items as they are' },
        { value: 'apart', title: 'list items apart' },
        { value: 'close', title: 'list items close' },
      ],
      usual: 'source',
    },
  ],
  examples: [
    { before: '\n\nThe tide fell.\n \n\n\nIt rose.\n\n', after: 'The tide fell.\n\nIt rose.' },
    {
      before: 'Bring these:\n\n\n• oars\n• a lamp\n\n\nThe ferry waits.',
      after: 'Bring these:\n\n• oars\n• a lamp\n\nThe ferry waits.',
    },
    {
      before: 'Bring these:\n\n• oars\n\n• a lamp\n\nThe ferry waits.',
      after: 'Bring these:\n\n• oars\n• a lamp\n\nThe ferry waits.',
      settings: { items: 'close' },
    },
  ],
} as const satisfies SeamPass;
