import {
  BlobReader,
  BlobWriter,
  configure,
  TextReader,
  TextWriter,
  Uint8ArrayReader,
  Uint8ArrayWriter,
  ZipReader,
  ZipWriter,
  type FileEntry,
} from '@zip.js/zip.js/lib/zip-core-external.js';
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
import { removeForGood, storing } from './making-room.ts';
import { readPieceRows } from './read-rows.ts';
import { listStyles, readStyles } from './styles.ts';

/** Told how many of all pieces are done. */
export type OnPiece = (done: number, all: number) => void;

// The platform's own packing works beside the page as it is.
configure({ useWebWorkers: false });

/** The notes that are preferences; others belong to the moment. */
const PREFERENCES = ['keys', 'output-shape'];

/**
 * All pieces that are not deleted, with their files, steps and versions, and the preferences, as one file. Piece after piece is read
 * and packed, so that no more than one of them is in memory unpacked; what is packed is kept by the browser, on the disk if it is
 * large.
 */
export function writeBackup(now: number, onPiece: OnPiece = () => undefined, db = database()): Promise<Blob> {
  return guarded(async () => {
    const { pieces } = await readPieceRows(await db.pieces.toArray());
    const kept = pieces.filter(({ deletedAt }) => deletedAt === undefined);
    const head: BackupHead = { format: BACKUP_FORMAT, version: BACKUP_VERSION, savedAt: now, pieces: kept.length };
    const archive: Archive = new ZipWriter(new BlobWriter('application/zip'));
    await addJson(archive, HEAD_NAME, head);
    const notes = await db.notes.bulkGet(PREFERENCES);
    await addJson(
      archive,
      PREFERENCES_NAME,
      notes.filter((note) => note !== undefined),
    );
    await addJson(archive, STYLES_NAME, await listStyles(now, db));
    for (const [at, piece] of kept.entries()) {
      onPiece(at, kept.length);
      await addPiece(archive, piece, db);
    }
    onPiece(kept.length, kept.length);
    return archive.close();
  });
}

type Archive = ZipWriter<Blob>;

async function addJson(archive: Archive, name: string, value: unknown): Promise<void> {
  await archive.add(name, new TextReader(JSON.stringify(value)));
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
  await addJson(archive, `pieces/${piece.id}.json`, stored);
  // Files are mostly packed already.
  if (text.origin?.bytes) {
    await archive.add(`pieces/${piece.id}.file`, new Uint8ArrayReader(text.origin.bytes), { level: 0 });
  }
}

/** A backup that was opened and found to be one. */
export interface OpenBackup {
  readonly head: BackupHead;
  /** By their names. */
  readonly entries: ReadonlyMap<string, FileEntry>;
}

export type BackupRead =
  { readonly ok: true; readonly backup: OpenBackup } | { readonly ok: false; readonly problem: 'not-backup' | 'newer' };

/** No piece is as large unpacked, bytes; a string cannot be. */
const LARGEST_ENTRY = 500_000_000;

/** Looks into a file. No more of it is read than its list of entries and its head. */
export async function openBackup(file: Blob): Promise<BackupRead> {
  try {
    const listed = await new ZipReader(new BlobReader(file)).getEntries();
    const entries = new Map(listed.flatMap((entry) => (entry.directory ? [] : [[entry.filename, entry]])));
    const head = headSchema.validateSync(await readJson(entries.get(HEAD_NAME)), { strict: true }) as BackupHead;
    return head.version > BACKUP_VERSION ? { ok: false, problem: 'newer' } : { ok: true, backup: { head, entries } };
  } catch {
    return { ok: false, problem: 'not-backup' };
  }
}

/** Throws where the entry is missing, damaged or too large. */
async function readJson(entry: FileEntry | undefined): Promise<unknown> {
  if (!entry || entry.uncompressedSize > LARGEST_ENTRY) throw new RangeError('missing or too large');
  return JSON.parse(await entry.getData(new TextWriter(), CHECKED));
}

