import { useMemo, useState } from 'react';
import {
  applyStep,
  canRedo,
  canUndo,
  DEFAULT_STYLE,
  outcomeOf,
  redo,
  undo,
  type Choice,
  type History,
  type Step,
  type Style,
} from '../../../core/index.ts';
import type { PieceWrite } from './piece-actions.ts';

/** What the person decided on a piece, and the ways to change it. */
export interface Decisions {
  readonly style: Style;
  readonly choices: readonly Choice[];
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  take(step: Step): void;
  undo(): void;
  redo(): void;
}

/** Keeps the history of a piece in step with storage. A new `stored` history (another tab's) takes the place of ours. */
export function useDecisions(stored: History, save: (write: PieceWrite) => void): Decisions {
  const [loaded, setLoaded] = useState(stored);
  const [history, setHistory] = useState(stored);
  if (loaded !== stored) {
    setLoaded(stored);
    setHistory(stored);
  }
  const { style, choices } = useMemo(() => outcomeOf(history, DEFAULT_STYLE), [history]);
  const move = (next: History) => {
    if (next.at === history.at) return;
    setHistory(next);
    save({ intent: 'move', from: history.at, to: next.at });
  };
  return {
    style,
    choices,
    canUndo: canUndo(history),
    canRedo: canRedo(history),
    take: (step) => {
      setHistory(applyStep(history, step));
      save({ intent: 'step', at: history.at, step });
    },
    undo: () => move(undo(history)),
    redo: () => move(redo(history)),
  };
}
