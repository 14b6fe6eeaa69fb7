import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { DEFAULT_STYLE, type Step } from '../core/index.ts';
import { openDatabase, type TextRecord, type VersionRecord } from './db.ts';
import { StorageError, toStorageError } from './errors.ts';
import { declineOffer, forgetAnswers, keepAnswer, keepTyping, loadDraft, saveDraft, typingKey } from './notes.ts';
import {
  appendSteps,
  createPiece,
  deletePiece,
  listPieces,
  loadPiece,
  moveInHistory,
  noteCleaning,
  renamePiece,
  restorePiece,
} from './pieces.ts';
import { loadKeys, saveKeys } from './preferences.ts';
import { forgetVersion, keepVersion, listVersions } from './versions.ts';

/** One database for all tests, emptied after each. */
const db = openDatabase('test');
afterEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
});

const step = (pass: string): Step => ({ kind: 'switch-pass', pass, on: false });
const problem = (code: string) => expect.objectContaining({ problem: code });

describe('pieces', () => {
  test('come back as they were stored, lone surrogates and NULs included', async () => {
    const source = 'The tide\u0000 fell \ud800 and\r\nrose \u{1f30a}';
    const id = await createPiece({ source }, 'Tides', 5, db);
    const stored = await loadPiece(id, db);
    expect(stored.source).toBe(source);
    expect(stored.piece).toMatchObject({ title: 'Tides', createdAt: 5, changedAt: 5 });
    expect(stored.history).toEqual({ steps: [], at: 0 });
  });

  test.each([
    ['\ufeff\n  12\n  The tide\tfell.\nIt rose.', 'The tide fell.'],
    ['1\n00:00:01,000 --> 00:00:02,000\nYou begin', 'You begin'],
    [`${'a'.repeat(47)}\u{1f30a}b`, 'a'.repeat(47)],
    ['12 - 14\n\n', ''],
  ])('%j is known by its first words before it has a title', async (source, opening) => {
    const { piece } = await loadPiece(await createPiece({ source }, '', 1, db), db);
    expect(piece).toMatchObject({ title: '', opening });
  });

  test('what is being typed comes back until it is a step, and goes with its piece', async () => {
    const id = await createPiece({ source: 'The tide fell.' }, 'Tides', 1, db);
    const typing = { row: 0, text: 'The tide fell at noon.', was: 'The tide fell.' };
    await keepTyping(id, typing, db);
    expect((await loadPiece(id, db)).typing).toEqual(typing);
    await appendSteps(id, 0, [step('tabs')], [], 2, db);
    expect((await loadPiece(id, db)).typing).toBeUndefined();
    await keepTyping(id, typing, db);
    await keepTyping(id, { ...typing, text: typing.was }, db);
    expect((await loadPiece(id, db)).typing).toBeUndefined();
    await db.notes.put({ key: typingKey(id), value: '{"row":"none"' });
    expect((await loadPiece(id, db)).typing).toBeUndefined();
    await deletePiece(id, 3, db);
    await listPieces(3 + 25 * 3600 * 1000, db);
    expect(await db.notes.count()).toBe(0);
  });

  test('answers that are in no step come back in the order in which they were given, and go with their piece', async () => {
    const id = await createPiece({ source: 'The tide fell.' }, 'Tides', 1, db);
    const first = { key: 'seam 9', answer: 'other', alike: false, givenAt: 5 } as const;
    const second = { key: 'edit 4', answer: 'now', alike: true, givenAt: 6 } as const;
    await keepAnswer(id, second, db);
    await keepAnswer(id, first, db);
    await keepAnswer('another', first, db);
    await db.notes.put({ key: `answer ${id} broken`, value: '{"key":1}' });
    expect((await loadPiece(id, db)).answers).toEqual([first, second]);
    await forgetAnswers(id, [first.key], db);
    expect((await loadPiece(id, db)).answers).toEqual([second]);
    await declineOffer(id, 'columns', db);
    expect((await loadPiece(id, db)).declined).toEqual(['columns']);
    await deletePiece(id, 3, db);
    await listPieces(3 + 25 * 3600 * 1000, db);
    expect(await db.notes.toCollection().primaryKeys()).toEqual(['answer another seam 9']);
  });

  test('that are not as they should be are told apart, with all that is stored of them; the others are listed', async () => {
    const good = await createPiece({ source: 'The tide fell.' }, 'Tides', 1, db);
    const bad = await createPiece({ source: 'It rose.' }, 'Ebb', 2, db);
    await db.pieces.update(bad, { title: 7 as unknown as string });
    const { pieces, unreadable } = await listPieces(3, db);
    expect(pieces.map(({ id }) => id)).toEqual([good]);
    expect(unreadable).toMatchObject([{ id: bad, title: '' }]);
    expect(JSON.parse(unreadable[0]!.raw)).toMatchObject({ piece: { title: 7 }, text: 'It rose.' });
    await expect(loadPiece(bad, db)).rejects.toEqual(problem('unreadable'));
  });

  test.each([
    ['a step', { kind: 'set-tide' }],
    ['a choice', { kind: 'choose', choice: { kind: 'tide', from: 0, to: 1 } }],
    ['a step among several', { kind: 'together', steps: [step('tabs'), { kind: 'set-tide' }] }],
    ['no step at all', 7],
  ])('with %s of a newer version are refused as such', async (_name, unknown) => {
    const id = await createPiece({ source: 'The tide fell.' }, 'Tides', 1, db);
    await appendSteps(id, 0, [unknown as Step], [], 2, db);
    await expect(loadPiece(id, db)).rejects.toEqual(problem('newer'));
  });

  test('are listed by their last change', async () => {
    const first = await createPiece({ source: 'a' }, 'A', 1, db);
    await createPiece({ source: 'b' }, 'B', 2, db);
    await renamePiece(first, 'Again', 3, db);
    await noteCleaning(first, { words: 1, doubts: 0, kind: 'wrapped' }, db);
    expect((await listPieces(4, db)).pieces.map((piece) => piece.title)).toEqual(['Again', 'B']);
  });

  test('deleted ones can be taken back for a while, then they are gone with all they had', async () => {
    const id = await createPiece({ source: 'a' }, 'A', 1, db);
    await appendSteps(id, 0, [step('tabs')], [], 2, db);
    await deletePiece(id, 10, db);
    expect((await listPieces(11, db)).pieces).toEqual([]);
    await expect(loadPiece(id, db)).rejects.toEqual(problem('gone'));
    await restorePiece(id, db);
    expect((await listPieces(12, db)).pieces).toHaveLength(1);
    await deletePiece(id, 20, db);
    await listPieces(20 + 601_000, db);
    expect(await Promise.all([db.pieces.count(), db.texts.count(), db.steps.count()])).toEqual([0, 0, 0]);
  });

  test('deleted ones go for good when their room is needed', async () => {
    const kept = await createPiece({ source: 'Kept.' }, '', 1, db);
    const gone = await createPiece({ source: 'Gone.' }, '', 2, db);
    await deletePiece(gone, 3, db);
    /** A disk that has room for two texts. */
    const isFull = async () => {
      if ((await db.texts.count()) >= 2) throw new DOMException('full', 'QuotaExceededError');
    };
    const add = jest
      .spyOn(db.texts, 'add')
      .mockImplementation(((text: TextRecord) =>
        isFull().then(() => db.texts.put(text))) as unknown as typeof db.texts.add);
    const created = await createPiece({ source: 'New.' }, '', 4, db);
    expect((await db.texts.toCollection().primaryKeys()).sort()).toEqual([kept, created].sort());
    await expect(createPiece({ source: 'More.' }, '', 5, db)).rejects.toMatchObject({ problem: 'full' });
    expect((await listPieces(6, db)).pieces).toHaveLength(2);
    add.mockRestore();
  });

  test('what was done in a piece is stored in the room of deleted ones too', async () => {
    const kept = await createPiece({ source: 'Kept.' }, '', 1, db);
    await deletePiece(await createPiece({ source: 'Gone.' }, '', 2, db), 3, db);
    const put = jest
      .spyOn(db.steps, 'bulkPut')
      .mockImplementationOnce((() =>
        Promise.reject(new DOMException('full', 'QuotaExceededError'))) as unknown as typeof db.steps.bulkPut);
    await appendSteps(kept, 0, [step('tabs')], [], 4, db);
    put.mockRestore();
    expect((await loadPiece(kept, db)).history.steps).toEqual([step('tabs')]);
    expect(await db.texts.count()).toBe(1);
  });

  test('one that the database does not store in time is not waited for', async () => {
    const add = jest.spyOn(db.texts, 'add').mockImplementationOnce((() => new Promise(() => undefined)) as never);
    await expect(createPiece({ source: 'Slow.' }, '', 1, db, 20)).rejects.toMatchObject({ problem: 'silent' });
    add.mockRestore();
  });

  test('what is not there is gone', async () => {
    await expect(loadPiece('none', db)).rejects.toEqual(problem('gone'));
    await expect(renamePiece('none', 'x', 1, db)).rejects.toEqual(problem('gone'));
    await expect(appendSteps('none', 0, [step('tabs')], [], 1, db)).rejects.toEqual(problem('gone'));
  });
});

