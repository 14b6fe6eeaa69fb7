import type { Piece } from './piece.ts';

/** Ranges as two lists of offsets: range i is [from[i], to[i]). */
export interface RangeList {
  readonly from: Uint32Array;
  readonly to: Uint32Array;
}

/**
 * The source ranges that ranges of the clean text come from; these are in order and do not overlap. What lies in a replaced
 * piece has no place of its own: it comes from the whole piece. Linear in pieces and ranges.
 */
export function toSourceRanges(pieces: Iterable<Piece>, clean: RangeList): RangeList {
  const count = clean.from.length;
  const from = new Uint32Array(count);
  const to = new Uint32Array(count);
  const all = [...pieces];
  let piece = 0;
  let start = 0;
  const lengthOf = (one: Piece) => one.text?.length ?? one.to - one.from;
  for (let at = 0; at < count; at++) {
    const a = clean.from[at]!;
    const b = clean.to[at]!;
    while (piece < all.length - 1 && start + lengthOf(all[piece]!) <= a) start += lengthOf(all[piece++]!);
    let last = piece;
    let lastStart = start;
    while (last < all.length - 1 && lastStart + lengthOf(all[last]!) < b) lastStart += lengthOf(all[last++]!);
    const first = all[piece];
    if (!first) break;
    from[at] = first.text === undefined ? Math.min(first.to, first.from + a - start) : first.from;
    to[at] = all[last]!.text === undefined ? Math.min(all[last]!.to, all[last]!.from + b - lastStart) : all[last]!.to;
  }
  return { from, to };
}
