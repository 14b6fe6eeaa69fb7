import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { alignTokens } from './align.ts';
import { generatedCases, type LabelledCase } from './cases.ts';
import { labelSeams } from './label.ts';
import { fitLogistic, logOdds, type Observation } from './logistic.ts';
import { seededRandom } from '../core/testing/random.ts';

/** The length of the longest common row, by the plain table. */
function longestCommon(a: readonly string[], b: readonly string[]): number {
  const table = Array.from({ length: a.length + 1 }, () => new Array<number>(b.length + 1).fill(0));
  for (let x = 1; x <= a.length; x++) {
    for (let y = 1; y <= b.length; y++) {
      table[x]![y] = a[x - 1] === b[y - 1] ? table[x - 1]![y - 1]! + 1 : Math.max(table[x - 1]![y]!, table[x]![y - 1]!);
    }
  }
  return table[a.length]![b.length]!;
}

describe('alignment', () => {
  const tokens = fc.array(fc.constantFrom('a', 'b', 'c', 'd'), { maxLength: 30 });

  test('pairs equal tokens, in order, as many as there can be', () => {
    fc.assert(
      fc.property(tokens, tokens, (a, b) => {
        const matches = alignTokens(a, b)!;
        for (const [x, y] of matches) expect(a[x]).toBe(b[y]);
        for (let at = 1; at < matches.length; at++) {
          expect(matches[at]![0]).toBeGreaterThan(matches[at - 1]![0]);
          expect(matches[at]![1]).toBeGreaterThan(matches[at - 1]![1]);
        }
        expect(matches).toHaveLength(longestCommon(a, b));
      }),
      { numRuns: 400 },
    );
  });

  test('gives up on texts that have nothing to do with each other', () => {
    const row = (sign: string) => Array.from({ length: 3000 }, (_, at) => sign + at);
    expect(alignTokens(row('a'), row('b'))).toBeUndefined();
  });
});

describe('logistic regression', () => {
  const random = seededRandom(5);
  const observations = Array.from({ length: 6000 }, (): Observation => {
    const evidence = Float32Array.from([random() < 0.5 ? 1 : 0, random() * 2 - 1, random() < 0.1 ? 1 : 0]);
    const odds = -0.5 + 2 * evidence[0]! - 3 * evidence[1]!;
    return { evidence, isBreak: random() < 1 / (1 + Math.exp(-odds)), weight: 1 };
  });

  test('finds the weights that made the data', () => {
    const { bias, weights } = fitLogistic(observations, 1, [0, 0, 0]);
    expect(bias).toBeCloseTo(-0.5, 0);
    expect(weights[0]).toBeCloseTo(2, 0);
    expect(weights[1]).toBeCloseTo(-3, 0);
    expect(Math.abs(weights[2]!)).toBeLessThan(0.4);
  });

  test('stays at the prior where there is no data', () => {
    const silent = observations.map((seen) => ({ ...seen, evidence: Float32Array.from([seen.evidence[0]!, 0]) }));
    const fitted = fitLogistic(silent, 1, [0, 8]);
    expect(fitted.weights[1]).toBeCloseTo(8, 5);
    expect(1 / (1 + Math.exp(-logOdds(fitted, Float32Array.from([0, 1]))))).toBeGreaterThan(0.99);
  });
});

describe('labels', () => {
  const labelled = (source: string, truth: string[], free: LabelledCase['free'] = []) => [
    ...labelSeams({ name: 'x', kind: 'x', source, truth, free }).label,
  ];

  test('a seam is a break where a truth line ends, a wrap inside one', () => {
    expect(
      labelled('The tide fell and\nthe mill stood.\nThe keeper slept.', [
        'The tide fell and the mill stood.',
        'The keeper slept.',
      ]),
    ).toEqual([0, 1]);
  });

  test('marks and split words do not hide it, free boundaries are unknown', () => {
    expect(
      labelled('The tide fell.[4]\nThe keeper was consid-\nered odd.', [
        'The tide fell.',
        'The keeper was considered odd.',
      ]),
    ).toEqual([1, 0]);
    expect(labelled('4.1\nThe tide', ['4.1 The tide'], [[0, 1]])).toEqual([-1]);
  });

  test('a break stands after the rest of a word that was split, and after marks that had no room in their line', () => {
    expect(
      labelled('See the list at tide.example/mills-\nof-the-coast/.\nThe keeper slept.', [
        'See the list at tide.example/mills-of-the-coast/.',
        'The keeper slept.',
      ]),
    ).toEqual([0, 1]);
    expect(labelled('— En avant\n!\n— Et la lampe ?', ['— En avant !', '— Et la lampe ?'])).toEqual([0, 1]);
  });

  test('generated cases are labelled nearly everywhere, with as many breaks as the truth has', () => {
    for (const example of generatedCases().filter(({ name }) => /^(wrappedFile|terminalPage)\/tide-mills/.test(name))) {
      const { label } = labelSeams(example);
      const known = label.filter((value) => value >= 0).length;
      expect(known / label.length).toBeGreaterThan(0.95);
      expect(label.filter((value) => value === 1).length).toBeGreaterThan(0.85 * (example.truth.length - 1));
    }
  });
});
