import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { foldLines, wrapItem } from '../testing/list-forms.ts';

/*
 * Headings above paragraphs and clauses with parts, in many forms.
 */

const cleaned = (source: string) => foldLines(cleanText(clean(source, DEFAULT_STYLE)));

const SECTIONS = [
  'The ferry at Oxhithe was rowed until the year of the long frost, when the river could be crossed on foot for six weeks. In the spring the ferryman bought a rope, and after that nobody was rowed again.',
  'The rope was as thick as an arm, and hung so low in summer that boats with masts had to be let through. For each of them a bell was rung at the mill, and the whole traffic of two parishes stood still.',
  'Ann Trask, who kept the tolls, wrote down each crossing in a book of her own. She was asked for it when the bridge was planned, and she gave it up, but not before she had copied every page of it.',
];
const HEADINGS: Readonly<Record<string, readonly string[]>> = {
  'in title case': ['The Long Frost', 'A Rope', 'The Book of Tolls'],
  'in capitals': ['THE LONG FROST', 'A ROPE', 'THE BOOK OF TOLLS'],
  'like sentences': ['How the river froze', 'What a rope can carry', 'A book of one’s own'],
  'numbered with stops': ['1. The long frost', '2. A rope', '3. The book of tolls'],
  'numbered in parts': ['4.1 The long frost', '4.2 A rope', '4.3 The book of tolls'],
  'named and numbered': ['Chapter 1', 'Chapter 2', 'Chapter 3'],
  'behind hashes': ['## The long frost', '## A rope', '## The book of tolls'],
  'in bold type': ['**The long frost**', '**A rope**', '**The book of tolls**'],
  years: ['1814', '1815', '1880'],
  dates: ['3 February 1814', '12 May 1815', '30 January 1880'],
};

test.each(Object.keys(HEADINGS))('headings %s stand apart from the paragraphs around them', (form) => {
  const wrong: string[] = [];
  for (const width of [44, 60, 76, 999])
    for (const above of ['\n', '\n\n'])
      for (const below of ['\n', '\n\n'])
        for (const indent of ['', '    ']) {
          const parts = SECTIONS.map((words, at) => HEADINGS[form]![at]! + below + wrapItem(words, width, indent, ''));
          const wanted = SECTIONS.flatMap((words, at) => [HEADINGS[form]![at]!, words]);
          if (cleaned(parts.join(above)) !== foldLines(wanted.join('\n')))
            wrong.push(`${width}, ${above.length}, ${below.length}, ${indent.length}`);
        }
  expect(wrong).toEqual([]);
});

const CLAUSES: readonly { readonly lead: string; readonly parts: readonly string[]; readonly close: string }[] = [
  {
    lead: 'Nobody shall bring upon the ferry without leave of the ferryman—',
    parts: ['a horse that has not been led off the road;', 'any load that is wider than the deck; or', 'a lit pipe'],
    close: 'and whoever does so pays the toll twice.',
  },
  {
    lead: 'The ferryman shall cross as often as he is called between six in the morning and dusk, except',
    parts: ['on the day of the fair; or', 'while the water stands above the ring in the wall'],
    close: 'when he may ask whatever he likes.',
  },
];
const LABELS: Readonly<Record<string, (part: number) => string>> = {
  '(a)': (part) => `(${'abc'[part]!}) `,
  'a)': (part) => `${'abc'[part]!}) `,
  '(i)': (part) => `(${['i', 'ii', 'iii'][part]!}) `,
  '(1)': (part) => `(${part + 1}) `,
};

test.each(Object.keys(LABELS))('what closes a clause below parts %s that are set in goes on none of them', (form) => {
  const wrong: string[] = [];
  for (const width of [48, 62, 80])
    for (const between of ['\n', '\n\n'])
      for (const isHung of [false, true])
        for (const isNumbered of [false, true]) {
          const clauses = CLAUSES.map(({ lead, parts, close }, at) => {
            const number = isNumbered ? `${at + 1}. ` : '';
            const lines = parts.map((words, part) => {
              const label = LABELS[form]!(part);
              return wrapItem(words, width, `    ${label}`, ' '.repeat(isHung ? 4 + label.length : 4));
            });
            return {
              source: [wrapItem(number + lead, width, '', ''), ...lines, wrapItem(close, width, '', '')].join('\n'),
              wanted: [number + lead, ...parts.map((words, part) => LABELS[form]!(part) + words), close],
            };
          });
          const wanted = clauses.flatMap((clause) => clause.wanted).join('\n');
          if (cleaned(clauses.map(({ source }) => source).join(between)) !== foldLines(wanted))
            wrong.push(`${width}, ${between.length}, ${String(isHung)}, ${String(isNumbered)}`);
        }
  expect(wrong).toEqual([]);
});
