import { LineKind } from '../lines/line-kind.ts';
import type { LinePass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const webLabels = {
  works: 'lines',
  id: 'web-labels',
  title: 'Web menus and buttons',
  summary: 'Takes out what a copied page puts around its text: menus, buttons, counters, adverts and the links below.',
  done: ['menu line dropped', 'menu lines dropped'],
  group: 'lines',
  onByDefault: true,
  isListed: true,
  examples: [
    {
      before:
        'Home\nSign in\nThe Ferry of Wrackby\nShare this article\nThe ferry of Wrackby has crossed the sound four times a day for more than a hundred years, and in all weathers.\nRelated articles\nThe rope walk\nCookie settings',
      after:
        'The Ferry of Wrackby\n\nThe ferry of Wrackby has crossed the sound four times a day for more than a hundred years, and in all weathers.',
    },
  ],
  reasons: {
    unique: 'its words stand nowhere else in the text',
    company: 'only the lines beside it tell that it is one',
  },
  kinds: [LineKind.webLabel],
  lineOptions: () => ({ webLabels: true }),
} as const satisfies LinePass;
