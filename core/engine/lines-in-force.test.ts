import { describe, expect, test } from '@jest/globals';
import type { Choice } from '../choices/choice.ts';
import { clean, revise } from '../cleaning/clean.ts';
import { keepsLines, leaveLinesOut } from '../decided/lines-in-force.ts';
import { LineKind } from '../lines/line-kind.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';

const PAGE = `The miller kept a slate by the sluice with the week’s
high waters chalked on it, and let the children of the

- 12 -

place wipe it clean on Saturdays.
`;
const rangeOf = (words: string) => ({ from: PAGE.indexOf(words), to: PAGE.indexOf(words) + words.length });
const { table } = clean(PAGE, DEFAULT_STYLE);

const number = rangeOf('- 12 -');
const slate = rangeOf('slate');
const CASES: readonly (readonly [string, readonly Choice[], readonly Choice[], boolean])[] = [
  ['a decision at a seam', [], [{ kind: 'seam', ...slate, decision: 0 }], true],
  ['lines that are left out: they go afterwards', [], [{ kind: 'drop', ...slate }], true],
  ['words by hand in a kept line', [], [{ kind: 'rewrite', ...slate, text: 'board' }], true],
  ['words by hand in a line that a pass took out', [], [{ kind: 'rewrite', ...number, text: 'Twelve' }], false],
  ['a hold on kept lines', [], [{ kind: 'hold', ...slate }], true],
  ['a hold on a line that a pass took out', [], [{ kind: 'hold', from: 0, to: PAGE.length }], false],
  ['a hold that was there before', [{ kind: 'hold', ...number }], [{ kind: 'hold', ...number }], true],
  ['a stet of a pass for lines', [], [{ kind: 'stet', ...number, pass: 'page-furniture' }], false],
  ['a stet of another pass', [], [{ kind: 'stet', ...slate, pass: 'tabs' }], true],
  ['a limit of all passes', [], [{ kind: 'limit', ...slate }], false],
];

describe('which lines are kept', () => {
  test.each(CASES)('%s', (_, before, after, isSame) => {
    expect(keepsLines(table, before, after)).toBe(isSame);
    expect(keepsLines(table, [], [])).toBe(true);
  });

  test('a line that was taken back goes again when the hold does', () => {
    const held = clean(PAGE, DEFAULT_STYLE, [{ kind: 'hold', ...number }]);
    expect(cleanText(held)).toContain('- 12 -');
    expect(keepsLines(held.allLines, held.choices, [])).toBe(false);
    expect(cleanText(revise(held, DEFAULT_STYLE, []))).not.toContain('12');
  });
});

test('a hold on the time before words that are taken out keeps both', () => {
  const line = 'Dialogue: 0,0:00:01.00,0:00:02.00,D,,0,0,0,,the keel\n';
  const held = { kind: 'hold', from: line.length, to: line.length + 20 } as const;
  expect(cleanText(clean(line + line, DEFAULT_STYLE))).toBe('the keel');
  expect(cleanText(clean(line + line, DEFAULT_STYLE, [held]))).toMatch(/^the keel\s+Dialogue: 0,0:00:01.*the keel$/);
});

describe('lines that are left out', () => {
  const out = (choice: { from: number; to: number }) => leaveLinesOut(table, [{ kind: 'drop', ...choice }]);

  test('go whole, blank ones stay blank, and the table before is as it was', () => {
    const left = out({ from: rangeOf('waters').from, to: rangeOf('place').from + 1 });
    expect([...left.kind]).toEqual(
      [LineKind.prose, 6, LineKind.blank, 6, LineKind.blank, 6, LineKind.blank].map((kind) =>
        kind === 6 ? LineKind.byHand : kind,
      ),
    );
    expect([...table.kind]).not.toContain(LineKind.byHand);
  });

  test('none are none: not even a copy is made', () => {
    expect(leaveLinesOut(table, [{ kind: 'hold', ...slate }])).toBe(table);
    expect([...out({ from: PAGE.indexOf('\n\n') + 1, to: PAGE.indexOf('\n\n') + 1 }).kind]).toEqual([...table.kind]);
  });
});
