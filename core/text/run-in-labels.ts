/** Behind the end of a sentence, in capitals. */
const RUN_IN_LABEL = /[.!?)] \p{Lu}{3,}(?: \p{Lu}{2,}){0,3}: \S/u;

/**
 * Whether the parts of a paragraph have labels within its lines: "METHODS: We weighed what settled. RESULTS: Below high weirs". Then such a
 * label begins a line by chance. Linear in the units looked at.
 */
export function hasRunInLabels(source: string, from: number, to: number): boolean {
  return RUN_IN_LABEL.test(source.slice(from, to));
}
