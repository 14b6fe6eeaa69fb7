import { join } from 'node:path';
import type { OpenPdf } from '../core/index.ts';
import { PROJECT_ROOT } from './project-root.ts';

/** Opens PDF files. The PDF library is loaded when it is needed. */
export const pdfPages: OpenPdf = async function* (bytes) {
  const { openPdf } = await import('../pdf/open-pdf.ts');
  yield* openPdf(bytes, { characterMaps: join(PROJECT_ROOT, 'node_modules/pdfjs-dist/cmaps/') });
};
