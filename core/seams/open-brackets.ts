import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.88;
/** Units of the next line in which the bracket closes. */
const FARTHEST = 60;
const BRACKETS = /[()（）]/g;
const OPENING = '(（';
const CLOSING = /[)）]/;

/** Nothing else is in such a line: it had no room in the one that it closes. */
const LONE_CLOSING = /^[。！？…]{0,2}[」』）】》”’]{1,2}$/;
const LONGEST_CLOSING = 4;
const CERTAINTY_OF_CLOSING = 0.95;

/** A line that ends within brackets goes on in the next, if they close there. Closing marks alone belong to the line before them. */
export function joinWithinBrackets(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  for (let seam = 0; seam < seams.count; seam++) {
    if (seams.blanks[seam] === 0 && isLoneClosing(source, table, seams.line[seam + 1]!)) {
      settle(verdicts, seam, Decision.join, 'bracket', CERTAINTY_OF_CLOSING);
      continue;
    }
    if (seams.blanks[seam]! > 0 || seams.turn[seam] || !mayGoOn(table, seams, seam, verdicts)) continue;
    const line = seams.line[seam]!;
    const next = seams.line[seam + 1]!;
    if (table.kind[line] !== LineKind.prose || table.kind[next] !== LineKind.prose) continue;
    if (table.flags[line]! & Flag.endsStop || table.flags[next]! & Flag.startsMarker) continue;
    const last = source.slice(table.from[line], table.to[line]).match(BRACKETS)?.at(-1);
    if (last === undefined || !OPENING.includes(last)) continue;
    const start = table.from[next]!;
    const first = source.slice(start, Math.min(table.to[next]!, start + FARTHEST)).match(BRACKETS)?.[0];
    const closes = first === undefined ? closesAlone(source, table, seams, seam + 1) : !OPENING.includes(first);
    if (closes) settle(verdicts, seam, Decision.join, 'bracket', CERTAINTY);
  }
}

/** Whether the bracket alone stands in the line below a seam. */
function closesAlone(source: string, table: LineTable, { line, blanks, count }: SeamTable, seam: number): boolean {
  if (seam >= count || blanks[seam]! > 0 || !isLoneClosing(source, table, line[seam + 1]!)) return false;
  return CLOSING.test(source.slice(table.from[line[seam + 1]!], table.to[line[seam + 1]!]));
}

/** A line that was broken off; verse hardly ends in "p.". */
function mayGoOn({ flags }: LineTable, { line }: SeamTable, seam: number, { decision }: Verdicts): boolean {
  if (decision[seam] !== Decision.keep) return decision[seam] === Decision.break;
  return (flags[line[seam]!]! & Flag.endsAbbreviation) !== 0;
}

/** Whether a line is nothing but the marks that close the line before it. */
export function isLoneClosing(source: string, { kind, from, to }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose || to[line]! - from[line]! > LONGEST_CLOSING) return false;
  return LONE_CLOSING.test(source.slice(from[line], to[line]));
}
