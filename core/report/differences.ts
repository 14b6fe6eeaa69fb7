import type { Cleaning } from '../cleaning/cleaning.ts';
import type { Piece } from '../edits/piece.ts';
import { allPieces } from '../cleaning/output.ts';
import { lineAt } from '../text/line-index.ts';

/** A stretch of the source that reads otherwise in two cleanings of it. */
export interface Difference {
  readonly from: number;
  readonly to: number;
  /** Where it begins, from 1. */
  readonly line: number;
  /** The words of the source before it, and behind it. */
  readonly before: string;
  readonly after: string;
  readonly one: string;
  readonly other: string;
}

export interface Differences {
  readonly count: number;
  /** The first of them. */
  readonly shown: readonly Difference[];
}

const CONTEXT = 40;
const MOST_SHOWN = 300;

/**
 * Where two cleanings of one source read otherwise, in source order. Since both tile the same source, no text is compared with
 * another but at the same place. Linear in the number of pieces.
 */
export function findDifferences(one: Cleaning, other: Cleaning): Differences {
  const { source, table } = one;
  const shown: Difference[] = [];
  let count = 0;
  for (const { from, to, texts } of regions(source, [...allPieces(one)], [...allPieces(other)])) {
    if (texts[0] === texts[1]) continue;
    count++;
    if (shown.length >= MOST_SHOWN) continue;
    shown.push({
      from,
      to,
      line: lineAt(table.index, from) + 1,
      before: source.slice(Math.max(0, from - CONTEXT), from),
      after: source.slice(to, to + CONTEXT),
      one: texts[0],
      other: texts[1],
    });
  }
  return { count, shown };
}

interface Side {
  readonly pieces: readonly Piece[];
  next: number;
  at: number;
  text: string;
}

/** The smallest stretches that begin and end in both between pieces, or inside verbatim ones, and are not verbatim in both. */
function* regions(source: string, one: readonly Piece[], other: readonly Piece[]) {
  const sides = [one, other].map((pieces): Side => ({ pieces, next: 0, at: 0, text: '' })) as [Side, Side];
  const [a, b] = sides;
  while (a.next < a.pieces.length || b.next < b.pieces.length) {
    const from = a.at;
    const heads = sides.map(({ pieces, next }) => pieces[next]).filter((piece) => piece !== undefined);
    const replaced = heads.filter(({ text }) => text !== undefined);
    let end = Math.min(...heads.map(({ to }) => to));
    if (replaced.length > 0) {
      end = Math.max(from, ...replaced.map(({ to }) => to));
      for (let before = -1; before !== end;) {
        before = end;
        end = Math.max(...sides.map((side) => advance(source, side, before)));
      }
      yield { from, to: end, texts: [a.text, b.text] as const };
    } else for (const side of sides) passVerbatim(side, end);
    a.text = b.text = '';
  }
}

/** Goes on to an offset inside of the verbatim piece at hand, or to its end. */
function passVerbatim(side: Side, end: number): void {
  side.at = end;
  if (side.pieces[side.next]?.to === end) side.next++;
}

/** Takes what a side says up to an offset, replaced pieces whole; gives how far it came. */
function advance(source: string, side: Side, end: number): number {
  for (let piece = side.pieces[side.next]; piece; piece = side.pieces[side.next]) {
    if (piece.text !== undefined) {
      if (piece.from > end || (piece.from === end && piece.to > end)) break;
      side.text += piece.text;
      side.at = piece.to;
      side.next++;
      continue;
    }
    if (side.at >= end && piece.from < piece.to) break;
    const to = Math.min(piece.to, end);
    side.text += source.slice(side.at, to);
    side.at = to;
    if (to < piece.to) break;
    side.next++;
  }
  return side.at;
}
