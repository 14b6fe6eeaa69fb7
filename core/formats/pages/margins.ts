import type { PageLines, PlacedLine } from './placed-line.ts';

/** So many lines at the top of a page and at its foot may be its head and foot. */
const MOST_LINES = 2;
/** Heads that stand at one height on different pages differ by no more than this, in sizes of their type. */
const SAME_HEIGHT = 0.5;

interface Candidate {
  readonly page: number;
  readonly line: PlacedLine;
}

/**
 * The heads and feet of pages: lines at the top or the foot of a page that stand at the same height on another, with the same
 * words but for figures, or with a number that counts the pages on; the number of the page itself; and lines apart from the text
 * with the number that their page has by those of the others.
 */
export function findMargins(pages: readonly PageLines[]): ReadonlySet<PlacedLine> {
  const byWords = new Map<string, Candidate[]>();
  const numbered: Candidate[] = [];
  for (const [page, { lines }] of pages.entries()) {
    for (const line of outerLines(lines)) {
      if (numberOf(line) !== undefined) numbered.push({ page, line });
      const words = line.text.replace(/\d+/g, '#').toLowerCase();
      const alike = byWords.get(words);
      if (alike) alike.push({ page, line });
      else byWords.set(words, [{ page, line }]);
    }
  }
  const found = new Set<PlacedLine>();
  for (const alike of byWords.values()) {
    const sorted = alike.sort((a, b) => a.line.baseline - b.line.baseline);
    for (const [at, { page, line }] of sorted.entries()) {
      const isBeside = (other: Candidate | undefined) =>
        other !== undefined &&
        other.page !== page &&
        Math.abs(other.line.baseline - line.baseline) < SAME_HEIGHT * line.size;
      if (isBeside(sorted[at - 1]) || isBeside(sorted[at + 1])) found.add(line);
    }
  }
  for (const { page, line } of numbered) {
    if (isOwnNumber(line, page, pages[page]!.lines)) found.add(line);
  }
  for (const [at, { page, line }] of numbered.entries()) {
    for (const other of numbered.slice(at + 1, at + 1 + MOST_BETWEEN)) {
      if (!countsOn({ page, line }, other)) continue;
      found.add(line);
      found.add(other.line);
    }
  }
  const firstPages = new Set(numbered.filter(({ line }) => found.has(line)).map(firstPageBy));
  for (const candidate of numbered) {
    const { page, line } = candidate;
    if (firstPages.has(firstPageBy(candidate)) && standsApart(line, pages[page]!.lines)) found.add(line);
  }
  return found;
}

/** The number that the first page of the file has, by the number on another. */
function firstPageBy({ page, line }: Candidate): number {
  return numberOf(line)! - page;
}

/** Room above or below the number of a page, in sizes of its type. */
const ROOM = 2;

/** The number of the page that it stands on, and nothing else, apart from all other lines: so it needs no other page to be told. */
function isOwnNumber(line: PlacedLine, page: number, lines: readonly PlacedLine[]): boolean {
  if (!/^[-–—]?\s?\d{1,4}\s?[-–—]?$/.test(line.text) || Number(/\d+/.exec(line.text)![0]) !== page + 1) return false;
  return standsApart(line, lines);
}

/** Whether a line stands above or below all others of its page, with room between. */
function standsApart(line: PlacedLine, lines: readonly PlacedLine[]): boolean {
  const steps = lines.filter((other) => other !== line).map(({ baseline }) => line.baseline - baseline);
  return steps.every((step) => step > ROOM * line.size) || steps.every((step) => -step > ROOM * line.size);
}

/** Numbered lines that are looked at beyond one: those of the next pages. */
const MOST_BETWEEN = 4 * MOST_LINES;
const MOST_PAGES_ON = 2;
const LONGEST_HEAD = 72;

/** The number that a line begins or ends with, as heads and feet do. */
function numberOf({ text }: PlacedLine): number | undefined {
  if (text.length > LONGEST_HEAD) return undefined;
  const [, first, last] = /^(\d{1,4})(?=\s|$)|(?<=\s)(\d{1,4})$/.exec(text) ?? [];
  const figures = first ?? last;
  return figures === undefined ? undefined : Number(figures);
}

function countsOn(one: Candidate, other: Candidate): boolean {
  const pages = other.page - one.page;
  if (pages < 1 || pages > MOST_PAGES_ON || numberOf(other.line)! - numberOf(one.line)! !== pages) return false;
  return Math.abs(other.line.baseline - one.line.baseline) < SAME_HEIGHT * one.line.size;
}

/** The topmost lines and the lowest ones; of a page with few lines none, since they may be all there is. */
function outerLines(lines: readonly PlacedLine[]): PlacedLine[] {
  if (lines.length <= 2 * MOST_LINES) return [];
  const downwards = [...lines].sort((a, b) => a.baseline - b.baseline);
  return [...downwards.slice(0, MOST_LINES), ...downwards.slice(-MOST_LINES)];
}
