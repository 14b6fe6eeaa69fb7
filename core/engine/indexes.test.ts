import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { INDEX_FAMILIES, indexLines } from '../testing/index-lines.ts';
import { seededRandom } from '../testing/random.ts';

const INTRO =
  'The audio guide of the Reach has a stop for every house that has a story, and a few\nthat have none; whoever walks them in order comes back to the ferry stairs by low\nwater, if the tide tables are to be believed.\n\n';

/** But for blanks. */
const words = (text: string) => text.replace(/\s+/g, ' ').trim();

describe('an index stays a list before anything is taught', () => {
  const lengths = [3, 5, 14, 40];
  test.each(INDEX_FAMILIES.map(({ name }) => name))('%s: no line joined, changed, or taken for a heading', (name) => {
    const family = INDEX_FAMILIES.find((one) => one.name === name)!;
    for (const count of lengths) {
      for (const seed of [1, 2, 3, 4, 5, 6]) {
        for (const intro of ['', INTRO]) {
          const lines = indexLines(family, seededRandom(seed * 100 + count), count).map(({ line }) => line);
          const cleaning = clean(`${intro}${lines.join('\n')}\n`, DEFAULT_STYLE);
          const out = new Set(cleanText(cleaning).split('\n').map(words));
          expect(lines.filter((line) => !out.has(words(line)))).toEqual([]);
          expect(cleaning.blocks.filter(({ kind }) => kind === 'heading')).toEqual([]);
        }
      }
    }
  });
});

test('figures at the beginning of lines that only happen to grow with them are no line numbers', () => {
  // The 8th, 14th, 16th and 20th line begin with 10, 16, 18 and 22.
  const days = [18, 19, 4, 14, 23, 18, 7, 10, 19, 26, 25, 15, 6, 16, 28, 18, 28, 2, 20, 22, 3, 2];
  const source = days.map((day, at) => `${day} March ${1880 + at}: The rope walk`).join('\n');
  expect(cleanText(clean(source, DEFAULT_STYLE))).toBe(source);
});

test('numbers with points right below one another are a list, not headings', () => {
  const source = '7.35 Wrackby\n8.10 Saltfern Halt\n9.05 Oxhithe\n10.20 Merrow\n';
  expect(clean(source, DEFAULT_STYLE).blocks.map(({ kind }) => kind)).not.toContain('heading');
});

test('so they are where one of them ends a sentence', () => {
  const source =
    '10.00 Blessing of the boats\n10.45 Regatta\n12.30 Dinner. Bring a plate.\n14.00 Prizes\n17.00 Last ferry\n';
  expect(clean(source, DEFAULT_STYLE).blocks.map(({ kind }) => kind)).not.toContain('heading');
});
