import { describe, expect, test } from '@jest/globals';
import { readCaptions } from './captions/captions.ts';
import { ALL_LINE_OPTIONS, LineKind } from './line-kind.ts';
import { readPageLabel } from './pages/page-label.ts';
import { readLines } from './read-lines.ts';

const NAMES = Object.fromEntries(Object.entries(LineKind).map(([name, kind]) => [kind, name]));

function droppedLines(source: string): string[] {
  const { index, kind } = readLines(source, ALL_LINE_OPTIONS);
  const lines: string[] = [];
  for (let line = 0; line < index.count; line++) {
    if (kind[line]! >= LineKind.firstDropped)
      lines.push(`${NAMES[kind[line]!]}: ${source.slice(index.from[line], index.to[line]).trim()}`);
  }
  return lines;
}

/** Twenty lines of a page that breaks off in mid sentence. */
const page = (from: number) =>
  Array.from(
    { length: 20 },
    (_, at) => `line ${'abcdefghijklmnopqrst'[at]} of the log, which goes on and on to page ${'xyzuvw'[from]}`,
  ).join('\n');

describe('page furniture', () => {
  test('page numbers that grow, and heads that alternate with them', () => {
    const source = [page(0), 'Saltfern 24', page(1), '25 CHAPTER V', page(2), 'Saltfern 26', page(3)].join('\n');
    expect(droppedLines(source)).toEqual([
      'runningHead: Saltfern 24',
      'runningHead: 25 CHAPTER V',
      'runningHead: Saltfern 26',
    ]);
  });

  test('bare page numbers before page breaks', () => {
    expect(droppedLines(`${page(0)}\n\n7\n\f${page(1)}`)).toEqual(['pageNumber: 7']);
  });

  test('heads without a number that come back at page breaks; the first, which may be the title, stays', () => {
    const source = [0, 1, 2].map((at) => `The Tidewright Quarterly\n${page(at)}`).join('\n\f');
    expect(droppedLines(source)).toHaveLength(2);
  });

  test('a head may end in a number with a point', () => {
    const source = [0, 1, 2].map((at) => `Guide to the Reach, Release 12.18\n${page(at)}`).join('\n\f');
    expect(droppedLines(source)).toHaveLength(2);
  });

  test.each([
    [
      'a refrain is no head',
      [
        page(0),
        'Fair stands the wind for Wrackby!',
        page(1),
        'Fair stands the wind for Wrackby!',
        page(2),
        'Fair stands the wind for Wrackby!',
      ].join('\n'),
    ],
    [
      'a passage that is repeated is no furniture',
      Array.from({ length: 5 }, () => `${page(0)}\n   Wrackby is a shell\n${page(1)}`).join('\n'),
    ],
    ['numbered sections are headings', [1, 2, 3, 4].map((at) => `Section ${at}\n${page(at)}`).join('\n')],
    ['a year at a line end is no page', `${page(0)}\nThe mill was rebuilt in 1871\n${page(1)}`],
    ['a list of numbers is content', '12\n15\n9\n22\n7\n30'],
  ])('%s', (_name, source) => {
    expect(droppedLines(source)).toEqual([]);
  });

  test.each([
    ['17', { number: 17, rest: '' }],
    ['– 12 –', { number: 12, rest: '' }],
    ['Page 3 of 9', { number: 3, rest: '' }],
    ['xiv', { number: 14, rest: '' }],
    ['24 The Keeper’s Log', { number: 24, rest: 'the keeper’s log' }],
    ['The Ferry Charter Page 34', { number: 34, rest: 'the ferry charter' }],
    ['IV', undefined],
    ['The mill stood.', undefined],
  ])('page label of %s', (line, expected) => {
    expect(readPageLabel(line)).toEqual(expected);
  });
});

describe('captions', () => {
  test('cue numbers, times, headers, sound cues and rolling repeats are told apart', () => {
    const source = [
      'WEBVTT', '', '1', '00:01.000 --> 00:02.000', 'You begin with', '', '2', '00:02.000 --> 00:03.000', 'You begin with',
      'the keel.', '', '3', '00:03.000 --> 00:04.000', 'the keel.', '[laughter]',
    ].join('\n'); // prettier-ignore
    expect(droppedLines(source)).toEqual([
      'captionHeader: WEBVTT',
      'cueNumber: 1',
      'timeCode: 00:01.000 --> 00:02.000',
      'cueNumber: 2',
      'timeCode: 00:02.000 --> 00:03.000',
      'captionRepeat: You begin with',
      'cueNumber: 3',
      'timeCode: 00:03.000 --> 00:04.000',
      'captionRepeat: the keel.',
      'soundCue: [laughter]',
    ]);
  });

  test('prose with a clock time in it is no transcript', () => {
    const source = 'The ferry left at\n10:45\nand came back at noon.';
    const { index } = readLines(source, ALL_LINE_OPTIONS);
    expect(readCaptions(source, index, new Uint8Array(index.count), ALL_LINE_OPTIONS).found).toBe(false);
  });
});

test.each([
  ['Tide tables', 4],
  ['“Tide tables', 5],
  ['潮汐表', 1],
  ['“潮汐表', 2],
  ['「潮汐表」', 2],
  ['Saltfern港', 8],
  ['2024年', 4],
  ['…', 1],
])('a line could have been cut first behind so many units: %s', (line, first) => {
  expect(readLines(line, ALL_LINE_OPTIONS).firstChars[0]).toBe(first);
});
