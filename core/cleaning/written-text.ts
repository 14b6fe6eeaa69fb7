import { BY_HAND, pieceText, type Piece } from '../edits/piece.ts';

/**
 * What pieces say in a text that goes out. Words that a person wrote may hold paragraphs of their own: where one of these begins or
 * ends, spaces and empty lines that are left from the writing go.
 */
export function writtenText(source: string, pieces: readonly Piece[]): string {
  let text = '';
  for (const piece of pieces) {
    if (!holdsBreak(piece)) text += pieceText(source, piece);
    else {
      const written = piece.text!.replace(/[ \t]+(?=\n)/g, '').replace(/\n{3,}/g, '\n\n');
      text = text === '' ? written.replace(/^\n+/, '') : withoutSpaceBefore(text, written) + written;
    }
  }
  return holdsBreak(pieces.findLast((piece) => piece.text !== '')) ? text.replace(/\n+$/, '') : text;
}

function withoutSpaceBefore(text: string, written: string): string {
  return written.startsWith('\n') ? text.replace(/[ \t]+$/, '') : text;
}

/** Whether a person wrote a line end into it. */
export function holdsBreak(piece: Pick<Piece, 'text' | 'passes'> | undefined): boolean {
  return piece?.text !== undefined && piece.passes.includes(BY_HAND) && piece.text.includes('\n');
}
