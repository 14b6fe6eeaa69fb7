import type { Cleaning } from './cleaning.ts';
import { firstReaching, textOfPieces, type Piece } from '../edits/piece.ts';
import { isRuleId } from '../rules/own-rule.ts';
import { isWithinWord } from '../text/words.ts';
import { writtenText } from './written-text.ts';

/** All pieces of a cleaning in source order; they tile the source. */
export function* allPieces(cleaning: Cleaning): Generator<Piece> {
  for (const pieces of pieceLists(cleaning)) yield* pieces;
}

/** All pieces in their lists, in source order: the gap of each block, its words, and the tail. */
export function* pieceLists({ blocks, tail }: Pick<Cleaning, 'blocks' | 'tail'>): Generator<readonly Piece[]> {
  for (const { gap, pieces } of blocks) {
    yield gap;
    yield pieces;
  }
  yield tail;
}

/**
 * The pieces in lists that begin and end between words: gaps, blocks and tail. Own rules may glue a gap to the words beside it,
 * so where they did anything there is one list.
 */
export function wordLists(cleaning: Pick<Cleaning, 'source' | 'base' | 'blocks' | 'tail'>): (readonly Piece[])[] {
  const { source, blocks, tail } = cleaning;
  if (wasRuled(cleaning)) return [[...pieceLists(cleaning)].flat()];
  return [...blocks.flatMap(({ gap, pieces }) => listsOfBlock(source, gap, pieces)), tail];
}

/** A gap and the words behind it: one list where the gap ends within a word, as a time does in "0:18and you". */
export function listsOfBlock(
  source: string,
  gap: readonly Piece[],
  pieces: readonly Piece[],
): readonly (readonly Piece[])[] {
  const last = gap.at(-1);
  return last && isWithinWord(source, last.to) ? [[...gap, ...pieces]] : [gap, pieces];
}

/** Whether own rules changed anything. */
export function wasRuled({ base, blocks, tail }: Pick<Cleaning, 'base' | 'blocks' | 'tail'>): boolean {
  return blocks !== base || tail.some(({ passes }) => passes.some(isRuleId));
}

/** What became of the source from..to, in UTF-16 offsets; a replacement that begins in it counts whole. Linear in its blocks. */
export function cleanTextOf({ source, blocks }: Pick<Cleaning, 'source' | 'blocks'>, from: number, to: number): string {
  let text = '';
  for (let at = firstReaching(blocks, from); at < blocks.length && blocks[at]!.gapFrom < to; at++)
    for (const piece of [...blocks[at]!.gap, ...blocks[at]!.pieces]) {
      if (piece.to <= from || piece.from >= to) continue;
      if (piece.text === undefined) text += source.slice(Math.max(from, piece.from), Math.min(to, piece.to));
      else if (piece.from >= from) text += piece.text;
    }
  return text;
}

/** The clean text as it goes out: LF line ends, no line end after the last paragraph. */
export function cleanText({ source, blocks, tail }: Cleaning): string {
  let text = '';
  for (const { gap, pieces } of blocks) text += textOfPieces(source, gap) + writtenText(source, pieces);
  return text + textOfPieces(source, tail);
}

/** The clean text unit by unit as the pieces say it, for whoever looks for places in it. */
export function textByPieces({ source, blocks, tail }: Cleaning): string {
  let text = '';
  for (const { gap, pieces } of blocks) text += textOfPieces(source, gap) + textOfPieces(source, pieces);
  return text + textOfPieces(source, tail);
}

/** What the source was, put together from the pieces alone: the proof that every edit can be taken back. */
export function undoneText(cleaning: Cleaning): string {
  let text = '';
  for (const piece of allPieces(cleaning)) text += cleaning.source.slice(piece.from, piece.to);
  return text;
}
