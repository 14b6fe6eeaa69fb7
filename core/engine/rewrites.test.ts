import { describe, expect, test } from '@jest/globals';
import { clean, revise } from '../cleaning/clean.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { cleanText } from '../cleaning/output.ts';
import { rangeOfSeam } from '../decided/seams-in-force.ts';
import { Decision } from '../seams/seam-table.ts';
import type { Choice } from '../choices/choice.ts';
import { rewritesOf } from '../choices/rewrites.ts';

const MILL = `A tide mill asks for nothing but patience, and twice
a day the creek fills the pond behind the wall, and
twice a day the miller lets it  out again.[2]

The miller kept a slate by the sluice with the
week's high waters chalked on it.
`;

/** Puts words in place of others that stand once in the source. */
function rewrite(of: string, text: string, source = MILL): Choice {
  const from = source.indexOf(of);
  return { kind: 'rewrite', from, to: from + of.length, text };
}

const cleaned = (choices: readonly Choice[], style = DEFAULT_STYLE) => cleanText(clean(MILL, style, choices));

describe('words by hand', () => {
  test('stand in the place of those of the source, whatever passes are on', () => {
    const own = rewrite('it  out', 'it  slip out');
    expect(cleaned([own])).toContain('the miller lets it  slip out again.\n\nThe');
    const bare = { ...DEFAULT_STYLE, passes: { 'doubled-spaces': false, 'wrapped-lines': false } };
    expect(cleaned([own], bare)).toContain('it  slip out');
  });

  test('reach over a line end, which is then no seam any more', () => {
    const own = rewrite('twice\na day', 'each day');
    expect(cleaned([own])).toContain('patience, and each day the creek');
    const seam: Choice = { kind: 'seam', ...rangeOfSeam(clean(MILL, DEFAULT_STYLE), 0), decision: Decision.break };
    expect(cleaned([own, seam])).toContain('patience, and each day the creek');
  });

  test('may hold paragraphs of their own', () => {
    expect(cleaned([rewrite('pond behind', 'pond.\n\nBehind')])).toContain('fills the pond.\n\nBehind the wall');
  });

  test('bring back a line that a pass takes out', () => {
    const paged = MILL.replace('The miller kept', '- 12 -\n\nThe miller kept');
    expect(cleanText(clean(paged, DEFAULT_STYLE))).not.toContain('12');
    expect(cleanText(clean(paged, DEFAULT_STYLE, [rewrite('- 12 -', 'Twelve', paged)]))).toContain('Twelve');
  });

  test('rest while their lines are left out', () => {
    const own = rewrite('slate', 'board');
    const drop: Choice = { kind: 'drop', from: MILL.indexOf('The miller'), to: MILL.length };
    const left = revise(clean(MILL, DEFAULT_STYLE, [own]), DEFAULT_STYLE, [own, drop]);
    expect(cleanText(left)).not.toMatch(/board|slate/);
    expect(cleanText(revise(left, DEFAULT_STYLE, [own]))).toContain('kept a board by');
  });

  test('of two that overlap the later holds', () => {
    const choices = [rewrite('the creek fills', 'A'), rewrite('fills the pond', 'B'), rewrite('slate', 'C')];
    expect(rewritesOf(choices)).toEqual([choices[1], choices[2]]);
    expect(rewritesOf(choices.toReversed())).toEqual([choices[0], choices[2]]);
  });
});
