import { expect, test } from '@jest/globals';
import type { Choice } from '../choices/choice.ts';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { rangeOfSeam } from '../decided/seams-in-force.ts';
import { Decision } from '../seams/seam-table.ts';
import { DEFAULT_STYLE } from '../style/style.ts';

/** The clean text where a person joined the lines at a seam. */
function joinedAt(source: string, seam: number): string {
  const join: Choice = { kind: 'seam', ...rangeOfSeam(clean(source, DEFAULT_STYLE), seam), decision: Decision.join };
  return cleanText(clean(source, DEFAULT_STYLE, [join]));
}

test('a letter above what it labels keeps its space when a person joins the two', () => {
  const options =
    'A\nsomething that lets the water in and keeps it there\nB\nsomething that keeps the water out, if it is shut';
  expect(joinedAt(options, 2)).toContain('B something that keeps');
});

test('an initial and its word stay one when a person says that they go together', () => {
  const source = 'I\nt was thought that the keeper had gone, and that it was late.\n\nHe was in the cellar.';
  expect(joinedAt(source, 0)).toMatch(/^It was thought/);
});

test('a word of one letter is no initial of the word below it, which the text has by itself', () => {
  const source =
    'A\nlamp was lit in the window of the winch house.\n\nThe lamp was his own, and no other lamp was lit.';
  expect(cleanText(clean(source, DEFAULT_STYLE))).toMatch(/^A lamp was lit/);
});
