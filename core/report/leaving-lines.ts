import { isDropped, LineKind } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';

const KNOWN = new WeakMap<LineTable, number>();

/** Which share of the lines that are not blank leave the text, from 0 to 1. Linear in the lines, once for each table. */
export function shareOfLeavingLines(table: LineTable): number {
  let share = KNOWN.get(table);
  if (share === undefined) KNOWN.set(table, (share = countShare(table)));
  return share;
}

function countShare({ kind }: LineTable): number {
  let lines = 0;
  let leaving = 0;
  for (let line = 0; line < kind.length; line++) {
    if (kind[line] === LineKind.blank) continue;
    lines++;
    if (isDropped(kind[line]!)) leaving++;
  }
  return lines === 0 ? 0 : leaving / lines;
}
