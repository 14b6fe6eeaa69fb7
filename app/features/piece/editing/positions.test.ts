/** @jest-environment jsdom */
import { describe, expect, test } from '@jest/globals';
import type { Run } from '../../../../core/index.ts';
import { offsetIn, selectIn, selectionIn, toOffset, toSource } from './positions.ts';

/** “The mill” as it stood, “stands” for “ſtands”, a mark that went, “here” as it stood. */
const RUNS: readonly Run[] = [
  { from: 100, to: 109, text: 'The mill ', passes: [], fate: 'kept' },
  { from: 109, to: 115, text: 'stands', passes: ['by-hand'], fate: 'changed' },
  { from: 115, to: 118, text: '', passes: ['reference-marks'], fate: 'gone' },
  { from: 118, to: 123, text: ' here', passes: [], fate: 'kept' },
];

describe('places of the clean text in the source', () => {
  test.each([
    [0, 'start', 100],
    [4, 'start', 104],
    [4, 'end', 104],
    [9, 'start', 109],
    [9, 'end', 109],
    [11, 'start', 109],
    [11, 'end', 115],
    [15, 'start', 118],
    [15, 'end', 115],
    [20, 'end', 123],
    [99, 'start', 123],
  ] as const)('offset %d as a %s is at %d', (offset, side, source) => {
    expect(toSource(RUNS, offset, side)).toBe(source);
  });

  test.each([
    [100, 0],
    [104, 4],
    [112, 9],
    [116, 15],
    [120, 17],
    [200, 20],
  ])('%d of the source is at offset %d', (source, offset) => {
    expect(toOffset(RUNS, source)).toBe(offset);
  });
});

test('a selection is read and set by offsets, whatever elements the text is in', () => {
  document.body.innerHTML = '<p>The <mark>mi</mark>ll stands</p><p>here</p>';
  const first = document.querySelectorAll('p')[0]!;
  const second = document.querySelectorAll('p')[1]!;
  selectIn(first, [5, 10]);
  expect(selectionIn(first)).toEqual([5, 10]);
  expect(getSelection()?.toString()).toBe('ill s');
  expect(selectionIn(second)).toBeUndefined();
  expect(offsetIn(first, first.lastChild!, 2)).toBe(8);
  selectIn(first, [99, 99]);
  expect(selectionIn(first)).toEqual([15, 15]);
});
