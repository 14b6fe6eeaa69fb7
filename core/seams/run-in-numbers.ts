import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { isFull, widestOf } from './room.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { isApart, settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.86;
/** "(2)", "b)", "(iii)" at the beginning of a line. */
const LABEL = /^\(?(\p{L}|\d{1,2}|[ivx]{1,4})\)\s/u;
/** Lines that are looked at for the label before. */
const MOST_LINES = 6;
const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x'];
const LONGEST_LABEL = 8;

/**
 * A number or letter in brackets that counts on from one within the lines above, "… (1) the ferry," / "(2) the bell", below a line that had no
 * room for it, is of the same sentence: items of a list each begin a line, and so does the next one then.
 */
export function joinRunInNumbers(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  for (let seam = 0; seam < count; seam++) {
    if (blanks[seam]! > 0 || !isApart(verdicts, seam)) continue;
    const label = labelAt(source, table, line[seam + 1]!);
    const earlier = label === undefined ? undefined : labelBefore(label);
    if (earlier === undefined || endsApart(table, line[seam]!)) continue;
    let first = seam;
    while (first > 0 && seam - first < MOST_LINES && blanks[first - 1] === 0) first--;
    let last = seam + 1;
    while (last < count && last - seam < MOST_LINES && blanks[last] === 0) last++;
    const isListed = line.subarray(seam + 2, last + 1).some((one) => {
      const next = labelAt(source, table, one);
      return next !== undefined && labelBefore(next) === label;
    });
    if (isListed || !isFull(table, seams, seam, widestOf(table, line.subarray(first, last + 1)))) continue;
    if (standsWithin(source, table, line.subarray(first, seam + 1), earlier))
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

function standsWithin(source: string, { from, to }: LineTable, lines: Uint32Array, label: string): boolean {
  const isAtStart = (line: number) =>
    source.startsWith(`${label})`, from[line]) || source.startsWith(`(${label})`, from[line]);
  if (lines.some(isAtStart)) return false;
  return lines.some((line) => {
    const words = source.slice(from[line], to[line]);
    return Math.max(words.lastIndexOf(` ${label})`), words.lastIndexOf(` (${label})`)) >= FEWEST_BEFORE;
  });
}

/** "1" before "2", "a" before "b", "i" before "ii"; undefined for the first of its kind. */
function labelBefore(label: string): string | undefined {
  const roman = ROMAN.indexOf(label);
  if (roman > 0) return ROMAN[roman - 1];
  const number = Number(label);
  if (Number.isInteger(number)) return number > 1 ? String(number - 1) : undefined;
  return label.length === 1 && label > 'a' && label <= 'z' ? String.fromCharCode(label.charCodeAt(0) - 1) : undefined;
}
