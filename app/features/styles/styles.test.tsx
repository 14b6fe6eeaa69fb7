/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, renderHook, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { BUILT_IN_STYLES, DEFAULT_STYLE, toHouseStyleFile, USUAL_STYLE, type HouseStyle } from '../../../core/index.ts';
import type { StyleRecord } from '../../../storage/db.ts';
import type { StyleResult, StyleWrite } from './styles-actions.ts';

interface Said {
  readonly text: string;
  readonly detail?: string;
  readonly tone?: string;
  readonly action?: { readonly run: () => void };
}
const toast = jest.fn<(said: Said) => void>();
jest.unstable_mockModule('../../ui/toasts.tsx', () => ({ toast }));
const submit = jest.fn<(body: string, options: object) => Promise<void>>(async () => undefined);
const fetcher: { data?: StyleResult } = {};
jest.unstable_mockModule('react-router', () => ({ useFetcher: () => ({ submit, data: fetcher.data }) }));
const { useStyles } = await import('./use-styles.ts');
const { StyleEditor } = await import('./style-editor.tsx');

afterEach(cleanup);
beforeEach(() => {
  jest.clearAllMocks();
  delete fetcher.data;
});

const recordOf = (id: string, more: Partial<StyleRecord> = {}): StyleRecord => ({
  id,
  name: id,
  style: DEFAULT_STYLE,
  createdAt: 1,
  changedAt: 1,
  ...more,
});
const writes = () => submit.mock.calls.map(([body]) => JSON.parse(body) as StyleWrite);
const settle = () => act(async () => undefined);

describe('the person’s styles', () => {
  const start = (stored: readonly StyleRecord[] = []) => {
    const { result, rerender } = renderHook(() => useStyles(stored));
    return { now: () => result.current, rerender };
  };
  const names = (all: readonly StyleRecord[]) => all.map(({ name }) => name);

  test('are made, doubled and changed; each change is stored at once, in order', async () => {
    const { now } = start([recordOf('Minutes', { for: { words: 'minutes' } })]);
    act(() => void now().create());
    act(() => void now().duplicate(now().all[0]!));
    expect(names(now().all)).toEqual(['Minutes', 'New style', 'Minutes, copy']);
    // Two that are for the same texts would both be proposed for them.
    expect(now().all[2]!.for).toBeUndefined();
    act(() => now().change({ ...now().all[1]!, name: 'Letters' }));
    expect(names(now().all)).toEqual(['Minutes', 'Letters', 'Minutes, copy']);
    await settle();
    expect(writes().map((write) => (write.intent === 'save' ? write.style.name : write.intent))).toEqual([
      'New style',
      'Minutes, copy',
      'Letters',
    ]);
  });

  test('a key goes over from the style that had it', async () => {
    const { now } = start([recordOf('a', { key: '1' }), recordOf('b'), recordOf('c', { key: '2' })]);
    act(() => now().change({ ...now().all[1]!, key: '1' }));
    expect(now().all.map(({ key }) => key)).toEqual([undefined, '1', '2']);
    await settle();
    expect(writes()).toHaveLength(2);
  });

  test('one that is deleted can be taken back as it was', async () => {
    const { now } = start([recordOf('a', { key: '1' })]);
    act(() => now().remove(now().all[0]!));
    expect(now().all).toEqual([]);
    act(() => toast.mock.calls[0]![0].action!.run());
    expect(now().all).toEqual([recordOf('a', { key: '1' })]);
    await settle();
    expect(writes()).toEqual([
      { intent: 'delete', id: 'a' },
      { intent: 'restore', id: 'a' },
    ]);
  });

  test('come in from files; what cannot be read is told with the file’s name, and the others come in', async () => {
    const { now } = start();
    const fileOf = (name: string, text: string) => Object.assign(new File([text], name), { text: async () => text });
    const house: HouseStyle = {
      name: 'Quarterly',
      style: { ...DEFAULT_STYLE, passes: { tabs: false, 'not-here': true } },
    };
    let last: string | undefined;
    await act(async () => {
      last = await now().takeFiles([
        fileOf('broken.json', '{'),
        fileOf('quarterly.json', JSON.stringify(toHouseStyleFile(house))),
      ]);
    });
    expect(names(now().all)).toEqual(['Quarterly']);
    expect(last).toBe(now().all[0]!.id);
    expect(toast.mock.calls.map(([{ text, tone }]) => [text, tone])).toEqual([
      [expect.stringMatching(/^broken\.json: /), 'bad'],
      ['The style “Quarterly” is here', undefined],
    ]);
    expect(toast.mock.calls[1]![0].detail).toContain('not-here');
  });

  test('what cannot be stored is told', () => {
    const { rerender } = start();
    fetcher.data = { ok: false, problem: 'full' };
    rerender();
    expect(toast).toHaveBeenCalledWith(expect.objectContaining({ tone: 'bad' }));
  });
});

