import { createReadStream } from 'node:fs';
import { readRecord, type Outcome } from '../core/index.ts';
import { InputError, RECORD_PROBLEMS, systemWords } from './problems.ts';
import { fromCaller } from './paths.ts';

/** The most that is read of one file, in bytes. */
export const MOST_BYTES = 300_000_000;

/** What a change record says, and of which text. Throws InputError. */
export async function readRecorded(path: string): Promise<Outcome & { readonly source: string }> {
  const read = readRecord(await readText(path));
  if (!read.ok) throw new InputError(`${path} ${RECORD_PROBLEMS[read.problem]}`);
  const { style, choices, text } = read.recorded;
  return { style, choices, source: text };
}

/** A small file of text: a style, a shape, a record. Throws InputError. */
export async function readText(path: string): Promise<string> {
  return new TextDecoder().decode(await readInput(path));
}

/** The bytes of a file, or of standard input for "-". Throws InputError. */
export async function readInput(file: string): Promise<Uint8Array> {
  const chunks: Uint8Array[] = [];
  let length = 0;
  try {
    for await (const chunk of file === '-' ? process.stdin : createReadStream(fromCaller(file))) {
      chunks.push(chunk as Uint8Array);
      length += (chunk as Uint8Array).length;
      // Some files have no end.
      if (length > MOST_BYTES)
        throw new InputError(`${nameOf(file)} is too large: up to 300 MB are read, in up to 3 GB of memory`);
    }
  } catch (error) {
    if (error instanceof InputError) throw error;
    throw new InputError(`cannot read ${nameOf(file)}: ${systemWords(error as NodeJS.ErrnoException)}`);
  }
  return Buffer.concat(chunks);
}

/** What an input is called in messages. */
export function nameOf(file: string): string {
  return file === '-' ? 'standard input' : file;
}
