import { LineKind, type LineOptions } from '../lines/line-kind.ts';
import type { LinePass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const footnotes = {
  works: 'lines',
  id: 'footnotes',
  title: 'Footnotes',
  summary:
    'Puts a footnote or a caption that stands between the halves of a sentence behind the paragraph, all notes at the end, or takes notes out.',
  done: ['note set aside', 'notes set aside'],
  group: 'lines',
  onByDefault: true,
  isListed: true,
  settings: [
    {
      id: 'place',
      title: 'Place',
      options: [
        { value: 'behind', title: 'behind the paragraph' },
        { value: 'end', title: 'all at the end' },
        { value: 'gone', title: 'taken out' },
      ],
      usual: 'behind',
    },
  ],
  examples: [
    {
      before: 'The miller let the water1 run\n1 It was salt.\n12\n\fout through the gate.',
      after: 'The miller let the water run out through the gate.\n\n1 It was salt.',
    },
    {
      before: 'The miller let the water1 out.\n1 It was salt.\n12\n\fThen the gate was shut.',
      after: 'The miller let the water out.\n\nThen the gate was shut.\n\n1 It was salt.',
      settings: { place: 'end' },
    },
    {
      before: 'The miller let the water1 run\n1 It was salt.\n12\n\fout through the gate.',
      after: 'The miller let the water run out through the gate.',
      settings: { place: 'gone' },
    },
  ],
  kinds: [LineKind.aside],
  lineOptions: ({ place }) => ({ footnotes: place as LineOptions['footnotes'] }),
} as const satisfies LinePass;
