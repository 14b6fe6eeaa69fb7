import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isApproved, mayEdit, permitsOf } from './permits.ts';
import { encloses, overlaps, toRanges, type Range } from './ranges.ts';

const range = fc.tuple(fc.nat(30), fc.nat(30)).map(([a, b]): Range => ({ from: Math.min(a, b), to: Math.max(a, b) }));
const ranges = fc.array(range, { maxLength: 8 });

describe('ranges', () => {
  test('overlap with what shares a character with one of them; an empty one with what it lies inside of', () => {
    fc.assert(
      fc.property(ranges, range, (list, { from, to }) => {
        const expected = list.some((one) =>
          from === to
            ? (one.from < from && one.to > from) || (one.from === from && one.to === from)
            : one.from < one.to && one.from < to && one.to > from,
        );
        expect(overlaps(toRanges(list), from, to)).toBe(expected);
      }),
      { numRuns: 500 },
    );
  });

  test('enclose what lies in one of them', () => {
    fc.assert(
      fc.property(ranges, range, (list, { from, to }) => {
        const expected = list.some((one) =>
          one.from === one.to ? from === to && from === one.from : one.from <= from && one.to >= to,
        );
        expect(encloses(toRanges(list), from, to)).toBe(expected);
      }),
      { numRuns: 500 },
    );
  });
});

describe('permits', () => {
  const permits = permitsOf([
    { kind: 'stet', from: 10, to: 12, pass: 'tabs' },
    { kind: 'limit', from: 20, to: 30, pass: 'quotes' },
    { kind: 'limit', from: 40, to: 50, pass: 'quotes' },
    { kind: 'approve', from: 60, to: 61, pass: 'ocr-slips' },
  ]);

  test.each([
    ['a stet holds its own range', 'tabs', 11, 12, false],
    ['and nothing beside it', 'tabs', 12, 13, true],
    ['of its own pass alone', 'ligatures', 11, 12, true],
    ['a limit lets work be done inside', 'quotes', 20, 30, true],
    ['in each of several', 'quotes', 45, 46, true],
    ['not outside', 'quotes', 31, 32, false],
    ['nor across its edge', 'quotes', 29, 31, false],
  ])('%s', (_what, pass, from, to, expected) => {
    expect(mayEdit(permits, pass, from, to)).toBe(expected);
  });

  test('an approval is about its own edit', () => {
    expect(isApproved(permits, 'ocr-slips', 60, 61)).toBe(true);
    expect(isApproved(permits, 'ocr-slips', 61, 62)).toBe(false);
    expect(isApproved(permits, 'tabs', 60, 61)).toBe(false);
  });
});
