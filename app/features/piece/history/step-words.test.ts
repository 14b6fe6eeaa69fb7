import { describe, expect, test } from '@jest/globals';
import { Decision, DEFAULT_STYLE, type Choice, type LineShape, type Step } from '../../../../core/index.ts';
import { stepWords, type Lines } from './step-words.ts';

const SOURCE = 'The keeper wrote it down at six, before the tide was over the sill.';
const style = {
  ...DEFAULT_STYLE,
  rules: [
    {
      id: 'rule 1' as never,
      query: { text: 'Pell', expression: false, matchCase: true, wholeWords: true },
      insert: 'Averill',
    },
  ],
};
const words = (step: Step, lines?: Lines) => stepWords(step, lines, style, SOURCE);
const choose = (choice: Choice): Step => ({ kind: 'choose', choice });
const seam = (decision: Decision): Choice => ({ kind: 'seam', from: 3, to: 4, decision });

describe('a step is named by what it did', () => {
  test.each<[Step, Lines, string]>([
    [choose(seam(Decision.join)), [41, 42], 'Joined lines 41 and 42'],
    [choose(seam(Decision.mend)), [41, 42], 'Mended the word between lines 41 and 42'],
    [choose(seam(Decision.break)), undefined, 'Separated lines'],
    [choose({ kind: 'rewrite', from: 4, to: 10, text: 'miller' }), [1, 1], 'Wrote “miller” for “keeper” in line 1'],
    [choose({ kind: 'rewrite', from: 4, to: 10, text: '' }), [1, 1], 'Left out “keeper” in line 1'],
    [
      choose({ kind: 'rewrite', from: 0, to: 67, text: ' ' }),
      undefined,
      'Wrote a space for “The keeper wrote it down at …”',
    ],
    [choose({ kind: 'rewrite', from: 4, to: 4, text: 'old ' }), [1, 1], 'Wrote “old” for nothing in line 1'],
    [choose({ kind: 'drop', from: 0, to: 9 }), [3, 7], 'Left out lines 3 to 7'],
    [choose({ kind: 'drop', from: 0, to: 9 }), undefined, 'Left out lines'],
    [choose({ kind: 'part', from: 0, to: 9, as: 'verse' }), [3, 7], 'Said of lines 3 to 7: verse'],
    [choose({ kind: 'hold', from: 0, to: 9 }), [3, 3], 'Kept line 3 as in the source'],
    [choose({ kind: 'hold', from: 0, to: 9 }), undefined, 'Kept a part as in the source'],
    [choose({ kind: 'limit', from: 0, to: 9 }), [3, 4], 'Clean only lines 3 to 4'],
    [choose({ kind: 'limit', from: 0, to: 9, pass: 'tabs' }), undefined, 'Tabs: only in a part'],
    [choose({ kind: 'stet', from: 4, to: 10, pass: 'tabs' }), [1, 1], 'Kept the original “keeper” in line 1: Tabs'],
    [choose({ kind: 'approve', from: 4, to: 10, pass: 'tabs' }), [1, 1], 'Approved: Tabs, line 1'],
    [choose({ kind: 'measure', from: 0, to: 9, characters: 68 }), undefined, 'Lines wrap at 68 characters'],
    [{ kind: 'withdraw', choice: seam(Decision.keep) }, [8, 9], 'Undid: kept the line end between lines 8 and 9'],
    [{ kind: 'switch-pass', pass: 'tabs', on: false }, undefined, 'Tabs: switched off'],
    [{ kind: 'set-pass', pass: 'tabs', setting: 'width', value: '2' } as Step, undefined, 'Tabs: setting changed'],
    [{ kind: 'reset-passes' }, undefined, 'All passes reset'],
    [{ kind: 'set-rule', rule: style.rules[0]! }, undefined, 'Own rule: “Pell” → “Averill”'],
    [{ kind: 'switch-pass', pass: 'rule 9', on: false }, undefined, 'By hand: switched off'],
    [{ kind: 'set-shape', shape: { name: 'Index' } as LineShape }, undefined, 'Line shape “Index” applied'],
    [{ kind: 'use-style', id: 's', name: 'Minutes', style: DEFAULT_STYLE }, undefined, 'Style “Minutes”'],
    [{ kind: 'read-as', reading: { as: 'plain', text: 'x' } }, undefined, 'Read as plain text'],
    [{ kind: 'read-as', reading: { as: 'columns', text: 'x' } }, undefined, 'Put one column under the other'],
    [
      { kind: 'read-as', reading: { as: 'encoding', encoding: 'koi8-r', text: 'x' } },
      undefined,
      'Read as Cyrillic (KOI8-R)',
    ],
    [{ kind: 'read-as' }, undefined, 'Back to the text as it came'],
    [
      { kind: 'restore', name: 'To the printer', style: DEFAULT_STYLE, choices: [] },
      undefined,
      'Restored the version “To the printer”',
    ],
  ])('%j', (step, lines, named) => {
    expect(words(step, lines)).toBe(named);
  });

  test.each<[string, readonly Choice[], string]>([
    [
      'words left out over several paragraphs',
      [
        { kind: 'rewrite', from: 0, to: 3, text: '' },
        { kind: 'drop', from: 4, to: 9 },
      ],
      'Left out words in lines 2 to 5',
    ],
    ['an answer for all alike', [seam(Decision.join), seam(Decision.join)], '2 at once: joined lines, lines 2 to 5'],
    [
      'words in place of words said before',
      [seam(Decision.join), { kind: 'rewrite', from: 4, to: 10, text: 'miller' }],
      'Wrote “miller” for “keeper” in lines 2 to 5',
    ],
    ['one alone', [seam(Decision.break)], 'Separated lines 2 and 5'],
  ])('several at once: %s', (_name, choices, named) => {
    expect(words({ kind: 'together', steps: choices.map(choose) }, [2, 5])).toBe(named);
  });

  test('nothing at once is nothing', () => {
    expect(words({ kind: 'together', steps: [] })).toBe('Nothing');
  });
});
