import { describe, expect, test } from '@jest/globals';
import { exampleOf, likelyMarks, lineBits, partsOf } from './line-bits.ts';

const LINE = '03:12 | Stop 4: The rope-walk’s end (1890) | saltfern.example/s4';
const bits = lineBits(LINE);
const words = bits.map(({ from, to }) => LINE.slice(from, to));

describe('bits of a line', () => {
  test('are words, signs, and whole times, dates and links', () => {
    expect(words).toEqual([
      '03:12',
      '|',
      'Stop',
      '4',
      ':',
      'The',
      'rope-walk’s',
      'end',
      '(',
      '1890',
      ')',
      '|',
      'saltfern.example/s4',
    ]);
  });
  test('marked side by side are one part', () => {
    const at = (word: string) => words.indexOf(word);
    const parts = partsOf(bits, new Set([at('03:12'), at('The'), at('rope-walk’s'), at('end')]));
    expect(parts.map(({ from, to }) => LINE.slice(from, to))).toEqual(['03:12', 'The rope-walk’s end']);
  });
  test('the longest words are most likely wanted', () => {
    const kept = partsOf(bits, likelyMarks(LINE, bits)).map(({ from, to }) => LINE.slice(from, to));
    expect(kept).toEqual(['Stop 4: The rope-walk’s end']);
  });
  test('of several entries in a line the first that is like the others is the example', () => {
    const group = { form: 'time text', within: 'semicolon' } as const;
    expect(exampleOf(' 00:10 A; 01:20 B; 02:30 C', group)).toBe('00:10 A');
    expect(exampleOf('Stops: 00:10 A; 01:20 B; 02:30 C', group)).toBe('01:20 B');
    expect(exampleOf('  a line ', { form: 'text' })).toBe('a line');
  });
});
