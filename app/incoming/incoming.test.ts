import { describe, expect, test } from '@jest/globals';
import { readDocument } from '../../core/index.ts';
import type { readInWorker } from '../../worker/read-client.ts';
import { checkText, INCOMING_WORDS, LONGEST_TEXT, readFile, readTransfer } from './incoming.ts';
import { handOver, release, textOf } from './handover.ts';

const transfer = (parts: Record<string, string>, ...others: string[]) => ({
  types: [...Object.keys(parts), ...others],
  getData: (type: string) => parts[type] ?? '',
});

const reads: typeof readInWorker = async (bytes, asked) => readDocument(bytes, asked);
const PAGE = '<p>The tide</p><p>falls.</p>';

test.each([
  ['plain text', transfer({ 'text/plain': 'The tide' }), { ok: true, text: { source: 'The tide' }, title: '' }],
  ['a picture', transfer({}, 'Files'), { ok: false, problem: 'picture' }],
  ['nothing', transfer({}), { ok: false, problem: 'empty' }],
  ['something without text', transfer({ 'application/x-shape': 'x' }), { ok: false, problem: 'no-text' }],
  ['spaces', transfer({ 'text/plain': ' \n\t\u00a0\u200b\r\n' }), { ok: false, problem: 'only-spaces' }],
])('a clipboard with %s', async (_name, clipboard, expected) => {
  expect(await readTransfer(clipboard, reads)).toEqual(expected);
});

describe('a clipboard with formatted text', () => {
  const sourceOf = async (parts: Record<string, string>) => {
    const incoming = await readTransfer(transfer(parts), reads);
    return incoming.ok ? incoming.text.source.trim() : incoming.problem;
  };

  test('is read as such, and its plain text is kept', async () => {
    const incoming = await readTransfer(transfer({ 'text/plain': 'The tide falls.', 'text/html': PAGE }), reads);
    expect(incoming).toMatchObject({
      ok: true,
      text: { source: 'The tide\n\nfalls.\n', origin: { format: 'html', plain: 'The tide falls.' } },
    });
  });

  test.each([
    [
      'one line of letters',
      { 'text/plain': 'The tide', 'text/html': '<meta charset="utf-8"><b>The tide</b>' },
      'The tide',
    ],
    [
      'words that its markup hides',
      { 'text/plain': 'The tide falls.', 'text/html': '<p>The</p><p hidden>tide falls.</p>' },
      'The tide falls.',
    ],
    [
      'lines of code',
      {
        'text/plain': 'if (a)\n  b;',
        'text/html': '<div style="font-family: monospace; white-space: pre;"><div>if (a)</div><div>  b;</div></div>',
      },
      'if (a)\n  b;',
    ],
  ])('is read as plain text where that says more: %s', async (_name, parts, source) => {
    expect(await sourceOf(parts)).toBe(source);
  });

  test('is read as plain text where the reading fails', async () => {
    const fails: typeof readInWorker = () => Promise.reject(new Error('no worker'));
    const incoming = await readTransfer(transfer({ 'text/plain': 'The tide', 'text/html': PAGE }), fails);
    expect(incoming).toMatchObject({ ok: true, text: { source: 'The tide' } });
  });
});

test('odd characters do not keep a text out', () => {
  expect(checkText({ source: '\u0000A\ud800' }).ok).toBe(true);
});

test('a text that is too long is refused before anything is done with it', () => {
  expect(checkText({ source: 'x'.repeat(LONGEST_TEXT + 1) })).toEqual({ ok: false, problem: 'too-long' });
});

test('files are read by what they hold, kept as they were, and named by their name', async () => {
  const found = await readFile(new File(['The tide'], 'log.1.txt'), {}, reads);
  expect(found).toMatchObject({
    ok: true,
    title: 'log.1',
    text: { source: 'The tide', origin: { format: 'text', name: 'log.1.txt', encoding: 'utf-8' } },
  });
  expect(found.ok && [...found.text.origin!.bytes!]).toEqual([...new TextEncoder().encode('The tide')]);
  expect(await readFile(new File(['<html><title>Tides</title><p>The tide</p>'], 'a.html'), {}, reads)).toMatchObject({
    ok: true,
    title: 'Tides',
  });
});

test.each([
  ['a program', new File([Uint8Array.from([0, 1, 2, 3])], 'x.bin'), 'not-text'],
  ['nothing', new File([], 'x.docx'), 'empty-file'],
  ['spaces', new File(['  \n'], 'x.txt'), 'only-spaces'],
])('a file of %s is refused', async (_name, file, problem) => {
  expect(await readFile(file, {}, reads)).toEqual({ ok: false, problem });
});

test('a file that is gone, or that ends its reader, is refused; one that is stopped is no fault', async () => {
  const broken = Object.assign(new File(['x'], 'x.txt'), { arrayBuffer: () => Promise.reject(new Error('gone')) });
  expect(await readFile(broken, {}, reads)).toEqual({ ok: false, problem: 'unreadable' });
  const ends: typeof readInWorker = () => Promise.reject(new Error('the reading worker stopped'));
  expect(await readFile(new File(['x'], 'x.txt'), {}, ends)).toEqual({ ok: false, problem: 'damaged' });
  const signal = AbortSignal.abort(new Error('stopped'));
  await expect(readFile(new File(['x'], 'x.txt'), { signal }, ends)).rejects.toThrow();
});

test('every problem says what to do', () => {
  for (const words of Object.values(INCOMING_WORDS)) expect(words.detail).toMatch(/\.$/);
});

test('a text handed over stays until it is released', () => {
  const key = handOver({ source: 'The tide' });
  expect(textOf(key)).toEqual({ source: 'The tide' });
  expect(textOf(key)).toEqual({ source: 'The tide' });
  release(key);
  expect(() => textOf(key)).toThrow(RangeError);
});
