import { startTransition, useEffect, useRef, useState } from 'react';
import type { RowPlan, RowView } from '../../../../core/index.ts';
import type { CleanClient } from '../../../../worker/client.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

interface Known {
  readonly version: number;
  readonly view: RowView;
}

const MOST_KNOWN = 1500;

/**
 * The rows first..last as the worker shows them, fetched when they come into sight. After a change the old rows stay in sight
 * until the new ones are there, so nothing flickers. Rows are known by where they begin in the source.
 */
export function useRows(client: CleanClient, plan: RowPlan, version: number, first: number, last: number) {
  const [known, setKnown] = useState<ReadonlyMap<number, Known>>(new Map());
  const asked = useRef('');

  useEffect(() => {
    const isMissing = (row: number) => known.get(plan.from[row]!)?.version !== version;
    let from = first;
    while (from <= last && !isMissing(from)) from++;
    if (from > last || plan.count === 0) return;
    const key = `${version} ${from} ${last}`;
    if (asked.current === key) return;
    asked.current = key;
    void client.rows(from, last + 1).then((views) => {
      startTransition(() =>
        setKnown((before) => {
          const next = new Map(before.size > MOST_KNOWN ? [] : before);
          for (const [at, view] of views.entries()) next.set(plan.from[from + at]!, { version, view });
          return next;
        }),
      );
    }, ignoreClosedWorker);
  }, [client, plan, version, first, last, known]);

  return (row: number): RowView | undefined => known.get(plan.from[row]!)?.view;
}
