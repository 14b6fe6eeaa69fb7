import type { OpenPdf } from '../core/index.ts';

/** Opens PDF files in a worker. The PDF library is fetched when the first one comes. */
export const pdfPages: OpenPdf = async function* (bytes) {
  const { openPdf } = await import('../pdf/open-pdf.ts');
  yield* openPdf(bytes, { characterMaps: new URL('/cmaps/', self.location.origin).href });
};
