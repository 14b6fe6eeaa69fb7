import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isAbbreviation } from './vocabulary.ts';
import { indexLines, lineAt } from './line-index.ts';
import { printedWidth } from './printed-width.ts';
import { hasWord, packWords } from './word-list.ts';
import { countWords, wordsOf } from './words.ts';

const anyText = fc
  .array(fc.oneof(fc.constantFrom('\n', '\r', '\r\n', '\f', '\u2028', '   ', 'mill'), fc.string({ unit: 'grapheme' })))
  .map((parts) => parts.join(''));

describe('line index', () => {
  test('lines and their ends tile the source, and lineAt finds them', () => {
    fc.assert(
      fc.property(anyText, fc.nat(), (source, somewhere) => {
        const { count, from, to, next } = indexLines(source);
        let at = 0;
        for (let line = 0; line < count; line++) {
          expect(from[line]).toBe(at);
          expect(to[line]).toBeGreaterThanOrEqual(at);
          at = next[line]!;
        }
        expect(at).toBe(source.length);
        const position = somewhere % (source.length + 1);
        const line = lineAt(indexLines(source), position);
        expect(from[line]).toBeLessThanOrEqual(position);
        if (line + 1 < count) expect(from[line + 1]).toBeGreaterThan(position);
      }),
    );
  });

  test.each([
    ['a\nb\r\nc\rd', 4],
    ['a\fb\u0085c\u2028d\u2029e\u000bf', 6],
    ['', 1],
    ['a\n', 2],
  ])('%j has %i lines', (source, count) => {
    expect(indexLines(source).count).toBe(count);
  });
});

describe('words', () => {
  test.each([
    ['The miller’s tide-mill, 40 m²', ['The', 'miller’s', 'tide', 'mill', '40', 'm²']],
    ['light\u00adhouse', ['lighthouse']],
    ['潮の水', ['潮', 'の', '水']],
    ['l’été, ’tis', ['l’été', 'tis']],
    ['— [4] …', ['4']],
    ['', []],
  ])('of %s', (text, expected) => {
    expect(wordsOf(text)).toEqual(expected);
    expect(countWords(text)).toBe(expected.length);
  });

  test('cutting a text at a space loses none', () => {
    fc.assert(
      fc.property(anyText, anyText, (a, b) => expect(countWords(`${a} ${b}`)).toBe(countWords(a) + countWords(b))),
    );
  });
});

describe('language', () => {
  test('short forms end no sentence', () => {
    expect(['Mr', 'e.g', 'J', 'U.S', 'mill', 'I'].map(isAbbreviation)).toEqual([true, true, true, true, false, false]);
  });
});

test('printed width: an m is wider than an i, a Han sign is an em', () => {
  const width = (text: string) => printedWidth(text, 0, text.length);
  expect(width('m')).toBeGreaterThan(2 * width('i'));
  expect(width('潮')).toBe(1000);
  expect(width('mill')).toBe(width('m') + width('i') + 2 * width('l'));
});

describe('word list', () => {
  test('holds every packed word, in any case, and few others', () => {
    const word = fc.stringMatching(/^[a-zäöüé]{2,14}$/);
    fc.assert(
      fc.property(fc.uniqueArray(word, { minLength: 50, maxLength: 200 }), (words) => {
        const list = { bits: packWords(words) };
        for (const held of words) expect(hasWord(list, held.toUpperCase())).toBe(true);
        const others = Array.from({ length: 500 }, (_, at) => `${at}-none`).filter((other) => hasWord(list, other));
        expect(others.length).toBeLessThan(20);
      }),
      { numRuns: 20 },
    );
  });

  test('an empty list holds nothing', () => {
    expect(hasWord({ bits: packWords([]) }, 'mill')).toBe(false);
  });
});
