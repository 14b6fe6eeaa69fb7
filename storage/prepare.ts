import { LONGEST_WAIT, stopWatching, watchAnswers } from './answering.ts';
import { database, keepInMemory, memoryProblem, openDatabase } from './db.ts';
import { orSilent, toStorageError, type StorageProblem } from './errors.ts';

/**
 * Opens the browser's database. Where it is missing, refuses, does not answer within `wait` ms or was written by a newer version,
 * the page does without it; gives why.
 */
export async function prepareStorage(wait = LONGEST_WAIT): Promise<StorageProblem | undefined> {
  const db = database();
  watchAnswers(db);
  try {
    await orSilent(Promise.resolve(db.open()), wait);
    return undefined;
  } catch (error) {
    const { problem } = toStorageError(error);
    await doWithout(problem);
    return problem;
  }
}

/**
 * From now on everything is kept in memory for as long as the page is open, so that texts can be cleaned, copied and saved as files
 * all the same; `problem` is why.
 */
export async function doWithout(problem: StorageProblem): Promise<void> {
  if (memoryProblem() !== undefined) return;
  const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb');
  keepInMemory(openDatabase('memory', { indexedDB: new IDBFactory(), IDBKeyRange }), problem);
  stopWatching();
}
