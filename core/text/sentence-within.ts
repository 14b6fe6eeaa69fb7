const SENTENCE_WITHIN = /\p{Ll}[.!?]["”’)]{0,2} ["“‘(]?\p{Lu}/u;

/** Whether a sentence ends within a line and another begins: nobody breaks lines by hand who lets that happen. */
export function hasSentenceWithin(line: string): boolean {
  return SENTENCE_WITHIN.test(line);
}
