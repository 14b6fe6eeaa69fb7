import { oneStep, type Step } from '../history/history.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { BY_HAND, type Piece } from '../edits/piece.ts';
import { allPieces } from '../cleaning/output.ts';
import { choicesIn, piecesIn } from './in-portion.ts';

/** One edit, for a person who asks what happened at a place. */
export interface EditView {
  readonly from: number;
  readonly to: number;
  readonly source: string;
  readonly becomes: string;
  readonly passes: readonly string[];
  /** Not there where nothing speaks against it. */
  readonly certainty?: number;
  readonly why?: string;
  /** Edits of the same passes that make the same of the same words, this one included. */
  readonly alike: number;
}

/** The edit that a source range lies in or touches; undefined where the source stands as it is. Linear in the number of edits. */
export function viewEdit(cleaning: Cleaning, from: number, to: number): EditView | undefined {
  const piece = editAt(cleaning, from, to);
  if (!piece) return undefined;
  const { text, passes, certainty, why } = piece;
  return {
    from: piece.from,
    to: piece.to,
    source: cleaning.source.slice(piece.from, piece.to),
    becomes: text!,
    passes,
    certainty,
    why,
    alike: alikes(cleaning, piece).length,
  };
}

/** The step that lets the source stand at an edit, or at all that are alike; what a person did is taken back. */
export function stepForStet(cleaning: Cleaning, from: number, to: number, alike: boolean): Step | undefined {
  const piece = editAt(cleaning, from, to);
  if (!piece) return undefined;
  const steps = (alike ? alikes(cleaning, piece) : [piece]).flatMap((one) => stetsOf(cleaning, one));
  return oneStep(steps);
}

/** The steps that let the source stand where passes changed it; what a person did to its words is taken back. */
export function stetsOf(cleaning: Cleaning, { from, to, passes }: Pick<Piece, 'from' | 'to' | 'passes'>): Step[] {
  return passes.flatMap((pass): Step[] => {
    if (pass !== BY_HAND) return [{ kind: 'choose', choice: { kind: 'stet', from, to, pass } }];
    return choicesIn(cleaning, ['drop', 'rewrite'], { from, to }).map((choice) => ({ kind: 'withdraw', choice }));
  });
}

function editAt(cleaning: Cleaning, from: number, to: number): Piece | undefined {
  for (const piece of piecesIn(cleaning, from, Math.max(to, from + 1))) if (piece.text !== undefined) return piece;
  return undefined;
}

function alikes(cleaning: Cleaning, piece: Piece): Piece[] {
  const { source } = cleaning;
  const words = source.slice(piece.from, piece.to);
  const passes = piece.passes.join();
  const found: Piece[] = [];
  for (const other of allPieces(cleaning)) {
    if (other.text !== piece.text || other.to - other.from !== words.length) continue;
    if (other.passes.join() === passes && source.startsWith(words, other.from)) found.push(other);
  }
  return found;
}
