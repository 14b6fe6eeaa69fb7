import { describe, expect, test } from '@jest/globals';
import { strToU8, zipSync } from 'fflate';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { Element, Region } from '../layout/layout.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import type { OpenPdf, PlacedWord } from './document.ts';
import { formatOf, readDocument } from './registry.ts';

const bytes = (text: string) => strToU8(text);
const zip = (files: Record<string, string>) =>
  zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));

/** The text of a file, or what is wrong with it. */
async function read(file: Uint8Array, name = '', openPdf?: OpenPdf): Promise<string> {
  const found = await readDocument(file, { name, openPdf });
  return found.ok ? found.document.text.trim() : `! ${found.problem}`;
}

const docx = (body: string, parts: Record<string, string> = {}) =>
  zip({ 'word/document.xml': `<w:document><w:body>${body}</w:body></w:document>`, ...parts });
const p = (words: string, properties = '') =>
  `<w:p>${properties}<w:r><w:t xml:space="preserve">${words}</w:t></w:r></w:p>`;
const odt = (body: string, styles = '') =>
  zip({
    mimetype: 'application/vnd.oasis.opendocument.text',
    'content.xml': `<office:document-content><office:automatic-styles>${styles}</office:automatic-styles><office:body><office:text>${body}</office:text></office:body></office:document-content>`,
  });

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

describe('a web page', () => {
  const html = (body: string) => read(bytes(`<!doctype html><html><body>${body}</body></html>`));
  test.each([
    ['paragraphs apart, spaces folded', '<p>The  tide\n fell.</p><p>It rose.</p>', 'The tide fell.\n\nIt rose.'],
    ['lines broken by force', 'The tide<br>fell.<br><br>It rose.', 'The tide\nfell.\n\nIt rose.'],
    ['what is hidden', '<p hidden>No</p><p style="display:none">No</p><script>no()</script><p>Yes</p>', 'Yes'],
    ['a paragraph of blanks', '<div>One</div><p>&nbsp;</p><div>Two</div>', 'One\n\n\n\nTwo'],
    [
      'lists with their numbers, one in another',
      '<ol start="3"><li>Oil<ul><li>lamp</li></ul></li><li>Wick</li></ol>',
      '3. Oil\n\n  • lamp\n\n4. Wick',
    ],
    ['rows of a table', '<table><tr><th>High<th>Low</tr><tr><td>6<td>12</tr></table>', 'High\tLow\n6\t12'],
    ['tables that lay a page out', '<table><tr><td>One<br>two</td><td>Three</td></tr></table>', 'One\ntwo\nThree'],
    ['preformatted lines', '<pre>a  b\n  c</pre>', 'a  b\n  c'],
    ['raised figures', '<p>10<sup>35</sup> m<sup>th</sup></p>', '10³⁵ mth'],
    ['ends without beginnings', '</div><p>One</b></p></article>two', 'One\n\ntwo'],
    ['character references', '<p>Fish &amp; chips &mdash; &#8220;fresh&#8221;</p>', 'Fish & chips — “fresh”'],
  ])('%s', async (_name, body, text) => {
    expect(await html(body)).toBe(text);
  });

  test('tells headings, links and what stands around the text', async () => {
    const found = await readDocument(
      bytes(
        '<!doctype html><title>The mill</title><nav>Home</nav><main><header><h2>The gate</h2></header><p>It is <a href="/oak">of <b>oak</b></a>.</p></main><footer>Contact</footer>',
      ),
    );
    if (!found.ok) throw new Error(found.problem);
    const { text, layout, title } = found.document;
    expect(title).toBe('The mill');
    const lines = text.split('\n');
    const regionOf = (words: string) => layout!.region[lines.indexOf(words)];
    expect([regionOf('Home'), regionOf('The gate'), regionOf('It is of oak.'), regionOf('Contact')]).toEqual([
      Region.navigation,
      Region.text,
      Region.text,
      Region.site,
    ]);
    expect(layout!.level[lines.indexOf('The gate')]).toBe(2);
    expect(layout!.ranges.map(({ kind, address, from, to }) => [kind, address, text.slice(from, to)])).toEqual([
      ['link', '/oak', 'of oak'],
      ['strong', undefined, 'oak'],
    ]);
  });

  test('rows of bare links before the text are told as a menu', async () => {
    const links = ['Tides', 'Boats', 'Mills'].map((name) => `<a href="#">${name}</a><br>`).join('');
    const prose = `<p>${'The creek fills the pond behind the wall twice a day. '.repeat(3)}</p>`;
    const found = await readDocument(bytes(`<!doctype html>${links}${prose}`));
    expect(found.ok && [...found.document.layout!.region.slice(0, 3)]).toEqual(Array(3).fill(Region.navigation));
  });

  test('reads the encoding that it declares', async () => {
    const latin = Uint8Array.from([...bytes('<!doctype html><meta charset="iso-8859-1"><p>Sch'), 0xf6, ...bytes('n')]);
    expect(await read(latin)).toBe('Schön');
  });

  test('stands in itself as deep as it likes', async () => {
    expect(await read(bytes(`<!doctype html>${'<div>'.repeat(50_000)}deep`))).toBe('deep');
    expect(await read(bytes(`<!doctype html>${'<b>'.repeat(5000)}deep`))).toBe('! damaged');
  });
});

