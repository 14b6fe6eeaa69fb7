import type { Cleaning } from '../cleaning/cleaning.ts';
import { rewritesOf, rewritesWithin } from '../choices/rewrites.ts';
import { isKept } from '../lines/line-kind.ts';
import { isHyphen } from '../text/characters.ts';
import { lineAt } from '../text/line-index.ts';
import { firstWhere } from '../text/first-where.ts';
import { Decision } from '../seams/seam-table.ts';
import type { WordIndex } from '../text/word-index.ts';
import { piecesIn, type Portion } from './in-portion.ts';

/**
 * A portion that cuts through no word: it grows to take in the whole of a word that it touches, both halves of one that is split
 * over a line end, and all that was put in place of something else, by a pass or by a person. [from, to) must hold more than white space.
 */
export function wholeWords(cleaning: Cleaning, portion: Portion): Portion {
  const range = withHalves(cleaning, wordsTouched(cleaning.index, portion));
  let { from, to } = range;
  for (const piece of piecesIn(cleaning, range.from, range.to)) {
    if (piece.text === undefined) continue;
    from = Math.min(from, piece.from);
    to = Math.max(to, piece.to);
  }
  for (const rewrite of rewritesWithin(rewritesOf(cleaning.choices), from, to)) {
    from = Math.min(from, rewrite.from);
    to = Math.max(to, rewrite.to);
  }
  return from === range.from && to === range.to ? range : wholeWords(cleaning, { from, to });
}

/** Grows a range that begins or ends in a word that is split over a line end. */
function withHalves(cleaning: Cleaning, { from, to }: Portion): Portion {
  const first = halvesAt(cleaning, from);
  const last = halvesAt(cleaning, to - 1);
  return { from: first ? Math.min(from, first.from) : from, to: last ? Math.max(to, last.to) : to };
}

/** Grows a range to the bounds of the words that it cuts. */
function wordsTouched(index: WordIndex, { from, to }: Portion): Portion {
  const first = firstWhere(index.count, (word) => index.to[word]! > from);
  const last = firstWhere(index.count, (word) => index.to[word]! >= to);
  const cutsFirst = first < index.count && index.from[first]! < from;
  const cutsLast = last < index.count && index.from[last]! < to;
  return { from: cutsFirst ? index.from[first]! : from, to: cutsLast ? index.to[last]! : to };
}

/** The word split over a line end that has a half at a place; undefined where none has. */
function halvesAt({ source, table, decided, decision, index }: Cleaning, at: number): Portion | undefined {
  const { line } = decided.seams;
  const own = lineAt(table.index, at);
  const place = firstWhere(line.length, (kept) => line[kept]! >= own);
  if (line[place] !== own) return undefined;
  for (const above of [place, place - 1]) {
    const [a, b] = [line[above], line[above + 1]];
    if (a === undefined || b === undefined || !isKept(table.kind[a]!) || !isKept(table.kind[b]!)) continue;
    if (decision[above] !== Decision.mend && decision[above] !== Decision.join) continue;
    const hyphen = table.to[a]! - 1;
    if (!isHyphen(source.charCodeAt(hyphen))) continue;
    const head = wordsTouched(index, { from: hyphen - 1, to: hyphen });
    const tail = wordsTouched(index, { from: table.from[b]!, to: table.from[b]! + 1 });
    const isIn = (half: Portion) => at >= half.from && at < half.to;
    if (isIn({ from: head.from, to: hyphen + 1 }) || isIn(tail)) return { from: head.from, to: tail.to };
  }
  return undefined;
}
