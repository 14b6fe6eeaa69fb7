import { describe, expect, test } from '@jest/globals';
import { Dexie } from 'dexie';
import { strToU8, zipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { clean, cleanText, outcomeOf, DEFAULT_STYLE, readRecord } from '../core/index.ts';
import { openBackup, restoreBackup } from './backup.ts';
import { database, memoryProblem, openDatabase } from './db.ts';
import { loadPiece, listPieces } from './pieces.ts';
import { prepareStorage } from './prepare.ts';
import { loadStack } from './stack.ts';
import { listStyles } from './styles.ts';

/** How a version stored things, and some things that it stored. Never changed once that version is published. */
interface Stored {
  readonly version: number;
  readonly stores: Readonly<Record<string, string>>;
  readonly rows: Readonly<Record<string, readonly object[]>>;
}

const fixture = <T>(name: string) => JSON.parse(readFileSync(`storage/fixtures/${name}.json`, 'utf8')) as T;
const VERSIONS = [1, 2, 3, 4].map((version) => fixture<Stored>(`database-${version}`));
const CLEANED = 'The tide mill asks for nothing but patience, and waits.';

async function store(name: string, { version, stores, rows }: Stored): Promise<void> {
  const db = new Dexie(name);
  db.version(version).stores(stores);
  for (const [table, all] of Object.entries(rows)) await db.table(table).bulkAdd(all);
  db.close();
}

describe('what an earlier version stored', () => {
  test.each(VERSIONS)('in database version $version opens with all that was there', async (stored) => {
    const name = `published-${stored.version}`;
    await store(name, stored);
    const db = openDatabase(name);
    const { pieces, unreadable } = await listPieces(9, db);
    expect([pieces.map(({ title }) => title), unreadable]).toEqual([['Tides'], []]);
    const piece = await loadPiece('p1', db);
    const { style, choices } = outcomeOf(piece.history, DEFAULT_STYLE);
    expect(cleanText(clean(piece.source, style, choices))).toBe(CLEANED);
    expect(style.passes).toEqual({ tabs: false });
    expect(piece.versions.map((version) => version.name)).toEqual(stored.version >= 2 ? ['First'] : []);
    expect((await listStyles(9, db)).map((one) => one.name)).toEqual(stored.version >= 3 ? ['Quarterly'] : []);
    expect((await loadStack(db)).files.map((file) => file.name)).toEqual(stored.version >= 4 ? ['a.txt'] : []);
    db.close();
  });

  test('in a backup of version 1 comes back', async () => {
    const entries = Object.entries(fixture<Record<string, unknown>>('backup-1'));
    const bytes = zipSync(
      Object.fromEntries(
        entries.map(([name, data]) => [name, strToU8(typeof data === 'string' ? data : JSON.stringify(data))]),
      ),
    );
    const read = await openBackup(new Blob([bytes as BlobPart]));
    if (!read.ok) throw new Error(read.problem);
    const db = openDatabase('from-backup');
    expect(await restoreBackup(read.backup, 'replace', () => undefined, db)).toEqual({ added: 1, same: 0, bad: 0 });
    const piece = await loadPiece('p1', db);
    expect(piece.history.steps).toHaveLength(2);
    expect(new TextDecoder().decode(piece.origin?.bytes)).toBe('The tide');
    expect((await listStyles(9, db)).map((one) => one.name)).toEqual(['Quarterly']);
  });

  test('in a change record of version 1 is read, and cleans its text', () => {
    const json = readFileSync('storage/fixtures/record-1.json', 'utf8');
    const read = readRecord(json);
    if (!read.ok) throw new Error(read.problem);
    const { text, style, choices } = read.recorded;
    expect(text).toBe(readFileSync('samples/texts/letter.txt', 'utf8'));
    expect(cleanText(clean(text, style, choices))).toMatch(/Marian Orme/);
  });
});

test('a database of a newer version is left as it is, and all is kept in memory', async () => {
  await store('lucid-ribbon', { ...VERSIONS[3]!, version: 5 });
  const db = openDatabase('lucid-ribbon');
  await expect(listPieces(9, db)).rejects.toMatchObject({ problem: 'newer-store' });
  expect(await prepareStorage()).toBe('newer-store');
  expect(memoryProblem()).toBe('newer-store');
  expect((await listPieces(9, database())).pieces).toEqual([]);
  const newer = new Dexie('lucid-ribbon');
  newer.version(5).stores(VERSIONS[3]!.stores);
  expect(await newer.table('pieces').count()).toBe(1);
});
