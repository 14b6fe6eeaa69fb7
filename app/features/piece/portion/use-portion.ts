import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Portion, PortionAction, PortionView } from '../../../../core/index.ts';
import { toast } from '../../../ui/toasts.tsx';
import type { PieceView } from '../state/piece-context.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

/** A marked part of the text, and what can be done with it. */
export interface MarkedPortion {
  /** Not there where nothing is selected. */
  readonly view: PortionView | undefined;
  /** Without a portion, with what is selected. */
  act(action: PortionAction, meant?: Portion): void;
  /** Does it, or takes it back where it was done; without a selection, to the paragraph that has the focus. */
  toggle(kind: 'hold' | 'leave-out'): void;
}

/** Asks what is known of the selected part, and makes the steps that are taken with it. */
export function usePortion({ ready, decisions }: PieceView, portion: Portion | undefined): MarkedPortion {
  const { client, version } = ready;
  const { take } = decisions;
  const [view, setView] = useState<PortionView>();
  useEffect(() => {
    let isCurrent = true;
    const asked = portion ? client.portion(portion) : Promise.resolve(undefined);
    asked.then((found) => isCurrent && setView(found), ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, version, portion]);
  const act = useCallback(
    (action: PortionAction, meant = portion) => {
      if (!meant) {
        sayNothingChosen();
        return;
      }
      client.portionStep(meant, action).then((step) => step && take(step), ignoreClosedWorker);
    },
    [client, portion, take],
  );
  const toggle = useCallback(
    (kind: 'hold' | 'leave-out') => {
      const meant = portion ?? focusedPortion();
      if (!meant) {
        act({ kind }, undefined);
        return;
      }
      client.portion(meant).then((now) => {
        const back = kind === 'hold' ? now?.isHeld && 'release' : now?.isLeftOut && 'take-back';
        act({ kind: back || kind }, meant);
      }, ignoreClosedWorker);
    },
    [client, portion, act],
  );
  return useMemo(() => ({ view: portion && view, act, toggle }), [portion, view, act, toggle]);
}

export function sayNothingChosen(): void {
  toast({ text: 'Nothing is selected', detail: 'Select some text in either column first, then press the key.' });
}

/** The source range of the row that has the focus. */
function focusedPortion(): Portion | undefined {
  const row = document.activeElement?.closest<HTMLElement>('[data-row-from]');
  if (!row) return undefined;
  return { from: Number(row.dataset['rowFrom']), to: Number(row.dataset['rowTo']) };
}
