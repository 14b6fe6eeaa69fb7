import { afterEach, describe, expect, test } from '@jest/globals';
import { zipSync, strToU8 } from 'fflate';
import { USUAL_SHAPE, type Step } from '../core/index.ts';
import { openBackup, restoreBackup, writeBackup } from './backup.ts';
import { openDatabase } from './db.ts';
import { appendSteps, createPiece, deletePiece, listPieces, loadPiece } from './pieces.ts';
import { loadShape, saveKeys, saveShape } from './preferences.ts';
import { keepVersion } from './versions.ts';

const here = openDatabase('here');
const there = openDatabase('there');
afterEach(async () => {
  for (const db of [here, there]) await Promise.all(db.tables.map((table) => table.clear()));
});

const quietly = () => undefined;
const off: Step = { kind: 'switch-pass', pass: 'tabs', on: false };

function zipOf(entries: Record<string, Uint8Array>): Blob {
  return new Blob([zipSync(entries) as BlobPart]);
}

async function backup(db = here) {
  const read = await openBackup(await writeBackup(9, quietly, db));
  if (!read.ok) throw new Error(read.problem);
  return read.backup;
}

/** A piece with everything that a piece may have. */
async function fullPiece(): Promise<string> {
  const layout = {
    element: Uint8Array.of(0, 1),
    level: Uint8Array.of(0, 2),
    region: Uint8Array.of(0, 0),
    block: Uint32Array.of(1, 2),
    ranges: [{ from: 0, to: 3, kind: 'link' as const, address: '/x' }],
    columns: Uint32Array.of(1),
  };
  const origin = { format: 'html' as const, name: 'a.html', encoding: 'utf-8', bytes: Uint8Array.of(0, 1, 255) };
  const id = await createPiece({ source: 'The tide \ud800\nfell.', layout, origin }, 'Tides', 1, here);
  await appendSteps(id, 0, [off], [], 2, here);
  const outcome = { style: { version: 1, passes: {}, apart: 'blank', certaintyLimit: 0.85 }, choices: [] } as const;
  await keepVersion({ id: 'v1', pieceId: id, name: 'First', keptAt: 3, outcome }, here);
  return id;
}

