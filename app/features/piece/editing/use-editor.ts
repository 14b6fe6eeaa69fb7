import { useEffect, useMemo, useRef } from 'react';
import type { Caret, RowEdit } from '../../../../core/index.ts';
import type { Typing } from '../../../../storage/notes.ts';
import type { CleanClient } from '../../../../worker/client.ts';
import { toast } from '../../../ui/toasts.tsx';
import type { Decisions } from '../state/use-decisions.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

/** What the paragraphs share while a person types in them. */
export interface Editor {
  /**
   * Makes a step of what was done to the row that begins there in the source; false where there was nothing to do. Where the caret
   * moves, nothing is typed until it has arrived.
   */
  edit(row: number, edit: RowEdit): Promise<boolean>;
  /** Notes what is being typed, in case the page goes before it is a step. */
  note(typing: Typing): void;
  undo(): void;
  redo(): void;
  /** Whether the caret is on its way into this row, which now says this: then it is handed over, once. */
  arrive(row: { readonly from: number; readonly to: number; readonly text: string }): Arrival | undefined;
  /** What was typed while the caret was on its way. */
  takeTyped(): string;
  /** Goes to the beginning or the end of the paragraph that is focused next. */
  enterBy(end: 'start' | 'end' | undefined): void;
  /** A selection that began in a paragraph that is typed in reaches out of it now: no paragraph is typed in any more. */
  reachOut(): void;
  /** Whom to tell of that; gives the way to tell them no more. */
  onReachOut(told: () => void): () => void;
  entry(): 'start' | 'end' | undefined;
}

/** Where the caret belongs: at a place of the source, or at an offset of the row. */
export type Arrival = { readonly source: number } | { readonly offset: number };

/** A caret that has not arrived after so long, ms, has nowhere to go. */
const LONGEST_WAY = 10_000;

/** Makes steps of what is typed, and brings the caret to where it belongs once the text has changed. */
export function useEditor(
  client: CleanClient,
  { take, undo, redo }: Decisions,
  note: (typing: Typing) => void,
): Editor {
  /** The row that the caret leaves, and where it goes, once that is known. */
  const way = useRef<{ readonly row: number; readonly caret?: Caret; readonly clock: ReturnType<typeof setTimeout> }>(
    undefined,
  );
  const typed = useRef('');
  const entry = useRef<'start' | 'end'>(undefined);
  const reachers = useRef(new Set<() => void>());

  useEffect(() => {
    // Until the caret has arrived nothing else may take the keys.
    const onKey = (event: KeyboardEvent) => {
      if (!way.current || event.ctrlKey || event.metaKey || event.altKey || event.key.length > 1) return;
      event.preventDefault();
      event.stopPropagation();
      typed.current += event.key;
    };
    document.addEventListener('keydown', onKey, true);
    return () => {
      document.removeEventListener('keydown', onKey, true);
      clearTimeout(way.current?.clock);
    };
  }, []);

  return useMemo(() => {
    const end = () => {
      clearTimeout(way.current?.clock);
      way.current = undefined;
    };
    const giveUp = () => {
      end();
      const lost = typed.current;
      typed.current = '';
      // Where the caret is still in a paragraph it goes on there.
      if (lost && !document.execCommand('insertText', false, lost))
        toast({ text: 'This was typed before the text was ready, and is not in it', detail: lost, tone: 'bad' });
    };
    return {
      async edit(row, edit) {
        const moves = edit.kind !== 'text';
        if (moves) {
          end();
          way.current = { row, clock: setTimeout(giveUp, LONGEST_WAY) };
        }
        const edited = await client.editRow(row, edit).catch(ignoreClosedWorker);
        if (moves && way.current) {
          if (edited?.step && edited.caret) way.current = { ...way.current, caret: edited.caret };
          else giveUp();
        }
        if (edited?.step) take(edited.step);
        return edited?.step !== undefined;
      },
      note,
      undo,
      redo,
      arrive({ from, to, text }) {
        const { row, caret } = way.current ?? {};
        if (!caret) return undefined;
        const isHere =
          'behind' in caret
            ? from === row && text !== caret.was && text.startsWith(caret.behind)
            : from !== caret.leaves && caret.source >= from && caret.source < to;
        if (!isHere) return undefined;
        end();
        return caret;
      },
      takeTyped() {
        if (way.current) return '';
        const text = typed.current;
        typed.current = '';
        return text;
      },
      enterBy(side) {
        entry.current = side;
      },
      entry: () => entry.current,
      reachOut() {
        for (const told of reachers.current) told();
      },
      onReachOut(told) {
        const { current } = reachers;
        current.add(told);
        return () => void current.delete(told);
      },
    };
  }, [client, take, undo, redo, note]);
}
