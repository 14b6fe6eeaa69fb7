/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, renderHook } from '@testing-library/react';
import type { RowEdit, RowEdited } from '../../../../core/index.ts';
import type { CleanClient } from '../../../../worker/client.ts';
import type { Decisions } from '../state/use-decisions.ts';
import { useEditor } from './use-editor.ts';

afterEach(cleanup);

const JOIN: RowEdit = { kind: 'join', with: 'before' };
const MERGED = { from: 0, to: 40, text: 'The tide fell. It rose.' };

/** An editor whose worker gives `edited` for each edit. */
function show(edited: RowEdited) {
  const client = { editRow: async () => edited } as unknown as CleanClient;
  const decisions = { take: jest.fn(), undo: jest.fn(), redo: jest.fn() } as unknown as Decisions;
  return renderHook(() => useEditor(client, decisions, () => undefined)).result.current;
}

const type = (keys: string) => [...keys].map((key) => fireEvent.keyDown(document.body, { key }));

test('keys wait while the caret is on its way, and until the row that it was handed over to has it', async () => {
  const editor = show({ step: { kind: 'choose', choice: {} } as never, caret: { source: 20, leaves: 20 } });
  const made = editor.edit(20, JOIN);
  type('ve');
  await act(() => made);
  const [heir, other] = [{}, {}];
  expect(editor.arrive(MERGED, heir)).toEqual({ source: 20, leaves: 20 });
  // The browser sends keys on before the row is drawn with the caret in it.
  type('ry');
  expect(editor.arrive(MERGED, other)).toBeUndefined();
  const pressed: string[] = [];
  editor.takeKeys(
    ({ key }) => pressed.push(key) > 0,
    () => undefined,
  );
  editor.stand(other);
  expect(pressed).toEqual([]);
  editor.stand(heir);
  expect(pressed.join('')).toBe('very');
});

test('where nothing is to be done the keys that waited go on where the caret is', async () => {
  const editor = show({});
  const pressed: string[] = [];
  editor.takeKeys(
    ({ key }) => pressed.push(key) > 0,
    () => undefined,
  );
  const made = editor.edit(20, JOIN);
  type('so');
  await act(() => made);
  expect(pressed.join('')).toBe('so');
  expect(type('x')).toEqual([true]);
});

test('a paragraph from which another takes the keys is left, and may take them again', () => {
  const editor = show({});
  const told: string[] = [];
  const take = (row: string) =>
    editor.takeKeys(
      () => true,
      () => told.push(row),
    );
  take('first');
  const stop = take('second');
  expect(told).toEqual(['first']);
  stop();
  take('first');
  expect(told).toEqual(['first']);
});
