import { describe, expect, test } from '@jest/globals';
import { readDocument } from '../registry.ts';
import { bytes, read } from '../small-files.ts';

describe('Rich Text Format', () => {
  const rtf = (body: string) =>
    read(bytes(`{\\rtf1\\ansi\\ansicpg1252{\\fonttbl{\\f0 Times;}{\\f1\\fcharset204 Arial;}}${body}}`));
  test.each([
    ['paragraphs and breaks', 'One\\line two\\par Three\\par', 'One\ntwo\nThree'],
    ['signs in a code page and in Unicode', "caf\\'e9 \\u8212? \\emdash", 'café — —'],
    ['the code page of a font', "\\f1 \\'cc\\'e8\\'f0", 'Мир'],
    ['heads of pages and fields', '{\\header Head}{\\field{\\*\\fldinst PAGE}{\\fldrslt 7}} left', '7 left'],
    ['words in Unicode beside the same without', 'A {\\upr{Lod?}{\\*\\ud{\\u321?\\u243?d}}} B', 'A Łód B'],
    ['words in Unicode within what is no text', 'A{\\info{\\title{\\upr{T}{\\*\\ud{\\u321?}}}}} B', 'A B'],
    ['hidden text', 'A{\\v secret}B', 'AB'],
    [
      'a large first letter is of the paragraph after it',
      '{\\pard\\dropcapli3 T\\par}{\\pard he creek.\\par}It rose.',
      'The creek.\nIt rose.',
    ],
    ['notes at the end', 'Oak{\\footnote From Norhithe.} gate\\par', 'Oak[1] gate\n\n[1] From Norhithe.'],
    ['rows', '\\trowd\\intbl A\\cell B\\cell\\row After\\par', 'A\tB\nAfter'],
    [
      'paragraphs within a cell',
      '\\trowd\\pard\\intbl A\\par B\\cell C\\cell\\row\\trowd D\\cell\\row\\pard After\\par',
      'A B\tC\nD\nAfter',
    ],
    ['rows within a cell', '\\trowd\\intbl\\itap2 A\\nestcell B\\nestcell\\cell C\\cell\\row', 'A B\tC'],
    [
      'a text box behind its paragraph, without its properties',
      'One {\\shp{\\*\\shpinst{\\sp{\\sn fill}{\\sv 7}}{\\shptxt\\pard Box\\par}}}two\\par Three',
      'One two\n\nBox\n\nThree',
    ],
    [
      'a list within a note',
      'Oak{\\footnote Of {\\listtext 1.\\tab}old wood} gate\\par',
      'Oak[1] gate\n\n[1] Of 1. old wood',
    ],
    ['list signs', '{\\listtext 1.\\tab}Oil\\par{\\listtext 2.\\tab}Wick\\par', '1. Oil\n2. Wick'],
    ['binary data', 'A{\\pict\\bin5 }}{{\\}B', 'AB'],
  ])('%s', async (_name, body, text) => {
    expect(await rtf(body)).toBe(text);
  });

  test('addresses of links are kept beside their words', async () => {
    const link = '{\\field{\\*\\fldinst {HYPERLINK "https://saltfern.example/mills" }}{\\fldrslt {\\ul the mills}}}';
    const there = '{\\field{\\*\\fldinst HYPERLINK "https://saltfern.example/a" \\\\l "oak"}{\\fldrslt oak}}';
    const place = '{\\field{\\*\\fldinst HYPERLINK \\\\l "top"}{\\fldrslt the top}}';
    const file = bytes(`{\\rtf1\\ansi See ${link} or ${place} of ${there} now.\\par}`);
    expect(await readDocument(file)).toMatchObject({
      document: {
        text: 'See the mills or the top of oak now.\n',
        layout: {
          ranges: [
            { kind: 'link', address: 'https://saltfern.example/mills', from: 4, to: 13 },
            { kind: 'link', address: 'https://saltfern.example/a#oak', from: 28, to: 31 },
          ],
        },
      },
    });
  });
});
