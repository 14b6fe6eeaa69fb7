import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isFull, widestOf } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { isApart, settle, settlerOf, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.86;
/** Columns that the clauses are set in farther than the line that leads to them. */
const LEAST_STEP = 2;
const ENDS_CLAUSE = /;(?:\s(?:and|or|und|oder|et|ou|y|o|e|en|of))?$/;

/** Lines of a group, all but the last of which end a clause. */
const FEWEST_CLAUSES = 3;

/**
 * Clauses are never run into one another, though they may begin with small letters and end in "and". Their further lines are joined if
 * `mayJoin`: not where a person said what marks paragraphs.
 */
export function breakBetweenClauses(
  source: string,
  table: LineTable,
  seams: SeamTable,
  verdicts: Verdicts,
  mayJoin: boolean,
): void {
  const { line } = seams;
  const endsClause = (place: number) => {
    const [from, to] = [table.from[line[place]!]!, table.to[line[place]!]!];
    return ENDS_CLAUSE.test(source.slice(Math.max(from, to - 8), to));
  };
  const endsColon = (place: number) => (table.flags[line[place]!]! & Flag.endsColon) !== 0;
  const breakAt = (seam: number) => {
    const isJoin = verdicts.decision[seam] === Decision.join;
    if (isJoin || settlerOf(verdicts, seam) === 'shortLine') settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
  };
  for (const [first, last] of groupsOf(seams)) {
    let place = endsColon(first) ? first + 1 : first;
    while (place < last && endsClause(place)) place++;
    // All lines but the last end one, the first perhaps with a colon: no wrapping hits that by chance.
    if (place === last && last - first + 1 >= FEWEST_CLAUSES) for (let seam = first; seam < last; seam++) breakAt(seam);
    const ends = endsOfWrapped(table, seams, first, last, endsClause);
    for (const seam of ends) breakAt(seam);
    if (mayJoin && ends.length > 0) joinWithin(table, seams, ends, last, verdicts);
  }
  for (let lead = 0; lead < seams.count; lead++) {
    for (const seam of seamsUnder(table, seams, lead, endsClause)) breakAt(seam);
    if (endsColon(lead) && leadsParagraphs(seams, lead, endsClause)) breakAt(lead);
  }
}

/** Whether the line leads to clauses each of which stands apart, as the line itself does. */
function leadsParagraphs({ blanks, count }: SeamTable, lead: number, endsClause: (place: number) => boolean): boolean {
  if (blanks[lead] === 0 || lead + FEWEST_CLAUSES > count) return false;
  for (let seam = lead + 1; seam < lead + FEWEST_CLAUSES; seam++)
    if (blanks[seam] !== blanks[lead] || !endsClause(seam)) return false;
  return true;
}

/**
 * The seams between clauses that a colon leads to, set in under it or each with a term in quotation marks at its head. Of the latter as
 * far as each ends as a clause: quotations one after another are none.
 */
function* seamsUnder(
  { flags, indent }: LineTable,
  { line, blanks, count }: SeamTable,
  lead: number,
  endsClause: (place: number) => boolean,
): Generator<number> {
  if (!(flags[line[lead]!]! & Flag.endsColon) || blanks[lead] !== 0) return;
  const setIn = indent[line[lead + 1]!]!;
  const isSetIn = setIn - indent[line[lead]!]! >= LEAST_STEP;
  const startsQuote = (place: number) => (flags[line[place]!]! & Flag.startsQuote) !== 0;
  if (!isSetIn && !startsQuote(lead + 1)) return;
  for (let seam = lead + 1; seam < count && blanks[seam] === 0 && indent[line[seam + 1]!]! >= setIn; seam++) {
    if (indent[line[seam + 1]!] !== setIn || (!isSetIn && !startsQuote(seam + 1))) continue;
    if (!endsClause(seam)) {
      if (isSetIn) continue;
      return;
    }
    if (seam === lead + 1) yield lead;
    yield seam;
  }
}

/** Joins the further lines of clauses that wrap; `ends` are their ends before the last. */
function joinWithin(
  { flags }: LineTable,
  { line }: SeamTable,
  ends: readonly number[],
  last: number,
  verdicts: Verdicts,
): void {
  const isEnd = new Set(ends);
  for (let seam = ends[0]! + 1; seam < last; seam++) {
    if (isEnd.has(seam) || !isApart(verdicts, seam)) continue;
    if (flags[line[seam]!]! & Flag.endsStop) return;
    if (flags[line[seam + 1]!]! & Flag.startsLower) settle(verdicts, seam, Decision.join, 'wrappedEntry', CERTAINTY);
  }
}

/** Ends of clauses, and those with room for the next word, the colon's among them. */
const FEWEST_ENDS = 2;
const FEWEST_WITH_ROOM = 2;

/**
 * The seams of a group at which a colon and the clauses under it end, though some of these take several lines: no other line ends with
 * room for the next word, and prose that was wrapped ends none so.
 */
function endsOfWrapped(
  table: LineTable,
  seams: SeamTable,
  first: number,
  last: number,
  endsClause: (place: number) => boolean,
): readonly number[] {
  const { line } = seams;
  const endsColon = (place: number) => (table.flags[line[place]!]! & Flag.endsColon) !== 0;
  let lead = first;
  while (lead < last && !endsColon(lead)) lead++;
  // "A lamp comprising" leads without one.
  if (lead === last) lead = first;
  const widest = widestOf(table, line.subarray(first, last + 1));
  const ends: number[] = [];
  let roomy = 0;
  for (let seam = lead; seam < last; seam++) {
    const hasRoom = !isFull(table, seams, seam, widest);
    const isEnd = endsClause(seam);
    if (isEnd || (seam === lead && (hasRoom || endsColon(seam)))) ends.push(seam);
    if (hasRoom && (isEnd || endsColon(seam))) roomy++;
    if (!hasRoom || isEnd || seam === lead) continue;
    if (table.flags[line[seam]!]! & Flag.endsStop) break;
    return [];
  }
  return ends.length > FEWEST_ENDS && roomy >= FEWEST_WITH_ROOM ? ends : [];
}
