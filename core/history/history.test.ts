import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_STYLE, isPassOn } from '../style/style.ts';
import { toStyle } from '../style/read-style.ts';
import {
  applyHistoryChange,
  applyStep,
  canRedo,
  canUndo,
  historyChange,
  moveTo,
  NO_HISTORY,
  oneStep,
  outcomeOf,
  readingsOf,
  redo,
  undo,
  type History,
  type Step,
} from './history.ts';

const step: fc.Arbitrary<Step> = fc.oneof(
  fc.record({
    kind: fc.constant('switch-pass' as const),
    pass: fc.constantFrom('tabs', 'ligatures'),
    on: fc.boolean(),
  }),
  fc.record({
    kind: fc.constantFrom('choose' as const, 'withdraw' as const),
    choice: fc.record({
      kind: fc.constant('seam' as const),
      from: fc.nat(3),
      to: fc.constant(9),
      decision: fc.constantFrom(0, 2),
    }),
  }),
) as fc.Arbitrary<Step>;

const history = fc.array(step, { maxLength: 12 }).map((steps) => steps.reduce(applyStep, NO_HISTORY));
const outcome = (of: History) => outcomeOf(of, DEFAULT_STYLE);

test('undo takes the last step back, redo gives it again', () => {
  fc.assert(
    fc.property(history, step, (before, next) => {
      const after = applyStep(before, next);
      expect(canUndo(after)).toBe(true);
      expect(outcome(undo(after))).toEqual(outcome(before));
      expect(redo(undo(after))).toEqual(after);
      expect(canRedo(after)).toBe(false);
    }),
  );
});

test('at either end undo and redo do nothing', () => {
  expect(undo(NO_HISTORY)).toEqual(NO_HISTORY);
  expect(redo(NO_HISTORY)).toEqual(NO_HISTORY);
});

test('a step after an undo forgets what was undone', () => {
  const one = applyStep(NO_HISTORY, { kind: 'switch-pass', pass: 'tabs', on: false });
  const other = applyStep(undo(one), { kind: 'switch-pass', pass: 'ligatures', on: false });
  expect(other.steps).toHaveLength(1);
  expect(isPassOn(outcome(other).style, 'tabs')).toBe(true);
});

test('a later choice about the same thing takes the place of the earlier; withdrawing leaves none', () => {
  const choice = { kind: 'seam', from: 4, to: 5, decision: 0 } as const;
  const chosen = [choice, { ...choice, decision: 2 } as const].reduce(
    (now, next) => applyStep(now, { kind: 'choose', choice: next }),
    NO_HISTORY,
  );
  expect(outcome(chosen).choices).toEqual([{ ...choice, decision: 2 }]);
  expect(outcome(applyStep(chosen, { kind: 'withdraw', choice })).choices).toEqual([]);
});

test('a style is checked when it comes from outside', () => {
  expect(toStyle({ ...DEFAULT_STYLE, passes: { tabs: false } })).toEqual({ ...DEFAULT_STYLE, passes: { tabs: false } });
  expect(() => toStyle({ ...DEFAULT_STYLE, certaintyLimit: 7 })).toThrow();
  expect(() => toStyle({ ...DEFAULT_STYLE, passes: { tabs: 'yes' } })).toThrow();
  expect(() => toStyle(null)).toThrow();
});

test('any point of the history is gone to, none beyond its ends', () => {
  fc.assert(
    fc.property(history, fc.integer({ min: -5, max: 20 }), (of, at) => {
      const moved = moveTo(of, at);
      expect(moved.steps).toBe(of.steps);
      expect(moved.at).toBe(Math.min(of.steps.length, Math.max(0, at)));
      expect(outcome(moved)).toEqual(outcome({ steps: of.steps.slice(0, moved.at), at: moved.at }));
    }),
  );
});

test('a version is restored as it was, whatever was decided since, and undone like any step', () => {
  fc.assert(
    fc.property(history, history, (kept, since) => {
      const version = outcome(kept);
      const now = applyStep(since, { kind: 'restore', name: 'First reading', ...version });
      expect(outcome(now).choices).toEqual(version.choices);
      expect(outcome(now).style).toEqual(version.style);
      expect(outcome(undo(now))).toEqual(outcome({ ...since, steps: since.steps.slice(0, since.at) }));
    }),
  );
});

test('what was chosen in one reading waits there, and has no say in another', () => {
  const readAs = (text?: string): Step =>
    text === undefined ? { kind: 'read-as' } : { kind: 'read-as', reading: { as: 'plain', text } };
  fc.assert(
    fc.property(history, history, history, (first, second, third) => {
      const steps = [...first.steps, readAs('plain'), ...second.steps, readAs(), ...third.steps];
      const all = [first, second, third].flatMap(({ steps: of }) => of);
      const at = (count: number) => outcome({ steps, at: count });
      const inPlain = at(first.steps.length + 1 + second.steps.length);
      expect(inPlain.reading?.text).toBe('plain');
      expect(inPlain.choices).toEqual(outcome(second).choices);
      const back = at(steps.length);
      expect(back.reading).toBeUndefined();
      expect(back.choices).toEqual(outcome([...first.steps, ...third.steps].reduce(applyStep, NO_HISTORY)).choices);
      // The style is one for all readings.
      expect(back.style).toEqual(outcome(all.reduce(applyStep, NO_HISTORY)).style);
      const restored = applyStep(moveTo({ steps, at: 0 }, steps.length), {
        kind: 'restore',
        name: 'Plain',
        ...inPlain,
      });
      expect(outcome(restored)).toEqual(inPlain);
      const texts = readingsOf(steps).map((reading) => reading?.text);
      expect(texts).toEqual(steps.map((_, index) => at(index + 1).reading?.text));
    }),
  );
});

test('several steps are one, one is itself, none is none', () => {
  const [a, b]: Step[] = [{ kind: 'switch-pass', pass: 'tabs', on: false }, { kind: 'reset-passes' }];
  expect(oneStep([a!, b!])).toEqual({ kind: 'together', steps: [a, b] });
  expect(oneStep([a!])).toBe(a);
  expect(oneStep([])).toBeUndefined();
});

test('what changed in a history makes the new one of the old', () => {
  fc.assert(
    fc.property(history, fc.array(step, { maxLength: 3 }), fc.nat(9), (before, more, back) => {
      const after = more.reduce(applyStep, moveTo(before, before.at - back));
      const change = historyChange(before, after);
      expect(applyHistoryChange(before, change)).toEqual(after);
      expect(change.steps.length).toBeLessThanOrEqual(more.length);
    }),
  );
});
