import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { digestOf } from '../report/digest.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { foldLines, wrapItem } from '../testing/list-forms.ts';

/*
 * Lists whose entries begin with a word and a number, clauses under a colon, and words that stand beside others. Their longer lines wrap.
 */

const cleaned = (source: string) => foldLines(cleanText(clean(source, DEFAULT_STYLE)));

const ENTRIES = [
  'for “fairy” read “ferry”',
  'the bargemen of the second picture are those of the third, and the toll house behind them is not the one that burned',
  'omit “not”',
  'for Trask read Pryce, and so wherever she is named in the letters that follow, save in the one to her brother',
];
const NUMBERS = [9, 17, 31, 104];

test.each(['p.', 'S.', 'fol.', 'Plate', 'Stanza', 'Karte'])('entries that begin with “%s 9” stand alone', (word) => {
  const wrong: string[] = [];
  for (const width of [44, 56, 70, 999])
    for (const sign of [' ', ': ', ', ', ' – '])
      for (const between of ['\n', '\n\n'])
        for (const hang of ['', '   ']) {
          const heads = NUMBERS.map((number) => `${word} ${number}${sign}`);
          const source = ENTRIES.map((entry, at) => wrapItem(entry, width, heads[at]!, hang)).join(between);
          const wanted = ENTRIES.map((entry, at) => heads[at]! + entry).join('\n');
          if (cleaned(source) !== foldLines(wanted)) wrong.push(`${width} “${sign}” ${between.length} “${hang}”`);
        }
  expect(wrong).toEqual([]);
});

describe('clauses at the left edge, some of which take several lines', () => {
  const CLAUSES = [
    'a rope of hemp, tarred, and as long as the river is wide where the ferry lies;',
    'a bell;',
    'two lamps, of which one may be out of order; and',
    'a book in which the ferryman writes who crossed, and who paid, and who did neither.',
  ];
  const bare = (clause: string) => clause.replace(/ and$/, '');

  test.each([['The ferry shall have:'], ['A ferry comprising']])('under “%s”', (lead) => {
    for (const width of [40, 52, 66])
      for (const clauses of [CLAUSES, CLAUSES.map(bare)]) {
        const source = [lead, ...clauses.map((clause) => wrapItem(clause, width, '', ''))].join('\n');
        expect(cleaned(source)).toBe(foldLines([lead, ...clauses].join('\n')));
      }
  });

  test('but not where a sentence in prose has them', () => {
    const prose = `She gave her reasons: ${CLAUSES.map(bare).join(' ')} Nobody had asked for them, and nobody answered her.`;
    for (const width of [40, 52, 66]) expect(cleaned(wrapItem(prose, width, '', ''))).toBe(prose);
  });
});

describe('a list of prices', () => {
  const GOODS: readonly (readonly [string, string])[] = [
    ['Eel pie', '7'],
    ['Rope, tarred, by the yard, from the walk behind the toll house', '12'],
    ['A bell', '40'],
    ['Crossing, with a cow that will not stand still, or with two that will', '3'],
    ['Soup', '5'],
  ];

  test.each([34, 44, 56])('the price stands behind the last line of its entry, at %d', (width) => {
    const source = GOODS.map(([name, price]) => {
      const lines = wrapItem(name, width - 6, '', '').split('\n');
      return [...lines.slice(0, -1), lines.at(-1)!.padEnd(width - price.length) + price].join('\n');
    });
    expect(cleaned(source.join('\n'))).toBe(foldLines(GOODS.map(([name, price]) => `${name} ${price}`).join('\n')));
  });
});

test.each([
  ['alone', ''],
  ['below other lines', 'Ferry Board\n12 May 1921\n\nTo all who cross,\n\nthe rope is new.\n\nA. Trask\n\n'],
])('lines with a gap as between columns are not run together without a question: %s', (_name, above) => {
  const source = `${above}The rope was cut at midnight by         Trask,
somebody who knew the knot, for it      p. 9
was a good one and had held for years
before that night.`;
  const cleaning = clean(source, DEFAULT_STYLE);
  expect(cleanText(cleaning)).not.toMatch(/9 was/);
  expect(digestOf(cleaning).seams.length).toBeGreaterThan(0);
});
