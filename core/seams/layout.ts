import { isLaidOut, LineKind } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';

const CERTAINTY = 0.93;

/**
 * Settles the seams of lines that stay lines: rows of a table, code and entries of a table of contents are kept as lines of one
 * block, and stand apart from what is not of their kind; so do section breaks.
 */
export function keepLaidOutLines(
  table: LineTable,
  seams: SeamTable,
  decision: Uint8Array,
  certainty: Float32Array,
): void {
  for (let seam = 0; seam < seams.count; seam++) {
    const before = table.kind[seams.line[seam]!]!;
    const after = table.kind[seams.line[seam + 1]!]!;
    if (!standsApart(before) && !standsApart(after)) continue;
    const isInside = before === after && isLaidOut(before) && seams.blanks[seam] === 0;
    decision[seam] = isInside ? Decision.keep : Decision.break;
    certainty[seam] = Math.max(certainty[seam]!, CERTAINTY);
  }
}

function standsApart(kind: number): boolean {
  return isLaidOut(kind) || kind === LineKind.sectionBreak;
}
