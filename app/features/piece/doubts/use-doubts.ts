import { useCallback, useEffect, useRef, useState } from 'react';
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

/** The questions of the worker, one at a time: the first one asked for, the others as they come with answers and changes. */
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
    // Each change comes with the question that is asked after it.
    if (ready.next) setNext(ready.next);
  }, [version, ready.next]);
  useEffect(() => {
    let isCurrent = true;
    client.doubts
      .ask(order, later)
      .then((found) => isCurrent && settled.current.length === 0 && setNext(found), ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, order, later]);

  const { take } = decisions;
  const view = next?.view;
  const answer = useCallback(
    (given: Answer, alike: boolean) => {
      const key = view?.doubt.key;
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
    [client, view, take, order, later],
  );
  const putOff = useCallback(() => {
    const key = view?.doubt.key;
    if (key === undefined) return;
    setFollows(true);
    // Put off again, a doubt goes behind those that were put off after it.
    setLater((now) => (now.length + 1 >= (next?.left ?? 0) ? [key] : [...now.filter((old) => old !== key), key]));
  }, [view, next]);
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
