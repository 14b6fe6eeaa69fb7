import { expect, test } from '@jest/globals';
import { checkText, INCOMING_WORDS, LONGEST_TEXT, readFile, readTransfer } from './incoming.ts';
import { handOver, release, textOf } from './handover.ts';

const transfer = (parts: Record<string, string>, ...others: string[]) => ({
  types: [...Object.keys(parts), ...others],
  getData: (type: string) => parts[type] ?? '',
});

test.each([
  [
    'text',
    transfer({ 'text/plain': 'The tide', 'text/html': '<p>The tide</p>' }),
    { ok: true, text: 'The tide', title: '' },
  ],
  ['a picture', transfer({}, 'Files'), { ok: false, problem: 'picture' }],
  ['nothing', transfer({}), { ok: false, problem: 'empty' }],
  ['something without text', transfer({ 'application/x-shape': 'x' }), { ok: false, problem: 'no-text' }],
  ['spaces', transfer({ 'text/plain': ' \n\t\u00a0\u200b\r\n' }), { ok: false, problem: 'only-spaces' }],
])('a clipboard with %s', (_name, clipboard, expected) => {
  expect(readTransfer(clipboard)).toEqual(expected);
});

test('odd characters do not keep a text out', () => {
  expect(checkText('\u0000A\ud800').ok).toBe(true);
});

test('a text that is too long is refused before anything is done with it', () => {
  expect(checkText('x'.repeat(LONGEST_TEXT + 1))).toEqual({ ok: false, problem: 'too-long' });
});

test('files are read by what they hold, and named by their name', async () => {
  expect(await readFile(new File(['The tide'], 'log.1.txt'))).toEqual({ ok: true, text: 'The tide', title: 'log.1' });
  expect(await readFile(new File([Uint8Array.from([0, 1, 2, 3])], 'x.bin'))).toEqual({
    ok: false,
    problem: 'not-text',
  });
  const broken = Object.assign(new File(['x'], 'x.txt'), { arrayBuffer: () => Promise.reject(new Error('gone')) });
  expect(await readFile(broken)).toEqual({ ok: false, problem: 'unreadable' });
});

test('every problem says what to do', () => {
  for (const words of Object.values(INCOMING_WORDS)) expect(words.detail).toMatch(/\.$/);
});

test('a text handed over stays until it is released', () => {
  const key = handOver('The tide');
  expect(textOf(key)).toBe('The tide');
  expect(textOf(key)).toBe('The tide');
  release(key);
  expect(() => textOf(key)).toThrow(RangeError);
});
