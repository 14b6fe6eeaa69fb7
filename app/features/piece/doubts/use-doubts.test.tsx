/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, renderHook } from '@testing-library/react';
import { applyStep, NO_HISTORY, type Answer, type DoubtView, type Step } from '../../../../core/index.ts';
import type { GivenAnswer } from '../../../../storage/notes.ts';
import type { DoubtService, NextDoubt } from '../../../../worker/protocol.ts';
import { lostWork } from '../state/lost-work.ts';
import { keepPlace } from '../state/place-keeper.ts';
import { underWay } from '../state/under-way.ts';
import type { DoubtedPiece } from './use-doubts.ts';

const keepAnswer = jest.fn<(id: string, given: GivenAnswer) => Promise<void>>(async () => undefined);
jest.unstable_mockModule('../../../../storage/notes.ts', () => ({ keepAnswer }));
const { useDoubts } = await import('./use-doubts.ts');

afterEach(cleanup);
beforeEach(() => {
  jest.clearAllMocks();
});

const viewOf = (key: string, alike = key) => ({ doubt: { key, alike, from: 4, to: 5 } }) as unknown as DoubtView;
const stepOf = (key: string) => ({ kind: 'switch-pass', pass: key, on: true }) as Step;

const TAKEN = applyStep(NO_HISTORY, stepOf('a'));

/** A worker that holds doubts by their keys, and answers when it is told to. */
function start(keys: readonly string[], lost: readonly GivenAnswer[] = []) {
  let open = [...keys];
  const held: (() => void)[] = [];
  let isSlow = false;
  let isBehind = false;
  const next = (putOff: readonly string[], answered: readonly string[] = []): NextDoubt => {
    const asked = open.filter((key) => !answered.includes(key));
    const first = asked.filter((key) => !putOff.includes(key));
    const [key, ...following] = first.length > 0 ? first : asked;
    return {
      left: asked.length,
      following: following.map((one) => viewOf(one)),
      ...(key !== undefined && { view: viewOf(key) }),
    };
  };
  const answer = jest.fn(
    async (
      key: string,
      _answer: Answer,
      _alike: boolean,
      _order: string,
      putOff: readonly string[],
      answered: readonly string[],
    ) => {
      if (isSlow) await new Promise<void>((resolve) => held.push(resolve));
      const isOpen = open.includes(key);
      if (!isBehind) open = open.filter((other) => other !== key);
      return {
        step: isOpen ? stepOf(key) : undefined,
        settled: isOpen ? [key] : [],
        next: next(putOff, [...answered, key]),
      };
    },
  );
  const doubts = { ask: async (_order: string, putOff: readonly string[]) => next(putOff), answer };
  const client = { doubts: doubts as unknown as DoubtService };
  const take = jest.fn<(step: Step) => void>();
  const answered = jest.fn<(key: string) => void>();
  const latest = () => (isBehind ? TAKEN : NO_HISTORY);
  const pieceOf = (version: number) =>
    ({
      id: 'p',
      ready: { client, version, history: NO_HISTORY, summary: { guesses: 0 } },
      decisions: { take, latest },
      place,
      lost: work,
      underWay: ways,
      answered,
    }) as unknown as DoubtedPiece;
  const place = keepPlace();
  const work = lostWork(undefined, lost);
  const ways = underWay();
  const mount = () => renderHook(({ version }) => useDoubts(pieceOf(version)), { initialProps: { version: 1 } });
  return {
    mount,
    take,
    answered,
    answer,
    ended: ways.ended,
    /** From now on the worker holds what was answered until it has cleaned with it, and the page knows of no cleaning. */
    fallBehind: () => (isBehind = true),
    cleanWith: (key: string) => (open = open.filter((other) => other !== key)),
    slow: () => (isSlow = true),
    go: () => held.splice(0).forEach((one) => one()),
  };
}

const settle = () => act(async () => undefined);

