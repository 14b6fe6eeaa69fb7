import { describe, expect, jest, test } from '@jest/globals';
import { Validator } from '@seriousme/openapi-schema-validator';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { strToU8, zipSync } from 'fflate';
import { BUILT_IN_STYLES, PASSES } from '../core/index.ts';
import { PoolFull, type Pool } from '../node/pool.ts';
import { answer, type Handler } from './answer.ts';
import { clean } from './clean.ts';
import { health, openApi, passes, problem, styles } from './lists.ts';
import { openApiDocument } from './open-api.ts';
import { PROBLEMS } from './problems.ts';
import type { Services } from './services.ts';
import { settingsFrom } from './settings.ts';
import * as thread from './thread.ts';

/** Does the tasks of threads on the spot. */
const onTheSpot: Pool<thread.Tasks> = {
  run: async (name, task) => (thread[name] as (given: unknown) => never)(task),
  load: () => ({ running: 1, waiting: 0 }),
  close: async () => {},
};
const settings = { mostBytes: 10_000, mostTime: 20_000, threads: 2, queue: 1 };
const at =
  (pool: Partial<Pool<thread.Tasks>> = {}, more: Partial<Services['settings']> = {}) =>
  (): Services => ({
    settings: { ...settings, ...more },
    pool: { ...onTheSpot, ...pool },
  });

const WRAPPED = 'A tide mill asks for\nnothing but pa-\ntience.[4]\n';
const CLEAN = 'A tide mill asks for nothing but patience.';

function post(body: BodyInit, type: string | undefined, address = '', headers: Record<string, string> = {}) {
  return new Request(`http://localhost/api/clean${address}`, {
    method: 'POST',
    body,
    duplex: 'half',
    headers: { ...(type !== undefined && { 'Content-Type': type }), ...headers },
  } as RequestInit);
}

const postJson = (data: unknown, headers = {}) => post(JSON.stringify(data), 'application/json', '', headers);
const ask = (request: Request, find = at()) => answer(request, { POST: clean }, find);
const get = (handler: Handler, path = '/api/x') =>
  answer(new Request(`http://localhost${path}`), { GET: handler }, at());

const ajv = new Ajv2020({ strict: false });
ajv.addSchema(openApiDocument(), 'api');

/** An answer's JSON, which is as the API's description says. */
async function jsonOf(response: Response, schema: string): Promise<unknown> {
  const data = (await response.json()) as unknown;
  const fits = ajv.compile({ $ref: `api#/components/schemas/${schema}` });
  expect(fits(data) ? [] : fits.errors).toEqual([]);
  return data;
}

