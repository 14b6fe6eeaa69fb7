/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import type { RowEdit, Run } from '../../../../core/index.ts';
import type { Typing } from '../../../../storage/notes.ts';
import { EditableWords } from './editable-words.tsx';
import { selectIn } from './positions.ts';
import type { Editor } from './use-editor.ts';

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

const TEXT = 'The tide fell.';

/** A paragraph at 40 of the source between two others, and an editor that only notes what it is told. */
function show({ goesOn = false, text = TEXT } = {}) {
  const edit = jest.fn<(row: number, edit: RowEdit, after?: Promise<void>) => Promise<boolean>>(async () => true);
  const note = jest.fn<(typing: Typing) => void>();
  const editor: Editor = {
    edit,
    note,
    undo: jest.fn(),
    redo: jest.fn(),
    arrive: () => undefined,
    takeKeys: jest.fn<Editor['takeKeys']>(() => () => undefined),
    stand: () => undefined,
    enterBy: jest.fn(),
    entry: () => undefined,
    reachOut: jest.fn(),
    onReachOut: () => () => undefined,
  };
  const row = (index: number, words: string, from: number) => {
    const runs = [{ from, to: from + words.length, text: words, fate: 'kept' }] as unknown as Run[];
    return (
      <div data-index={index}>
        <EditableWords
          shape="p"
          name="paragraph"
          language="en"
          from={from}
          to={from + words.length}
          runs={runs}
          goesOn={goesOn && from === 40}
          editor={editor}
        >
          {words}
        </EditableWords>
      </div>
    );
  };
  const all = (now: string) => (
    <div>
      {row(0, 'Before it.', 0)}
      {row(1, now, 40)}
      {row(2, 'Behind it.', 90)}
    </div>
  );
  const { rerender } = render(all(text));
  const words = () => document.querySelector<HTMLElement>('[data-words="40"]')!;
  /** Sets the caret, or selects, and begins to type there. */
  const beginAt = (from: number, to = from) => {
    selectIn(words(), [from, to]);
    fireEvent.keyDown(words(), { key: 'Enter' });
    selectIn(words(), [from, to]);
  };
  const type = (now: string) => {
    words().textContent = now;
    fireEvent.input(words());
  };
  return { editor, edit, note, words, beginAt, type, redraw: (now: string) => rerender(all(now)) };
}

const isEditing = () => screen.queryByRole('textbox') !== null;

describe('typing begins', () => {
  test.each([
    ['by Enter', (words: HTMLElement) => void fireEvent.keyDown(words, { key: 'Enter' }), true],
    ['by F2', (words: HTMLElement) => void fireEvent.keyDown(words, { key: 'F2' }), true],
    ['by a click, which sets a caret', (words: HTMLElement) => void fireEvent.click(words, { detail: 1 }), true],
    ['not by a letter', (words: HTMLElement) => void fireEvent.keyDown(words, { key: 'h' }), false],
  ])('%s', (_name, press, begins) => {
    const { words } = show();
    selectIn(words(), [4, 4]);
    press(words());
    expect(isEditing()).toBe(begins);
  });

  test('by a double click on a word, not by what is dragged over', () => {
    const { words } = show();
    selectIn(words(), [4, 8]);
    fireEvent.click(words(), { detail: 1 });
    expect(isEditing()).toBe(false);
    fireEvent.click(words(), { detail: 2 });
    expect(isEditing()).toBe(true);
    expect(getSelection()!.toString()).toBe('tide');
  });

  test('three clicks take the paragraph', () => {
    const { words } = show();
    fireEvent.click(words(), { detail: 3 });
    expect(getSelection()!.toString()).toBe(TEXT);
  });
});

