import { startTransition, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Choice, OwnRule, Stage, Style } from '../../../../core/index.ts';
import { SlowRuleError, startCleaning, type CleanClient } from '../../../../worker/client.ts';
import type { Summary } from '../../../../worker/protocol.ts';

/** A cleaning that is there to be looked at. */
export interface Ready {
  readonly status: 'ready';
  readonly summary: Summary;
  readonly client: CleanClient;
  /** Grows with each change. */
  readonly version: number;
}

export type CleaningState =
  | { readonly status: 'working'; readonly stage: Stage }
  | { readonly status: 'stopped' }
  | { readonly status: 'failed'; readonly message: string }
  | Ready;

export interface Cleaning {
  readonly state: CleaningState;
  /** Own rules that took too long on this text and were left out. */
  readonly slowRules: readonly OwnRule[];
  stop(): void;
  startAgain(): void;
}

/** Cleans a source in a worker, and again after each change of style or choices; the page stays free. */
export function useCleaning(source: string, asked: Style, choices: readonly Choice[]): Cleaning {
  const [state, setState] = useState<CleaningState>({ status: 'working', stage: 'lines' });
  const [attempt, setAttempt] = useState(0);
  const [slowRules, setSlowRules] = useState<readonly OwnRule[]>([]);
  const style = useMemo(() => withoutRules(asked, slowRules), [asked, slowRules]);
  const client = useRef<CleanClient>(undefined);
  const wanted = useRef({ style, choices });
  const applied = useRef(wanted.current);

  const startAgain = useCallback(() => {
    setState({ status: 'working', stage: 'lines' });
    setAttempt((count) => count + 1);
  }, []);
  const fail = useCallback(
    (error: unknown) => {
      const slow = error instanceof SlowRuleError && wanted.current.style.rules?.find(({ id }) => id === error.rule);
      if (!slow) {
        setState({ status: 'failed', message: String(error instanceof Error ? error.message : error) });
        return;
      }
      setSlowRules((known) => [...known, slow]);
      startAgain();
    },
    [startAgain],
  );

  useEffect(() => {
    wanted.current = { style, choices };
  }, [style, choices]);

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
        if (isCurrent) fail(error);
      });
    return () => {
      isCurrent = false;
      own.close();
    };
  }, [source, attempt, fail]);

  const isReady = state.status === 'ready';
  useEffect(() => {
    if (!isReady || !client.current) return;
    if (applied.current.style === style && applied.current.choices === choices) return;
    const now = { style, choices };
    applied.current = now;
    client.current
      .change(style, choices)
      .then((summary) => {
        // Only the newest answer is shown; the worker answers in order.
        if (applied.current !== now) return;
        startTransition(() =>
          setState((before) =>
            before.status === 'ready' ? { ...before, summary, version: before.version + 1 } : before,
          ),
        );
      })
      .catch(fail);
  }, [style, choices, isReady, fail]);

  const stop = useCallback(() => {
    client.current?.close();
    setState({ status: 'stopped' });
  }, []);
  return { state, slowRules, stop, startAgain };
}

/** A style in which some rules are off; rules that were changed since get another chance. */
function withoutRules(style: Style, slow: readonly OwnRule[]): Style {
  const off = slow.filter((rule) => style.rules?.includes(rule));
  if (off.length === 0) return style;
  return { ...style, passes: { ...style.passes, ...Object.fromEntries(off.map(({ id }) => [id, false])) } };
}
