import { useCallback, useEffect, useRef } from 'react';
import { useFetcher, useRevalidator } from 'react-router';
import { onChange } from '../../../../storage/changes.ts';
import { STORAGE_WORDS } from '../../../storage-words.ts';
import { toast } from '../../../ui/toasts.tsx';
import type { PieceResult, PieceWrite } from './piece-actions.ts';

/**
 * Gives a function that stores writes, one batch at a time and in order; what cannot be stored is said. What another tab stores of
 * the piece is loaded.
 */
export function useSaving(pieceId: string): (write: PieceWrite) => void {
  const { submit, data } = useFetcher<PieceResult>();
  const { revalidate, state } = useRevalidator();
  const isLoading = useRef(false);
  useEffect(() => {
    isLoading.current = state === 'loading';
  }, [state]);
  const waiting = useRef<PieceWrite[]>([]);
  const isSending = useRef(false);
  const isBehind = useRef(false);

  /** Loads what is stored, once all of ours is. */
  const catchUp = useCallback(() => {
    isBehind.current = isSending.current;
    if (!isSending.current) void revalidate();
  }, [revalidate]);

  useEffect(() => {
    if (!data || (data.ok && !data.merged)) return;
    if (data.ok) toast({ text: 'This piece was changed in another tab', detail: 'Both sets of changes are here now.' });
    else toast({ ...STORAGE_WORDS[data.problem], tone: 'bad' });
    if (data.ok || data.problem === 'outrun') catchUp();
  }, [data, catchUp]);

  useEffect(() => onChange(pieceId, catchUp), [pieceId, catchUp]);

  useEffect(() => {
    const guard = (event: BeforeUnloadEvent) => {
      if (isSending.current) event.preventDefault();
    };
    window.addEventListener('beforeunload', guard);
    return () => window.removeEventListener('beforeunload', guard);
  }, []);

  return useCallback(
    (write) => {
      waiting.current.push(write);
      // What is being loaded may be from before this.
      if (isLoading.current) isBehind.current = true;
      if (isSending.current) return;
      isSending.current = true;
      void (async () => {
        while (waiting.current.length > 0) {
          const batch = waiting.current.splice(0);
          await submit(JSON.stringify(batch), { method: 'post', encType: 'application/json' });
        }
        isSending.current = false;
        if (isBehind.current) catchUp();
      })();
    },
    [submit, catchUp],
  );
}
