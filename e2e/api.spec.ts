import { spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { get, type IncomingMessage } from 'node:http';
import { connect } from 'node:net';
import { readFileSync } from 'node:fs';
import { SAMPLES } from '../samples/index.ts';
import { openServers } from './own-server.ts';
import { copyClean, expect, openSample, test } from './test.ts';

const LONG = 'The tide mill asks for nothing\nbut patience, and it waits.\n\n'.repeat(40_000);

test('page, command and API give the same clean text of every sample', async ({ page, request }) => {
  for (const { id, title } of SAMPLES) {
    const file = `samples/texts/${id}.txt`;
    const text = readFileSync(file, 'utf8');
    const { stdout } = spawnSync('node', ['bin/lucid-ribbon.js', 'clean', file], { encoding: 'utf8' });
    const answered = await request.post('/api/clean', { data: { text } });
    expect(((await answered.json()) as { text: string }).text).toBe(stdout.replace(/\n$/, ''));
    await openSample(page, title);
    expect((await copyClean(page)).plain).toBe(stdout.replace(/\n$/, ''));
  }
});

test('JSON Lines are answered while they come in', async ({ baseURL }) => {
  const lines = new TransformStream<Uint8Array, Uint8Array>();
  const writer = lines.writable.getWriter();
  const say = (data: object) => writer.write(new TextEncoder().encode(`${JSON.stringify(data)}\n`));
  const headers = { 'Content-Type': 'application/jsonl' };
  const asked = fetch(`${baseURL}/api/clean`, {
    method: 'POST',
    body: lines.readable,
    headers,
    duplex: 'half',
  } as RequestInit);
  await say({ id: 1, text: 'The tide\nfell.' });
  const reader = (await asked).body!.pipeThrough(new TextDecoderStream()).getReader();
  expect(JSON.parse((await reader.read()).value!)).toMatchObject({ id: 1 });
  await say({ id: 2, text: 'It  rose.' });
  expect(JSON.parse((await reader.read()).value!)).toMatchObject({ id: 2, text: 'It rose.' });
  await writer.close();
  expect((await reader.read()).done).toBe(true);
});

test.describe('a server of its own', () => {
  const { start, endAll } = openServers();
  test.afterEach(endAll);

  test('has no API unless it is asked for', async () => {
    const { address } = await start(4395);
    const answered = await fetch(`${address}/api/health`);
    expect([answered.status, ((await answered.json()) as { type: string }).type]).toEqual([404, '/api/problems/off']);
    expect((await fetch(address)).status).toBe(200);
    // A browser that was led here under another name gets nothing.
    const [foreign] = (await once(
      get(`${address}/api/health`, { headers: { Host: 'elsewhere.example' } }),
      'response',
    )) as [IncomingMessage];
    expect(foreign.statusCode).toBe(403);
    foreign.resume();
  });

  test('work is refused when too much of it waits, ends when its asker goes, and the server stays well', async () => {
    const few = { LUCID_RIBBON_API: '1', LUCID_RIBBON_API_THREADS: '1', LUCID_RIBBON_API_QUEUE: '1' };
    const { address } = await start(4397, few);
    const health = async () =>
      (await (await fetch(`${address}/api/health`)).json()) as { running: number; waiting: number };
    const post = (signal?: AbortSignal) =>
      fetch(`${address}/api/clean`, { method: 'POST', body: LONG, headers: { 'Content-Type': 'text/plain' }, signal });
    const asker = new AbortController();
    const [first, second] = [post(asker.signal), post(asker.signal)];
    await expect.poll(health).toMatchObject({ running: 1, waiting: 1 });
    const third = await post();
    expect([third.status, third.headers.get('Retry-After')]).toEqual([503, '1']);
    asker.abort();
    await expect(first).rejects.toThrow();
    await expect(second).rejects.toThrow();
    await expect.poll(health).toMatchObject({ running: 0, waiting: 0 });
    expect((await post()).status).toBe(200);
  });

  test('finishes what it is at when it is to end, and does not wait for who says nothing', async () => {
    const { child, address, said } = await start(4396, { LUCID_RIBBON_API: '1' });
    const headers = { 'Content-Type': 'text/plain' };
    // Its thread is there already.
    await fetch(`${address}/api/clean?to=html`, { method: 'POST', body: 'secret words', headers });
    const silent = connect(4396, '127.0.0.1');
    await once(silent, 'connect');
    silent.write('POST /api/clean HTTP/1.1\r\nHost: localhost\r\n');
    const asker = connect(4396, '127.0.0.1');
    let answer = '';
    asker.on('data', (chunk: Buffer) => (answer += chunk.toString()));
    asker.write(
      'POST /api/clean HTTP/1.1\r\nHost: localhost\r\nContent-Type: text/plain\r\nContent-Length: 15\r\nExpect: 100-continue\r\n\r\n',
    );
    await expect.poll(() => answer).toContain('100 Continue');
    child.kill('SIGTERM');
    asker.write('The  tide fell.');
    await once(asker, 'close');
    expect(answer).toMatch(/ 200 OK[^]*The tide fell\./);
    expect(child.exitCode ?? (await once(child, 'exit'))[0]).toBe(0);
    silent.destroy();
    const lines = said()
      .trim()
      .split('\n')
      .slice(1)
      .map((line) => JSON.parse(line) as object);
    expect(lines[0]).toMatchObject({ method: 'POST', path: '/api/clean', status: 200 });
    expect(said()).not.toContain('secret');
    expect(said()).not.toContain('html');
  });
});
