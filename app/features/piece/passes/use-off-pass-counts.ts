import { useEffect, useState } from 'react';
import type { CleanClient } from '../../../../worker/client.ts';

const NOTHING: Readonly<Record<string, number>> = {};

/** What the passes that are off would do, counted while nothing else is asked of the worker; anew for each version. */
export function useOffPassCounts(client: CleanClient | undefined, version: number): Readonly<Record<string, number>> {
  const [counts, setCounts] = useState(NOTHING);
  useEffect(() => {
    let isCurrent = true;
    client
      ?.offPassCounts()
      .then((found) => {
        if (isCurrent && found) setCounts(found);
      })
      // A worker that stopped is told of by the cleaning itself.
      .catch(() => undefined);
    return () => {
      isCurrent = false;
    };
  }, [client, version]);
  return counts;
}
