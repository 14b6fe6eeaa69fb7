import { useCallback, useEffect, useRef } from 'react';
import { keepTyping, type Typing } from '../../../../storage/notes.ts';
import { toast } from '../../../ui/toasts.tsx';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';
import type { PieceView } from '../state/piece-context.ts';

/** Makes a step of what was being typed when the page went, once; gives the way to note what is being typed now. */
export function useRecoveredTyping({ id, typing, ready, decisions }: PieceView): (typing: Typing) => void {
  const { client } = ready;
  const { take } = decisions;
  const lost = useRef(typing);
  useEffect(() => {
    const { current } = lost;
    lost.current = undefined;
    if (!current) return;
    const { row, text, was } = current;
    client.editRow(row, { kind: 'text', text, was }).then((edited) => {
      if (edited.step) take(edited.step);
      toast({
        text: edited.step ? 'What you were typing when the page went is here' : 'This was typed when the page went',
        detail: edited.step ? 'Undo takes it out again.' : text,
      });
    }, ignoreClosedWorker);
  }, [client, take]);
  return useCallback(
    (now: Typing) => {
      // Where it cannot be kept, the step that follows says so.
      keepTyping(id, now).catch(() => undefined);
    },
    [id],
  );
}
