import type { Rulings } from '../edits/local-edit.ts';
import { replaced, verbatim, type Piece } from '../edits/piece.ts';
import type { LineTable } from '../lines/line-table.ts';

interface Shaped {
  readonly pieces: readonly Piece[];
  /** See BlockWords; undefined once a shape changed something. */
  readonly signs: number | undefined;
}

/**
 * The pieces of a block with what taught shapes make of its lines, but where a person wants the source to stand.
 *
 * Law: the new pieces tile the same source range.
 */
export function shapedPieces(
  source: string,
  { shaped, index }: Pick<LineTable, 'shaped' | 'index'>,
  pieces: readonly Piece[],
  signs: number | undefined,
  lines: Iterable<number>,
  rulings: (pass: string) => Rulings | undefined,
): Shaped {
  const edits: Piece[] = [];
  for (const line of lines) {
    const found = shaped?.get(line);
    if (!found) continue;
    const { id } = found.shape;
    const ruling = rulings(id);
    const start = index.from[line]!;
    for (const { from, to, insert } of found.edits) {
      const isWanted = ruling?.mayEdit(start + from, start + to) !== false;
      if (isWanted && source.slice(start + from, start + to) !== insert)
        edits.push(replaced(start + from, start + to, insert, id));
    }
  }
  return edits.length === 0 ? { pieces, signs } : { pieces: withEdits(pieces, edits), signs: undefined };
}

/** Puts replacements, in order, into pieces of which those around the replacements are verbatim. */
function withEdits(pieces: readonly Piece[], edits: readonly Piece[]): Piece[] {
  const out: Piece[] = [];
  let next = 0;
  for (const piece of pieces) {
    let at = piece.from;
    if (piece.text === undefined) {
      for (; next < edits.length && edits[next]!.to <= piece.to && edits[next]!.from >= at; next++) {
        const edit = edits[next]!;
        if (at < edit.from) out.push(verbatim(at, edit.from));
        out.push(edit);
        at = edit.to;
      }
      if (at < piece.to) out.push(verbatim(at, piece.to));
    } else out.push(piece);
  }
  return out;
}
