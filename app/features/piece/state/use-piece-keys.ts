import { useEffect } from 'react';
import { TYPED_IN } from '../../../ui/typed-in.ts';
import type { Decisions } from './use-decisions.ts';

/**
 * Ctrl or Cmd with Z undoes, with Shift and Z or with Y redoes, wherever no text is being typed; with F it looks for words here,
 * since the browser finds only what is in sight.
 */
export function usePieceKeys(decisions: Decisions, onLook: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
      const key = event.key.toLowerCase();
      if (key === 'f' && !event.shiftKey) {
        event.preventDefault();
        onLook();
        return;
      }
      if ((key !== 'z' && key !== 'y') || (event.target instanceof Element && event.target.matches(TYPED_IN))) return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) decisions.redo();
      else decisions.undo();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [decisions, onLook]);
}
