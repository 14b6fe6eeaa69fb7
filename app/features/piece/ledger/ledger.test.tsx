/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, renderHook, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import type { LedgerLine } from '../../../../core/index.ts';
import { contextWords, isHidden, keyWords } from './concordance-words.ts';
import { FindField } from './find-field.tsx';
import { SlowExpression, WrongExpression } from './hit-problem.tsx';
import { reasonOf } from './reason-words.ts';
import { useLines } from './use-lines.ts';

afterEach(cleanup);

describe('words of a concordance', () => {
  test.each([
    ['the mill', 'the mill', false],
    ['\n', '␊', true],
    [' the', '␣the', false],
    ['  ', '␣␣', true],
    ['a\nb', 'a ␊ b', false],
    ['[4]', '[4]', false],
    ['', '', true],
  ])('%j reads %j', (text, shown, hidden) => {
    expect(keyWords(text)).toBe(shown);
    expect(isHidden(text)).toBe(hidden);
  });

  test('surroundings stand on one line', () => {
    expect(contextWords('slept.\n\nThe\tmill')).toBe('slept. ␊ The mill');
  });
});

describe('the field for what is looked for', () => {
  function Field({ onChange }: { readonly onChange: (shown: string) => void }) {
    const [shown, setShown] = useState('');
    return (
      <FindField
        label="Find"
        shown={shown}
        onChange={(next) => {
          setShown(next);
          onChange(next);
        }}
      />
    );
  }

  test('shows what cannot be seen, typed or pasted', () => {
    const onChange = jest.fn<(shown: string) => void>();
    render(<Field onChange={onChange} />);
    const field = screen.getByRole<HTMLInputElement>('textbox');
    fireEvent.change(field, { target: { value: 'Mrs. Pell' } });
    expect(field.value).toBe('Mrs.␣Pell');
    field.setSelectionRange(4, 5);
    fireEvent.paste(field, { clipboardData: { getData: () => '\u00a0\r\n' } });
    expect(field.value).toBe('Mrs.⍽␊Pell');
    expect(field.selectionStart).toBe(6);
    expect(onChange).toHaveBeenLastCalledWith('Mrs.⍽␊Pell');
  });
});

describe('why an edit was made', () => {
  const line: LedgerLine = {
    entry: 0,
    from: 0,
    to: 1,
    line: 1,
    before: '',
    source: '..',
    becomes: '.',
    after: '',
    passes: ['doubled-punctuation'],
    state: 'made',
    doubt: true,
    byHand: false,
  };

  test('says what its pass does, what speaks against it, and how certain it is', () => {
    const words = reasonOf({ ...line, certainty: 0.7, why: 'may-be-ellipsis' });
    expect(words).toMatch(/^Makes one comma of two.* But two stops may be .* 70 % certain\.$/);
    expect(reasonOf(line)).toMatch(/^Makes one comma of two[^%]*$/);
    expect(reasonOf({ ...line, passes: ['rule:1'] })).toBe('');
  });

  test('says the evidence of a seam', () => {
    const words = reasonOf({
      ...line,
      passes: ['wrapped-lines'],
      certainty: 0.98,
      seam: { decision: 0, reasons: [{ name: 'startsLower', weight: -2 }] },
    });
    expect(words).toBe('The next line starts with a small letter, so it probably runs on. 98 % certain.');
  });
});

describe('an expression that cannot be looked for', () => {
  test('is explained at its place', () => {
    const query = { text: '(keel', expression: true, matchCase: false, wholeWords: false };
    const { container } = render(
      <WrongExpression problem={{ status: 'wrong', message: 'Unterminated group', at: 5 }} query={query} />,
    );
    expect(screen.getByRole('alert').textContent).toContain('not right: unterminated group.');
    expect(container.querySelector('pre')?.textContent).toBe('(keel\n     ^');
  });

  test('is stopped where it does not end, and says what to do', () => {
    render(<SlowExpression />);
    expect(screen.getByRole('alert').textContent).toMatch(/takes too long .* 3 seconds.*may repeat/);
  });
});

describe('lines that are fetched as they come into sight', () => {
  test('come page by page, each once; another key fetches them again and keeps the old ones meanwhile', async () => {
    const fetch = jest.fn((from: number, to: number) =>
      Promise.resolve(Array.from({ length: to - from }, (_, at) => `line ${from + at}`)),
    );
    const hook = renderHook(({ key }) => useLines(key, fetch), { initialProps: { key: 'a' } });
    expect(hook.result.current.lineAt(0)).toBeUndefined();
    act(() => hook.result.current.onSight(90, 110));
    await waitFor(() => expect(hook.result.current.lineAt(105)).toBe('line 105'));
    expect(fetch.mock.calls).toEqual([
      [0, 100],
      [100, 200],
    ]);
    hook.rerender({ key: 'b' });
    expect(hook.result.current.lineAt(105)).toBe('line 105');
    await waitFor(() => expect(fetch).toHaveBeenCalledTimes(4));
  });
});
