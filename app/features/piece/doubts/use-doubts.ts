import { useCallback, useEffect, useRef, useState } from 'react';
import type { Answer, Place } from '../../../../core/index.ts';
import type { DoubtOrder, NextDoubt } from '../../../../worker/protocol.ts';
import type { PieceView } from '../piece-context.ts';

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

/** Asks the worker for the next doubt, after each answer and each change. */
export function useDoubts({ ready, decisions }: Pick<PieceView, 'ready' | 'decisions'>): Doubts {
  const { client, version } = ready;
  const [order, setOrder] = useState<DoubtOrder>('reading');
  const [later, setLater] = useState<readonly string[]>([]);
  const [next, setNext] = useState<NextDoubt>();
  const [follows, setFollows] = useState(false);
  /** A doubt that was answered is not answered again while the next one is on its way. */
  const answered = useRef<string>(undefined);

  useEffect(() => {
    let isCurrent = true;
    client.nextDoubt(order, later).then(
      (found) => {
        if (!isCurrent) return;
        answered.current = undefined;
        setNext(found);
      },
      // A worker that stopped is told of by the cleaning itself.
      () => undefined,
    );
    return () => {
      isCurrent = false;
    };
  }, [client, version, order, later]);

  const { take } = decisions;
  const view = next?.view;
  const answer = useCallback(
    (given: Answer, alike: boolean) => {
      const key = view?.doubt.key;
      if (key === undefined || answered.current === key) return;
      answered.current = key;
      setFollows(true);
      client.answerStep(key, given, alike).then(
        (step) => step && take(step),
        () => undefined,
      );
    },
    [client, view, take],
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
