import { wrap } from 'comlink';
import type { StackService } from './stack-service.ts';

/** Why a task was given up: it took longer than it may, was more than a worker could bear, or met a fault of this program. */
export class GivenUpError extends Error {
  readonly problem: 'too-slow' | 'too-much' | 'fault';

  constructor(problem: GivenUpError['problem']) {
    super(problem);
    this.problem = problem;
  }
}

/** Workers that each do one task at a time. */
export interface StackPool {
  readonly size: number;
  /**
   * Does a task on the next free worker. After `limit` ms it is given up, and so it is where the worker fails: then a GivenUpError
   * is thrown, and the next task has a new worker. An aborted one ends at once and throws the signal's reason.
   */
  run<T>(ask: (service: StackService) => Promise<T>, limit: number, signal: AbortSignal): Promise<T>;
  /** Ends all workers, and what they are at. */
  close(): void;
}

/** As many as the machine has cores, less one for the page. */
export function coresLessOne(): number {
  return Math.max(1, (navigator.hardwareConcurrency || 2) - 1);
}

interface Worked {
  readonly worker: Worker;
  readonly service: StackService;
}

export function openStackPool(size = coresLessOne()): StackPool {
  const idle: Worked[] = [];
  const all = new Set<Worked>();
  const waiting: ((worked: Worked) => void)[] = [];
  const start = (): Worked => {
    const worker = new Worker(new URL('./stack.worker.ts', import.meta.url), { type: 'module' });
    const worked = { worker, service: wrap(worker) as unknown as StackService };
    all.add(worked);
    return worked;
  };
  const take = (): Promise<Worked> | Worked => {
    const free = idle.pop() ?? (all.size < size ? start() : undefined);
    return free ?? new Promise((resolve) => waiting.push(resolve));
  };
  const release = (worked: Worked) => {
    const next = waiting.shift();
    if (next) next(worked);
    else idle.push(worked);
  };
  const end = (worked: Worked) => {
    worked.worker.terminate();
    all.delete(worked);
    if (waiting.length > 0) waiting.shift()!(start());
  };
  return {
    size,
    async run(ask, limit, signal) {
      const worked = await take();
      try {
        signal.throwIfAborted();
        const result = await guardedBy(worked.worker, ask(worked.service), limit, signal);
        release(worked);
        return result;
      } catch (error) {
        end(worked);
        throw error;
      }
    },
    close() {
      waiting.length = 0;
      for (const { worker } of all) worker.terminate();
      all.clear();
      idle.length = 0;
    },
  };
}

/** What a worker works out, unless it fails, takes too long or is stopped first. */
function guardedBy<T>(worker: Worker, work: Promise<T>, limit: number, signal: AbortSignal): Promise<T> {
  return new Promise<T>((resolve, reject) => {
    const clock = setTimeout(() => fail(new GivenUpError('too-slow')), limit);
    const stop = () => fail(signal.reason as Error);
    const onError = (event: ErrorEvent) => {
      event.preventDefault();
      fail(new GivenUpError('too-much'));
    };
    const settle = () => {
      clearTimeout(clock);
      signal.removeEventListener('abort', stop);
      worker.removeEventListener('error', onError);
    };
    const fail = (reason: Error) => {
      settle();
      reject(reason);
    };
    signal.addEventListener('abort', stop);
    worker.addEventListener('error', onError);
    work.then(
      (value) => {
        settle();
        resolve(value);
      },
      // What a cleaning throws is a fault of one text; the others go on.
      () => fail(new GivenUpError('fault')),
    );
  });
}
