import { describe, expect, test } from '@jest/globals';
import { readMarks } from '../testing/index-lines.ts';
import type { TextLines } from '../text/text-lines.ts';
import { misfits, shapeLines } from './apply-shapes.ts';
import { groupLines } from './group-lines.ts';
import { learnPatterns } from './learn.ts';
import type { LineShape } from './line-shape.ts';
import { firstDifference, previewShape, writtenLines } from './preview-shape.ts';

const text = (...lines: string[]): TextLines => ({ count: lines.length, at: (line) => lines[line]! });

function shapeOf(marked: string, more: Partial<LineShape> = {}, reading = 0): LineShape {
  const learned = learnPatterns([readMarks(marked)]);
  if (!learned.ok) throw new Error(learned.problem);
  const { patterns } = learned.readings[reading]!;
  const longest = 3 * marked.length;
  return {
    id: 'shape:1',
    name: 'x',
    patterns,
    parts: [],
    as: 'lines',
    before: '',
    between: ' ',
    after: '',
    longest,
    ...more,
  };
}

describe('lines that a shape fits', () => {
  const dashed = shapeOf('<Orme, Marian> – keeper');
  test('words and a sign alone are looked for in company, and not in long lines', () => {
    const prose =
      'The tide had turned – so the log says – before the keeper of the light had so much as lit his pipe again.';
    const found = shapeLines(
      [dashed],
      text('Pell, Ada – writer', '', 'Trask, Enoch – builder', prose, 'a', 'b', 'c', 'd', 'Wend – x'),
    );
    expect([...found.keys()]).toEqual([0, 2]);
  });
  test('times, dates, links and brackets are told wherever they stand', () => {
    expect(shapeLines([shapeOf('03:12 <The rope walk>')], text('a', '04:10 The mill', 'b')).size).toBe(1);
  });
  test('the first of several shapes that fits has a line', () => {
    const [one, other] = [shapeOf('03:12 <The mill>'), shapeOf('<03:12> The mill', { id: 'shape:2' })];
    const firstOf = (shapes: LineShape[]) => shapeLines(shapes, text('01:00 The quay')).get(0)?.shape.id;
    expect([firstOf([one, other]), firstOf([other, one])]).toEqual(['shape:1', 'shape:2']);
  });
  test.each<[string, boolean[], number[]]>([
    ['one among others', [true, false, true], [1]],
    ['none before and behind', [false, true, true, false], []],
    ['not where they are far apart', [true, false, false, false, false, true], []],
    ['three in a row', [true, false, false, false, true], [1, 2, 3]],
  ])('lines that do not fit: %s', (_, fits, expected) => {
    expect(misfits(fits)).toEqual(expected);
  });
});

describe('a preview', () => {
  const lines = text(
    '03:12 | The mill | a.example/x',
    '',
    '(closed)',
    '04:10 | The quay | a.example/y',
    '05:00 x | y | z',
  );
  test('counts what fits, shows the rest with what is missing', () => {
    const preview = previewShape(shapeOf('03:12 | <The mill> | a.example/x'), lines);
    expect(preview).toMatchObject({
      fits: 2,
      misfitCount: 1,
      misfits: [{ line: 2, text: '(closed)', missing: ['time'] }],
    });
    expect(preview.rows[0]!.parts).toEqual([{ from: 8, to: 16 }]);
  });
  test('writes the lines, and tells on which two readings differ', () => {
    expect(writtenLines(shapeOf('03:12 | <The mill> | a.example/x'), lines)).toEqual(['The mill', 'The quay']);
    const rows = text('Pell – writer', 'Orme – keeper – late');
    const [first, last] = [shapeOf('<Pell> – writer', {}, 0), shapeOf('<Pell> – writer', {}, 1)];
    expect(firstDifference(first, last, rows)).toMatchObject({ line: 1, one: 'Orme', other: 'Orme – keeper' });
    expect(firstDifference(first, first, rows)).toBeUndefined();
  });
});

describe('groups of lines', () => {
  test.each<[string[], string[]]>([
    [
      ['00:00 | A mill | a.example/x', '01:00 |  B | b.example/y', 'prose that goes on'],
      ['time text link 2', 'text 1'],
    ],
    [
      ['1. One', '2. Two', '', 'Three'],
      ['figure text 2', 'text 1'],
    ],
    [['A .... 3', 'B ......... 12'], ['text figure 2']],
    [['Name\tPlace', 'Ada\tWrackby'], ['text gap text 2']],
    [['00:10 The quay; 01:24 The mill; 02:40 The lane'], ['semicolon time text 1']],
    [['The mill – a page', 'half-timbered – two'], ['text dash text 2']],
    [['1 May 1890: a storm', 'May 2, 1891: none'], ['date text 2']],
  ])('%j', (rows, expected) => {
    const groups = groupLines(rows.length, (line) => rows[line]!);
    expect(groups.map(({ form, within, lines }) => `${within ? `${within} ` : ''}${form} ${lines.length}`)).toEqual(
      expected,
    );
  });
});
