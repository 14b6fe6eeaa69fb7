import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { parseDocuments, setOut } from '../testing/set-out.ts';

/* A heading may end in a word that ends no sentence; it is not joined to the paragraph below it for that. */

const PROSE = ['stories', 'news', 'letters']
  .flatMap((file) => parseDocuments(readFileSync(`core/testing/documents/${file}.txt`, 'utf8')))
  .flatMap(({ parts }) => parts.flat())
  .filter(({ is, text }) => is === 'paragraph' && text.length > 150 && /^\p{Lu}/u.test(text));

const HEADINGS = [
  'What we came for',
  'A place to look for her',
  'The man I gave it to',
  'Where we are',
  'Of what there is',
];

/** As long as a line of a column, so that only what is not wrapped at all tells it. */
const LONG_HEADING = 'A place where nobody had thought to look for her';

/** Paragraphs with a heading above each fifth; wrapped ones stand apart from it by nothing, others by what is between all. */
function article(heading: string, paragraphs: number, width: number | undefined, between: string): string {
  const parts: string[] = [];
  for (let at = 0; at < paragraphs; at++) {
    if (at % 5 === 2) parts.push(heading);
    const paragraph = PROSE[at % PROSE.length]!;
    parts.push(width === undefined ? paragraph.text : setOut({ name: '', parts: [[paragraph]] }, { name: '', width }));
  }
  return parts.join(between);
}

const FORMS = [
  ['wrapped', 64, '\n'],
  ['wrapped, apart from its paragraph', 64, '\n\n'],
  ['not wrapped', undefined, '\n\n'],
  ['not wrapped, without blank lines', undefined, '\n'],
] as const;

test.each(FORMS.flatMap(([name, width, between]) => [20, 60].map((count) => ({ name, width, between, count }))))(
  '$count paragraphs, $name',
  ({ width, between, count }) => {
    for (const heading of width === undefined ? [...HEADINGS, LONG_HEADING] : HEADINGS) {
      const source = article(heading, count, width, between);
      const lines = cleanText(clean(source, DEFAULT_STYLE)).split(/\n+/);
      const due = source.split('\n').filter((line) => line === heading);
      expect(lines.filter((line) => line === heading)).toEqual(due);
    }
  },
);