describe('keys in a paragraph that is typed in', () => {
  const NEW = { insert: '\n\n', from: 4, to: 4 };
  test.each<[string, KeyboardEventInit & { key: string }, readonly [number, number], Partial<RowEdit> | undefined]>([
    ['Enter parts', { key: 'Enter' }, [4, 4], { kind: 'insert', ...NEW }],
    ['Enter takes what is selected', { key: 'Enter' }, [8, 4], { kind: 'insert', ...NEW, to: 8 }],
    [
      'Shift and Enter begin a line',
      { key: 'Enter', shiftKey: true },
      [4, 4],
      { kind: 'insert', ...NEW, insert: '\n' },
    ],
    ['Backspace at the beginning joins', { key: 'Backspace' }, [0, 0], { kind: 'join', with: 'before' }],
    ['Delete at the end joins', { key: 'Delete' }, [14, 14], { kind: 'join', with: 'behind' }],
    ['Backspace elsewhere is the browser’s', { key: 'Backspace' }, [3, 3], undefined],
    ['Delete elsewhere is the browser’s', { key: 'Delete' }, [0, 0], undefined],
    ['letters are the browser’s', { key: 'h' }, [0, 0], undefined],
    ['so are Ctrl and letters', { key: 'b', ctrlKey: true }, [0, 0], undefined],
  ])('%s', (_name, key, [from, to], expected) => {
    const { beginAt, words, edit } = show();
    beginAt(from, to);
    const isTheirs = fireEvent.keyDown(words(), key);
    expect(isTheirs).toBe(expected === undefined);
    expect(edit.mock.calls.map(([row, made]) => [row, made])).toEqual(
      expected ? [[40, expect.objectContaining(expected)]] : [],
    );
  });

  test('where a row goes on with the one before, Backspace joins nothing', () => {
    const { beginAt, words, edit } = show({ goesOn: true });
    beginAt(0);
    expect(fireEvent.keyDown(words(), { key: 'Backspace' })).toBe(true);
    expect(edit).not.toHaveBeenCalled();
  });

  test('Backspace behind a line break that was typed takes the whole of it', () => {
    const { beginAt, words, edit } = show({ text: 'The tide\n\nfell.' });
    beginAt(10);
    fireEvent.keyDown(words(), { key: 'Backspace' });
    expect(edit.mock.calls[0]![1]).toMatchObject({ kind: 'insert', from: 8, to: 10, insert: '' });
  });

  test('where another paragraph takes the keys, though this one was not told that it lost the focus', () => {
    const { beginAt, editor } = show();
    beginAt(3);
    const [, leave] = jest.mocked(editor.takeKeys).mock.calls.at(-1)!;
    act(leave);
    expect(isEditing()).toBe(false);
  });

  test('Escape leaves', () => {
    const { beginAt, words } = show();
    beginAt(4);
    fireEvent.keyDown(words(), { key: 'Escape' });
    expect(isEditing()).toBe(false);
  });

  test('undo and redo come after what was typed is saved', async () => {
    const { beginAt, words, type, edit, editor } = show();
    beginAt(14);
    type('The tide fell. It rose.');
    fireEvent.keyDown(words(), { key: 'z', ctrlKey: true });
    await act(async () => undefined);
    expect(edit).toHaveBeenCalledWith(40, { kind: 'text', text: 'The tide fell. It rose.', was: TEXT });
    expect(editor.undo).toHaveBeenCalledTimes(1);
    fireEvent.keyDown(words(), { key: 'Z', metaKey: true, shiftKey: true });
    await act(async () => undefined);
    expect(editor.redo).toHaveBeenCalledTimes(1);
  });

  test('arrow keys lead out at the ends only', () => {
    const { beginAt, words, editor } = show();
    beginAt(4);
    expect(fireEvent.keyDown(words(), { key: 'ArrowLeft' })).toBe(true);
    selectIn(words(), [0, 0]);
    expect(fireEvent.keyDown(words(), { key: 'ArrowLeft' })).toBe(false);
    expect(editor.enterBy).toHaveBeenLastCalledWith('end');
    expect(document.activeElement?.textContent).toBe('Before it.');
  });

  test('keys of a composition are the browser’s', () => {
    const { beginAt, words, edit } = show();
    beginAt(4);
    expect(fireEvent.keyDown(words(), { key: 'Enter', isComposing: true })).toBe(true);
    expect(edit).not.toHaveBeenCalled();
  });
});

