import { Flag, type LineTable } from '../lines/line-table.ts';
import type { SeamTable } from './seam-table.ts';

const NUMBER = /^[([]?(\d{1,3}|[a-zA-Z])([.)\]])/;
/** Lines that may lie between an item's number and the next. */
const LONGEST_ITEM = 60;

/**
 * By seam: 1 where the line after it carries the next number of a list that is under way ("3." after "2."), or begins one
 * whose second item follows. A number that has no such kin may as well be the end of a sentence.
 */
export function findSequence(source: string, table: LineTable, seams: SeamTable): Uint8Array {
  const inSequence = new Uint8Array(seams.count);
  /** By the sign after the number: the last item's value, its seam and its line. */
  const last = new Map<string, { value: number; seam: number; kept: number }>();
  for (let seam = -1; seam < seams.count; seam++) {
    const line = seams.line[seam + 1];
    if (line === undefined || !(table.flags[line]! & Flag.startsMarker)) continue;
    const match = NUMBER.exec(source.slice(table.from[line], table.from[line]! + 6));
    if (!match) continue;
    const value = valueOf(match[1]!);
    const before = last.get(match[2]!);
    if (before && value === before.value + 1 && seam - before.kept <= LONGEST_ITEM) {
      if (seam >= 0) inSequence[seam] = 1;
      if (before.seam >= 0) inSequence[before.seam] = 1;
    }
    last.set(match[2]!, { value, seam, kept: seam });
  }
  return inSequence;
}

function valueOf(mark: string): number {
  return /\d/.test(mark) ? Number(mark) : 1000 + mark.toLowerCase().charCodeAt(0);
}
