import type { LineTable } from '../../lines/line-table.ts';
import { widestOf } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/** "2 cloves of garlic", "½ cup of milk". */
const AMOUNT = /^(?:\d{1,4}(?:[.,/]\d{1,2})? ?[½¼¾⅓⅔]?|[½¼¾⅓⅔]) ?\p{Ll}/u;
const AMOUNT_UNITS = 12;
const FEWEST = 2;
const LEAST_SHARE = 0.4;
/** Of the widest line of the text, that a line takes up together with the next word. */
const MOST_FILL = 0.6;
/** It is asked about: the last thing on such a list may take two lines. */
const CERTAINTY = 0.8;

/** Among amounts of things one below the other, a thing without one ("half a glass of wine") is on a line of its own as well. */
export function breakBetweenAmounts(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line } = seams;
  if (table.captions.found || seams.count === 0) return;
  const widest = widestOf(table, line);
  const isAmount = (one: number) => AMOUNT.test(source.slice(table.from[one], table.from[one]! + AMOUNT_UNITS));
  for (const [first, last] of groupsOf(seams)) {
    const amounts = line.subarray(first, last + 1).filter(isAmount).length;
    if (amounts < FEWEST || amounts < (last - first + 1) * LEAST_SHARE) continue;
    for (let seam = first; seam < last; seam++) {
      const withNext = table.chars[line[seam]!]! + 1 + table.firstChars[line[seam + 1]!]!;
      if (verdicts.decision[seam] === Decision.join && withNext <= widest * MOST_FILL)
        settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
    }
  }
}
