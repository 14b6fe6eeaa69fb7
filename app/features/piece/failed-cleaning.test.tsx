/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { applyStep, DEFAULT_STYLE, isPassOn, NO_HISTORY, PASSES, type Step } from '../../../core/index.ts';
import { outcomeOf } from '../../../core/history/history.ts';
import { FailedCleaning } from './failed-cleaning.tsx';
import type { Decisions } from './state/use-decisions.ts';

afterEach(cleanup);

test('the source is there to be copied, and can be opened uncleaned', () => {
  const take = jest.fn<(step: Step) => void>();
  const tryAgain = jest.fn();
  const decisions = { style: DEFAULT_STYLE, canUndo: false, take, undo: jest.fn() } as unknown as Decisions;
  render(
    <FailedCleaning
      source="The tide fell."
      stage="blocks"
      message="“Ligatures” failed: RangeError"
      decisions={decisions}
      onTryAgain={tryAgain}
    />,
  );
  expect(screen.getByRole('textbox', { name: 'The source' })).toHaveProperty('value', 'The tide fell.');
  expect(screen.getByText(/while its paragraphs were cleaned/)).toBeTruthy();
  expect(screen.getByText('“Ligatures” failed: RangeError')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Undo the last step' })).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Open it uncleaned' }));
  expect(tryAgain).toHaveBeenCalledTimes(1);
  const { style } = outcomeOf(applyStep(NO_HISTORY, take.mock.calls[0]![0]), DEFAULT_STYLE);
  expect(PASSES.filter(({ id }) => isPassOn(style, id))).toEqual([]);
});
