import { describe, expect, test } from '@jest/globals';
import { DEFAULT_STYLE, type Step } from '../../../../core/index.ts';
import { keepAnswer } from '../../../../storage/notes.ts';
import { createPiece, loadPiece } from '../../../../storage/pieces.ts';
import { loadKeys } from '../../../../storage/preferences.ts';
import { actOnPiece, type PieceWrite } from './piece-actions.ts';

const step = (pass: string): Step => ({ kind: 'switch-pass', pass, on: false });
const take = (at: number, pass: string): PieceWrite => ({ intent: 'step', at, step: step(pass) });

const newPiece = () => createPiece({ source: 'The tide fell.' }, 'Tides', 1);

describe('writes of a piece', () => {
  test('are stored in their order', async () => {
    const id = await newPiece();
    expect(await actOnPiece(id, [take(0, 'tabs'), take(1, 'rules'), { intent: 'move', from: 2, to: 1 }])).toEqual({
      ok: true,
      merged: false,
    });
    expect((await loadPiece(id)).history).toEqual({ steps: [step('tabs'), step('rules')], at: 1 });
  });

  test('steps are stored with the answers they came of; an answer no step came of goes by itself', async () => {
    const id = await newPiece();
    for (const key of ['edit 1', 'edit 2', 'edit 3', 'edit 4'])
      await keepAnswer(id, { key, answer: 'now', alike: false, givenAt: 1 });
    const answered = (key: string): PieceWrite => ({ intent: 'answered', key });
    await actOnPiece(id, [take(0, 'tabs'), answered('edit 1'), take(1, 'rules'), answered('edit 2')]);
    await actOnPiece(id, [answered('edit 3')]);
    const { history, answers } = await loadPiece(id);
    expect(history).toEqual({ steps: [step('tabs'), step('rules')], at: 2 });
    expect(answers.map(({ key }) => key)).toEqual(['edit 4']);
  });

  test('a step that crosses another tab’s is told as merged, and both are there', async () => {
    const id = await newPiece();
    await actOnPiece(id, [take(0, 'tabs')]);
    expect(await actOnPiece(id, [take(0, 'rules')])).toEqual({ ok: true, merged: true });
    expect((await loadPiece(id)).history.steps).toEqual([step('tabs'), step('rules')]);
  });

  test('the first that cannot be stored stops the rest, and says why', async () => {
    const id = await newPiece();
    const writes: PieceWrite[] = [
      { intent: 'move', from: 3, to: 1 },
      { intent: 'rename', title: 'Never' },
    ];
    expect(await actOnPiece(id, writes)).toEqual({ ok: false, problem: 'outrun' });
    expect((await loadPiece(id)).piece.title).toBe('Tides');
    expect(await actOnPiece('none', [take(0, 'tabs')])).toEqual({ ok: false, problem: 'gone' });
  });

  test('versions, titles, notes and keys are kept', async () => {
    const id = await newPiece();
    const version = { id: 'v', pieceId: id, name: 'First', keptAt: 5, outcome: { style: DEFAULT_STYLE, choices: [] } };
    await actOnPiece(id, [
      { intent: 'keep-version', version },
      { intent: 'rename', title: 'Ebb' },
      { intent: 'note', note: { words: 3, doubts: 1, kind: 'wrapped' } },
      { intent: 'keys', keys: { later: 'w' } },
    ]);
    const stored = await loadPiece(id);
    expect(stored.versions).toEqual([version]);
    expect(stored.piece).toMatchObject({ title: 'Ebb', words: 3, doubts: 1 });
    expect(await loadKeys()).toEqual({ later: 'w' });
    await actOnPiece(id, [{ intent: 'forget-version', id: 'v' }]);
    expect((await loadPiece(id)).versions).toEqual([]);
  });
});
