import { useCallback, useEffect, useRef } from 'react';
import { useFetcher, useRevalidator } from 'react-router';
import { STORAGE_WORDS } from '../../storage-words.ts';
import { toast } from '../../ui/toasts.tsx';
import type { PieceResult, PieceWrite } from './piece-actions.ts';

/** Gives a function that stores writes, one batch at a time and in order; what cannot be stored is said. */
export function useSaving(): (write: PieceWrite) => void {
  const { submit, state, data } = useFetcher<PieceResult>();
  const { revalidate } = useRevalidator();
  const waiting = useRef<PieceWrite[]>([]);

  const send = useCallback(() => {
    if (waiting.current.length === 0) return;
    const batch = waiting.current;
    waiting.current = [];
    void submit(JSON.stringify(batch), { method: 'post', encType: 'application/json' });
  }, [submit]);

  const isIdle = useRef(true);
  useEffect(() => {
    isIdle.current = state === 'idle';
    if (state === 'idle') send();
  }, [state, send]);

  useEffect(() => {
    if (!data || data.ok) return;
    toast({ ...STORAGE_WORDS[data.problem], tone: 'bad' });
    if (data.problem === 'outrun') void revalidate();
  }, [data, revalidate]);

  return useCallback(
    (write) => {
      waiting.current.push(write);
      if (isIdle.current) {
        isIdle.current = false;
        send();
      }
    },
    [send],
  );
}
