/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, renderHook } from '@testing-library/react';
import { NO_HISTORY, type Choice, type History } from '../../../../core/index.ts';
import type { PieceWrite } from './piece-actions.ts';
import { useDecisions } from './use-decisions.ts';
import { usePieceKeys } from './use-piece-keys.ts';

afterEach(cleanup);

const choice: Choice = { kind: 'seam', from: 4, to: 5, decision: 0 };
const choose = { kind: 'choose', choice } as const;

function start(stored: History = NO_HISTORY) {
  const save = jest.fn<(write: PieceWrite) => void>();
  const hook = renderHook(({ history }) => useDecisions(history, save), { initialProps: { history: stored } });
  return { save, hook, now: () => hook.result.current };
}

describe('decisions', () => {
  test('a step takes effect at once and is stored with its place', () => {
    const { save, now } = start();
    act(() => now().take(choose));
    expect(now().choices).toEqual([choice]);
    expect(now()).toMatchObject({ canUndo: true, canRedo: false });
    expect(save.mock.calls).toEqual([[{ intent: 'step', at: 0, step: choose }]]);
  });

  test('undo and redo move in the history and are stored as moves', () => {
    const { save, now } = start();
    act(() => now().take(choose));
    act(() => now().undo());
    expect(now().choices).toEqual([]);
    act(() => now().redo());
    expect(now().choices).toEqual([choice]);
    expect(save.mock.calls.slice(1)).toEqual([
      [{ intent: 'move', from: 1, to: 0 }],
      [{ intent: 'move', from: 0, to: 1 }],
    ]);
  });

  test('at either end nothing happens and nothing is stored', () => {
    const { save, now } = start();
    act(() => now().undo());
    act(() => now().redo());
    expect(save).not.toHaveBeenCalled();
  });

  test('a history that another tab has changed takes the place of ours', () => {
    const { hook, now } = start();
    act(() => now().take(choose));
    const theirs: History = { steps: [{ kind: 'switch-pass', pass: 'tabs', on: false }], at: 1 };
    hook.rerender({ history: theirs });
    expect(now().choices).toEqual([]);
    expect(now().style.passes).toEqual({ tabs: false });
  });

  test('style and choices stay the same objects while nothing changes, so that nothing is cleaned again', () => {
    const stored: History = { steps: [choose], at: 1 };
    const { hook, now } = start(stored);
    const before = now();
    hook.rerender({ history: stored });
    expect(now().choices).toBe(before.choices);
    expect(now().style).toBe(before.style);
  });
});

describe('undo by keys', () => {
  const press = (init: KeyboardEventInit, target: EventTarget = document) =>
    target.dispatchEvent(new KeyboardEvent('keydown', { bubbles: true, cancelable: true, ...init }));

  test.each([
    [{ key: 'z', ctrlKey: true }, 'undo'],
    [{ key: 'z', metaKey: true }, 'undo'],
    [{ key: 'Z', ctrlKey: true, shiftKey: true }, 'redo'],
    [{ key: 'y', ctrlKey: true }, 'redo'],
  ] as const)('%j is %s', (init, name) => {
    const decisions = { ...start().now(), undo: jest.fn(), redo: jest.fn() };
    renderHook(() => usePieceKeys(decisions, () => undefined));
    expect(press(init)).toBe(false);
    expect(decisions[name]).toHaveBeenCalledTimes(1);
  });

  test('keys in a field belong to the field, other keys to nobody', () => {
    const decisions = { ...start().now(), undo: jest.fn(), redo: jest.fn() };
    renderHook(() => usePieceKeys(decisions, () => undefined));
    const field = document.body.appendChild(document.createElement('input'));
    expect(press({ key: 'z', ctrlKey: true }, field)).toBe(true);
    const box = document.body.appendChild(document.createElement('input'));
    box.type = 'checkbox';
    expect(press({ key: 'z', ctrlKey: true }, box)).toBe(false);
    expect(decisions.undo).toHaveBeenCalledTimes(1);
    decisions.undo.mockClear();
    expect(press({ key: 'z' })).toBe(true);
    expect(press({ key: 'x', ctrlKey: true })).toBe(true);
    expect(decisions.undo).not.toHaveBeenCalled();
  });

  test('looking for words is ours, also from within a field', () => {
    const onLook = jest.fn();
    const decisions = start().now();
    renderHook(() => usePieceKeys(decisions, onLook));
    const field = document.body.appendChild(document.createElement('input'));
    expect(press({ key: 'f', ctrlKey: true }, field)).toBe(false);
    expect(press({ key: 'f', ctrlKey: true, shiftKey: true })).toBe(true);
    expect(onLook).toHaveBeenCalledTimes(1);
  });
});
