import type { Cleaning } from '../cleaning/cleaning.ts';
import { isDropped, LineKind } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';

const SHARES = new WeakMap<LineTable, number>();

/** Which share of the lines that are not blank leave the text, from 0 to 1. Linear in the lines, once for each table. */
export function shareOfLeavingLines({ table }: Pick<Cleaning, 'table'>): number {
  const known = SHARES.get(table);
  if (known !== undefined) return known;
  let lines = 0;
  let leaving = 0;
  for (const kind of table.kind) {
    if (kind === LineKind.blank) continue;
    lines++;
    if (isDropped(kind)) leaving++;
  }
  const share = lines === 0 ? 0 : leaving / lines;
  SHARES.set(table, share);
  return share;
}
