import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { clean } from '../cleaning/clean.ts';
import type { Choice } from '../choices/choice.ts';
import { allPieces, cleanText, undoneText } from '../cleaning/output.ts';
import { digestOf } from '../report/digest.ts';
import { applyPassSwitch, applySetting, DEFAULT_STYLE } from '../style/style.ts';
import { signsOf } from '../text/signs.ts';
import { vocabularyOf } from '../text/vocabulary.ts';
import { FINDING_PASSES, PASS_GROUPS, PASSES } from '../passes/index.ts';
import { passAtWork, type Pass, type PassContext, type Settings } from '../passes/pass.ts';

const passes: readonly Pass[] = PASSES;

/** Fragments that passes look for, in many mixtures. */
const mixture = fc
  .array(
    fc.oneof(
      fc.constantFrom(...' ,;.:!?()[]{}-–—"\'“”‘’<>&1²†*§…•▪'),
      fc.constantFrom(
        ' a',
        'the the ',
        '&amp;',
        '<br>',
        '[4]',
        'cafÃ©',
        'â€”',
        '\t',
        '\u00a0',
        '\u00ad',
        'e\u0301',
        'ﬁ',
        'Ａ',
      ),
      fc.constantFrom(
        'word.Then',
        '...',
        '. . .',
        ',,',
        '--',
        '(Pell 1998)',
        '00:01',
        '[music]',
        '♪',
        '🌊',
        '©',
        '漢',
        'um, ',
      ),
      fc.string({ unit: 'binary', maxLength: 2 }),
    ),
    { maxLength: 6 },
  )
  .map((parts) => parts.join(''));

const context: PassContext = {
  language: 'en',
  vocabulary: vocabularyOf(0),
  captions: true,
  onlySounds: false,
  codeBrackets: '[(<',
  bracketed: { areIndices: false, countOn: undefined },
  gluedNotes: new Set(['arms1']),
  sameSpeaker: new Set(),
  timesInText: () => 0,
};

test('a pass finds nothing where none of its signs is', () => {
  const works = FINDING_PASSES.flatMap((pass) => everySetting(pass).map((settings) => passAtWork(pass, settings)));
  fc.assert(
    fc.property(mixture, (text) => {
      const signs = signsOf(text);
      const found = works
        .filter(({ signs: wanted }) => wanted !== 0 && (wanted & signs) === 0)
        .map(({ pass, settings }) => ({
          id: pass.id,
          edits: pass.find({ text, from: 0, joins: () => [] }, context, settings),
        }))
        .filter(({ edits }) => edits.length > 0);
      expect(found).toEqual([]);
    }),
    { numRuns: 3000 },
  );
});

/** The usual settings, and each other value of each setting. */
function everySetting(pass: Pass): Settings[] {
  const usual = Object.fromEntries((pass.settings ?? []).map((setting) => [setting.id, setting.usual]));
  const others = (pass.settings ?? []).flatMap(({ id, options }) =>
    options.map(({ value }) => ({ ...usual, [id]: value })),
  );
  return [usual, ...others];
}

test('ids are unique, and none that people’s work names is gone', () => {
  const ids = passes.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  const published = [
    'misread-bytes',
    'entities',
    'stray-tags',
    'odd-spaces',
    'tabs',
    'gaps-in-words',
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
  ];
  expect(published.filter((id) => !ids.includes(id))).toEqual([]);
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
    const counted = (choices: readonly Choice[]) => digestOf(clean(before, styleFor(settings), choices)).counts[id];
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
    expect(digestOf(clean(example!.before, styleFor(example!.settings))).counts[id]).toBeGreaterThan(0);
    expect(digestOf(clean(example!.before, off)).counts[id]).toBe(0);
    expect(undoneText(clean(example!.before, off))).toBe(example!.before);
  });
});
