import { useEffect } from 'react';
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
      if ((key !== 'z' && key !== 'y') || isTypedIn(event.target)) return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) decisions.redo();
      else decisions.undo();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [decisions, onLook]);
}

/** Fields for text undo by themselves; switches and sliders do not. */
function isTypedIn(target: EventTarget | null): boolean {
  return (
    target instanceof Element &&
    target.matches('textarea, input:not([type="checkbox"], [type="radio"], [type="range"])')
  );
}
