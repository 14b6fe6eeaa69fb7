import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../clean.ts';
import { applyStep, NO_HISTORY, outcomeOf, type Step } from '../choices/history.ts';
import type { Cleaning } from '../cleaning.ts';
import { cleanText } from '../output.ts';
import { findDoubts, findEditDoubts } from '../report/report.ts';
import { Decision } from '../seams/seam-table.ts';
import { DEFAULT_STYLE, type Style } from '../style/style.ts';
import { listDoubts, stepForAnswer, viewDoubt, type Answer, type Doubt } from './doubts.ts';

const leaflet = readFileSync('samples/texts/tide-mills.txt', 'utf8');
/** So much is asked about that every kind of doubt comes up. */
const STRICT: Style = { ...DEFAULT_STYLE, certaintyLimit: 0.98 };
const doubtful = clean(`${leaflet}\n\nThe tide fell.. Then he left.3 Then it rose... again.`, STRICT);

function answered(cleaning: Cleaning, doubts: readonly Doubt[], answer: Answer): Cleaning {
  const { style, choices } = outcomeOf(
    applyStep(NO_HISTORY, stepForAnswer(cleaning, doubts, answer) as Step),
    cleaning.style,
  );
  return clean(cleaning.source, style, choices);
}

describe('doubts', () => {
  const doubts = listDoubts(doubtful);

  test('are all that the report counts, in reading order, each with a key of its own', () => {
    expect(doubts).toHaveLength(findDoubts(doubtful).length + findEditDoubts(doubtful).length);
    expect(doubts.map(({ from }) => from)).toEqual(doubts.map(({ from }) => from).sort((a, b) => a - b));
    expect(new Set(doubts.map(({ key }) => key)).size).toBe(doubts.length);
    expect(new Set(doubts.map(({ kind }) => kind))).toEqual(new Set(['seam', 'split', 'edit']));
  });

  test('answered as the text reads, change nothing, and are gone', () => {
    const settled = answered(doubtful, doubts, 'now');
    expect(cleanText(settled)).toBe(cleanText(doubtful));
    expect(listDoubts(settled)).toEqual([]);
  });

  test('answered the other way, change their place, and are gone', () => {
    for (const doubt of doubts) {
      const settled = answered(doubtful, [doubt], 'other');
      expect(cleanText(settled)).not.toBe(cleanText(doubtful));
      expect(listDoubts(settled).map(({ key }) => key)).not.toContain(doubt.key);
    }
  });

  test('of one kind read in two ways', () => {
    for (const doubt of doubts) {
      const parts = (made: Decision) => made === Decision.break || made === Decision.keep;
      if (doubt.kind === 'seam') expect(parts(doubt.now)).not.toBe(parts(doubt.other));
      if (doubt.kind === 'split')
        expect(new Set([doubt.now, doubt.other])).toEqual(new Set([Decision.join, Decision.mend]));
      if (doubt.kind === 'edit') expect(doubtful.source.slice(doubt.from, doubt.to)).not.toBe(doubt.becomes);
    }
  });

  test('with the same evidence are alike, and none else', () => {
    for (const doubt of doubts) {
      const view = viewDoubt(doubtful, doubt, doubts);
      const same = doubts.filter(({ alike }) => alike === doubt.alike);
      expect(view.alike).toBe(same.length);
      expect(new Set(same.map(({ kind }) => kind)).size).toBe(1);
      if (doubt.kind !== 'edit') expect(new Set(same.map((other) => (other as typeof doubt).now)).size).toBe(1);
    }
  });

  test('show the words beside them', () => {
    for (const doubt of doubts) {
      const { before, after, lines } = viewDoubt(doubtful, doubt, doubts);
      expect(doubtful.source).toContain(before);
      expect(doubtful.source).toContain(after);
      if (doubt.kind !== 'edit') expect(lines[1]).toBeGreaterThan(lines[0]);
    }
  });

  test('there are none, and no step, where all is sure', () => {
    expect(listDoubts(clean('The tide fell.', DEFAULT_STYLE))).toEqual([]);
    expect(stepForAnswer(doubtful, [], 'now')).toBeUndefined();
  });
});
