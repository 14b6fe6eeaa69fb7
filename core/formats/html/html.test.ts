import { describe, expect, test } from '@jest/globals';
import { clean } from '../../cleaning/clean.ts';
import { cleanText } from '../../cleaning/output.ts';
import { Region } from '../../layout/layout.ts';
import { DEFAULT_STYLE } from '../../style/style.ts';
import { readDocument } from '../registry.ts';
import { bytes, read } from '../small-files.ts';

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
    [
      'the mark of a note, and no way back',
      '<p>The mill<a epub:type="noteref" href="#n">1</a>.</p><p>1. It fell. <a role="doc-backlink" href="#m">↩</a></p>',
      'The mill¹.\n\n1. It fell.',
    ],
    [
      'notes and feet of pages as a word processor writes them',
      '<div id="sdfootnote1"><p><a class="sdfootnotesym" href="#m">1</a>It fell.</p></div>',
      '1 It fell.',
    ],
    ['quotations get marks', '<p>He said <q>not <q>now</q></q>.</p>', 'He said “not ‘now’”.'],
    ['emoji that are pictures', '<p>Done <img alt="✅"> today <img alt="A lock">.</p>', 'Done ✅ today .'],
    ['a sign that leads back', '<p>1. It fell. <a href="#m">↩︎</a> <a href="#up">↑</a></p>', '1. It fell.'],
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

  test.each([
    ['a heading with its own address', (id: string, words: string) => `<h2 id="${id}">${words}</h2>`],
    ['an anchor in a heading', (id: string, words: string) => `<h2><span id="${id}">${words}</span></h2>`],
    ['a part named after its heading', (id: string, words: string) => `<section id="${id}"><h2>2.3. ${words}</h2>`],
    ['a box with an anchor', (id: string, words: string) => `<div><a id="${id}"></a><h2>${words}</h2></div>`],
  ])('a title that sounds like what stands around texts is one of the text: %s', async (_name, head) => {
    for (const words of [
      'Copyright considerations',
      'Social history',
      'Related work',
      'Menu of the day',
      'Navigation',
    ]) {
      for (const joint of ['-', '_']) {
        const body = `${head(words.toLowerCase().replaceAll(' ', joint), words)}<p>Every keeper had a say in it.</p></section>`;
        const found = await readDocument(bytes(`<!doctype html><p>Before it.</p>${body}`));
        if (!found.ok) throw new Error(found.problem);
        expect(found.document.text).toContain(words);
        expect(found.document.layout!.region.every((region) => region === Region.text)).toBe(true);
      }
    }
  });

  test('a menu without links is one of an inn, and the head of a page with the title is of the text', async () => {
    for (const part of [
      '<div class="menu"><h3>Mains</h3><p>Turbot in butter</p></div>',
      '<div class="page-header"><h1>Turbot in butter</h1></div>',
    ]) {
      const found = await readDocument(bytes(`<!doctype html>${part}<p>It was good.</p>`));
      if (!found.ok) throw new Error(found.problem);
      const { text, layout } = found.document;
      expect(layout!.region[text.split('\n').indexOf('Turbot in butter')]).toBe(Region.text);
    }
  });

  test('a part whose id is no heading’s is what its makers call it', async () => {
    for (const id of ['site-footer', 'main-nav', 'sidebar', 'related-stories']) {
      const found = await readDocument(
        bytes(`<!doctype html><p>It fell.</p><div id="${id}"><h3>More</h3><a href="#">Tides</a></div>`),
      );
      if (!found.ok) throw new Error(found.problem);
      const { text, layout } = found.document;
      expect(layout!.region[text.split('\n').indexOf('Tides')]).not.toBe(Region.text);
    }
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

  test('wrapped lines that were made paragraphs are joined, be they few', async () => {
    const found = await readDocument(
      bytes(
        '<p>The creek fills the pond behind the wall twice</p><p>a day, and the miller lets it out again through a</p><p>gate no wider than a cart.</p>',
      ),
      { name: 'clipboard.html' },
    );
    if (!found.ok) throw new Error(found.problem);
    const { text, layout } = found.document;
    expect(cleanText(clean(text, DEFAULT_STYLE, [], { layout }))).toBe(
      'The creek fills the pond behind the wall twice a day, and the miller lets it out again through a gate no wider than a cart.',
    );
  });

  test('a caption of a table is no row of it', async () => {
    const { text } = await html('<table><caption>June</caption><tr><td>1<td>6:12</tr><tr><td>2<td>7:01</tr></table>');
    expect(text).toBe('June\n1\t6:12\n2\t7:01');
  });
});
