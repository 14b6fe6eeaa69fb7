import type { SeamPass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const splitWords = {
  works: 'seams',
  id: 'split-words',
  title: 'Split words mended',
  summary: 'Puts words that a hyphen split at a line end back together; real compounds keep their hyphen.',
  done: ['word mended', 'words mended'],
  group: 'breaks',
  onByDefault: true,
  examples: [
    { before: 'The mills of Oxhithe re-\nmained.', after: 'The mills of Oxhithe remained.' },
    { before: 'Both pre-\nand post-war mills stand.', after: 'Both pre- and post-war mills stand.' },
  ],
} as const satisfies SeamPass;
