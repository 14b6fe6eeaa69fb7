import { Element } from '../../layout/layout.ts';
import { UnreadableError, type Document } from '../document.ts';
import { documentWriter, type DocumentWriter } from '../document-writer.ts';
import { walkXml } from '../xml.ts';
import { openZip, type Archive } from '../zip.ts';
import { writeBody, type DocxNotes, type DocxParts } from './docx-body.ts';
import { readNumbering } from './docx-numbering.ts';
import { readStyles } from './docx-styles.ts';

/**
 * Reads a WordprocessingML package (ECMA-376): paragraphs with their line breaks, headings, lists with their numbers, tables a row
 * to a line, text boxes behind the paragraph that they hang on, notes at the end. Of tracked changes what was put in is read, what
 * was taken out is not; nor are comments, hidden text, and the heads and feet of pages. Throws UnreadableError.
 */
export function readDocx(bytes: Uint8Array): Document {
  const archive = openZip(bytes);
  const main = mainPart(archive);
  const source = main === undefined ? undefined : archive.text(main);
  if (source === undefined) throw new UnreadableError('damaged');
  const folder = main!.slice(0, main!.lastIndexOf('/') + 1);
  const part = (name: string) => archive.text(folder + name) ?? '';
  const parts: DocxParts = {
    styles: readStyles(part('styles.xml')),
    numbering: readNumbering(part('numbering.xml')),
    links: readLinks(archive.text(`${folder}_rels/${main!.slice(folder.length)}.rels`) ?? ''),
  };
  const writer = documentWriter();
  const notes = writeBody(source, writer, parts);
  writeNotes(part('footnotes.xml'), 'footnote', notes, writer, parts);
  writeNotes(part('endnotes.xml'), 'endnote', notes, writer, parts);
  return writer.finish(titleOf(archive));
}

function readLinks(source: string): Map<string, string> {
  const links = new Map<string, string>();
  walkXml(source, {
    open: (_name, attributes) => {
      if (attributes['Type']?.endsWith('/hyperlink')) links.set(attributes['Id'] ?? '', attributes['Target'] ?? '');
    },
  });
  return links;
}

/** The part that holds the text, by the package's relationships; its usual place where they do not say. */
function mainPart(archive: Archive): string | undefined {
  let target: string | undefined;
  const relations = archive.text('_rels/.rels') ?? '';
  walkXml(relations, {
    open: (_name, attributes) => {
      if (attributes['Type']?.endsWith('/officeDocument')) target ??= attributes['Target']?.replace(/^\//, '');
    },
  });
  const found = [target, 'word/document.xml'].find((name) => name !== undefined && archive.has(name));
  return found;
}

function titleOf(archive: Archive): { title?: string } {
  let title = '';
  let isIn = false;
  walkXml(archive.text('docProps/core.xml') ?? '', {
    open: (name) => {
      isIn = name === 'title';
    },
    text: (text) => {
      if (isIn) title += text;
    },
    close: () => {
      isIn = false;
    },
  });
  return title.trim() === '' ? {} : { title: title.trim() };
}

/** The bodies of notes, each behind its number; those that nothing points to are no notes of this text. */
function writeNotes(source: string, kind: string, notes: DocxNotes, writer: DocumentWriter, parts: DocxParts): void {
  const bodies = source.match(new RegExp(`<w:${kind}\\b[^]*?</w:${kind}>`, 'g')) ?? [];
  for (const body of bodies) {
    const id = /\bw:id="([^"]*)"/.exec(body)?.[1];
    const number = notes.get(`${kind} ${id}`);
    if (number === undefined) continue;
    const inner = documentWriter();
    writeBody(body, inner, parts, true);
    writer.open({ element: Element.note, apart: 'around' });
    writer.write(`[${number}] ${inner.finish().text.trim()}`);
    writer.close();
  }
}
