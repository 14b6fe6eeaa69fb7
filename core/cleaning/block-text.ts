import { pieceText, textOfPieces, type Piece } from '../edits/piece.ts';
import type { PassId } from '../passes/index.ts';
import type { BlockText } from '../passes/pass.ts';

/** The passes that put something in the place of a line end where two lines are joined. */
const JOINING: readonly string[] = ['wrapped-lines', 'split-words'] satisfies readonly PassId[];

/** A block's text for the passes to look at; `text`, if known, is that of its pieces. */
export function textOfBlock(
  source: string,
  { from, pieces }: { readonly from: number; readonly pieces: readonly Piece[] },
  text = textOfPieces(source, pieces),
): BlockText {
  return { text, from, joins: () => joinsOf(source, pieces) };
}

function joinsOf(source: string, pieces: readonly Piece[]): number[] {
  const joins: number[] = [];
  let at = 0;
  for (const piece of pieces) {
    at += pieceText(source, piece).length;
    if (piece.passes.some((pass) => JOINING.includes(pass))) joins.push(at);
  }
  return joins;
}
