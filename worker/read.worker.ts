import { expose } from 'comlink';
import { readDocument, type OpenPdf } from '../core/index.ts';
import type { ReadService } from './read-service.ts';

/** The PDF library is fetched when the first PDF comes. */
const openPdf: OpenPdf = async function* (bytes) {
  const pdf = await import('../pdf/open-pdf.ts');
  yield* pdf.openPdf(bytes, { characterMaps: new URL('/cmaps/', self.location.origin).href });
};

const service: ReadService = {
  read: (bytes, options, onProgress) => readDocument(bytes, { ...options, onProgress, openPdf }),
};

expose(service);
