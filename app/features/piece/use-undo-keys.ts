import { useEffect } from 'react';
import type { Decisions } from './use-decisions.ts';

/** Ctrl or Cmd with Z undoes, with Shift and Z or with Y redoes, wherever no text is being typed. */
export function useUndoKeys(decisions: Decisions): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || event.target instanceof HTMLInputElement) return;
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) decisions.redo();
      else decisions.undo();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [decisions]);
}
