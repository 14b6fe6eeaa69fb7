import { strToU8, zipSync } from 'fflate';
import type { OpenPdf } from './document.ts';
import { readDocument } from './registry.ts';

/* Small files of each kind, for tests. */

export const bytes = (text: string) => strToU8(text);

export const zip = (files: Record<string, string>) =>
  zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));

/** A Word document of a body, with other parts. */
export const docx = (body: string, parts: Record<string, string> = {}) =>
  zip({ 'word/document.xml': `<w:document><w:body>${body}</w:body></w:document>`, ...parts });

/** A paragraph of a Word document. */
export const p = (words: string, properties = '') =>
  `<w:p>${properties}<w:r><w:t xml:space="preserve">${words}</w:t></w:r></w:p>`;

/** An OpenDocument text of a body, with styles. */
export const odt = (body: string, styles = '') =>
  zip({
    mimetype: 'application/vnd.oasis.opendocument.text',
    'content.xml': `<office:document-content><office:automatic-styles>${styles}</office:automatic-styles><office:body><office:text>${body}</office:text></office:body></office:document-content>`,
  });

/** The text of a file, or what is wrong with it. */
export async function read(file: Uint8Array, name = '', openPdf?: OpenPdf): Promise<string> {
  const found = await readDocument(file, { name, openPdf });
  return found.ok ? found.document.text.trim() : `! ${found.problem}`;
}
