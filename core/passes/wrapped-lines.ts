import type { SeamPass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const wrappedLines = {
  works: 'seams',
  id: 'wrapped-lines',
  title: 'Wrapped lines joined',
  summary: 'Joins lines that were only broken to fit the page, and keeps the paragraphs apart.',
  done: ['line joined', 'lines joined'],
  group: 'breaks',
  onByDefault: true,
  examples: [
    { before: 'A tide mill asks for\nnothing but patience.', after: 'A tide mill asks for nothing but patience.' },
  ],
} as const satisfies SeamPass;
