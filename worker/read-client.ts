import { proxy, transfer, wrap, type Remote } from 'comlink';
import type { DocumentRead } from '../core/index.ts';
import type { ReadAsked, ReadService } from './read-service.ts';

export interface ReadOptions extends ReadAsked {
  readonly onProgress?: (share: number) => void;
  /** Stops the reading at once; the promise then fails with the signal's reason. */
  readonly signal?: AbortSignal;
}

/** Reads a file in a worker of its own, which ends with it; `bytes` are handed over and gone from here. */
export async function readInWorker(
  bytes: Uint8Array,
  { onProgress, signal, ...asked }: ReadOptions,
): Promise<DocumentRead> {
  const worker = new Worker(new URL('./read.worker.ts', import.meta.url), { type: 'module' });
  try {
    const remote: Remote<ReadService> = wrap<ReadService>(worker);
    const stopped = new Promise<never>((_resolve, reject) => {
      const stop = () => reject(signal!.reason as Error);
      if (signal?.aborted) stop();
      signal?.addEventListener('abort', stop);
      // A file that is too much for the browser's memory ends the worker.
      worker.addEventListener('error', (event) => {
        event.preventDefault();
        reject(new Error(event.message || 'the reading worker stopped'));
      });
    });
    const told = onProgress && proxy(onProgress);
    const read = remote.read(transfer(bytes, [bytes.buffer]), asked, told) as Promise<DocumentRead>;
    return await Promise.race([read, stopped]);
  } finally {
    worker.terminate();
  }
}
