import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import type { Choice } from '../choices/choice.ts';
import { cleanText } from '../cleaning/output.ts';
import { visibleSeams } from '../decided/visible-seam.ts';
import { canMend, rangeOfSeam, seamOfChoice } from '../decided/seams-in-force.ts';
import { Decision } from '../seams/seam-table.ts';
import { applyStep, NO_HISTORY, outcomeOf, undo } from '../history/history.ts';
import { applyPassSwitch, DEFAULT_STYLE, type Style } from '../style/style.ts';
import { withPassTable } from '../passes/pass-table.ts';
import { digestOf } from './digest.ts';
import { listWordChanges, toReport } from './report.ts';
import { countOffPasses } from './off-pass-counts.ts';

const SOURCE = `A tide mill asks for nothing but pa-
tience.[4] It waits for the moon,
and the miller waits with it.

12
\fLow water, slow water,
wheel stands still.
`;

describe('choices win over the evidence', () => {
  const decide = (decision: Decision, seam = 1): Choice => {
    const cleaning = clean(SOURCE, DEFAULT_STYLE);
    return { kind: 'seam', ...rangeOfSeam(cleaning, seam), decision };
  };
  const text = (...choices: Choice[]) => cleanText(clean(SOURCE, DEFAULT_STYLE, choices));

  test.each([
    [Decision.join, 'moon, and the miller'],
    [Decision.break, 'moon,\n\nand the miller'],
    [Decision.keep, 'moon,\nand the miller'],
  ])('decision %i', (decision, expected) => {
    expect(text(decide(decision))).toContain(expected);
  });

  test('a word can be mended, or keep its hyphen; where there is none, mending joins', () => {
    expect(text(decide(Decision.mend, 0))).toContain('patience');
    expect(text(decide(Decision.join, 0))).toContain('pa-tience');
    expect(text(decide(Decision.mend, 1))).toContain('moon, and');
    const cleaning = clean(SOURCE, DEFAULT_STYLE);
    expect([canMend(cleaning, 0), canMend(cleaning, 1)]).toEqual([true, false]);
  });

  test('of two choices about one seam the last given wins', () => {
    expect(text(decide(Decision.break), decide(Decision.join))).toContain('moon, and the miller');
  });

  test('a choice keeps its seam whatever passes are on', () => {
    const choice = decide(Decision.break);
    for (const pass of ['page-furniture', 'wrapped-lines', 'split-words', 'reference-marks']) {
      const cleaning = clean(SOURCE, { ...DEFAULT_STYLE, passes: { [pass]: false } }, [choice]);
      expect(cleanText(cleaning)).toContain('moon,\n\nand the miller');
      expect(seamOfChoice(cleaning, choice as Extract<Choice, { kind: 'seam' }>)).toBeDefined();
    }
  });

  test('a choice about a place that is no seam does nothing', () => {
    const nowhere: Choice = { kind: 'seam', from: SOURCE.length, to: SOURCE.length, decision: Decision.break };
    expect(text(nowhere)).toBe(text());
  });

  test('a stet lets one edit stand, and only for its pass', () => {
    const at = SOURCE.indexOf('[4]');
    const stet: Choice = { kind: 'stet', from: at, to: at + 3, pass: 'reference-marks' };
    expect(text(stet)).toContain('patience.[4] It');
    expect(text({ ...stet, pass: 'tabs' })).toContain('patience. It');
  });

  test('a dropped line that is wanted comes back as prose', () => {
    const at = SOURCE.indexOf('12');
    expect(text()).not.toContain('12');
    expect(text({ kind: 'stet', from: at, to: at + 2, pass: 'page-furniture' })).toContain('12');
  });
});