/** What is damaged is not taken for what was saved. */
const CHECKED = { checkSignature: true };

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
  { entries }: OpenBackup,
  mode: 'merge' | 'replace',
  onPiece: OnPiece = () => undefined,
  db = database(),
): Promise<Restored> {
  return guarded(async () => {
    const names = [...entries.keys()].filter((name) => /^pieces\/[^/]+\.json$/.test(name));
    const before = mode === 'replace' ? await db.pieces.toCollection().primaryKeys() : [];
    const restored = { added: 0, same: 0, bad: 0 };
    const fresh = new Set<string>();
    for (const [at, name] of names.entries()) {
      onPiece(at, names.length);
      const read = await readPiece(entries, name);
      if (!read) restored.bad++;
      else if (await isHere(read.piece, db)) {
        restored.same++;
        fresh.add(read.piece.id);
      } else {
        fresh.add(await addRead(read, db));
        restored.added++;
      }
    }
    await restorePreferences(entries, mode, db);
    await restoreStyles(entries, mode, db);
    const gone = before.filter((id) => !fresh.has(id));
    // What cannot be brought back is not taken away.
    if (gone.length > 0 && restored.bad === 0) await removeForGood(db, gone);
    onPiece(names.length, names.length);
    return restored;
  });
}

type Entries = OpenBackup['entries'];

interface ReadPiece extends BackupPiece {
  readonly bytes: Uint8Array | undefined;
}

/** A piece, with the bytes of its file where they are whole; undefined where the piece is not as it should be. */
async function readPiece(entries: Entries, name: string): Promise<ReadPiece | undefined> {
  try {
    const stored = await readJson(entries.get(name));
    const read = pieceSchema.validateSync(stored, { strict: true }) as unknown as BackupPiece;
    const file = read.origin?.hasBytes ? entries.get(name.replace(/\.json$/, '.file')) : undefined;
    // The text is worth having without them.
    const bytes = await file?.getData(new Uint8ArrayWriter(), CHECKED).catch(() => undefined);
    return { ...read, bytes };
  } catch {
    return undefined;
  }
}

async function isHere({ id, changedAt }: PieceRecord, db: Database): Promise<boolean> {
  const here = await db.pieces.get(id);
  return here !== undefined && here.deletedAt === undefined && here.changedAt === changedAt;
}

/** Adds a piece; under an id of its own where another state of it is here. Gives the id. */
function addRead(read: ReadPiece, db: Database): Promise<string> {
  const { piece, steps, versions, bytes } = read;
  const add = async () => {
    const isTaken = (await db.pieces.get(piece.id)) !== undefined;
    const id = isTaken ? newId() : piece.id;
    await db.pieces.add({ ...piece, id });
    await db.texts.add(toTextRecord(id, read, bytes));
    await db.steps.bulkAdd(steps.map((step, seq) => ({ pieceId: id, seq, step })));
    await db.versions.bulkAdd(
      versions.map((version) => ({ ...version, id: isTaken ? newId() : version.id, pieceId: id })),
    );
    return id;
  };
  return storing(db, () => db.transaction('rw', [db.pieces, db.texts, db.steps, db.versions], add));
}

/** Styles come in like pieces: one that is here in another state stays, and the one from the backup becomes another. */
async function restoreStyles(entries: Entries, mode: 'merge' | 'replace', db: Database): Promise<void> {
  if (!entries.has(STYLES_NAME)) return;
  const found = await readStyles((await readJson(entries.get(STYLES_NAME))) as Parameters<typeof readStyles>[0]);
  if (mode === 'replace') await db.styles.clear();
  for (const style of found) {
    const here = await db.styles.get(style.id);
    if (here?.deletedAt === undefined && here?.changedAt === style.changedAt) continue;
    await db.styles.put(here && here.deletedAt === undefined ? { ...style, id: newId() } : style);
  }
}

async function restorePreferences(entries: Entries, mode: 'merge' | 'replace', db: Database): Promise<void> {
  if (!entries.has(PREFERENCES_NAME)) return;
  const notes = (await readJson(entries.get(PREFERENCES_NAME))) as readonly { key?: unknown; value?: unknown }[];
  for (const { key, value } of notes) {
    if (typeof key !== 'string' || typeof value !== 'string' || !PREFERENCES.includes(key)) continue;
    if (mode === 'replace' || (await db.notes.get(key)) === undefined) await db.notes.put({ key, value });
  }
}
