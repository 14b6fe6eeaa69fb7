import { describe, expect, test } from '@jest/globals';
import { Decision, DEFAULT_STYLE, type Choice, type Step } from '../../../../core/index.ts';
import { stepWords, type Lines } from './step-words.ts';

const SOURCE = 'The miller kept a slate by the sluice.[4]';
const choose = (choice: Choice): Step => ({ kind: 'choose', choice });
const slate = { from: SOURCE.indexOf('slate'), to: SOURCE.indexOf('slate') + 5 };
const mark = { from: SOURCE.indexOf('[4]'), to: SOURCE.length };
const seam = (decision: Decision): Step => choose({ kind: 'seam', from: 4, to: 5, decision });
const drop = choose({ kind: 'drop', ...slate });

const CASES: readonly (readonly [string, Step, Lines])[] = [
  ['Joined lines 41 and 42', seam(Decision.join), [41, 42]],
  ['Separated lines 41 and 43', seam(Decision.break), [41, 43]],
  ['Undid: joined lines 41 and 42', { ...seam(Decision.join), kind: 'withdraw' } as Step, [41, 42]],
  ['Wrote “board” for “slate” in line 7', choose({ kind: 'rewrite', ...slate, text: 'board' }), [7, 7]],
  ['Left out “slate” in line 7', choose({ kind: 'rewrite', ...slate, text: '' }), [7, 7]],
  ['Left out lines 1 to 6', drop, [1, 6]],
  ['Kept line 3 as in the source', choose({ kind: 'hold', ...slate }), [3, 3]],
  ['Clean only lines 2 to 9', choose({ kind: 'limit', ...slate }), [2, 9]],
  [
    'Kept the original “[4]” in line 5: Reference marks',
    choose({ kind: 'stet', ...mark, pass: 'reference-marks' }),
    [5, 5],
  ],
  ['Said of lines 2 to 9: a list', choose({ kind: 'part', ...slate, as: 'list' }), [2, 9]],
  ['Ligatures: switched off', { kind: 'switch-pass', pass: 'ligatures', on: false }, undefined],
  ['Left out words in lines 1 to 90', { kind: 'together', steps: [drop, drop] }, [1, 90]],
  ['Restored the version “First”', { kind: 'restore', name: 'First', style: DEFAULT_STYLE, choices: [] }, undefined],
];

describe('a step is called', () => {
  test.each(CASES)('%s', (words, step, lines) => {
    expect(stepWords(step, lines, DEFAULT_STYLE, SOURCE)).toBe(words);
  });

  test('by the words that were written, where older ones went with them', () => {
    const steps: Step[] = [
      { kind: 'withdraw', choice: { kind: 'rewrite', ...slate, text: 'board' } },
      choose({ kind: 'rewrite', ...slate, text: 'boards' }),
    ];
    expect(stepWords({ kind: 'together', steps }, [7, 7], DEFAULT_STYLE, SOURCE)).toBe(
      'Wrote “boards” for “slate” in line 7',
    );
  });
});
