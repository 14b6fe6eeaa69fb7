import { describe, expect, test } from '@jest/globals';
import type { Choice } from './choice.ts';
import { isConstrained, mayEdit, permitsOf } from './permits.ts';

const hold: Choice = { kind: 'hold', from: 10, to: 20 };
const words: Choice = { kind: 'rewrite', from: 30, to: 35, text: 'board' };
const tabs: Choice = { kind: 'limit', from: 0, to: 50, pass: 'tabs' };
const here: Choice = { kind: 'limit', from: 5, to: 25 };
const there: Choice = { kind: 'limit', from: 40, to: 60 };
const stet: Choice = { kind: 'stet', from: 42, to: 44, pass: 'tabs' };

const CASES: readonly (readonly [string, readonly Choice[], number, number, boolean])[] = [
  ['anywhere, where nothing is said', [], 0, 99, true],
  ['not in what is held', [hold], 12, 13, false],
  ['not over its edge', [hold], 8, 11, false],
  ['up to its edge', [hold], 5, 10, true],
  ['behind it', [hold], 20, 22, true],
  ['not into words by hand', [words], 34, 40, false],
  ['not as an insertion inside of them', [words], 32, 32, false],
  ['as an insertion beside them', [words], 35, 35, true],
  ['within its own limit', [tabs], 49, 50, true],
  ['not over its own limit', [tabs], 49, 51, false],
  ['within the limit of all', [here], 5, 25, true],
  ['not outside of it', [here], 26, 27, false],
  ['within any of several', [here, there], 41, 43, true],
  ['not from one into another', [here, there], 24, 41, false],
  ['not where it is within all but its own', [tabs, there], 51, 53, false],
  ['not where it was let stand', [there, stet], 43, 45, false],
  ['not where it is held, within a limit though it is', [here, hold], 12, 13, false],
];

describe('a pass may work', () => {
  test.each(CASES)('%s', (_, choices, from, to, expected) => {
    expect(mayEdit(permitsOf(choices), 'tabs', from, to)).toBe(expected);
  });

  test('as it likes where only another pass was spoken of', () => {
    const permits = permitsOf([tabs, stet]);
    expect(mayEdit(permits, 'dashes', 99, 100)).toBe(true);
    expect(isConstrained(permits, 'dashes')).toBe(false);
    expect(isConstrained(permits, 'tabs')).toBe(true);
    for (const choice of [hold, words, here]) expect(isConstrained(permitsOf([choice]), 'dashes')).toBe(true);
  });
});
