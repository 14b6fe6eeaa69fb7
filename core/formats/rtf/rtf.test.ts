import { describe, expect, test } from '@jest/globals';
import { bytes, read } from '../small-files.ts';

describe('Rich Text Format', () => {
  const rtf = (body: string) =>
    read(bytes(`{\\rtf1\\ansi\\ansicpg1252{\\fonttbl{\\f0 Times;}{\\f1\\fcharset204 Arial;}}${body}}`));
  test.each([
    ['paragraphs and breaks', 'One\\line two\\par Three\\par', 'One\ntwo\nThree'],
    ['signs in a code page and in Unicode', "caf\\'e9 \\u8212? \\emdash", 'café — —'],
    ['the code page of a font', "\\f1 \\'cc\\'e8\\'f0", 'Мир'],
    ['heads of pages and fields', '{\\header Head}{\\field{\\*\\fldinst PAGE}{\\fldrslt 7}} left', '7 left'],
    ['hidden text', 'A{\\v secret}B', 'AB'],
    ['notes at the end', 'Oak{\\footnote From Norhithe.} gate\\par', 'Oak[1] gate\n\n[1] From Norhithe.'],
    ['rows', '\\trowd\\intbl A\\cell B\\cell\\row After\\par', 'A\tB\nAfter'],
    ['list signs', '{\\listtext 1.\\tab}Oil\\par{\\listtext 2.\\tab}Wick\\par', '1. Oil\n2. Wick'],
    ['binary data', 'A{\\pict\\bin5 }}{{\\}B', 'AB'],
  ])('%s', async (_name, body, text) => {
    expect(await rtf(body)).toBe(text);
  });
});
