import { describe, expect, test } from '@jest/globals';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { findPass } from '../passes/index.ts';
import { applyMove } from '../style/order.ts';
import { settingsOf, DEFAULT_STYLE, type Style } from '../style/style.ts';
import { BUILT_IN_STYLES } from './built-in.ts';
import { differencesOf } from './differences.ts';
import { toHouseStyleFile, type HouseStyle } from './house-style.ts';
import { proposeStyle } from './propose.ts';
import { readHouseStyle } from './read-house-style.ts';

const FULL: HouseStyle = {
  name: 'Minutes of the harbour board',
  for: { words: 'Minutes of', file: 'minutes-*.txt' },
  style: {
    ...DEFAULT_STYLE,
    passes: { quotes: true, emoji: false, 'a-later-pass': true },
    settings: { 'quotes form': 'straight', 'tabs to': '' },
    rules: [
      {
        id: 'rule:1',
        query: { text: 'Pell', expression: false, matchCase: true, wholeWords: true },
        insert: 'Averill',
      },
    ],
    shapes: [
      {
        id: 'shape:1',
        name: 'Index',
        patterns: [[{ is: 'time' }, { is: 'loose' }, { is: 'text', keep: true }]],
        parts: ['Title'],
        as: 'list',
        before: '- ',
        between: ', ',
        after: '',
      },
    ],
    mark: { by: 'gap', blanks: 1, step: 'level', odd: false },
    words: { untouched: ['CO2'], hyphenated: ['co-op'], openings: ['NOTE'] },
    certaintyLimit: 0.95,
  },
};

const write = (style: HouseStyle) => JSON.stringify(toHouseStyleFile(style));

describe('a house style as a file', () => {
  test('is as its schema says, as are those that come with the program', () => {
    const isValid = new Ajv2020().compile(JSON.parse(readFileSync('docs/house-style.schema.json', 'utf8')) as object);
    for (const style of [FULL, ...BUILT_IN_STYLES]) {
      expect([isValid(JSON.parse(write(style))), isValid.errors]).toEqual([true, null]);
    }
    expect(isValid({ ...toHouseStyleFile(FULL), version: 2 })).toBe(false);
  });

  test('comes in as it went out, with what is not known named and kept', () => {
    expect(readHouseStyle(write(FULL))).toEqual({ ok: true, style: FULL, unknown: ['a-later-pass'] });
  });

  const broken = (change: (data: Record<string, never>) => void): string => {
    const data = JSON.parse(write(FULL)) as Record<string, never>;
    change(data);
    return JSON.stringify(data);
  };
  test.each<[string, string, object]>([
    ['no JSON', 'Dear Mrs. Pell', { kind: 'no-json' }],
    ['another file', '{"a":1}', { kind: 'other-file' }],
    ['a newer one', broken((data) => Object.assign(data, { version: 2 })), { kind: 'newer' }],
    ['no version', broken((data) => Object.assign(data, { version: 'x' })), { kind: 'wrong', place: 'version' }],
    ['no name', broken((data) => Object.assign(data, { name: ' ' })), { kind: 'wrong', place: 'name' }],
    [
      'a limit out of range',
      broken((data) => Object.assign(data['style']!, { certaintyLimit: 7 })),
      { kind: 'wrong', place: 'style.certaintyLimit' },
    ],
    [
      'a shape that keeps nothing',
      broken((data) => Object.assign((data['style']!['shapes'] as object[])[0]!, { patterns: [[{ is: 'time' }]] })),
      { kind: 'wrong' },
    ],
    [
      'a rule without a replacement',
      broken((data) => Object.assign(data['style']!, { rules: [{ id: 'rule:1', query: {} }] })),
      { kind: 'wrong', place: 'style.rules[0].insert' },
    ],
    [
      'an unknown kind of text',
      broken((data) => Object.assign(data, { for: { kind: 'poems' } })),
      { kind: 'wrong', place: 'for.kind' },
    ],
  ])('%s is told with its place', (_, json, problem) => {
    const read = readHouseStyle(json);
    expect(read.ok).toBe(false);
    expect(read).toMatchObject({ problem });
  });
});

