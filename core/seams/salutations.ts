import type { LineTable } from '../lines/line-table.ts';
import { inAnyLanguage } from '../text/language.ts';
import { widestOf } from './room.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.9;
const LONGEST = 48;
/** Of the widest line: a salutation leaves room, whatever comes next. */
const SHORT = 0.7;
/** How letters begin in languages in which the first sentence may begin with a small letter below. */
const SALUTATION = new RegExp(`^(?:${inAnyLanguage('salutations')})(?=[\\s,!])[^.?;:]*[,!،]$`, 'iu');

/** The line with which a letter begins is one of its own, also where the first sentence goes on below it in small letters. */
export function breakAfterSalutations(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, count } = seams;
  const widest = widestOf(table, line);
  for (let seam = 0; seam < count; seam++) {
    const one = line[seam]!;
    if (verdicts.decision[seam] !== Decision.join || table.chars[one]! > Math.min(LONGEST, widest * SHORT)) continue;
    // It begins the text or a paragraph.
    if (seam > 0 && verdicts.decision[seam - 1]! < Decision.break) continue;
    if (SALUTATION.test(source.slice(table.from[one], table.to[one])))
      settle(verdicts, seam, Decision.break, 'salutation', CERTAINTY);
  }
}
