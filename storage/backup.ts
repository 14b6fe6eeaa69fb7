import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough, type UnzipFileInfo } from 'fflate';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  HEAD_NAME,
  headSchema,
  pieceSchema,
  PREFERENCES_NAME,
  STYLES_NAME,
  toBackupPiece,
  toTextRecord,
  type BackupHead,
  type BackupPiece,
} from './backup-format.ts';
import { database, type Database, type PieceRecord } from './db.ts';
import { guarded } from './errors.ts';
import { newId } from './new-id.ts';
import { removeForGood } from './pieces.ts';
import { readPieceRows } from './read-rows.ts';
import { listStyles, readStyles } from './styles.ts';

/** Told how many of all pieces are done. */
export type OnPiece = (done: number, all: number) => void;

/** The notes that are preferences; others belong to the moment. */
const PREFERENCES = ['keys', 'output-shape'];

/**
 * All pieces that are not deleted, with their files, steps and versions, and the preferences, as one file. Piece after piece is read
 * and packed, so that no more than one of them is in memory unpacked.
 */
export function writeBackup(now: number, onPiece: OnPiece = () => undefined, db = database()): Promise<Blob> {
  return guarded(async () => {
    const { pieces } = await readPieceRows(await db.pieces.toArray());
    const kept = pieces.filter(({ deletedAt }) => deletedAt === undefined);
    const head: BackupHead = { format: BACKUP_FORMAT, version: BACKUP_VERSION, savedAt: now, pieces: kept.length };
    const archive = openArchive();
    await archive.add(HEAD_NAME, strToU8(JSON.stringify(head)));
    const notes = await db.notes.bulkGet(PREFERENCES);
    await archive.add(PREFERENCES_NAME, strToU8(JSON.stringify(notes.filter((note) => note !== undefined))));
    await archive.add(STYLES_NAME, strToU8(JSON.stringify(await listStyles(now, db))));
    for (const [at, piece] of kept.entries()) {
      onPiece(at, kept.length);
      await addPiece(archive, piece, db);
    }
    onPiece(kept.length, kept.length);
    return archive.finish();
  });
}

async function addPiece(archive: Archive, piece: PieceRecord, db: Database): Promise<void> {
  const [text, steps, versions] = await Promise.all([
    db.texts.get(piece.id),
    db.steps.where('[pieceId+seq]').between([piece.id, 0], [piece.id, Infinity]).toArray(),
    db.versions.where('pieceId').equals(piece.id).toArray(),
  ]);
  if (!text) return;
  const stored = toBackupPiece(
    piece,
    text,
    steps.map(({ step }) => step),
    versions,
  );
  await archive.add(`pieces/${piece.id}.json`, strToU8(JSON.stringify(stored)));
  if (text.origin?.bytes) await archive.add(`pieces/${piece.id}.file`, text.origin.bytes);
}

interface Archive {
  /** Done when the entry is packed. */
  add(name: string, bytes: Uint8Array): Promise<void>;
  finish(): Blob;
}

/** So many bytes are packed at a time, and then the page has a turn. */
const AT_ONCE = 100_000;
/** Bytes of a backup in the page's own memory. */
const KEPT_BY_THE_PAGE = 8_000_000;

function openArchive(): Archive {
  let parts: BlobPart[] = [];
  let size = 0;
  let failed: Error | undefined;
  const zip = new Zip((error, chunk) => {
    if (error) failed = error;
    else {
      parts.push(chunk as BlobPart);
      size += chunk.length;
      // The browser keeps a blob, on the disk if it is large; the page does not.
      if (size >= KEPT_BY_THE_PAGE) {
        parts = [new Blob(parts)];
        size = 0;
      }
    }
  });
  return {
    add: async (name, bytes) => {
      // Files are mostly packed already.
      const entry = name.endsWith('.file') ? new ZipPassThrough(name) : new ZipDeflate(name);
      zip.add(entry);
      for (let from = 0; from < bytes.length || from === 0; from += AT_ONCE) {
        // The library takes over what it is given.
        entry.push(bytes.slice(from, from + AT_ONCE), from + AT_ONCE >= bytes.length);
        await new Promise((resolve) => setTimeout(resolve));
      }
    },
    finish: () => {
      zip.end();
      if (failed) throw failed;
      return new Blob(parts, { type: 'application/zip' });
    },
  };
}

/** A backup that was opened and found to be one. */
export interface OpenBackup {
  readonly head: BackupHead;
  readonly bytes: Uint8Array;
}

export type BackupRead =
  { readonly ok: true; readonly backup: OpenBackup } | { readonly ok: false; readonly problem: 'not-backup' | 'newer' };

/** Looks into a file. */
export function openBackup(bytes: Uint8Array): BackupRead {
  const text = entryOf(bytes, HEAD_NAME);
  try {
    const head = headSchema.validateSync(JSON.parse(strFromU8(text!)), { strict: true }) as BackupHead;
    return head.version > BACKUP_VERSION ? { ok: false, problem: 'newer' } : { ok: true, backup: { head, bytes } };
  } catch {
    return { ok: false, problem: 'not-backup' };
  }
}