describe('history', () => {
  test('steps, undo and redo come back after a reload; a step after an undo forgets what was undone', async () => {
    const id = await createPiece({ source: 'a' }, 'A', 1, db);
    await appendSteps(id, 0, [step('tabs')], [], 2, db);
    await appendSteps(id, 1, [step('rules')], [], 3, db);
    await moveInHistory(id, 2, 1, 4, db);
    expect((await loadPiece(id, db)).history).toEqual({ steps: [step('tabs'), step('rules')], at: 1 });
    await moveInHistory(id, 1, 2, 5, db);
    await moveInHistory(id, 2, 0, 6, db);
    await appendSteps(id, 0, [step('ligatures')], [], 7, db);
    expect((await loadPiece(id, db)).history).toEqual({ steps: [step('ligatures')], at: 1 });
  });

  test('a step of a tab that was outrun comes after those of the other tab, and that tab is told', async () => {
    const id = await createPiece({ source: 'a' }, 'A', 1, db);
    expect(await appendSteps(id, 0, [step('tabs')], [], 2, db)).toEqual({ merged: false });
    expect(await appendSteps(id, 0, [step('rules')], [], 3, db)).toEqual({ merged: true });
    expect((await loadPiece(id, db)).history).toEqual({ steps: [step('tabs'), step('rules')], at: 2 });
  });

  test('an undo of a tab that was outrun stores nothing and is told', async () => {
    const id = await createPiece({ source: 'a' }, 'A', 1, db);
    await appendSteps(id, 0, [step('tabs')], [], 2, db);
    await expect(moveInHistory(id, 0, 1, 3, db)).rejects.toEqual(problem('outrun'));
    await expect(moveInHistory(id, 1, 2, 3, db)).rejects.toEqual(problem('outrun'));
    expect((await loadPiece(id, db)).history.steps).toEqual([step('tabs')]);
  });
});

