import type { Piece } from '../edits/piece.ts';
import type { LayoutRange } from '../layout/layout.ts';
import { stretchesOf, type Look } from '../layout/looks.ts';

/** Words of one look. */
export interface Run extends Look {
  readonly text: string;
}

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
