import { describe, expect, test } from '@jest/globals';
import { zipSync } from 'fflate';
import { formatOf } from './registry.ts';
import { bytes, docx, odt, p, read, zip } from './small-files.ts';

describe('the format of a file', () => {
  test.each([
    ['pdf', bytes('%PDF-1.7\n'), 'report'],
    ['docx', docx(''), 'letter.docx'],
    ['odt', odt(''), 'letter.zip'],
    ['epub', zip({ 'META-INF/container.xml': '' }), 'book'],
    ['rtf', bytes('{\\rtf1 A}'), 'letter.doc'],
    ['html', bytes('<!-- saved -->\n<!DOCTYPE html><p>A'), 'page.txt'],
    ['html', bytes('<p>A</p>'), 'page.htm'],
    ['hocr', bytes('<html><div class="ocr_page" title="">'), 'scan.html'],
    ['alto', bytes('<?xml version="1.0"?><alto xmlns="x">'), 'scan.xml'],
    ['text', bytes('<p> is how a paragraph begins.'), 'note.txt'],
    ['text', bytes('1\n00:00:01,000 --> 00:00:02,000\nA'), 'track.srt'],
  ])('%s by what it holds', (id, file, name) => {
    expect(formatOf(file, name).id).toBe(id);
  });
});

describe('files that cannot be read say why', () => {
  const oldWord = Uint8Array.from([0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1, 0x1a, 0xe1]);
  const bomb = zipSync({ 'word/document.xml': new Uint8Array(201_000_000) }, { level: 1 });
  test.each([
    ['nothing in it', new Uint8Array(), 'a.docx', '! empty'],
    ['half of a zip', docx(p('A')).slice(0, 60), 'a.docx', '! damaged'],
    ['a zip of something else', zip({ 'a.txt': 'A' }), 'a.docx', '! damaged'],
    ['what unpacks to more than any document', bomb, 'a.docx', '! too-large'],
    ['the old format of Word', oldWord, 'a.doc', '! old-word'],
    ['a Word file with a password', oldWord, 'a.docx', '! protected'],
    ['no words', docx(p('')), 'a.docx', '! no-words'],
    ['a program', Uint8Array.from([0x7f, 0x45, 0x4c, 0x46, 2, 1, 1, 0, 0, 0, 0]), 'a', '! not-text'],
  ])('%s', async (_name, file, name, problem) => {
    expect(await read(file, name)).toBe(problem);
  });

  test('entities that a file declares itself are not followed', async () => {
    const body =
      '<!DOCTYPE d [<!ENTITY x SYSTEM "file:///etc/passwd">]><w:document><w:body><w:p><w:r><w:t>A &x; B</w:t></w:r></w:p></w:body></w:document>';
    expect(await read(zip({ 'word/document.xml': body }), 'a.docx')).toBe('A &x; B');
  });
});
