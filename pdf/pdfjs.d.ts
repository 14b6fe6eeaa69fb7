/** The library's worker, which has no types of its own: it is only handed back to the library. */
declare module 'pdfjs-dist/legacy/build/pdf.worker.mjs';
