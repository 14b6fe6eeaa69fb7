import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { clean, revise } from '../cleaning/clean.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { cleanText } from '../cleaning/output.ts';
import { applyStep, NO_HISTORY, outcomeOf, undo, type History } from '../history/history.ts';
import { digested } from '../report/digest.ts';
import { toCleanPosition } from '../edits/positions.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { DISTORTERS } from '../testing/distort.ts';
import { parseProse } from '../testing/marked-prose.ts';
import { seededRandom } from '../testing/random.ts';
import { editRow, type RowEdit } from './edit-row.ts';
import { breakAt, NEW_LINE, NEW_PARAGRAPH } from './new-paragraph.ts';
import { planRows, rowAt } from './row-plan.ts';
import { cleanRuns } from './row-view.ts';
import { textOfRow } from './row-text.ts';

/** A person who writes: a row, an offset in its text, and what the keys do there, as the screen has it. */
function writer(source: string) {
  let history: History = NO_HISTORY;
  let cleaning: Cleaning = clean(source, DEFAULT_STYLE);
  let plan = planRows(digested(cleaning));
  const text = (row: number) => textOfRow(cleaning, plan, row);
  const inForce = (next: History) => {
    history = next;
    const { style, choices } = outcomeOf(history, DEFAULT_STYLE);
    cleaning = revise(cleaning, style, choices);
    plan = planRows(digested(cleaning));
  };
  const act = (row: number, offset: number, edit: RowEdit): Spot => {
    const from = plan.from[row]!;
    const { step, caret } = editRow(cleaning, plan, row, edit);
    if (step) inForce(applyStep(history, step));
    if (!step || !caret) return { row, offset };
    if ('source' in caret) {
      const to = rowAt(plan, caret.source);
      const stretches = cleanRuns(cleaning, plan, to).map(({ fate, ...run }) =>
        fate === 'kept' ? { from: run.from, to: run.to } : run,
      );
      return { row: to, offset: toCleanPosition(stretches, caret.source, 'start').at };
    }
    const to = rowAt(plan, from);
    expect(text(to).startsWith(caret.behind)).toBe(true);
    return { row: to, offset: caret.offset };
  };
  const insert = ({ row, offset }: Spot, put: string, upTo = offset, start = offset) => {
    const now = text(row);
    return act(row, offset, { kind: 'insert', text: now, was: now, from: start, to: upTo, insert: put });
  };
  return {
    text,
    whole: () => cleanText(cleaning),
    rows: () => plan.count,
    enter: (spot: Spot, put = NEW_PARAGRAPH) => insert(spot, put),
    backspace(spot: Spot): Spot {
      const inside = breakAt(text(spot.row), spot.offset, 'Backspace');
      if (inside) return insert(spot, '', inside.to, inside.from);
      if (spot.offset === 0) return act(spot.row, 0, { kind: 'join', with: 'before' });
      return insert(spot, '', spot.offset, spot.offset - 1);
    },
    replace: (from: Spot, to: Spot, put: string) =>
      act(from.row, from.offset, {
        kind: 'replace',
        from: from.offset,
        to: { row: plan.from[to.row]!, offset: to.offset },
        insert: put,
      }),
    undo: () => inForce(undo(history)),
    steps: () => history.at,
  };
}

interface Spot {
  readonly row: number;
  readonly offset: number;
}

const PROSE = parseProse(readFileSync('samples/prose/novella-chapter.txt', 'utf8'));

function someSpot(piece: ReturnType<typeof writer>, random: () => number): Spot | undefined {
  const row = Math.floor(random() * piece.rows());
  const { length } = piece.text(row);
  return length === 0 ? undefined : { row, offset: Math.floor(random() * (length + 1)) };
}

test('law: Backspace takes back what Enter did, wherever it was pressed and whatever was written before', () => {
  fc.assert(
    fc.property(fc.constantFrom(...Object.keys(DISTORTERS)), fc.nat(), (distorter, seed) => {
      const random = seededRandom(seed);
      const piece = writer(DISTORTERS[distorter]!(PROSE.slice(0, 5), random).source);
      for (let turn = 0; turn < 6; turn++) {
        const spot = someSpot(piece, random);
        if (!spot) continue;
        if (random() < 0.4) {
          piece.enter(spot, ['the old ', ' quay', 'x', NEW_LINE][Math.floor(random() * 4)]);
          continue;
        }
        const before = piece.whole();
        const rows = piece.rows();
        const steps = piece.steps();
        const caret = piece.enter(spot, random() < 0.7 ? NEW_PARAGRAPH : NEW_LINE);
        if (piece.steps() === steps) continue;
        if (piece.rows() === rows && piece.text(caret.row).length === caret.offset && piece.whole() === before)
          continue;
        piece.backspace(caret);
        expect(piece.whole()).toBe(before);
      }
    }),
    { numRuns: 150 },
  );
});

test('law: what is put in place of a selection over paragraphs stands between what was before and behind it; one step', () => {
  fc.assert(
    fc.property(fc.constantFrom(...Object.keys(DISTORTERS)), fc.nat(), (distorter, seed) => {
      const random = seededRandom(seed);
      const piece = writer(DISTORTERS[distorter]!(PROSE.slice(0, 5), random).source);
      const spots = [someSpot(piece, random), someSpot(piece, random)];
      const [from, to] = spots.sort((a, b) => (a?.row ?? 0) - (b?.row ?? 0));
      if (!from || !to || from.row === to.row) return;
      const put = ['', 'X', 'one.\n\nTwo'][Math.floor(random() * 3)]!;
      const above = piece.text(from.row).slice(0, from.offset);
      const below = piece.text(to.row).slice(to.offset);
      const whole = piece.whole();
      const caret = piece.replace(from, to, put);
      if (piece.steps() === 0) return;
      const flat = (text: string) => text.replace(/\s+/g, ' ').trim();
      expect(flat(piece.whole())).toContain(flat(above + put + below));
      if (above !== '' || put !== '')
        expect(flat(piece.text(caret.row).slice(0, caret.offset))).toBe(flat(above + put));
      piece.undo();
      expect(piece.whole()).toBe(whole);
    }),
    { numRuns: 150 },
  );
});

test('Enter at the end of a paragraph begins one, at its beginning as well; what is not written leaves no trace', () => {
  const source = 'The keeper lit the lamp at dusk, as he had for years.\n\nNobody came that night, nor the next.\n';
  const piece = writer(source);
  const clean = piece.whole();
  const end = piece.enter({ row: 0, offset: piece.text(0).length });
  expect(end.offset).toBe(piece.text(end.row).length);
  expect(piece.whole()).toBe(clean);
  piece.enter(end, 'Then it went out.');
  expect(piece.whole()).toBe(clean.replace('years.', 'years.\n\nThen it went out.'));
  piece.enter({ row: 1, offset: 0 });
  piece.enter({ row: 1, offset: 0 }, 'So he waited.');
  expect(piece.whole()).toMatch(/went out\.\n\nSo he waited\.\n\nNobody/);
});
