import { LineKind } from '../lines/line-kind.ts';
import type { LinePass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const pageFurniture = {
  works: 'lines',
  id: 'page-furniture',
  title: 'Running heads and page numbers',
  summary: 'Takes out page numbers and the heads and feet that come back on each page.',
  done: ['page head or number dropped', 'page heads and numbers dropped'],
  group: 'lines',
  onByDefault: true,
  isListed: true,
  examples: [
    {
      before: 'The miller let the water\n12\n\fout through the gate.',
      after: 'The miller let the water out through the gate.',
    },
  ],
  reasons: {
    unique: 'its words stand nowhere else in the text',
    lone: 'it comes only once, so nothing proves that it is one',
  },
  kinds: [LineKind.pageNumber, LineKind.runningHead],
  lineOptions: () => ({ furniture: true }),
} as const satisfies LinePass;
