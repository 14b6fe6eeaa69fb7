import { Flag, type LineTable } from '../../lines/line-table.ts';
import type { SeamTable } from '../seam-table.ts';

const NUMBER = /^[([]?(\d{1,3}|[a-zA-Z]|[ivxl]{2,6}|[IVXL]{2,6})([.)\]])/;
/** Lines that may lie between an item's number and the next. */
const LONGEST_ITEM = 60;

/**
 * By seam: 1 where the line after it carries the next number of a list that is under way ("3." after "2."), or begins one
 * whose second item follows. A number that has no such kin may as well be the end of a sentence.
 */
export function findSequence(source: string, table: LineTable, seams: SeamTable): Uint8Array {
  const inSequence = new Uint8Array(seams.count);
  /** By the way of counting and the sign after the number: the last item's value, its seam and its line. */
  const last = new Map<string, { value: number; seam: number; kept: number }>();
  for (let seam = -1; seam < seams.count; seam++) {
    const line = seams.line[seam + 1];
    if (line !== undefined && seam >= 0 && table.series.has(line)) inSequence[seam] = 1;
    if (line === undefined || !(table.flags[line]! & Flag.startsMarker)) continue;
    const match = NUMBER.exec(source.slice(table.from[line], table.from[line]! + 6));
    if (!match) continue;
    for (const [way, value] of valuesOf(match[1]!)) {
      const key = way + match[2]!;
      const before = last.get(key);
      if (before && value === before.value + 1 && seam - before.kept <= LONGEST_ITEM) {
        if (seam >= 0) inSequence[seam] = 1;
        if (before.seam >= 0) inSequence[before.seam] = 1;
      }
      last.set(key, { value, seam, kept: seam });
    }
  }
  return inSequence;
}

/** Whether one label counts on from another in some way: "3" from "2", "c" from "b", "ii" from "i". */
export function countsOn(before: string, after: string): boolean {
  const values = new Map(valuesOf(before));
  return valuesOf(after).some(([way, value]) => values.get(way) === value - 1);
}

/** The ways in which a mark may count, each with its value: "i" may be a letter or a Roman numeral. */
function valuesOf(mark: string): (readonly [way: string, value: number])[] {
  if (/\d/.test(mark)) return [['1', Number(mark)]];
  const values: (readonly [string, number])[] = [];
  if (mark.length === 1) values.push(['a', mark.toLowerCase().charCodeAt(0)]);
  if (/^[ivxl]+$/i.test(mark)) values.push(['i', valueOfRoman(mark.toLowerCase())]);
  return values;
}

const ROMAN: Readonly<Record<string, number>> = { i: 1, v: 5, x: 10, l: 50 };

function valueOfRoman(mark: string): number {
  const values = [...mark].map((sign) => ROMAN[sign]!);
  return values.reduce((sum, value, at) => sum + (value < (values[at + 1] ?? 0) ? -value : value), 0);
}
