import { describe, expect, test } from '@jest/globals';
import { csvParse } from 'd3-dsv';
import { clean } from '../cleaning/clean.ts';
import type { Choice } from '../choices/choice.ts';
import { applyStep, NO_HISTORY, outcomeOf } from '../history/history.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { exportLedger } from './ledger-export.ts';
import { allPieces, cleanText } from '../cleaning/output.ts';
import { digestOf } from '../report/digest.ts';
import { applyPassSwitch, DEFAULT_STYLE, type Style } from '../style/style.ts';
import { applyRule } from '../style/rules.ts';
import { filterLedger, openLedger, type LedgerFilter } from './ledger.ts';
import { viewEntry } from './ledger-line.ts';
import { stepFor, type LedgerAction } from './ledger-steps.ts';

const SOURCE = `18          THE TIDEWRIGHT QUARTERLY

A tide mill asks for nothing but pa-
tience.[4] It waits for the ﬂood,  and
the miller waits.. And “so on…”

12
\fLow water, slow water.
`;
const all = (cleaning: Cleaning, filter: LedgerFilter = {}) => {
  const ledger = openLedger(cleaning);
  return Array.from(filterLedger(ledger, filter), (at) => viewEntry(ledger, at));
};
const cleaned = (style: Style = DEFAULT_STYLE, choices: readonly Choice[] = []) => clean(SOURCE, style, choices);

/** The cleaning after the ledger's own step. */
function after(cleaning: Cleaning, filter: LedgerFilter, action: LedgerAction): Cleaning {
  const ledger = openLedger(cleaning);
  const step = stepFor(ledger, filterLedger(ledger, filter), action);
  if (!step) return cleaning;
  const chosen = cleaning.choices.map((choice) => ({ kind: 'choose', choice }) as const);
  const history = [...chosen, step].reduce(applyStep, NO_HISTORY);
  const { style, choices } = outcomeOf(history, cleaning.style);
  return clean(SOURCE, style, choices);
}

