import { wrap } from 'comlink';
import { pMapIterable } from 'p-map';
import { OUTPUTS, type OutputId } from '../../../core/index.ts';
import type { StackFile } from '../../../storage/stack.ts';
import type { ZipService } from '../../../worker/zip.worker.ts';
import { download } from '../../ui/download.ts';
import type { StackRun } from './stack-run.ts';

/** Where the clean texts go. */
export interface Sink {
  put(name: string, bytes: Uint8Array): Promise<void>;
  end(): Promise<void>;
  /** Nothing more comes: what was begun is given up. */
  giveUp(): Promise<void>;
}

export interface SaveOptions {
  readonly to: OutputId;
  readonly withRecords: boolean;
  /** How many are written at once. */
  readonly together: number;
  readonly signal: AbortSignal;
  onProgress(done: number): void;
}

/** Writes the clean text of each file, in their order. Gives the names of those that could not be written. */
export async function saveAll(
  run: Pick<StackRun, 'write'>,
  files: readonly StackFile[],
  sink: Sink,
  { to, withRecords, together, signal, onProgress }: SaveOptions,
): Promise<string[]> {
  const names = outputNames(files, to);
  const write = async (file: StackFile) => ({
    file,
    written: await run.write(file.id, to, withRecords).catch(() => undefined),
  });
  const failed: string[] = [];
  let done = 0;
  try {
    for await (const { file, written } of pMapIterable(files, write, {
      concurrency: together,
      backpressure: 2 * together,
    })) {
      signal.throwIfAborted();
      const name = names.get(file.id)!;
      if (written) await sink.put(name, written.bytes);
      else failed.push(file.name);
      if (written?.record) await sink.put(`${name}.record.json`, written.record);
      onProgress(++done);
    }
    await sink.end();
    return failed;
  } catch (error) {
    await sink.giveUp();
    throw error;
  }
}

/** A name for each file as it goes out: its own with another ending, and a number where two would have the same. */
export function outputNames(files: readonly StackFile[], to: OutputId): ReadonlyMap<number, string> {
  const { ending } = OUTPUTS.find(({ id }) => id === to)!;
  const taken = new Set<string>();
  return new Map(
    files.map(({ id, name }) => {
      // No name leads out of the folder that it is written to.
      const parts = name.split(/[/\\]+/).filter((part) => part !== '' && part !== '.' && part !== '..');
      const base = (parts.join('/') || 'text').replace(/(?<=[^/])\.[^./]{1,10}$/, '');
      let made = `${base}.${ending}`;
      for (let number = 2; taken.has(made.toLowerCase()); number++) made = `${base} (${number}).${ending}`;
      taken.add(made.toLowerCase());
      return [id, made];
    }),
  );
}

/** A zip archive, packed in a worker: into a file that the person chose, or handed to the browser at the end. */
export function zipSink(target: FileSystemWritableFileStream | undefined, name: string): Sink {
  const worker = new Worker(new URL('../../../worker/zip.worker.ts', import.meta.url), { type: 'module' });
  const zip = wrap<ZipService>(worker);
  // The browser may keep what is in blobs on its disk.
  const parts: Blob[] = [];
  const take = async (part: Uint8Array) => {
    if (target) await target.write(part as Uint8Array<ArrayBuffer>);
    else parts.push(new Blob([part as Uint8Array<ArrayBuffer>]));
  };
  return {
    put: async (file, bytes) => take(await zip.add(file, bytes)),
    end: async () => {
      await take(await zip.end());
      worker.terminate();
      if (target) await target.close();
      else download(new Blob(parts, { type: 'application/zip' }), name, 'application/zip');
    },
    giveUp: async () => {
      worker.terminate();
      await target?.abort().catch(() => undefined);
    },
  };
}

/** A folder that the person chose. Files of the same names are written over: the browser asks for that leave. */
export function folderSink(folder: FileSystemDirectoryHandle): Sink {
  return {
    async put(name, bytes) {
      const parts = name.split('/');
      let inner = folder;
      for (const part of parts.slice(0, -1)) inner = await inner.getDirectoryHandle(part, { create: true });
      const file = await inner.getFileHandle(parts.at(-1)!, { create: true });
      const stream = await file.createWritable();
      await stream.write(bytes as Uint8Array<ArrayBuffer>);
      await stream.close();
    },
    end: async () => undefined,
    giveUp: async () => undefined,
  };
}
