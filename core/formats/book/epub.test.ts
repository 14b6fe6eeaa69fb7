import { describe, expect, test } from '@jest/globals';
import { readDocument } from '../registry.ts';
import { read, zip } from '../small-files.ts';

describe('an e-book', () => {
  const chapter = (words: string) => `<html><head><title>x</title></head><body><p>${words}</p></body></html>`;
  const opf = `<package><metadata><dc:title>Tides</dc:title></metadata><manifest>
    <item id="n" href="nav.xhtml" media-type="application/xhtml+xml" properties="nav"/>
    <item id="a" href="text/a%20b.xhtml" media-type="application/xhtml+xml"/>
    <item id="b" href="text/b.xhtml" media-type="application/xhtml+xml"/></manifest>
    <spine><itemref idref="n"/><itemref idref="b"/><itemref idref="a"/></spine></package>`;
  const files = {
    'OPS/p.opf': opf,
    'OPS/nav.xhtml': chapter('Contents'),
    'OPS/text/a b.xhtml': chapter('Second.'),
    'OPS/text/b.xhtml': chapter('First.'),
  };

  test('chapters in the order of its spine, without navigation', async () => {
    const container = '<container><rootfiles><rootfile full-path="OPS/p.opf"/></rootfiles></container>';
    const file = zip({ mimetype: 'application/epub+zip', 'META-INF/container.xml': container, ...files });
    const found = await readDocument(file, { name: 'x.epub' });
    expect(found.ok && found.document.title).toBe('Tides');
    expect(await read(file)).toBe('First.\n\n\nSecond.');
  });

  test('is read without a container, too', async () => {
    expect(await read(zip({ mimetype: 'application/epub+zip', ...files }))).toBe('First.\n\n\nSecond.');
  });
});
