import { firstWhere } from '../text/first-where.ts';

/**
 * A stretch of source as it stands in the clean text. Pieces tile the source: each begins where the one before ends.
 * `text` is undefined where the source stands as it is.
 */
export interface Piece {
  readonly from: number;
  readonly to: number;
  readonly text?: string;
  /** The passes that made the replacement, in working order; empty for verbatim pieces. */
  readonly passes: readonly string[];
  /** How certain the least certain of its edits is, and why it is no more so; not there where none is in question. */
  readonly certainty?: number;
  readonly why?: string;
}

const NO_PASSES: readonly string[] = [];

export function verbatim(from: number, to: number): Piece {
  return { from, to, passes: NO_PASSES };
}

export function replaced(from: number, to: number, text: string, pass: string): Piece {
  return { from, to, text, passes: passAlone(pass) };
}

/** The pass whose edits a person made by hand, in pieces and in the ledger. */
export const BY_HAND = 'by-hand';

/** Most replacements have one pass: they share its list. */
const LISTS = new Map<string, readonly string[]>();

/** The list that holds one pass alone. */
export function passAlone(pass: string): readonly string[] {
  let list = LISTS.get(pass);
  if (!list) LISTS.set(pass, (list = [pass]));
  return list;
}

export function pieceText(source: string, piece: Piece): string {
  return piece.text ?? source.slice(piece.from, piece.to);
}

/** The first of some ranges in order that reaches beyond a position. Logarithmic. */
export function firstReaching(ranges: readonly { readonly to: number }[], position: number): number {
  return firstWhere(ranges.length, (at) => ranges[at]!.to > position);
}

/** The clean text of some pieces. */
export function textOfPieces(source: string, pieces: readonly Piece[]): string {
  let text = '';
  for (const piece of pieces) text += pieceText(source, piece);
  return text;
}
