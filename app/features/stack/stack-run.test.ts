import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean, cleanText, readDocument, USUAL_STYLE } from '../../../core/index.ts';
import type { StackFile, StackSettings, StoredStack } from '../../../storage/stack.ts';
import { GivenUpError, type StackPool } from '../../../worker/stack-pool.ts';
import { createStackService } from '../../../worker/stack-service.ts';
import { isWaiting, startStack, type StackStore } from './stack-run.ts';

const SETTINGS: StackSettings = { chosen: '', styles: [USUAL_STYLE], answers: [] };
const service = createStackService({
  fetchWords: () => Promise.resolve(undefined),
  openPdf: async function* () {},
});

/** Keeps files in memory. */
function fakeStore(stored: readonly StackFile[] = []) {
  const rows = new Map<number, StackFile>(stored.map((file) => [file.id, file]));
  const blobs = new Map<number, Blob>(stored.map(({ id }) => [id, new Blob([`The tide\nfell ${id}.`])]));
  const kept: { settings?: StackSettings } = {};
  let next = Math.max(0, ...rows.keys());
  const store: StackStore = {
    add: async (files) =>
      files.map(({ name, blob }) => {
        const file = { id: ++next, name, size: blob.size };
        rows.set(file.id, file);
        blobs.set(file.id, blob);
        return file;
      }),
    bytes: async (id) => blobs.get(id),
    save: async (files) => files.forEach((file) => rows.set(file.id, file)),
    remove: async (ids) => ids.forEach((id) => rows.delete(id)),
    saveSettings: async (settings) => void (kept.settings = settings),
  };
  return { store, rows, kept };
}

/** Does everything at once, but for what `fails` says. */
function fakePool(
  fails: (name: string) => 'too-slow' | 'hangs' | undefined = () => undefined,
): StackPool & { busiest: () => number } {
  let busy = 0;
  let busiest = 0;
  return {
    size: 2,
    busiest: () => busiest,
    async run(ask, _limit, signal) {
      busiest = Math.max(busiest, ++busy);
      try {
        const asked = {
          ...service,
          clean: (task: Parameters<typeof service.clean>[0]) => guard(task.name, signal, () => service.clean(task)),
        };
        return await ask(asked);
      } finally {
        busy--;
      }
    },
    close: () => {},
  };
  async function guard<T>(name: string, signal: AbortSignal, work: () => Promise<T>): Promise<T> {
    const how = fails(name);
    if (how === 'hangs')
      return new Promise((_done, fail) => signal.addEventListener('abort', () => fail(signal.reason as Error)));
    if (how) throw new GivenUpError(how);
    return work();
  }
}

const named = (...names: string[]) =>
  names.map((name) => ({ name, blob: new Blob([`The tide fell at ${name}\n\nThe tide fell.. Then  it rose.`]) }));
const start = (stored: Partial<StoredStack>, store: StackStore, pool = fakePool()) =>
  startStack({ files: [], settings: undefined, ...stored }, SETTINGS, store, pool);

async function until(run: ReturnType<typeof startStack>, holds: () => boolean): Promise<void> {
  while (!holds()) await jest.advanceTimersByTimeAsync(50);
  void run;
}

const isDone = (run: ReturnType<typeof startStack>) => () =>
  run.now().files.every((file) => !isWaiting(file)) && run.now().working.size === 0;

beforeEach(() => void jest.useFakeTimers({ doNotFake: ['performance'] }));
afterEach(() => void jest.useRealTimers());

