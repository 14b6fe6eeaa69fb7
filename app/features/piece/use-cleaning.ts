import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import type { Choice, Stage, Style } from '../../../core/index.ts';
import { startCleaning, type CleanClient } from '../../../worker/client.ts';
import type { Summary } from '../../../worker/protocol.ts';

export type CleaningState =
  | { readonly status: 'working'; readonly stage: Stage }
  | { readonly status: 'stopped' }
  | { readonly status: 'failed'; readonly message: string }
  | { readonly status: 'ready'; readonly summary: Summary; readonly client: CleanClient; readonly version: number };

export interface Cleaning {
  readonly state: CleaningState;
  stop(): void;
  startAgain(): void;
}

/** Cleans a source in a worker, and again after each change of style or choices; the page stays free. */
export function useCleaning(source: string, style: Style, choices: readonly Choice[]): Cleaning {
  const [state, setState] = useState<CleaningState>({ status: 'working', stage: 'lines' });
  const [attempt, setAttempt] = useState(0);
  const client = useRef<CleanClient>(undefined);
  const wanted = useRef({ style, choices });
  const applied = useRef(wanted.current);

  useEffect(() => {
    const own = startCleaning();
    const opened = wanted.current;
    client.current = own;
    let isCurrent = true;
    own
      .open(source, opened.style, opened.choices, (stage) => {
        if (isCurrent) setState((now) => (now.status === 'working' ? { status: 'working', stage } : now));
      })
      .then((summary) => {
        applied.current = opened;
        // A transition: React draws the screen in slices and the page stays free.
        if (isCurrent) startTransition(() => setState({ status: 'ready', summary, client: own, version: 0 }));
      })
      .catch((error: unknown) => {
        if (isCurrent) setState({ status: 'failed', message: String(error instanceof Error ? error.message : error) });
      });
    return () => {
      isCurrent = false;
      own.close();
    };
  }, [source, attempt]);

  const isReady = state.status === 'ready';
  useEffect(() => {
    wanted.current = { style, choices };
    if (!isReady || !client.current) return;
    if (applied.current.style === style && applied.current.choices === choices) return;
    const asked = wanted.current;
    applied.current = asked;
    client.current
      .change(style, choices)
      .then((summary) => {
        // Only the newest answer is shown; the worker answers in order.
        if (wanted.current !== asked) return;
        startTransition(() =>
          setState((now) => (now.status === 'ready' ? { ...now, summary, version: now.version + 1 } : now)),
        );
      })
      .catch((error: unknown) => setState({ status: 'failed', message: String(error) }));
  }, [style, choices, isReady]);

  const stop = useCallback(() => {
    client.current?.close();
    setState({ status: 'stopped' });
  }, []);
  const startAgain = useCallback(() => {
    setState({ status: 'working', stage: 'lines' });
    setAttempt((count) => count + 1);
  }, []);
  return { state, stop, startAgain };
}
