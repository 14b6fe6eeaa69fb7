import { Flag, type LineTable } from '../lines/line-table.ts';
import { widestOf } from './room.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.86;
/** Of the widest line: an item that ends so early had room for the next word. */
const ROOM = 0.8;

/**
 * Where items go on in lines that are set in under their words, a line below one that is not set in goes on no item: it begins anew,
 * if the line before it had room. Linear in the number of lines.
 */
export function breakAfterHungItems(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  const { flags, indent, chars, firstChars } = table;
  const widest = widestOf(table, line);
  const flush: number[] = [];
  let hung = 0;
  /** The indent of the item that a line may go on; -1 where there is none. */
  let item = -1;
  for (let seam = 0; seam < count; seam++) {
    if (flags[line[seam]!]! & Flag.startsBullet) item = indent[line[seam]!]!;
    const next = line[seam + 1]!;
    if (blanks[seam]! > 0) item = -1;
    if (item < 0 || flags[next]! & Flag.startsMarker) continue;
    if (indent[next]! > item) hung++;
    else {
      const isRoomy = chars[line[seam]!]! + 1 + firstChars[next]! <= widest * ROOM;
      if (!isRoomy) return;
      flush.push(seam);
      item = -1;
    }
  }
  if (hung === 0) return;
  for (const seam of flush)
    if (verdicts.decision[seam] === Decision.join) settle(verdicts, seam, Decision.break, 'hungItem', CERTAINTY);
}
