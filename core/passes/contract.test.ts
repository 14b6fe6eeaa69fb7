import { describe, expect, test } from '@jest/globals';
import { clean } from '../clean.ts';
import { cleanText, undoneText } from '../output.ts';
import { countEdits } from '../report/report.ts';
import { applyPassSwitch, DEFAULT_STYLE } from '../style/style.ts';
import { PASS_GROUPS, PASSES } from './index.ts';
import type { Pass } from './pass.ts';

const passes: readonly Pass[] = PASSES;

test('ids are unique and stay as they are, since people’s work names them', () => {
  expect(passes.map((pass) => pass.id)).toEqual([
    'odd-spaces',
    'tabs',
    'invisible',
    'ligatures',
    'page-furniture',
    'footnotes',
    'line-numbers',
    'web-labels',
    'time-codes',
    'caption-repeats',
    'sound-cues',
    'rules',
    'wrapped-lines',
    'split-words',
    'blank-lines',
    'reference-marks',
    'edge-spaces',
    'doubled-spaces',
  ]);
});

describe.each(passes.map((pass) => [pass.id, pass] as const))('%s', (id, pass) => {
  test('stands in a group that is shown, and says what it does', () => {
    expect(PASS_GROUPS.map((group) => group.id)).toContain(pass.group);
    expect(pass.summary).toMatch(/^[A-Z].*\.$/);
    expect(pass.examples.length).toBeGreaterThan(0);
  });

  test.each(pass.examples)('makes of $before what its example says', ({ before, after }) => {
    const cleaning = clean(before, DEFAULT_STYLE);
    expect(cleanText(cleaning)).toBe(after);
    expect(undoneText(cleaning)).toBe(before);
  });

  test('counts its edits, and makes none when it is off', () => {
    const [example] = pass.examples;
    const off = applyPassSwitch(DEFAULT_STYLE, id, false);
    expect(countEdits(clean(example!.before, DEFAULT_STYLE))[id]).toBeGreaterThan(0);
    expect(countEdits(clean(example!.before, off))[id]).toBe(0);
    expect(undoneText(clean(example!.before, off))).toBe(example!.before);
  });
});
