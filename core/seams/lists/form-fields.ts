import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isFull, widestOf } from '../measure/room.ts';
import { LEANS } from '../runs-on.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.9;
/** Between two such lines, the first of them full, it is asked about: blanks are left in prose, too. */
const CERTAINTY_OF_FULL = 0.8;
/** Of the lines of a group: a novel leaves a name blank here and there. */
const LEAST_SHARE = 1 / 4;
/** A box to tick; a blank to write on. */
const BOX = /\[ \]|\( \)|[☐☑☒]/;
const FIELD = new RegExp(String.raw`_{4,}|\.{8,}|…{3,}|${BOX.source}`);

/**
 * Lines of a form stand by themselves: a line with a blank to fill in or a box to tick does not run on in a line that begins anew, nor
 * does one run on in it, if the line had room for more or both have blanks. Linear in the length of the source.
 */
export function breakBetweenFields(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (!FIELD.test(source)) return;
  const { line } = seams;
  const { flags, from, to, kind } = table;
  const has = (pattern: RegExp, place: number) => pattern.test(source.slice(from[line[place]!], to[line[place]!]));
  let widest: number | undefined;
  for (const [first, last] of groupsOf(seams)) {
    const fields = Array.from({ length: last - first + 1 }, (_, at) => has(FIELD, first + at));
    if (fields.filter(Boolean).length < fields.length * LEAST_SHARE) continue;
    for (let seam = first; seam < last; seam++) {
      const isBoth = fields[seam - first]! && fields[seam + 1 - first]!;
      const isEither = fields[seam - first]! || fields[seam + 1 - first]!;
      if (!isEither || verdicts.decision[seam] !== Decision.join) continue;
      const [before, after] = [line[seam]!, line[seam + 1]!];
      if (kind[before] !== LineKind.prose || kind[after] !== LineKind.prose || flags[after]! & Flag.startsLower)
        continue;
      // "[ ] yes [ ] no": behind a box no word wants another after it.
      if (flags[before]! & LEANS && !has(BOX, seam)) continue;
      widest ??= widestOf(table, line);
      const isRoomy = !isFull(table, seams, seam, widest);
      if (isRoomy || isBoth)
        settle(verdicts, seam, Decision.break, 'formField', isRoomy ? CERTAINTY : CERTAINTY_OF_FULL);
    }
  }
}
