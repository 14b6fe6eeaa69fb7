import { Element } from '../../layout/layout.ts';
import { UnreadableError, type Document } from '../document.ts';
import { documentWriter } from '../document-writer.ts';
import { openZip } from '../zip.ts';
import { writeOdtBody } from './odt-body.ts';
import { readStyles, type OdtStyle } from './odt-styles.ts';

/**
 * Reads a text of the OpenDocument format (ISO 26300): paragraphs, headings, lists with their numbers, tables a row to a line, notes
 * at the end. Of tracked changes what was taken out is not read, nor are comments and the heads and feet of pages. Throws
 * UnreadableError.
 */
export function readOdt(bytes: Uint8Array): Document {
  const archive = openZip(bytes);
  const source = archive.text('content.xml');
  if (source === undefined) throw new UnreadableError('damaged');
  if (/encryption-data/.test(archive.text('META-INF/manifest.xml') ?? '')) throw new UnreadableError('protected');
  const styles = new Map<string, OdtStyle>();
  readStyles(archive.text('styles.xml') ?? '', styles);
  readStyles(source, styles);
  const writer = documentWriter();
  for (const note of writeOdtBody(source, writer, styles)) {
    writer.open({ element: Element.note, apart: 'around' });
    writer.write(note);
    writer.close();
  }
  return writer.finish();
}
