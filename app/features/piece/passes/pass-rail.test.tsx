/** @jest-environment jsdom */
import { afterEach, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import {
  applyPassSwitch,
  applySetting,
  DEFAULT_STYLE,
  type Choice,
  type Step,
  type Style,
  NO_HISTORY,
} from '../../../../core/index.ts';
import { ChoiceChips } from '../menus/choice-chips.tsx';
import { markWords } from '../words/mark-words.ts';
import { PassRail } from './pass-rail.tsx';
import type { Decisions } from '../state/use-decisions.ts';

/** It comes when settings are shown; here it is there at once. */
beforeAll(() => import('../../../ui/pick-list.tsx'));
afterEach(cleanup);

function decisionsOf(style: Style, choices: readonly Choice[] = []) {
  const take = jest.fn<(step: Step) => void>();
  const decisions: Decisions = {
    style,
    choices,
    reading: undefined,
    history: NO_HISTORY,
    latest: () => NO_HISTORY,
    goTo: () => undefined,
    canUndo: false,
    canRedo: false,
    take,
    undo: () => undefined,
    redo: () => undefined,
  };
  return { decisions, take };
}

function showRail(style: Style, lit?: string) {
  const { decisions, take } = decisionsOf(style);
  render(
    <PassRail
      counts={{ ligatures: 1234 }}
      offPassCounts={{ dashes: 7 }}
      decisions={decisions}
      lit={lit}
      onLight={() => undefined}
      onList={() => undefined}
    />,
  );
  return take;
}

describe('the rail of passes', () => {
  const button = (title: string) => screen.queryByRole('button', { name: `Highlight the changes of “${title}”` });
  const open = (name: RegExp) => fireEvent.click(screen.getByRole('button', { name }));

  test('shows those that did something; the others are folded, with what they would do', () => {
    showRail(DEFAULT_STYLE);
    expect(button('Ligatures')?.textContent).toBe('Ligatures1,234');
    expect([button('Tabs'), button('Same dash throughout')]).toEqual([null, null]);
    open(/found nothing/);
    expect(button('Tabs')?.textContent).toBe('Tabs');
    open(/are off, 1 would change something/);
    expect(button('Same dash throughout')?.textContent).toBe('Same dash throughout(7)');
  });

  test('any is found by its name or by what it does', () => {
    showRail(DEFAULT_STYLE);
    const field = screen.getByRole('searchbox', { name: 'Find a pass' });
    fireEvent.change(field, { target: { value: 'dash through' } });
    expect(button('Same dash throughout')).not.toBeNull();
    expect(button('Ligatures')).toBeNull();
    fireEvent.change(field, { target: { value: 'no such thing' } });
    expect(screen.getByText('No pass matches.')).toBeTruthy();
  });

  test('a pass that is switched stays where it is', () => {
    showRail(DEFAULT_STYLE);
    open(/are off/);
    fireEvent.click(screen.getByRole('switch', { name: 'Emoji' }));
    expect(screen.getByRole('region', { name: 'Marks' }).textContent).toContain('Emoji');
  });

  test('a switch is a step; settings show where the pass is lit up, or works otherwise than usual', async () => {
    const style = applySetting(applyPassSwitch(DEFAULT_STYLE, 'dashes', true), 'dashes', 'form', ' – ');
    const take = showRail(style, 'tabs');
    open(/are off/);
    fireEvent.click(screen.getByRole('switch', { name: 'Emoji' }));
    expect(take).toHaveBeenLastCalledWith({ kind: 'switch-pass', pass: 'emoji', on: true });
    expect(screen.queryByRole('button', { name: /Footnotes: Place/ })).toBeNull();
    expect((await screen.findByRole('button', { name: /Tabs: A tab becomes/ })).textContent).toContain('one space');
    expect(screen.getByRole('button', { name: /Same dash throughout: Form/ }).textContent).toContain('word – word');
  });

  test('all can be brought back to what is usual, once something was changed', () => {
    const take = showRail(applyPassSwitch(DEFAULT_STYLE, 'tabs', false));
    fireEvent.click(screen.getByRole('button', { name: 'Reset all passes' }));
    expect(take).toHaveBeenCalledWith({ kind: 'reset-passes' });
  });

  test('nothing is offered to be brought back before', () => {
    showRail(DEFAULT_STYLE);
    expect(screen.queryByRole('button', { name: 'Reset all passes' })).toBeNull();
  });
});

describe('what a person says marks paragraphs', () => {
  test.each([
    [{ by: 'nothing' }, 'no gap'],
    [{ by: 'gap', blanks: 0, step: 'level', odd: false }, 'every line end'],
    [{ by: 'gap', blanks: 0, step: 'in', odd: false }, 'a line that steps in'],
    [{ by: 'gap', blanks: 2, step: 'level', odd: false }, 'two blank lines'],
    [{ by: 'gap', blanks: 1, step: 'level', odd: true }, 'a blank line with a no-break space'],
  ] as const)('%j in words', (mark, words) => {
    expect(markWords(mark)).toBe(words);
  });

  test('is shown, and can be taken back', () => {
    const choice: Choice = { kind: 'mark', from: 3, to: 4, mark: { by: 'gap', blanks: 1, step: 'level', odd: false } };
    const { decisions, take } = decisionsOf(DEFAULT_STYLE, [choice]);
    render(<ChoiceChips decisions={decisions} />);
    expect(screen.getByText(/Paragraphs by a blank line/)).not.toBeNull();
    fireEvent.click(screen.getByRole('button', { name: /decide automatically again/ }));
    expect(take).toHaveBeenCalledWith({ kind: 'withdraw', choice });
  });

  test('is not shown where nothing was said', () => {
    const { container } = render(<ChoiceChips decisions={decisionsOf(DEFAULT_STYLE).decisions} />);
    expect(container.textContent).toBe('');
  });
});
