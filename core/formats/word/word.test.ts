import { describe, expect, test } from '@jest/globals';
import { Element } from '../../layout/layout.ts';
import { readDocument } from '../registry.ts';
import { bytes, docx, odt, p, read } from '../small-files.ts';

describe('a Word document', () => {
  const styles =
    '<w:styles><w:style w:styleId="H1" w:type="paragraph"><w:name w:val="heading 1"/></w:style></w:styles>';
  const numbering =
    '<w:numbering><w:abstractNum w:abstractNumId="0"><w:lvl w:ilvl="0"><w:start w:val="1"/><w:numFmt w:val="decimal"/><w:lvlText w:val="%1."/></w:lvl><w:lvl w:ilvl="1"><w:start w:val="1"/><w:numFmt w:val="lowerLetter"/><w:lvlText w:val="%1.%2)"/></w:lvl></w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num></w:numbering>';
  const item = (words: string, depth: number) =>
    p(words, `<w:pPr><w:numPr><w:ilvl w:val="${depth}"/><w:numId w:val="1"/></w:numPr></w:pPr>`);

  test('a row behind a large first letter is a row', async () => {
    const letter = p('T', '<w:pPr><w:framePr w:dropCap="drop"/></w:pPr>');
    const found = await readDocument(
      docx(`${letter}<w:tbl><w:tr><w:tc>${p('A')}</w:tc><w:tc>${p('B')}</w:tc></w:tr></w:tbl>`),
    );
    if (!found.ok) throw new Error(found.problem);
    const { text, layout } = found.document;
    expect(text).toBe('T\nA\tB\n');
    expect(layout!.element[1]).toBe(Element.row);
  });

  test.each([
    ['paragraphs a line each, empty ones as blank lines', p('One') + p('') + p('Two'), 'One\n\nTwo'],
    ['breaks within a paragraph', '<w:p><w:r><w:t>One</w:t><w:br/><w:t>two</w:t></w:r></w:p>', 'One\ntwo'],
    [
      'changes as accepted',
      '<w:p><w:del><w:r><w:delText>old</w:delText></w:r></w:del><w:ins><w:r><w:t>new</w:t></w:r></w:ins></w:p>',
      'new',
    ],
    [
      'signs of fonts of signs',
      '<w:p><w:r><w:t>2 </w:t><w:sym w:font="Symbol" w:char="F0B3"/><w:t> 1, </w:t><w:sym w:font="Symbol" w:char="F061"/><w:sym w:font="Wingdings" w:char="F0FC"/><w:sym w:font="Arial" w:char="00E9"/></w:r></w:p>',
      '2 ≥ 1, α✓é',
    ],
    [
      'a large first letter is of the paragraph after it',
      p('T', '<w:pPr><w:framePr w:dropCap="drop" w:lines="3"/></w:pPr>') + p('he creek.') + p('It rose.'),
      'The creek.\nIt rose.',
    ],
    ['hidden text', '<w:p><w:r><w:rPr><w:vanish/></w:rPr><w:t>No</w:t></w:r><w:r><w:t>Yes</w:t></w:r></w:p>', 'Yes'],
    [
      'rows of a table',
      `<w:tbl><w:tr><w:tc>${p('A')}</w:tc><w:tc>${p('B')}</w:tc></w:tr></w:tbl>${p('After')}`,
      'A\tB\nAfter',
    ],
    [
      'a text box behind its paragraph',
      `<w:p><w:r><w:t>One</w:t></w:r><w:r><w:txbxContent>${p('Box')}</w:txbxContent></w:r><w:r><w:t> two</w:t></w:r></w:p>`,
      'One two\n\nBox',
    ],
    [
      'a text box in a cell behind the table, one in another behind it',
      `<w:tbl><w:tr><w:tc><w:p><w:r><w:t>A</w:t><w:txbxContent>${p('Box')}<w:p><w:r><w:t>of</w:t><w:txbxContent>${p('oak')}</w:txbxContent><w:t> wood</w:t></w:r></w:p></w:txbxContent></w:r></w:p></w:tc><w:tc>${p('B')}</w:tc></w:tr></w:tbl>`,
      'A\tB\n\nBox\n\nof wood\n\noak',
    ],
    ['numbers of lists', item('Oil', 0) + item('lamp', 1) + item('Wick', 0), '1. Oil\n  1.a) lamp\n2. Wick'],
    ['a heading', p('The gate', '<w:pPr><w:pStyle w:val="H1"/></w:pPr>') + p('It is oak.'), 'The gate\n\nIt is oak.'],
  ])('%s', async (_name, body, text) => {
    expect(await read(docx(body, { 'word/styles.xml': styles, 'word/numbering.xml': numbering }))).toBe(text);
  });

  test('gathers its notes at the end, those that the text points to', async () => {
    const note = (id: number, words: string) => `<w:footnote w:id="${id}">${p(words)}</w:footnote>`;
    const file = docx('<w:p><w:r><w:t>Oak</w:t></w:r><w:r><w:footnoteReference w:id="7"/></w:r></w:p>', {
      'word/footnotes.xml': `<w:footnotes>${note(0, 'separator')}${note(7, 'From Norhithe.')}</w:footnotes>`,
    });
    expect(await read(file)).toBe('Oak[1]\n\n[1] From Norhithe.');
  });
});

