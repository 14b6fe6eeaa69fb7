import { startTransition, useEffect, useRef, useState } from 'react';
import type { RowView } from '../../../../core/index.ts';
import type { Ready } from '../state/use-cleaning.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

const MOST_KNOWN = 1500;

/**
 * The rows first..last as the worker shows them, fetched when they come into sight; after a change only those that it changed are
 * fetched again. The old ones stay in sight until the new ones are there, so nothing flickers. Rows are known by where they begin
 * in the source.
 */
export function useRows({ client, plan, version, changedRows }: Ready, first: number, last: number) {
  const [known, setKnown] = useState<ReadonlyMap<number, RowView>>(new Map());
  /** Where the rows begin that are known as they were before a change. */
  const stale = useRef(new Set<number>());
  const seen = useRef(version);
  const asked = useRef('');
  if (seen.current !== version) {
    // A version that was never drawn may have changed more than the last one says.
    const isNext = version === seen.current + 1;
    for (const from of known.keys()) {
      if (!isNext || !changedRows || changedRows.some((range) => from >= range.from && from < range.to))
        stale.current.add(from);
    }
    seen.current = version;
  }

  useEffect(() => {
    const isMissing = (row: number) => !known.has(plan.from[row]!) || stale.current.has(plan.from[row]!);
    let from = first;
    while (from <= last && !isMissing(from)) from++;
    let to = last;
    while (to > from && !isMissing(to)) to--;
    if (from > last || plan.count === 0) return;
    const key = `${version} ${from} ${to}`;
    if (asked.current === key) return;
    asked.current = key;
    void client.rows(from, to + 1).then((views) => {
      // Rows of a version that has passed are asked for again.
      if (seen.current !== version) return;
      startTransition(() =>
        setKnown((before) => {
          const next = new Map(before.size > MOST_KNOWN ? [] : before);
          for (const [at, view] of views.entries()) {
            next.set(plan.from[from + at]!, view);
            stale.current.delete(plan.from[from + at]!);
          }
          return next;
        }),
      );
    }, ignoreClosedWorker);
  }, [client, plan, version, first, last, known]);

  return (row: number): RowView | undefined => known.get(plan.from[row]!);
}
