import type { PDFDocumentProxy, PDFPageProxy } from 'pdfjs-dist';
import type { TextItem } from 'pdfjs-dist/types/src/display/api.d.ts';
import { UnreadableError, type PlacedPage, type PlacedWord } from '../core/index.ts';

export interface PdfOptions {
  /** Where the tables of character codes lie that East Asian files refer to; ends in a slash. */
  readonly characterMaps: string;
}

/**
 * Opens PDF files page by page, on the thread that calls: whoever does not want to wait calls it in a worker. The library is loaded
 * when the first file is opened.
 */
export async function* openPdf(
  bytes: Uint8Array,
  { characterMaps }: PdfOptions,
): AsyncGenerator<{ page: PlacedPage; count: number }> {
  const { getDocument, VerbosityLevel } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  // Found here, its worker is not started as one more worker.
  (globalThis as { pdfjsWorker?: unknown }).pdfjsWorker ??= await import('pdfjs-dist/legacy/build/pdf.worker.mjs');
  const task = getDocument({
    // The library takes the bytes over.
    data: new Uint8Array(bytes),
    cMapUrl: characterMaps,
    cMapPacked: true,
    isEvalSupported: false,
    disableFontFace: true,
    useSystemFonts: false,
    verbosity: VerbosityLevel.ERRORS - 1,
  });
  try {
    const pdf = await task.promise.catch((cause: unknown) => {
      const name = (cause as Error | undefined)?.name;
      throw new UnreadableError(name === 'PasswordException' ? 'protected' : 'damaged', { cause });
    });
    for (let number = 1; number <= pdf.numPages; number++)
      yield { page: await readPage(pdf, number), count: pdf.numPages };
  } finally {
    await task.destroy();
  }
}

/** A page that is broken is a page without words: the others can be read. */
async function readPage(pdf: PDFDocumentProxy, number: number): Promise<PlacedPage> {
  try {
    const page = await pdf.getPage(number);
    const placed = await wordsOf(page);
    page.cleanup();
    return placed;
  } catch {
    return { width: 0, height: 0, words: [] };
  }
}

async function wordsOf(page: PDFPageProxy): Promise<PlacedPage> {
  const { width, height, transform: view } = page.getViewport({ scale: 1 });
  const { items } = await page.getTextContent();
  const words: PlacedWord[] = [];
  for (const item of items) {
    if (!('str' in item) || item.str === '') continue;
    words.push(place(item, view));
  }
  return { width, height, words };
}

/** As PDF writes them: x' = ax + cy + e, y' = bx + dy + f. */
type Matrix = readonly [number, number, number, number, number, number];

function place({ str, transform, width }: TextItem, view: readonly number[]): PlacedWord {
  const [a, b, c, d, e, f] = transform as unknown as Matrix;
  const [v0, v1, v2, v3, v4, v5] = view as unknown as Matrix;
  const along = [v0 * a + v2 * b, v1 * a + v3 * b] as const;
  const up = Math.hypot(v0 * c + v2 * d, v1 * c + v3 * d);
  const left = v0 * e + v2 * f + v4;
  const baseline = v1 * e + v3 * f + v5;
  const isUpright = along[0] > 0 && Math.abs(along[1]) < 0.05 * along[0];
  return { text: str, left, right: left + width, baseline, size: up || Math.hypot(...along), isUpright };
}
