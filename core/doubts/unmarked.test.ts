import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean, revise } from '../cleaning/clean.ts';
import { digested, type Digested } from '../report/digest.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { parseProse } from '../testing/marked-prose.ts';
import { lineBySentence, raggedLines } from '../testing/unmarked-lines.ts';
import { countGuesses, weighParagraphings } from './unmarked.ts';

const prose = (id: string) => parseProse(readFileSync(`samples/prose/${id}.txt`, 'utf8'));
const open = (source: string) => digested(clean(source, DEFAULT_STYLE));

describe('a text that marks no paragraphs', () => {
  test.each([
    ['ragged lines', raggedLines(prose('boat-builder'))],
    ['a line to each sentence', lineBySentence(prose('keepers-log'))],
  ])('is told: %s', (_, source) => {
    expect(countGuesses(open(source))).toBeGreaterThan(7);
  });

  test.each([
    ['blank lines between paragraphs', 'keepers-log', (lines: string) => lines.replace(/\n/g, '\n\n')],
    ['one paragraph a line', 'boat-builder', (lines: string) => lines],
  ])('and no other: %s', (_, id, space) => {
    const lines = prose(id).flatMap((block) => block.lines);
    expect(countGuesses(open(space(lines.join('\n'))))).toBe(0);
  });

  test('and not one whose questions are about words at hyphens', () => {
    const paragraph =
      'The mill, the pond, the tide and the gate were all that the parish had, and by the mill-\npond and the tide-\ngate they counted what they owned; even the pond-\ngate had a name, and was painted.';
    const now = open(Array(4).fill(paragraph).join('\n\n'));
    expect(now.digest.seams.length).toBeGreaterThan(7);
    expect(countGuesses(now)).toBe(0);
  });

  test('is no longer one, once a person says what marks them', () => {
    const { cleaning } = open(raggedLines(prose('boat-builder')));
    const mark = { by: 'gap', blanks: 0, step: 'level', odd: false } as const;
    const revised = revise(cleaning, DEFAULT_STYLE, [{ kind: 'mark', from: 0, to: 0, mark }]);
    expect(countGuesses(digested(revised))).toBe(0);
  });
});

describe('the ways to read it', () => {
  const now = open(raggedLines(prose('keepers-log')));
  const weighing = weighParagraphings(now);
  let step = weighing.next();
  while (!step.done) step = weighing.next();
  const ways = step.value;
  const inForce = (way: (typeof ways)[number]): Digested =>
    digested(revise(now.cleaning, DEFAULT_STYLE, [...now.cleaning.choices, ...way.choices]));

  test('each makes what it says', () => {
    for (const way of ways) {
      const { cleaning, digest } = inForce(way);
      expect([cleaning.blocks.length, digest.seams.length]).toEqual([way.paragraphs, way.doubts]);
    }
  });

  test('the present one comes first, and no two make the same paragraphs', () => {
    expect(ways[0]!.how).toBe('now');
    expect(ways.length).toBeGreaterThan(3);
    const ends = ways.map((way) =>
      inForce(way)
        .cleaning.blocks.map(({ from }) => from)
        .join(' '),
    );
    expect(new Set(ends).size).toBe(ways.length);
  });

  test('all guesses settled one way leave none', () => {
    const settled = (how: string) => ways.find((way) => way.how === how)!;
    expect([settled('broken').doubts, settled('joined').doubts]).toEqual([0, 0]);
    expect(settled('joined').paragraphs).toBeLessThan(ways[0]!.paragraphs);
    expect(settled('broken').paragraphs).toBeGreaterThan(ways[0]!.paragraphs);
  });
});
