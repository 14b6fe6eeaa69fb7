import type { SeamPass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const edgeSpaces = {
  works: 'seams',
  id: 'edge-spaces',
  title: 'Leading and trailing spaces',
  summary: 'Takes out spaces before the first and after the last word of a line.',
  group: 'spaces',
  onByDefault: true,
  examples: [{ before: '   The tide fell.  \n\n   It rose.', after: 'The tide fell.\n\nIt rose.' }],
} as const satisfies SeamPass;
