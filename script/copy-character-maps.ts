import { cpSync } from 'node:fs';

/** Copies the tables of character codes that East Asian PDF files refer to, with their licence, to where the browser finds them. */
cpSync('node_modules/pdfjs-dist/cmaps', 'public/cmaps', { recursive: true });