test('a draft is kept until it is emptied', async () => {
  expect(await loadDraft(db)).toBe('');
  await saveDraft('The tide', db);
  expect(await loadDraft(db)).toBe('The tide');
  await saveDraft('', db);
  expect(await loadDraft(db)).toBe('');
});

test.each([
  [{ name: 'QuotaExceededError' }, 'full'],
  [{ name: 'AbortError', inner: { name: 'QuotaExceededError' } }, 'full'],
  [{ name: 'OpenFailedError' }, 'unavailable'],
  [new TypeError('x'), 'unknown'],
  [new StorageError('outrun'), 'outrun'],
])('%j means %s', (error, code) => {
  expect(toStorageError(error).problem).toBe(code);
});

describe('versions', () => {
  const version = (id: string, pieceId: string, keptAt: number): VersionRecord => ({
    id,
    pieceId,
    name: `Version ${id}`,
    keptAt,
    outcome: { style: DEFAULT_STYLE, choices: [] },
  });

  test('come with their piece, the last first, and go with it', async () => {
    const id = await createPiece({ source: 'a' }, 'A', 1, db);
    await keepVersion(version('1', id, 5), db);
    await keepVersion(version('2', id, 9), db);
    await keepVersion(version('3', 'another', 9), db);
    expect((await loadPiece(id, db)).versions.map((kept) => kept.id)).toEqual(['2', '1']);
    await forgetVersion('2', db);
    expect(await listVersions(id, db)).toEqual([version('1', id, 5)]);
    await deletePiece(id, 10, db);
    await listPieces(11 + 25 * 3600 * 1000, db);
    expect(await listVersions(id, db)).toEqual([]);
  });
});

test('own keys are kept; what is none is left out', async () => {
  expect(await loadKeys(db)).toEqual({});
  await saveKeys({ later: 'w' }, db);
  expect(await loadKeys(db)).toEqual({ later: 'w' });
  await db.notes.put({ key: 'keys', value: '{"later":7,"hold":"q","x":"long"}' });
  expect(await loadKeys(db)).toEqual({ hold: 'q' });
  await db.notes.put({ key: 'keys', value: 'nonsense' });
  expect(await loadKeys(db)).toEqual({});
});
