import { useCallback, useEffect } from 'react';
import { keepTyping, type Typing } from '../../../../storage/notes.ts';
import { toast } from '../../../ui/toasts.tsx';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';
import type { PieceView } from '../state/piece-context.ts';

/** Makes a step of what was being typed when the page went, once; gives the way to note what is being typed now. */
export function useRecoveredTyping({ id, lost, ready, decisions }: PieceView): (typing: Typing) => void {
  const { client } = ready;
  const { take } = decisions;
  useEffect(() => {
    const typing = lost.takeTyping();
    if (!typing) return;
    const { row, text, was } = typing;
    const recover = async () => {
      const edited = await client.editRow(row, { kind: 'text', text, was }).catch(ignoreClosedWorker);
      if (edited?.step) {
        take(edited.step);
        toast({ text: 'What you typed before the page closed was recovered', detail: 'Undo removes it.' });
        return;
      }
      await keepTyping(id, { row, text: was, was });
      // It was stored after all, or its paragraph is another by now.
      const { text: clean } = await client.copy();
      if (!clean.includes(text))
        toast({ text: 'You typed this before the page closed; it is not in the text', detail: text });
    };
    recover().catch(ignoreClosedWorker);
  }, [client, take, id, lost]);
  return useCallback(
    (now: Typing) => {
      // Not by way of the route's action, which would draw the screen anew at each note. Where it cannot be kept, the step that
      // follows says so.
      keepTyping(id, now).catch(() => undefined);
    },
    [id],
  );
}
