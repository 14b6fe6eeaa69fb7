import { Flag, type LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.86;
/** Columns that the clauses are set in farther than the line that leads to them. */
const LEAST_STEP = 2;
const ENDS_CLAUSE = /;(?:\s(?:and|or|und|oder|et|ou|y|o|e|en|of))?$/;

/**
 * Clauses that a colon leads to, each of which ends with a semicolon, set in under it or each with a term in quotation marks at its
 * head: none is run into the next, though it may begin with a small letter or end in "and".
 */
export function breakBetweenClauses(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  const { flags, indent } = table;
  for (let lead = 0; lead < count; lead++) {
    if (!(flags[line[lead]!]! & Flag.endsColon) || blanks[lead] !== 0) continue;
    const setIn = indent[line[lead + 1]!]!;
    const isSetIn = setIn - indent[line[lead]!]! >= LEAST_STEP;
    const startsQuote = (at: number) => (flags[line[at]!]! & Flag.startsQuote) !== 0;
    if (!isSetIn && !startsQuote(lead + 1)) continue;
    for (let seam = lead + 1; seam < count && blanks[seam] === 0 && indent[line[seam + 1]!]! >= setIn; seam++) {
      const one = line[seam]!;
      if (verdicts.decision[seam] !== Decision.join || indent[line[seam + 1]!] !== setIn) continue;
      if (!isSetIn && !startsQuote(seam + 1)) continue;
      if (ENDS_CLAUSE.test(source.slice(Math.max(table.from[one]!, table.to[one]! - 8), table.to[one])))
        settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
    }
  }
}
