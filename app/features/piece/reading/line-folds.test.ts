import { describe, expect, test } from '@jest/globals';
import type { LineView } from '../../../../core/index.ts';
import { foldLines, foldWords, holds } from './line-folds.ts';

/** W: words; t: a time that left; _: blank; x: left out by hand. */
function linesOf(signs: string): LineView[] {
  return [...signs].map((sign, at) => ({
    number: at + 1,
    runs: [
      {
        from: at * 10,
        to: at * 10 + 9,
        text: sign === '_' ? '' : 'The tide.',
        passes: sign === 't' ? ['time-codes'] : [],
        fate: sign === 'W' ? ('kept' as const) : ('gone' as const),
      },
    ],
    dropped: sign === 't' || sign === 'x',
    end: '\n',
    ...(sign === 'x' && { byHand: 'left-out' as const }),
  }));
}

/** Each line, and each fold as how many lines it holds. */
function foldedAs(signs: string, folds: boolean, isSought: (line: LineView) => boolean = () => false): string {
  return foldLines(linesOf(signs), folds, isSought)
    .map(({ from, to, isFolded }) => (isFolded ? `(${to - from})` : signs[from]))
    .join('');
}

describe('lines that left', () => {
  test.each([
    ['ttWW_ttWW', true, '(2)WW(3)WW'],
    ['ttWW_ttWW', false, 'ttWW_ttWW'],
    ['WtW', true, 'WtW'],
    ['W__W', true, 'W__W'],
    ['Wxxx_W', false, 'W(4)W'],
    ['Wxx_W', false, 'Wxx_W'],
    ['tt', true, '(2)'],
    ['', true, ''],
  ])('%j, folded: %j, are shown as %j', (signs, folds, shown) => {
    expect(foldedAs(signs, folds)).toBe(shown);
  });

  test('are not folded where one of them is shown, or holds a change that is lit up', () => {
    expect(foldedAs('ttWtt', true, (line) => holds(line, { from: 5, to: 6 }, undefined))).toBe('ttW(2)');
    expect(foldedAs('ttWtt', true, (line) => holds(line, undefined, 'time-codes'))).toBe('ttWtt');
  });
});

describe('the words of a fold', () => {
  test.each([
    ['t', '1 line: time codes'],
    ['t_t', '2 lines: time codes'],
    ['xx', '2 lines left out: The tide.'],
  ])('of %j are %j', (signs, words) => {
    expect(foldWords(linesOf(signs), false)).toBe(words);
    expect(foldWords(linesOf(signs), true)).toBe(`Fold ${words}`);
  });

  test('name what took the words out, not what took the spaces before them', () => {
    const [line] = linesOf('t');
    const space = { from: 0, to: 1, text: ' ', passes: ['edge-spaces'], fate: 'gone' as const };
    expect(foldWords([{ ...line!, runs: [space, ...line!.runs] }], false)).toBe('1 line: time codes');
  });
});
