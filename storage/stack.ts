import type { HouseStyle, Question, ReadProblem, SourceKind, StandingAnswer, WordTally } from '../core/index.ts';
import { database, type Database, type StackFileRecord } from './db.ts';
import { guarded } from './errors.ts';
import { storing } from './making-room.ts';

/** Why a file of the stack has no clean text: it cannot be read, its cleaning took too long, was too much for the browser, or met a fault of this program. */
export type StackProblem = ReadProblem | 'too-slow' | 'too-much' | 'fault';

/** What became of a file of the stack. */
export interface StackResult {
  readonly kind: SourceKind;
  readonly words: WordTally;
  /** How many decisions are in doubt, and what they are. */
  readonly doubts: number;
  readonly questions: readonly Question[];
  /** The name of the style that it was cleaned in. */
  readonly style: string;
  /** Titles of the passes that failed on it, which was cleaned without them; not there where none did. */
  readonly failed?: readonly string[];
  /** How long it took, ms. */
  readonly time: number;
}

/** A file of the stack, without its bytes. Neither problem nor result: it waits. */
export interface StackFile extends StackFileRecord {
  readonly problem?: StackProblem;
  readonly result?: StackResult;
  /** Something else was asked for since: it waits to be cleaned anew. */
  readonly isStale?: boolean;
}

/** A style with the id that pieces name it by. */
export type StackStyle = HouseStyle & { readonly id: string };

/** How the files are cleaned. */
export interface StackSettings {
  /** The id of the style that was chosen; empty where each text takes the one that is meant for it. */
  readonly chosen: string;
  /** The styles as they were then, the one for texts that none is meant for first. */
  readonly styles: readonly StackStyle[];
  /** Doubts that were settled for all files. */
  readonly answers: readonly StandingAnswer[];
}

export interface StoredStack {
  readonly files: readonly StackFile[];
  /** Undefined before anything was chosen. */
  readonly settings: StackSettings | undefined;
}

const SETTINGS = 'stack';

export function loadStack(db = database()): Promise<StoredStack> {
  return guarded(async () => {
    const [rows, note] = await Promise.all([db.stackFiles.toArray(), db.notes.get(SETTINGS)]);
    return { files: rows.filter(isFile), settings: note && readSettings(note.value) };
  });
}

/** Rows are foreign data: what is no file of the stack is passed over, what it came to is worked out again where it is not whole. */
function isFile(row: unknown): row is StackFile {
  const { id, name, size } = row as Partial<StackFile>;
  return typeof id === 'number' && typeof name === 'string' && typeof size === 'number';
}

function readSettings(value: string): StackSettings | undefined {
  try {
    const { chosen, styles, answers } = JSON.parse(value) as Partial<StackSettings>;
    if (typeof chosen !== 'string' || !Array.isArray(styles) || !Array.isArray(answers) || styles.length === 0)
      return undefined;
    return { chosen, styles: styles as StackStyle[], answers: answers as StandingAnswer[] };
  } catch {
    return undefined;
  }
}

export function saveStackSettings(settings: StackSettings, db = database()): Promise<void> {
  return guarded(async () => {
    await db.notes.put({ key: SETTINGS, value: JSON.stringify(settings) });
  });
}

/** Puts files on the stack, behind those that are there, and gives their rows. The browser keeps their bytes, not the page. */
export function addToStack(
  files: readonly { readonly name: string; readonly blob: Blob }[],
  db = database(),
): Promise<StackFile[]> {
  return storing(db, () =>
    db.transaction('rw', db.stackFiles, db.stackBytes, async () => {
      const rows = files.map(({ name, blob }) => ({ name, size: blob.size }));
      const ids = await db.stackFiles.bulkAdd(rows as StackFileRecord[], { allKeys: true });
      await db.stackBytes.bulkAdd(files.map(({ blob }, at) => ({ id: ids[at]!, blob })));
      return rows.map((row, at) => ({ ...row, id: ids[at]! }));
    }),
  );
}

/** The bytes of a file; undefined where they are gone. */
export function bytesOnStack(id: number, db = database()): Promise<Blob | undefined> {
  return guarded(async () => (await db.stackBytes.get(id))?.blob);
}

/** Stores what became of files; of files that are gone nothing is stored. */
export function saveOnStack(files: readonly StackFile[], db: Database = database()): Promise<void> {
  return guarded(() =>
    db.transaction('rw', db.stackFiles, async () => {
      const known = await db.stackFiles.bulkGet(files.map(({ id }) => id));
      await db.stackFiles.bulkPut(files.filter((_, at) => known[at] !== undefined));
    }),
  );
}

export function removeFromStack(ids: readonly number[], db = database()): Promise<void> {
  return guarded(() =>
    db.transaction('rw', db.stackFiles, db.stackBytes, async () => {
      await db.stackFiles.bulkDelete([...ids]);
      await db.stackBytes.bulkDelete([...ids]);
    }),
  );
}
