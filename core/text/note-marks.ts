/** A figure glued to a whole word or to its punctuation: "areas1", "freely2 .", "Guidelines).3". */
export const GLUED_FIGURE =
  /(?<=^|[\s“‘"'(])(\p{L}[\p{L}’'-]{0,30}[”’"')\].,;:!?]{0,3})(?<!\p{Lu})(\d{1,2})(?=[\s.,;:)\]]|$)/gmu;

const FEWEST_MARKS = 2;
const NO_MARKS: ReadonlySet<string> = new Set();

/**
 * The figures glued to words that are marks of footnotes, as they stand with what comes before them. They are told by their
 * order (1, 2, 3 … through the text, each after another word) and by the notes themselves: lines that begin with the same
 * figures. "file1" and "file2" have neither.
 */
export function findGluedNotes(source: string): ReadonlySet<string> {
  const notes = numbersOfNotes(source);
  if (notes.size < FEWEST_MARKS) return NO_MARKS;
  const marks = new Map<string, string>();
  let expected = Math.min(...notes);
  let answered = 0;
  for (const [, stem, figures] of source.matchAll(GLUED_FIGURE)) {
    const number = Number(figures);
    if (number !== expected || marks.has(stem!)) continue;
    marks.set(stem!, `${stem}${figures}`);
    if (notes.has(number)) answered++;
    expected++;
  }
  const isConfirmed = marks.size >= FEWEST_MARKS && answered >= marks.size / 2;
  return isConfirmed ? new Set(marks.values()) : NO_MARKS;
}

/** Figures at the beginning of lines that go on with a capital, as notes do; a list has a stop or a bracket after its figure. */
function numbersOfNotes(source: string): Set<number> {
  const numbers = new Set<number>();
  for (const [, figures] of source.matchAll(/^ {0,3}(\d{1,2})\s?(?=[\p{Lu}“"(])/gmu)) numbers.add(Number(figures));
  return numbers;
}