describe('the styles that come with the program', () => {
  test('name passes and settings that there are, under names of their own', () => {
    for (const { style } of BUILT_IN_STYLES) {
      for (const id of Object.keys(style.passes)) expect([id, findPass(id)?.id]).toEqual([id, id]);
      for (const [key, value] of Object.entries(style.settings ?? {})) {
        const [id, setting] = key.split(' ') as [string, string];
        const known = findPass(id)!.settings!.find((one) => one.id === setting)!;
        expect(known.options.map((one) => one.value)).toContain(value);
      }
    }
    expect(new Set(BUILT_IN_STYLES.map(({ id }) => id)).size).toBe(BUILT_IN_STYLES.length);
    expect(BUILT_IN_STYLES.length).toBe(9);
  });

  test.each<[string, string, string]>([
    ['pages', 'It was late (Pell 1904).\n', 'It was late.'],
    ['web', 'Look at https://saltfern.example/ferry 🙂 today.\n', 'Look at today.'],
    [
      'talks',
      '00:01\num so the the tide comes in\n00:04\nand uh it goes out again.\n',
      'So the tide comes in and it goes out again.',
    ],
    ['e-books', '"Well..." she said.\n', '“Well…” she said.'],
    ['manuscript', '"Well" -- she\nsaid.\n', '“Well”—she\nsaid.'],
    ['analysis', 'In 1904, the mill stood.\n', 'In the mill stood'],
    ['minutes', '* One\n• Two\n* Three\n', '- One\n- Two\n- Three'],
  ])('%s does what it says', (id, source, expected) => {
    const { style } = BUILT_IN_STYLES.find((one) => one.id === id)!;
    expect(cleanText(clean(source, style))).toBe(expected);
  });
});

describe('in what a style differs', () => {
  test.each<[string, Partial<Style>, object[]]>([
    ['in nothing', { passes: { quotes: false } }, []],
    ['in a pass', { passes: { quotes: true } }, [{ kind: 'pass', pass: 'quotes', on: true }]],
    [
      'in a setting',
      { settings: { 'quotes form': 'straight' } },
      [{ kind: 'setting', pass: 'quotes', setting: 'form', value: 'straight' }],
    ],
    ['in a setting said as usual', { settings: { 'speaker-labels which': 'all' } }, []],
    [
      'in rules, shapes and words',
      FULL.style,
      [
        { kind: 'pass' },
        { kind: 'pass' },
        { kind: 'setting' },
        { kind: 'rules', added: 1, gone: 0 },
        { kind: 'shapes' },
        { kind: 'words', added: 3, gone: 0 },
        { kind: 'mark' },
        { kind: 'asks' },
      ],
    ],
    ['in its order', { order: applyMove(DEFAULT_STYLE, 'quotes', 'entities').order }, [{ kind: 'order' }]],
  ])('%s', (_, change, expected) => {
    const found = differencesOf({ ...DEFAULT_STYLE, ...change }, DEFAULT_STYLE);
    expect(found).toHaveLength(change === FULL.style ? found.length : expected.length);
    if (change === FULL.style)
      expect(found.map(({ kind }) => kind)).toEqual(
        expect.arrayContaining(expected.map((one) => (one as { kind: string }).kind)),
      );
    else expect(found).toMatchObject(expected);
  });

  test('a setting may also be one that there is no pass for', () => {
    expect(settingsOf(DEFAULT_STYLE, findPass('quotes')!)).toBeDefined();
    expect(differencesOf({ ...DEFAULT_STYLE, settings: { 'gone x': 'y' } }, DEFAULT_STYLE)).toEqual([]);
  });
});

describe('which style is meant for a text', () => {
  const named = (name: string, texts: HouseStyle['for']): HouseStyle => ({ name, style: DEFAULT_STYLE, for: texts });
  const styles = [
    named('any', undefined),
    named('captions', { kind: 'captions' }),
    named('board', { words: 'minutes of  the' }),
    named('board files', { words: 'Minutes', file: 'board-*-2*.txt' }),
  ];
  test.each<[object, string | undefined]>([
    [{ source: 'Dear Mrs. Pell' }, undefined],
    [{ source: 'MINUTES OF THE\nharbour board' }, 'board'],
    [{ source: 'Minutes of the board', name: 'board-march-2031.txt' }, 'board files'],
    [{ source: 'Minutes of the board', name: 'board-2.txt' }, 'board'],
    [{ source: 'x', kind: 'captions' }, 'captions'],
    [{ source: `${'x'.repeat(3000)} minutes of the` }, undefined],
  ])('%j', (text, expected) => {
    expect(proposeStyle(styles, text as never)?.style.name).toBe(expected);
  });
});
