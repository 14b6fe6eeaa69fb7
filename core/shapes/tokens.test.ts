import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { entriesOf, entryOfForm, readRow } from './entries.ts';
import { signAt, withoutBlanks } from './signs.ts';
import { lineTokens } from './tokens.ts';

const shown = (line: string) =>
  lineTokens(line).map(({ is, sign, from, to }) => `${sign ?? is}:${line.slice(from, to).replace('\t', '→')}`);

describe('the pieces of a line', () => {
  test.each<[string, string[]]>([
    [
      '03:12 | The rope walk | saltfern.example/s4',
      ['time:03:12', 'bar:|', 'text:The rope walk', 'bar:|', 'link:saltfern.example/s4'],
    ],
    ['[1:02:03] Low water', ['time:[1:02:03]', 'text:Low water']],
    ['The rope walk 1:02:03,5', ['text:The rope walk', 'time:1:02:03,5']],
    ['12 March 1890: a storm', ['date:12 March 1890', 'text:: a storm']],
    ['March 2, 1891 calm', ['date:March 2, 1891', 'text:calm']],
    ['1904-03-02; Marian Orme', ['date:1904-03-02', 'text:; Marian Orme']],
    ['12. The mill ........ 34', ['figure:12.', 'text:The mill', 'leader:........', 'figure:34']],
    ['The mill....3', ['text:The mill', 'leader:....', 'figure:3']],
    ['Stop 4: The rope walk', ['text:Stop 4: The rope walk']],
    ['12 men went out', ['figure:12', 'text:men went out']],
    ['The mill (1890)', ['text:The mill', 'bracket:(1890)']],
    ['A (grey) dog', ['text:A (grey) dog']],
    ['Ada\t12\tblue', ['text:Ada', 'gap:→', 'figure:12', 'gap:→', 'text:blue']],
    ['Ada   Pell', ['text:Ada', 'gap:   ', 'text:Pell']],
    ['half-timbered – two', ['text:half-timbered', 'dash:–', 'text:two']],
    ['read https://saltfern.example/a?b=c|d now', ['text:read', 'link:https://saltfern.example/a?b=c|d', 'text:now']],
    ['ask pell@saltfern.example', ['text:ask', 'link:pell@saltfern.example']],
    ['• One', ['bullet:•', 'text:One']],
    ['', []],
    ['   ', []],
  ])('%j', (line, expected) => {
    expect(shown(line)).toEqual(expected);
  });

  test('law: they hold all that is no blank, in order, and none overlaps another', () => {
    const piece = fc.constantFrom(
      '03:12',
      '|',
      '–',
      '  ',
      'mill',
      '4',
      ':',
      '(1880)',
      '...',
      '\t',
      'a.b/c',
      '@',
      '1890-03-02',
      'é',
      '\u00a0',
      '[',
    );
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 12 }), fc.boolean(), (pieces, isApart) => {
        const line = pieces.join(isApart ? ' ' : '');
        let at = 0;
        let left = '';
        for (const { from, to } of lineTokens(line)) {
          expect(from).toBeGreaterThanOrEqual(at);
          expect(to).toBeGreaterThan(from);
          left += line.slice(at, from);
          at = to;
        }
        expect((left + line.slice(at)).replace(/[ \t\u00a0]/g, '')).toBe('');
      }),
    );
  });
});

describe('signs', () => {
  test.each<[string, number, string | undefined]>([
    ['a | b', 2, 'bar'],
    ['a|b', 1, 'bar'],
    ['a – b', 2, 'dash'],
    ['a-b', 1, undefined],
    ['a / b', 2, 'slash'],
    ['a/b', 1, undefined],
    ['a: b', 1, undefined],
    ['a .... b', 2, 'leader'],
    ['a. b', 1, undefined],
    ['a … b', 2, undefined],
  ])('%j at %i: %s', (line, at, sign) => {
    expect(signAt(line, at)?.sign).toBe(sign);
  });
  test('blanks at the ends of a range are no part of it', () => {
    expect(withoutBlanks(' \ta b\u00a0')).toEqual({ from: 2, to: 5 });
    expect(withoutBlanks('   ')).toEqual({ from: 3, to: 3 });
    expect(withoutBlanks('a  b  c', 1, 6)).toEqual({ from: 3, to: 4 });
  });
});

describe('several entries on one line', () => {
  const entries = (line: string, mark: Parameters<typeof entriesOf>[1]) =>
    entriesOf(line, mark).map(({ from, to }) => line.slice(from, to));

  test.each<[string, string | undefined]>([
    ['00:10 The quay; 01:24 The mill; 02:40 The lane', 'semicolon'],
    ['00:10 The quay | 01:24 The mill | 02:40 The lane', 'bar'],
    ['00:10 The quay 01:24 The mill 02:40 The lane', 'time'],
    ['The quay 12 • The mill 30 • The lane 41', 'bullet'],
    ['Ada Pell, Marian Orme, Enoch Trask', undefined],
    ['The tide fell, at 3, and then, later, rose', undefined],
    ['00:10 The quay; 01:24 The mill', undefined],
    ['The rope walk', undefined],
  ])('%j: %s', (line, mark) => {
    expect(readRow(line)?.mark).toBe(mark);
  });

  test('are cut at their mark, blanks aside', () => {
    expect(entries(' a ;b;; c ', 'semicolon')).toEqual(['a', 'b', 'c']);
    expect(entries('Stops: 00:10 A 01:20 B', 'time')).toEqual(['Stops:', '00:10 A', '01:20 B']);
    expect(entries('a – b-c – d', 'dash')).toEqual(['a', 'b-c', 'd']);
    expect(entries('a\tb   c', 'gap')).toEqual(['a', 'b', 'c']);
    expect(entries('', 'bar')).toEqual([]);
  });

  test('the first that is like the others stands for them', () => {
    const line = 'Stops: 00:10 A; 01:20 B; 02:30 C; 03:40 D';
    const { mark, form } = readRow(line)!;
    const { from, to } = entryOfForm(line, mark, form)!;
    expect([form, line.slice(from, to)]).toEqual(['time text', '01:20 B']);
    expect(entryOfForm('a; b', 'semicolon', 'time')).toEqual({ from: 0, to: 1 });
  });

  test('a row of many entries is read in a time that grows with its length', () => {
    const row = Array.from({ length: 1200 }, (_, at) => `${at % 60}:10 Stop ${at}`).join('; ');
    expect(readRow(row)).toMatchObject({ mark: 'semicolon' });
    expect(readRow(`${row}; ${row}`)).toBeUndefined();
  });
});
