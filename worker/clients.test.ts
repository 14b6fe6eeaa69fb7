import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';

/* The workers themselves are run in the browser; here is what holds them. */

class FakeWorker extends EventTarget {
  static all: FakeWorker[] = [];
  isTerminated = false;
  constructor() {
    super();
    FakeWorker.all.push(this);
  }
  terminate() {
    this.isTerminated = true;
  }
}
const remote = {
  load: jest.fn<(texts: unknown) => Promise<unknown>>(),
  find: jest.fn<() => Promise<unknown>>(),
  lines: jest.fn<() => Promise<unknown>>(),
  read: jest.fn<() => Promise<unknown>>(),
};
const same = <T>(value: T) => value;
jest.unstable_mockModule('comlink', () => ({ wrap: () => remote, proxy: same, transfer: same }));
const { startSearch } = await import('./search-client.ts');
const { readInWorker } = await import('./read-client.ts');
const { startCleaning, startCleaningAhead } = await import('./client.ts');

const never = () => new Promise<never>(() => undefined);
const QUERY = { text: 'tide', expression: false, matchCase: false, wholeWords: false };
const FOUND = { status: 'found', count: 1 };

beforeEach(() => {
  jest.resetAllMocks();
  remote.load.mockResolvedValue(undefined);
  FakeWorker.all = [];
  Object.assign(globalThis, { Worker: FakeWorker });
});

describe('a search', () => {
  beforeEach(() => {
    jest.useFakeTimers();
  });
  afterEach(() => {
    jest.useRealTimers();
  });

  test('starts its worker with the texts when it is first asked, and keeps it', async () => {
    remote.find.mockResolvedValue(FOUND);
    const search = startSearch();
    search.load({ clean: 'tide', source: 'tide' });
    expect(FakeWorker.all).toHaveLength(0);
    expect(await search.find(QUERY)).toBe(FOUND);
    expect(await search.find(QUERY)).toBe(FOUND);
    expect(FakeWorker.all).toHaveLength(1);
    expect(remote.load).toHaveBeenCalledTimes(1);
  });

  test('that takes too long is stopped and told of; the next has a new worker with the same texts', async () => {
    remote.find.mockImplementationOnce(never).mockResolvedValueOnce(FOUND);
    const search = startSearch(1000);
    search.load({ clean: 'a', source: 'b' });
    const hopeless = search.find(QUERY);
    await jest.advanceTimersByTimeAsync(1000);
    expect(await hopeless).toEqual({ status: 'too-slow' });
    expect(FakeWorker.all[0]!.isTerminated).toBe(true);
    expect(await search.find(QUERY)).toBe(FOUND);
    expect(FakeWorker.all).toHaveLength(2);
    expect(remote.load).toHaveBeenLastCalledWith({ clean: 'a', source: 'b' });
  });

  test('the time in which a worker starts is no fault of an expression', async () => {
    remote.load.mockImplementationOnce(() => new Promise((resolve) => setTimeout(() => resolve(undefined), 5000)));
    remote.find.mockResolvedValue(FOUND);
    const found = startSearch(1000).find(QUERY);
    await jest.advanceTimersByTimeAsync(5000);
    expect(await found).toBe(FOUND);
  });

  test('that is closed ends its worker; lines that come too late are none', async () => {
    remote.lines.mockImplementation(never);
    const search = startSearch(1000);
    const lines = search.lines(QUERY, '', [0], [4]);
    await jest.advanceTimersByTimeAsync(1000);
    expect(await lines).toEqual([]);
    search.close();
    expect(FakeWorker.all.every(({ isTerminated }) => isTerminated)).toBe(true);
  });
});

describe('reading a file', () => {
  const bytes = () => new Uint8Array([1, 2, 3]);

  test('has a worker of its own, which ends with it', async () => {
    remote.read.mockResolvedValue({ ok: true });
    expect(await readInWorker(bytes(), { name: 'a.pdf' })).toEqual({ ok: true });
    expect(FakeWorker.all.map(({ isTerminated }) => isTerminated)).toEqual([true]);
  });

  test('is stopped by its signal, also by one that was given before', async () => {
    remote.read.mockImplementation(never);
    const control = new AbortController();
    const read = readInWorker(bytes(), { name: 'a.pdf', signal: control.signal });
    control.abort(new Error('not wanted'));
    await expect(read).rejects.toThrow('not wanted');
    await expect(readInWorker(bytes(), { name: 'a.pdf', signal: control.signal })).rejects.toThrow('not wanted');
    expect(FakeWorker.all.every(({ isTerminated }) => isTerminated)).toBe(true);
  });

  test('a worker that dies is told of', async () => {
    remote.read.mockImplementation(never);
    const read = readInWorker(bytes(), { name: 'a.pdf' });
    FakeWorker.all[0]!.dispatchEvent(Object.assign(new Event('error'), { message: 'out of memory' }));
    await expect(read).rejects.toThrow('out of memory');
  });
});

describe('a cleaning', () => {
  test('takes the worker that was started ahead, and the next one starts its own', () => {
    startCleaningAhead();
    startCleaningAhead();
    expect(FakeWorker.all).toHaveLength(1);
    const first = startCleaning();
    expect(FakeWorker.all).toHaveLength(1);
    const second = startCleaning();
    expect(FakeWorker.all).toHaveLength(2);
    first.close();
    expect(FakeWorker.all.map(({ isTerminated }) => isTerminated)).toEqual([true, false]);
    second.close();
  });

  test('does not take a worker that failed to load while it waited', () => {
    startCleaningAhead();
    FakeWorker.all[0]!.dispatchEvent(Object.assign(new Event('error'), { message: 'no network' }));
    startCleaning().close();
    expect(FakeWorker.all.map(({ isTerminated }) => isTerminated)).toEqual([false, true]);
  });
});
