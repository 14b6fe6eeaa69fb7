import { afterEach, describe, expect, test } from '@jest/globals';
import { DEFAULT_STYLE } from '../core/index.ts';
import { openBackup, restoreBackup, writeBackup } from './backup.ts';
import { openDatabase, type StyleRecord } from './db.ts';
import { createPiece, loadPiece } from './pieces.ts';
import { declineOffer } from './notes.ts';
import { deleteStyle, listStyles, restoreStyle, saveStyle } from './styles.ts';

const here = openDatabase('styles-here');
const there = openDatabase('styles-there');
afterEach(async () => {
  for (const db of [here, there]) await Promise.all(db.tables.map((table) => table.clear()));
});

const style = (id: string, name: string, changedAt = 1): StyleRecord => ({
  id,
  name,
  style: DEFAULT_STYLE,
  createdAt: 1,
  changedAt,
});
const names = async (db = here, now = 9) => (await listStyles(now, db)).map(({ name }) => name);

describe('styles', () => {
  test('are listed by name; one with a known id takes its place', async () => {
    await saveStyle(style('b', 'Zebra'), here);
    await saveStyle(style('a', 'Minutes'), here);
    await saveStyle(style('b', 'Board'), here);
    expect(await names()).toEqual(['Board', 'Minutes']);
  });

  test('that are deleted can be taken back for a day', async () => {
    await saveStyle(style('a', 'Minutes'), here);
    await deleteStyle('a', 10, here);
    expect(await names()).toEqual([]);
    await restoreStyle('a', here);
    expect(await names()).toEqual(['Minutes']);
    await deleteStyle('a', 10, here);
    expect(await names(here, 10 + 25 * 3600 * 1000)).toEqual([]);
    expect(await here.styles.count()).toBe(0);
  });

  test('of a newer version, or damaged, are passed over and stay', async () => {
    await here.styles.put({ ...style('a', 'Newer'), style: { ...DEFAULT_STYLE, version: 2 as 1 } });
    await here.styles.put({
      ...style('b', 'Damaged'),
      style: { ...DEFAULT_STYLE, rules: [{ id: 'rule:1' }] as never },
    });
    await saveStyle(style('c', 'Good'), here);
    expect(await names()).toEqual(['Good']);
    expect(await here.styles.count()).toBe(3);
  });

  test('go into a backup and come back; one that is here in another state stays beside the one that comes', async () => {
    await saveStyle(style('a', 'Minutes'), here);
    await saveStyle(style('b', 'Board'), here);
    const read = await openBackup(await writeBackup(9, () => undefined, here));
    if (!read.ok) throw new Error(read.problem);
    await saveStyle(style('b', 'Board, changed', 5), there);
    await restoreBackup(read.backup, 'merge', () => undefined, there);
    expect(await names(there)).toEqual(['Board', 'Board, changed', 'Minutes']);
    await restoreBackup(read.backup, 'replace', () => undefined, there);
    expect(await names(there)).toEqual(['Board', 'Minutes']);
  });
});

describe('a piece', () => {
  test('begins with the style that it was made with', async () => {
    const begun = { id: 'a', name: 'Minutes', style: { ...DEFAULT_STYLE, passes: { quotes: true } } };
    const id = await createPiece({ source: 'The tide fell.', begun }, 'Tides', 1, here);
    const { history, declined } = await loadPiece(id, here);
    expect(history).toEqual({ steps: [{ kind: 'use-style', ...begun }], at: 1 });
    expect(declined).toEqual([]);
    await declineOffer(id, 'style', here);
    expect((await loadPiece(id, here)).declined).toEqual(['style']);
  });
});
