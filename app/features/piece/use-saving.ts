import { useCallback, useEffect, useRef } from 'react';
import { useFetcher, useRevalidator } from 'react-router';
import { STORAGE_WORDS } from '../../storage-words.ts';
import { toast } from '../../ui/toasts.tsx';
import type { PieceResult, PieceWrite } from './piece-actions.ts';

/** Gives a function that stores writes, one batch at a time and in order; what cannot be stored is said. */
export function useSaving(): (write: PieceWrite) => void {
  const { submit, data } = useFetcher<PieceResult>();
  const { revalidate } = useRevalidator();
  const waiting = useRef<PieceWrite[]>([]);
  const isSending = useRef(false);

  useEffect(() => {
    if (!data || data.ok) return;
    toast({ ...STORAGE_WORDS[data.problem], tone: 'bad' });
    if (data.problem === 'outrun') void revalidate();
  }, [data, revalidate]);

  return useCallback(
    (write) => {
      waiting.current.push(write);
      if (isSending.current) return;
      isSending.current = true;
      void (async () => {
        while (waiting.current.length > 0) {
          const batch = waiting.current.splice(0);
          await submit(JSON.stringify(batch), { method: 'post', encType: 'application/json' });
        }
        isSending.current = false;
      })();
    },
    [submit],
  );
}
