import type { DBCore, DBCoreTable } from 'dexie';
import type { Database } from './db.ts';

/** How long a database that works takes at most for what a page asks of it, ms. */
export const LONGEST_WAIT = 2500;

type Listener = () => void;

const listeners = new Set<Listener>();
const asked = { overdue: 0, isOver: false };

/** Whether something that was asked of the database has not been answered for long: it is stuck, or has very much to do. */
export function isStuck(): boolean {
  return asked.overdue > 0 && !asked.isOver;
}

/** Tells `listener` when that changes. Gives what ends it. */
export function onStuck(listener: Listener): Listener {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Watches whether the database answers, as long as the page is open. `wait` in ms. */
export function watchAnswers(db: Database, wait = LONGEST_WAIT): void {
  db.use({ stack: 'dbcore', name: 'answering', create: (core) => watchedCore(core, wait) });
}

/** The page does without the database from now on: whether it answers no longer matters. */
export function stopWatching(): void {
  const was = isStuck();
  asked.isOver = true;
  if (was) tellAll();
}

function watchedCore(core: DBCore, wait: number): DBCore {
  const watched = <A, R>(ask: (request: A) => Promise<R>) => {
    return (request: A): Promise<R> => {
      const answer = ask(request);
      watchOne(answer, wait);
      // As it came: a promise of our own would leave the transaction.
      return answer;
    };
  };
  const watchedTable = (table: DBCoreTable): DBCoreTable => ({
    ...table,
    mutate: watched(table.mutate),
    get: watched(table.get),
    getMany: watched(table.getMany),
    query: watched(table.query),
    openCursor: watched(table.openCursor),
    count: watched(table.count),
  });
  return { ...core, table: (name) => watchedTable(core.table(name)) };
}

function watchOne(answer: Promise<unknown>, wait: number): void {
  let isOverdue = false;
  const timer = setTimeout(() => {
    isOverdue = true;
    count(1);
  }, wait);
  const end = () => {
    clearTimeout(timer);
    if (isOverdue) count(-1);
  };
  answer.then(end, end);
}

function count(change: 1 | -1): void {
  const was = isStuck();
  asked.overdue += change;
  if (isStuck() !== was) tellAll();
}

function tellAll(): void {
  for (const listener of [...listeners]) listener();
}
