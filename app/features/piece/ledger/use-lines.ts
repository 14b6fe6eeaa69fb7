import { useCallback, useEffect, useRef, useState } from 'react';

const PAGE = 100;

/**
 * The lines of a long list, fetched page by page as they come into sight. While another `key` loads the old lines stay, so that
 * nothing flickers. Gives the line at a place, undefined until it is there, and the way to say what is in sight.
 */
export function useLines<T>(key: unknown, fetch: (from: number, to: number) => Promise<readonly T[]>) {
  const [pages, setPages] = useState<ReadonlyMap<number, { readonly key: unknown; readonly lines: readonly T[] }>>(
    new Map(),
  );
  const [sight, setSight] = useState({ first: 0, last: -1 });
  const asked = useRef(new Map<number, unknown>());
  const current = useRef(fetch);
  current.current = fetch;

  useEffect(() => {
    for (let page = Math.floor(sight.first / PAGE); page <= Math.floor(sight.last / PAGE); page++) {
      if (asked.current.get(page) === key) continue;
      asked.current.set(page, key);
      current
        .current(page * PAGE, (page + 1) * PAGE)
        .then((lines) => {
          if (asked.current.get(page) === key) setPages((before) => new Map(before).set(page, { key, lines }));
        })
        // A worker that was closed answers nothing any more; whoever closed it knows.
        .catch(() => asked.current.delete(page));
    }
  }, [key, sight]);

  const onSight = useCallback((first: number, last: number) => {
    setSight((before) => (before.first === first && before.last === last ? before : { first, last }));
  }, []);
  const lineAt = (at: number): T | undefined => pages.get(Math.floor(at / PAGE))?.lines[at % PAGE];
  return { lineAt, onSight };
}
