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

/**
 * The words of pieces, cut where the format said that their look changes: `ranges` are those that meet the pieces. What took the place of something has a look only where
 * all that it took the place of had it. Law: the texts strung together are the text of the pieces.
 */
export function runsOf(source: string, pieces: readonly Piece[], ranges: readonly LayoutRange[]): Run[] {
  const cuts = [...new Set(ranges.flatMap((range) => [range.from, range.to]))].sort((a, b) => a - b);
  const runs: Run[] = [];
  for (const piece of pieces) {
    if (piece.text !== undefined) push(runs, piece.text, lookOf(ranges, piece.from, piece.to));
    else for (const [a, b] of partsOf(piece, cuts)) push(runs, source.slice(a, b), lookOf(ranges, a, b));
  }
  return runs;
}

function partsOf({ from, to }: Piece, cuts: readonly number[]): [from: number, to: number][] {
  const within = [from, ...cuts.filter((cut) => cut > from && cut < to), to];
  return within.slice(1).map((end, at) => [within[at]!, end]);
}

function lookOf(ranges: readonly LayoutRange[], from: number, to: number): Look {
  const look: { -readonly [K in keyof Look]: Look[K] } = {};
  for (const range of ranges) {
    const holds = range.from <= from && range.to >= to && from < to;
    if (!holds) continue;
    if (range.kind === 'emphasis') look.isEmphasis = true;
    else if (range.kind === 'strong') look.isStrong = true;
    else if (range.kind === 'code') look.isCode = true;
    else look.link = range.address;
  }
  return look;
}

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
