import type { LayoutRange } from '../layout/layout.ts';
import type { Piece } from '../edits/piece.ts';

/** Words of one look. */
export interface Run {
  readonly text: string;
  readonly isEmphasis?: boolean;
  readonly isStrong?: boolean;
  readonly isCode?: boolean;
  /** The address that the words lead to. */
  readonly link?: string;
}

type Look = Omit<Run, 'text'>;

const PLAIN: Look = {};

/**
 * The words of pieces, cut where the format said that their look changes: `ranges` are those that meet the pieces, by their
 * beginnings. What took the place of something has a look only where all that it took the place of had it. Linear in both, but for
 * ranges that lie in one another, which are few. Law: the texts strung together are the text of the pieces.
 */
export function runsOf(source: string, pieces: readonly Piece[], ranges: readonly LayoutRange[]): Run[] {
  const stretches = stretchesOf(ranges);
  const runs: Run[] = [];
  let next = 0;
  for (const { from, to, text } of pieces) {
    while (next < stretches.length && stretches[next]!.to <= from) next++;
    if (text !== undefined) {
      const within = stretches[next];
      const isWhole = within !== undefined && from < to && within.from <= from && within.to >= to;
      push(runs, text, isWhole ? within.look : PLAIN);
      continue;
    }
    let at = from;
    for (let stretch = next; at < to; stretch++) {
      const { from: start = to, to: end = to, look = PLAIN } = stretches[stretch] ?? {};
      if (at < start) push(runs, source.slice(at, Math.min(start, to)), PLAIN);
      if (start < to) push(runs, source.slice(Math.max(at, start), Math.min(end, to)), look);
      at = Math.max(at, Math.min(end, to));
    }
  }
  return runs;
}

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly look: Look;
}

/** The stretches of one look each that ranges lead to, in order; those without a look are left out. */
function stretchesOf(ranges: readonly LayoutRange[]): Stretch[] {
  const cuts = [...new Set(ranges.flatMap((range) => [range.from, range.to]))].sort((a, b) => a - b);
  const stretches: Stretch[] = [];
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

/** Adds words; to the last run where they have its look. */
function push(runs: Run[], text: string, look: Look): void {
  if (text === '') return;
  const last = runs.at(-1);
  if (last && isSame(last, look)) runs[runs.length - 1] = { ...last, text: last.text + text };
  else runs.push({ text, ...look });
}

function isSame(a: Look, b: Look): boolean {
  return a.isEmphasis === b.isEmphasis && a.isStrong === b.isStrong && a.isCode === b.isCode && a.link === b.link;
}

/** Runs without their first characters. */
export function withoutStart(runs: readonly Run[], length: number): Run[] {
  let left = length;
  return runs.flatMap((run) => {
    const taken = Math.min(left, run.text.length);
    left -= taken;
    return taken === run.text.length ? [] : [{ ...run, text: run.text.slice(taken) }];
  });
}
