/** @jest-environment jsdom */
import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { DEFAULT_STYLE, USUAL_SHAPE } from '../../../core/index.ts';
import type { Summary } from '../../../worker/protocol.ts';

const open =
  jest.fn<(text: unknown, decided: { history: { steps: unknown[] } }) => Promise<{ summary: Partial<Summary> }>>();
const close = jest.fn();
jest.unstable_mockModule('../../../worker/client.ts', () => ({
  startCleaning: () => ({ open, copy: async () => ({ text: 'clean', html: '<p>clean</p>' }), close }),
}));
const { problemWords, runOnClipboard, summaryWords } = await import('./clipboard-run.ts');

const holding = (plain: string, types = ['text/plain']) => ({
  read: async () => ({ types, getData: (type: string) => (type === 'text/plain' ? plain : '') }),
  write: jest.fn<(copy: { text: string; html: string }) => Promise<void>>(async () => undefined),
});
const minutes = {
  id: 'a',
  name: 'Minutes',
  style: { ...DEFAULT_STYLE, passes: { quotes: true } },
  for: { words: 'minutes' },
};

beforeEach(() => {
  jest.clearAllMocks();
  open.mockResolvedValue({ summary: { suggestedTitle: 'Title' } });
  jest.spyOn(document, 'hasFocus').mockReturnValue(true);
});

describe('a run on the clipboard', () => {
  test('cleans in the style that is meant for the text, writes it back, and keeps what the piece begins with', async () => {
    const board = holding('Minutes of the board\nThe tide fell.');
    const result = await runOnClipboard(board, [minutes], undefined, USUAL_SHAPE);
    expect(result).toMatchObject({
      ok: true,
      style: 'Minutes',
      isWritten: true,
      title: 'Title',
      text: { begun: { id: 'a' } },
    });
    expect(board.write).toHaveBeenCalledWith({ text: 'clean', html: '<p>clean</p>' });
    expect(open.mock.calls[0]![1].history.steps).toHaveLength(1);
    expect(close).toHaveBeenCalled();
  });

  test('without one it is the usual; a wanted one goes before', async () => {
    expect(await runOnClipboard(holding('A letter.'), [minutes], undefined, USUAL_SHAPE)).toMatchObject({
      style: 'The usual',
    });
    expect(await runOnClipboard(holding('A letter.'), [], minutes, USUAL_SHAPE)).toMatchObject({ style: 'Minutes' });
  });

  test.each<[string, ReturnType<typeof holding>, string]>([
    ['nothing there', holding('', []), 'empty'],
    ['a picture', holding('', ['Files']), 'picture'],
    ['only white space', holding(' \n '), 'only-spaces'],
    [
      'not allowed',
      { ...holding(''), read: () => Promise.reject(new DOMException('x', 'NotAllowedError')) },
      'not-allowed',
    ],
  ])('%s: nothing is written', async (_, board, problem) => {
    expect(await runOnClipboard(board, [], undefined, USUAL_SHAPE)).toEqual({ ok: false, problem });
    expect(board.write).not.toHaveBeenCalled();
    expect(problemWords(problem as 'empty').detail).toContain('The clipboard is as it was.');
  });

  test('a page that is not in front says so; a cleaning that fails leaves the clipboard; a write that fails is told', async () => {
    const refused = { ...holding('x'), read: () => Promise.reject(new DOMException('x', 'NotAllowedError')) };
    jest.spyOn(document, 'hasFocus').mockReturnValue(false);
    expect(await runOnClipboard(refused, [], undefined, USUAL_SHAPE)).toMatchObject({ problem: 'no-focus' });
    open.mockRejectedValueOnce(new Error('no memory'));
    const board = holding('A letter.');
    expect(await runOnClipboard(board, [], undefined, USUAL_SHAPE)).toMatchObject({ problem: 'not-cleaned' });
    expect(board.write).not.toHaveBeenCalled();
    const closed = { ...holding('A letter.'), write: () => Promise.reject(new Error('no')) };
    expect(await runOnClipboard(closed, [], undefined, USUAL_SHAPE)).toMatchObject({ ok: true, isWritten: false });
  });

  test.each<[Partial<Summary>, string]>([
    [
      {
        counts: { 'wrapped-lines': 1200, 'split-words': 14 },
        blocks: 31,
        doubts: 3,
        tally: { removed: 2 } as Summary['tally'],
      },
      '1,214 line ends joined into 31 paragraphs, 2 words removed, 3 questions',
    ],
    [{ counts: {}, blocks: 1, doubts: 0, tally: { removed: 0 } as Summary['tally'] }, '1 paragraph, no questions'],
  ])('%j', (summary, words) => {
    expect(summaryWords(summary as Summary)).toBe(words);
  });
});
