/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { useState } from 'react';
import { DEFAULT_STYLE, previewShape, viewGroups, type TextLines } from '../../../../core/index.ts';
import { ExampleLine } from './example-line.tsx';
import { lineBits, partsOf } from './line-bits.ts';
import { groupTitle, misfitWords } from './shape-words.ts';
import { ShapePreview } from './shape-preview.tsx';
import { useTeaching, type Writing } from './use-teaching.ts';
import { WriteForm } from './write-form.tsx';

afterEach(cleanup);

const INDEX = [
  '03:12 | The rope-walk | saltfern.example/s1',
  '05:40 | The old sluice | saltfern.example/s2',
  '1:09:07 | Where the ferry lay | saltfern.example/s3',
  '2:00:51 | The lamp',
  '2:11:08 | The bell | saltfern.example/s4',
];
const linesOf = (lines: readonly string[]): TextLines => ({ count: lines.length, at: (line) => lines[line]! });
const group = viewGroups(linesOf(INDEX))[0]!;

describe('teaching', () => {
  const start = () => {
    const { result } = renderHook(() => useTeaching({ style: DEFAULT_STYLE, choices: [] }));
    act(() => result.current.begin(group));
    return result;
  };

  test('begins with a line of the group, its longest words marked, and a name', () => {
    const { current } = start();
    expect(current.examples).toHaveLength(1);
    const [{ text, bits, marked, isGuess }] = current.examples as [(typeof current.examples)[0]];
    expect(isGuess).toBe(true);
    expect(partsOf(bits, marked).map(({ from, to }) => text.slice(from, to))).toEqual(['The rope-walk']);
    expect(current.name).toBe('Time, words, link');
    const { fits, rows } = previewShape(current.shape!, linesOf(INDEX));
    expect(fits).toBe(rows.length);
    expect(rows.some(({ text: line }) => line.includes('The bell'))).toBe(true);
  });

  test('what is marked, named and written is in the shape', () => {
    const result = start();
    const { bits } = result.current.examples[0]!;
    act(() => result.current.mark(0, new Set([0, ...result.current.examples[0]!.marked])));
    act(() => result.current.write({ as: 'columns', before: '', between: '\t', parts: ['Time', 'Stop'] }));
    act(() => result.current.rename('  '));
    expect(result.current.examples[0]).toMatchObject({ bits, isGuess: false });
    expect(result.current.shape).toMatchObject({ name: 'Line shape', as: 'columns', parts: ['Time', 'Stop'] });
    const [row] = previewShape(result.current.shape!, linesOf(INDEX)).rows;
    expect(row!.parts.map(({ from, to }) => row!.text.slice(from, to))).toEqual(['03:12', 'The rope-walk']);
  });

  test('a second example widens the shape, and can be taken away; where nothing is marked there is none', () => {
    const result = start();
    const fits = () => previewShape(result.current.shape!, linesOf(INDEX)).fits;
    act(() => result.current.mark(0, new Set([2, 3])));
    const alone = fits();
    act(() => result.current.add(`  ${INDEX[3]!} `));
    expect(result.current.examples[1]).toMatchObject({ text: INDEX[3], isGuess: true });
    expect(fits()).toBe(5);
    act(() => result.current.remove(1));
    expect(fits()).toBe(alone);
    act(() => result.current.mark(0, new Set()));
    expect(result.current.shape).toBeUndefined();
    expect(result.current.learned).toEqual(expect.objectContaining({ ok: false }));
  });

  test('another group begins anew', () => {
    const result = start();
    act(() => result.current.add(INDEX[3]!));
    const [other] = viewGroups(linesOf(['• oil', '• wick', '• lamp']));
    act(() => result.current.begin(other!));
    expect(result.current.examples.map(({ text }) => text)).toEqual(['• oil']);
  });
});