describe('what is typed', () => {
  test('is noted while it is typed and saved at a pause, once', async () => {
    const { beginAt, type, edit, note } = show();
    beginAt(14);
    type('The tide fell. I');
    act(() => jest.advanceTimersByTime(50));
    type('The tide fell. It');
    act(() => jest.advanceTimersByTime(60));
    expect(note.mock.calls).toEqual([[{ row: 40, text: 'The tide fell. It', was: TEXT }]]);
    expect(edit).not.toHaveBeenCalled();
    act(() => jest.advanceTimersByTime(500));
    expect(edit.mock.calls.map(([row, made]) => [row, made])).toEqual([
      [40, { kind: 'text', text: 'The tide fell. It', was: TEXT }],
    ]);
    // What comes next is told against what was saved.
    type('The tide fell. It rose.');
    await act(async () => jest.advanceTimersByTime(500));
    expect(edit.mock.calls[1]![1]).toEqual({ kind: 'text', text: 'The tide fell. It rose.', was: 'The tide fell. It' });
  });

  test('is saved when the paragraph is left, and when the page is hidden', async () => {
    const { beginAt, type, edit, words } = show();
    beginAt(14);
    type('One.');
    fireEvent.blur(words());
    expect(edit).toHaveBeenLastCalledWith(40, { kind: 'text', text: 'One.', was: TEXT });
    await act(async () => undefined);
    beginAt(4);
    type('Two.');
    jest.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
    document.dispatchEvent(new Event('visibilitychange'));
    expect(edit).toHaveBeenLastCalledWith(40, expect.objectContaining({ text: 'Two.' }));
  });

  test('waits for the end of a composition', () => {
    const { beginAt, type, edit, words } = show();
    beginAt(14);
    fireEvent.compositionStart(words());
    type('潮');
    act(() => jest.advanceTimersByTime(2000));
    expect(edit).not.toHaveBeenCalled();
    fireEvent.compositionEnd(words());
    type('潮が');
    act(() => jest.advanceTimersByTime(500));
    expect(edit).toHaveBeenCalledTimes(1);
  });

  test('stays as the person sees it until the cleaning says the same', () => {
    const { beginAt, type, words, redraw } = show();
    beginAt(14);
    type('The tide fell. It rose.');
    redraw('The tide fell. ');
    expect(words().textContent).toBe('The tide fell. It rose.');
    act(() => jest.advanceTimersByTime(500));
    fireEvent.blur(words());
    redraw('The tide fell. It rose.');
    expect(words().textContent).toBe('The tide fell. It rose.');
  });

  test('a page that closes over unsaved words asks', () => {
    const { beginAt, type, edit } = show();
    beginAt(14);
    const leave = () => window.dispatchEvent(new Event('beforeunload', { cancelable: true }));
    expect(leave()).toBe(true);
    type('The tide fell. I');
    expect(leave()).toBe(false);
    expect(edit).toHaveBeenCalledTimes(1);
  });
});

test('pasted words are the browser’s; pasted paragraphs become paragraphs', () => {
  const { beginAt, words, edit } = show();
  beginAt(4, 8);
  const paste = (plain: string, rich = '') =>
    fireEvent.paste(words(), {
      clipboardData: { getData: (type: string) => (type === 'text/plain' ? plain : rich) },
    });
  expect(paste('ebb')).toBe(true);
  expect(paste('ebb\r\nflood\n', '<p>ebb</p><p>flood</p>')).toBe(false);
  expect(edit.mock.calls[0]![1]).toMatchObject({ kind: 'insert', from: 4, to: 8, insert: 'ebb\n\nflood' });
});
