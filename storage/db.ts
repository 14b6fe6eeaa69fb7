import { Dexie, type DexieOptions, type EntityTable, type Table } from 'dexie';
import { StorageError, type StorageProblem } from './errors.ts';
import { ONE_WRITER } from './one-writer.ts';
import type { FormatId, HouseStyle, Layout, Outcome, Step } from '../core/index.ts';

/** A piece without its text: what the desk lists. Times are ms since the epoch. */
export interface PieceRecord {
  readonly id: string;
  /** Empty until the person or the first cleaning gives one. */
  readonly title: string;
  /** The first words of its text. */
  readonly opening?: string;
  readonly createdAt: number;
  readonly changedAt: number;
  /** Set while the piece is deleted but can still be taken back. */
  readonly deletedAt?: number;
  /** Steps in force; those beyond were undone and can be redone. */
  readonly at: number;
  readonly stepCount: number;
  /** What the last cleaning said, for the list. */
  readonly words?: number;
  readonly doubts?: number;
  readonly kind?: string;
}

/** Where a text came from, so that it can be read again in another way. */
export interface Origin {
  readonly format: FormatId;
  readonly name?: string;
  readonly encoding?: string;
  /** The file as it was; left out where it is very large. */
  readonly bytes?: Uint8Array;
  /** What the clipboard held as plain text, beside the formatted text that was read. */
  readonly plain?: string;
}

export interface TextRecord {
  readonly pieceId: string;
  readonly source: string;
  /** What its format told beside the words. */
  readonly layout?: Layout;
  readonly origin?: Origin;
}

export interface StepRecord {
  readonly pieceId: string;
  readonly seq: number;
  readonly step: Step;
}

/** How a piece was at a time that a person gave a name. `keptAt` in ms since the epoch. */
export interface VersionRecord {
  readonly id: string;
  readonly pieceId: string;
  readonly name: string;
  readonly keptAt: number;
  readonly outcome: Outcome;
}

/** A person's own style. Times are ms since the epoch. */
export interface StyleRecord extends HouseStyle {
  readonly id: string;
  readonly createdAt: number;
  readonly changedAt: number;
  /** The figure with which, and Alt, the clipboard is cleaned in this style. */
  readonly key?: string;
  /** Set while the style is deleted but can still be taken back. */
  readonly deletedAt?: number;
}

/** What was typed on the desk and not yet made into a piece, and small settings. */
export interface NoteRecord {
  readonly key: string;
  readonly value: string;
}

/** A file of the stack: see StackFile in stack.ts for what becomes of it. */
export interface StackFileRecord {
  /** Counts up in the order in which files came. */
  readonly id: number;
  /** With the folders that it was found in. */
  readonly name: string;
  /** Bytes. */
  readonly size: number;
}

/** The bytes of a file of the stack. */
export interface StackBytesRecord {
  readonly id: number;
  readonly blob: Blob;
}

export type Database = Dexie & {
  pieces: EntityTable<PieceRecord, 'id'>;
  texts: EntityTable<TextRecord, 'pieceId'>;
  steps: Table<StepRecord, [string, number]>;
  notes: EntityTable<NoteRecord, 'key'>;
  versions: EntityTable<VersionRecord, 'id'>;
  styles: EntityTable<StyleRecord, 'id'>;
  stackFiles: EntityTable<StackFileRecord, 'id'>;
  stackBytes: EntityTable<StackBytesRecord, 'id'>;
};

/** The version that this program writes. */
const VERSION = 4;
/** Dexie counts in tenths. */
const TENTHS = 10;

/**
 * Opens the database of this origin. Versions are append-only: a published one is never edited. One that a newer version of the
 * program has written is not opened: StorageError 'newer-store'. `options` name another place to keep it in.
 */
export function openDatabase(name = 'lucid-ribbon', options: DexieOptions = {}): Database {
  const db = new Dexie(name, options) as Database;
  db.on('ready', () => {
    if (db.backendDB().version > VERSION * TENTHS) throw new StorageError('newer-store');
  });
  db.version(1).stores({
    pieces: 'id, changedAt, deletedAt',
    texts: 'pieceId',
    steps: '[pieceId+seq], pieceId',
    notes: 'key',
  });
  db.version(2).stores({ versions: 'id, pieceId' });
  db.version(3).stores({ styles: 'id' });
  db.version(4).stores({ stackFiles: '++id', stackBytes: 'id' });
  db.use(ONE_WRITER);
  return db;
}

const shared: { db?: Database; memory?: StorageProblem; isUsed?: boolean } = {};

/** The database of the page, opened once. */
export function database(): Database {
  shared.db ??= openDatabase();
  return shared.db;
}

/** Keeps everything in `db`, which lasts as long as the page, since the browser's own database has a problem. */
export function keepInMemory(db: Database, problem: StorageProblem): void {
  shared.db = db;
  shared.memory = problem;
  for (const table of [db.pieces, db.stackFiles]) table.hook('creating', () => void (shared.isUsed = true));
}

/** Whether there is something that is gone with the page. */
export function isInMemoryAlone(): boolean {
  return shared.isUsed === true;
}

/** Why all that is stored is gone with the page; undefined where it is kept. */
export function memoryProblem(): StorageProblem | undefined {
  return shared.memory;
}
