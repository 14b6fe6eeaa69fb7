import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import type { Choice } from '../choices/choice.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { cleanText } from '../cleaning/output.ts';
import { readDocument } from '../formats/registry.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { OUTPUTS, writeOutput, type OutputId } from './registry.ts';
import { toHtml } from './to-html.ts';
import { openOutput } from './open-output.ts';
import { toShape, USUAL_SHAPE, type OutputShape } from './shape.ts';
import { widthOf, wrap } from './wrap.ts';

const write = (source: string, id: OutputId, shape: Partial<OutputShape> = {}, choices: readonly Choice[] = []) =>
  writeOutput(clean(source, DEFAULT_STYLE, choices), id, { ...USUAL_SHAPE, ...shape }) as string;

const htmlOf = (cleaning: Cleaning) => toHtml(openOutput(cleaning, USUAL_SHAPE, ''));

const samples = readdirSync('samples/texts').map(
  (name) => [name, readFileSync(`samples/texts/${name}`, 'utf8')] as const,
);

const PROSE =
  'The creek fills the pond behind the wall, and the miller lets it out again through a gate < 3 feet wide.';

/** A page with headings, emphasis, links, lists and a table. */
const PAGE = `<!doctype html><title>Mills</title><h1>The mills</h1><p>It is <b>oak</b>, of <i>Norhithe <a href="https://norhithe.example/oak">yard</a></i>.</p>
<h2>Parts</h2><ul><li>gate<ul><li>pins</li></ul></li><li>wheel</li></ul><blockquote><p>${PROSE}</p></blockquote>
<table><tr><th>High<th>Low</tr><tr><td>6:12<td>12:40</tr></table><h2>End</h2><p>${PROSE}</p>`;

async function ofPage(id: OutputId, shape: Partial<OutputShape> = {}): Promise<string | Uint8Array> {
  const read = await readDocument(new TextEncoder().encode(PAGE), { name: 'mills.html' });
  if (!read.ok) throw new Error(read.problem);
  const { text, layout } = read.document;
  return writeOutput(clean(text, DEFAULT_STYLE, [], { layout }), id, { ...USUAL_SHAPE, ...shape }, 'The mills');
}

describe('plain text', () => {
  test.each(samples)('in the usual shape is the clean text: %s', (_name, source) => {
    expect(write(source, 'text')).toBe(cleanText(clean(source, DEFAULT_STYLE)));
  });

  const TWO = `${PROSE}\n\n${PROSE}\n`;
  test.each<[string, Partial<OutputShape>, string]>([
    ['paragraphs a line each', { apart: 'line' }, `${PROSE}\n${PROSE}`],
    ['paragraphs told by an indent', { apart: 'indent' }, `${PROSE}\n    ${PROSE}`],
    ['line ends of another kind', { lineEnds: 'crlf', endsLastLine: true }, `${PROSE}\r\n\r\n${PROSE}\r\n`],
    ['a last line that ends', { endsLastLine: true }, `${PROSE}\n\n${PROSE}\n`],
  ])('%s', (_name, shape, text) => {
    expect(write(TWO, 'text', shape)).toBe(text);
  });

  test('spaces between sentences, and quotation marks', () => {
    const source = 'He asked Mr. Pell. "Is it in?" The tide was. It stood at 3. Then it fell.';
    expect(write(source, 'text', { sentenceGap: 'two' })).toBe(
      'He asked Mr. Pell.  "Is it in?"  The tide was.  It stood at 3.  Then it fell.',
    );
    expect(write(source, 'text', { quotes: 'curly' })).toContain('“Is it in?”');
    expect(write('“It’s in.”', 'text', { quotes: 'straight' })).toBe('"It\'s in."');
  });

  test('wrapped, no line is wider than asked, and no word is lost', () => {
    for (const [, source] of samples) {
      const usual = write(source, 'text');
      const wrapped = write(source, 'text', { wrap: 60 });
      expect(wrapped.split(/\s+/)).toEqual(usual.split(/\s+/));
      const wide = wrapped.split('\n').filter((line) => widthOf(line) > 60 && line.trim().includes(' '));
      // Lines that are meant to be lines are not broken.
      for (const line of wide) expect(usual.split('\n')).toContain(line);
    }
  });
});

