import { Element, INDENT_SPACE, Region } from '../../layout/layout.ts';
import type { Document } from '../document.ts';
import { documentWriter } from '../document-writer.ts';
import { findMargins } from './margins.ts';
import { sizeOfText } from './page-notes.ts';
import type { PageLines, PlacedLine } from './placed-line.ts';

/** An indent of less than this, in sizes of the type, is the slant of a scan or the swing of a letter. */
const LEAST_INDENT = 0.55;
const MOST_INDENT = 60;

/**
 * Writes pages as plain text that keeps what their places tell: indents as spaces, wide gaps as blank lines, ends of pages as form
 * feeds. The layout tells heads and feet of pages, and titles by their size.
 */
export function writePages(pages: readonly PageLines[]): Document {
  const leading = usualLeading(pages);
  const margins = findMargins(pages);
  const usualSize = sizeOfText(pages.flatMap(({ lines }) => lines));
  const writer = documentWriter();
  /** By each line that is written, in order: the title that it is of, from 1; 0 for lines of the text. */
  const titles: number[] = [];
  /** The lines that begin a column, counted among those that are written, from 1. */
  const turns = new Set<number>();
  /** How far each of them reaches, in thousandths of the size of its type. */
  const reaches: number[] = [];
  for (const [number, { lines }] of pages.entries()) {
    const edges = edgesOf(lines);
    for (const [at, line] of lines.entries()) {
      const before = lines[at - 1];
      const isTitle = isLarge(line, usualSize);
      const goesOn = isTitle && before !== undefined && isLarge(before, usualSize) && isOneTitle(before, line);
      if (before && !goesOn && standsApart(before, line, leading)) writer.emptyLine();
      if (before && beginsColumn(before, line)) turns.add(titles.length + 1);
      reaches.push(Math.max(0, Math.round((1000 * (line.right - edges[at]!)) / line.size)));
      titles.push(isTitle ? (goesOn ? titles.at(-1)! : titles.length + 1) : 0);
      writer.open({
        element: isTitle ? Element.heading : line.isNote ? Element.note : Element.paragraph,
        level: isTitle ? 2 : 0,
        region: margins.has(line) ? Region.margin : Region.text,
        lead: leadOf(line, edges[at]!),
        isPreformatted: true,
      });
      writer.write(line.text);
    }
    if (number < pages.length - 1) writer.pageEnd();
  }
  const { text, layout } = writer.finish();
  // Lines on a page are no paragraphs: only titles stand out.
  const written = layout!.block;
  const block = written.map((line) => titles[line - 1] ?? 0);
  const columns = [...written.keys()].filter((at) => written[at] !== written[at - 1] && turns.has(written[at]!));
  const widths = written.map((line, at) => (line === written[at - 1] ? 0 : (reaches[line - 1] ?? 0)));
  return {
    text,
    layout: { ...layout!, block, widths, ...(columns.length > 0 && { columns: Uint32Array.from(columns) }) },
  };
}

/** Reading goes down a column, and up again to the next, which stands beside it. */
function beginsColumn(before: PlacedLine, line: PlacedLine): boolean {
  return before.baseline - line.baseline > before.size && (line.left >= before.right || line.right <= before.left);
}

function leadOf({ left, size }: PlacedLine, edge: number): string {
  const indent = (left - edge) / size;
  return indent < LEAST_INDENT ? '' : ' '.repeat(Math.min(MOST_INDENT, Math.round(indent / INDENT_SPACE)));
}

/** Titles are larger than the text by so much, and not long. */
const LARGER = 1.2;
const LONGEST_TITLE = 100;

function isLarge({ size, text }: PlacedLine, usual: number): boolean {
  return size > LARGER * usual && text.length <= LONGEST_TITLE && /\p{L}/u.test(text);
}

/** Two lines of one title: of about one size, as far as text recognition tells, and close. */
function isOneTitle(before: PlacedLine, line: PlacedLine): boolean {
  const [small, large] = [before.size, line.size].sort((a, b) => a - b) as [number, number];
  const step = line.baseline - before.baseline;
  return large < 1.5 * small && step > 0 && step < 1.7 * large;
}

/** A gap between two lines this many times the usual one is seen as a blank line. */
const BLANK = 1.35;
/** Type that is larger or smaller by so much is that of a title, or of the text below it. */
const OTHER_SIZE = 1.22;

function standsApart(before: PlacedLine, line: PlacedLine, leading: (size: number) => number): boolean {
  const [small, large] = [before.size, line.size].sort((a, b) => a - b) as [number, number];
  // The next column begins further up; it goes on with what the last one ended with.
  return line.baseline - before.baseline > BLANK * leading(small) || large > OTHER_SIZE * small;
}

/** The usual distance of two lines by the size of their type: the middle of all distances, in sizes. */
function usualLeading(pages: readonly PageLines[]): (size: number) => number {
  const steps: number[] = [];
  for (const { lines } of pages) {
    for (let at = 1; at < lines.length; at++) {
      const line = lines[at]!;
      const step = (line.baseline - lines[at - 1]!.baseline) / line.size;
      if (step > 0.6 && step < 3) steps.push(step);
    }
  }
  const middle = steps.sort((a, b) => a - b)[steps.length >> 1] ?? 1.2;
  return (size) => middle * size;
}

/** For each line the left edge of the column that it stands in: where most of the lines above and below it begin. */
function edgesOf(lines: readonly PlacedLine[]): number[] {
  return lines.map((line) => {
    const lefts = lines
      .filter((other) => {
        const shared = Math.min(line.right, other.right) - Math.max(line.left, other.left);
        return shared > 0.5 * Math.min(line.right - line.left, other.right - other.left);
      })
      .map(({ left }) => left)
      .sort((a, b) => a - b);
    return lefts[Math.floor(lefts.length * 0.2)] ?? line.left;
  });
}
