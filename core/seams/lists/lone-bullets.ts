import { LineKind } from '../../lines/line-kind.ts';
import { isBulletAlone } from '../../lines/line-form.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isFull, widestOf } from '../measure/room.ts';
import { runsOn } from '../runs-on.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.9;
/** It is asked about: a line with room left, or one sign alone in the text. */
const CERTAINTY_OF_ONE = 0.75;

/**
 * Some makers of PDF files put the bullet of an item on a line of its own. It belongs to the line below; so do the lines of the item
 * that go on in small letters. Linear in the number of lines.
 */
export function joinLoneBullets(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line } = seams;
  const { kind, flags, from, to } = table;
  const isLone = (at: number) =>
    kind[line[at]!] === LineKind.prose && isBulletAlone(source, from[line[at]!]!, to[line[at]!]!);
  const items: { readonly bullet: number; readonly last: number }[] = [];
  for (const [first, last] of groupsOf(seams))
    for (let at = first; at < last; at++) if (isLone(at) && !isLone(at + 1)) items.push({ bullet: at, last });
  if (items.length === 0) return;
  const widest = widestOf(table, line);
  const certainty = items.length > 1 ? CERTAINTY : CERTAINTY_OF_ONE;
  for (const { bullet, last } of items) {
    settle(verdicts, bullet, Decision.join, 'loneBullet', certainty);
    for (let seam = bullet + 1; seam < last && !isLone(seam + 1); seam++) {
      if (!(flags[line[seam + 1]!]! & Flag.startsLower) || !runsOn(table, seams, seam)) break;
      if (verdicts.decision[seam] === Decision.join) continue;
      settle(
        verdicts,
        seam,
        Decision.join,
        'loneBullet',
        isFull(table, seams, seam, widest) ? certainty : CERTAINTY_OF_ONE,
      );
    }
  }
}
