import { describe, expect, test } from '@jest/globals';
import { digested } from '../report/digest.ts';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { clean, revise } from '../cleaning/clean.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { applyStep, NO_HISTORY, outcomeOf, type Step } from '../history/history.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { DISTORTERS } from '../testing/distort.ts';
import { parseProse } from '../testing/marked-prose.ts';
import { seededRandom } from '../testing/random.ts';
import { stepForPortion } from '../portion/portion.ts';
import { editRow, type RowEdit } from './edit-row.ts';
import { NEW_LINE, NEW_PARAGRAPH } from './new-paragraph.ts';
import { textBetween, textOfRow } from './row-text.ts';
import { planRows, rowAt } from './row-plan.ts';

const MILL = `A tide mill asks for nothing but patience, and twice
a day the creek fills the pond behind the wall, and
twice a day the miller lets it out again through a
gate no wider than a cart, as his father did be-
fore him.[4]

The miller kept a slate by the sluice  with the
week's high waters chalked on it, and let the
children wipe it clean on Saturdays.
`;

/** Takes steps one after the other, as on the screen. */
function start(source = MILL) {
  let history = NO_HISTORY;
  let cleaning = clean(source, DEFAULT_STYLE);
  const take = (step: Step | undefined) => {
    expect(step).toBeDefined();
    history = applyStep(history, step!);
    const { style, choices } = outcomeOf(history, DEFAULT_STYLE);
    cleaning = revise(cleaning, style, choices);
  };
  return {
    now: (): Cleaning => cleaning,
    take,
    text: () => cleanText(cleaning),
    edit: (row: number, edit: RowEdit) => {
      const edited = editRow(cleaning, planRows(digested(cleaning)), row, edit);
      if (edited.step) take(edited.step);
      return edited;
    },
    row: (row: number) => textOfRow(cleaning, planRows(digested(cleaning)), row),
    choices: () => cleaning.choices,
  };
}

function splitAt(text: string, at: number, insert = NEW_PARAGRAPH) {
  return { kind: 'insert', text, was: text, from: at, to: at, insert } as const;
}

const replaceIn = (piece: ReturnType<typeof start>, row: number, of: string | RegExp, by: string) =>
  piece.edit(row, { kind: 'text', text: piece.row(row).replace(of, by), was: piece.row(row) });

describe('typing in the clean text', () => {
  test('puts whole words in the place of whole words of the source', () => {
    const piece = start();
    replaceIn(piece, 0, 'creek', 'creeks');
    const from = MILL.indexOf('creek');
    expect(piece.choices()).toEqual([{ kind: 'rewrite', from, to: from + 5, text: 'creeks' }]);
    expect(piece.row(0)).toContain('the creeks fills the pond');
  });

  test('over a line end that was joined takes the line end along', () => {
    const piece = start();
    replaceIn(piece, 0, 'twice a day the creek', 'daily the creek');
    expect(piece.choices()).toMatchObject([{ kind: 'rewrite', text: 'daily' }]);
    expect(piece.row(0)).toMatch(/patience, and daily the creek fills/);
  });

  test('typed again in the same words is one choice; typed back, none', () => {
    const piece = start();
    replaceIn(piece, 1, 'slate', 'board');
    replaceIn(piece, 1, 'board', 'boards');
    expect(piece.choices()).toHaveLength(1);
    replaceIn(piece, 1, 'boards', 'slate');
    expect(piece.choices()).toEqual([]);
  });

  test('words put in between words keep what stands around them', () => {
    const piece = start();
    replaceIn(piece, 0, 'the pond behind', 'the old pond behind');
    expect(piece.row(0)).toContain('fills the old pond behind the wall');
    replaceIn(piece, 0, /\.$/, '. So it is.');
    expect(piece.row(0)).toMatch(/before him\. So it is\.$/);
  });

  test('all of a paragraph taken away leaves its lines out, and they can be taken back', () => {
    const piece = start();
    piece.edit(0, { kind: 'text', text: ' ', was: piece.row(0) });
    expect(piece.text()).toMatch(/^The miller kept a slate/);
    piece.take(stepForPortion(piece.now(), { from: 0, to: 200 }, { kind: 'take-back' }));
    expect(piece.text()).toMatch(/^A tide mill/);
  });

  test('into a text that has changed meanwhile loses nothing of either', () => {
    const piece = start();
    const was = piece.row(1);
    piece.edit(1, { kind: 'join', with: 'before' });
    piece.edit(0, { kind: 'text', text: was.replace('slate', 'board'), was });
    expect(piece.row(0)).toMatch(/before him\. The miller kept a board by .* on Saturdays\.$/);
    const whole = piece.row(0);
    piece.edit(0, splitAt(whole, whole.indexOf(' a day the creek')));
    piece.edit(0, { kind: 'text', text: whole.replace('patience', 'time'), was: whole });
    expect(piece.text()).toMatch(/nothing but time, and twice\n\na day/);
  });

  test('nothing changed is no step', () => {
    const piece = start();
    expect(piece.edit(0, { kind: 'text', text: piece.row(0), was: piece.row(0) })).toEqual({ step: undefined });
  });
});

