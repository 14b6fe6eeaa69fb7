import { expect, test } from '@jest/globals';
import { ALL_LINE_OPTIONS } from '../../lines/line-kind.ts';
import { readLines } from '../../lines/read-lines.ts';
import { findSequence } from './sequence.ts';
import { findSeams } from '../seam-table.ts';

/** The line ends of a list at which the next item of a count begins. */
function counted(...lines: string[]): string {
  const source = lines.join('\n');
  const table = readLines(source, ALL_LINE_OPTIONS);
  return Array.from(findSequence(source, table, findSeams(source, table)), (one) => (one ? 'x' : '.')).join('');
}

test.each([
  [['before:', '1. oil', '2. wicks', '3. glass'], 'xxx'],
  [['before:', '1. oil', 'of the best', '2. wicks'], 'x.x'],
  [['before:', '(a) oil', '(b) wicks'], 'xx'],
  [['before:', '(i) oil', '(ii) wicks', '(iii) glass', '(iv) string'], 'xxxx'],
  [['before:', '(h) oil', '(i) wicks', '(j) glass'], 'xxx'],
  [['before:', '1. oil', '(2) wicks'], '..'],
  [['before:', '1. oil', '3. wicks'], '..'],
  [['before:', 'in 1902', 'and 1903'], '..'],
])('%j', (lines, expected) => {
  expect(counted(...lines)).toBe(expected);
});

test('items of one count may hold another', () => {
  expect(counted('before:', '1. lamp', '(a) oil', '(b) wicks', '2. stairs', '(a) nobody', '(b) somebody')).toBe(
    'xxxxxx',
  );
});
