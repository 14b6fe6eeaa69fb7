import { describe, expect, test } from '@jest/globals';
import { readBracketedFigures } from './bracketed-figures.ts';

describe('figures in brackets behind words', () => {
  test.each([
    ['places that begin with nought', 'take a[0] and b', true],
    ['places that are set', 'x[i] = y[1]', true],
    ['places that come again', 'row[1], row[2], row[1], row[2], row[1]', true],
    ['marks that count on', 'a gate[1] and a wheel[2] and a slate[3]', false],
    ['one mark that comes again late', 'a[1] b[2] c[3] d[4] e[1]', false],
    ['none', 'a gate', false],
  ])('%s', (_name, source, areIndices) => {
    expect(readBracketedFigures(source).areIndices).toBe(areIndices);
  });
});

describe('figures in brackets apart from words', () => {
  test.each([
    ['notes', 'a gate [1] and a wheel [2], see [1] and [3]', true],
    ['notes from the middle of a text, one of them left out', 'a gate [41] and a wheel [43]', true],
    ['marks of an examination', 'What is a tide? [3]\nName two. [2]\nHow long? [4]', false],
    ['works in the order of the alphabet', 'as in [7] and [2], but not in [11] or [4]', false],
    ['one alone', 'as in [7], and again in [7]', undefined],
    ['labels of lines', '[1] oil\n[2] wicks', undefined],
  ])('%s', (_name, source, countOn) => {
    expect(readBracketedFigures(source).countOn).toBe(countOn);
  });
});