describe('one style', () => {
  const kept = jest.fn<(style: StyleRecord) => void>();
  function Edited({ first }: { readonly first: StyleRecord }) {
    const [record, setRecord] = useState(first);
    return (
      <StyleEditor
        record={record}
        style={record}
        others={[
          USUAL_STYLE,
          recordOf('other', { name: 'Other', style: { ...DEFAULT_STYLE, passes: { tabs: false } } }),
        ]}
        onChange={(now) => {
          setRecord(now);
          kept(now);
        }}
        onDuplicate={() => undefined}
        onRemove={() => undefined}
      />
    );
  }
  const show = (first: Partial<StyleRecord> = {}) =>
    act(async () => void render(<Edited first={recordOf('a', { name: 'Minutes', ...first })} />));
  const last = () => kept.mock.lastCall![0];
  const type = (label: string, value: string) =>
    fireEvent.change(screen.getByRole('textbox', { name: label }), { target: { value } });

  test('one that comes with the program is only told of', async () => {
    const [built] = BUILT_IN_STYLES;
    await act(
      async () =>
        void render(
          <StyleEditor
            record={undefined}
            style={built!}
            others={BUILT_IN_STYLES}
            onChange={kept}
            onDuplicate={() => undefined}
            onRemove={() => undefined}
          />,
        ),
    );
    expect(screen.queryByRole('textbox')).toBeNull();
    expect(screen.queryByRole('button', { name: 'Delete' })).toBeNull();
    expect(screen.getByText(/stays as it is/)).toBeTruthy();
  });

  test('a name that is empty is not kept, and comes back', async () => {
    await show();
    type('Name', '  ');
    expect(kept).not.toHaveBeenCalled();
    fireEvent.blur(screen.getByRole('textbox', { name: 'Name' }));
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Name' }).value).toBe('Minutes');
    type('Name', ' Letters ');
    expect(last().name).toBe('Letters');
  });

  test('what it is for is said in parts; without any it is for no texts', async () => {
    await show();
    type('Words near the beginning', 'Minutes of');
    type('File name', '*.txt');
    expect(last().for).toEqual({ words: 'Minutes of', file: '*.txt' });
    type('Words near the beginning', '');
    type('File name', '');
    expect(last().for).toBeUndefined();
  });

  test('words are told apart by commas, each once; what is typed stays as it is typed', async () => {
    await show();
    type('Never change', 'CO2, , E. Trask & Sons,CO2,');
    expect(last().style.words).toEqual({ untouched: ['CO2', 'E. Trask & Sons'] });
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Never change' }).value).toBe(
      'CO2, , E. Trask & Sons,CO2,',
    );
    type('Begin a paragraph', 'NOTE');
    type('Never change', '');
    expect(last().style.words).toEqual({ openings: ['NOTE'] });
  });

  test('says in what it differs from another', async () => {
    await show({ style: { ...DEFAULT_STYLE, certaintyLimit: 0.95, words: { untouched: ['CO2'] } } });
    const compared = within(screen.getByText('Compared with').parentElement!);
    expect(compared.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
      '1 more word treated otherwise',
      'Questions: many',
    ]);
  });

  test('a new rule does nothing until it is kept, and can be given up', async () => {
    await show();
    const add = () => fireEvent.click(screen.getByRole('button', { name: 'Add a rule' }));
    add();
    const keep = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Keep the rule' });
    expect(keep().disabled).toBe(true);
    type('Find', 'Pell');
    type('Replace with', 'Averill');
    fireEvent.click(screen.getByRole('checkbox', { name: 'expression' }));
    type('Find', 'Pel(l');
    expect(keep().disabled).toBe(true);
    expect(screen.getByRole('alert').textContent).toContain('This expression is wrong');
    fireEvent.submit(screen.getByRole('textbox', { name: 'Find' }));
    expect(kept).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    add();
    type('Find', 'Pell');
    fireEvent.submit(screen.getByRole('textbox', { name: 'Find' }));
    expect(last().style.rules).toMatchObject([{ query: { text: 'Pell', wholeWords: true }, insert: '' }]);
    fireEvent.click(screen.getByRole('button', { name: 'Remove the rule for “Pell”' }));
    expect(last().style.rules ?? []).toEqual([]);
  });

  test('an expression that is wrong is said to be, and the rule stays as it was', async () => {
    const query = { text: 'Pell', expression: true, matchCase: false, wholeWords: false };
    await show({ style: { ...DEFAULT_STYLE, rules: [{ id: 'rule:1', query, insert: '' }] } });
    type('Find', 'Pel(l');
    expect(screen.getByRole('alert').textContent).toContain('This expression is wrong');
    expect(kept).not.toHaveBeenCalled();
    type('Find', 'Pel+');
    expect(last().style.rules![0]!.query.text).toBe('Pel+');
  });

  test('an expression from another program is rewritten when asked, and what is lost is told', async () => {
    const query = { text: 'x', expression: true, matchCase: false, wholeWords: false };
    await show({ style: { ...DEFAULT_STYLE, rules: [{ id: 'rule:1', query, insert: '' }] } });
    type('Find', '(?i)pell++');
    fireEvent.click(screen.getByRole('button', { name: 'PCRE or Perl' }));
    const { text } = last().style.rules![0]!.query;
    expect(new RegExp(text).source).toBe(text);
    expect(toast.mock.lastCall![0]).toMatchObject({
      tone: 'bad',
      detail: expect.stringContaining('give nothing back'),
    });
  });
});
