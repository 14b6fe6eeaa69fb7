import type { Piece } from '../edits/piece.ts';

/** What is counted of a list of pieces. */
export interface PieceStats {
  /** Edits by pass. */
  readonly counts: ReadonlyMap<string, number>;
  /** The certainty of the least certain piece; 1 where none is in question. */
  readonly leastCertain: number;
  /** UTF-16 units of their text. */
  readonly length: number;
}

const KNOWN = new WeakMap<readonly Piece[], PieceStats>();

/** The figures of a list of pieces. Lists never change and are taken over from one cleaning to the next, so each is counted once. */
export function statsOf(pieces: readonly Piece[]): PieceStats {
  let stats = KNOWN.get(pieces);
  if (!stats) KNOWN.set(pieces, (stats = countPieces(pieces)));
  return stats;
}

function countPieces(pieces: readonly Piece[]): PieceStats {
  const counts = new Map<string, number>();
  let leastCertain = 1;
  let length = 0;
  for (const { from, to, text, passes, certainty } of pieces) {
    length += text?.length ?? to - from;
    if (certainty !== undefined && certainty < leastCertain) leastCertain = certainty;
    for (const pass of passes) counts.set(pass, (counts.get(pass) ?? 0) + 1);
  }
  return { counts, leastCertain, length };
}
