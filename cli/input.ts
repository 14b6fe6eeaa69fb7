import { readFile, writeFile } from 'node:fs/promises';
import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import {
  isEncoding,
  readDocument,
  readRecord,
  type Cleaning,
  type Document,
  type FormatId,
  type OpenPdf,
  type ReadProblem,
  type RecordProblem,
} from '../core/index.ts';

/** An input or argument that keeps the command from its work; the message says why, in one line. */
export class InputError extends Error {}

interface ReadAs {
  readonly from?: FormatId;
  readonly encoding?: string;
}

/** Reads a file, or standard input for "-". Throws InputError; gives nothing where nothing came down a pipe. */
export async function readText(file: string, { from, encoding }: ReadAs): Promise<Document | undefined> {
  if (encoding !== undefined && !isEncoding(encoding)) throw new InputError(`there is no encoding "${encoding}"`);
  const bytes = await readInput(file);
  // Nothing comes down a pipe where there was nothing to find; an empty file is a mistake.
  if (file === '-' && bytes.length === 0) return undefined;
  const read = await readDocument(bytes, { name: file, format: from, encoding, openPdf: pdfPages });
  if (!read.ok) throw new InputError(`${file === '-' ? 'standard input' : file} ${PROBLEMS[read.problem]}`);
  return read.document;
}

/** What is wrong with a file that cannot be read, and what helps. */
const PROBLEMS: Readonly<Record<ReadProblem, string>> = {
  empty: 'is empty',
  'not-text': 'is not a text file, nor of another kind that is read here',
  damaged: 'is damaged: it cannot be read; open it in the program that made it and save it anew',
  protected: 'is protected by a password: open it in the program that made it and save it without one',
  'pictures-only': 'has pictures of pages and no text: it has to go through text recognition (OCR) first',
  'too-large': 'is too large when unpacked',
  'old-word': 'is in an old Word format: save it as .docx first',
  'no-words': 'has no words in it',
  newer: 'was written by a newer version of this program',
  'other-text': 'is a change record whose text is not the one that it was made of',
};

/** The PDF library is loaded when it is needed. */
const pdfPages: OpenPdf = async function* (bytes) {
  const { openPdf } = await import('../pdf/open-pdf.ts');
  const maps = new URL('../../node_modules/pdfjs-dist/cmaps/', import.meta.url);
  yield* openPdf(bytes, { characterMaps: fileURLToPath(maps) });
};

/** What a change record says of a text. */
export async function recordedFor(path: string, source: string): Promise<Pick<Cleaning, 'style' | 'choices'>> {
  const read = readRecord(new TextDecoder().decode(await readInput(path)));
  if (!read.ok) throw new InputError(`${path} ${RECORD_PROBLEMS[read.problem]}`);
  if (read.recorded.text !== source) throw new InputError(`${path} was made of another text`);
  return read.recorded;
}

const RECORD_PROBLEMS: Readonly<Record<RecordProblem, string>> = {
  damaged: 'is no change record, or a damaged one',
  newer: 'was written by a newer version of this program',
  'other-text': 'is a change record whose text is not the one that it was made of',
};

/** Writes a file; `what` it is, is said where it cannot be written. Throws InputError. */
export async function writeTo(path: string, what: string, content: string): Promise<void> {
  await writeFile(pathFromCaller(path), content).catch((error: NodeJS.ErrnoException) => {
    throw new InputError(`cannot write ${what} to ${path}: ${describe(error)}`);
  });
}

/** The bytes of a file, or of standard input for "-". Throws InputError. */
export async function readInput(file: string): Promise<Uint8Array> {
  if (file !== '-') {
    return readFile(pathFromCaller(file)).catch((error: NodeJS.ErrnoException) => {
      throw new InputError(`cannot read ${file}: ${describe(error)}`);
    });
  }
  const chunks: Uint8Array[] = [];
  for await (const chunk of process.stdin) chunks.push(chunk as Uint8Array);
  return Buffer.concat(chunks);
}

/** npm runs scripts in the project's folder; paths are meant from where the person stands. */
function pathFromCaller(path: string): string {
  return resolve(process.env['npm_lifecycle_event'] === 'clean' ? (process.env['INIT_CWD'] ?? '.') : '.', path);
}

function describe(error: NodeJS.ErrnoException): string {
  if (error.code === 'ENOENT') return 'there is no such file';
  if (error.code === 'EISDIR') return 'it is a folder';
  if (error.code === 'EACCES') return 'permission denied';
  return error.message;
}
