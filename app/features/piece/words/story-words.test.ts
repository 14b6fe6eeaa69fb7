import { expect, test } from '@jest/globals';
import { storyOf } from './story-words.ts';

test.each([
  ['nothing', {}, [], 0],
  ['one of each', { 'wrapped-lines': 1, 'split-words': 1 }, ['1 line joined', '1 word mended'], 0],
  [
    'the busiest first, small repairs as a sum',
    { 'split-words': 6, 'wrapped-lines': 1077, 'page-furniture': 3, ligatures: 4, 'rule:1': 2 },
    ['1,077 lines joined', '6 words mended', '3 page heads and numbers dropped'],
    6,
  ],
  ['white space beside the rest is not told', { 'wrapped-lines': 2, 'blank-lines': 9 }, ['2 lines joined'], 0],
  ['white space alone is all there is to tell', { 'blank-lines': 9, 'edge-spaces': 4 }, [], 13],
] as const)('the story of %s', (_name, counts, words, others) => {
  const story = storyOf(counts);
  expect(story.told.map((part) => part.words)).toEqual(words);
  expect(story.others).toBe(others);
});
