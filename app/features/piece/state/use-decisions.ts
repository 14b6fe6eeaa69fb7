import { useCallback, useMemo, useRef, useState } from 'react';
import {
  applyStep,
  canRedo,
  canUndo,
  DEFAULT_STYLE,
  moveTo,
  outcomeOf,
  redo,
  undo,
  type Choice,
  type History,
  type Outcome,
  type TextReading,
  type Step,
  type Style,
} from '../../../../core/index.ts';
import type { PieceWrite } from './piece-actions.ts';

/** What the person decided on a piece, and the ways to change it. */
export interface Decisions {
  readonly style: Style;
  readonly choices: readonly Choice[];
  /** How the text is read, where not as it came. */
  readonly reading: TextReading | undefined;
  /** All steps, and how many of them are in force. */
  readonly history: History;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** The history with what was taken since the screen was drawn. */
  latest(): History;
  take(step: Step): void;
  undo(): void;
  redo(): void;
  /** Back or forth to where so many steps are in force. */
  goTo(at: number): void;
}

/** Keeps the history of a piece in step with storage. A new `stored` history (another tab's) takes the place of ours. */
export function useDecisions(stored: History, save: (write: PieceWrite) => void): Decisions {
  const [loaded, setLoaded] = useState(stored);
  const [history, setHistory] = useState(stored);
  if (loaded !== stored) {
    setLoaded(stored);
    setHistory(stored);
  }
  // What is taken in quick order builds on what was taken before, also where the screen has not been drawn in between.
  const latest = useRef(history);
  latest.current = history;
  const change = useCallback((next: History) => {
    latest.current = next;
    setHistory(next);
  }, []);
  const take = useCallback(
    (step: Step) => {
      const { at } = latest.current;
      change(applyStep(latest.current, step));
      save({ intent: 'step', at, step });
    },
    [change, save],
  );
  const move = useCallback(
    (to: (history: History) => History) => {
      const from = latest.current.at;
      const next = to(latest.current);
      if (next.at === from) return;
      change(next);
      save({ intent: 'move', from, to: next.at });
    },
    [change, save],
  );
  // The same functions for good: all that is drawn with them rests.
  const ways = useMemo(
    () => ({
      take,
      latest: () => latest.current,
      undo: () => move(undo),
      redo: () => move(redo),
      goTo: (at: number) => move((now) => moveTo(now, at)),
    }),
    [take, move],
  );
  const { style, choices, reading } = useOutcome(history);
  return useMemo(
    () => ({ ...ways, style, choices, reading, history, canUndo: canUndo(history), canRedo: canRedo(history) }),
    [ways, style, choices, reading, history],
  );
}

/** What the steps lead to; the style stays the same object as long as it says the same, so that what depends on it rests. */
function useOutcome(history: History): Outcome {
  const last = useRef<Style>(undefined);
  const outcome = useMemo(() => {
    const now = outcomeOf(history, DEFAULT_STYLE);
    const isSame = last.current !== undefined && JSON.stringify(last.current) === JSON.stringify(now.style);
    return isSame ? { ...now, style: last.current! } : now;
  }, [history]);
  last.current = outcome.style;
  return outcome;
}
