import type { DBCore, Middleware } from 'dexie';

/**
 * The store that every transaction that writes takes in, whether it writes there or not. Small and seldom read, so that few reads
 * wait for it.
 */
const SHARED = 'notes';

/**
 * Lets one transaction write at a time, in all tabs: all of them take in one store, and the browser runs those that share a store one
 * after the other. Where Chromium is killed (a crash, a flat battery) while two transactions are writing, it finds the undo records
 * of both when it starts again, cannot work them off, takes the database for damaged and deletes it whole. Undoing one is no problem.
 */
export const ONE_WRITER: Middleware<DBCore> = {
  stack: 'dbcore',
  name: 'one-writer',
  create: (core) => ({
    ...core,
    transaction: (stores, mode, options) =>
      core.transaction(mode === 'readwrite' ? [...new Set([...stores, SHARED])] : stores, mode, options),
  }),
};
