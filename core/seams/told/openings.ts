import type { LineTable } from '../../lines/line-table.ts';
import { isWordUnit } from '../../text/characters.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/** Settles the seams above lines that begin with words with which, as a house style says, a paragraph always begins. */
export function breakAtOpenings(
  source: string,
  { from, to }: LineTable,
  { line, count }: SeamTable,
  openings: readonly string[],
  verdicts: Verdicts,
): void {
  if (openings.length === 0) return;
  for (let seam = 0; seam < count; seam++) {
    const start = from[line[seam + 1]!]!;
    const end = to[line[seam + 1]!]!;
    const opens = openings.some((words) => {
      const next = start + words.length;
      return (
        words !== '' &&
        next <= end &&
        source.startsWith(words, start) &&
        !(next < end && isWordUnit(source.charCodeAt(next)))
      );
    });
    if (opens && verdicts.decision[seam] !== Decision.keep) settle(verdicts, seam, Decision.break, 'opening', 1);
  }
}
