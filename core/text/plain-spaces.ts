const ODD = /[\u00a0\u1680\u2000-\u200a\u202f\u205f]/;
const BETWEEN_WORDS = /(?<=\S)[ \u00a0\u1680\u2000-\u200a\u202f\u205f]+(?=\S)/g;
const EACH = /[^ ]/g;

/**
 * A source as its lines are read: no-break and other spaces between the words of a line are ordinary ones, at the same offsets. What a line
 * is does not depend on them; which stand in the clean text is up to the passes. The source itself where it has none. Linear.
 */
export function withPlainSpaces(source: string): string {
  if (!ODD.test(source)) return source;
  return source.replace(BETWEEN_WORDS, (spaces) => spaces.replace(EACH, ' '));
}
