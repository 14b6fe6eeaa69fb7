/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { Decision, type Doubt, type DoubtView } from '../../../../core/index.ts';
import { DoubtBar } from './doubt-bar.tsx';
import { askAbout } from './doubt-words.ts';
import type { Doubts } from './use-doubts.ts';

afterEach(cleanup);

const shared = { key: 'k', from: 0, to: 9, certainty: 0.7, alike: 'a', seam: 3 };
const viewOf = (doubt: Doubt, more: Partial<DoubtView> = {}): DoubtView => ({
  doubt,
  before: 'everything that could be wood.',
  after: 'The great spur wheel',
  source: '',
  lines: [57, 58],
  reasons: [
    { name: 'fullLine', weight: -2 },
    { name: 'endsStop', weight: 1 },
  ],
  alike: 1,
  ...more,
});
const joined = viewOf({ ...shared, kind: 'seam', now: Decision.join, other: Decision.break }, { alike: 4 });

describe('a doubt in words', () => {
  test('asks whether a paragraph begins; joining is the first answer, whatever was decided', () => {
    expect(askAbout(joined)).toEqual({
      question: 'Does a new paragraph start at “The great spur”?',
      place: 'Lines 57 and 58',
      reason: 'This line is full, so it probably runs on. But this line ends a sentence.',
      first: { label: 'Join', words: 'could be wood. The great spur', answer: 'now' },
      second: { label: 'New paragraph', words: 'could be wood. ¶ The great spur', answer: 'other' },
    });
    const apart = askAbout(viewOf({ ...shared, kind: 'seam', now: Decision.break, other: Decision.join }));
    expect([apart.first.answer, apart.second.answer]).toEqual(['other', 'now']);
    expect(apart.reason).toContain(
      'This line ends a sentence, so a new paragraph probably starts. But this line is full.',
    );
  });

  test('asks how a split word is written', () => {
    const split: Doubt = { ...shared, kind: 'split', now: Decision.mend, other: Decision.join, evidence: 'usual' };
    const { question, first, second } = askAbout(viewOf(split, { before: 'on the old sand-', after: 'bank, where' }));
    expect(question).toBe('Is it “sandbank” or “sand-bank”?');
    expect([first.words, first.answer, second.words]).toEqual(['sandbank', 'now', 'sand-bank']);
  });

  test('asks whether something goes, or becomes something else', () => {
    const edit: Doubt = { ...shared, kind: 'edit', passes: ['reference-marks'], why: 'glued', becomes: '' };
    const gone = askAbout(viewOf(edit, { source: '3', before: 'was the end.', after: ' Then he' }));
    expect(gone.question).toBe('Remove “3” after “was the end.”?');
    const time: Doubt = { ...shared, kind: 'edit', passes: ['time-codes'], why: 'times', becomes: '' };
    const first = askAbout(viewOf(time, { source: '[0:04] ', before: '', after: 'We begin with the keel' }));
    expect(first.question).toBe('Remove “[0:04]” before “We begin with”?');
    expect(gone.reason).toBe('Changed by “Reference marks”, but a figure behind a stop may belong to the text.');
    expect([gone.first.words, gone.second.words]).toEqual(['was the end. Then he', 'was the end.3 Then he']);
    expect([first.first.words, first.second.words]).toEqual(['We begin with', '[0:04] We begin with']);
    const gap: Doubt = { ...shared, kind: 'edit', passes: ['gaps-in-words'], why: 'twoWords', becomes: '' };
    const word = askAbout(viewOf(gap, { source: '- ', before: 'It was in', after: 'deed, a long way' }));
    expect(word.question).toBe('Is it “indeed” or “in- deed”?');
    expect([word.first.words, word.second.words]).toEqual(['It was indeed, a long', 'It was in- deed, a long']);
    const stops: Doubt = { ...edit, passes: ['doubled-punctuation'], why: 'may-be-ellipsis', becomes: '.' };
    expect(askAbout(viewOf(stops, { source: '..' })).question).toContain('Change “..” to “.”');
  });
});

describe('a line that was taken out', () => {
  test('is asked about as a line, with the pass that took it', () => {
    const doubt: Doubt = { ...shared, kind: 'edit', passes: ['page-furniture'], why: 'lone', becomes: '' };
    const asked = askAbout(
      viewOf(doubt, { source: 'THE MILL', before: 'and could not\n\n', after: '\n\nread. She', lines: [4, 4] }),
    );
    expect(asked.question).toBe('Does the line “THE MILL” belong to the text?');
    expect(asked.reason).toBe(
      'Line 4 was removed by “Running heads and page numbers”, but it comes only once, so nothing proves that it is one.',
    );
    expect([asked.first.answer, asked.second.answer]).toEqual(['now', 'other']);
  });
});

describe('the bar', () => {
  const tally = { wordsIn: 1284, wordsOut: 1241, removed: 24, inserted: 0, mended: 19 };
  function show(next: Doubts['next']) {
    const doubts = {
      next,
      order: 'reading' as const,
      place: undefined,
      goTo: undefined,
      setOrder: jest.fn(),
      answer: jest.fn(),
      putOff: jest.fn(),
      show: jest.fn(),
    };
    render(<DoubtBar doubts={doubts} tally={tally} />);
    return doubts;
  }

  test('two keys answer, one answers for all alike, one puts off; with Shift a key answers for all alike', () => {
    const doubts = show({ left: 11, view: joined, following: [] });
    expect(screen.getByText('11 questions')).toBeTruthy();
    fireEvent.keyDown(document.body, { key: 'j' });
    expect(doubts.answer).toHaveBeenLastCalledWith('now', false);
    fireEvent.keyDown(document.body, { key: 'K', shiftKey: true });
    expect(doubts.answer).toHaveBeenLastCalledWith('other', true);
    fireEvent.keyDown(document.body, { key: 'a' });
    expect(doubts.answer).toHaveBeenLastCalledWith('now', true);
    fireEvent.keyDown(document.body, { key: 'l' });
    expect(doubts.putOff).toHaveBeenCalledTimes(1);
    fireEvent.click(screen.getByRole('button', { name: /Join, all 4 alike/ }));
    expect(doubts.answer).toHaveBeenCalledTimes(4);
  });

  test('keys that are typed, or pressed with Ctrl, are not its own', () => {
    const doubts = show({ left: 1, view: joined, following: [] });
    const field = document.body.appendChild(document.createElement('input'));
    fireEvent.keyDown(field, { key: 'j' });
    fireEvent.keyDown(document.body, { key: 'j', ctrlKey: true });
    expect(doubts.answer).not.toHaveBeenCalled();
  });

  test('says so when none is left, with the tally', () => {
    show({ left: 0, following: [] });
    expect(screen.getByRole('status').textContent).toBe(
      'No questions left.1,284 words in, 1,241 out, 24 removed, 19 mended: every word is accounted for.',
    );
  });
});
