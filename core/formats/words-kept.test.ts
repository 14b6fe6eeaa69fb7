import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bytes, docx, odt, read } from './small-files.ts';

/*
 * Whatever stands in whatever: no word of a document is lost or doubled by its reader. The documents are built at random; each word
 * in them comes once.
 */

/** Gives the words of a document one after another. */
type Next = () => string;
/** Part of a document, written when the words before it are. */
type Part = (next: Next) => string;

const joined =
  (parts: readonly Part[]): Part =>
  (next) =>
    parts.map((part) => part(next)).join('');
const around =
  (before: string, part: Part, after: string): Part =>
  (next) =>
    before + part(next) + after;

/** The words of what was read, in alphabetical order, without the numbers of notes. */
const wordsOf = (text: string) => (text.match(/\bw\d+w\b/g) ?? []).sort();

function holds(document: fc.Arbitrary<Part>, fileOf: (body: string) => Uint8Array): Promise<void> {
  return fc.assert(
    fc.asyncProperty(document, async (part) => {
      const written: string[] = [];
      const body = part(() => {
        const word = `w${written.length}w`;
        written.push(word);
        return word;
      });
      expect({ body, words: wordsOf(await read(fileOf(body))) }).toEqual({ body, words: [...written].sort() });
    }),
    { numRuns: 300 },
  );
}

const few = (part: fc.Arbitrary<Part>, minLength = 0) => fc.array(part, { minLength, maxLength: 3 }).map(joined);
const wrappedIn = (part: fc.Arbitrary<Part>, ...tags: readonly (readonly [string, string])[]) =>
  fc.tuple(fc.constantFrom(...tags), part).map(([[before, after], inner]) => around(before, inner, after));

test('a Word document', async () => {
  const { body } = fc.letrec<{ body: Part; paragraph: Part; run: Part; table: Part }>((tie) => ({
    run: fc.oneof(
      { depthSize: 'small', withCrossShrink: true },
      wrappedIn(
        fc.constant<Part>((next) => next()),
        ['<w:r><w:t xml:space="preserve">', ' </w:t></w:r>'],
        ['<w:r><w:rPr><w:b/><w:i/></w:rPr><w:tab/><w:t>', '</w:t><w:br/></w:r>'],
        ['<w:del><w:r><w:delText>gone</w:delText></w:r></w:del><w:ins><w:r><w:t>', ' </w:t></w:r></w:ins>'],
        ['<w:hyperlink r:id="r1"><w:r><w:t>', ' </w:t></w:r></w:hyperlink>'],
        ['<w:sdt><w:sdtPr><w:tag/></w:sdtPr><w:sdtContent><w:r><w:t>', ' </w:t></w:r></w:sdtContent></w:sdt>'],
        ['<w:r><w:t> </w:t></w:r><w:r><w:t>', ' </w:t><w:footnoteReference w:id="9"/></w:r>'],
      ),
      wrappedIn(tie('body'), [
        '<w:r><w:t>a</w:t><mc:AlternateContent><mc:Choice><w:drawing><wps:txbx><w:txbxContent>',
        '</w:txbxContent></wps:txbx></w:drawing></mc:Choice><mc:Fallback><w:t>again</w:t></mc:Fallback></mc:AlternateContent><w:t> </w:t></w:r>',
      ]),
    ),
    paragraph: wrappedIn(
      few(tie('run')),
      ['<w:p>', '</w:p>'],
      ['<w:p><w:pPr><w:ind w:firstLine="400"/></w:pPr>', '</w:p>'],
    ),
    table: wrappedIn(few(wrappedIn(few(wrappedIn(tie('body'), ['<w:tc>', '</w:tc>']), 1), ['<w:tr>', '</w:tr>']), 1), [
      '<w:tbl><w:tblPr/>',
      '</w:tbl>',
    ]),
    body: fc.oneof({ depthSize: 'small' }, few(tie('paragraph'), 1), few(fc.oneof(tie('paragraph'), tie('table')))),
  }));
  await holds(body, (words) => docx(words));
});

test('an OpenDocument text', async () => {
  const { body } = fc.letrec<{ body: Part; block: Part; run: Part }>((tie) => ({
    run: fc.oneof(
      { depthSize: 'small' },
      wrappedIn(
        fc.constant<Part>((next) => `${next()} `),
        ['', ''],
        ['<text:span>', '<text:tab/></text:span>'],
        ['<text:a xlink:href="https://norhithe.example/">', '</text:a><text:line-break/>'],
        ['<text:s text:c="4"/><text:bookmark/>', '<text:soft-page-break/>'],
        [
          '<text:note><text:note-citation>1</text:note-citation><text:note-body><text:p>',
          '</text:p></text:note-body></text:note> ',
        ],
        ['<office:annotation><text:p>gone</text:p></office:annotation>', ''],
      ),
      wrappedIn(tie('body'), ['a<draw:frame><draw:text-box>', '</draw:text-box></draw:frame> ']),
    ),
    block: fc.oneof(
      { depthSize: 'small' },
      wrappedIn(few(tie('run')), ['<text:p>', '</text:p>'], ['<text:h text:outline-level="2">', '</text:h>']),
      wrappedIn(
        tie('body'),
        ['<text:list><text:list-item>', '</text:list-item></text:list>'],
        ['<text:section>', '</text:section>'],
      ),
      wrappedIn(
        few(
          wrappedIn(few(wrappedIn(tie('body'), ['<table:table-cell>', '</table:table-cell>']), 1), [
            '<table:table-row>',
            '</table:table-row>',
          ]),
          1,
        ),
        ['<table:table><table:table-column/>', '</table:table>'],
      ),
    ),
    body: few(tie('block')),
  }));
  await holds(body, (words) => odt(words));
});

test('Rich Text Format', async () => {
  const { body } = fc.letrec<{ body: Part; run: Part }>((tie) => ({
    run: fc.oneof(
      { depthSize: 'small' },
      wrappedIn(
        fc.constant<Part>((next) => next()),
        ['', ' '],
        ['{\\b\\i ', '\\tab }'],
        ['{\\v gone}', '\\line '],
        ["\\'e9 {\\*\\bkmkstart ten}", '\\u8212 ? '],
        ['{\\field{\\*\\fldinst{HYPERLINK "https://norhithe.example/"}}{\\fldrslt{', '}}} '],
        ['{\\listtext 1.\\tab}', '\\par '],
        ['\\pard\\trowd\\intbl ', '\\cell\\cell\\row\\pard '],
        [
          '\\pard\\intbl\\itap2 a\\nestcell ',
          '\\nestcell{\\*\\nesttableprops\\trowd\\nestrow}\\pard\\intbl \\cell\\row\\pard ',
        ],
      ),
      wrappedIn(
        tie('body'),
        ['{', '}'],
        ['a{\\pict\\picw9 0a0b}{\\shp{\\*\\shpinst{\\sp{\\sn x}{\\sv 1}}{\\shptxt\\pard ', '\\par}}} '],
        ['{\\super\\chftn}{\\footnote\\pard {\\super\\chftn} ', '\\par} '],
        ['{\\sect\\pard ', '\\par}'],
        ['{\\*\\unknown gone}{', '}'],
      ),
    ),
    body: few(tie('run')),
  }));
  await holds(body, (words) => bytes(`{\\rtf1\\ansi{\\fonttbl{\\f0 gone;}}${words}}`));
});
