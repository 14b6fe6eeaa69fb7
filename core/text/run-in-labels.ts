/** Behind the end of a sentence, in capitals; in small letters where a sentence follows, and one such may be chance. */
const IN_CAPITALS = /[.!?)] \p{Lu}{3,}(?: \p{Lu}{2,}){0,3}: \S/u;
const IN_SMALL_LETTERS = /[.!?)] \p{Lu}\p{Ll}{2,}(?: (?:and )?\p{Ll}{3,}){0,2}: \p{Lu}/gu;
const FEWEST_IN_SMALL_LETTERS = 2;

/**
 * Whether the parts of a paragraph have labels within its lines: "METHODS: We weighed what settled. RESULTS: Below high weirs". Then such a
 * label begins a line by chance. Linear in the units looked at.
 */
export function hasRunInLabels(source: string, from: number, to: number): boolean {
  const text = source.slice(from, to);
  return IN_CAPITALS.test(text) || (text.match(IN_SMALL_LETTERS)?.length ?? 0) >= FEWEST_IN_SMALL_LETTERS;
}
