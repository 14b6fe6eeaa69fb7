import { describe, expect, test } from '@jest/globals';
import { applyStep, NO_HISTORY, outcomeOf, undo, type History, type Step } from '../history/history.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { styleInForce } from './style-in-force.ts';

const use = (id: string): Step => ({
  kind: 'use-style',
  id,
  name: id.toUpperCase(),
  style: { ...DEFAULT_STYLE, passes: { [id]: true } },
});
const choice: Step = { kind: 'choose', choice: { kind: 'hold', from: 0, to: 3 } };
const after = (...steps: Step[]): History => steps.reduce(applyStep, NO_HISTORY);

describe('the style in force', () => {
  test.each<[string, History, string]>([
    ['is the usual at first', NO_HISTORY, 'usual'],
    ['is the last that was given', after(use('a'), choice, use('b')), 'b'],
    ['is the one before, once that was undone', undo(after(use('a'), use('b'))), 'a'],
    ['is given within a step of several', after({ kind: 'together', steps: [use('a'), choice] }), 'a'],
    [
      'is the usual again behind a version from before',
      after(use('a'), { kind: 'restore', name: 'x', style: DEFAULT_STYLE, choices: [] }),
      'usual',
    ],
  ])('%s', (_, history, expected) => {
    expect(styleInForce(history).id).toBe(expected);
  });

  test('another style keeps every choice', () => {
    const { choices, style } = outcomeOf(
      after(choice, use('a'), { kind: 'switch-pass', pass: 'a', on: false }),
      DEFAULT_STYLE,
    );
    expect(choices).toEqual([choice.kind === 'choose' && choice.choice]);
    expect(style.passes).toEqual({ a: false });
  });
});
