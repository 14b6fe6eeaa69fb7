import { wrap, type Remote } from 'comlink';
import type { ConcordanceLine, Query } from '../core/index.ts';
import type { SearchAnswer, SearchService, SearchTexts } from './search-service.ts';

/** Searches in a worker of its own, so that an expression that does not end can be stopped. */
export interface SearchClient {
  /** The texts that are searched from now on. */
  load(texts: SearchTexts): void;
  /** 'too-slow' where the search took longer than the limit and was stopped. */
  find(query: Query): Promise<SearchAnswer | { readonly status: 'too-slow' }>;
  lines(query: Query, insert: string, from: readonly number[], to: readonly number[]): Promise<ConcordanceLine[]>;
  close(): void;
}

/** How long a search may take, once its worker is there, ms. */
export const SEARCH_LIMIT = 3000;
/** A worker that is not there after so long, ms, is asked all the same. */
const START_LIMIT = 20_000;

interface Running {
  readonly worker: Worker;
  readonly remote: Remote<SearchService>;
  /** Done when it has started and has its texts: on a busy machine that takes a while, which is no fault of an expression. */
  readonly ready: Promise<unknown>;
}

/** Starts a worker when it is first asked; `limit` in ms. */
export function startSearch(limit = SEARCH_LIMIT): SearchClient {
  let running: Running | undefined;
  let texts: SearchTexts = { clean: '', source: '' };
  let isOpen = true;

  const start = (): Running => {
    const worker = new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' });
    const remote = wrap<SearchService>(worker);
    const late = new Promise((resolve) => setTimeout(resolve, START_LIMIT));
    return { worker, remote, ready: Promise.race([remote.load(texts), late]) };
  };
  const stop = () => {
    running?.worker.terminate();
    running = undefined;
  };
  /** A worker that was stopped never answers: only the clock ends the wait. */
  const inTime = async <T>(work: (remote: Remote<SearchService>) => Promise<T>): Promise<T | undefined> => {
    running ??= start();
    const asked = running;
    await asked.ready;
    // Stopped meanwhile, for another search.
    if (running !== asked) return isOpen ? inTime(work) : undefined;
    let clock: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<undefined>((resolve) => {
      clock = setTimeout(() => {
        if (running === asked) stop();
        resolve(undefined);
      }, limit);
    });
    try {
      return await Promise.race([work(asked.remote), late]);
    } finally {
      clearTimeout(clock);
    }
  };

  return {
    load(loaded) {
      texts = loaded;
      if (running) void running.remote.load(loaded);
    },
    find: async (query) =>
      (await inTime((remote) => remote.find(query) as Promise<SearchAnswer>)) ?? { status: 'too-slow' },
    lines: async (query, insert, from, to) => (await inTime((remote) => remote.lines(query, insert, from, to))) ?? [],
    close: () => {
      isOpen = false;
      stop();
    },
  };
}
