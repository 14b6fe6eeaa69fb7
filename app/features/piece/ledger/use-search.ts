import { useEffect, useState } from 'react';
import type { Query } from '../../../../core/index.ts';
import { startSearch, type SearchClient } from '../../../../worker/search-client.ts';
import type { SearchAnswer } from '../../../../worker/search-service.ts';
import type { Ready } from '../state/use-cleaning.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

export type SearchState =
  | { readonly status: 'idle' | 'looking' | 'too-slow' }
  | Extract<SearchAnswer, { status: 'wrong' }>
  | (Extract<SearchAnswer, { status: 'found' }> & {
      /** The same hits as ranges of the source. */
      readonly sourceFrom: Uint32Array;
      readonly sourceTo: Uint32Array;
      readonly query: Query;
      readonly search: SearchClient;
    });

/** Typing rests this long before it is looked for, ms. */
const REST = 120;

/** Looks for a query in the clean text, as it is typed and after each change; nothing that is looked for holds the page up. */
export function useSearch({ client, version }: Ready, source: string, query: Query): SearchState {
  const [state, setState] = useState<SearchState>({ status: 'idle' });
  const [search, setSearch] = useState<SearchClient>();
  useEffect(() => {
    const own = startSearch();
    setSearch(own);
    return own.close;
  }, []);

  const [loaded, setLoaded] = useState(-1);
  useEffect(() => {
    let isCurrent = true;
    void client.text().then((clean) => {
      if (!isCurrent || !search) return;
      search.load({ clean, source });
      setLoaded(version);
    }, ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, version, source, search]);

  useEffect(() => {
    if (query.text === '') {
      setState({ status: 'idle' });
      return undefined;
    }
    if (!search || loaded !== version) return undefined;
    let isCurrent = true;
    const slowly = setTimeout(() => setState({ status: 'looking' }), 4 * REST);
    const rest = setTimeout(() => {
      void look(search, client, query).then((found) => {
        clearTimeout(slowly);
        if (isCurrent && found) setState(found);
      });
    }, REST);
    return () => {
      isCurrent = false;
      clearTimeout(rest);
      clearTimeout(slowly);
    };
  }, [client, query, search, loaded, version]);
  return state;
}

async function look(search: SearchClient, client: Ready['client'], query: Query): Promise<SearchState | undefined> {
  try {
    const answer = await search.find(query);
    if (answer.status !== 'found') return answer;
    const ranges = await client.sourceRanges({ from: answer.from, to: answer.to });
    return { ...answer, sourceFrom: ranges.from, sourceTo: ranges.to, query, search };
  } catch {
    // A worker that stopped is told of by the cleaning itself.
    return undefined;
  }
}
