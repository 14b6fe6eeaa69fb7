import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { printedWidth } from './printed-width.ts';
import { measureStretch, Sign, signsOf, signsOfPair } from './signs.ts';

const text = fc.string({
  unit: fc.oneof(
    fc.constantFrom(...' ,;.:!?([{)]}-–"\'<&[1²†AzÂâ\t\u00a0\u00ad\u0301ﬁ！…•🌊漢'),
    fc.string({ unit: 'binary', maxLength: 2 }),
  ),
  maxLength: 30,
});

describe('signs', () => {
  test.each([
    ['a tab', 'a\tb', Sign.tab],
    ['a soft hyphen', 'a\u00adb', Sign.invisible],
    ['a zero-width space', 'a\u200bb', Sign.invisible],
    ['a thin space', 'a\u2009b', Sign.oddSpace],
    ['a raised figure', 'm⁴', Sign.noteSign],
    ['a space before a comma', 'a ,b', Sign.spaceThenClosing],
    ['a space after a bracket', '( a', Sign.openingThenSpace],
    ['two stops', 'a..', Sign.doubledStop],
    ['a capital behind a stop', 'a.B', Sign.stopThenCapital],
    ['an emoji', '🌊', Sign.picture],
    ['an arrow', '→', Sign.picture],
  ])('%s', (_name, words, sign) => {
    expect(signsOf(words) & sign).toBe(sign);
    expect(signsOf('Plain words, and no more.') & sign).toBe(0);
  });

  test('of two texts put together are those of both, and of the pair where they meet', () => {
    fc.assert(
      fc.property(text, text, (one, other) => {
        const pair = signsOfPair(one.charCodeAt(one.length - 1), other.charCodeAt(0));
        expect(signsOf(one + other)).toBe(signsOf(one) | signsOf(other) | pair);
      }),
    );
  });

  test('are found with the printed width in one walk', () => {
    fc.assert(
      fc.property(text, text, text, (before, words, after) => {
        const widths = new Uint32Array(2);
        const signs = new Int32Array(2);
        measureStretch(before + words + after, before.length, before.length + words.length, widths, signs, 1);
        expect([...widths]).toEqual([0, printedWidth(words, 0, words.length)]);
        expect([...signs]).toEqual([0, signsOf(words)]);
      }),
    );
  });
});
