import { afterEach, expect, jest, test } from '@jest/globals';
import { openDatabase } from './db.ts';
import { saveDraft } from './notes.ts';
import { appendSteps, createPiece, loadPiece, moveInHistory, renamePiece } from './pieces.ts';
import { addToStack, saveOnStack } from './stack.ts';
import { listStyles, saveStyle } from './styles.ts';
import { keepVersion } from './versions.ts';

/** What each transaction took in, of those that write and those that read. */
function transactions(mode: IDBTransactionMode): string[][] {
  return asked.mock.calls.filter(([, how]) => how === mode).map(([stores]) => [...stores]);
}

const asked = jest.spyOn(IDBDatabase.prototype, 'transaction');
afterEach(() => {
  asked.mockClear();
});

test('of two transactions that write, any two share a store, so that the browser runs one after the other', async () => {
  const db = openDatabase('one-writer');
  const outcome = { style: {} as never, choices: [] };
  const piece = await createPiece({ source: 'The tide' }, 'Tides', 1, db);
  await appendSteps(piece, 0, [{ kind: 'choose', choice: { kind: 'join', from: 1, to: 2 } } as never], [], 2, db);
  await moveInHistory(piece, 1, 0, 3, db);
  await renamePiece(piece, 'The tides', 4, db);
  await saveDraft('The miller', db);
  await keepVersion({ id: 'v', pieceId: piece, name: 'First', keptAt: 5, outcome }, db);
  await saveStyle({ id: 's', name: 'Ours', createdAt: 6, changedAt: 6 } as never, db);
  await saveOnStack(await addToStack([{ name: 'a.txt', blob: new Blob(['The boats']) }], db), db);
  const writes = transactions('readwrite');
  expect(writes.length).toBeGreaterThanOrEqual(9);
  for (const one of writes) for (const other of writes) expect(one.filter((s) => other.includes(s))).not.toEqual([]);
});

test('what only reads takes in no more than it reads', async () => {
  const db = openDatabase('one-writer-reads');
  await db.open();
  asked.mockClear();
  await listStyles(1, db);
  expect(transactions('readonly')).toEqual([['styles']]);
  await loadPiece('none', db).catch(() => undefined);
  expect(transactions('readwrite')).toEqual([]);
});