describe('answers', () => {
  test('go on where the worker has cleaned with one that the page does not know of yet', async () => {
    const piece = start(['a', 'b', 'c']);
    const { result } = piece.mount();
    await settle();
    // The worker leaves what was settled out of its count at once; the page is not drawn anew.
    act(() => result.current.answer('other', false));
    await settle();
    act(() => result.current.answer('now', false));
    await settle();
    expect(result.current.next).toMatchObject({ left: 1, view: { doubt: { key: 'c' } } });
    act(() => result.current.answer('now', false));
    await settle();
    expect(piece.take).toHaveBeenCalledTimes(3);
    expect(result.current.next?.view).toBeUndefined();
  });

  test('are not asked again by a cleaning that knows the first of them alone', async () => {
    const piece = start(['a', 'b', 'c']);
    const { result, rerender } = piece.mount();
    await settle();
    piece.fallBehind();
    act(() => result.current.answer('other', false));
    await settle();
    act(() => result.current.answer('now', false));
    await settle();
    piece.cleanWith('a');
    rerender({ version: 2 });
    await settle();
    expect(result.current.next?.view?.doubt.key).toBe('c');
  });

  test('are under way until their step is taken', async () => {
    const piece = start(['a', 'b']);
    const { result } = piece.mount();
    await settle();
    piece.slow();
    act(() => result.current.answer('other', false));
    const isEnded = jest.fn();
    const ended = piece.ended().then(isEnded);
    await settle();
    expect(isEnded).not.toHaveBeenCalled();
    expect(piece.take).not.toHaveBeenCalled();
    piece.go();
    await act(() => ended);
    expect(piece.take).toHaveBeenCalledTimes(1);
  });

  test('go to the question that was seen; the next is seen at once, and each is kept until its step is taken', async () => {
    const piece = start(['a', 'b', 'c']);
    const { result } = piece.mount();
    await settle();
    piece.slow();
    act(() => result.current.answer('other', false));
    expect(result.current.next?.view?.doubt.key).toBe('b');
    act(() => result.current.answer('now', false));
    expect(result.current.next).toMatchObject({ left: 1, view: { doubt: { key: 'c' } } });
    expect(keepAnswer.mock.calls.map(([id, { key, answer }]) => [id, key, answer])).toEqual([
      ['p', 'a', 'other'],
      ['p', 'b', 'now'],
    ]);
    expect(piece.take).not.toHaveBeenCalled();
    piece.go();
    await settle();
    expect(piece.take.mock.calls).toEqual([[stepOf('a')], [stepOf('b')]]);
    expect(piece.answered.mock.calls).toEqual([['a'], ['b']]);
  });

  test('one key pressed twice on the last question answers it once', async () => {
    const piece = start(['a']);
    const { result } = piece.mount();
    await settle();
    act(() => {
      result.current.answer('now', false);
      result.current.answer('now', false);
    });
    await settle();
    expect(piece.answer).toHaveBeenCalledTimes(1);
    expect(result.current.next).toEqual({ left: 0, following: [] });
  });

  test('that are for all alike pass over the questions alike', async () => {
    const piece = start(['a', 'b', 'c']);
    const { result } = piece.mount();
    await settle();
    act(() => result.current.answer('now', true));
    expect(piece.answer.mock.calls[0]!.slice(0, 3)).toEqual(['a', 'now', true]);
    await settle();
    expect(result.current.next?.view?.doubt.key).toBe('b');
  });

  test('the worker does not take stay kept, for when the piece is opened again', async () => {
    const piece = start(['a', 'b']);
    const { result } = piece.mount();
    await settle();
    piece.answer.mockRejectedValueOnce(new Error('no memory'));
    act(() => result.current.answer('now', false));
    await settle();
    expect(piece.answered).not.toHaveBeenCalled();
    // It can be given again.
    act(() => result.current.answer('now', false));
    await settle();
    expect(piece.take).toHaveBeenCalledTimes(1);
  });
});

describe('answers that were on their way when the page went', () => {
  const lost: readonly GivenAnswer[] = [
    { key: 'b', answer: 'other', alike: false, givenAt: 1 },
    { key: 'gone', answer: 'now', alike: false, givenAt: 2 },
  ];

  test('become steps, once; those that are settled are forgotten', async () => {
    const piece = start(['a', 'b'], lost);
    const first = piece.mount();
    await settle();
    expect(piece.take.mock.calls).toEqual([[stepOf('b')]]);
    expect(piece.answered.mock.calls).toEqual([['b'], ['gone']]);
    first.unmount();
    piece.mount();
    await settle();
    expect(piece.answer).toHaveBeenCalledTimes(2);
  });
});

describe('questions', () => {
  test('that are put off come last, in the order in which they were put off', async () => {
    const piece = start(['a', 'b', 'c']);
    const { result } = piece.mount();
    await settle();
    const seen: (string | undefined)[] = [];
    for (let at = 0; at < 5; at++) {
      seen.push(result.current.next?.view?.doubt.key);
      act(() => result.current.putOff());
      await settle();
    }
    expect(seen).toEqual(['a', 'b', 'c', 'a', 'b']);
  });

  test('the view goes to the first at once, unless the person has begun to do something', async () => {
    const { result } = start(['a']).mount();
    await settle();
    expect(result.current.goTo).toMatchObject({ from: 4 });
    const other = start(['a']).mount();
    document.dispatchEvent(new Event('wheel'));
    await settle();
    expect(other.result.current.goTo).toBeUndefined();
    act(() => other.result.current.show());
    expect(other.result.current.goTo).toMatchObject({ from: 4, call: 1 });
  });
});
