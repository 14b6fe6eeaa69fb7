import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { edgeInCharacters } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/** In columns: how far the middle of a line lies from that of the first of its block, at the most. */
const FARTHEST_APART = 3;
const LEAST_INDENT = 4;
/** In columns: how much the lines of one block differ in where they begin. */
const LEAST_DIFFERENCE = 4;
/** Items and turns of speech are set in by what they are. */
const NEVER = Flag.startsMarker | Flag.startsSpeaker | Flag.startsDash;
const FEWEST_LINES = 3;
const MOST_LINES = 40;
/** Lines may be centred that were wrapped. */
const CERTAINTY = 0.8;

/**
 * Lines set about one middle, as on a card or a title page, all of them set in: they were broken by hand. A line that cuts a word says
 * that they were wrapped.
 */
export function breakCentredLines(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (table.captions.found || table.layout) return;
  for (let first = 0; first < seams.count;) {
    const last = endOfCentred(table, seams, first);
    if (isCentredBlock(table, seams, first, last))
      for (let seam = first; seam < last; seam++)
        if (verdicts.decision[seam] === Decision.join && differ(table, seams, seam))
          settle(verdicts, seam, Decision.break, 'centred', CERTAINTY);
    first = Math.max(first + 1, last);
  }
}

/** Lines that begin at one column may be wrapped there, about the middle by chance. */
function differ({ indent }: LineTable, { line }: SeamTable, seam: number): boolean {
  return indent[line[seam]!] !== indent[line[seam + 1]!];
}

/** Twice the middle of a line, in columns. */
function middleOf(table: LineTable, line: number): number {
  return table.indent[line]! + edgeInCharacters(table, line);
}

function endOfCentred(table: LineTable, { line, count }: SeamTable, first: number): number {
  let last = first;
  const isCentred = (one: number) =>
    table.kind[one] === LineKind.prose &&
    !(table.flags[one]! & NEVER) &&
    table.margin + table.indent[one]! >= LEAST_INDENT;
  if (!isCentred(line[first]!)) return first;
  while (last < count && isCentred(line[last + 1]!)) {
    if (Math.abs(middleOf(table, line[last + 1]!) - middleOf(table, line[first]!)) > 2 * FARTHEST_APART) break;
    last++;
  }
  return last;
}

function isCentredBlock(table: LineTable, { line }: SeamTable, first: number, last: number): boolean {
  const size = last - first + 1;
  if (size < FEWEST_LINES || size > MOST_LINES) return false;
  const indents = Array.from(line.subarray(first, last + 1), (one) => table.indent[one]!);
  if (Math.max(...indents) - Math.min(...indents) < LEAST_DIFFERENCE) return false;
  // Where most begin at one column, they are set in, and their middles meet by chance.
  const most = Math.max(...indents.map((one) => indents.filter((other) => other === one).length));
  return most * 2 <= size + 1 && !line.subarray(first, last).some((one) => table.flags[one]! & Flag.endsHyphen);
}