describe('an OpenDocument text', () => {
  test.each([
    [
      'paragraphs, spaces, breaks',
      '<text:p>One<text:s text:c="2"/>two<text:line-break/>three</text:p>',
      'One two\nthree',
    ],
    [
      'deleted text',
      '<text:tracked-changes><text:deletion><text:p>old</text:p></text:deletion></text:tracked-changes><text:p>new</text:p>',
      'new',
    ],
    [
      'notes at the end',
      '<text:p>Oak<text:note><text:note-citation>1</text:note-citation><text:note-body><text:p>From Norhithe.</text:p></text:note-body></text:note> gate</text:p>',
      'Oak[1] gate\n\n[1] From Norhithe.',
    ],
    [
      'a text box behind its paragraph',
      '<text:p><draw:frame><draw:text-box><text:p>Box</text:p></draw:text-box></draw:frame>One two</text:p>',
      'One two\n\nBox',
    ],
    [
      'rows',
      '<table:table><table:table-row><table:table-cell><text:p>A</text:p></table:table-cell><table:table-cell><text:p>B</text:p></table:table-cell></table:table-row></table:table>',
      'A\tB',
    ],
  ])('%s', async (_name, body, text) => {
    expect(await read(odt(body))).toBe(text);
  });

  test('numbers of lists, and first lines set in', async () => {
    const styles =
      '<text:list-style style:name="L"><text:list-level-style-number text:level="1" style:num-format="a" style:num-suffix=")"/></text:list-style><style:style style:name="P"><style:paragraph-properties fo:text-indent="1cm"/></style:style>';
    const item = (words: string) => `<text:list-item><text:p>${words}</text:p></text:list-item>`;
    const body = `<text:p>First.</text:p><text:p text:style-name="P">Set in.</text:p><text:list text:style-name="L">${item('Oil')}${item('Wick')}</text:list>`;
    expect(await read(odt(body, styles))).toBe('First.\n    Set in.\na) Oil\nb) Wick');
  });
});

describe('what word processors say of words', () => {
  const looks = async (file: Uint8Array, name: string) => {
    const found = await readDocument(file, { name });
    if (!found.ok) throw new Error(found.problem);
    const { text, layout } = found.document;
    return layout!.ranges.map(({ kind, address, from, to }) => [kind, text.slice(from, to), address]);
  };
  const EXPECTED = [
    ['strong', 'oak', undefined],
    ['emphasis', 'old', undefined],
    ['link', 'yard', 'https://norhithe.example/'],
  ];

  test('Word', async () => {
    const run = (words: string, look = '') =>
      `<w:r><w:rPr>${look}</w:rPr><w:t xml:space="preserve">${words}</w:t></w:r>`;
    const body = `<w:p>${run('Of ')}${run('oak', '<w:b/>')}${run(', ', '<w:b w:val="0"/>')}${run('old', '<w:i/>')}${run(', from the ')}<w:hyperlink r:id="r9">${run('yard')}</w:hyperlink></w:p>`;
    const relations =
      '<Relationships><Relationship Id="r9" Type="http://x/hyperlink" Target="https://norhithe.example/"/></Relationships>';
    expect(await looks(docx(body, { 'word/_rels/document.xml.rels': relations }), 'a.docx')).toEqual(EXPECTED);
  });

  test('Word: links as fields, one within another field, and a place in the document', async () => {
    const run = (words: string) => `<w:r><w:t xml:space="preserve">${words}</w:t></w:r>`;
    const mark = (type: string) => `<w:r><w:fldChar w:fldCharType="${type}"/></w:r>`;
    const code = (text: string) => `<w:r><w:instrText xml:space="preserve">${text}</w:instrText></w:r>`;
    const field = (of: string, inside: string) => mark('begin') + code(of) + mark('separate') + inside + mark('end');
    const link = (address: string) => ` HYPERLINK &quot;${address}&quot; `;
    const body = `<w:p>${run('From the ')}${field(link('https://norhithe.example/'), run('old ') + field(' PAGE ', run('yard')))}${run(', by ')}<w:fldSimple w:instr="${link('https://wrackby.example/')}">${run('sea')}</w:fldSimple>${run(' and ')}${field(' HYPERLINK \\l &quot;x&quot; ', run('land'))}${run('.')}</w:p>`;
    expect(await read(docx(body), 'a.docx')).toBe('From the old yard, by sea and land.');
    expect(await looks(docx(body), 'a.docx')).toEqual([
      ['link', 'old yard', 'https://norhithe.example/'],
      ['link', 'sea', 'https://wrackby.example/'],
    ]);
  });

  test('OpenDocument', async () => {
    const style = (name: string, look: string) =>
      `<style:style style:name="${name}"><style:text-properties ${look}/></style:style>`;
    const body =
      '<text:p>Of <text:span text:style-name="B">oak</text:span>, <text:span text:style-name="I">old</text:span>, from the <text:a xlink:href="https://norhithe.example/">yard</text:a></text:p>';
    expect(
      await looks(odt(body, style('B', 'fo:font-weight="bold"') + style('I', 'fo:font-style="italic"')), 'a.odt'),
    ).toEqual(EXPECTED);
  });

  test('Rich Text Format', async () => {
    const body = '{\\rtf1 Of {\\b oak}, \\i old\\i0 , from the yard}';
    expect(await looks(bytes(body), 'a.rtf')).toEqual(EXPECTED.slice(0, 2));
  });
});
