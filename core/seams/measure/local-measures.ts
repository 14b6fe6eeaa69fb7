import { LineKind } from '../../lines/line-kind.ts';
import type { LineTable } from '../../lines/line-table.ts';
import { edgeInCharacters, OVERLONG, roomAt, type Measure } from './room.ts';
import type { SeamTable } from '../seam-table.ts';

/*
 * Where the measure is another than around: notes, blocks that are set in; and lines that keep to none, in rows.
 */

const MOST_BY_INSERTION = 12;
const LOOSE_ROOM = 0.12;
export const WHOLE_GROUP = 2;

/** A line counts as loose where the next word would have fitted twice over; only neighbours without a wider gap make a row. */
export function fillLooseRuns(
  out: Float32Array,
  table: LineTable,
  seams: SeamTable,
  measure: Pick<Measure, 'unit' | 'at'>,
): void {
  const isLoose = (seam: number) => roomAt(table, seams, measure, seam) > LOOSE_ROOM;
  const isWider = (seam: number, than: number) =>
    seam < 0 || seam >= seams.count || seams.blanks[seam]! > seams.blanks[than]!;
  for (let start = 0; start < seams.count;) {
    if (!isLoose(start)) {
      start++;
      continue;
    }
    let end = start + 1;
    while (end < seams.count && seams.blanks[end] === seams.blanks[start] && isLoose(end)) end++;
    const closed = isWider(start - 1, start) && isWider(end, start) && end - start >= 2;
    out.fill(closed ? WHOLE_GROUP : Math.min(1, (end - start - 1) / 2), start, end);
    start = end;
  }
}

/** The notes of a page have a measure of their own: the widest of their lines that are not the last of a note. */
export function fitFootnotes(at: Float32Array, table: LineTable, seams: SeamTable, unit: Measure['unit']): void {
  const isNote = (kept: number) => table.kind[seams.line[kept]!] === LineKind.footnote;
  for (let start = 0; start < seams.count;) {
    let end = start;
    let widest = 0;
    while (end < seams.count && isNote(end) && isNote(end + 1)) {
      const line = seams.line[end]!;
      widest = Math.max(widest, unit === 'characters' ? edgeInCharacters(table, line) : table.width[line]!);
      end++;
    }
    if (end > start) at.fill(Math.max(widest, at[start]!), start, end);
    start = end + 1;
  }
}

const FEWEST_SET_IN_LINES = 3;
const STEP_IN = 2;
/** Shares of the measure around: narrower blocks must wrap exactly, much narrower ones are verse. */
const USUAL_BLOCK = 0.75;
const NARROWEST_BLOCK = 0.55;

/** Lines that are set in together, as block quotes are, have a measure of their own where two of them surely run on. */
export function fitSetInBlocks(
  at: Float32Array,
  table: LineTable,
  seams: SeamTable,
  unit: Measure['unit'],
  full: readonly number[],
  widths: Uint32Array,
): void {
  let next = 0;
  for (let start = 0; start < seams.count;) {
    const indent = table.indent[seams.line[start]!]!;
    let end = start;
    while (end < seams.count && table.indent[seams.line[end + 1]!] === indent) end++;
    const outside = start === 0 ? indent : table.indent[seams.line[start - 1]!]!;
    if (end - start + 1 >= FEWEST_SET_IN_LINES && indent >= outside + STEP_IN) {
      while (next < full.length && full[next]! < start) next++;
      let last = next;
      while (last < full.length && full[last]! < end) last++;
      const own = last - next >= 2 ? secondWidest(widths, next, last) : 0;
      const share = own / at[start]!;
      const wraps = () =>
        full.slice(next, last).every((seam) => roomAt(table, seams, { unit, at: { [seam]: own } }, seam) <= 0);
      if (share >= USUAL_BLOCK || (share >= NARROWEST_BLOCK && wraps())) at.fill(own, start, end);
    }
    start = end + 1;
  }
}

/** The second widest of widths[from, to), overlong ones left out. */
export function secondWidest(widths: Uint32Array, from: number, to: number): number {
  const sorted = widths.slice(Math.max(0, from), Math.max(0, to));
  const count = sorted.length;
  if (count > MOST_BY_INSERTION) sorted.sort();
  else sortFew(sorted);
  const limit = (sorted[count >> 1] ?? 0) * OVERLONG;
  let usual = count;
  while (usual > 0 && sorted[usual - 1]! > limit) usual--;
  return sorted[usual - 2] ?? sorted[usual - 1] ?? 0;
}

/** By insertion: quicker for a dozen. */
function sortFew(values: Uint32Array): void {
  for (let at = 1; at < values.length; at++) {
    const value = values[at]!;
    let place = at;
    while (place > 0 && values[place - 1]! > value) {
      values[place] = values[place - 1]!;
      place--;
    }
    values[place] = value;
  }
}
