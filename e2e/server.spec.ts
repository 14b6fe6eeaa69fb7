import { once } from 'node:events';
import { request, type IncomingMessage } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { text } from 'node:stream/consumers';
import express from 'express';
import { openServers } from './own-server.ts';
import { PORT } from './setup.ts';
import { expect, test } from './test.ts';

interface Asked {
  readonly path: string;
  readonly method?: string;
  readonly headers?: Record<string, string>;
}

async function ask({ path, method = 'GET', headers = {} }: Asked, port = PORT) {
  // Unlike fetch, this sends any method, any path and any name.
  const asked = request({ host: '127.0.0.1', port, path, method, headers: { Accept: 'text/html', ...headers } }).end();
  const [answer] = (await once(asked, 'response')) as [IncomingMessage];
  return { status: answer.statusCode, headers: answer.headers, body: await text(answer) };
}

const INSIDES = /node_modules|\bat \S+ \(|\.m?js:\d|Express|React|Error:|\/home\/|\/work\/|process/;

const REFUSED: readonly (readonly [status: number, asked: Asked])[] = [
  [400, { path: '/%E0%A4%A' }],
  [400, { path: '/piece/%' }],
  [400, { path: '/piece/%00' }],
  [403, { path: '/', headers: { Host: 'elsewhere.example' } }],
  [403, { path: '/service-worker.js', headers: { Host: 'elsewhere.example:4173' } }],
  [404, { path: '/nothing/here' }],
  [404, { path: '/assets/root-old.js' }],
  [404, { path: '/assets/..%2f..%2fserver%2findex.js' }],
  [404, { path: '/../../etc/passwd' }],
  [404, { path: '/api/nothing' }],
  [405, { path: '/', method: 'TRACE' }],
  [405, { path: '/api/clean', method: 'TRACE' }],
  [405, { path: '/', method: 'DELETE' }],
  [405, { path: '/stack', method: 'POST' }],
  [405, { path: '/', method: 'OPTIONS' }],
];

test('what is refused gets a page of ours that tells nothing of the insides', async () => {
  for (const [status, asked] of REFUSED) {
    const answer = await ask(asked);
    expect([answer.status, asked.path]).toEqual([status, asked.path]);
    expect(answer.body.replace(/<script[^]*?<\/script>|<link[^>]*>/g, '')).not.toMatch(INSIDES);
    expect(answer.headers['content-type']).toMatch(
      asked.path.startsWith('/api') && asked.method !== 'TRACE' ? /json/ : /html/,
    );
    if (status === 405) expect(answer.headers.allow).toBe('GET, HEAD');
  }
});

test('every kind of answer keeps other sites out and says how long it may be kept', async () => {
  const page = await ask({ path: '/' });
  const asset = /\/assets\/[\w.-]+\.js/.exec(page.body)![0];
  const kept = {
    '/': 'no-store',
    '/nothing/here': 'no-store',
    '/assets/root-old.js': 'no-store',
    '/api/health': 'no-store',
    '/service-worker.js': 'no-cache',
    '/manifest.webmanifest': 'no-cache',
    '/ribbon.svg': 'public,max-age=3600',
    [asset]: 'public,max-age=31536000,immutable',
  };
  for (const [path, cached] of Object.entries(kept)) {
    const { headers } = await ask({ path });
    expect([path, headers['cache-control']]).toEqual([path, cached]);
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'cross-origin-opener-policy': 'same-origin',
      'cross-origin-resource-policy': 'same-origin',
    });
    expect(headers['permissions-policy']).toContain('camera=()');
    expect(headers['x-powered-by']).toBeUndefined();
  }
  const packed = await ask({ path: asset, headers: { 'Accept-Encoding': 'br' } });
  expect(packed.headers['content-encoding']).toBe('br');
});

test('what is no request of HTTP is refused in HTTP, and the server goes on', async () => {
  for (const sent of [
    'GET / HTTP/1.1\r\nno header\r\n\r\n',
    'NONSENSE\r\n\r\n',
    `GET / HTTP/1.1\r\nA: ${'a'.repeat(40_000)}\r\n\r\n`,
  ]) {
    const socket = connect(PORT, '127.0.0.1');
    socket.write(sent);
    const answer = await text(socket);
    expect(answer).toMatch(/^HTTP\/1\.1 4\d\d [^]*no request that can be read/);
    expect(answer).not.toMatch(INSIDES);
  }
  expect((await ask({ path: '/' })).status).toBe(200);
});

test.describe('a server of its own', () => {
  const { start, endAll } = openServers();
  test.afterEach(endAll);

  test('ends within two seconds, whatever is half open', async () => {
    const port = 4398;
    const { child } = await start(port, { LUCID_RIBBON_API: '1' });
    const halves = [
      '',
      'GET / HT',
      'POST /api/clean HTTP/1.1\r\nHost: localhost\r\nContent-Type: text/plain\r\nContent-Length: 999\r\n\r\nThe tide',
      'POST /api/clean HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/jsonl\r\nTransfer-Encoding: chunked\r\n\r\n',
      'GET / HTTP/1.1\r\nHost: localhost\r\nConnection: keep-alive\r\n\r\n',
    ];
    const sockets = await Promise.all(
      halves.map(async (sent) => {
        const socket = connect(port, '127.0.0.1').on('error', () => undefined);
        await once(socket, 'connect');
        if (sent !== '') socket.write(sent);
        return socket;
      }),
    );
    expect((await ask({ path: '/' }, port)).status).toBe(200);
    const begun = performance.now();
    child.kill('SIGTERM');
    const [code] = (await once(child, 'exit')) as [number | null];
    expect(performance.now() - begun).toBeLessThan(2000);
    expect(code).toBe(0);
    for (const socket of sockets) socket.destroy();
  });

  test('goes by further names where they are given', async () => {
    const { child } = await start(4399, { HOSTS: 'mill.example,quay.example' });
    const status = async (name: string) => (await ask({ path: '/', headers: { Host: name } }, 4399)).status;
    expect(await status('quay.example:4399')).toBe(200);
    expect(await status('[::1]:4399')).toBe(200);
    expect(await status('wrackby.example')).toBe(403);
    child.kill();
  });
});

test('two hundred at once are all answered, the last not long after the middle one', async () => {
  const bare = express()
    .get('/', (_request, response) => void response.send('The tide fell.'))
    .listen(0, '127.0.0.1');
  await once(bare, 'listening');
  const { port } = bare.address() as AddressInfo;
  const timesAt = async (at: number) => {
    const begun = performance.now();
    const times = await Promise.all(
      Array.from({ length: 200 }, async () => {
        expect((await ask({ path: '/' }, at)).status).toBe(200);
        return performance.now() - begun;
      }),
    );
    times.sort((a, b) => a - b);
    return { middle: times[100]!, last: times[198]! };
  };
  await timesAt(PORT);
  const [page, plain] = [await timesAt(PORT), await timesAt(port)];
  const shown = ({ middle, last }: typeof page) => `median ${middle.toFixed(0)} ms, 99 % ${last.toFixed(0)} ms`;
  test.info().annotations.push({ type: 'page', description: shown(page) }, { type: 'bare', description: shown(plain) });
  process.stdout.write(`200 at once: page ${shown(page)}; a bare answer ${shown(plain)}\n`);
  expect(page.last / page.middle).toBeLessThan(5);
  bare.close();
});
