import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { USUAL_STYLE } from '../core/index.ts';
import { openDatabase, type Database } from './db.ts';
import { addToStack, bytesOnStack, loadStack, removeFromStack, saveOnStack, saveStackSettings } from './stack.ts';

const open: { db: Database } = { db: undefined as unknown as Database };
beforeEach(() => {
  open.db = openDatabase('stack-test');
});
afterEach(() => open.db.delete());

const files = (...names: string[]) => names.map((name) => ({ name, blob: new Blob([name]) }));

describe('the stack', () => {
  test('keeps files with their bytes, in the order in which they came', async () => {
    await addToStack(files('b.txt', 'a.txt'), open.db);
    const [added] = await addToStack(files('c.txt'), open.db);
    const { files: rows, settings } = await loadStack(open.db);
    expect(rows.map(({ name, size }) => [name, size])).toEqual([
      ['b.txt', 5],
      ['a.txt', 5],
      ['c.txt', 5],
    ]);
    expect(settings).toBeUndefined();
    expect(await bytesOnStack(added!.id, open.db)).toBeDefined();
  });

  test('keeps what became of them, and forgets what is taken off', async () => {
    const [one, two] = await addToStack(files('a.txt', 'b.txt'), open.db);
    await removeFromStack([one!.id], open.db);
    await saveOnStack(
      [
        { ...one!, problem: 'damaged' },
        { ...two!, problem: 'protected' },
      ],
      open.db,
    );
    expect((await loadStack(open.db)).files).toEqual([{ ...two, problem: 'protected' }]);
    expect(await bytesOnStack(one!.id, open.db)).toBeUndefined();
  });

  test('keeps how files are cleaned; what is none of its own is passed over', async () => {
    const settings = { chosen: 'usual', styles: [USUAL_STYLE], answers: [{ topic: 'x', reading: 'kept' as const }] };
    await saveStackSettings(settings, open.db);
    expect((await loadStack(open.db)).settings).toEqual(settings);
    await open.db.notes.put({ key: 'stack', value: '{"chosen":1' });
    await open.db.table('stackFiles').put({ id: 9, name: 3 });
    expect(await loadStack(open.db)).toEqual({ files: [], settings: undefined });
  });
});
