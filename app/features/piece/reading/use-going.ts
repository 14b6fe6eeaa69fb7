import { type Virtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef } from 'react';
import { rowAt, type Place, type RowPlan } from '../../../../core/index.ts';
import type { PlaceKeeper } from '../state/place-keeper.ts';

const MOST_FRAMES = 40;

/** A place to go to; `call` grows when it is called for anew. */
export interface GoTo extends Place {
  readonly call: number;
}

/** Brings the row of a place into sight, then, once it is drawn, the place itself. */
export function useGoing(
  goTo: GoTo | undefined,
  virtualizer: Virtualizer<HTMLDivElement, Element>,
  plan: RowPlan,
  scroller: React.RefObject<HTMLDivElement | null>,
): void {
  const known = useRef({ virtualizer, plan });
  known.current = { virtualizer, plan };
  const { from, to, call } = goTo ?? {};
  useEffect(() => {
    if (from === undefined) return undefined;
    known.current.virtualizer.scrollToIndex(rowAt(known.current.plan, from), { align: 'center' });
    let frame = 0;
    let left = MOST_FRAMES;
    const look = () => {
      const mark = scroller.current?.querySelector('[data-shown]');
      if (mark) mark.scrollIntoView({ block: 'center' });
      else if (left-- > 0) frame = requestAnimationFrame(look);
    };
    frame = requestAnimationFrame(look);
    return () => cancelAnimationFrame(frame);
  }, [from, to, call, scroller]);
}

/** Comes back to where the person was, and notes where they are. */
export function useReturning(
  place: PlaceKeeper,
  isFree: boolean,
  virtualizer: Virtualizer<HTMLDivElement, Element>,
  plan: RowPlan,
): void {
  const first = virtualizer.range?.startIndex;
  const isBack = useRef(false);
  const seen = useRef(first);
  const known = useRef({ virtualizer, plan });
  known.current = { virtualizer, plan };
  useEffect(() => {
    if (isBack.current || !isFree) return;
    isBack.current = true;
    const at = place.get();
    if (at !== undefined) known.current.virtualizer.scrollToIndex(rowAt(known.current.plan, at), { align: 'start' });
  }, [place, isFree]);
  useEffect(() => {
    // Where the view stands before the person, or their coming back, has moved it says nothing.
    const hasMoved = seen.current !== undefined && first !== seen.current;
    seen.current = first;
    if (hasMoved && first !== undefined && first < plan.count) place.note(plan.from[first]!);
  }, [place, first, plan]);
}
