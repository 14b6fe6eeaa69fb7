import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { toReport } from '../report/report.ts';
import { kindOfSource, suggestTitle } from '../report/summary.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { decodeText } from './decode.ts';

const bytes = (...values: number[]) => Uint8Array.from(values);

test.each([
  ['UTF-8', new TextEncoder().encode('Zürich – ﬁn'), 'Zürich – ﬁn'],
  ['UTF-16, little end first', bytes(0xff, 0xfe, 0x41, 0, 0x42, 0), '\ufeffAB'],
  ['UTF-16, big end first', bytes(0xfe, 0xff, 0, 0x41, 0, 0x42), '\ufeffAB'],
  ['Windows-1252', bytes(0x93, 0x63, 0x61, 0x66, 0xe9, 0x94), '“café”'],
  [
    'a stray NUL',
    new TextEncoder().encode('The tide fell and rose again\u0000 twice that day.'),
    'The tide fell and rose again\u0000 twice that day.',
  ],
  ['nothing', bytes(), ''],
])('decodes %s', (_name, input, text) => {
  expect(decodeText(input)).toMatchObject({ ok: true, text });
});

const inBytes = (text: string, map: (code: number) => number) =>
  Uint8Array.from([...text], (sign) => map(sign.charCodeAt(0)));

test.each([
  [
    'UTF-16 without a mark',
    inBytes('T\u0000h\u0000e\u0000 \u0000t\u0000i\u0000d\u0000e\u0000', (code) => code),
    undefined,
    'The tide',
  ],
  [
    'Russian in its Windows code page',
    inBytes('Мельница стоит у моря, и вода приходит к ней два раза в день.', (code) =>
      code >= 0x410 ? code - 0x410 + 0xc0 : code,
    ),
    undefined,
    'Мельница стоит у моря, и вода приходит к ней два раза в день.',
  ],
  [
    'what its head says',
    new Uint8Array([...new TextEncoder().encode('<?xml version="1.0" encoding="windows-1251"?>'), 0xcc]),
    undefined,
    '<?xml version="1.0" encoding="windows-1251"?>М',
  ],
  ['what is asked for', bytes(0xe9), 'windows-1251', 'й'],
])('finds the encoding: %s', (_name, input, asked, text) => {
  expect(decodeText(input, asked)).toMatchObject({ ok: true, text });
});

test('refuses what is no text', () => {
  expect(decodeText(bytes(0x7f, 0x45, 0x4c, 0x46, 2, 1, 1, 0, 0, 0, 0, 0))).toEqual({ ok: false, problem: 'not-text' });
});

test('the report lists counts, words, seams and each removed word', () => {
  const report = toReport(clean('The tide  fell.[4] It\nrose re-\nmarkably.', DEFAULT_STYLE));
  expect(report.words).toEqual({ wordsIn: 8, wordsOut: 6, removed: 1, inserted: 0, mended: 1 });
  expect(report.counts).toMatchObject({ 'doubled-spaces': 1, 'reference-marks': 1, 'split-words': 1 });
  expect(report.removed).toEqual([{ from: 15, to: 18, words: ['4'], passes: ['reference-marks'] }]);
  expect(report.seams.map((seam) => [seam.lines, seam.decision])).toEqual([
    [[1, 2], 'join'],
    [[2, 3], 'mend'],
  ]);
});

test.each([
  ['captions', '00:01.000 --> 00:02.000\nYou begin\n\n00:02.000 --> 00:03.000\nwith the keel.'],
  ['pages', 'The miller let the water\n12\n\fout through the gate.'],
  ['unwrapped', 'The tide fell.\n\nIt rose.'],
])('a source of the kind %s', (kind, source) => {
  expect(kindOfSource(clean(source, DEFAULT_STYLE))).toBe(kind);
});

test('a title is the first block, cut at a word', () => {
  expect(suggestTitle(clean('Low Water\n\nThe creek dries.', DEFAULT_STYLE))).toBe('Low Water');
  expect(suggestTitle(clean(' \n', DEFAULT_STYLE))).toBe('');
  const long = suggestTitle(
    clean('The creek fills the pond behind the wall, and the miller lets it out again.', DEFAULT_STYLE),
  );
  expect(long).toMatch(/^The creek .*\S…$/);
  expect(long.length).toBeLessThanOrEqual(49);
  const dated = clean(
    '3 March 1899\n\nLow Water\n\nThe creek fills the pond behind the wall, and the miller lets it out again.',
    DEFAULT_STYLE,
  );
  expect(suggestTitle(dated)).toBe('Low Water');
});

test.each([
  [
    'From: Ida Marsh\nTo: the Board\nSubject: Re: the second man\n\nDear all,\n\nthe lamp is out.',
    'Re: the second man',
  ],
  ['Saltfern, le 3 mai\n\nObjet : le treuil du quai\n\nMonsieur,\n\nle treuil ne tourne plus.', 'le treuil du quai'],
  ['差出人：港の事務所\n件名：灯台の油について\n\n皆さま', '灯台の油について'],
  ['From: Ida Marsh\nSubject:\n\nDear all,\n\nthe lamp is out.', 'From: Ida Marsh'],
  ['The subject was changed.\n\nSubject to tides.', 'The subject was changed.'],
])('a mail has its subject for a title: %j', (source, title) => {
  expect(suggestTitle(clean(source, DEFAULT_STYLE))).toBe(title);
});
