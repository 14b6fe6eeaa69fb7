import { firstWhere } from '../text/first-where.ts';
import type { Layout, LayoutRange } from './layout.ts';

/** How words look, as their format says. */
export interface Look {
  readonly isEmphasis?: boolean;
  readonly isStrong?: boolean;
  readonly isCode?: boolean;
  /** The address that the words lead to. */
  readonly link?: string;
}

/** A stretch of the source with one look. */
export interface LookStretch {
  readonly from: number;
  readonly to: number;
  readonly look: Look;
}

/** The stretches of one look each that ranges lead to, in order; those without a look are left out. `ranges` as in a layout. */
export function stretchesOf(ranges: readonly LayoutRange[]): LookStretch[] {
  const cuts = [...new Set(ranges.flatMap((range) => [range.from, range.to]))].sort((a, b) => a - b);
  const stretches: LookStretch[] = [];
  let next = 0;
  let open: LayoutRange[] = [];
  for (const [at, from] of cuts.entries()) {
    const to = cuts[at + 1];
    if (to === undefined) break;
    open = open.filter((range) => range.to > from);
    while (next < ranges.length && ranges[next]!.from <= from) open.push(ranges[next++]!);
    if (open.length > 0) stretches.push({ from, to, look: lookOf(open) });
  }
  return stretches;
}

function lookOf(ranges: readonly LayoutRange[]): Look {
  const look: { -readonly [K in keyof Look]: Look[K] } = {};
  for (const range of ranges) {
    if (range.kind === 'emphasis') look.isEmphasis = true;
    else if (range.kind === 'strong') look.isStrong = true;
    else if (range.kind === 'code') look.isCode = true;
    else look.link = range.address;
  }
  return look;
}

/**
 * The ranges that meet [from, to) of the source; none begins before `least`, where the paragraph does: formats end a range with its
 * paragraph.
 */
export function rangesIn({ ranges }: Layout, least: number, from: number, to: number): LayoutRange[] {
  const found: LayoutRange[] = [];
  const first = firstWhere(ranges.length, (at) => ranges[at]!.from >= least);
  for (let at = first; at < ranges.length && ranges[at]!.from < to; at++)
    if (ranges[at]!.to > from) found.push(ranges[at]!);
  return found;
}
