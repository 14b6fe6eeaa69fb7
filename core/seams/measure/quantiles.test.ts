import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { mostFrequent } from '../../text/most-frequent.ts';
import { quantile } from './quantiles.ts';

describe('a quantile', () => {
  test('is one of the values, with as many below it as its share says', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(1000), { minLength: 1, maxLength: 200 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (values, share) => {
          const found = quantile(values, share);
          expect(values).toContain(found);
          expect(values.filter((value) => value < found).length).toBeLessThanOrEqual(share * values.length);
        },
      ),
    );
  });

  test('of very many values is near that of all', () => {
    const values = Array.from({ length: 50_000 }, (_, at) => (at * 7919) % 50_000);
    expect(Math.abs(quantile(values, 0.9) - 45_000)).toBeLessThan(1000);
  });

  test('of nothing is nothing', () => {
    expect(quantile([], 0.5)).toBe(0);
  });
});

test.each([
  [[], 0],
  [[3], 3],
  [[1, 2, 2, 3], 2],
  [[5, 4, 4, 5], 4],
])('the most frequent of %j', (values, expected) => {
  expect(mostFrequent(values)).toBe(expected);
});
