/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useRef } from 'react';
import { FocusKeeper, home, SkipLink } from './focus-home.tsx';
import { STOP, useOneStop } from './one-stop.ts';

afterEach(cleanup);
Element.prototype.scrollIntoView = () => undefined;

describe('a list that is one stop', () => {
  function List({ rows }: { rows: readonly string[] }) {
    const list = useRef<HTMLUListElement>(null);
    useOneStop(list);
    return (
      <ul ref={list}>
        {rows.map((row) => (
          <li key={row}>
            <label {...{ [STOP]: 'switch' }}>
              <input type="checkbox" aria-label={`switch ${row}`} />
            </label>
            <button {...{ [STOP]: 'open' }}>open {row}</button>
          </li>
        ))}
      </ul>
    );
  }
  const stops = () => [...document.querySelectorAll<HTMLElement>('input, button')];
  const press = (key: string, more = {}) => fireEvent.keyDown(document.activeElement!, { key, ...more });
  const focused = () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent;

  test('only one of its stops is reached by Tab, the one that had the focus last', () => {
    render(<List rows={['a', 'b']} />);
    expect(stops().map(({ tabIndex }) => tabIndex)).toEqual([0, -1, -1, -1]);
    act(() => stops()[3]!.focus());
    expect(stops().map(({ tabIndex }) => tabIndex)).toEqual([-1, -1, -1, 0]);
  });

  test('arrow keys keep to their column up and down, and go along rows', () => {
    render(<List rows={['a', 'b', 'c']} />);
    act(() => stops()[1]!.focus());
    const way = ['ArrowDown', 'ArrowLeft', 'ArrowUp', 'End', 'ArrowDown', 'ArrowRight', 'ArrowRight', 'Home'].map(
      (key) => {
        press(key);
        return focused();
      },
    );
    expect(way).toEqual(['open b', 'switch b', 'switch a', 'switch c', 'switch c', 'open c', 'open c', 'open a']);
  });

  test('keys with Ctrl, and other keys, are not its own', () => {
    render(<List rows={['a', 'b']} />);
    act(() => stops()[0]!.focus());
    expect(press('ArrowDown', { ctrlKey: true })).toBe(true);
    expect(press(' ')).toBe(true);
    expect(press('ArrowDown')).toBe(false);
  });

  test('when the row that had the focus goes, the first is the stop', async () => {
    const { rerender } = render(<List rows={['a', 'b']} />);
    act(() => stops()[2]!.focus());
    rerender(<List rows={['a']} />);
    await act(async () => undefined);
    expect(stops().map(({ tabIndex }) => tabIndex)).toEqual([0, -1]);
  });
});

describe('the focus', () => {
  beforeEach(() => {
    jest.useFakeTimers();
    jest.spyOn(document, 'hasFocus').mockReturnValue(true);
  });
  afterEach(() => {
    jest.useRealTimers();
  });

  function Page({ hasButton = true, isOpen = false }) {
    return (
      <>
        <SkipLink />
        <FocusKeeper />
        {hasButton && <button>Go</button>}
        {isOpen && <div role="menu" />}
        <main {...home}>Text</main>
      </>
    );
  }
  const isHome = () => document.activeElement === screen.getByRole('main');

  test('goes to the text when what had it goes', () => {
    render(<Page />);
    act(() => screen.getByRole('button').focus());
    act(() => screen.getByRole('button').blur());
    expect(isHome()).toBe(false);
    act(() => jest.advanceTimersByTime(200));
    expect(isHome()).toBe(true);
  });

  test('stays where a press put it, and where a menu is open', () => {
    const { rerender } = render(<Page />);
    act(() => screen.getByRole('button').focus());
    fireEvent.pointerDown(document.body);
    act(() => screen.getByRole('button').blur());
    act(() => jest.advanceTimersByTime(500));
    expect(isHome()).toBe(false);
    rerender(<Page isOpen />);
    act(() => screen.getByRole('button').focus());
    act(() => screen.getByRole('button').blur());
    act(() => jest.advanceTimersByTime(500));
    expect(isHome()).toBe(false);
  });

  test('goes on from the text with Tab where it was lost without a word', () => {
    const { rerender } = render(<Page />);
    act(() => screen.getByRole('button').focus());
    rerender(<Page hasButton={false} />);
    fireEvent.keyDown(document.body, { key: 'Tab' });
    expect(isHome()).toBe(true);
  });

  test('skips to the text', () => {
    render(<Page />);
    fireEvent.click(screen.getByRole('link', { name: 'Skip to the text' }));
    expect(isHome()).toBe(true);
  });
});
