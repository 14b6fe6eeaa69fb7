import type { Pass } from './pass.ts';

/** The passes whose work is done while lines and seams are decided. */

export const pageFurniture: Pass = {
  id: 'page-furniture',
  title: 'Running heads and page numbers',
  summary: 'Takes out page numbers and the heads and feet that come back on each page.',
  group: 'lines',
  onByDefault: true,
  examples: [
    {
      before: 'The miller let the water\n12\n\fout through the gate.',
      after: 'The miller let the water out through the gate.',
    },
  ],
};

export const footnotes: Pass = {
  id: 'footnotes',
  title: 'Footnotes out of paragraphs',
  summary: 'Puts a footnote that stands between the halves of a paragraph behind it.',
  group: 'lines',
  onByDefault: true,
  examples: [
    {
      before: 'The miller let the water1 run\n1 It was salt.\n12\n\fout through the gate.',
      after: 'The miller let the water1 run out through the gate.\n\n1 It was salt.',
    },
  ],
};

export const webLabels: Pass = {
  id: 'web-labels',
  title: 'Menus and buttons of web pages',
  summary: 'Takes out what a copied page puts around its text: menus, buttons, counters, adverts and the links below.',
  group: 'lines',
  onByDefault: true,
  examples: [
    {
      before:
        'Home\nSign in\nThe Ferry of Wrackby\nShare this article\nThe ferry of Wrackby has crossed the sound four times a day for more than a hundred years, and in all weathers.\nRelated articles\nThe rope walk\nCookie settings',
      after:
        'The Ferry of Wrackby\n\nThe ferry of Wrackby has crossed the sound four times a day for more than a hundred years, and in all weathers.',
    },
  ],
};

export const rules: Pass = {
  id: 'rules',
  title: 'Rules of dashes',
  summary: 'Takes out lines that are nothing but dashes, equals signs or the like.',
  group: 'lines',
  onByDefault: true,
  examples: [{ before: 'Low Water\n=========\n\nThe creek dries.', after: 'Low Water\n\nThe creek dries.' }],
};

export const wrappedLines: Pass = {
  id: 'wrapped-lines',
  title: 'Wrapped lines joined',
  summary: 'Joins lines that were only broken to fit the page, and keeps the paragraphs apart.',
  group: 'breaks',
  onByDefault: true,
  examples: [
    { before: 'A tide mill asks for\nnothing but patience.', after: 'A tide mill asks for nothing but patience.' },
  ],
};

export const splitWords: Pass = {
  id: 'split-words',
  title: 'Split words mended',
  summary: 'Puts words that a hyphen split at a line end back together; real compounds keep their hyphen.',
  group: 'breaks',
  onByDefault: true,
  examples: [
    { before: 'The mills of Oxhithe re-\nmained.', after: 'The mills of Oxhithe remained.' },
    { before: 'Both pre-\nand post-war mills stand.', after: 'Both pre- and post-war mills stand.' },
  ],
};

export const blankLines: Pass = {
  id: 'blank-lines',
  title: 'Blank lines',
  summary: 'Leaves the same gap between all paragraphs, and none at the start and the end.',
  group: 'breaks',
  onByDefault: true,
  examples: [{ before: '\n\nThe tide fell.\n \n\n\nIt rose.\n\n', after: 'The tide fell.\n\nIt rose.' }],
};

export const edgeSpaces: Pass = {
  id: 'edge-spaces',
  title: 'Spaces at line edges',
  summary: 'Takes out spaces before the first and after the last word of a line.',
  group: 'spaces',
  onByDefault: true,
  examples: [{ before: '   The tide fell.  \n\n   It rose.', after: 'The tide fell.\n\nIt rose.' }],
};