describe('a stack at work', () => {
  test('cleans what is put on it, no more at once than there are workers, and stores what came of it', async () => {
    const { store, rows } = fakeStore();
    const pool = fakePool();
    const run = start({}, store, pool);
    await run.add(named('a.txt', 'b.txt', 'c.txt', 'd.txt', 'e.txt'));
    await until(run, isDone(run));
    expect(pool.busiest()).toBe(2);
    expect(run.now().files.map(({ name, result }) => [name, result?.words.wordsOut])).toEqual(
      ['a.txt', 'b.txt', 'c.txt', 'd.txt', 'e.txt'].map((name) => [name, 12]),
    );
    await jest.advanceTimersByTimeAsync(1000);
    expect([...rows.values()]).toEqual(run.now().files);
    run.close();
  });

  test('one bad file stops no other, and can be tried again', async () => {
    const { store } = fakeStore();
    const bad = new Set(['b.txt']);
    const run = start(
      {},
      store,
      fakePool((name) => (bad.has(name) ? 'too-slow' : undefined)),
    );
    await run.add([
      ...named('a.txt', 'b.txt'),
      { name: 'c.docx', blob: new Blob(['PK\u0003\u0004']) },
      ...named('d.txt'),
    ]);
    await until(run, isDone(run));
    expect(run.now().files.map(({ problem }) => problem)).toEqual([undefined, 'too-slow', 'damaged', undefined]);
    bad.clear();
    run.retry([2, 3]);
    expect(isDone(run)()).toBe(false);
    await until(run, isDone(run));
    expect(run.now().files.map(({ problem }) => problem)).toEqual([undefined, undefined, 'damaged', undefined]);
    run.close();
  });

  test('stops at once, loses nothing, and goes on', async () => {
    const { store } = fakeStore();
    let hangs = true;
    const run = start(
      {},
      store,
      fakePool((name) => (hangs && name !== 'a.txt' ? 'hangs' : undefined)),
    );
    await run.add(named('a.txt', 'b.txt', 'c.txt'));
    await until(run, () => run.now().files[0]!.result !== undefined);
    run.stop();
    await until(run, () => run.now().working.size === 0);
    expect(run.now().isStopped).toBe(true);
    expect(run.now().files.map((file) => isWaiting(file))).toEqual([false, true, true]);
    hangs = false;
    run.goOn();
    await until(run, isDone(run));
    expect(run.now().files.every(({ result }) => result)).toBe(true);
    run.close();
  });

  test('goes on where it was after a reload', async () => {
    const stored = await Promise.resolve<StackFile[]>([
      { id: 3, name: 'a.txt', size: 9, problem: 'protected' },
      { id: 4, name: 'b.txt', size: 9 },
    ]);
    const { store } = fakeStore(stored);
    const run = start({ files: stored, settings: { ...SETTINGS, chosen: 'usual' } }, store);
    await until(run, isDone(run));
    expect(run.now().files.map(({ problem, result }) => problem ?? result?.words.wordsOut)).toEqual(['protected', 4]);
    expect(run.now().settings.chosen).toBe('usual');
    run.close();
  });

  test('an answer settles its doubt in all files that ask it, and can be taken back', async () => {
    const { store, kept } = fakeStore();
    const run = start({}, store);
    const blob = new Blob([readFileSync('samples/texts/tide-mills.txt', 'utf8')]);
    await run.add(['a.txt', 'b.txt'].map((name) => ({ name, blob })));
    await until(run, isDone(run));
    const text = async () => new TextDecoder().decode((await run.write(1, 'text', false))!.bytes);
    const before = await text();
    const [question] = run.now().files[0]!.result!.questions;
    expect(run.now().files.map(({ result }) => result!.doubts)).toEqual([1, 1]);
    await run.answer({ topic: question!.topic, reading: question!.other });
    await until(run, isDone(run));
    expect(run.now().files.map(({ result }) => result!.doubts)).toEqual([0, 0]);
    const after = await text();
    expect(after).not.toBe(before);
    // The change record brings the same back.
    const again = await readDocument((await run.write(1, 'text', true))!.record!, {});
    const { style, choices } = (again as Extract<typeof again, { ok: true }>).document.outcome!;
    expect(`${cleanText(clean(await blob.text(), style, choices))}\n`).toBe(after);
    expect((await run.open(2))!.step).toBeDefined();
    expect(kept.settings!.answers).toHaveLength(1);
    await run.withdraw(question!.topic);
    await until(run, isDone(run));
    expect(run.now().files.map(({ result }) => result!.doubts)).toEqual([1, 1]);
    expect(await text()).toBe(before);
    run.close();
  });

  test('another style cleans all files anew, those that are at work, too', async () => {
    const { store } = fakeStore();
    const run = start({}, store);
    await run.add(named('a.txt', 'b.txt', 'c.txt'));
    const loud = { id: 'loud', name: 'Loud', style: { ...USUAL_STYLE.style, passes: { 'doubled-spaces': false } } };
    await run.choose({ chosen: 'loud', styles: [loud] });
    await until(run, isDone(run));
    expect(run.now().files.map(({ result }) => result!.style)).toEqual(['Loud', 'Loud', 'Loud']);
    run.close();
  });

  test('what is taken off can be put back; emptied, the stack forgets its answers, and has them again when that is undone', async () => {
    const { store, kept } = fakeStore();
    const run = start({}, store);
    await run.add(named('a.txt', 'b.txt'));
    await run.answer({ topic: 'x', reading: 'kept' });
    const putBack = await run.remove([1]);
    expect(run.now().files.map(({ name }) => name)).toEqual(['b.txt']);
    await putBack();
    await until(run, isDone(run));
    expect(run.now().files.map(({ name, result }) => [name, result!.words.wordsOut])).toEqual([
      ['b.txt', 12],
      ['a.txt', 12],
    ]);
    const bringBack = await run.clear();
    expect([run.now().files, run.now().settings.answers, kept.settings!.answers]).toEqual([[], [], []]);
    await bringBack();
    await until(run, isDone(run));
    expect(run.now().files.map(({ name }) => name)).toEqual(['b.txt', 'a.txt']);
    expect(kept.settings!.answers).toHaveLength(1);
    run.close();
  });

  test('what is asked for is done even where it cannot be stored', async () => {
    const { store } = fakeStore();
    const run = start({}, { ...store, saveSettings: () => Promise.reject(new Error('full')) });
    await run.add(named('a.txt'));
    await until(run, isDone(run));
    const loud = { id: 'loud', name: 'Loud', style: USUAL_STYLE.style };
    await expect(run.choose({ chosen: 'loud', styles: [loud] })).rejects.toThrow('full');
    await until(run, isDone(run));
    expect(run.now().files[0]!.result!.style).toBe('Loud');
    run.close();
  });

  test('what is taken off is gone, and its outcome is not stored', async () => {
    const { store, rows } = fakeStore();
    const run = start({}, store);
    await run.add(named('a.txt', 'b.txt'));
    await run.remove([1]);
    await until(run, isDone(run));
    await jest.advanceTimersByTimeAsync(1000);
    expect([...rows.keys()]).toEqual([2]);
    run.close();
  });
});