describe('a new paragraph', () => {
  test('at a line end of the source is a decision there, in and after its space', () => {
    for (const after of [0, 1]) {
      const piece = start();
      const offset = piece.row(0).indexOf(' a day the creek') + after;
      const { step, caret } = piece.edit(0, splitAt(piece.row(0), offset));
      expect(step).toMatchObject({ kind: 'choose', choice: { kind: 'seam', decision: 2 } });
      expect(caret).toEqual({ source: MILL.indexOf('a day'), leaves: 0 });
      expect(piece.row(1)).toMatch(/^a day the creek/);
    }
  });

  test('elsewhere is words by hand', () => {
    const piece = start();
    const offset = piece.row(0).indexOf('pond');
    piece.edit(0, splitAt(piece.row(0), offset));
    expect(piece.text()).toContain('fills the\n\npond behind');
  });

  test('where the person has typed what the cleaning does not know yet, loses none of it', () => {
    const piece = start();
    const text = piece.row(0).replace('the creek', 'the old creek');
    piece.edit(0, { ...splitAt(text, text.indexOf('creek')), was: piece.row(0) });
    expect(piece.text()).toContain('a day the old\n\ncreek fills the pond');
  });

  test('takes the place of what is selected', () => {
    const piece = start();
    const text = piece.row(1);
    const from = text.indexOf(' by the sluice');
    const edited = piece.edit(1, { ...splitAt(text, from), to: from + ' by the sluice'.length });
    expect(piece.text()).toContain('kept a slate\n\nwith the week');
    const behind = piece.row(1).slice(0, from + 3);
    expect(edited.caret).toEqual({ offset: from + 3, behind, was: text });
  });

  test('as a line keeps the line end, and a line end taken away joins', () => {
    const piece = start();
    const offset = piece.row(0).indexOf(' a day the creek');
    piece.edit(0, splitAt(piece.row(0), offset, NEW_LINE));
    expect(piece.row(0)).toMatch(/twice\na day/);
    replaceIn(piece, 0, 'twice\na', 'twicea');
    expect(piece.row(0)).toMatch(/twice a day the creek/);
    expect(piece.choices()).toMatchObject([{ kind: 'seam' }]);
  });
});

describe('joining', () => {
  test('at the beginning of a paragraph, and at the end of the one before', () => {
    for (const side of ['before', 'behind'] as const) {
      const piece = start();
      expect(piece.edit(side === 'before' ? 1 : 0, { kind: 'join', with: side }).caret).toMatchObject({
        source: MILL.indexOf('The miller'),
      });
      expect(piece.row(0)).toContain('did before him. The miller kept');
    }
  });

  test('at either end of the text there is nothing to join', () => {
    const piece = start();
    expect(piece.edit(0, { kind: 'join', with: 'before' })).toEqual({});
    expect(piece.edit(1, { kind: 'join', with: 'behind' })).toEqual({});
  });
});

test('the clean text between two spots, over paragraphs and inside of one', () => {
  const { now, row } = start();
  const plan = planRows(digested(now()));
  const spot = (at: number, words: string) => ({ row: plan.from[at]!, offset: row(at).indexOf(words) });
  expect(textBetween(now(), plan, spot(0, 'before him'), spot(1, ' kept'))).toBe('before him.\n\nThe miller');
  expect(textBetween(now(), plan, spot(1, 'kept'), spot(1, ' a slate'))).toBe('kept');
});

test('a paragraph that a person began is copied without the space that its break keeps', () => {
  const piece = start();
  const offset = piece.row(0).indexOf(' pond behind');
  piece.edit(0, splitAt(piece.row(0), offset));
  const plan = planRows(digested(piece.now()));
  const spots = ['the', 'behind'].map((words) => ({ row: plan.from[0]!, offset: piece.row(0).indexOf(words) }));
  expect(textBetween(piece.now(), plan, spots[0]!, spots[1]!)).toMatch(/fills the\n\npond $/);
});

const PROSE = parseProse(readFileSync('samples/prose/novella-chapter.txt', 'utf8'));

test('law: after typing, the row says what was typed, whatever was done before', () => {
  fc.assert(
    fc.property(fc.constantFrom(...Object.keys(DISTORTERS)), fc.nat(), (distorter, seed) => {
      const random = seededRandom(seed);
      const piece = start(DISTORTERS[distorter]!(PROSE.slice(0, 6), random).source);
      for (let edits = 0; edits < 4; edits++) {
        const plan = planRows(digested(piece.now()));
        const row = Math.floor(random() * plan.count);
        const old = piece.row(row);
        if (old === '') continue;
        const a = Math.floor(random() * (old.length + 1));
        const b = Math.min(old.length, a + Math.floor(random() * 12));
        const text = old.slice(0, a) + ['', 'x', ' oak', 'the tide '][Math.floor(random() * 4)]! + old.slice(b);
        if (text.trim() === '' || text !== text.trim() || /\n/.test(old.slice(a, b))) continue;
        const from = plan.from[row]!;
        piece.edit(row, { kind: 'text', text, was: old });
        const after = planRows(digested(piece.now()));
        expect(textOfRow(piece.now(), after, rowAt(after, from))).toBe(text);
      }
    }),
    { numRuns: 150 },
  );
});
