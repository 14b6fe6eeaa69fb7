import { Flag, type LineTable } from '../lines/line-table.ts';
import { Decision, groupsOf, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.86;
/** Columns that the clauses are set in farther than the line that leads to them. */
const LEAST_STEP = 2;
const ENDS_CLAUSE = /;(?:\s(?:and|or|und|oder|et|ou|y|o|e|en|of))?$/;

/** Lines of a group, all but the last of which end a clause. */
const FEWEST_CLAUSES = 3;

/** Clauses are never run into one another, though they may begin with small letters and end in "and". */
export function breakBetweenClauses(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line } = seams;
  const endsClause = (place: number) => {
    const [from, to] = [table.from[line[place]!]!, table.to[line[place]!]!];
    return ENDS_CLAUSE.test(source.slice(Math.max(from, to - 8), to));
  };
  const breakAt = (seam: number) => {
    if (verdicts.decision[seam] === Decision.join && endsClause(seam))
      settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
  };
  for (const [first, last] of groupsOf(seams)) {
    let place = first;
    while (place < last && endsClause(place)) place++;
    // All lines but the last end one: no wrapping hits that by chance.
    if (place === last && last - first + 1 >= FEWEST_CLAUSES) for (let seam = first; seam < last; seam++) breakAt(seam);
  }
  for (let lead = 0; lead < seams.count; lead++) for (const seam of seamsUnder(table, seams, lead)) breakAt(seam);
}

/** The seams between clauses that a colon leads to, set in under it or each with a term in quotation marks at its head. */
function* seamsUnder(
  { flags, indent }: LineTable,
  { line, blanks, count }: SeamTable,
  lead: number,
): Generator<number> {
  if (!(flags[line[lead]!]! & Flag.endsColon) || blanks[lead] !== 0) return;
  const setIn = indent[line[lead + 1]!]!;
  const isSetIn = setIn - indent[line[lead]!]! >= LEAST_STEP;
  const startsQuote = (place: number) => (flags[line[place]!]! & Flag.startsQuote) !== 0;
  if (!isSetIn && !startsQuote(lead + 1)) return;
  for (let seam = lead + 1; seam < count && blanks[seam] === 0 && indent[line[seam + 1]!]! >= setIn; seam++)
    if (indent[line[seam + 1]!] === setIn && (isSetIn || startsQuote(seam + 1))) yield seam;
}
