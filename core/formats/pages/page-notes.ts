import type { PlacedLine } from './placed-line.ts';

/** Notes are set smaller than the text: by so much at most. */
const SMALLER = 0.94;
const NOTE_START = /^[⁰¹²³⁴-⁹*†‡§\d]/u;
/** A line as short as this below the notes is the foot of the page. In characters. */
const LONGEST_FOOT = 40;

/**
 * The lines of a page with the notes at the foot of its columns behind the text of all columns, so that the text goes on from one
 * column to the next. What stands below the notes stays last.
 */
export function notesLast(lines: readonly PlacedLine[]): PlacedLine[] {
  const isNote = findNotes(lines);
  if (!isNote.includes(true)) return [...lines];
  const isLong = (line: PlacedLine, at: number) => isNote[at] || line.text.length > LONGEST_FOOT;
  const lowest = Math.max(...lines.filter(isLong).map(({ baseline, size }) => baseline + size / 2));
  const isFoot = (line: PlacedLine) => line.baseline > lowest;
  return [
    ...lines.filter((line, at) => !isNote[at] && !isFoot(line)),
    ...lines.filter((_line, at) => isNote[at]).map((line) => ({ ...line, isNote: true })),
    ...lines.filter(isFoot),
  ];
}

/** Which lines are notes: small ones with no line of the text below them, from the first that begins with a mark. */
function findNotes(lines: readonly PlacedLine[]): boolean[] {
  const size = sizeOfText(lines);
  const isSmall = (line: PlacedLine) => line.size < SMALLER * size;
  const text = lines.filter((line) => !isSmall(line) && line.text.length > LONGEST_FOOT);
  let inNotes = false;
  return lines.map((line, at) => {
    const before = lines[at - 1];
    // In the next column it goes on with text.
    if (before && line.baseline < before.baseline) inNotes = false;
    const isLow = isSmall(line) && !text.some((other) => other.baseline > line.baseline && shareWidth(line, other));
    if (!isLow) inNotes = false;
    else if (NOTE_START.test(line.text) || goesOn(before, line, size)) inNotes = true;
    return inNotes;
  });
}

/** A note that goes on from the page before has no mark: it is told by its type, and by the room above it. */
function goesOn(before: PlacedLine | undefined, line: PlacedLine, size: number): boolean {
  return before !== undefined && line.size < MUCH_SMALLER * size && line.baseline - before.baseline > ROOM * line.size;
}

const MUCH_SMALLER = 0.85;
const ROOM = 1.9;

function shareWidth(a: PlacedLine, b: PlacedLine): boolean {
  return Math.min(a.right, b.right) - Math.max(a.left, b.left) > 0.5 * Math.min(a.right - a.left, b.right - b.left);
}

/** The size that most letters have. */
export function sizeOfText(lines: readonly PlacedLine[]): number {
  const letters = new Map<number, number>();
  for (const { size, text } of lines) {
    const rounded = Math.round(size * 10) / 10;
    letters.set(rounded, (letters.get(rounded) ?? 0) + text.length);
  }
  let most = 0;
  let found = 0;
  for (const [size, count] of letters) {
    if (count <= most) continue;
    most = count;
    found = size;
  }
  return found;
}
