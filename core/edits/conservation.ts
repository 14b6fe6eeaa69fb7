import { isDigit } from '../text/characters.ts';
import { wordsWithin, type WordIndex } from '../text/word-index.ts';
import { isAscii, wordsOf } from '../text/words.ts';
import { pieceText, type Piece } from './piece.ts';

/**
 * How words went through a cleaning. Mended counts the words that grew together: two halves of a split word are two words in the
 * source and one in the clean text.
 *
 * Law: wordsIn = wordsOut + removed - inserted + mended.
 */
export interface WordTally {
  readonly wordsIn: number;
  readonly wordsOut: number;
  readonly removed: number;
  readonly inserted: number;
  readonly mended: number;
}

/** One place where words changed: those that left, those that came, and the passes that did it. Source range, half-open. */
export interface WordChange {
  readonly from: number;
  readonly to: number;
  readonly removed: readonly string[];
  readonly inserted: readonly string[];
  /** The same letters in fewer words. */
  readonly mended: boolean;
  readonly passes: readonly string[];
}

export const NO_WORDS: WordTally = { wordsIn: 0, wordsOut: 0, removed: 0, inserted: 0, mended: 0 };

export function addTallies(a: WordTally, b: WordTally): WordTally {
  return {
    wordsIn: a.wordsIn + b.wordsIn,
    wordsOut: a.wordsOut + b.wordsOut,
    removed: a.removed + b.removed,
    inserted: a.inserted + b.inserted,
    mended: a.mended + b.mended,
  };
}

/** What is left of a sum of tallies without one of them. */
export function takenFrom(sum: WordTally, part: WordTally): WordTally {
  return {
    wordsIn: sum.wordsIn - part.wordsIn,
    wordsOut: sum.wordsOut - part.wordsOut,
    removed: sum.removed - part.removed,
    inserted: sum.inserted - part.inserted,
    mended: sum.mended - part.mended,
  };
}

/** Counts the words of pieces that begin and end between words; `words` are those of the source. */
export function tallyWords(source: string, words: WordIndex, pieces: readonly Piece[]): WordTally {
  if (pieces.length === 0) return NO_WORDS;
  const wordsIn = wordsWithin(words, pieces[0]!.from, pieces.at(-1)!.to);
  let removed = 0;
  let inserted = 0;
  let mended = 0;
  for (let at = 0; at < pieces.length; at++) {
    if (pieces[at]!.text === undefined) continue;
    const last = lastOfRegion(source, pieces, at);
    if (at < last || !isPlainGap(source, pieces[at]!)) {
      const plain = tallyPlainRegion(source, words, pieces, at, last);
      if (plain) {
        removed += plain.removed;
        inserted += plain.inserted;
        mended += plain.mended;
      } else {
        const region = compareWords(source, pieces, at, last);
        if (region && isMended(region.before, region.after)) mended += region.before.length - region.after.length;
        else if (region) {
          removed += without(region.before, region.after).length;
          inserted += without(region.after, region.before).length;
        }
      }
    }
    at = last;
  }
  return { wordsIn, wordsOut: wordsIn - removed + inserted - mended, removed, inserted, mended };
}

/**
 * The usual regions, counted without looking at their words: whole words that went, with white space or nothing in their place,
 * and a hyphen with a line end that went between two plain letters. Undefined for all others.
 */
function tallyPlainRegion(
  source: string,
  words: WordIndex,
  pieces: readonly Piece[],
  first: number,
  last: number,
): Pick<WordTally, 'removed' | 'inserted' | 'mended'> | undefined {
  let isApart = false;
  for (let at = first; at <= last; at++) {
    if (!isGap(pieces[at]!.text, 0)) return undefined;
    isApart ||= pieces[at]!.text !== '';
  }
  const { from } = pieces[first]!;
  const { to } = pieces[last]!;
  const opens = from === 0 || isBorder(source.charCodeAt(from - 1));
  const closes = to === source.length || isBorder(source.charCodeAt(to));
  if (isApart || opens || closes) {
    // No word reaches over the ends of the region, and what is beside it does not grow together.
    const isCut = (opens || isBorder(source.charCodeAt(from))) && (closes || isBorder(source.charCodeAt(to - 1)));
    if (isCut) return { removed: wordsWithin(words, from, to), inserted: 0, mended: 0 };
    // The end of a word that went leaves another word: "arms1".
    const isEnd = !isApart && closes && !opens && first === last && isPlainLetter(source.charCodeAt(from - 1));
    return isEnd && isPlain(source, from, to) ? { removed: 1, inserted: 1, mended: 0 } : undefined;
  }
  if (first < last || pieces[first]!.text !== '' || !isPlainLetter(source.charCodeAt(from - 1))) return undefined;
  if (!isPlainLetter(source.charCodeAt(to)) || source.charCodeAt(from) !== 0x2d) return undefined;
  return isGap(source, from + 1, to) ? { removed: 0, inserted: 0, mended: 1 } : undefined;
}

