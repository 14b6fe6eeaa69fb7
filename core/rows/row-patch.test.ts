import { describe, expect, test } from '@jest/globals';
import { clean, revise } from '../cleaning/clean.ts';
import type { Choice } from '../choices/choice.ts';
import { rangeOfSeam } from '../decided/seams-in-force.ts';
import { digested } from '../report/digest.ts';
import { Decision } from '../seams/seam-table.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { applyRowPatch, reviseRows } from './row-patch.ts';
import { planRows } from './row-plan.ts';

const paragraph = (at: number) =>
  `The miller of creek ${'abcdefghij'[at % 10]} had a boat and a slate\nby the sluice, with the week’s high waters.`;
const SOURCE = Array.from({ length: 60 }, (_, at) => paragraph(at)).join('\n\n');

describe('what changed among rows', () => {
  const before = digested(clean(SOURCE, DEFAULT_STYLE));
  const plan = planRows(before);
  const patchOf = (choices: readonly Choice[], style = DEFAULT_STYLE) => {
    const now = digested(revise(before.cleaning, style, choices), before);
    return { patch: reviseRows(plan, before, now), now };
  };
  const choiceAt = (seam: number, decision: Decision): Choice => ({
    kind: 'seam',
    ...rangeOfSeam(before.cleaning, seam),
    decision,
  });

  test('is little after a choice, wherever it is', () => {
    for (const seam of [0, 40, 118]) {
      const { patch, now } = patchOf([choiceAt(seam, Decision.keep)]);
      if (patch.kind === 'all') throw new Error('all rows were planned anew');
      const touched = patch.splices.reduce((sum, { rows }) => sum + rows.count, 0);
      expect(touched).toBeLessThan(8);
      expect(applyRowPatch(plan, patch)).toEqual(planRows(now));
    }
  });

  test('is all after a switch', () => {
    const { patch, now } = patchOf([], { ...DEFAULT_STYLE, passes: { 'wrapped-lines': false } });
    expect(applyRowPatch(plan, patch)).toEqual(planRows(now));
  });

  test('is told of a line end that was settled as it was', () => {
    const { patch } = patchOf([choiceAt(41, before.cleaning.decision[41] as Decision)]);
    expect([...applyRowPatch(plan, patch).settled].filter((count) => count > 0)).toEqual([1]);
  });
});