describe('POST /api/clean', () => {
  test('JSON gives JSON, with as much of a report as is asked for', async () => {
    const answered = await ask(postJson({ text: WRAPPED, options: { off: ['reference-marks'] } }));
    expect(answered.headers.get('Cache-Control')).toBe('no-store');
    expect(await jsonOf(answered, 'Cleaned')).toMatchObject({ text: `${CLEAN}[4]`, report: { words: { mended: 1 } } });
    const full = await jsonOf(await ask(postJson({ text: WRAPPED, options: { report: 'full' } })), 'Cleaned');
    expect(full).toMatchObject({ report: { removed: [{ words: ['4'] }] } });
    expect(await jsonOf(await ask(postJson({ text: '', options: { report: 'none' } })), 'Cleaned')).toEqual({
      text: '',
    });
  });

  test('text gives text, with the options of the address; the other one where it is asked for', async () => {
    const plain = await ask(post(WRAPPED, 'text/plain; charset=utf-8', '?off=reference-marks,split-words&apart=line'));
    expect(plain.headers.get('Content-Type')).toBe('text/plain; charset=utf-8');
    expect(await plain.text()).toBe('A tide mill asks for nothing but pa-tience.[4]');
    const asJson = await ask(post(WRAPPED, 'text/plain', '', { Accept: 'application/json' }));
    expect(await jsonOf(asJson, 'Cleaned')).toMatchObject({ text: CLEAN });
    expect(await (await ask(postJson({ text: WRAPPED }, { Accept: 'text/plain' }))).text()).toBe(CLEAN);
    expect(await (await ask(post('', 'text/plain'))).text()).toBe('');
  });

  test('text is read in its encoding', async () => {
    const bytes = Uint8Array.from([0xcc, 0xe8, 0xf0]);
    expect(await (await ask(post(bytes, 'text/plain; charset=windows-1251'))).text()).toBe('Мир');
  });

  test('a file is read as what it is, alone or in a form, and written as what is asked for', async () => {
    const page = '<title>Tides</title><h2>The gate</h2><p>It is <b>oak</b>.</p>';
    const alone = await ask(post(page, 'text/html', '?to=markdown'));
    expect(await alone.text()).toBe('## The gate\n\nIt is **oak**.');
    expect(alone.headers.get('Content-Type')).toBe('text/markdown; charset=utf-8');
    const form = new FormData();
    form.append('file', new Blob([page]), 'page.html');
    const request = new Request('http://localhost/api/clean?to=docx', { method: 'POST', body: form });
    const word = await ask(request);
    expect(word.headers.get('Content-Disposition')).toBe('attachment; filename="clean.docx"');
    const again = await ask(post(await word.arrayBuffer(), 'application/octet-stream', '?to=markdown'));
    expect(await again.text()).toBe('## The gate\n\nIt is **oak**.');
  });

  test.each([
    ['no JSON', post('{', 'application/json'), 'no-json', {}],
    ['a list', postJson([]), 'no-json', {}],
    ['no text', postJson({ text: 3 }), 'no-json', {}],
    ['JSON in another encoding', post(Uint8Array.from([0x22, 0xe9, 0x22]), 'application/json'), 'no-json', {}],
    [
      'an unknown pass',
      postJson({ text: '', options: { off: ['frob'] } }),
      'wrong-options',
      { place: 'options.off[0]' },
    ],
    ['options that are none', postJson({ text: '', options: [] }), 'wrong-options', { place: 'options' }],
    [
      'an unknown report',
      postJson({ text: '', options: { report: 'x' } }),
      'wrong-options',
      { place: 'options.report' },
    ],
    ['an unknown option in the address', post('', 'text/plain', '?frob=1'), 'wrong-options', {}],
    [
      'an option that is there twice',
      post('', 'text/plain', '?to=text&to=html'),
      'wrong-options',
      { place: 'options.to' },
    ],
    [
      'wrong options for JSON Lines',
      post('{}', 'application/jsonl', '?to=frob'),
      'wrong-options',
      { place: 'options.to' },
    ],
    ['no type', post(new Uint8Array(1), undefined), 'unsupported-type', {}],
    ['a form without a file', post('a=1', 'application/x-www-form-urlencoded'), 'unsupported-type', {}],
    ['a broken form', post('--x', 'multipart/form-data; boundary=x'), 'unsupported-type', {}],
    ['a broken file', post(zipSync({ a: strToU8('b') }), 'application/zip'), 'unreadable', { reason: 'damaged' }],
    [
      'bytes that are no text',
      post(new Uint8Array(90), 'application/octet-stream'),
      'unreadable',
      { reason: 'not-text' },
    ],
    ['an empty file', post('', 'application/octet-stream'), 'unreadable', { reason: 'empty' }],
    ['a long body', post('x'.repeat(10_001), 'text/plain'), 'too-large', { limit: 10_000 }],
  ] as const)('refuses %s, and says so', async (_what, request, code, details) => {
    const answered = await ask(request);
    expect(answered.status).toBe(PROBLEMS[code][0]);
    expect(answered.headers.get('Content-Type')).toBe('application/problem+json');
    expect(await jsonOf(answered, 'Problem')).toMatchObject({ type: `/api/problems/${code}`, ...details });
  });

  test('a busy server says when to try again', async () => {
    const busy = await ask(postJson({ text: '' }), at({ run: () => Promise.reject(new PoolFull()) }));
    expect([busy.status, busy.headers.get('Retry-After')]).toEqual([503, '1']);
    expect(await jsonOf(busy, 'Problem')).toMatchObject({ type: '/api/problems/busy' });
  });

  test('a cleaning that takes too long is given up, and one whose asker went away, too', async () => {
    const never: Pool<thread.Tasks>['run'] = (_name, _task, { signal } = {}) =>
      new Promise((_done, fail) => {
        const end = () => fail(new Error('aborted'));
        if (signal!.aborted) end();
        signal!.addEventListener('abort', end);
      });
    const slow = await ask(postJson({ text: '' }), at({ run: never }, { mostTime: 1 }));
    expect(await jsonOf(slow, 'Problem')).toMatchObject({ status: 503, type: '/api/problems/too-slow' });
    const gone = new AbortController();
    const answered = ask(new Request(postJson({ text: '' }), { signal: gone.signal }), at({ run: never }));
    gone.abort();
    expect(await jsonOf(await answered, 'Problem')).toMatchObject({ type: '/api/problems/gone' });
  });

  test('a fault here is told as one, without a word of what it was', async () => {
    const told = jest.spyOn(console, 'error').mockImplementation(() => {});
    const fault = await ask(postJson({ text: '' }), at({ run: () => Promise.reject(new Error('/secret/path')) }));
    const data = await jsonOf(fault, 'Problem');
    expect(data).toMatchObject({ status: 500 });
    expect(JSON.stringify(data)).not.toContain('secret');
    expect(told).toHaveBeenCalledTimes(1);
    told.mockRestore();
  });
});

