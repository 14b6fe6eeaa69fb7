import { type Virtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef } from 'react';
import { rowAt, type Place, type RowPlan } from '../../../../core/index.ts';
import type { PlaceKeeper } from '../state/place-keeper.ts';

const MOST_FRAMES = 40;
/** Frames in which a place has stayed in sight: rows around it that were taller than guessed have moved it no more. */
const STEADY_FRAMES = 4;

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
    let steady = 0;
    const look = () => {
      const mark = scroller.current?.querySelector('[data-shown]');
      if (mark && (steady === 0 || !isInSight(mark, scroller.current))) {
        mark.scrollIntoView({ block: 'center' });
        steady = 1;
      } else if (mark) steady++;
      if (steady <= STEADY_FRAMES && left-- > 0) frame = requestAnimationFrame(look);
    };
    frame = requestAnimationFrame(look);
    return () => cancelAnimationFrame(frame);
  }, [from, to, call, scroller]);
}

/** Whether the middle of a place is in sight: it may be taller than the window. */
function isInSight(mark: Element, scroller: HTMLElement | null): boolean {
  if (!scroller) return true;
  const [{ top, bottom }, sight] = [mark.getBoundingClientRect(), scroller.getBoundingClientRect()];
  const middle = (top + bottom) / 2;
  return middle >= sight.top && middle <= sight.bottom;
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
