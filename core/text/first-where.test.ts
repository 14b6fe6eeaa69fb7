import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { firstWhere } from './first-where.ts';

test('law: gives what a search from the beginning gives, and asks about few', () => {
  fc.assert(
    fc.property(fc.nat(2000), fc.nat(2100), (count, limit) => {
      let asked = 0;
      const found = firstWhere(count, (at) => {
        asked++;
        expect(at).toBeLessThan(count);
        return at >= limit;
      });
      expect(found).toBe(Math.min(count, limit));
      expect(asked).toBeLessThanOrEqual(12);
    }),
  );
});
