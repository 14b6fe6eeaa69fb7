import type { Pool } from '../node/pool.ts';
import { TASKS, type Tasks } from './thread.ts';

export type Workers = Pool<Tasks>;

/** Does tasks on so many threads; one thread is the command's own. */
export async function openWorkers(jobs: number): Promise<Workers> {
  if (jobs > 1) {
    const { openPool } = await import('../node/pool.ts');
    return openPool<Tasks>('cli/thread.js', { threads: jobs });
  }
  return {
    run: async (name, task) => (TASKS[name] as (task: unknown) => never)(task),
    load: () => ({ running: 0, waiting: 0 }),
    close: async () => {},
  };
}
