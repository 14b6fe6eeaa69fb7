import type { Database } from './db.ts';
import { guarded, toStorageError } from './errors.ts';
import { removeNotes } from './notes.ts';

/**
 * Runs work that stores something, as `guarded` does. Where there is no room, pieces that were deleted and can still be taken back
 * give way, and the work is done again: it must be such that it can be.
 */
export function storing<T>(db: Database, work: () => PromiseLike<T>): Promise<T> {
  return guarded(async () => {
    try {
      return await work();
    } catch (error) {
      if (toStorageError(error).problem !== 'full' || !(await removeDeleted(db))) throw error;
      return work();
    }
  });
}

/** Removes for good what was deleted and could still be taken back. Gives whether there was any. */
async function removeDeleted(db: Database): Promise<boolean> {
  const ids = await db.pieces.where('deletedAt').above(0).primaryKeys();
  if (ids.length > 0) await removeForGood(db, ids);
  return ids.length > 0;
}

/** Removes pieces with all that is stored of them. */
export function removeForGood(db: Database, ids: string[]): Promise<void> {
  return db.transaction('rw', [db.pieces, db.texts, db.steps, db.versions, db.notes], async () => {
    await db.pieces.bulkDelete(ids);
    await db.texts.bulkDelete(ids);
    await db.steps.where('pieceId').anyOf(ids).delete();
    await db.versions.where('pieceId').anyOf(ids).delete();
    await removeNotes(db, ids);
  });
}
