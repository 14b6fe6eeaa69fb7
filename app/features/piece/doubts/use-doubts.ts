import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { Answer, Place } from '../../../../core/index.ts';
import type { DoubtOrder, NextDoubt } from '../../../../worker/protocol.ts';
import type { PieceView } from '../state/piece-context.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

/** The doubts of a piece, one at a time. */
export interface Doubts {
  readonly next: NextDoubt | undefined;
  readonly order: DoubtOrder;
  /** The place in question, once the person has begun to answer: the view follows it from then on. */
  readonly place: Place | undefined;
  setOrder(order: DoubtOrder): void;
  answer(answer: Answer, alike: boolean): void;
  putOff(): void;
  show(): void;
}

/** Asks the worker for the next doubt after each change; after an answer it comes with the answer. */
export function useDoubts({ ready, decisions }: Pick<PieceView, 'ready' | 'decisions'>): Doubts {
  const { client, version } = ready;
  const [order, setOrder] = useState<DoubtOrder>('reading');
  const [later, setLater] = useState<readonly string[]>([]);
  const [next, setNext] = useState<NextDoubt>();
  const [follows, setFollows] = useState(false);
  /** While an answer is on its way no other is taken for the same doubt; the next one is there before the text has changed. */
  const isAnswering = useRef(false);
  /** Settled, but not yet known to be so by the cleaning. */
  const settled = useRef<readonly string[]>([]);

  useEffect(() => {
    settled.current = [];
  }, [version]);
  useEffect(() => {
    let isCurrent = true;
    client.doubts
      .ask(order, later)
      .then((found) => isCurrent && settled.current.length === 0 && setNext(found), ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, version, order, later]);

  const { take } = decisions;
  const view = next?.view;
  /** What is on the screen: a key answers the question that is seen, whichever handler of keys still hears it. */
  const shown = useRef(next);
  useLayoutEffect(() => {
    shown.current = next;
  }, [next]);
  const answer = useCallback(
    (given: Answer, alike: boolean) => {
      const key = shown.current?.view?.doubt.key;
      if (key === undefined || isAnswering.current) return;
      isAnswering.current = true;
      setFollows(true);
      client.doubts.answer(key, given, alike, order, [...later, ...settled.current]).then(
        (answered) => {
          isAnswering.current = false;
          // Answered before the last answer has come into the text, these are still counted.
          const left = Math.max(0, answered.next.left - settled.current.length);
          settled.current = [...settled.current, ...answered.settled];
          setNext(left === 0 ? { left } : { ...answered.next, left });
          if (answered.step) take(answered.step);
        },
        () => {
          isAnswering.current = false;
        },
      );
    },
    [client, take, order, later],
  );
  const putOff = useCallback(() => {
    const key = shown.current?.view?.doubt.key;
    if (key === undefined) return;
    setFollows(true);
    // Put off again, a doubt goes behind those that were put off after it.
    setLater((now) =>
      now.length + 1 >= (shown.current?.left ?? 0) ? [key] : [...now.filter((old) => old !== key), key],
    );
  }, []);
  return {
    next,
    order,
    place: follows && view ? view.doubt : undefined,
    setOrder,
    answer,
    putOff,
    show: useCallback(() => setFollows(true), []),
  };
}
