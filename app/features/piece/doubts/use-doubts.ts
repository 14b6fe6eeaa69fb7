import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Answer, DoubtView, Place } from '../../../../core/index.ts';
import { keepAnswer } from '../../../../storage/notes.ts';
import type { DoubtOrder, NextDoubt } from '../../../../worker/protocol.ts';
import type { PieceView } from '../state/piece-context.ts';
import type { GoTo } from '../reading/use-going.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';
import { useRecoveredAnswers } from './use-recovered-answers.ts';

const NONE_LEFT: NextDoubt = { left: 0, following: [] };

/** The doubts of a piece, one at a time. */
export interface Doubts {
  readonly next: NextDoubt | undefined;
  readonly order: DoubtOrder;
  /** The place in question. */
  readonly place: Place | undefined;
  /** It, where the view goes there: to the first at once, to the others once the person has begun to answer. */
  readonly goTo: GoTo | undefined;
  setOrder(order: DoubtOrder): void;
  answer(answer: Answer, alike: boolean): void;
  putOff(): void;
  show(): void;
}

export type DoubtedPiece = Pick<PieceView, 'id' | 'ready' | 'decisions' | 'place' | 'lost' | 'underWay' | 'answered'>;

/**
 * Asks the worker for the next doubt after each change. An answer goes to the doubt that was on the screen when it was given; the
 * one after it is shown at once, from what is known, and answers to it are taken while the first is on its way.
 */
export function useDoubts(piece: DoubtedPiece): Doubts {
  const { id, ready, decisions, place, underWay, answered } = piece;
  const { client, history, version } = ready;
  const { take, latest } = decisions;
  const [order, setOrder] = useState<DoubtOrder>(ready.summary.guesses > 0 ? 'widest' : 'reading');
  const [later, setLater] = useState<readonly string[]>([]);
  const [next, setNext] = useState<NextDoubt>();
  const [follows, setFollows] = useState(false);
  const [calls, setCalls] = useState(0);
  /** The first that was asked about, where the person has not been elsewhere in the text before. */
  const [isBack] = useState(place.get() !== undefined);
  const [first, setFirst] = useState<string>();
  const isTouched = useTouched();
  /** Answered, and the worker has not yet said what came of it. */
  const onTheWay = useRef<readonly string[]>([]);
  /** Settled, but not yet known to be so by the cleaning. */
  const settled = useRef<readonly string[]>([]);

  useEffect(() => {
    // A cleaning with the first of several answers does not know the others yet.
    if (history === latest()) settled.current = [];
  }, [version, history, latest]);
  useEffect(() => {
    let isCurrent = true;
    const isQuiet = () => isCurrent && settled.current.length + onTheWay.current.length === 0;
    client.doubts.ask(order, later).then((found) => {
      if (!isQuiet()) return;
      setNext(found);
      setFirst((known) => known ?? (isTouched.current ? '' : (found.view?.doubt.key ?? '')));
    }, ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, version, order, later, isTouched]);

  useRecoveredAnswers(piece);
  const view = next?.view;
  /** What is on the screen: a key answers the question that is seen, whichever handler of keys still hears it. */
  const shown = useRef(next);
  useLayoutEffect(() => {
    shown.current = next;
  }, [next]);
  const answer = useCallback(
    (given: Answer, alike: boolean) => {
      const { view: asked, following = [], left = 0 } = shown.current ?? {};
      const key = asked?.doubt.key;
      if (key === undefined || onTheWay.current.includes(key) || settled.current.includes(key)) return;
      const before = [...settled.current, ...onTheWay.current];
      const known = [...later, ...before];
      onTheWay.current = [...onTheWay.current, key];
      setFollows(true);
      // Where it cannot be kept, the step that follows says so.
      keepAnswer(id, { key, answer: given, alike, givenAt: Date.now() }).catch(() => undefined);
      const isOpen = ({ doubt }: DoubtView) =>
        !known.includes(doubt.key) && !(alike && doubt.alike === asked?.doubt.alike);
      const [upcoming, ...rest] = following.filter(isOpen);
      if (upcoming) {
        shown.current = { left: left - 1, view: upcoming, following: rest };
        setNext(shown.current);
      }
      const taken = client.doubts.answer(key, given, alike, order, later, before).then(
        (result) => {
          onTheWay.current = onTheWay.current.filter((other) => other !== key);
          const since = settled.current.filter((other) => !before.includes(other));
          settled.current = [...settled.current, ...result.settled];
          if (onTheWay.current.length === 0) setNext(openOf(result.next, since));
          if (result.step) take(result.step);
          answered(key);
        },
        () => {
          onTheWay.current = onTheWay.current.filter((other) => other !== key);
        },
      );
      underWay.add(taken);
    },
    [id, client, take, underWay, answered, order, later],
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
  const goes = view && (follows || (!isBack && view.doubt.key === first)) ? view.doubt : undefined;
  const goTo = useMemo(() => goes && { ...goes, call: calls }, [goes, calls]);
  const show = useCallback(() => {
    setFollows(true);
    setCalls((count) => count + 1);
  }, []);
  return useMemo(
    () => ({ next, order, place: view?.doubt, goTo, setOrder, answer, putOff, show }),
    [next, order, view, goTo, answer, putOff, show],
  );
}

/**
 * What is left of the doubts that the worker holds: those that were not settled by an answer for all alike that it did not know of. It
 * may have dropped them already; what is left is never taken for less than what is seen to be open.
 */
function openOf({ left, view, following }: NextDoubt, settled: readonly string[]): NextDoubt {
  const [first, ...rest] = [...(view ? [view] : []), ...following].filter(({ doubt }) => !settled.includes(doubt.key));
  if (!first) return NONE_LEFT;
  return { left: Math.max(1 + rest.length, left - settled.length), view: first, following: rest };
}

const TOUCHES = ['pointerdown', 'keydown', 'wheel'] as const;

/** Whether the person has done anything on the page yet: from then on the view does not move by itself. */
function useTouched(): React.RefObject<boolean> {
  const isTouched = useRef(false);
  useEffect(() => {
    const note = () => (isTouched.current = true);
    for (const touch of TOUCHES) document.addEventListener(touch, note, { capture: true, passive: true });
    return () => {
      for (const touch of TOUCHES) document.removeEventListener(touch, note, true);
    };
  }, []);
  return isTouched;
}
