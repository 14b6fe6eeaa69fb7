import { firstWhere } from '../text/first-where.ts';

/** Ranges of a text, half-open, in any order and overlapping as they like, made ready to be asked about. */
export interface Ranges {
  /** Where the ranges that hold something begin, in order; and how far those up to each of them reach. */
  readonly from: Float64Array;
  readonly reach: Float64Array;
  /** Where the empty ranges are. */
  readonly points: ReadonlySet<number>;
}

export interface Range {
  readonly from: number;
  readonly to: number;
}

export function toRanges(list: readonly Range[]): Ranges {
  const filled = list.filter(({ from, to }) => from < to).sort((a, b) => a.from - b.from);
  const reach = new Float64Array(filled.length);
  let furthest = 0;
  for (const [at, range] of filled.entries()) reach[at] = furthest = Math.max(furthest, range.to);
  return {
    from: Float64Array.from(filled, (range) => range.from),
    reach,
    points: new Set(list.filter(({ from, to }) => from === to).map(({ from }) => from)),
  };
}

/** Whether a range shares something with one of the ranges. An empty one does inside of a range, or where another is. Logarithmic. */
export function overlaps(ranges: Ranges, from: number, to: number): boolean {
  if (from === to && ranges.points.has(from)) return true;
  const last = countBelow(ranges.from, to) - 1;
  return last >= 0 && ranges.reach[last]! > from;
}

/** Whether a range lies in one of the ranges, ends included. Logarithmic. */
export function encloses(ranges: Ranges, from: number, to: number): boolean {
  if (from === to && ranges.points.has(from)) return true;
  const last = countBelow(ranges.from, from + 1) - 1;
  return last >= 0 && ranges.reach[last]! >= to;
}

/** How many of some numbers in order are below a limit. */
function countBelow(sorted: Float64Array, limit: number): number {
  return firstWhere(sorted.length, (at) => sorted[at]! >= limit);
}
