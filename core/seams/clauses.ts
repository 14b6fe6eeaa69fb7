import { Flag, type LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.86;
/** Columns that the clauses are set in farther than the line that leads to them. */
const LEAST_STEP = 2;
const ENDS_CLAUSE = /;(?:\s(?:and|or|und|oder|et|ou|y|o|e|en|of))?$/;

/**
 * Clauses that a colon leads to, set in under it, each of which ends with a semicolon: none is run into the next, though each begins
 * with a small letter.
 */
export function breakBetweenClauses(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  const { flags, indent } = table;
  for (let lead = 0; lead < count; lead++) {
    if (!(flags[line[lead]!]! & Flag.endsColon) || blanks[lead] !== 0) continue;
    const setIn = indent[line[lead + 1]!]!;
    if (setIn - indent[line[lead]!]! < LEAST_STEP) continue;
    for (let seam = lead + 1; seam < count && blanks[seam] === 0 && indent[line[seam + 1]!]! >= setIn; seam++) {
      const one = line[seam]!;
      if (verdicts.decision[seam] !== Decision.join || indent[line[seam + 1]!] !== setIn) continue;
      if (ENDS_CLAUSE.test(source.slice(Math.max(table.from[one]!, table.to[one]! - 8), table.to[one])))
        settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
    }
  }
}