describe('a backup', () => {
  test('brings everything back elsewhere, and counts as it goes', async () => {
    const id = await fullPiece();
    await createPiece({ source: 'It rose.' }, 'Ebb', 4, here);
    await deletePiece(await createPiece({ source: 'Gone.' }, 'Gone', 5, here), 6, here);
    await saveKeys({ copy: 'y' }, here);
    await saveShape({ ...USUAL_SHAPE, wrap: 72 }, here);
    const saved = await backup();
    expect(saved.head).toMatchObject({ pieces: 2, savedAt: 9 });
    const told: number[] = [];
    expect(await restoreBackup(saved, 'merge', (done) => told.push(done), there)).toEqual({
      added: 2,
      same: 0,
      bad: 0,
    });
    expect(told).toEqual([0, 1, 2]);
    expect(await loadPiece(id, there)).toEqual(await loadPiece(id, here));
    expect((await loadShape(there)).wrap).toBe(72);
    expect((await there.pieces.toArray()).map(({ title }) => title).sort()).toEqual(['Ebb', 'Tides']);
  });

  test('merged, takes nothing away: what is the same stays, what differs comes in beside it', async () => {
    const id = await fullPiece();
    const saved = await backup();
    expect(await restoreBackup(saved, 'merge', quietly, here)).toEqual({ added: 0, same: 1, bad: 0 });
    await appendSteps(id, 1, [off], [], 20, here);
    expect(await restoreBackup(saved, 'merge', quietly, here)).toEqual({ added: 1, same: 0, bad: 0 });
    const { pieces } = await listPieces(30, here);
    expect(pieces).toHaveLength(2);
    expect((await loadPiece(id, here)).history.steps).toHaveLength(2);
    const other = pieces.find((piece) => piece.id !== id)!;
    expect(await loadPiece(other.id, here)).toMatchObject({ source: 'The tide \ud800\nfell.', history: { at: 1 } });
    await saveShape({ ...USUAL_SHAPE, wrap: 50 }, here);
    await restoreBackup(saved, 'merge', quietly, here);
    expect((await loadShape(here)).wrap).toBe(50);
  });

  test('in place of what is here, leaves only what is in it', async () => {
    const id = await fullPiece();
    const saved = await backup();
    await createPiece({ source: 'Later.' }, 'Later', 9, here);
    await appendSteps(id, 1, [off], [], 20, here);
    expect(await restoreBackup(saved, 'replace', quietly, here)).toEqual({ added: 1, same: 0, bad: 0 });
    const { pieces } = await listPieces(30, here);
    expect(pieces.map(({ title }) => title)).toEqual(['Tides']);
    expect((await loadPiece(pieces[0]!.id, here)).history.steps).toHaveLength(1);
    expect(await here.texts.count()).toBe(1);
  });

  test('with a bad piece brings the others', async () => {
    const head = { format: 'lucid-ribbon/backup', version: 1, savedAt: 1, pieces: 2 };
    const piece = { id: 'a', title: 'A', createdAt: 1, changedAt: 1, at: 0, stepCount: 0 };
    const good = { piece, source: 'A', steps: [], versions: [] };
    const file = zipOf({
      'backup.json': strToU8(JSON.stringify(head)),
      'pieces/a.json': strToU8(JSON.stringify(good)),
      'pieces/b.json': strToU8(JSON.stringify({ ...good, source: 7 })),
      'pieces/c.json': strToU8('{'),
    });
    const read = await openBackup(file);
    expect(read.ok && (await restoreBackup(read.backup, 'merge', quietly, there))).toEqual({
      added: 1,
      same: 0,
      bad: 2,
    });
  });

  test('is read an entry at a time, never as a whole', async () => {
    const noise = Array.from({ length: 30_000 }, (_, at) => ((at * 48_271) % 65_521).toString(36)).join(' ');
    for (let count = 0; count < 8; count++)
      await createPiece({ source: `${count} ${noise}` }, `Piece ${count}`, 1, here);
    const file = await writeBackup(9, quietly, here);
    const asked: number[] = [];
    file.arrayBuffer = () => Promise.reject(new Error('read as a whole'));
    const { slice } = file;
    file.slice = (from = 0, to = file.size) => {
      asked.push(to - from);
      return slice.call(file, from, to);
    };
    const read = await openBackup(file);
    expect(read.ok && (await restoreBackup(read.backup, 'merge', quietly, there))).toMatchObject({ added: 8, bad: 0 });
    expect(Math.max(...asked)).toBeLessThan(file.size / 4);
  });

  test('with damaged bytes leaves the piece out that they belong to; without its file a piece comes in', async () => {
    await fullPiece();
    const id = await createPiece({ source: 'It rose.' }, 'Ebb', 4, here);
    const file = await writeBackup(9, quietly, here);
    const opened = await openBackup(file);
    if (!opened.ok) throw new Error(opened.problem);
    const bytes = new Uint8Array(await file.arrayBuffer());
    for (const [name, entry] of opened.backup.entries) {
      const isHurt = name === `pieces/${id}.json` || name.endsWith('.file');
      // An entry's head ends in the lengths of its name and of its extra field, which come before the bytes.
      const start =
        entry.offset + 30 + entry.filename.length + new DataView(bytes.buffer).getUint16(entry.offset + 28, true);
      if (isHurt) bytes[start]! ^= 0x55;
    }
    const hurt = await openBackup(new Blob([bytes]));
    expect(hurt.ok && (await restoreBackup(hurt.backup, 'merge', quietly, there))).toEqual({
      added: 1,
      same: 0,
      bad: 1,
    });
    expect(await there.texts.toArray()).toMatchObject([{ source: 'The tide \ud800\nfell.' }]);
    expect((await there.texts.toArray())[0]!.origin?.bytes).toBeUndefined();
  });

  test.each([
    ['no zip', new Blob(['x']), 'not-backup'],
    ['another zip', zipOf({ 'a.txt': strToU8('x') }), 'not-backup'],
    [
      'a newer version',
      zipOf({ 'backup.json': strToU8('{"format":"lucid-ribbon/backup","version":2,"savedAt":1,"pieces":0}') }),
      'newer',
    ],
  ])('is not %s', async (_name, file, problem) => {
    expect(await openBackup(file)).toEqual({ ok: false, problem });
  });
});
