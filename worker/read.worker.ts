import { expose } from 'comlink';
import { readDocument } from '../core/index.ts';
import { pdfPages } from './pdf-pages.ts';
import type { ReadService } from './read-service.ts';

const service: ReadService = {
  read: (bytes, options, onProgress) => readDocument(bytes, { ...options, onProgress, openPdf: pdfPages }),
};

expose(service);
