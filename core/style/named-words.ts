import type { Range } from '../choices/ranges.ts';

/** Words of a house style that are treated otherwise than the rest. Upper and lower case count. */
export interface NamedWords {
  /** No pass changes them. */
  readonly untouched?: readonly string[];
  /** They keep the hyphen at which a line end split them: "co-op". */
  readonly hyphenated?: readonly string[];
  /** A line that begins with one of these is never joined to the line above. */
  readonly openings?: readonly string[];
}

/** Where some words stand whole in a text, in order. Linear in the text. */
export function findNamed(source: string, words: readonly string[]): Range[] {
  const wanted = words.filter((word) => word.trim() !== '');
  if (wanted.length === 0) return [];
  const alternatives = wanted
    // The longest first: of two that begin alike the longer one is meant.
    .toSorted((a, b) => b.length - a.length)
    .map((word) => word.trim().replace(/[\\^$.*+?()[\]{}|/-]/g, '\\$&'))
    .join('|');
  const expression = new RegExp(`(?<![\\p{L}\\p{M}\\p{N}_])(?:${alternatives})(?![\\p{L}\\p{M}\\p{N}_])`, 'gu');
  return Array.from(source.matchAll(expression), (found) => ({ from: found.index, to: found.index + found[0].length }));
}