/** Nothing but letters and figures without accents. */
function isPlain(source: string, from: number, to: number): boolean {
  for (let at = from; at < to; at++) {
    const code = source.charCodeAt(at);
    if (!isPlainLetter(code) && !isDigit(code)) return false;
  }
  return true;
}

function isPlainLetter(code: number): boolean {
  return (code >= 0x61 && code <= 0x7a) || (code >= 0x41 && code <= 0x5a);
}

/** Every place in the pieces where the words of the clean text differ from those of the source, in order. */
export function findWordChanges(source: string, pieces: readonly Piece[]): WordChange[] {
  const changes: WordChange[] = [];
  for (let at = 0; at < pieces.length; at++) {
    if (pieces[at]!.text === undefined) continue;
    const last = lastOfRegion(source, pieces, at);
    const region = compareWords(source, pieces, at, last);
    if (region) {
      const { from, to, before, after } = region;
      const passes = [...new Set(pieces.slice(at, last + 1).flatMap((piece) => piece.passes))];
      const mended = isMended(before, after);
      changes.push({ from, to, removed: without(before, after), inserted: without(after, before), mended, passes });
    }
    at = last;
  }
  return changes;
}

function lastOfRegion(source: string, pieces: readonly Piece[], first: number): number {
  let last = first;
  while (last + 1 < pieces.length && touchesNext(source, pieces, last)) last++;
  while (pieces[last]!.text === undefined) last--;
  return last;
}

/** The words of a region of replaced pieces, in the source and in the clean text, where they differ. */
interface RegionWords {
  readonly from: number;
  readonly to: number;
  readonly before: readonly string[];
  readonly after: readonly string[];
}

/** The same letters in fewer words. */
function isMended(before: readonly string[], after: readonly string[]): boolean {
  return before.length > after.length && before.join('') === after.join('');
}

/** Whether the next piece belongs to the same region: it is replaced too, or is the inside of a word without any border. */
function touchesNext(source: string, pieces: readonly Piece[], at: number): boolean {
  const next = pieces[at + 1]!;
  if (next.text !== undefined) return true;
  if (at + 2 >= pieces.length) return false;
  for (let unit = next.from; unit < next.to; unit++) if (isBorder(source.charCodeAt(unit))) return false;
  return true;
}

/** A character that no word holds: words may hold apostrophes and unseen characters. */
function isBorder(code: number): boolean {
  return code === 0x20 || code === 0x0a || code === 0x0d || code === 0x2c || code === 0x2e;
}

function compareWords(source: string, pieces: readonly Piece[], first: number, last: number): RegionWords | undefined {
  let from = pieces[first]!.from;
  let to = pieces[last]!.to;
  if ((first === last && isPlainGap(source, pieces[first]!)) || isLigature(pieces, first, last)) return undefined;
  const low = pieces[first - 1]?.text === undefined ? (pieces[first - 1]?.from ?? from) : from;
  const high = pieces[last + 1]?.text === undefined ? (pieces[last + 1]?.to ?? to) : to;
  while (from > low && !isBorder(source.charCodeAt(from - 1))) from--;
  while (to < high && !isBorder(source.charCodeAt(to))) to++;
  let text = source.slice(from, pieces[first]!.from);
  for (let at = first; at <= last; at++) text += pieceText(source, pieces[at]!);
  text += source.slice(pieces[last]!.to, to);
  const before = comparable(wordsOf(source, from, to));
  const after = comparable(wordsOf(text));
  if (before.length === after.length && before.every((word, at) => word === after[at])) return undefined;
  return { from, to, before, after };
}

/** The same letters in another form (a ligature, a full-width form, another apostrophe) are the same word. */
function comparable(words: readonly string[]): string[] {
  return words.map((word) => (isAscii(word) ? word : word.normalize('NFKC').replace(/’/g, "'")));
}

/** The same letters in another form: decided without looking at words. */
function isLigature(pieces: readonly Piece[], first: number, last: number): boolean {
  if (first !== last) return false;
  const { from, to, text, passes } = pieces[first]!;
  return passes.length === 1 && passes[0] === 'ligatures' && to - from === 1 && text!.length > 1;
}

/** The usual case, decided without looking at words: one gap of white space became another. */
function isPlainGap(source: string, { from, to, text }: Piece): boolean {
  return text !== '' && from < to && isGap(text, 0) && isGap(source, from, to);
}

/** Whether text[from, to) is white space alone; false where there is no text. */
function isGap(text: string | undefined, from: number, to = text?.length ?? 0): boolean {
  if (text === undefined) return false;
  for (let at = from; at < to; at++) if (!isGapUnit(text.charCodeAt(at))) return false;
  return true;
}

function isGapUnit(code: number): boolean {
  return code === 0x20 || code === 0x0a || code === 0x0d || code === 0x09 || code === 0xa0;
}

/** The words of `a` that are not in `b`, counted with their number. */
function without(a: readonly string[], b: readonly string[]): string[] {
  const left = new Map<string, number>();
  for (const word of b) left.set(word, (left.get(word) ?? 0) + 1);
  return a.filter((word) => {
    const count = left.get(word) ?? 0;
    left.set(word, count - 1);
    return count <= 0;
  });
}
