import type { Piece } from './piece.ts';

/*
 * Positions between the source and the clean text. What stands as it is maps unit by unit; a replacement has no places inside that
 * the other text knows, so a position in it maps to one of its ends: which one, the side says.
 */

/** A stretch of source and what stands for it in the clean text: `text`, or without one the source as it is. Stretches follow each other. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly text?: string;
}

/** Of an insertion or a replacement: where it begins, or where it ends. */
export type Side = 'start' | 'end';

export interface Position {
  readonly at: number;
  /** It fell into something replaced: what it was beside or inside of is not there. */
  readonly isReplaced: boolean;
}

function lengthOf({ from, to, text }: Stretch): number {
  return text?.length ?? to - from;
}

/** Where an offset in the clean text of some stretches lies in the source; the end of the last for one behind them all. */
export function toSourcePosition(stretches: readonly Stretch[], offset: number, side: Side): Position | undefined {
  let start = 0;
  for (const stretch of stretches) {
    const end = start + lengthOf(stretch);
    const isHere = side === 'start' ? offset < end : offset <= end && end > start;
    if (isHere) {
      if (stretch.text === undefined) return { at: stretch.from + offset - start, isReplaced: false };
      return { at: side === 'start' || offset === start ? stretch.from : stretch.to, isReplaced: true };
    }
    start = end;
  }
  const last = stretches.at(-1);
  return last && { at: last.to, isReplaced: last.text !== undefined };
}

/** Where a position in the source of some stretches lies in their clean text; the end of all for one behind them. */
export function toCleanPosition(stretches: readonly Stretch[], position: number, side: Side): Position {
  let start = 0;
  for (const stretch of stretches) {
    const end = start + lengthOf(stretch);
    if (position < stretch.to) {
      if (stretch.text === undefined) return { at: start + Math.max(0, position - stretch.from), isReplaced: false };
      return { at: side === 'start' ? start : end, isReplaced: true };
    }
    start = end;
  }
  return { at: start, isReplaced: false };
}

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