function entryOf(bytes: Uint8Array, name: string): Uint8Array | undefined {
  try {
    return unzipSync(bytes, { filter: (file) => file.name === name })[name];
  } catch {
    return undefined;
  }
}

/** What came of reading a backup in. */
export interface Restored {
  readonly added: number;
  /** They are here as they are in the backup. */
  readonly same: number;
  /** They are not as they should be, and were left out. */
  readonly bad: number;
}

/**
 * Reads a backup in. `merge`: what is here stays; a piece that is here in another state comes in as a piece of its own. `replace`:
 * what is here goes once all of the backup was found to be readable; deleted pieces are no longer there either.
 */
export function restoreBackup(
  { bytes }: OpenBackup,
  mode: 'merge' | 'replace',
  onPiece: OnPiece = () => undefined,
  db = database(),
): Promise<Restored> {
  return guarded(async () => {
    const names: string[] = [];
    const list = (file: UnzipFileInfo) => {
      if (/^pieces\/[^/]+\.json$/.test(file.name)) names.push(file.name);
      return false;
    };
    unzipSync(bytes, { filter: list });
    const before = mode === 'replace' ? await db.pieces.toCollection().primaryKeys() : [];
    const restored = { added: 0, same: 0, bad: 0 };
    const fresh = new Set<string>();
    for (const [at, name] of names.entries()) {
      onPiece(at, names.length);
      const read = readPiece(bytes, name);
      if (!read) restored.bad++;
      else if (await isHere(read.piece, db)) {
        restored.same++;
        fresh.add(read.piece.id);
      } else {
        fresh.add(await addRead(read, fileOf(bytes, name, read), db));
        restored.added++;
      }
      // The page draws in between.
      await new Promise((resolve) => setTimeout(resolve));
    }
    await restorePreferences(bytes, mode, db);
    await restoreStyles(bytes, mode, db);
    const gone = before.filter((id) => !fresh.has(id));
    // What cannot be brought back is not taken away.
    if (gone.length > 0 && restored.bad === 0) await removeForGood(db, gone);
    onPiece(names.length, names.length);
    return restored;
  });
}

function readPiece(bytes: Uint8Array, name: string): BackupPiece | undefined {
  const entry = entryOf(bytes, name);
  try {
    return pieceSchema.validateSync(JSON.parse(strFromU8(entry!)), { strict: true }) as unknown as BackupPiece;
  } catch {
    return undefined;
  }
}

function fileOf(bytes: Uint8Array, name: string, { origin }: BackupPiece): Uint8Array | undefined {
  return origin?.hasBytes ? entryOf(bytes, name.replace(/\.json$/, '.file')) : undefined;
}

async function isHere({ id, changedAt }: PieceRecord, db: Database): Promise<boolean> {
  const here = await db.pieces.get(id);
  return here !== undefined && here.deletedAt === undefined && here.changedAt === changedAt;
}

/** Adds a piece; under an id of its own where another state of it is here. Gives the id. */
function addRead(read: BackupPiece, file: Uint8Array | undefined, db: Database): Promise<string> {
  const { piece, steps, versions } = read;
  return db.transaction('rw', [db.pieces, db.texts, db.steps, db.versions], async () => {
    const isTaken = (await db.pieces.get(piece.id)) !== undefined;
    const id = isTaken ? newId() : piece.id;
    await db.pieces.add({ ...piece, id });
    await db.texts.add(toTextRecord(id, read, file));
    await db.steps.bulkAdd(steps.map((step, seq) => ({ pieceId: id, seq, step })));
    await db.versions.bulkAdd(
      versions.map((version) => ({ ...version, id: isTaken ? newId() : version.id, pieceId: id })),
    );
    return id;
  });
}

/** Styles come in like pieces: one that is here in another state stays, and the one from the backup becomes another. */
async function restoreStyles(bytes: Uint8Array, mode: 'merge' | 'replace', db: Database): Promise<void> {
  const entry = entryOf(bytes, STYLES_NAME);
  if (!entry) return;
  const found = await readStyles(JSON.parse(strFromU8(entry)));
  if (mode === 'replace') await db.styles.clear();
  for (const style of found) {
    const here = await db.styles.get(style.id);
    if (here?.deletedAt === undefined && here?.changedAt === style.changedAt) continue;
    await db.styles.put(here && here.deletedAt === undefined ? { ...style, id: newId() } : style);
  }
}

async function restorePreferences(bytes: Uint8Array, mode: 'merge' | 'replace', db: Database): Promise<void> {
  const entry = entryOf(bytes, PREFERENCES_NAME);
  if (!entry) return;
  const notes = JSON.parse(strFromU8(entry)) as readonly { key?: unknown; value?: unknown }[];
  for (const { key, value } of notes) {
    if (typeof key !== 'string' || typeof value !== 'string' || !PREFERENCES.includes(key)) continue;
    if (mode === 'replace' || (await db.notes.get(key)) === undefined) await db.notes.put({ key, value });
  }
}
