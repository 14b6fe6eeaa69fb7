import { afterEach, expect, jest, test } from '@jest/globals';
import { isStuck, onStuck, watchAnswers } from './answering.ts';
import { openDatabase } from './db.ts';

afterEach(() => {
  jest.useRealTimers();
});

/** A database that answers what it is asked when it is let go. */
function slowDatabase() {
  const db = openDatabase('slow');
  const held: (() => void)[] = [];
  const get = () => new Promise((go) => held.push(() => go({ key: 'draft', value: 'The tide' })));
  // The lower stands nearer to the browser.
  db.use({
    stack: 'dbcore',
    name: 'slow',
    level: 1,
    create: (core) => ({ ...core, table: (name) => ({ ...core.table(name), get }) }),
  });
  watchAnswers(db, 1000);
  return { db, letGo: () => held.splice(0).forEach((go) => go()) };
}

test('a database that does not answer is told once, and that it answers again', async () => {
  const { db, letGo } = slowDatabase();
  await db.open();
  const told: boolean[] = [];
  const end = onStuck(() => told.push(isStuck()));
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'queueMicrotask', 'nextTick'] });
  const asked = [db.notes.get('draft'), db.notes.get('draft')];
  jest.advanceTimersByTime(999);
  expect(told).toEqual([]);
  jest.advanceTimersByTime(1);
  expect(told).toEqual([true]);
  letGo();
  jest.useRealTimers();
  expect((await Promise.all(asked)).map((note) => note?.value)).toEqual(['The tide', 'The tide']);
  expect(told).toEqual([true, false]);
  end();
});

test('watched, what is done together is done together or not at all', async () => {
  const db = openDatabase('watched');
  watchAnswers(db, 1000);
  const work = db.transaction('rw', db.notes, async () => {
    await db.notes.put({ key: 'draft', value: 'half' });
    if ((await db.notes.get('draft'))?.value === 'half') throw new Error('no');
  });
  await expect(work).rejects.toThrow('no');
  expect(await db.notes.get('draft')).toBeUndefined();
});
