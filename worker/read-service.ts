import type { DocumentRead } from '../core/index.ts';

/** What is said of a file beside its bytes. */
export interface ReadAsked {
  readonly name?: string;
  readonly encoding?: string;
}

/** Reads files. `onProgress` is told the share that is read, from 0 to 1. */
export interface ReadService {
  read(bytes: Uint8Array, asked: ReadAsked, onProgress?: (share: number) => void): Promise<DocumentRead>;
}
