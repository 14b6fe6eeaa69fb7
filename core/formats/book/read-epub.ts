import { UnreadableError, type Document } from '../document.ts';
import { documentWriter } from '../document-writer.ts';
import { writeHtml } from '../html/read-html.ts';
import { walkXml } from '../xml.ts';
import { openZip, type Archive } from '../zip.ts';

/** Reads an EPUB (versions 2 and 3): its chapters in reading order, without its navigation. Throws UnreadableError. */
export function readEpub(bytes: Uint8Array): Document {
  const archive = openZip(bytes);
  const packageName = packageOf(archive);
  const source = packageName === undefined ? undefined : archive.text(packageName);
  if (source === undefined) throw new UnreadableError('damaged');
  if (/<EncryptedData\b/.test(archive.text('META-INF/encryption.xml') ?? '') && !hasOnlyFonts(archive))
    throw new UnreadableError('protected');
  const { title, chapters } = readPackage(source);
  const folder = packageName!.slice(0, packageName!.lastIndexOf('/') + 1);
  const writer = documentWriter();
  for (const chapter of chapters) {
    const text = archive.text(resolve(folder, chapter));
    if (text === undefined) continue;
    writeHtml(text, writer, true);
    writer.close();
    writer.emptyLine();
  }
  return writer.finish(title === '' ? {} : { title });
}

/** Where the package stands by the container; the only one there is, where there is no container. */
function packageOf(archive: Archive): string | undefined {
  let found: string | undefined;
  walkXml(archive.text('META-INF/container.xml') ?? '', {
    open: (name, attributes) => {
      if (name === 'rootfile') found ??= attributes['full-path'];
    },
  });
  return found ?? archive.names.find((name) => name.endsWith('.opf'));
}

/** Fonts are often disguised; that keeps nobody from the words. */
function hasOnlyFonts(archive: Archive): boolean {
  const names = [...(archive.text('META-INF/encryption.xml') ?? '').matchAll(/URI="([^"]+)"/g)].map(
    ([, name]) => name!,
  );
  return names.every((name) => /\.(?:otf|ttf|woff2?)$/i.test(name) || name.startsWith('#'));
}

interface Item {
  readonly href: string;
  readonly isNavigation: boolean;
  readonly isPage: boolean;
}

function readPackage(source: string): { title: string; chapters: string[] } {
  const items = new Map<string, Item>();
  const chapters: string[] = [];
  let title = '';
  let isTitle = false;
  walkXml(source, {
    open: (name, attributes) => {
      isTitle = name === 'title' && title === '';
      if (name === 'item') {
        const type = attributes['media-type'] ?? '';
        items.set(attributes['id'] ?? '', {
          href: attributes['href'] ?? '',
          isNavigation: /(?:^|\s)nav(?:\s|$)/.test(attributes['properties'] ?? ''),
          isPage: /html|dtbook|xml$/.test(type) || type === '',
        });
      } else if (name === 'itemref') {
        const item = items.get(attributes['idref'] ?? '');
        if (item?.isPage && !item.isNavigation) chapters.push(item.href);
      }
    },
    text: (text) => {
      if (isTitle) title += text;
    },
    close: () => {
      isTitle = false;
    },
  });
  return { title: title.trim(), chapters };
}

/** A name within the archive, from an address beside the package. */
function resolve(folder: string, href: string): string {
  const path = folder + decodeAddress(href.replace(/[#?].*$/, ''));
  const parts: string[] = [];
  for (const part of path.split('/')) {
    if (part === '..') parts.pop();
    else if (part !== '.' && part !== '') parts.push(part);
  }
  return parts.join('/');
}

function decodeAddress(address: string): string {
  try {
    return decodeURIComponent(address);
  } catch {
    return address;
  }
}
