import { useCallback, useEffect, useRef, useState } from 'react';
import type { Run } from '../../../../core/index.ts';
import { selectionIn } from './positions.ts';

/** What a person typed into an element and what becomes of it. */
export interface Typed {
  /** What React drew before the person typed: drawn on, so that nothing of theirs is touched; undefined while nobody types. */
  readonly held: React.ReactNode;
  /** Grows when the element must be drawn from the start. */
  readonly generation: number;
  isUnsaved(): boolean;
  /** Makes a step of what was typed; done when it is made. */
  save(): Promise<void>;
  /** What was typed goes another way; gives what the element said before. */
  forget(): string;
  /** The person has left the element. */
  finish(): void;
  onInput(drawn: React.ReactNode): void;
  onComposing(isComposing: boolean): void;
}

/** How long a person pauses before what they typed is a step, ms. */
const PAUSE = 500;
/** While they type on it is noted this often, ms: no more than that is lost when the browser goes. */
const NOTED_EVERY = 100;

/**
 * Keeps React away from an element while a person types in it, and saves what they typed at each pause. `wanted` is where the
 * selection belongs when the element is drawn again.
 */
export function useTyped(
  element: React.RefObject<HTMLElement | null>,
  text: string,
  runs: readonly Run[],
  store: (text: string, was: string) => Promise<boolean>,
  note: (text: string, was: string) => void,
  wanted: React.RefObject<readonly [number, number] | undefined>,
): Typed {
  const [held, setHeld] = useState<React.ReactNode>();
  const [generation, setGeneration] = useState(0);
  const unsaved = useRef<string>(undefined);
  /** What the element said when it was last saved, or drawn. */
  const base = useRef(text);
  const isComposing = useRef(false);
  const clock = useRef<ReturnType<typeof setTimeout>>(undefined);
  const noteClock = useRef<ReturnType<typeof setTimeout>>(undefined);
  const storing = useRef(store);
  const noting = useRef(note);
  useEffect(() => {
    storing.current = store;
    noting.current = note;
  }, [store, note]);
  const noteSoon = useCallback(() => {
    noteClock.current ??= setTimeout(() => {
      noteClock.current = undefined;
      if (unsaved.current !== undefined) noting.current(unsaved.current, base.current);
    }, NOTED_EVERY);
  }, []);

  const release = useCallback(() => {
    const node = element.current;
    if (node && document.activeElement === node) wanted.current ??= selectionIn(node);
    setHeld(undefined);
    setGeneration((count) => count + 1);
  }, [element, wanted]);

  const save = useCallback(async () => {
    clearTimeout(clock.current);
    const now = unsaved.current;
    if (now === undefined || isComposing.current) return;
    unsaved.current = undefined;
    const was = base.current;
    base.current = now;
    if (!(await storing.current(now, was)) && !hasFocus(element)) release();
  }, [element, release]);

  // A new text has come from the cleaning.
  const isHeld = held !== undefined;
  useEffect(() => {
    if (!isHeld || unsaved.current !== undefined) return;
    if (hasFocus(element) && element.current?.textContent === text) return;
    release();
  }, [runs, text, isHeld, element, release]);

  useEffect(() => {
    const guard = (event: BeforeUnloadEvent) => {
      if (unsaved.current === undefined) return;
      void save();
      event.preventDefault();
    };
    // A page that is no longer seen may never be seen again.
    const onHidden = () => document.visibilityState === 'hidden' && void save();
    window.addEventListener('beforeunload', guard);
    document.addEventListener('visibilitychange', onHidden);
    return () => {
      window.removeEventListener('beforeunload', guard);
      document.removeEventListener('visibilitychange', onHidden);
      isComposing.current = false;
      void save();
    };
  }, [save]);

  return {
    held,
    generation,
    isUnsaved: () => unsaved.current !== undefined,
    save,
    forget: () => {
      clearTimeout(clock.current);
      unsaved.current = undefined;
      return isHeld ? base.current : text;
    },
    finish: () => {
      isComposing.current = false;
      const isSaid = unsaved.current === undefined && element.current?.textContent === text;
      void save();
      if (isHeld && isSaid) release();
    },
    onInput: (drawn) => {
      if (!isHeld) base.current = text;
      setHeld((before: React.ReactNode) => before ?? drawn);
      unsaved.current = element.current?.textContent ?? '';
      clearTimeout(clock.current);
      clock.current = setTimeout(() => void save(), PAUSE);
      noteSoon();
    },
    onComposing: (now) => {
      isComposing.current = now;
    },
  };
}

function hasFocus(element: React.RefObject<HTMLElement | null>): boolean {
  return element.current !== null && document.activeElement === element.current;
}
