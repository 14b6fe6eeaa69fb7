import { describe, expect, test } from '@jest/globals';
import { binOf, explainTrees, LEAF, oddsOfTrees, packTrees, unpackTrees, type LookTrees } from './look-trees.ts';
import { LOOKS } from './second-look.ts';

describe('trees', () => {
  /** Is the second number above 3? If so, is the first above 1? And one tree that says the same of all. */
  const TREES: LookTrees = {
    cuts: [Float32Array.of(1, 2), Float32Array.of(3)],
    asked: Uint8Array.of(1, LEAF, 0, LEAF, LEAF, LEAF),
    cut: Uint8Array.of(0, 0, 0, 0, 0, 0),
    second: Uint8Array.of(2, 0, 2, 0, 0, 0),
    odds: Int16Array.of(100, -2048, 600, 512, 1024, 2048),
    roots: [0, 5],
  };
  const binsOf = (...measured: number[]) => Uint8Array.from(measured, (number, at) => binOf(TREES, at, number));

  test.each([
    [[0, 3], 0],
    [[5, 3], 0],
    [[1, 3.5], 1.25],
    [[1.5, 3.5], 1.5],
  ])('of %j come to %d', (measured, odds) => {
    expect(oddsOfTrees(TREES, binsOf(...measured))).toBe(odds);
  });

  test('what is put down to each question is what changed there', () => {
    const adds = explainTrees(TREES, binsOf(1.5, 3.5));
    expect([...adds]).toEqual([
      [LOOKS[1], 500 / 2048],
      [LOOKS[0], 424 / 2048],
    ]);
  });

  test('come back as they were packed', () => {
    expect(unpackTrees(packTrees(TREES))).toEqual(TREES);
  });
});
