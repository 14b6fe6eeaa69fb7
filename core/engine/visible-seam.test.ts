import { describe, expect, test } from '@jest/globals';
import { clean, revise } from '../cleaning/clean.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { applyStep, NO_HISTORY, outcomeOf, type Step } from '../history/history.ts';
import { openLedger } from '../ledger/ledger.ts';
import { viewEntry } from '../ledger/ledger-line.ts';
import { cleanText } from '../cleaning/output.ts';
import { stepForPortion } from '../portion/portion.ts';
import { digested, digestOf } from '../report/digest.ts';
import { editRow } from '../rows/edit-row.ts';
import { NEW_PARAGRAPH } from '../rows/new-paragraph.ts';
import { textOfRow } from '../rows/row-text.ts';
import { planRows, rowAt } from '../rows/row-plan.ts';
import { viewRow } from '../rows/row-view.ts';
import { rangeOfSeam } from '../decided/seams-in-force.ts';
import { Decision } from '../seams/seam-table.ts';
import { visibleSeam, visibleSeams } from '../decided/visible-seam.ts';
import { DEFAULT_STYLE, type Style } from '../style/style.ts';

const HEAD = 'SALTFERN ALMANAC.';
const PAGED = `The miller kept a slate by the sluice with the week’s
high waters chalked on it, and let the children of the

${HEAD}

place wipe it clean on Saturdays, when the gates were
closed and nobody could be drowned in the race.

So it went on for forty years.
`;

/** Takes steps one after the other, as on the screen. */
function start(source = PAGED, style: Style = DEFAULT_STYLE) {
  let history = NO_HISTORY;
  let cleaning = clean(source, style);
  return {
    now: (): Cleaning => cleaning,
    take(step: Step | undefined) {
      history = applyStep(history, step!);
      const { choices } = outcomeOf(history, style);
      cleaning = revise(cleaning, style, choices);
      expect(cleanText(cleaning)).toBe(cleanText(clean(source, style, choices)));
    },
    leaveOut(words: string) {
      const from = source.indexOf(words);
      this.take(stepForPortion(cleaning, { from, to: from + words.length }, { kind: 'leave-out' }));
    },
  };
}

describe('a seam over lines that were left out', () => {
  const headless = () => {
    const piece = start();
    piece.leaveOut(HEAD);
    return piece;
  };

  test('is decided by the lines that stand beside it', () => {
    const { now } = headless();
    const seams = [...visibleSeams(now())];
    const across = seams.filter(({ skipsLines }) => skipsLines);
    expect(across).toMatchObject([{ above: 1, below: 5, decision: Decision.join, settled: false }]);
    expect(seams.map(({ decision }) => decision)).toContain(Decision.break);
    expect(visibleSeam(now(), across[0]!.seam)).toEqual(across[0]);
    expect(visibleSeam(now(), across[0]!.seam - 1)).toBeUndefined();
  });

  test('shows once in the rows, between the lines that stand, as what it is', () => {
    const { now } = headless();
    const plan = planRows(digested(now()));
    const marks = Array.from({ length: plan.count }, (_, row) => viewRow(now(), plan, row).seams).flat();
    expect(marks.map(({ lines }) => lines)).toEqual([
      [1, 2],
      [2, 6],
      [6, 7],
      [7, 9],
    ]);
    expect(marks[1]).toMatchObject({ decision: Decision.join, canMend: false });
    expect(marks[1]!.reasons.map(({ name }) => name)).not.toContain('titleBefore');
  });

  test('is told by the ledger as what it is', () => {
    const { now } = headless();
    const ledger = openLedger(now());
    const gap = ledger.entries.findIndex(({ passes, from }) => passes.includes('wrapped-lines') && from > 100);
    expect(viewEntry(ledger, gap).seam?.decision).toBe(Decision.join);
  });

  test('is settled by hand, parted in the text by Enter, and given back', () => {
    const piece = headless();
    const plan = planRows(digested(piece.now()));
    const text = textOfRow(piece.now(), plan, 0);
    const offset = text.indexOf(' place wipe');
    const edited = editRow(piece.now(), plan, 0, {
      kind: 'insert',
      text,
      was: text,
      from: offset,
      to: offset,
      insert: NEW_PARAGRAPH,
    });
    expect(edited.step).toMatchObject({ kind: 'choose', choice: { kind: 'seam', decision: Decision.break } });
    piece.take(edited.step);
    expect(cleanText(piece.now())).toContain('the children of the\n\nplace wipe');
    const below = planRows(digested(piece.now()));
    piece.take(
      editRow(piece.now(), below, rowAt(below, PAGED.indexOf('place')), { kind: 'join', with: 'before' }).step,
    );
    expect(cleanText(piece.now())).toContain('the children of the place wipe');
  });

  test('loses no letter where a choice to mend was about the line that left', () => {
    const split = PAGED.replace(HEAD, 'SALTFERN ALMA-');
    const piece = start(split);
    const whole = piece.now();
    const line = whole.table.index.from.indexOf(split.indexOf('SALTFERN'));
    const seam = whole.decided.seams.line.indexOf(line);
    piece.take({ kind: 'choose', choice: { kind: 'seam', ...rangeOfSeam(whole, seam), decision: Decision.mend } });
    // The half of the word that is split is the head's: it leaves with the rest of the line.
    const from = split.indexOf('SALTFERN');
    piece.take({ kind: 'choose', choice: { kind: 'drop', from, to: from + 'SALTFERN ALMA-'.length } });
    expect(cleanText(piece.now())).toContain('the children of the place wipe');
  });

  test('is the outcome of leaving them out: not asked about in its turn, and open to change', () => {
    const loose = `He went down to the quay at noon.\n\n${HEAD}\n\nthe boats had gone by then, and the ferry too, so that\nnobody was left on the Wrackby side but the keeper.\n`;
    const piece = start(loose, { ...DEFAULT_STYLE, certaintyLimit: 1 });
    piece.leaveOut(HEAD);
    const across = [...visibleSeams(piece.now())].find(({ skipsLines }) => skipsLines)!;
    expect(across.certainty).toBeLessThan(1);
    expect(digestOf(piece.now()).seams).not.toContain(across.seam);
    const other = across.decision === Decision.break ? Decision.join : Decision.break;
    piece.take({
      kind: 'choose',
      choice: { kind: 'seam', ...rangeOfSeam(piece.now(), across.seam), decision: other },
    });
    expect(visibleSeam(piece.now(), across.seam)).toMatchObject({ settled: true, decision: other });
  });
});

test('all lines left out leave no seam and no text', () => {
  const piece = start();
  piece.take(stepForPortion(piece.now(), { from: 0, to: PAGED.length }, { kind: 'leave-out' }));
  expect([...visibleSeams(piece.now())]).toEqual([]);
  expect(cleanText(piece.now()).trim()).toBe('');
});
