import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { DISTORTERS } from '../testing/distort.ts';
import { parseProse, toTruth } from '../testing/marked-prose.ts';
import { seededRandom } from '../testing/random.ts';
import { wrap } from '../testing/typeset.ts';

/** Share of the wanted lines that the cleaning of a mess gives back exactly. */
function shareRight(source: string, truth: readonly string[]): number {
  const lines = new Set(cleanText(clean(source, { ...DEFAULT_STYLE, apart: 'line' })).split('\n'));
  return truth.filter((line) => lines.has(line)).length / truth.length;
}

const TEXTS = ['tide-mills', 'keepers-log', 'novella-chapter', 'ferry-festival'];

describe('round trips: what a distorter breaks, the cleaning mends', () => {
  test.each(Object.keys(DISTORTERS))('%s', (name) => {
    const shares = TEXTS.flatMap((id, at) =>
      [1, 2, 3].map((seed) => {
        const { source, truth } = DISTORTERS[name]!(
          parseProse(readFileSync(`samples/prose/${id}.txt`, 'utf8')),
          seededRandom(seed * 10 + at),
        );
        return shareRight(source, truth);
      }),
    );
    const mean = shares.reduce((sum, share) => sum + share, 0) / shares.length;
    expect(mean).toBeGreaterThan(0.9);
  });
});

test('the same seed makes the same mess, another seed another', () => {
  const blocks = parseProse(readFileSync('samples/prose/tide-mills.txt', 'utf8'));
  const mess = (seed: number) => DISTORTERS['pdfColumns']!(blocks, seededRandom(seed)).source;
  expect(mess(4)).toBe(mess(4));
  expect(mess(4)).not.toBe(mess(5));
});

test('marked prose: headings, items, verse and lines', () => {
  const blocks = parseProse(
    '# Low Water\n\nThe tide fell.\n\n- flour\n- tallow\n\n| high water,\n| my daughter\n\none\ntwo',
  );
  expect(blocks.map((block) => block.kind)).toEqual(['heading', 'paragraph', 'item', 'item', 'verse', 'line', 'line']);
  expect(toTruth(blocks, '• ')).toEqual([
    'Low Water',
    'The tide fell.',
    '• flour',
    '• tallow',
    'high water,',
    'my daughter',
    'one',
    'two',
  ]);
});

test('wrapping is greedy, and splits words only where asked', () => {
  expect(wrap('the great considerable wheel', 14, false)).toEqual(['the great', 'considerable', 'wheel']);
  expect(wrap('the great considerable wheel', 14, true)[0]).toBe('the great con-');
});
