import { expect, test } from '@jest/globals';
import type { StyleDifference, StyleFor } from '../../core/index.ts';
import { asksOf, differenceWords, forWords } from './style-words.ts';

test.each<[StyleDifference, string]>([
  [{ kind: 'pass', pass: 'tabs', on: false }, 'Tabs: off'],
  [{ kind: 'pass', pass: 'of-a-newer-version', on: true }, 'of-a-newer-version: on'],
  [{ kind: 'order' }, 'The passes work in another order'],
  [{ kind: 'rules', added: 1, gone: 0 }, '1 more own rule'],
  [{ kind: 'shapes', added: 2, gone: 1 }, '2 more line shapes, 1 fewer line shape'],
  [{ kind: 'words', added: 0, gone: 3 }, '3 fewer words treated otherwise'],
  [{ kind: 'mark' }, 'What marks a paragraph is set'],
  [{ kind: 'asks', limit: 0.7 }, 'Questions: few'],
])('a difference in words: %j', (difference, words) => {
  expect(differenceWords(difference)).toBe(words);
});

test.each<[number, string]>([
  [0, 'few'],
  [0.76, 'few'],
  [0.8, 'some'],
  [0.89, 'some'],
  [0.91, 'many'],
  [1, 'many'],
])('a limit of %d asks %s', (limit, asks) => {
  expect(asksOf(limit)).toBe(asks);
});

test.each<[StyleFor | undefined, string | undefined]>([
  [undefined, undefined],
  [{ kind: 'captions' }, 'For texts of this kind: captions'],
  [{ words: 'Minutes', file: '*.txt' }, 'For texts with “Minutes” near the beginning, and files named *.txt'],
])('which texts it is for: %j', (texts, words) => {
  expect(forWords(texts)).toBe(words);
});
