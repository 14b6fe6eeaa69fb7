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
  title: 'Footnotes',
  summary:
    'Puts a footnote that stands between the halves of a paragraph behind it, all notes at the end, or takes them out.',
  group: 'lines',
  onByDefault: true,
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
};

export const mailQuotes: Pass = {
  id: 'mail-quotes',
  title: 'Mail quoting',
  summary: 'Takes out the “> ” that mail programs put before quoted lines.',
  group: 'lines',
  onByDefault: true,
  examples: [
    {
      before: '> The ferry leaves at noon, and\n> the bell rings twice.\n>\n> Bring oars.',
      after: 'The ferry leaves at noon, and the bell rings twice.\n\nBring oars.',
    },
    { before: 'The pond is > 3 m deep.\n\n> So they say.', after: 'The pond is > 3 m deep.\n\n> So they say.' },
  ],
};

export const webLabels: Pass = {
  id: 'web-labels',
  title: 'Web menus and buttons',
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

export const lineNumbers: Pass = {
  id: 'line-numbers',
  title: 'Line numbers',
  summary: 'Takes out numbers that count the lines, left or right of the text, on every line or on every fifth.',
  group: 'lines',
  onByDefault: true,
  examples: [
    {
      before:
        'The keeper went down\nto the water at six\nand found the gate\nopen, as he had left\n5 it, and the pond full\nto the brim, and the\nmiller asleep upon a\nsack of last year’s\nflour, with the cat\n10 beside him and a lamp\nburning low over the\ntwo of them, as if it\nwere his only duty to\nkeep the light for the\n15 cat, and the water was\nrising, and the miller\nslept, and the gate hung\nopen, and no bell rang\nanywhere in the village\n20 that night.',
      after:
        'The keeper went down to the water at six and found the gate open, as he had left it, and the pond full to the brim, and the miller asleep upon a sack of last year’s flour, with the cat beside him and a lamp burning low over the two of them, as if it were his only duty to keep the light for the cat, and the water was rising, and the miller slept, and the gate hung open, and no bell rang anywhere in the village that night.',
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
  settings: [
    {
      id: 'items',
      title: 'Between list items',
      options: [
        { value: 'apart', title: 'list items apart' },
        { value: 'close', title: 'list items close' },
      ],
      usual: 'apart',
    },
  ],
  examples: [
    { before: '\n\nThe tide fell.\n \n\n\nIt rose.\n\n', after: 'The tide fell.\n\nIt rose.' },
    {
      before: 'Bring these:\n\n• oars\n\n• a lamp\n\nThe ferry waits.',
      after: 'Bring these:\n\n• oars\n• a lamp\n\nThe ferry waits.',
      settings: { items: 'close' },
    },
  ],
};

export const edgeSpaces: Pass = {
  id: 'edge-spaces',
  title: 'Spaces at line edges',
  summary: 'Takes out spaces before the first and after the last word of a line.',
  group: 'spaces',
  onByDefault: true,
  examples: [{ before: '   The tide fell.  \n\n   It rose.', after: 'The tide fell.\n\nIt rose.' }],
};
