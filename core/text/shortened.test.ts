import { expect, test } from '@jest/globals';
import { shortened } from './shortened.ts';

test.each([
  ['oil', 3, 'oil'],
  ['oil and wicks', 3, 'oil…'],
  ['oi🪔', 4, 'oi🪔'],
  ['oi🪔s', 3, 'oi…'],
])('%s, %d units at most', (text, longest, short) => {
  expect(shortened(text, longest)).toBe(short);
});
