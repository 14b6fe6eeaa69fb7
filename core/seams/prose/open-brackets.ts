import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

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
    const [before, after] = [seams.line[seam]!, seams.line[seam + 1]!];
    const isLone = isLoneClosing(source, table, after) || isLoneStop(source, table, before, after);
    if (seams.blanks[seam] === 0 && isLone) {
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

/** In characters: lines of verse and of addresses are shorter. */
const LONG = 45;

/** A line that was broken off; verse hardly ends in "p.". */
function mayGoOn({ flags, chars }: LineTable, { line }: SeamTable, seam: number, { decision }: Verdicts): boolean {
  if (decision[seam] !== Decision.keep) return decision[seam] === Decision.break;
  return (flags[line[seam]!]! & Flag.endsAbbreviation) !== 0 || chars[line[seam]!]! >= LONG;
}

/** Whether a line is nothing but the marks that close the line before it. */
export function isLoneClosing(source: string, { kind, from, to }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose || to[line]! - from[line]! > LONGEST_CLOSING) return false;
  return LONE_CLOSING.test(source.slice(from[line], to[line]));
}

/** A stop that had no room in the line of its sentence. */
const LONE_STOP = /^[.!?;]$/;
const WORD_AT_END = /[\p{L}\p{N}]$/u;

function isLoneStop(source: string, { kind, from, to }: LineTable, before: number, line: number): boolean {
  if (kind[line] !== LineKind.prose || to[line]! - from[line]! !== 1 || !LONE_STOP.test(source[from[line]!]!))
    return false;
  return kind[before] === LineKind.prose && WORD_AT_END.test(source.slice(from[before], to[before]).slice(-2));
}
