import { Piscina } from 'piscina';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { PROJECT_ROOT } from './project-root.ts';

export interface PoolOptions {
  readonly threads: number;
  /** How many tasks may wait; the next one is refused with a PoolFull. Any number where it is not said. */
  readonly queue?: number;
}

export interface RunOptions {
  readonly signal?: AbortSignal;
  /** Part of work that was begun: it waits with the others, and is not refused. */
  readonly isPartOfMore?: boolean;
}

/** Thrown where as many tasks wait as may. */
export class PoolFull extends Error {}

/** What threads can do, by name. */
type AnyTasks<Tasks> = { readonly [Name in keyof Tasks]: (task: never) => unknown };

/** Threads that do what they can to what they are given. */
export interface Pool<Tasks extends AnyTasks<Tasks>> {
  /** Does a task on the next free thread. An aborted one ends at once, with its thread, and throws an AbortError. */
  run<Name extends keyof Tasks & string>(
    name: Name,
    task: Parameters<Tasks[Name]>[0],
    options?: RunOptions,
  ): Promise<Awaited<ReturnType<Tasks[Name]>>>;
  /** Tasks that are done now, and that wait. */
  load(): { readonly running: number; readonly waiting: number };
  /** Ends all threads, and what they were at. */
  close(): Promise<void>;
}

/** Opens a pool of threads that run the bundle of that name; they start with the first tasks. */
export function openPool<Tasks extends AnyTasks<Tasks>>(
  bundle: string,
  { threads, queue = Infinity }: PoolOptions,
): Pool<Tasks> {
  const filename = join(PROJECT_ROOT, 'build', bundle);
  if (!existsSync(filename)) throw new RangeError(`${filename} is not built`);
  // Threads that were started stay a while for the next tasks.
  const pool = new Piscina({ filename, minThreads: 0, maxThreads: threads, idleTimeout: 30_000 });
  let taken = 0;
  return {
    run: async (name, task, { signal, isPartOfMore = false } = {}) => {
      if (!isPartOfMore && taken >= threads + queue) throw new PoolFull();
      taken++;
      try {
        return await pool.run(task, { name, signal });
      } finally {
        taken--;
      }
    },
    load: () => ({ running: Math.min(taken, threads), waiting: Math.max(0, taken - threads) }),
    close: () => pool.destroy(),
  };
}
