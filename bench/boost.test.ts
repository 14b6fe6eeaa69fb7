import { describe, expect, test } from '@jest/globals';
import { binOf, oddsOfTrees } from '../core/seams/evidence/look-trees.ts';
import { seededRandom } from '../core/testing/random.ts';
import { boost, type Looked } from './boost.ts';
import type { LabelledCase } from './cases.ts';
import { documentsOf } from './documents.ts';

describe('boosted trees', () => {
  const random = seededRandom(7);
  /** A break where just one of two numbers is high, which no sum of the two can say; the third says nothing. */
  const looked: Looked[] = Array.from({ length: 800 }, () => {
    const measured = Float32Array.of(random(), random(), random());
    return { measured, odds: 0, isBreak: measured[0]! > 0.5 !== measured[1]! > 0.5, weight: 1 };
  });
  const rightOf = (trees: ReturnType<typeof boost>) =>
    looked.filter(({ measured, isBreak }) => {
      const bins = Uint8Array.from(measured, (number, at) => binOf(trees, at, number));
      return oddsOfTrees(trees, bins) > 0 === isBreak;
    }).length / looked.length;

  test('learn what a sum cannot say, and the same each time', () => {
    const trees = boost(looked, 3, new Set());
    expect(rightOf(trees)).toBeGreaterThan(0.95);
    expect(boost(looked, 3, new Set())).toEqual(trees);
  });

  test('do not let what may only rise fall', () => {
    const falling: Looked[] = looked.map((one) => ({ ...one, isBreak: one.measured[0]! < 0.5 }));
    const trees = boost(falling, 1, new Set([0]));
    expect(trees.asked.every((asked) => asked !== 0)).toBe(true);
  });
});

test('cases that share their words are of one document', () => {
  const words = (from: number) => Array.from({ length: 60 }, (_, at) => `word${from + at}`).join(' ');
  const cases = [words(0), words(30), words(500), 'short'].map((text, at): LabelledCase => ({
    name: String(at),
    kind: 'book',
    source: text,
    truth: [text],
    free: [],
  }));
  const documents = documentsOf(cases);
  expect(documents[0]).toBe(documents[1]);
  expect(new Set(documents).size).toBe(3);
});
