import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { isFull, widestOf } from './room.ts';
import { LEANS } from './runs-on.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.9;
/** After a full line it is asked about: blanks are left in prose, too. */
const CERTAINTY_OF_FULL = 0.8;
/** A box to tick; a blank to write on. */
const BOX = /\[ \]|\( \)|[☐☑☒]/;
const FIELD = new RegExp(String.raw`_{4,}|\.{8,}|…{3,}|${BOX.source}`);

/**
 * Lines of a form stand by themselves: a line with a blank to fill in or a box to tick does not run on in a line that begins anew, nor
 * does one run on in it. Linear in the number of lines.
 */
export function breakBetweenFields(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (!FIELD.test(source)) return;
  const { line, count } = seams;
  const has = (pattern: RegExp, at: number) =>
    table.kind[line[at]!] === LineKind.prose && pattern.test(source.slice(table.from[line[at]!], table.to[line[at]!]));
  let widest: number | undefined;
  let isBefore = has(FIELD, 0);
  for (let seam = 0; seam < count; seam++) {
    const isAfter = has(FIELD, seam + 1);
    const isEither = isBefore || isAfter;
    isBefore = isAfter;
    if (!isEither || verdicts.decision[seam] !== Decision.join) continue;
    if (table.flags[line[seam + 1]!]! & Flag.startsLower) continue;
    // "[ ] yes [ ] no": behind a box no word wants another after it.
    if (table.flags[line[seam]!]! & LEANS && !has(BOX, seam)) continue;
    widest ??= widestOf(table, line);
    const certainty = isFull(table, seams, seam, widest) ? CERTAINTY_OF_FULL : CERTAINTY;
    settle(verdicts, seam, Decision.break, 'formField', certainty);
  }
}
