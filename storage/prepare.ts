import { database, keepInMemory, openDatabase } from './db.ts';
import { toStorageError, type StorageProblem } from './errors.ts';

/** How long the browser's database may take to answer, ms. */
const LONGEST_WAIT = 2500;

/**
 * Opens the browser's database. Where it is missing, refuses, does not answer or was written by a newer version, everything is kept
 * in memory for as long as the page is open, so that texts can be cleaned, copied and saved all the same; gives why.
 */
export async function prepareStorage(wait = LONGEST_WAIT): Promise<StorageProblem | undefined> {
  const opened = database()
    .open()
    .then(
      () => undefined,
      (error: unknown) => toStorageError(error).problem,
    );
  const silence = new Promise<StorageProblem>((done) => setTimeout(() => done('silent'), wait));
  const problem = await Promise.race([opened, silence]);
  if (problem === undefined) return undefined;
  const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb');
  keepInMemory(openDatabase('memory', { indexedDB: new IDBFactory(), IDBKeyRange }), problem);
  return problem;
}