describe('formatted text as programs put it on the clipboard', () => {
  const html = async (body: string) => {
    const found = await readDocument(bytes(body), { name: 'clipboard.html' });
    if (!found.ok) throw new Error(found.problem);
    const { text, layout } = found.document;
    return { text: text.trim(), looks: layout!.ranges.map(({ kind, from, to }) => [kind, text.slice(from, to)]) };
  };

  test('a word processor’s paragraphs, its lists and their signs', async () => {
    const item = (sign: string, words: string) =>
      `<p class=MsoListParagraph style='mso-list:l0 level1 lfo1'><![if !supportLists]><span style='mso-list:Ignore'>${sign}<span>&nbsp;&nbsp; </span></span><![endif]>${words}<o:p></o:p></p>`;
    const { text } = await html(
      `<html xmlns:o="x"><!--[if gte mso 9]><xml>No</xml><![endif]--><p class=MsoNormal>The creek fills\nthe pond.<o:p></o:p></p><p class=MsoNormal><o:p>&nbsp;</o:p></p>${item('·', 'oak')}${item('2.', 'iron')}</html>`,
    );
    expect(text.replace(/\n{2,}/g, '\n\n')).toBe('The creek fills the pond.\n\n• oak\n\n2. iron');
  });

  test('an editor on the web: weights and slants by style, wrapped in an element that says bold and is not', async () => {
    const { text, looks } = await html(
      '<b style="font-weight:normal" id="x"><p><span style="font-weight:400">Fills </span><span style="font-weight:700">twice</span> a <span style="font-style:italic">day</span>.</p><br><p>It holds.</p></b>',
    );
    expect(text.replace(/\n{2,}/g, '\n\n')).toBe('Fills twice a day.\n\nIt holds.');
    expect(looks).toEqual([
      ['strong', 'twice'],
      ['emphasis', 'day'],
    ]);
  });

  test('a mail: a line to an element, an empty one between', async () => {
    const { text } = await html(
      '<div><div>Dear Alma,</div><div><br></div><div>I had your</div><div>letter.</div></div>',
    );
    expect(text).toBe('Dear Alma,\n\nI had your\nletter.');
  });

  test('a caption of a table is no row of it', async () => {
    const { text } = await html('<table><caption>June</caption><tr><td>1<td>6:12</tr><tr><td>2<td>7:01</tr></table>');
    expect(text).toBe('June\n1\t6:12\n2\t7:01');
  });
});

