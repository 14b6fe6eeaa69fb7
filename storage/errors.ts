/**
 * Why storing or loading failed: the disk is full, the browser keeps no data here, its database does not answer, was written by a
 * newer version, or was closed under the page; the person goes on without it; the piece is gone, another tab was faster, what is
 * stored is no piece, a newer version wrote it, or else.
 */
export type StorageProblem =
  | 'full'
  | 'unavailable'
  | 'silent'
  | 'newer-store'
  | 'closed'
  | 'done-without'
  | 'gone'
  | 'outrun'
  | 'unreadable'
  | 'newer'
  | 'unknown';

/** The one error that leaves storage; the foreign error is kept as its cause. */
export class StorageError extends Error {
  readonly problem: StorageProblem;

  constructor(problem: StorageProblem, cause?: unknown) {
    super(`storage: ${problem}`, { cause });
    this.name = 'StorageError';
    this.problem = problem;
  }
}

const UNAVAILABLE = new Set([
  'MissingAPIError',
  'OpenFailedError',
  'InvalidStateError',
  'SecurityError',
  'UnknownError',
]);

/** Translates what Dexie and the browser throw. */
export function toStorageError(error: unknown): StorageError {
  if (error instanceof StorageError) return error;
  const inner = (error as { inner?: unknown } | null)?.inner;
  if (inner instanceof StorageError) return inner;
  const names = [nameOf(error), nameOf(inner)];
  if (names.includes('QuotaExceededError')) return new StorageError('full', error);
  if (names.some((name) => UNAVAILABLE.has(name))) return new StorageError('unavailable', error);
  // Another tab, of a newer version, is changing it; or what the browser kept was cleared.
  if (names.includes('DatabaseClosedError')) return new StorageError('closed', error);
  return new StorageError('unknown', error);
}

function nameOf(error: unknown): string {
  return typeof error === 'object' && error !== null && 'name' in error ? String(error.name) : '';
}

/** Runs storage work; whatever it throws comes out as a StorageError. */
export async function guarded<T>(work: () => PromiseLike<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    throw toStorageError(error);
  }
}

/** What `work` gives; throws StorageError 'silent' where it has not ended after `wait` ms. */
export function orSilent<T>(work: Promise<T>, wait: number): Promise<T> {
  return new Promise<T>((done, fail) => {
    const timer = setTimeout(() => fail(new StorageError('silent')), wait);
    work.then(done, fail).finally(() => clearTimeout(timer));
  });
}