describe('the ledger', () => {
  test('has every edit once, in order', () => {
    const cleaning = cleaned();
    const edits = [...allPieces(cleaning)].filter(({ text }) => text !== undefined);
    expect(all(cleaning).map(({ from, to }) => [from, to])).toEqual(edits.map(({ from, to }) => [from, to]));
  });

  test('shows each in its surroundings', () => {
    const mark = all(cleaned(), { pass: 'reference-marks' })[0];
    expect(mark).toMatchObject({ line: 4, source: '[4]', becomes: '', state: 'made', doubt: false });
    expect(mark!.before).toMatch(/nothing but patience\.$/);
    expect(mark!.after).toMatch(/^ It waits for the flood, and the miller/);
    const mended = all(cleaned(), { pass: 'split-words' })[0];
    expect(mended).toMatchObject({ source: '-\n', becomes: '', seam: { decision: 1, split: expect.any(String) } });
  });

  test('can be narrowed to a pass, to doubts, to removed words', () => {
    const cleaning = cleaned();
    expect(all(cleaning, { pass: 'ligatures' }).map(({ source }) => source)).toEqual(['ﬂ']);
    expect(all(cleaning, { only: 'removed' }).map(({ source }) => source)).toEqual([
      '18          THE TIDEWRIGHT QUARTERLY',
      '[4]',
      '12',
    ]);
    const doubts = all(cleaning, { only: 'doubts' });
    expect(doubts.find(({ source }) => source === '..')).toMatchObject({ doubt: true, why: 'may-be-ellipsis' });
    expect(all(cleaning, { only: 'by-hand' })).toEqual([]);
    expect(all(cleaning, { pass: 'tabs' })).toEqual([]);
  });

  test('one stet lets the source stand, and stays in the ledger to be taken back', () => {
    const stood = after(cleaned(), { pass: 'reference-marks' }, 'stet');
    expect(cleanText(stood)).toContain('patience.[4] It');
    expect(all(stood, { pass: 'reference-marks' })).toMatchObject([
      { state: 'stet', source: '[4]', byHand: true, before: expect.stringMatching(/but patience\.$/) },
    ]);
    expect(all(stood, { only: 'by-hand' })).toHaveLength(1);
    expect(cleanText(after(stood, { only: 'by-hand' }, 'withdraw'))).toBe(cleanText(cleaned()));
  });

  test('with a stet for all, and no line end joined, the clean text is the source', () => {
    let cleaning = cleaned();
    for (let round = 0; round < 6; round++) cleaning = after(cleaning, {}, 'stet');
    expect(cleanText(cleaning)).toBe(SOURCE);
  });

  test('a line dropped by hand comes back by its stet', () => {
    const from = SOURCE.indexOf('Low water');
    const dropped = cleaned(DEFAULT_STYLE, [{ kind: 'drop', from, to: from + 5 }]);
    expect(cleanText(dropped)).not.toContain('Low water');
    expect(all(dropped, { only: 'by-hand' })).toMatchObject([
      { source: 'Low water, slow water.', passes: ['by-hand'] },
    ]);
    expect(cleanText(after(dropped, { only: 'by-hand' }, 'stet'))).toContain('Low water');
  });

  test('what is found right is in doubt no more, and stays as it is', () => {
    const style = applyPassSwitch(DEFAULT_STYLE, 'author-year', true);
    const cleaning = clean(SOURCE.replace('[4]', ' (Pell 1998)'), style);
    expect(digestOf(cleaning).edits.length).toBeGreaterThan(0);
    const ledger = openLedger(cleaning);
    const step = stepFor(ledger, filterLedger(ledger, { only: 'doubts' }), 'approve')!;
    const { choices } = outcomeOf(applyStep(NO_HISTORY, step), style);
    const settled = clean(cleaning.source, style, choices);
    expect(cleanText(settled)).toBe(cleanText(cleaning));
    expect(digestOf(settled).edits).toEqual([]);
    expect(filterLedger(openLedger(settled), { only: 'doubts' })).toHaveLength(0);
  });

  test('own rules are by hand, and can be stet one by one', () => {
    const query = { text: 'waits', expression: false, matchCase: true, wholeWords: true };
    const style = applyRule(DEFAULT_STYLE, { id: 'rule:1', query, insert: 'rests' });
    const hits = all(cleaned(style), { only: 'by-hand' });
    expect(hits.map(({ source, becomes }) => [source, becomes])).toEqual([
      ['waits', 'rests'],
      ['waits', 'rests'],
    ]);
  });

  test('nothing to do is no step', () => {
    const ledger = openLedger(cleaned());
    expect(stepFor(ledger, [], 'stet')).toBeUndefined();
    expect(stepFor(ledger, filterLedger(ledger, {}), 'withdraw')).toBeUndefined();
  });
});

describe('the ledger as a file', () => {
  const ledger = openLedger(cleaned());
  const entries = filterLedger(ledger, {});

  test('in CSV has a row to an edit, whole again when it is read', () => {
    const rows = csvParse(exportLedger(ledger, entries, 'csv'));
    expect(rows).toHaveLength(entries.length);
    for (const row of rows) {
      const source = SOURCE.slice(Number(row['from']), Number(row['to']));
      // What a spreadsheet would take for a formula has an apostrophe before it.
      expect(row['source']).toBe(/^[=+\-@\t\r]/.test(source) ? `'${source}` : source);
    }
  });

  test('in JSON holds the same, and with it the source can be made into the clean text', () => {
    const records = JSON.parse(exportLedger(ledger, entries, 'json')) as {
      from: number;
      to: number;
      becomes: string;
    }[];
    const made = records.reduceRight(
      (text, { from, to, becomes }) => text.slice(0, from) + becomes + text.slice(to),
      SOURCE,
    );
    expect(made).toBe(cleanText(cleaned()));
  });

  test('of nothing is a head, or an empty list', () => {
    expect(exportLedger(ledger, [], 'csv').trim().split(',')[0]).toBe('line');
    expect(exportLedger(ledger, [], 'json').trim()).toBe('[]');
  });
});
