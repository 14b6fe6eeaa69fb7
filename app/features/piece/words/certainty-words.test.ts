import { expect, test } from '@jest/globals';
import { certaintyWords } from './certainty-words.ts';

test.each([
  [0.846, '84 % certain'],
  [0.8499999, '84 % certain'],
  [0.85, '85 % certain'],
  [0.5, '50 % certain'],
  [0.9999, '99 % certain'],
  [1, '99 % certain'],
])('a certainty of %d reads %s', (certainty, words) => {
  expect(certaintyWords(certainty)).toBe(words);
});
