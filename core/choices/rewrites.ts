import type { Choice, RewriteChoice } from './choice.ts';
import { BY_HAND, firstReaching, replaced, verbatim, type Piece } from '../edits/piece.ts';

/** The words that a person put in place of others, in source order: of two that overlap the later one holds. */
export function rewritesOf(choices: readonly Choice[]): readonly RewriteChoice[] {
  const all = choices.filter((choice): choice is RewriteChoice => choice.kind === 'rewrite');
  const latestFirst = all.toReversed();
  const ordered = latestFirst.map((choice, age) => ({ choice, age })).sort((a, b) => a.choice.from - b.choice.from);
  // Swept in source order: of those that overlap at a place only the latest stays.
  const kept: { choice: RewriteChoice; age: number }[] = [];
  for (const next of ordered) {
    while (kept.length > 0 && kept.at(-1)!.choice.to > next.choice.from && kept.at(-1)!.age > next.age) kept.pop();
    if (kept.length === 0 || kept.at(-1)!.choice.to <= next.choice.from) kept.push(next);
  }
  return kept.map(({ choice }) => choice);
}

/** The rewrites that touch the range [from, to), in order. Logarithmic, but for those found. */
export function rewritesWithin(rewrites: readonly RewriteChoice[], from: number, to: number): RewriteChoice[] {
  const found: RewriteChoice[] = [];
  for (let at = firstReaching(rewrites, from); at < rewrites.length && rewrites[at]!.from < to; at++)
    found.push(rewrites[at]!);
  return found;
}

/**
 * Puts a person's words in place of what the pieces say. Those that do not lie wholly in the pieces rest: their lines have left
 * the text. Of a replaced piece that is cut the text stays with the part that is left.
 *
 * Law: the new pieces tile the same source range.
 */
export function applyRewrites(pieces: readonly Piece[], rewrites: readonly RewriteChoice[]): readonly Piece[] {
  const from = pieces[0]?.from ?? 0;
  const to = pieces.at(-1)?.to ?? 0;
  const own = rewrites.filter((rewrite) => rewrite.from >= from && rewrite.to <= to && rewrite.from < rewrite.to);
  if (own.length === 0) return pieces;
  const out: Piece[] = [];
  let next = 0;
  for (const piece of pieces) {
    let at = piece.from;
    let text = piece.text;
    const pushUpTo = (end: number) => {
      if (at >= end && !(piece.from === piece.to && text !== undefined)) return;
      out.push(text === undefined ? verbatim(at, end) : { ...piece, from: at, to: end, text });
      if (text !== undefined) text = '';
    };
    while (next < own.length && own[next]!.from < piece.to) {
      const { from: start, to: end, text: words } = own[next]!;
      if (start >= at) {
        pushUpTo(start);
        out.push(replaced(start, end, words, BY_HAND));
      }
      at = Math.max(at, Math.min(end, piece.to));
      if (end > piece.to) break;
      next++;
    }
    if (!isWithinOwn(own[next], piece)) pushUpTo(piece.to);
  }
  return out;
}

/** An insertion inside of rewritten words has no place there any more. */
function isWithinOwn(rewrite: RewriteChoice | undefined, { from, to }: Piece): boolean {
  return rewrite !== undefined && rewrite.from < from && rewrite.to > to;
}
