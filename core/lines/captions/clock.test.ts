import { expect, test } from '@jest/globals';
import { findClockTimes, readFields, readTimeInWords } from './clock.ts';

test.each([
  ['0:04', ['0:04', 4000, NaN]],
  ['[00:01:12] Anna', ['[00:01:12]', 72_000, NaN]],
  ['00:00:03:05\t00:00:05:07\tWarm', ['00:00:03:05\t00:00:05:07', 3200, 5280]],
  ['00:00:03.200 --> 00:00:06.052 Already', ['00:00:03.200 --> 00:00:06.052', 3200, 6052]],
  [
    '01:12.400 --> 01:15.000 align:start position:0%',
    ['01:12.400 --> 01:15.000 align:start position:0%', 72_400, 75_000],
  ],
  ['0:00:01.000,0:00:03.000', ['0:00:01.000,0:00:03.000', 1000, 3000]],
  ['Professor (00:01:12):', ['(00:01:12)', 72_000, NaN]],
  ['(see 0:12 and', ['0:12', 12_000, NaN]],
  ['1:02:03,5', ['1:02:03,5', 3_723_500, NaN]],
  ["'0:04' it said", ['0:04', 4000, NaN]],
])('the time in %j', (line, [text, start, end]) => {
  const [time] = findClockTimes(line);
  expect(line.slice(time!.from, time!.to)).toBe(text);
  expect([time!.start, time!.end]).toEqual([start, end]);
});

test.each([
  'at 10:45 am',
  '1:30 Uhr',
  'a scale of 1:2',
  '2026-01-01',
  'Genesis 1:99',
  'at noon',
  "mained'0:04",
  "the 0:04's",
])('no time in %j', (line) => {
  expect(findClockTimes(line)).toEqual([]);
});

test('a line has all its times, in order', () => {
  expect(findClockTimes('(0:03) So (0:07) Today <0:09>').map(({ start, bracket }) => [start, bracket])).toEqual([
    [3000, '('],
    [7000, '('],
    [9000, '<'],
  ]);
});

test.each([
  ['47 seconds', 47_000],
  ['1 minute, 12 seconds', 72_000],
  ['1 hr 2 min', 3_720_000],
  ['12', undefined],
  ['12 boats', undefined],
])('a time in words: %j', (line, time) => {
  expect(readTimeInWords(line)).toBe(time);
});

test('fields before the words', () => {
  const older = 'Dialogue: Marked=0,0:00:01.00,0:00:03.00,Default,,0,0,0,,';
  expect(readFields(`${older}Words, here`)?.to).toBe(older.length);
  expect(readFields('Dialogue: 0,0:00:01.00,0:00:03.00,Default,,0,0,0,,Words, here')).toEqual({
    to: 50,
    start: 1000,
    end: 3000,
  });
  expect(readFields('{25}{75}Words')).toEqual({ to: 8, start: 1000, end: 3000 });
  expect(readFields('Words')).toBeUndefined();
});