describe('the report', () => {
  test('counts the edits of every pass, those without any too', () => {
    const counts = digestOf(clean(SOURCE, DEFAULT_STYLE)).counts;
    expect(counts).toMatchObject({ 'page-furniture': 1, 'split-words': 1, 'reference-marks': 1, ligatures: 0 });
  });

  test('doubts are the decisions below the limit that nobody has settled', () => {
    const source = readFileSync('samples/texts/tide-mills.txt', 'utf8');
    const cleaning = clean(source, DEFAULT_STYLE);
    const doubts = digestOf(cleaning).seams;
    expect(doubts.length).toBeGreaterThan(0);
    for (const seam of doubts) expect(cleaning.decided.certainty[seam]).toBeLessThan(DEFAULT_STYLE.certaintyLimit);
    const settled: Choice = { kind: 'seam', ...rangeOfSeam(cleaning, doubts[0]!), decision: Decision.join };
    expect(digestOf(clean(source, DEFAULT_STYLE, [settled])).seams).toEqual(doubts.slice(1));
    expect(digestOf(clean(source, { ...DEFAULT_STYLE, certaintyLimit: 0.5 })).seams).toEqual([]);
  });

  test('every word that leaves is listed with the pass that took it', () => {
    const changes = listWordChanges(clean(SOURCE, DEFAULT_STYLE));
    const removed = changes.filter((change) => !change.mended).map(({ removed: words, passes }) => [words, passes]);
    expect(removed).toEqual([
      [['4'], expect.arrayContaining(['reference-marks'])],
      [['12'], expect.arrayContaining(['page-furniture'])],
    ]);
    const mended = changes.filter((change) => change.mended);
    expect(mended).toEqual([expect.objectContaining({ removed: ['pa', 'tience'], inserted: ['patience'] })]);
  });

  test('lists the seams between lines that stand, with their own certainty', () => {
    const source = readFileSync('samples/texts/tide-mills.txt', 'utf8');
    const before = clean(source, DEFAULT_STYLE);
    const block = before.blocks[3]!;
    const after = clean(source, DEFAULT_STYLE, [{ kind: 'drop', from: block.from, to: block.to }]);
    const seams = toReport(after).seams;
    const shown = [...visibleSeams(after)];
    expect(seams.map(({ lines }) => lines)).toEqual(shown.map(({ above, below }) => [above + 1, below + 1]));
    expect(seams.length).toBeLessThan(toReport(before).seams.length);
    for (const [at, { certainty, doubt }] of seams.entries()) {
      expect(certainty).toBeCloseTo(shown[at]!.certainty, 3);
      expect(doubt).toBe(certainty < DEFAULT_STYLE.certaintyLimit);
    }
  });

  test('is plain data, whole after a trip through JSON', () => {
    const report = toReport(clean(SOURCE, DEFAULT_STYLE));
    expect(JSON.parse(JSON.stringify(report))).toEqual(report);
    expect(report.seams).toHaveLength(4);
    expect(report.seams[0]).toMatchObject({ lines: [1, 2], decision: 'mend' });
  });
});

describe('what passes that are off would do', () => {
  const source = 'He opened the the gate -- "low" water.';
  const counted = (style: Style) => {
    const counting = countOffPasses(clean(source, style));
    for (;;) {
      const step = counting.next();
      if (step.done) return step.value;
    }
  };

  test('is counted for them alone, and is what they do when they are switched on', () => {
    const counts = counted(DEFAULT_STYLE);
    expect(counts).toMatchObject({ 'repeated-words': 1, dashes: 1, quotes: 2, emoji: 0 });
    expect(counts).not.toHaveProperty('doubled-spaces');
    const numbered = 'The miller let the water\n12\n\fout through the gate.';
    const counting = countOffPasses(clean(numbered, applyPassSwitch(DEFAULT_STYLE, 'page-furniture', false)));
    let step = counting.next();
    while (!step.done) step = counting.next();
    expect(step.value).toMatchObject({ 'page-furniture': 1 });
    for (const id of ['repeated-words', 'dashes', 'quotes']) {
      const on = applyPassSwitch(DEFAULT_STYLE, id, true);
      expect(digestOf(clean(source, on)).counts[id]).toBe(counts[id]);
      expect(counted(on)).not.toHaveProperty(id);
    }
  });

  test('of a long text is counted in steps', () => {
    const counting = countOffPasses(clean(Array.from({ length: 200 }, () => source).join('\n\n'), DEFAULT_STYLE));
    let steps = 0;
    while (!counting.next().done) steps++;
    expect(steps).toBeGreaterThan(2);
  });
});

test('the README has the table of passes as they are', () => {
  const readme = readFileSync('README.md', 'utf8');
  const cells = (text: string) => text.replace(/[ -]+/g, '');
  expect(cells(withPassTable(readme))).toBe(cells(readme));
  expect(readme).toContain('Repeated caption lines');
});

test('settings and switches are steps that can be undone, and reset together', () => {
  let history = applyStep(NO_HISTORY, { kind: 'switch-pass', pass: 'dashes', on: true });
  history = applyStep(history, { kind: 'set-pass', pass: 'dashes', setting: 'form', value: ' – ' });
  const text = (style: Style) => cleanText(clean('It fell--twice.', style));
  expect(text(outcomeOf(history, DEFAULT_STYLE).style)).toBe('It fell – twice.');
  expect(text(outcomeOf(undo(history), DEFAULT_STYLE).style)).toBe('It fell—twice.');
  history = applyStep(history, { kind: 'reset-passes' });
  expect(outcomeOf(history, DEFAULT_STYLE).style).toMatchObject({ passes: {} });
  expect(text(outcomeOf(history, DEFAULT_STYLE).style)).toBe('It fell--twice.');
  expect(text(outcomeOf(undo(history), DEFAULT_STYLE).style)).toBe('It fell – twice.');
});