describe('a line to be marked', () => {
  const LINE = INDEX[0]!;
  const bits = lineBits(LINE);
  function Marked({ isGuess = false, onMark }: { isGuess?: boolean; onMark?: (marked: number[]) => void }) {
    const [marked, mark] = useState<ReadonlySet<number>>(new Set(isGuess ? [4] : []));
    return (
      <ExampleLine
        label="Example"
        line={LINE}
        bits={bits}
        marked={marked}
        isGuess={isGuess}
        onMark={(now) => {
          mark(now);
          onMark?.([...now]);
        }}
      />
    );
  }
  const options = () => screen.getAllByRole('option');
  const chosen = () =>
    options()
      .filter((option) => option.getAttribute('aria-selected') === 'true')
      .map((option) => option.textContent);
  const press = (key: string, more = {}) => fireEvent.keyDown(document.activeElement!, { key, ...more });

  test('shows the whole line', () => {
    render(<Marked />);
    expect(screen.getByRole('listbox').textContent).toBe(LINE);
  });

  test('by keys: arrows go, Space marks and unmarks, Shift marks on the way', () => {
    render(<Marked />);
    act(() => options()[0]!.focus());
    press('ArrowRight');
    press('ArrowRight');
    press(' ');
    press('ArrowRight', { shiftKey: true });
    expect(chosen()).toEqual(['The', 'rope-walk']);
    press(' ');
    expect(chosen()).toEqual(['The']);
    press('End');
    press('Enter');
    expect(chosen()).toEqual(['The', 'saltfern.example/s1']);
    press('ArrowRight');
    expect(document.activeElement).toBe(options().at(-1));
    press('Home');
    expect(document.activeElement).toBe(options()[0]);
    // One stop of the Tab key.
    expect(options().filter((option) => option.tabIndex === 0)).toHaveLength(1);
    expect(press('x')).toBe(true);
  });

  // There are no pointer events in this document.
  const pointer = (type: string, element: Element, buttons: number) =>
    fireEvent(element, Object.assign(new MouseEvent(type, { bubbles: true, buttons }), { pointerId: 1 }));
  const drawOver = (from: number, to: number) => {
    pointer('pointerdown', options()[from]!, 1);
    for (let at = from; at <= to; at++) pointer('pointerover', options()[at]!, 1);
    pointer('pointerup', options()[to]!, 0);
  };

  test('by drawing over it, back and forth; what is drawn over marked bits takes them away', () => {
    render(<Marked />);
    drawOver(0, 3);
    expect(chosen()).toEqual(['03:12', '|', 'The', 'rope-walk']);
    drawOver(0, 1);
    expect(chosen()).toEqual(['The', 'rope-walk']);
    pointer('pointerover', options()[5]!, 1);
    expect(chosen()).toEqual(['The', 'rope-walk']);
  });

  test('what is drawn takes the place of a guess; a single press changes it', () => {
    const onMark = jest.fn<(marked: number[]) => void>();
    const { unmount } = render(<Marked isGuess onMark={onMark} />);
    expect(chosen()).toHaveLength(1);
    drawOver(2, 3);
    expect(chosen()).toEqual(['The', 'rope-walk']);
    unmount();
    render(<Marked isGuess />);
    pointer('pointerdown', options()[0]!, 1);
    pointer('pointerup', options()[0]!, 0);
    expect(chosen()).toEqual(['03:12', '|']);
  });
});

describe('how it is written', () => {
  const plain: Writing = { as: 'list', before: '- ', between: ', ', after: '', parts: [] };
  test('each form begins with its own signs; columns have heads', () => {
    const onChange = jest.fn<(change: Partial<Writing>) => void>();
    const { rerender } = render(<WriteForm writing={plain} parts={2} onChange={onChange} />);
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Before' }).value).toBe('- ');
    fireEvent.click(screen.getByRole('radio', { name: 'columns' }));
    expect(onChange).toHaveBeenLastCalledWith({ as: 'columns', before: '', between: '\t', after: '' });
    rerender(<WriteForm writing={{ ...plain, as: 'columns' }} parts={2} onChange={onChange} />);
    fireEvent.change(screen.getByRole('textbox', { name: 'Head 2' }), { target: { value: 'Stop' } });
    expect(onChange).toHaveBeenLastCalledWith({ parts: ['', 'Stop'] });
  });

  test('of one part nothing stands between', () => {
    render(<WriteForm writing={plain} parts={1} onChange={jest.fn()} />);
    expect(screen.queryByRole('textbox', { name: /Between/ })).toBeNull();
  });

  test('the preview shows what goes struck out beside what a line becomes, and counts the rest', () => {
    const { result } = renderHook(() => useTeaching({ style: DEFAULT_STYLE, choices: [] }));
    act(() => result.current.begin(group));
    const shape = result.current.shape!;
    const preview = previewShape(shape, linesOf(INDEX));
    render(<ShapePreview shape={shape} preview={{ ...preview, fits: 1234 }} />);
    const [first] = screen.getAllByRole('row').slice(1);
    expect(first!.querySelector('del')?.textContent).toContain('03:12');
    expect(first!.lastElementChild?.textContent).toBe('- The rope-walk');
    expect(
      screen.getByText(`And ${(1234 - preview.rows.length).toLocaleString('en')} more lines`, { exact: false }),
    ).toBeTruthy();
  });
});

test.each([
  [{ form: 'text' }, 'Running text'],
  [{ form: 'time text' }, 'Time, words'],
  [{ form: 'time text', within: 'semicolon' }, 'Time, words, several on a line'],
  [{ form: 'figure gap text comma date bar link' }, 'Number, gap, words, comma, date …'],
] as const)('a group is named by its kinds: %j', (view, title) => {
  expect(groupTitle(view)).toBe(title);
});

test('a line that does not fit says what it lacks', () => {
  const misfit = { line: 1, text: 'x' };
  expect(misfitWords({ ...misfit, missing: ['link', 'figure'] })).toBe('no link, no number');
  expect(misfitWords({ ...misfit, missing: [] })).toBe('put together in another way');
});
