import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import MarkdownIt from 'markdown-it';
import { clean } from '../cleaning/clean.ts';
import { readDocument } from '../formats/registry.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { openOutput } from './open-output.ts';
import { listMark } from './output-blocks.ts';
import { OUTPUTS, writeOutput, type OutputId } from './registry.ts';
import { USUAL_SHAPE } from './shape.ts';

/*
 * What goes out says what the clean text says: read again, by our own readers and by one of CommonMark that is not ours, each format
 * gives the same signs in the same order.
 */

/** Signs that are markup somewhere, at the beginning of lines and within them. */
const sign = fc.constantFrom(
  ...'* ** _ __ ` `` ``` ~~ # ## - -- --- + > < <b> </p> &amp; &#35; & \\ \\* | || [x](y) ![a] [1]: : http://norhithe.example/a_b_c 1. 12) = === ! $ {} § “ ” … é 潮'.split(
    ' ',
  ),
);
const word = fc.constantFrom('oak', 'snake_case', 'a*b', 'Mill', 'end.', 'It', 'x_', '_y', '3', 'ebb,', 'l’eau', '4*5');
const line = fc
  .array(fc.oneof({ weight: 2, arbitrary: word }, sign), { minLength: 1, maxLength: 9 })
  .chain((parts) => fc.constantFrom(' ', ' ', ' ', '', '  ').map((between) => parts.join(between)));
const source = fc
  .array(fc.tuple(line, fc.constantFrom('\n', '\n', '\n\n', '\n\n\n', '\n    ')), { minLength: 1, maxLength: 8 })
  .map((lines) => lines.flat().join(''));
/** Formatted text: the signs of emphasis must not be taken for those of the words. */
const page = fc
  .array(
    fc.tuple(
      fc.constantFrom('p', 'h2', 'li', 'blockquote', 'pre', 'td'),
      fc.array(fc.tuple(fc.constantFrom('', 'b', 'i', 'code', 'a'), word, sign), { minLength: 1, maxLength: 4 }),
    ),
    { minLength: 1, maxLength: 5 },
  )
  .map(
    (blocks) =>
      '<!doctype html>' +
      blocks
        .map(([tag, runs]) => {
          const words = runs.map(([look, text, of]) => {
            const said = `${of} ${text}`.replace(/&/g, '&amp;').replace(/</g, '&lt;');
            return look === '' ? said : `<${look}${look === 'a' ? ' href="/x(1)"' : ''}>${said}</${look}>`;
          });
          return tag === 'td'
            ? `<table><tr><td>${words.join('</td><td>')}</td></tr></table>`
            : `<${tag}>${words.join(' ')}</${tag}>`;
        })
        .join(''),
  );

