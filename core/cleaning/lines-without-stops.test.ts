import { expect, test } from '@jest/globals';
import type { Choice } from '../choices/choice.ts';
import { clean } from './clean.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { Decision } from '../seams/seam-table.ts';

const LIST = '海斯珀·韦恩\n雷克比镇码头街十二号三楼左边的门\n码头办公室\n托比亚斯·克兰\n斯凯里灯塔';
const blankLines: Choice = { kind: 'mark', from: 0, to: 0, mark: { by: 'gap', blanks: 1, step: 'level', odd: false } };

test('short lines without stops stay, and are asked about, until a person says what marks paragraphs', () => {
  const { decision, certainty } = clean(LIST, DEFAULT_STYLE).decided;
  expect([decision[0], decision[2], decision[3]]).toEqual([Decision.keep, Decision.keep, Decision.keep]);
  expect(Math.max(certainty[0]!, certainty[2]!, certainty[3]!)).toBeLessThan(DEFAULT_STYLE.certaintyLimit);
  const told = clean(LIST, DEFAULT_STYLE, [blankLines]).decided;
  expect([...told.decision].filter((made) => made !== Decision.join)).toEqual([]);
});

const SMALL = `he waited at the lock until the evening, and nobody came to
open it, since the keeper was asleep.

the boat had gone by then, and the water with it. he sat down
on the wall, and counted the herons.


there were nine of them, all of them asleep. he went home by
the other bank, and wrote to the company.`;
const twoBlankLines: Choice = { ...blankLines, mark: { by: 'gap', blanks: 2, step: 'level', odd: false } };

test.each([SMALL, SMALL.replace(/^\w/gm, (letter) => letter.toUpperCase())])(
  'blank lines part paragraphs, in small letters throughout too, until a person says how many do',
  (source) => {
    const breaks = (choices: readonly Choice[]) =>
      [...clean(source, DEFAULT_STYLE, choices).decided.decision].filter((made) => made === Decision.break).length;
    expect([breaks([]), breaks([twoBlankLines])]).toEqual([2, 1]);
  },
);
