/** @jest-environment jsdom */
import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { USUAL_SHAPE } from '../../../../core/index.ts';
import type { CleanClient } from '../../../../worker/client.ts';

interface Said {
  readonly text: string;
  readonly detail?: string;
  readonly tone?: string;
}
const toast = jest.fn<(said: Said) => void>();
jest.unstable_mockModule('../../../ui/toasts.tsx', () => ({ toast }));
const { copyTable, copyText, copierOf } = await import('./copying.ts');

/** What is on the clipboard, by its types. */
const board = new Map<string, string>();
class Item {
  constructor(readonly parts: Record<string, Promise<Blob>>) {}
}
const textOf = (blob: Blob) =>
  new Promise<string>((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.readAsText(blob);
  });
const write = jest.fn(async ([item]: readonly Item[]) => {
  for (const [type, part] of Object.entries(item!.parts)) board.set(type, await textOf(await part));
});

beforeEach(() => {
  jest.clearAllMocks();
  board.clear();
  Object.assign(globalThis, { ClipboardItem: Item });
  Object.defineProperty(navigator, 'clipboard', { value: { write }, configurable: true });
  Object.defineProperty(window, 'isSecureContext', { value: true, configurable: true });
});

/** The toast that comes once the clipboard is written, or is not. */
async function said(): Promise<Said> {
  while (toast.mock.calls.length === 0) await new Promise((resolve) => setTimeout(resolve));
  return toast.mock.calls[0]![0];
}

const client = {
  copy: async () => ({ text: 'One.\n\nTwo.', html: '<p>One.</p><p>Two.</p>' }),
} as unknown as CleanClient;

const upToDate = async () => undefined;

describe('copying', () => {
  test('waits until the worker knows all that was decided', async () => {
    let isKnown = false;
    const asked: boolean[] = [];
    const copy = async () => {
      asked.push(isKnown);
      return { text: 'One.', html: '<p>One.</p>' };
    };
    const known = new Promise<void>((go) => setTimeout(() => go(void (isKnown = true))));
    copierOf({ copy } as unknown as CleanClient, USUAL_SHAPE, () => known)!();
    await said();
    expect(asked).toEqual([true]);
  });

  test('writes the clean text plain and formatted, and says how much it was', async () => {
    copierOf(client, USUAL_SHAPE, upToDate)!();
    expect(await said()).toEqual({ text: 'Clean text copied', detail: '2 paragraphs, 10 characters' });
    expect(Object.fromEntries(board)).toEqual({ 'text/plain': 'One.\n\nTwo.', 'text/html': '<p>One.</p><p>Two.</p>' });
  });

  test('there is nothing to copy while nothing is cleaned', () => {
    expect(copierOf(undefined, USUAL_SHAPE, upToDate)).toBeUndefined();
  });

  test('rows go as lines with tabs and as a table whose cells are no tags', async () => {
    copyTable(
      'Table copied',
      Promise.resolve([
        ['03:12', 'Rope & <b>'],
        ['05:40', ''],
      ]),
    );
    await said();
    expect(Object.fromEntries(board)).toEqual({
      'text/plain': '03:12\tRope & <b>\n05:40\t',
      'text/html':
        '<table><tr><td>03:12</td><td>Rope &#38; &#60;b&#62;</td></tr><tr><td>05:40</td><td></td></tr></table>',
    });
  });

  test('where the browser does not let it, that is said, with what to do', async () => {
    write.mockRejectedValueOnce(new DOMException('no', 'NotAllowedError'));
    copyText('Copied', 'words');
    expect(await said()).toMatchObject({ tone: 'bad', detail: expect.stringContaining('press Ctrl+C') });
  });

  test('where the text cannot be had, it is not said to be copied', async () => {
    copyText('Copied', Promise.reject(new Error('closed')));
    expect(await said()).toMatchObject({ tone: 'bad' });
  });
});

describe('over plain http', () => {
  beforeEach(() => {
    Object.defineProperty(window, 'isSecureContext', { value: false, configurable: true });
  });

  test('the older way writes both kinds', async () => {
    document.execCommand = () => {
      const event = Object.assign(new Event('copy', { bubbles: true, cancelable: true }), {
        clipboardData: { setData: (type: string, text: string) => board.set(type, text) },
      });
      return document.dispatchEvent(event);
    };
    copierOf(client, USUAL_SHAPE, upToDate)!();
    expect(await said()).toMatchObject({ text: 'Clean text copied' });
    expect(Object.fromEntries(board)).toEqual({ 'text/plain': 'One.\n\nTwo.', 'text/html': '<p>One.</p><p>Two.</p>' });
  });

  test('a browser that does nothing is told of', async () => {
    document.execCommand = () => false;
    copyText('Copied', 'words');
    expect(await said()).toMatchObject({ tone: 'bad' });
  });
});
