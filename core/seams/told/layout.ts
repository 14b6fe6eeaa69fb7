import { goesOnInRow } from '../../lines/laid-out/table-lines.ts';
import { isLaidOut, LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { edgeInCharacters } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.93;
const CERTAINTY_OF_REST = 0.86;

/**
 * Settles the seams of lines that stay lines: rows of a table, code and entries of a table of contents are kept as lines of one
 * block, and stand apart from what is not of their kind; so do section breaks, and lone heads that a person kept.
 */
export function keepLaidOutLines(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  /** Whether the line above is the rest of a row. */
  let isRest = false;
  for (let seam = 0; seam < seams.count; seam++) {
    const line = seams.line[seam]!;
    const next = seams.line[seam + 1]!;
    if (!standsApart(table, line) && !standsApart(table, next)) {
      if (isRest && goesOnInRest(table, seams, seam))
        settle(verdicts, seam, Decision.join, 'layout', CERTAINTY_OF_REST);
      else isRest = false;
      continue;
    }
    const before = table.kind[line]!;
    const after = table.kind[next]!;
    if (after === LineKind.contents && goesOnInContents(table, seams, seam)) {
      settle(verdicts, seam, Decision.join, 'layout', CERTAINTY);
      continue;
    }
    if (seams.blanks[seam] === 0 && goesOnInRow(source, table, line, next, leavesNoRoom(table, seams, seam))) {
      settle(verdicts, seam, Decision.join, 'layout', CERTAINTY_OF_REST);
      isRest = true;
      continue;
    }
    const isBelowRest = isRest && after === LineKind.tableRow && seams.blanks[seam] === 0;
    isRest = false;
    if (isBelowRest) {
      settle(verdicts, seam, Decision.keep, 'layout', CERTAINTY);
      continue;
    }
    const isInside = before === after && isLaidOut(before) && seams.blanks[seam] === 0;
    const certainty = Math.max(verdicts.certainty[seam]!, CERTAINTY);
    settle(verdicts, seam, isInside ? Decision.keep : Decision.break, 'layout', certainty);
  }
}

/** What a cell says goes on below its second line as it does below its first. */
function goesOnInRest({ flags, indent }: LineTable, { line, blanks }: SeamTable, seam: number): boolean {
  const [before, next] = [line[seam]!, line[seam + 1]!];
  return blanks[seam] === 0 && indent[next] === indent[before] && (flags[next]! & Flag.startsLower) !== 0;
}

/** Of the widest of the lines that follow. */
const NEARLY_FULL = 0.93;

/** Whether the first word of the line below had no room in the line above, by the lines below. */
function leavesNoRoom(table: LineTable, { line, blanks, count }: SeamTable, seam: number): boolean {
  const edge = edgeInCharacters(table, line[seam]!);
  let widest = Math.max(edge, edgeInCharacters(table, line[seam + 1]!));
  if (seam + 1 < count && blanks[seam + 1] === 0) widest = Math.max(widest, edgeInCharacters(table, line[seam + 2]!));
  return edge + 1 + table.firstChars[line[seam + 1]!]! > widest * NEARLY_FULL;
}

/**
 * An entry of a table of contents may take two lines, of which the second has the dots and the page. It is told by a small letter, or
 * by having no number where the first has one. A first line with a number may look like a heading.
 */
function goesOnInContents(
  { kind, flags, indent }: LineTable,
  { line, blanks, count }: SeamTable,
  seam: number,
): boolean {
  const [before, next] = [line[seam]!, line[seam + 1]!];
  const isEntry = kind[before] === LineKind.prose || (kind[before] === LineKind.heading && isNumbered(flags[before]!));
  if (!isEntry || blanks[seam]! > 0 || (flags[before]! & (Flag.endsStop | Flag.endsColon)) !== 0) return false;
  if ((flags[next]! & Flag.startsLower) !== 0) return true;
  if (!isNumbered(flags[before]!) || isNumbered(flags[next]!) || indent[next]! < indent[before]!) return false;
  // Several such lines below a number are what it consists of.
  const third = seam + 1 < count ? line[seam + 2]! : undefined;
  if (third !== undefined && isNumbered(flags[third]!)) return true;
  return indent[next]! > (third !== undefined && kind[third] === LineKind.contents ? indent[third]! : indent[before]!);
}

function isNumbered(flags: number): boolean {
  return (flags & (Flag.startsMarker | Flag.startsDigit)) !== 0;
}

/** A line that stood alone in the middle of a sentence, and that a person kept, is no part of the sentence. */
function standsApart({ kind, takenBack, removalDoubts }: LineTable, line: number): boolean {
  if (isLaidOut(kind[line]!) || kind[line] === LineKind.sectionBreak) return true;
  return takenBack.size > 0 && takenBack.has(line) && removalDoubts.get(line) === 'lone';
}
