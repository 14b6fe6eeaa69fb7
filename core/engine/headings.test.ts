import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { ALL_LINE_OPTIONS, LineKind } from '../lines/line-kind.ts';
import { isRule, markerLength } from '../lines/line-form.ts';
import { Flag } from '../lines/line-table.ts';
import { readLines } from '../lines/read-lines.ts';

const flagsOf = (line: string) => readLines(line, ALL_LINE_OPTIONS).flags[0]!;
const names = (flags: number) => Object.entries(Flag).filter(([, bit]) => flags & bit).map(([name]) => name); // prettier-ignore

describe('headings by their form', () => {
  test.each([
    ['CHAPTER IV', true],
    ['Chapter Four', true],
    ['4.1. Mailing lists', true],
    ['Kapitel 3', true],
    ['THE TIDE MILLS OF SALTFERN REACH', true],
    ['§ 12 Water rights', true],
    ['The miller stood still.', false],
    ['Mr.', false],
    ['OK', false],
    ['the chapter on mills', false],
    ['Chapter four was lost, and the rest with it', false],
  ])('%s: %s', (line, expected) => {
    expect(readLines(line, ALL_LINE_OPTIONS).kind[0] === LineKind.heading).toBe(expected);
  });

  test('a short title with prose below it is a heading, a last line or a menu item is none', () => {
    const kinds = (source: string) => clean(source, DEFAULT_STYLE).blocks.map((block) => block.kind);
    const prose = 'The creek fills the pond behind the wall, and the miller lets it out again.';
    expect(kinds(`How the machinery worked\n\n${prose}`)).toEqual(['heading', 'paragraph']);
    expect(kinds(`How it worked\n\nThe machinery\n\n${prose}`).slice(1)).toEqual(['heading', 'paragraph']);
    const wrapped =
      'The creek fills the pond behind the wall and the miller\nlets it out again through a gate no wider than a cart.';
    expect(kinds(`The mills\n\nHow they work\n\n${wrapped}`).slice(1)).toEqual(['heading', 'paragraph']);
    const row = ['Where the water goes', 'The rope walk', 'Stop 4', 'The ferry stairs'];
    expect(kinds(`${row.join('\n\n')}\n\n${prose}`)).toEqual(Array.from({ length: 5 }, () => 'paragraph'));
    expect(kinds(`${prose}\n\nSign in`)).toEqual(['paragraph', 'paragraph']);
    expect(kinds(`Yours,\n\nI. Marsh\n\n${prose}`)).toEqual(['paragraph', 'paragraph', 'paragraph']);
    expect(kinds(`YOURS TRULY,\n\nIDA MARSH\n\n${prose}`).slice(1)).toEqual(['paragraph', 'paragraph']);
    expect(kinds(`“Not a word,”\n\n${prose}`)).toEqual(['paragraph', 'paragraph']);
  });
});

describe('what a line begins and ends with', () => {
  test.each([
    ['The tide fell.', ['endsStop', 'startsUpper']],
    ['and the mill stood,', ['endsComma', 'startsLower']],
    ['“Who is it?”', ['endsStop', 'endsQuote', 'startsQuote', 'startsUpper']],
    ['as it was said of the', ['endsFunctionWord', 'startsLower']],
    ['by the late Mr.', ['endsAbbreviation', 'startsLower']],
    ['consid-', ['endsHyphen', 'startsLower']],
    ['these four points:', ['endsColon', 'startsLower']],
    ['wider than a cart.[4]', ['endsMark', 'endsStop', 'startsLower']],
    ['wider than a cart.4', ['endsMark', 'endsStop', 'startsLower']],
    ['the release 12.18', ['startsLower']],
    ['see https://wrackby.', ['endsStop', 'endsInAddress', 'startsLower']],
    ['• flour', ['startsMarker', 'startsBullet', 'startsSureBullet']],
    ['2. the height', ['startsMarker']],
    ['入江は', ['endsCjk', 'startsCjk']],
  ])('%s', (line, expected) => {
    expect(names(flagsOf(line)).sort()).toEqual([...expected].sort());
  });
});

test.each([
  ['• flour', 1],
  ['- flour', 1],
  ['-flour', 0],
  ['12. flour', 3],
  ['(a) flour', 3],
  ['1.2.3 Flour', 5],
  ['iv. flour', 3],
  ['A. Smith', 0],
  ['1987. The year', 0],
  ['the mill', 0],
])('the marker of %s is %i long', (line, length) => {
  expect(markerLength(line, 0, line.length)).toBe(length);
});

test.each([
  ['=====', true],
  ['-----', true],
  ['* * *', false],
  ['---', false],
  ['-- a', false],
])('%s is a rule: %s', (line, expected) => {
  expect(isRule(line, 0, line.length)).toBe(expected);
});
