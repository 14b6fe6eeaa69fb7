import { Element } from '../../layout/layout.ts';
import type { Document } from '../document.ts';
import { documentWriter } from '../document-writer.ts';
import type { PageLines, PlacedLine } from './placed-line.ts';

/** A gap between two lines this many times the usual one is seen as a blank line. */
const BLANK = 1.35;
/** The mean width of a letter, in sizes of its type: so wide is a space of an indent. */
const LETTER = 0.5;
/** An indent of less than this, in sizes of the type, is the slant of a scan or the swing of a letter. */
const LEAST_INDENT = 0.55;
const MOST_INDENT = 60;

/**
 * Writes pages as plain text that keeps what their places tell: indents as spaces, wide gaps as blank lines, ends of pages as form
 * feeds.
 */
export function writePages(pages: readonly PageLines[]): Document {
  const leading = usualLeading(pages);
  const writer = documentWriter();
  for (const [number, { lines }] of pages.entries()) {
    const edges = edgesOf(lines);
    for (const [at, line] of lines.entries()) {
      const before = lines[at - 1];
      const step = before === undefined ? 0 : line.baseline - before.baseline;
      // The next column begins further up; it goes on with what the last one ended with.
      if (before && (step > BLANK * leading(Math.min(line.size, before.size)) || changesSize(before, line)))
        writer.emptyLine();
      const indent = (line.left - edges[at]!) / line.size;
      const lead = indent < LEAST_INDENT ? '' : ' '.repeat(Math.min(MOST_INDENT, Math.round(indent / LETTER)));
      writer.open({ element: Element.paragraph, lead, isPreformatted: true });
      writer.write(line.text);
    }
    if (number < pages.length - 1) writer.pageEnd();
  }
  const { text } = writer.finish();
  return { text };
}

/** Type that is larger or smaller by so much is that of a title, or of the text below it. */
const OTHER_SIZE = 1.22;

function changesSize(before: PlacedLine, line: PlacedLine): boolean {
  return line.size > OTHER_SIZE * before.size || before.size > OTHER_SIZE * line.size;
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
