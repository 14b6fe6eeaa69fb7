import { expect, jest, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { LineKind } from '../lines/line-kind.ts';
import { DEFAULT_STYLE } from '../style/style.ts';

/** How often words are cut out of a text while it is cleaned. */
function cuts(text: string): number {
  const slice = jest.spyOn(String.prototype, 'slice');
  clean(text, DEFAULT_STYLE);
  const count = slice.mock.calls.length;
  slice.mockRestore();
  return count;
}

test.each([['# a\n'], ['  # a\n  # a\n# a\n'], ['; a\n[b]\n'], ['a = b\n'], ['f();\n- g();\n'], ['f(\n\na\n']])(
  'twice as many lines %j are not read more than twice as often',
  (unit) => {
    expect(cuts(unit.repeat(1600))).toBeLessThan(2.5 * cuts(unit.repeat(800)));
  },
);

test.each([
  ['package main\n\nimport io\n\nio.open()\nio.close()\n', 4],
  ['import duties\n\nThe duties on oil were raised again (by half);\n', 0],
  ['The lamp.\n\nrows = open_table(\n\nOil\n\nWicks\n', 0],
])('of %j so many lines are of a program: %i', (source, count) => {
  const { kind } = clean(source, DEFAULT_STYLE).table;
  expect(kind.filter((one) => one === LineKind.code)).toHaveLength(count);
});
