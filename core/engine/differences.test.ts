import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { clean, revise } from '../cleaning/clean.ts';
import { applyStep, NO_HISTORY, outcomeOf } from '../history/history.ts';
import type { Choice } from '../choices/choice.ts';
import { textByPieces } from '../cleaning/output.ts';
import { rangeOfSeam } from '../decided/seams-in-force.ts';
import { Decision } from '../seams/seam-table.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { seededRandom } from '../testing/random.ts';
import { randomStep } from './random-steps.ts';
import { findDifferences } from '../report/differences.ts';
import { linesOfStep } from '../report/step-lines.ts';

const leaflet = readFileSync('samples/texts/tide-mills.txt', 'utf8');
const plain = clean(leaflet, DEFAULT_STYLE);
const seamAt = (words: string): Choice => {
  const line = plain.table.index.from.indexOf(leaflet.indexOf(words));
  const seam = plain.decided.seams.line.indexOf(line) - 1;
  return { kind: 'seam', ...rangeOfSeam(plain, seam), decision: Decision.break };
};

describe('differences', () => {
  test('are told where they stand, with both readings', () => {
    const split = clean(leaflet, DEFAULT_STYLE, [seamAt('the creek')]);
    const { count, shown } = findDifferences(plain, split);
    expect(count).toBe(1);
    expect(shown[0]).toMatchObject({ one: ' ', other: '\n\n', line: 10 });
    expect(shown[0]!.after).toMatch(/^the creek/);
    expect(findDifferences(plain, plain)).toEqual({ count: 0, shown: [] });
  });

  test('law: put into the one text they give the other', () => {
    fc.assert(
      fc.property(fc.nat(), (seed) => {
        const random = seededRandom(seed);
        let history = NO_HISTORY;
        for (let steps = 0; steps < 3; steps++) history = applyStep(history, randomStep(random, plain));
        const { style, choices } = outcomeOf(history, DEFAULT_STYLE);
        const other = revise(plain, style, choices);
        const { count, shown } = findDifferences(plain, other);
        expect(count === 0).toBe(textByPieces(plain) === textByPieces(other));
        const change = (side: 'one' | 'other') => shown.reduce((sum, difference) => sum + difference[side].length, 0);
        if (count === shown.length)
          expect(textByPieces(other).length - textByPieces(plain).length).toBe(change('other') - change('one'));
      }),
      { numRuns: 100 },
    );
  });
});

test('a step is about lines: those beside a line end, those of a range, none for a pass', () => {
  const choice = seamAt('the creek');
  expect(linesOfStep(plain, { kind: 'choose', choice })).toEqual([10, 11]);
  const range: Choice = { kind: 'hold', from: leaflet.indexOf('Working hours'), to: leaflet.indexOf('noon,') };
  expect(linesOfStep(plain, { kind: 'withdraw', choice: range })![0]).toBe(16);
  expect(linesOfStep(plain, { kind: 'switch-pass', pass: 'tabs', on: false })).toBeUndefined();
  const both = [choice, range].map((one) => ({ kind: 'choose', choice: one }) as const);
  expect(linesOfStep(plain, { kind: 'together', steps: both })![0]).toBe(10);
});
