import { expect, test } from '@jest/globals';
import { describeRemovals, isMuch } from './removals.ts';

type Change = readonly [words: string, ...passes: string[]];
const listed = (changes: readonly Change[]) =>
  changes.map(([words, ...passes], at) => ({ from: at, to: at + 1, words: words.split(' '), passes }));

const report = (wordsIn: number, removed: readonly Change[], inserted: readonly Change[] = []) =>
  ({
    words: { wordsIn, wordsOut: 0, removed: removed.length, inserted: 0, mended: 0 },
    removed: listed(removed),
    inserted: listed(inserted),
  }) as unknown as Parameters<typeof describeRemovals>[0];

test('says by pass what left, with a few examples', () => {
  const found = report(100, [
    ['Log in', 'web-labels'],
    ['THE MILL', 'blank-lines', 'page-furniture'],
    ['Home', 'web-labels'],
    ['Share', 'web-labels'],
    ['Print', 'web-labels'],
  ]);
  expect(describeRemovals(found)).toBe(
    '7 of 100 words were taken out: web-labels "Log in", "Home", "Share" …; page-furniture "THE MILL"',
  );
});

test.each([
  ['little', report(1000, [['Log in', 'web-labels']])],
  [
    'times and marks, which are told by their form',
    report(10, [
      ['00 00 01', 'time-codes'],
      ['note 4', 'reference-marks'],
      ['You begin', 'caption-repeats'],
    ]),
  ],
  ['figures', report(10, [['12 13', 'page-furniture']])],
  ['nothing', report(10, [])],
  ['a note that was put elsewhere', report(10, [['The lease', 'footnotes']], [['The lease', 'footnotes']])],
])('is silent about %s', (_name, found) => {
  expect(describeRemovals(found)).toBeUndefined();
});

test('long words are cut', () => {
  const found = report(10, [[`word ${'w'.repeat(80)}`, 'web-labels']]);
  expect(describeRemovals(found)).toMatch(/"word w{35}…"$/);
});

test.each([
  [0, 100, false],
  [4, 100, false],
  [5, 100, true],
  [0, 0, false],
])('%i of %i words removed are much: %j', (removed, wordsIn, expected) => {
  expect(isMuch({ wordsIn, wordsOut: wordsIn - removed, removed, inserted: 0, mended: 0 })).toBe(expected);
});