/** The signs of a text, but white space, and lines that are rules between sections: each format writes these in its own way. */
const signsOf = (text: string) =>
  text
    .split('\n')
    .filter((line) => !/^[\s*#~=_§—–-]*$/.test(line))
    .join('')
    .replace(/\s+/g, '');
/** Without the signs before list items. */
const withoutBullets = (text: string) => text.replace(/^\s*•\s/gm, '');
const expected = (cleaning: Cleaning) =>
  signsOf(
    openOutput(cleaning, USUAL_SHAPE, '')
      .blocks.map((block) => {
        const mark = listMark(block);
        return mark && !mark.number ? mark.words : withoutBullets(block.text);
      })
      .join('\n'),
  );

/** Tags of emphasis say nothing; those that the words hold would be lost if they were read as tags. */
const saidBy = ({ type, content }: { type: string; content: string }) =>
  type === 'html_inline' && /^<\/?(?:em|strong)>$/.test(content) ? '' : content;

function ofMarkdown(text: string): string {
  const lists = new MarkdownIt({ html: true }).parse(text, {});
  return lists
    .map(({ type, children, content, info, markup }) => {
      if (type === 'list_item_open' && info !== '') return `${info}${markup} `;
      if (type === 'inline')
        return (children ?? [])
          .map((part) => (part.type === 'softbreak' || part.type === 'hardbreak' ? '\n' : saidBy(part)))
          .concat('\n')
          .join('');
      return type === 'fence' || type === 'code_block' || type === 'html_block' ? `${content}\n` : '';
    })
    .join('');
}

async function readBack(written: string | Uint8Array, id: OutputId): Promise<string> {
  if (id === 'markdown') return withoutBullets(ofMarkdown(written as string));
  const bytes = typeof written === 'string' ? new TextEncoder().encode(written) : written;
  const read = await readDocument(bytes, { name: `a.${OUTPUTS.find((one) => one.id === id)!.ending}` });
  if (!read.ok) return `! ${read.problem}`;
  return withoutBullets(read.document.text);
}

async function cleanPage(html: string): Promise<Cleaning> {
  const read = await readDocument(new TextEncoder().encode(html), { name: 'a.html' });
  if (!read.ok) throw new Error(read.problem);
  const { text, layout } = read.document;
  return clean(text, DEFAULT_STYLE, [], { layout });
}

async function isReadBack(cleaning: Cleaning, id: OutputId): Promise<void> {
  const signs = expected(cleaning);
  const written = writeOutput(cleaning, id, USUAL_SHAPE);
  if (signs === '') return;
  const found = signsOf(await readBack(written, id));
  const shown = typeof written === 'string' ? written : '';
  expect({ source: cleaning.source, shown, signs: found }).toEqual({ source: cleaning.source, shown, signs });
}

const FORMATS: readonly OutputId[] = ['markdown', 'html', 'docx', 'odt', 'epub'];

test.each(FORMATS)('plain text as %s', async (id) => {
  await fc.assert(
    fc.asyncProperty(source, (text) => isReadBack(clean(text, DEFAULT_STYLE), id)),
    { numRuns: 120 },
  );
});

test.each(FORMATS)('formatted text as %s', async (id) => {
  await fc.assert(
    fc.asyncProperty(page, async (html) => {
      await isReadBack(await cleanPage(html), id);
    }),
    { numRuns: 120 },
  );
});

const NUMBERED = `<!doctype html><ol start="3"><li>gate<ul><li>pins<li>pegs</ul><li>wheel<ol><li>oak<li>elm</ol><li>stone</ol>
<p>What follows was found behind the wall, and counts on from there.</p><ol start="6"><li>rope<li>tar</ol><ol><li>bread</ol>`;

test.each(FORMATS)('numbered lists as %s count on as they did', async (id) => {
  await isReadBack(await cleanPage(NUMBERED), id);
  await isReadBack(clean('1) oil for the lamps\n2) wicks\n\nThen the list stops.\n\n3) a bell\n', DEFAULT_STYLE), id);
});

test('emphasis in Markdown is on the words that have it', async () => {
  await fc.assert(
    fc.asyncProperty(page, async (html) => {
      const cleaning = await cleanPage(html);
      const shown = writeOutput(cleaning, 'markdown', USUAL_SHAPE) as string;
      const { blocks } = openOutput(cleaning, USUAL_SHAPE, '');
      // Signs before items may have a look of their own.
      fc.pre(blocks.every(({ kind }) => kind !== 'list-item'));
      const said = blocks
        .filter(({ kind }) => kind !== 'table' && kind !== 'code')
        .flatMap(({ runs }) => runs.filter((run) => (run.isEmphasis || run.isStrong) && !run.isCode))
        .map(({ text }) => text)
        .join('');
      expect({ shown, said: signsOf(emphasised(shown)) }).toEqual({ shown, said: signsOf(said) });
    }),
    { numRuns: 120 },
  );
});

/** The words within emphasis, told by signs or by tags. */
function emphasised(markdown: string): string {
  let depth = 0;
  const inline = new MarkdownIt({ html: true }).parse(markdown, {}).flatMap(({ children }) => children ?? []);
  return inline
    .map((part) => {
      if (/^(?:em|strong)_open$/.test(part.type) || /^<(?:em|strong)>$/.test(part.content)) depth++;
      else if (/^(?:em|strong)_close$/.test(part.type) || /^<\/(?:em|strong)>$/.test(part.content)) depth--;
      return depth > 0 && part.type === 'text' ? part.content : '';
    })
    .join('');
}