describe('a Word document', () => {
  const styles =
    '<w:styles><w:style w:styleId="H1" w:type="paragraph"><w:name w:val="heading 1"/></w:style></w:styles>';
  const numbering =
    '<w:numbering><w:abstractNum w:abstractNumId="0"><w:lvl w:ilvl="0"><w:start w:val="1"/><w:numFmt w:val="decimal"/><w:lvlText w:val="%1."/></w:lvl><w:lvl w:ilvl="1"><w:start w:val="1"/><w:numFmt w:val="lowerLetter"/><w:lvlText w:val="%1.%2)"/></w:lvl></w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num></w:numbering>';
  const item = (words: string, depth: number) =>
    p(words, `<w:pPr><w:numPr><w:ilvl w:val="${depth}"/><w:numId w:val="1"/></w:numPr></w:pPr>`);

  test.each([
    ['paragraphs a line each, empty ones as blank lines', p('One') + p('') + p('Two'), 'One\n\nTwo'],
    ['breaks within a paragraph', '<w:p><w:r><w:t>One</w:t><w:br/><w:t>two</w:t></w:r></w:p>', 'One\ntwo'],
    [
      'changes as accepted',
      '<w:p><w:del><w:r><w:delText>old</w:delText></w:r></w:del><w:ins><w:r><w:t>new</w:t></w:r></w:ins></w:p>',
      'new',
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

describe('pages with places', () => {
  const line = (words: string, left: number, top: number, right = 500) =>
    `<span class="ocr_line" title="bbox ${left} ${top} ${right} ${top + 20}; x_size 20"><span class="ocrx_word">${words}</span></span>`;

  test('hOCR: indents, gaps, ends of pages', async () => {
    const page = (body: string) => `<div class="ocr_page">${body}</div>`;
    const first = line('The tide fell', 100, 100) + line('and rose again', 100, 130) + line('Twice a day', 130, 160);
    const second = line('It comes.', 100, 100) + line('It goes.', 100, 200) + line('It stays away.', 100, 230);
    expect(await read(bytes(`<html>${page(first)}${page(second)}</html>`))).toBe(
      'The tide fell\nand rose again\n   Twice a day\n\fIt comes.\n\nIt goes.\nIt stays away.',
    );
  });

  test('ALTO: words, spaces, hyphens', async () => {
    const text =
      '<alto><Page><TextLine HPOS="1" VPOS="1" WIDTH="90" HEIGHT="10"><String CONTENT="The"/><SP/><String CONTENT="pa"/><HYP CONTENT="-"/></TextLine></Page></alto>';
    expect(await read(bytes(text))).toBe('The pa-');
  });

  const word = (text: string, left: number, baseline: number, size = 10): PlacedWord => ({
    text,
    left,
    right: left + text.length * size * 0.5,
    baseline,
    size,
    isUpright: true,
  });
  const pdf = (...pages: PlacedWord[][]): OpenPdf =>
    async function* () {
      await Promise.resolve();
      for (const words of pages) yield { page: { width: 600, height: 800, words }, count: pages.length };
    };
  const readPages = (...pages: PlacedWord[][]) => read(bytes('%PDF-1.7'), 'x.pdf', pdf(...pages));

  test('PDF: words make lines, raised figures are marks, what is stamped across is left out', async () => {
    const page = [
      word('The', 50, 100),
      word('tide', 70, 100),
      word('1', 90.5, 96, 6),
      word('fell.', 98, 100),
      { ...word('DRAFT', 100, 300, 60), isUpright: false },
    ];
    expect(await readPages(page)).toBe('The tide¹ fell.');
  });

  test('PDF: two columns one after the other, heads across both, notes behind both', async () => {
    const column = (name: string, left: number) =>
      Array.from({ length: 8 }, (_, at) => word(`${name} column line number ${at}`, left, 100 + 12 * at));
    const page = [
      word('A head that stands across both columns of the page', 100, 60),
      ...column('left', 50),
      word('¹A note of the left column', 50, 210, 8),
      ...column('right', 320),
    ];
    const lines = (await readPages(page)).split('\n').filter((text) => text !== '');
    const trimmed = lines.map((text) => text.trim());
    expect(trimmed[0]).toMatch(/^A head/);
    expect(trimmed.slice(1, 9).every((text) => text.startsWith('left'))).toBe(true);
    expect(trimmed.slice(9, 17).every((text) => text.startsWith('right'))).toBe(true);
    expect(trimmed[17]).toMatch(/^¹A note/);
  });

  test('PDF: heads and feet by their height, titles by their size, notes by theirs', async () => {
    const page = (number: number, ...more: PlacedWord[]) => [
      word('THE QUARTERLY', 200, 30, 8),
      ...more,
      ...Array.from({ length: 6 }, (_, at) =>
        word(`page ${number} has a line of text that is number ${at}`, 50, 130 + 12 * at),
      ),
      word('¹A note at the foot of the page', 50, 230, 8),
      word('that goes on below', 50, 240, 8),
      word(`${number}`, 280, 300, 8),
    ];
    const title = [word('The keeper of', 50, 70, 18), word('the gate', 50, 90, 18)];
    const found = await readDocument(bytes('%PDF-1.7'), { openPdf: pdf(page(7, ...title), page(8)) });
    if (!found.ok) throw new Error(found.problem);
    const { text, layout } = found.document;
    const lines = text.split(/[\n\f]/);
    const at = (words: string) => lines.findIndex((line) => line.includes(words));
    const saysOf = (list: Uint8Array | Uint32Array, words: string) => list[at(words)];
    expect([saysOf(layout!.region, 'QUARTERLY'), saysOf(layout!.region, 'has a line')]).toEqual([
      Region.margin,
      Region.text,
    ]);
    expect(layout!.region[lines.findIndex((line) => line.trim() === '8')]).toBe(Region.margin);
    expect([saysOf(layout!.element, 'keeper'), saysOf(layout!.element, 'note at')]).toEqual([
      Element.heading,
      Element.note,
    ]);
    expect(saysOf(layout!.block, 'keeper')).toBe(saysOf(layout!.block, 'the gate'));
    const cleaned = cleanText(clean(text, DEFAULT_STYLE, [], { layout }));
    expect(cleaned).not.toContain('QUARTERLY');
    expect(cleaned.startsWith('The keeper of the gate\n\npage 7 has')).toBe(true);
  });

  test('PDF: signs of East Asian scripts are not spread', async () => {
    expect(await readPages([word('潮', 50, 100), word('の', 63, 100), word('水', 76, 100)])).toBe('潮の水');
  });

  test('pages of pictures say so', async () => {
    expect(await readPages([], [])).toBe('! pictures-only');
    expect(await read(bytes('<html><div class="ocr_page"></div></html>'))).toBe('! pictures-only');
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
