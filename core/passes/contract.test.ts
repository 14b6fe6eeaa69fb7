import { describe, expect, test } from '@jest/globals';
import { clean } from '../clean.ts';
import type { Choice } from '../choices/choice.ts';
import { allPieces, cleanText, undoneText } from '../output.ts';
import { countEdits } from '../report/report.ts';
import { applyPassSwitch, applySetting, DEFAULT_STYLE } from '../style/style.ts';
import { PASS_GROUPS, PASSES } from './index.ts';
import type { Pass, Settings } from './pass.ts';

const passes: readonly Pass[] = PASSES;

test('ids are unique and stay as they are, since people’s work names them', () => {
  expect(passes.map((pass) => pass.id)).toEqual([
    'misread-bytes',
    'entities',
    'stray-tags',
    'odd-spaces',
    'tabs',
    'invisible',
    'ligatures',
    'full-width',
    'composed-letters',
    'page-furniture',
    'footnotes',
    'line-numbers',
    'mail-quotes',
    'web-labels',
    'time-codes',
    'caption-repeats',
    'sound-cues',
    'speaker-labels',
    'rules',
    'wrapped-lines',
    'split-words',
    'blank-lines',
    'reference-marks',
    'author-year',
    'links',
    'bare-addresses',
    'bullets',
    'emoji',
    'doubled-punctuation',
    'missing-space',
    'ellipses',
    'dashes',
    'quotes',
    'ocr-slips',
    'fillers',
    'false-starts',
    'repeated-words',
    'sentence-capitals',
    'ascii-only',
    'letters-only',
    'figures-only',
    'no-figures',
    'no-punctuation',
    'no-stops',
    'space-before-punctuation',
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

  /** The pass on, all others as by default, with the settings of an example. */
  const styleFor = (settings: Settings = {}) =>
    Object.entries(settings).reduce(
      (style, [setting, value]) => applySetting(style, id, setting, value),
      applyPassSwitch(DEFAULT_STYLE, id, true),
    );

  test.each(pass.examples)('makes of $before what its example says', ({ before, after, settings }) => {
    const cleaning = clean(before, styleFor(settings));
    expect(cleanText(cleaning)).toBe(after);
    expect(undoneText(cleaning)).toBe(before);
    expect(cleanText(clean(after, styleFor(settings)))).toBe(after);
  });

  test('settings have usual values among their options', () => {
    for (const { options, usual } of pass.settings ?? []) {
      expect(options.map((option) => option.value)).toContain(usual);
      expect(options.length).toBeGreaterThan(1);
    }
  });

  test('works within a range alone, and nowhere where it is let stand', () => {
    const [{ before, settings }] = pass.examples as [Pass['examples'][0]];
    const counted = (choices: readonly Choice[]) => countEdits(clean(before, styleFor(settings), choices))[id];
    const whole = { from: 0, to: before.length };
    expect(counted([{ kind: 'limit', ...whole, pass: id }])).toBe(counted([]));
    expect(counted([{ kind: 'limit', from: 0, to: 0, pass: id }])).toBe(0);
    expect(counted([{ kind: 'stet', ...whole, pass: id }])).toBe(0);
  });

  test('gives a reason for each edit that it is not sure of', () => {
    for (const { before, settings } of pass.examples) {
      for (const { passes, why, certainty } of allPieces(clean(before, styleFor(settings)))) {
        if (certainty === undefined || passes.at(-1) !== id) continue;
        expect(certainty).toBeGreaterThanOrEqual(0.5);
        expect(Object.keys(pass.reasons ?? {})).toContain(why);
      }
    }
    for (const reason of Object.values(pass.reasons ?? {})) expect(reason).toMatch(/^[a-z].*[^.]$/);
  });

  test('counts its edits, and makes none when it is off', () => {
    const [example] = pass.examples;
    const off = applyPassSwitch(DEFAULT_STYLE, id, false);
    expect(countEdits(clean(example!.before, styleFor(example!.settings)))[id]).toBeGreaterThan(0);
    expect(countEdits(clean(example!.before, off))[id]).toBe(0);
    expect(undoneText(clean(example!.before, off))).toBe(example!.before);
  });
});
