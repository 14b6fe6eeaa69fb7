import { LineKind } from '../lines/line-kind.ts';
import type { LinePass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const rules = {
  works: 'lines',
  id: 'rules',
  title: 'Lines of dashes',
  summary: 'Takes out lines that are nothing but dashes, equals signs or the like, or specks from a scan.',
  group: 'lines',
  onByDefault: true,
  examples: [{ before: 'Low Water\n=========\n\nThe creek dries.', after: 'Low Water\n\nThe creek dries.' }],
  kinds: [LineKind.rule],
  lineOptions: () => ({ rules: true }),
} as const satisfies LinePass;
