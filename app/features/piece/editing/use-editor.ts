import { useEffect, useMemo, useRef } from 'react';
import type { RowEdit } from '../../../../core/index.ts';
import type { PieceView } from '../piece-context.ts';

/** What the paragraphs share while a person types in them. */
export interface Editor {
  /**
   * Makes a step of what was done to the row that begins there in the source; false where there was nothing to do. Where the caret
   * moves, nothing is typed until it has arrived.
   */
  edit(row: number, edit: RowEdit, moves?: boolean): Promise<boolean>;
  undo(): void;
  redo(): void;
  /** Whether the caret is on its way into this row: then it is handed over, once, as an offset of the source. */
  arrive(from: number, to: number): number | undefined;
  /** What was typed while the caret was on its way. */
  takeTyped(): string;
  /** Goes to the beginning or the end of the paragraph that is focused next. */
  enterBy(end: 'start' | 'end' | undefined): void;
  entry(): 'start' | 'end' | undefined;
}

const LONGEST_WAY = 3000;

/** Makes steps of what is typed, and brings the caret to where it belongs once the text has changed. */
export function useEditor({ ready, decisions }: Pick<PieceView, 'ready' | 'decisions'>): Editor {
  const { client } = ready;
  const { take, undo, redo } = decisions;
  const goal = useRef<{ readonly source: number; readonly leaves?: number; readonly since: number }>(undefined);
  const typed = useRef('');
  const entry = useRef<'start' | 'end'>(undefined);

  useEffect(() => {
    // Until the caret has arrived nothing else may take the keys.
    const onKey = (event: KeyboardEvent) => {
      if (goal.current && performance.now() - goal.current.since > LONGEST_WAY) goal.current = undefined;
      if (!goal.current || event.ctrlKey || event.metaKey || event.altKey || event.key.length > 1) return;
      event.preventDefault();
      event.stopPropagation();
      typed.current += event.key;
    };
    document.addEventListener('keydown', onKey, true);
    return () => document.removeEventListener('keydown', onKey, true);
  }, []);

  return useMemo(
    () => ({
      async edit(row, edit, moves = false) {
        const since = performance.now();
        // Until it is known where it goes, it is nowhere.
        if (moves) goal.current = { source: NaN, since };
        // Whoever stopped the worker knows.
        const edited = await client.editRow(row, edit).catch(() => undefined);
        if (!edited?.step) {
          if (moves) goal.current = undefined;
          return false;
        }
        if (moves) goal.current = { source: edited.caret ?? row, leaves: edited.leaves, since };
        take(edited.step);
        return true;
      },
      undo,
      redo,
      arrive(from, to) {
        const now = goal.current;
        if (!now || from === now.leaves || !(now.source >= from && now.source < to)) return undefined;
        goal.current = undefined;
        return now.source;
      },
      takeTyped() {
        if (goal.current) return '';
        const text = typed.current;
        typed.current = '';
        return text;
      },
      enterBy(end) {
        entry.current = end;
      },
      entry: () => entry.current,
    }),
    [client, take, undo, redo],
  );
}
