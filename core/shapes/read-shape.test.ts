import { describe, expect, test } from '@jest/globals';
import { INDEX_FAMILIES, indexLines } from '../testing/index-lines.ts';
import { seededRandom } from '../testing/random.ts';
import { learnPatterns } from './learn.ts';
import { isShapeId, nextShapeId, partCount, type LineShape } from './line-shape.ts';
import { toLineShape } from './read-shape.ts';

const SHAPE: LineShape = {
  id: 'shape:1',
  name: 'Index',
  patterns: [[{ is: 'time' }, { is: 'loose' }, { is: 'text', keep: true }]],
  parts: ['Title'],
  as: 'list',
  before: '- ',
  between: ', ',
  after: '',
};

describe('a line shape from a file', () => {
  test('comes in as it went out, whatever was learned', () => {
    for (const family of INDEX_FAMILIES) {
      const learned = learnPatterns(indexLines(family, seededRandom(4), 1));
      if (!learned.ok) throw new Error(family.name);
      for (const { patterns } of learned.readings) {
        const shape: LineShape = { ...SHAPE, patterns, longest: 90, within: 'semicolon' };
        expect(toLineShape(JSON.parse(JSON.stringify(shape)))).toEqual(shape);
      }
    }
  });

  test.each<[string, object]>([
    ['no id of ours', { id: 'rule:1' }],
    ['no name', { name: '' }],
    ['no patterns', { patterns: [] }],
    ['an empty pattern', { patterns: [[]] }],
    ['a place of a kind that is not known', { patterns: [[{ is: 'poem', keep: true }]] }],
    ['a place that is none', { patterns: [['time']] }],
    [
      'a sign that is none',
      {
        patterns: [
          [
            { is: 'text', keep: true },
            { is: 'sign', sign: 'ampersand' },
          ],
        ],
      },
    ],
    ['something beside', { patterns: [[{ is: 'time', keep: true, colour: 'red' }]] }],
    ['nothing kept', { patterns: [[{ is: 'time' }]] }],
    [
      'another number of parts in each pattern',
      {
        patterns: [
          [{ is: 'time', keep: true }],
          [
            { is: 'time', keep: true },
            { is: 'text', keep: true },
          ],
        ],
      },
    ],
    [
      'words without an end',
      {
        patterns: [
          [
            { is: 'literal', text: 'x'.repeat(300) },
            { is: 'text', keep: true },
          ],
        ],
      },
    ],
    [
      'no words',
      {
        patterns: [
          [
            { is: 'words', count: 0 },
            { is: 'text', keep: true },
          ],
        ],
      },
    ],
    ['another form of writing', { as: 'poem' }],
    ['entries parted by something else', { within: 'ampersand' }],
    ['no text before', { before: 7 }],
    ['something beside all', { colour: 'red' }],
  ])('%s is refused', (_, change) => {
    expect(() => toLineShape({ ...SHAPE, ...change })).toThrow();
  });
});

describe('ids', () => {
  test('are told from those of rules and passes, and never given twice', () => {
    expect(['shape:1', 'rule:1', 'quotes'].map(isShapeId)).toEqual([true, false, false]);
    expect(nextShapeId([])).toBe('shape:1');
    expect(nextShapeId(['rule:9', 'shape:4', 'quotes', 'shape:x'])).toBe('shape:5');
  });
  test('a pattern says how many parts it keeps', () => {
    expect(partCount([{ is: 'time', keep: true }, { is: 'loose' }, { is: 'text', keep: true }, { is: 'link' }])).toBe(
      2,
    );
  });
});
