import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isFull, widestOf } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { countsOn } from '../evidence/sequence.ts';
import { isApart, settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.86;
/** "(2)", "b)", "(iii)" at the beginning of a line. */
const LABEL = /^\(?(\d{1,2}|[a-z]|[ivxl]{2,4})\)\s/;
const LONGEST_LABEL = 8;
/** The same within a line. */
const LABEL_WITHIN = /\s\(?(\d{1,2}|[a-z]|[ivxl]{2,4})\)/g;
/** Lines that are looked at on each side. */
const MOST_LINES = 6;

/**
 * A number or letter in brackets that counts on from one within the lines above, "… (1) the ferry," / "(2) the bell", below a line that had no
 * room for it, is of the same sentence: items of a list each begin a line, and so does the next one then.
 */
export function joinRunInNumbers(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  for (let seam = 0; seam < count; seam++) {
    if (blanks[seam]! > 0 || !isApart(verdicts, seam)) continue;
    const label = labelAt(source, table, line[seam + 1]!);
    if (label === undefined || endsApart(table, line[seam]!)) continue;
    let first = seam;
    while (first > 0 && seam - first < MOST_LINES && blanks[first - 1] === 0) first--;
    let last = seam + 1;
    while (last < count && last - seam < MOST_LINES && blanks[last] === 0) last++;
    const isListed = line.subarray(seam + 2, last + 1).some((one) => {
      const next = labelAt(source, table, one);
      return next !== undefined && countsOn(label, next);
    });
    if (isListed || !isFull(table, seams, seam, widestOf(table, line.subarray(first, last + 1)))) continue;
    if (standsWithin(source, table, line.subarray(first, seam + 1), label))
      settle(verdicts, seam, Decision.join, 'runInNumber', CERTAINTY);
  }
}

/** The label with which a line of prose begins. */
function labelAt(source: string, { kind, flags, from }: LineTable, line: number): string | undefined {
  if (kind[line] !== LineKind.prose || !(flags[line]! & Flag.startsMarker)) return undefined;
  return LABEL.exec(source.slice(from[line], from[line]! + LONGEST_LABEL))?.[1];
}

function endsApart({ kind, flags }: LineTable, line: number): boolean {
  return kind[line] !== LineKind.prose || (flags[line]! & (Flag.endsColon | Flag.endsStop)) !== 0;
}

/** Units before a label within a sentence: fewer are the number of a question, "3. (a)". */
const FEWEST_BEFORE = 16;

/** Whether the label before this one stands within one of some lines, and at the beginning of none. */
function standsWithin(source: string, table: LineTable, lines: Uint32Array, label: string): boolean {
  const isBefore = (other: string | undefined) => other !== undefined && countsOn(other, label);
  if (lines.some((line) => isBefore(labelAt(source, table, line)))) return false;
  return lines.some((line) => {
    const labels = source.slice(table.from[line], table.to[line]).matchAll(LABEL_WITHIN);
    return [...labels].some(({ index, 1: other }) => index >= FEWEST_BEFORE && isBefore(other));
  });
}