test.each([
  ['words', 'aa bb cc', 5, 'aa bb\ncc'],
  ['a word that is too long', 'aaaaaaaa bb', 5, 'aaaaaaaa\nbb'],
  ['East Asian signs, two columns each', '潮の水車は忍耐だけを', 8, '潮の水車\nは忍耐だ\nけを'],
  ['no line begins with a stop', '潮の水。車', 6, '潮の\n水。車'],
  ['lines that are there', 'aa\nbb', 20, 'aa\nbb'],
])('wraps %s', (_name, text, columns, wrapped) => {
  expect(wrap(text, columns)).toBe(wrapped);
});

describe('Markdown', () => {
  test('headings, emphasis, links, lists, quotations, tables', async () => {
    expect(await ofPage('markdown')).toBe(
      [
        '# The mills',
        'It is **oak**, of *Norhithe* [*yard*](https://norhithe.example/oak).',
        '## Parts',
        '- gate',
        '  - pins',
        '- wheel',
        `> ${PROSE}`,
        '| High | Low |\n| --- | --- |\n| 6:12 | 12:40 |',
        '## End',
        PROSE,
      ].join('\n\n'),
    );
  });

  test('what the shape does not keep is plain', async () => {
    const plain = (await ofPage('markdown', {
      keepsEmphasis: false,
      keepsLinks: false,
      keepsHeadings: false,
      keepsLists: false,
    })) as string;
    expect(plain).toContain('It is oak, of Norhithe yard.');
    expect(plain.startsWith('The mills\n\n')).toBe(true);
    expect(plain).toContain('\n\n• gate');
  });

  test.each([
    [
      'signs of emphasis',
      'He wrote *never* and snake_case and a_b_ c.',
      'He wrote \\*never\\* and snake_case and a_b\\_ c.',
    ],
    ['a figure that would begin a list', `1921. ${PROSE}`, `1921\\. ${PROSE}`],
    ['tags and references', 'Write <b> and &amp; and [1](2).', 'Write \\<b> and \\&amp; and \\[1\\](2).'],
    ['a lone star', 'Two * three is six.', 'Two * three is six.'],
  ])('escapes %s', (_name, source, markdown) => {
    const style = { ...DEFAULT_STYLE, passes: { 'stray-tags': false, entities: false, 'reference-marks': false } };
    expect(writeOutput(clean(source, style), 'markdown', USUAL_SHAPE)).toBe(markdown);
  });
});

describe('HTML', () => {
  test('HTML: headings, paragraphs, lists and verse, with signs escaped', () => {
    const html = htmlOf(clean(`CHAPTER IV\n\n${PROSE}\n\n• flour & tallow\n• teeth\n\n${PROSE}\n`, DEFAULT_STYLE));
    const paragraph = `<p>${PROSE.replace('<', '&lt;')}</p>`;
    expect(html).toBe(
      `<h2>CHAPTER IV</h2>\n${paragraph}\n<ul>\n<li>flour &amp; tallow</li>\n<li>teeth</li>\n</ul>\n${paragraph}`,
    );
  });

  test('HTML: entries told by their form are a list, numbered where they are, but for numbers that HTML cannot write', () => {
    const times = '9:15 | Where the water goes, and why it comes back again at all | saltfern.example/s1';
    const entries = [times, times.replace('9:15', '9:40'), times.replace('9:15', '10:05')];
    expect(htmlOf(clean(entries.join('\n'), DEFAULT_STYLE))).toBe(
      `<ul>\n${entries.map((entry) => `<li>${entry}</li>`).join('\n')}\n</ul>`,
    );
    expect(htmlOf(clean('3. oil for the lamps\n4. wicks\n', DEFAULT_STYLE))).toBe(
      '<ol start="3">\n<li>oil for the lamps</li>\n<li>wicks</li>\n</ol>',
    );
    expect(htmlOf(clean('1) oil for the lamps\n2) wicks\n', DEFAULT_STYLE))).toBe(
      '<p>1) oil for the lamps</p>\n<p>2) wicks</p>',
    );
  });

  test('emphasis, links, lists in lists, tables', async () => {
    const html = (await ofPage('html')) as string;
    expect(html).toContain('<title>The mills</title>');
    expect(html).toContain('<h1>The mills</h1>');
    expect(html).toContain(
      'It is <strong>oak</strong>, of <em>Norhithe </em><a href="https://norhithe.example/oak"><em>yard</em></a>.',
    );
    expect(html.replace(/\n/g, '')).toContain('<ul><li>gate<ul><li>pins</li></ul></li><li>wheel</li></ul>');
    expect(html).toContain('<tr><td>6:12</td><td>12:40</td></tr>');
  });
});

