import { useEffect, useMemo, useRef } from 'react';
import { flushSync } from 'react-dom';
import type { Caret, RowEdit } from '../../../../core/index.ts';
import type { Typing } from '../../../../storage/notes.ts';
import type { CleanClient } from '../../../../worker/client.ts';
import { toast } from '../../../ui/toasts.tsx';
import type { Decisions } from '../state/use-decisions.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

/** What the paragraphs share while a person types in them. */
export interface Editor {
  /**
   * Makes a step of what was done to the row that begins there in the source, once all that was done before is one, and `after` is
   * done; false where there was nothing to do. Where the caret moves, keys wait until it has arrived.
   */
  edit(row: number, edit: RowEdit, after?: Promise<void>): Promise<boolean>;
  /** Notes what is being typed, in case the page goes before it is a step. */
  note(typing: Typing): void;
  undo(): void;
  redo(): void;
  /** Whether the caret is on its way into this row, which now says this: then it is handed over, once, and keys wait for the heir. */
  arrive(row: { readonly from: number; readonly to: number; readonly text: string }, heir: object): Arrival | undefined;
  /**
   * The paragraph that is typed in takes the keys that waited, false for those it cannot; gives the way to take no more. Where
   * another takes them from it, it is told to leave: an element that was drawn anew does not always tell that it lost the focus.
   */
  takeKeys(press: (key: Keystroke) => boolean, leave: () => void): () => void;
  /** The caret stands where this heir is, which presses the keys that waited. */
  stand(heir: object): void;
  /** Goes to the beginning or the end of the paragraph that is focused next. */
  enterBy(end: 'start' | 'end' | undefined): void;
  /** A selection that began in a paragraph that is typed in reaches out of it now: no paragraph is typed in any more. */
  reachOut(): void;
  /** Whom to tell of that; gives the way to tell them no more. */
  onReachOut(told: () => void): () => void;
  entry(): 'start' | 'end' | undefined;
}

/** A key that waits: a character, or one that moves or takes away. */
export interface Keystroke {
  readonly key: string;
  readonly shiftKey: boolean;
}

const WAITING: ReadonlySet<string> = new Set([
  'Backspace',
  'Delete',
  'Enter',
  'ArrowLeft',
  'ArrowRight',
  'ArrowUp',
  'ArrowDown',
  'Home',
  'End',
]);

/** Where the caret belongs: at a place of the source, or at an offset of the row. */
export type Arrival = { readonly source: number } | { readonly offset: number };

/** Of a caret on its way: the row that it leaves, where it goes, once that is known, and whom it was handed over to. */
interface Way {
  readonly row: number;
  readonly caret?: Caret;
  readonly heir?: object;
  readonly clock: ReturnType<typeof setTimeout>;
}

/** A caret that has not arrived after so long, ms, has nowhere to go. */
const LONGEST_WAY = 10_000;

/** Makes steps of what is typed, and brings the caret to where it belongs once the text has changed. */
export function useEditor(
  client: CleanClient,
  { take, undo, redo }: Decisions,
  note: (typing: Typing) => void,
): Editor {
  const way = useRef<Way>(undefined);
  const waiting = useRef<Keystroke[]>([]);
  const taker = useRef<{ readonly press: (key: Keystroke) => boolean; readonly leave: () => void }>(undefined);
  /** Done when the worker knows of all steps that were made of edits. */
  const last = useRef<Promise<unknown>>(Promise.resolve());
  const entry = useRef<'start' | 'end'>(undefined);
  const reachers = useRef(new Set<() => void>());

  useEffect(() => {
    // Until the caret has arrived nothing else may take the keys, and none overtakes another.
    const onKey = (event: KeyboardEvent) => {
      if (!way.current && !taker.current) tellLost(waiting.current.splice(0));
      if (!way.current && waiting.current.length === 0) return;
      if (event.ctrlKey || event.metaKey || event.altKey || event.isComposing) return;
      if (event.key.length > 1 && !WAITING.has(event.key)) return;
      event.preventDefault();
      event.stopPropagation();
      waiting.current.push({ key: event.key, shiftKey: event.shiftKey });
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
    const pressWaiting = () => {
      while (!way.current && taker.current && waiting.current.length > 0) {
        // Out of the list at first: what it does may wait for the caret again, and let others wait behind it.
        const next = waiting.current.shift()!;
        if (taker.current.press(next)) continue;
        waiting.current.unshift(next);
        return;
      }
    };
    const giveUp = () => {
      end();
      // Where the caret is still in a paragraph it goes on there.
      pressWaiting();
      if (taker.current) return;
      tellLost(waiting.current.splice(0));
    };
    const make = async (row: number, edit: RowEdit, moves: boolean): Promise<boolean> => {
      const edited = await client.editRow(row, edit).catch(ignoreClosedWorker);
      const moved = edited?.step && edited.caret;
      if (moves && moved && way.current) way.current = { ...way.current, caret: edited.caret };
      // At once, so that the worker knows of it before it is asked about the next edit.
      if (edited?.step) flushSync(() => take(edited.step!));
      if (moves && !moved && way.current) giveUp();
      return edited?.step !== undefined;
    };
    return {
      edit(row, edit, after) {
        const moves = edit.kind !== 'text';
        if (moves) {
          end();
          way.current = { row, clock: setTimeout(giveUp, LONGEST_WAY) };
        }
        const made = Promise.all([last.current, after]).then(() => make(row, edit, moves));
        last.current = made.catch(() => undefined);
        return made;
      },
      note,
      undo,
      redo,
      arrive({ from, to, text }, heir) {
        const { row, caret } = way.current ?? {};
        if (!way.current || !caret || way.current.heir) return undefined;
        const isHere =
          'behind' in caret
            ? from === row && text !== caret.was && text.startsWith(caret.behind)
            : from !== caret.leaves && caret.source >= from && caret.source < to;
        if (!isHere) return undefined;
        way.current = { ...way.current, heir };
        return caret;
      },
      takeKeys(press, leave) {
        taker.current?.leave();
        const own = { press, leave };
        taker.current = own;
        return () => {
          if (taker.current === own) taker.current = undefined;
        };
      },
      stand(heir) {
        if (way.current?.heir === heir) end();
        pressWaiting();
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

function tellLost(keys: readonly Keystroke[]): void {
  const lost = keys.map(({ key }) => (key.length > 1 ? '' : key)).join('');
  if (lost)
    toast({ text: 'You typed this before the text was ready; it is not in the text', detail: lost, tone: 'bad' });
}
