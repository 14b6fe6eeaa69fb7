import type { Choice } from '../choices/choice.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { pieceLists } from '../cleaning/output.ts';
import { firstReaching, type Piece } from '../edits/piece.ts';
import { isBlankUnit } from '../text/characters.ts';

/** A part of the source that a person marked, half-open, in source offsets. */
export interface Portion {
  readonly from: number;
  readonly to: number;
}

/** The pieces that share something with [from, to), in order. */
export function* piecesIn(cleaning: Cleaning, from: number, to: number): Generator<Piece> {
  for (const pieces of pieceLists(cleaning)) {
    if (pieces.length === 0 || pieces.at(-1)!.to <= from || pieces[0]!.from >= to) continue;
    for (let at = firstReaching(pieces, from); at < pieces.length && pieces[at]!.from < to; at++) yield pieces[at]!;
  }
}

/** The choices of some kinds that share something with a portion. */
export function choicesIn({ choices }: Cleaning, kinds: readonly Choice['kind'][], { from, to }: Portion): Choice[] {
  return choices.filter((choice) => kinds.includes(choice.kind) && choice.from < to && choice.to > from);
}

/** A range without the white space at its ends. */
export function trimmed(source: string, { from, to }: Portion): Portion {
  let a = Math.max(0, from);
  let b = Math.min(source.length, to);
  while (a < b && isBlankUnit(source.charCodeAt(a))) a++;
  while (b > a && isBlankUnit(source.charCodeAt(b - 1))) b--;
  return { from: a, to: b };
}