describe('JSON Lines', () => {
  const post3 = (body: BodyInit) => ask(post(body, 'application/jsonl', '?apart=line'));

  test('come out in order as they come in, an error for a bad one or a long one', async () => {
    const lines = [
      '{"id":1,"text":"A.\\n\\n\\nB."}',
      '{',
      `{"id":3,"text":"${'x'.repeat(10_000)}"}`,
      '{"id":4,"text":"C"}',
    ];
    const answered = await post3(lines.join('\n'));
    const found = (await answered.text())
      .trimEnd()
      .split('\n')
      .map((line) => JSON.parse(line) as object);
    const fits = ajv.compile({ $ref: 'api#/components/schemas/CleanedLine' });
    for (const line of found) expect(fits(line)).toBe(true);
    expect(found).toMatchObject([
      { id: 1, text: 'A.\nB.' },
      { error: {} },
      { error: { message: 'is too long' } },
      { id: 4, text: 'C' },
    ]);
  });

  test('take what the address says for all of them', async () => {
    const answered = await ask(
      post('{"text":"A."}\n{"text":"B.","options":{"report":"short"}}', 'application/jsonl', '?report=none'),
    );
    const found = (await answered.text())
      .trimEnd()
      .split('\n')
      .map((line) => JSON.parse(line) as object);
    expect(found).toEqual([{ text: 'A.' }, { text: 'B.', report: expect.anything() }]);
  });

  test('no more streams at once than threads; one that ends or is given up makes room', async () => {
    const find = at();
    const known = find();
    const open = () =>
      answer(
        post(new ReadableStream({ pull: () => new Promise(() => {}) }), 'application/jsonl'),
        { POST: clean },
        () => known,
      );
    const [one, two, three] = [await open(), await open(), await open()];
    expect([one.status, two.status, three.status]).toEqual([200, 200, 503]);
    await one.body!.cancel();
    expect((await open()).status).toBe(200);
  });
});

describe('the other addresses', () => {
  test('list passes and styles, health, and what problems are', async () => {
    expect(((await (await get(passes)).json()) as { id: string }[]).map(({ id }) => id)).toEqual(
      PASSES.map(({ id }) => id),
    );
    const known = (await (await get(styles)).json()) as { id: string }[];
    expect(known.map(({ id }) => id)).toEqual(BUILT_IN_STYLES.map(({ id }) => id));
    // As it stands there, a style can be sent back.
    const style = { ...known[4], id: undefined, about: undefined };
    expect((await ask(postJson({ text: 'Um, it fell.', options: { style } }))).status).toBe(200);
    expect(await jsonOf(await get(health), 'Health')).toEqual({ status: 'ok', threads: 2, running: 1, waiting: 0 });
    for (const code of Object.keys(PROBLEMS))
      expect(await jsonOf(await get(problem, `/api/problems/${code}`), 'Problem')).toMatchObject({
        type: `/api/problems/${code}`,
      });
    expect((await get(problem, '/api/problems/toString')).status).toBe(404);
  });

  test('each list is as the description says', async () => {
    for (const [handler, schema] of [
      [passes, 'Pass'],
      [styles, 'Style'],
    ] as const) {
      const fits = ajv.compile({ type: 'array', items: { $ref: `api#/components/schemas/${schema}` } });
      expect(fits(await (await get(handler)).json())).toBe(true);
    }
  });

  test('the description is OpenAPI', async () => {
    const document = (await (await get(openApi)).json()) as object;
    expect(await new Validator().validate(document as Record<string, unknown>)).toMatchObject({ valid: true });
    const ids = Object.values((document as { paths: Record<string, Record<string, { operationId: string }>> }).paths);
    expect(ids.flatMap((path) => Object.values(path).map(({ operationId }) => operationId))).toEqual([
      'clean',
      'passes',
      'styles',
      'health',
      'openapi',
      'problem',
    ]);
  });

  test('a method that is none of an address, an address that is none, and an API that is off', async () => {
    const wrong = await answer(new Request('http://localhost/api/clean'), { POST: clean }, at());
    expect([wrong.status, wrong.headers.get('Allow')]).toEqual([405, 'POST']);
    expect((await answer(new Request('http://localhost/api/frob'), {}, at())).status).toBe(404);
    const off = await answer(postJson({ text: '' }), { POST: clean }, () => undefined);
    expect(await jsonOf(off, 'Problem')).toMatchObject({ status: 404, type: '/api/problems/off' });
  });
});

describe('settings', () => {
  test('there are none unless the API is asked for', () => {
    expect(settingsFrom({})).toBeUndefined();
    expect(settingsFrom({ LUCID_RIBBON_API: '0' })).toBeUndefined();
    expect(
      settingsFrom({ LUCID_RIBBON_API: '1', LUCID_RIBBON_API_THREADS: '3', LUCID_RIBBON_API_MOST_MB: '2' }),
    ).toEqual({
      threads: 3,
      queue: 24,
      mostBytes: 2_000_000,
      mostTime: 60_000,
    });
  });

  test.each(['0', '-1', '1.5', 'many', '1e9'])('%s threads are refused', (value) => {
    expect(() => settingsFrom({ LUCID_RIBBON_API: '1', LUCID_RIBBON_API_THREADS: value })).toThrow(RangeError);
  });
});
