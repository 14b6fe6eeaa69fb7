const WITH_CAPITALS = /\p{Ll}[.!?]["”’)]{0,2} ["“‘(]?\p{Lu}/u;
const WITHOUT_CAPITALS = /[\p{Lo}\p{M}][.!?؟।۔]["”’»)]{0,2} ["“‘«(]?\p{Lo}|[。！？][^」』）\s]/u;

/** Whether a sentence ends within a line and another begins: nobody breaks lines by hand who lets that happen. */
export function hasSentenceWithin(line: string): boolean {
  return WITH_CAPITALS.test(line) || WITHOUT_CAPITALS.test(line);
}
