import { isDropped, LineKind } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';

/** Which share of the lines that are not blank leave the text, from 0 to 1. Linear in the lines. */
export function shareOfLeavingLines({ kind }: Pick<LineTable, 'kind'>): number {
  let lines = 0;
  let leaving = 0;
  for (let line = 0; line < kind.length; line++) {
    if (kind[line] === LineKind.blank) continue;
    lines++;
    if (isDropped(kind[line]!)) leaving++;
  }
  return lines === 0 ? 0 : leaving / lines;
}
