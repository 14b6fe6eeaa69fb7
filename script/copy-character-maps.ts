import { cpSync, utimesSync } from 'node:fs';
import { isNewer } from './newer.ts';

/**
 * Copies the tables of character codes that East Asian PDF files refer to, with their licence, to where the browser finds them. Where
 * they are newer than the package they stay as they are.
 */
const PACKAGE = 'node_modules/pdfjs-dist';
const TARGET = 'public/cmaps';

if (!isNewer(TARGET, [`${PACKAGE}/package.json`])) {
  cpSync(`${PACKAGE}/cmaps`, TARGET, { recursive: true });
  utimesSync(TARGET, new Date(), new Date());
}
