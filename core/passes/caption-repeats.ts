import { LineKind } from '../lines/line-kind.ts';
import type { LinePass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const captionRepeats = {
  works: 'lines',
  id: 'caption-repeats',
  title: 'Repeated caption lines',
  summary: 'Keeps one of the two or three showings that a rolling caption track gives each line.',
  done: ['repeat dropped', 'repeats dropped'],
  group: 'lines',
  onByDefault: true,
  examples: [
    {
      before:
        '00:01.000 --> 00:02.000\nYou begin with\n\n00:02.000 --> 00:03.000\nYou begin with\nthe keel.\n\n00:03.000 --> 00:04.000\nthe keel.\nThen the ribs.\n',
      after: 'You begin with the keel. Then the ribs.',
    },
  ],
  kinds: [LineKind.captionRepeat],
  lineOptions: () => ({ repeats: true }),
} as const satisfies LinePass;
