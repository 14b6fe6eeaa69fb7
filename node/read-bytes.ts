import { readDocument, type DocumentRead, type JobPlan } from '../core/index.ts';
import { pdfPages } from './pdf-pages.ts';

/** Reads the bytes of a file in any of the formats; `name` is the file's. Never throws for what is in it. */
export function readBytesAs(
  bytes: Uint8Array,
  name: string | undefined,
  { from, encoding }: Pick<JobPlan, 'from' | 'encoding'>,
): Promise<DocumentRead> {
  return readDocument(bytes, { name, format: from, encoding, openPdf: pdfPages });
}
