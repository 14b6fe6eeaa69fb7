import { escapeXml, toArchive, XML_HEAD } from './archive.ts';
import type { Output } from './open-output.ts';
import type { OutputBlock } from './output-blocks.ts';
import { toHtml } from './to-html.ts';

interface Chapter {
  readonly title: string;
  readonly blocks: readonly OutputBlock[];
}

/** The output as an e-book (EPUB 3): a chapter for each heading of the highest level that comes more than once, and their list. */
export function toEpub({ blocks, title, language }: Output): Uint8Array {
  const lang = language === '' ? 'und' : language;
  const name = title === '' ? 'Untitled' : title;
  const chapters = toChapters(blocks, name);
  const page = (heading: string, body: string, more = '') =>
    `${XML_HEAD}<!DOCTYPE html>\n<html xmlns="http://www.w3.org/1999/xhtml"${more} lang="${lang}" xml:lang="${lang}"><head><title>${escapeXml(heading)}</title></head><body>\n${body}\n</body></html>`;
  const files = chapters.map(
    (chapter, at) => [`OEBPS/${fileOf(at)}`, page(chapter.title, toXhtml(chapter.blocks))] as const,
  );
  const entries = chapters.map((chapter, at) => `<li><a href="${fileOf(at)}">${escapeXml(chapter.title)}</a></li>`);
  const nav = page(
    name,
    `<nav epub:type="toc"><ol>${entries.join('')}</ol></nav>`,
    ' xmlns:epub="http://www.idpf.org/2007/ops"',
  );
  return toArchive([
    ['mimetype', 'application/epub+zip', true],
    [
      'META-INF/container.xml',
      `${XML_HEAD}<container version="1.0" xmlns="urn:oasis:names:tc:opendocument:xmlns:container"><rootfiles><rootfile full-path="OEBPS/book.opf" media-type="application/oebps-package+xml"/></rootfiles></container>`,
    ],
    ['OEBPS/book.opf', packageOf(name, lang, chapters)],
    ['OEBPS/nav.xhtml', nav],
    ...files,
  ]);
}

function fileOf(at: number): string {
  return `part-${String(at + 1).padStart(3, '0')}.xhtml`;
}

function packageOf(title: string, language: string, chapters: readonly Chapter[]): string {
  const items = chapters.map(
    (_, at) => `<item id="part${at + 1}" href="${fileOf(at)}" media-type="application/xhtml+xml"/>`,
  );
  const spine = chapters.map((_, at) => `<itemref idref="part${at + 1}"/>`);
  return `${XML_HEAD}<package xmlns="http://www.idpf.org/2007/opf" version="3.0" unique-identifier="id"><metadata xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:identifier id="id">urn:lucid-ribbon:${escapeXml(encodeURIComponent(title))}</dc:identifier><dc:title>${escapeXml(title)}</dc:title><dc:language>${language}</dc:language><meta property="dcterms:modified">1980-01-01T12:00:00Z</meta></metadata><manifest><item id="nav" href="nav.xhtml" media-type="application/xhtml+xml" properties="nav"/>${items.join('')}</manifest><spine>${spine.join('')}</spine></package>`;
}

function toChapters(blocks: readonly OutputBlock[], title: string): Chapter[] {
  const levels = blocks.filter(({ kind }) => kind === 'heading').map(({ level }) => level);
  const level = [1, 2, 3, 4, 5, 6].find((one) => levels.filter((other) => other === one).length > 1);
  const chapters: { title: string; blocks: OutputBlock[] }[] = [];
  for (const block of blocks) {
    const begins = block.kind === 'heading' && block.level === level;
    const last = chapters.at(-1);
    if (!last || begins) chapters.push({ title: begins ? block.text.replace(/\s+/g, ' ') : title, blocks: [block] });
    else last.blocks.push(block);
  }
  return chapters.length === 0 ? [{ title, blocks: [] }] : chapters;
}

/** XHTML closes the elements that HTML leaves open, and has lists within items. */
function toXhtml(blocks: readonly OutputBlock[]): string {
  const html = toHtml({ blocks }).replace(/<br>/g, '<br/>');
  return html === '' ? '<p></p>' : html;
}
