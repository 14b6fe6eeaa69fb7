import { UnreadableError, type Document, type OpenPdf } from '../document.ts';
import { linesOfPage } from './lines-of-page.ts';
import type { PageLines } from './placed-line.ts';
import { writePages } from './write-pages.ts';

/** Reads the pages of a PDF file, in reading order. `onProgress` is told the share of pages read. Throws UnreadableError. */
export async function readPdf(
  bytes: Uint8Array,
  openPdf: OpenPdf,
  onProgress?: (share: number) => void,
): Promise<Document> {
  const pages: PageLines[] = [];
  for await (const { page, count } of openPdf(bytes)) {
    pages.push(linesOfPage(page));
    onProgress?.(pages.length / count);
  }
  if (!pages.some(({ lines }) => lines.length > 0)) throw new UnreadableError('pictures-only');
  return writePages(pages);
}
