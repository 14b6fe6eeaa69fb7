import { startTransition, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  applyRowPatch,
  emptyPlan,
  historyChange,
  NO_HISTORY,
  type History,
  type OwnRule,
  type RowPlan,
  type Stage,
} from '../../../../core/index.ts';
import { SlowRuleError, startCleaning, type CleanClient } from '../../../../worker/client.ts';
import type { Patch, SourceText, Summary } from '../../../../worker/protocol.ts';
import { telling as startTelling, type Telling } from './telling.ts';
import type { Decisions } from './use-decisions.ts';

/** A cleaning that is there to be looked at. */
export interface Ready {
  readonly status: 'ready';
  readonly summary: Summary;
  readonly plan: RowPlan;
  /** The rows that the last change planned, by where they begin and end in the source; undefined where it was all of them. */
  readonly changedRows: readonly { readonly from: number; readonly to: number }[] | undefined;
  readonly client: CleanClient;
  /** The steps that it was made with. */
  readonly history: History;
  /** Grows with each change. */
  readonly version: number;
}

export type CleaningState =
  | { readonly status: 'working'; readonly stage: Stage }
  | { readonly status: 'stopped' }
  | { readonly status: 'failed'; readonly stage: Stage; readonly message: string }
  | Ready;

export interface Cleaning {
  readonly state: CleaningState;
  /** Your rules that took too long on this text and were left out. */
  readonly slowRules: readonly OwnRule[];
  /** Resolves when the worker was told of the latest history: what is asked of it then is as decided. */
  readonly untilTold: Telling['untilTold'];
  stop(): void;
  startAgain(): void;
}

/** Cleans a text in a worker, and again after each change of style or choices; the page stays free. Another text is opened anew. */
export function useCleaning(text: SourceText, { style, history }: Pick<Decisions, 'style' | 'history'>): Cleaning {
  const [state, setState] = useState<CleaningState>({ status: 'working', stage: 'lines' });
  const [attempt, setAttempt] = useState(0);
  const [opened, setOpened] = useState(text);
  if (opened !== text) {
    setOpened(text);
    setState({ status: 'working', stage: 'lines' });
  }
  const [slowRules, setSlowRules] = useState<readonly OwnRule[]>([]);
  const slow = useSlowIds(slowRules, style.rules);
  const client = useRef<CleanClient>(undefined);
  const wanted = useRef<Wanted>({ history, slow, rules: style.rules });
  /** What the worker was told last. */
  const told = useRef<Wanted>(wanted.current);
  const [telling] = useState(startTelling);

  const startAgain = useCallback(() => {
    setState({ status: 'working', stage: 'lines' });
    setAttempt((count) => count + 1);
  }, []);
  const fail = useCallback(
    (error: unknown) => {
      const rule = error instanceof SlowRuleError && wanted.current.rules?.find(({ id }) => id === error.rule);
      if (!rule) {
        const message = String(error instanceof Error ? error.message : error);
        setState((now) => ({ status: 'failed', stage: now.status === 'working' ? now.stage : 'blocks', message }));
        return;
      }
      setSlowRules((known) => [...known, rule]);
      startAgain();
    },
    [startAgain],
  );

  useEffect(() => {
    wanted.current = { history, slow, rules: style.rules };
  }, [history, slow, style.rules]);

  useEffect(() => {
    const own = startCleaning();
    const opened = wanted.current;
    client.current = own;
    let isCurrent = true;
    own
      .open(text, decidedSince(NO_HISTORY, opened), (stage) => {
        if (isCurrent) setState((now) => (now.status === 'working' ? { status: 'working', stage } : now));
      })
      .then((patch) => {
        told.current = opened;
        telling.tell(opened.history);
        // A transition: React draws the screen in slices and the page stays free.
        if (isCurrent) startTransition(() => setState(opensWith(own, patch, opened.history)));
      })
      .catch((error: unknown) => {
        if (isCurrent) fail(error);
      });
    return () => {
      isCurrent = false;
      own.close();
    };
  }, [text, attempt, fail, telling]);

  const isReady = state.status === 'ready';
  useEffect(() => {
    const own = client.current;
    const before = told.current;
    if (!isReady || !own || (before.history === history && before.slow === slow)) return;
    const now = { history, slow, rules: style.rules };
    told.current = now;
    // The worker answers in order, and each answer builds on the one before.
    own
      .change(decidedSince(before.history, now))
      .then((patch) => {
        if (client.current !== own) return;
        startTransition(() => setState((shown) => (shown.status === 'ready' ? patched(shown, patch, history) : shown)));
      })
      .catch((error: unknown) => {
        if (client.current === own) fail(error);
      });
    telling.tell(history);
  }, [history, slow, style.rules, isReady, fail, telling]);

  const stop = useCallback(() => {
    client.current?.close();
    setState({ status: 'stopped' });
  }, []);
  return { state, slowRules, untilTold: telling.untilTold, stop, startAgain };
}

/** What the worker is to know: the decisions, and which own rules are left out. */
interface Wanted {
  readonly history: History;
  readonly slow: readonly string[];
  readonly rules: readonly OwnRule[] | undefined;
}

function decidedSince(before: History, { history, slow }: Wanted) {
  return { history: historyChange(before, history), slowRules: slow };
}

/** The rules that are left out, by id: the same list as long as it says the same. Rules that were changed get another chance. */
function useSlowIds(slow: readonly OwnRule[], rules: readonly OwnRule[] | undefined): readonly string[] {
  const ids = slow.filter((rule) => rules?.includes(rule)).map(({ id }) => id);
  const key = ids.join(' ');
  // eslint-disable-next-line react-hooks/exhaustive-deps
  return useMemo(() => ids, [key]);
}

function opensWith(client: CleanClient, { rows, summary }: Patch, history: History): Ready {
  const plan = applyRowPatch(NO_ROWS, rows);
  return { status: 'ready', summary, plan, changedRows: undefined, client, history, version: 0 };
}

function patched(shown: Ready, { rows, summary }: Patch, history: History): Ready {
  const changedRows =
    rows.kind === 'all'
      ? undefined
      : rows.splices.map(({ rows: { count, from, to } }) => ({
          from: from[0] ?? 0,
          to: count > 0 ? to[count - 1]! : 0,
        }));
  return {
    ...shown,
    summary,
    plan: applyRowPatch(shown.plan, rows),
    changedRows,
    history,
    version: shown.version + 1,
  };
}

const NO_ROWS = emptyPlan(0);
