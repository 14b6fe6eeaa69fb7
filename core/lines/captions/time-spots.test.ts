import { describe, expect, test } from '@jest/globals';
import { indexLines } from '../../text/line-index.ts';
import { findTimeSpots } from './time-spots.ts';

function placesOf(source: string): [string, string][] {
  const index = indexLines(source);
  return findTimeSpots(source, index, new Uint8Array(index.count)).map(({ from, to, place }) => [
    source.slice(from, to),
    place,
  ]);
}

describe('where times stand', () => {
  test.each<[string, [string, string][]]>([
    ['0:04', [['0:04', 'alone']]],
    ['  [00:01:12]  ', [['[00:01:12]', 'alone']]],
    ['0:04 So welcome back', [['0:04', 'before']]],
    [
      '[00:12.00][00:15.30]So welcome',
      [
        ['[00:12.00]', 'before'],
        ['[00:15.30]', 'before'],
      ],
    ],
    ['0:04 | Stop 4', [['0:04', 'among']]],
    ['03:12 - The rope walk', [['03:12', 'before']]],
    ['-- 0:04 So welcome', [['0:04', 'among']]],
    ['welcome back [0:04]', [['[0:04]', 'behind']]],
    [
      'welcome (0:04) back (0:09)',
      [
        ['(0:04)', 'among'],
        ['(0:09)', 'behind'],
      ],
    ],
    ['00:00:01.000 --> 00:00:03.000 So welcome', [['00:00:01.000 --> 00:00:03.000', 'before']]],
    ['00:00:03:05\t00:00:05:07\tSo welcome', [['00:00:03:05\t00:00:05:07', 'before']]],
    ['{25}{75}So welcome', [['{25}{75}', 'before']]],
    ['1 minute, 12 seconds', [['1 minute, 12 seconds', 'alone']]],
    ['12 boats', []],
  ])('%j', (source, places) => {
    expect(placesOf(source)).toEqual(places);
  });

  test.each([
    ['Imke Harrow   0:03\nCan everybody hear me?', true],
    ['Professor Aldane (00:01:12):\nWhat we found was a floor.', true],
    ['00:00:30 Speaker A:\nThe shutters were folded back.', true],
    ['[Lorna] 00:03\nGood evening from the quay.', true],
    ['Ann van der Meer 1:02\nGood evening.', true],
    // What follows a name are the words that it says.
    ['Goodbye 15:48\n\nIf you enjoyed this, tell a friend.', false],
    ['Goodbye 15:48\n16:02 Thermos', false],
    ['we met at 10:45\nand left', false],
  ])('%j: beside a name is %j', (source, isName) => {
    expect(placesOf(source)[0]![1] === 'name').toBe(isName);
  });

  test('many in one line are found in linear time, each once', () => {
    expect(placesOf('so 0:04 '.repeat(5000))).toHaveLength(5000);
  });
});
