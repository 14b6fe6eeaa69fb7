import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.88;
/** Columns that a line is set in farther than the lines around it. */
const LEAST_STEP = 4;
const LEAST_STEP_UNDER_CAPITALS = 2;
/** Of the widest line: a longer one may be the first of a paragraph with an indent. */
const SHORT = 0.75;
const LONGEST_CAPITALS = 40;

/**
 * Lines that are displayed: a short one set in by itself between blank lines, as a command or a formula that the sentence around it
 * leads to, and a line in capitals above lines that are set in under it. They are never run into what is around them.
 */
export function settleDisplayedLines(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  if (table.captions.found || count === 0) return;
  const widest = line.reduce((most, one) => Math.max(most, table.chars[one]!), 0);
  // Where every line has a blank one after it, blank lines say nothing.
  const close = blanks.subarray(0, count).filter((one) => one === 0).length;
  for (let seam = 0; seam < count; seam++) {
    const isCaptioned = isInCapitals(table, line[seam]!) && stepOf(table, seams, seam) >= LEAST_STEP_UNDER_CAPITALS;
    const mayBeDisplayed = close > 0 && blanks[seam]! > 0;
    if (isCaptioned || (mayBeDisplayed && isDisplayed(table, seams, seam + 1, widest))) breakAt(verdicts, seam);
    if (mayBeDisplayed && isDisplayed(table, seams, seam, widest)) breakAt(verdicts, seam);
  }
}

function breakAt(verdicts: Verdicts, seam: number): void {
  if (verdicts.decision[seam] === Decision.join) settle(verdicts, seam, Decision.break, 'displayed', CERTAINTY);
}

function isInCapitals({ kind, flags, chars }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose && kind[line] !== LineKind.heading) return false;
  return (flags[line]! & Flag.allCapitals) !== 0 && chars[line]! <= LONGEST_CAPITALS;
}

/** How many columns the second line of a seam is set in farther than the first. */
function stepOf({ indent }: LineTable, { line }: SeamTable, seam: number): number {
  return indent[line[seam + 1]!]! - indent[line[seam]!]!;
}

/** Whether the kept line at a place is short, set in, and has blank lines and lines that are not set in on both sides. */
function isDisplayed(table: LineTable, seams: SeamTable, place: number, widest: number): boolean {
  const { line, blanks, count } = seams;
  if (place === 0 || place >= count || blanks[place - 1] === 0 || blanks[place] === 0) return false;
  const one = line[place]!;
  if (table.kind[one] !== LineKind.prose || table.chars[one]! > widest * SHORT) return false;
  const around = Math.max(table.indent[line[place - 1]!]!, table.indent[line[place + 1]!]!);
  return table.indent[one]! - around >= LEAST_STEP;
}