describe('files that go out come in again', () => {
  const words = (text: string) =>
    text
      .replace(/^\s*[•-]\s*/gm, '')
      .split(/\s+/)
      .filter((word) => word !== '');

  test.each(['docx', 'odt', 'epub', 'html'] as const)('%s: with their words, headings and lists', async (id) => {
    const bytes = await ofPage(id);
    const file = typeof bytes === 'string' ? new TextEncoder().encode(bytes) : bytes;
    const read = await readDocument(file, { name: `mills.${id}` });
    if (!read.ok) throw new Error(read.problem);
    expect(read.format).toBe(id);
    const again = clean(read.document.text, DEFAULT_STYLE, [], { layout: read.document.layout });
    expect(words(cleanText(again))).toEqual(words((await ofPage('text')) as string));
    expect(again.blocks.filter(({ kind }) => kind === 'heading')).toHaveLength(3);
    expect(again.blocks.filter(({ kind }) => kind === 'list-item')).toHaveLength(3);
    expect(read.document.title).toBe(id === 'odt' ? undefined : 'The mills');
  });

  test.each(samples)('with every word and paragraph: %s', async (_name, source) => {
    const cleaning = clean(source, DEFAULT_STYLE);
    for (const { id } of OUTPUTS) {
      if (id === 'text' || id === 'markdown') continue;
      const written = writeOutput(cleaning, id, USUAL_SHAPE, 'A piece');
      const file = typeof written === 'string' ? new TextEncoder().encode(written) : written;
      const read = await readDocument(file, { name: `a.${id}` });
      if (!read.ok) throw new Error(read.problem);
      expect(words(read.document.text)).toEqual(words(cleanText(cleaning)));
    }
  });

  test('signs that XML cannot hold are no harm', async () => {
    const written = writeOutput(
      clean('A \u0001 < & \ud800 B', { ...DEFAULT_STYLE, passes: { invisible: false } }),
      'docx',
      USUAL_SHAPE,
    );
    const read = await readDocument(written as Uint8Array, { name: 'a.docx' });
    expect(read.ok && read.document.text.trim()).toMatch(/^A\s+< & \ufffd B$/);
  });
});

describe('a shape out of stored data', () => {
  test('is as usual where the data is not as it should be', () => {
    expect(toShape(undefined)).toEqual(USUAL_SHAPE);
    expect(toShape('x')).toEqual(USUAL_SHAPE);
    expect(toShape({ apart: 'sideways', wrap: '72', keepsLinks: 'no', other: 1 })).toEqual(USUAL_SHAPE);
    expect(toShape({ apart: 'indent', wrap: 72.4, keepsLinks: false })).toEqual({
      ...USUAL_SHAPE,
      apart: 'indent',
      wrap: 72,
      keepsLinks: false,
    });
    expect([toShape({ wrap: 3 }).wrap, toShape({ wrap: 1e9 }).wrap, toShape({ wrap: NaN }).wrap]).toEqual([20, 400, 0]);
  });
});
