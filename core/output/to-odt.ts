import { escapeXml, toArchive, XML_HEAD } from './archive.ts';
import type { Output } from './open-output.ts';
import { openLists, type ListMarkup } from './open-lists.ts';
import { listMark, type OutputBlock } from './output-blocks.ts';
import { withoutStart, type Run } from './runs.ts';

const TYPE = 'application/vnd.oasis.opendocument.text';
const NAMESPACES = ['office', 'text', 'style', 'table', 'meta', 'manifest']
  .map((name) => `xmlns:${name}="urn:oasis:names:tc:opendocument:xmlns:${name}:1.0"`)
  .concat(
    'xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0"',
    'xmlns:xlink="http://www.w3.org/1999/xlink"',
    'xmlns:dc="http://purl.org/dc/elements/1.1/"',
  )
  .join(' ');

/** The output as an OpenDocument text (ISO 26300), with the styles that word processors have for headings, lists and quotations. */
export function toOdt({ blocks, title, language }: Output): Uint8Array {
  const entry = (path: string, type: string) =>
    `<manifest:file-entry manifest:full-path="${path}" manifest:media-type="${type}"/>`;
  const file = (root: string, body: string) =>
    `${XML_HEAD}<office:${root} ${NAMESPACES} office:version="1.3">${body}</office:${root}>`;
  return toArchive([
    ['mimetype', TYPE, true],
    [
      'META-INF/manifest.xml',
      `${XML_HEAD}<manifest:manifest ${NAMESPACES} manifest:version="1.3">${entry('/', TYPE)}${['content.xml', 'styles.xml', 'meta.xml'].map((path) => entry(path, 'text/xml')).join('')}</manifest:manifest>`,
    ],
    ['meta.xml', file('document-meta', `<office:meta><dc:title>${escapeXml(title)}</dc:title></office:meta>`)],
    ['styles.xml', file('document-styles', `<office:styles>${styles(language)}</office:styles>`)],
    [
      'content.xml',
      file(
        'document-content',
        `<office:automatic-styles>${LOOKS}</office:automatic-styles><office:body><office:text>${bodyOf(blocks)}</office:text></office:body>`,
      ),
    ],
  ]);
}

function bodyOf(blocks: readonly OutputBlock[]): string {
  const parts: string[] = [];
  let rows: string[] = [];
  const lists = openLists(LISTS);
  const endTable = () => {
    if (rows.length > 0) parts.push(tableOf(rows, parts.length));
    rows = [];
  };
  for (const block of blocks) {
    if (block.kind === 'table' && block.text.includes('\t')) {
      parts.push(...lists.end(0));
      rows.push(...block.text.split('\n'));
      continue;
    }
    endTable();
    const mark = listMark(block);
    if (mark) {
      const words = withoutStart(block.runs, block.text.length - mark.words.length);
      parts.push(...lists.add(block.level, mark), paragraph('p', 'List_20_Contents', words));
    } else parts.push(...lists.end(0), ...paragraphsOf(block));
  }
  endTable();
  parts.push(...lists.end(0));
  return parts.join('');
}

/** The style of a list, by the sign behind its numbers. */
const LIST_STYLES = { bullet: 'List', '.': 'Numbers', ')': 'Numbers_20_in_20_brackets' } as const;

const LISTS: ListMarkup = {
  beginList: (kind) => `<text:list text:style-name="${LIST_STYLES[kind]}">`,
  beginItem: (first) => `<text:list-item${first === undefined ? '' : ` text:start-value="${first}"`}>`,
  endItem: '</text:list-item>',
  endList: () => '</text:list>',
};

const STYLE_OF: Readonly<Partial<Record<OutputBlock['kind'], string>>> = {
  quote: 'Quotations',
  verse: 'Quotations',
  code: 'Preformatted_20_Text',
  table: 'Preformatted_20_Text',
};

function paragraphsOf({ kind, level, text, runs }: OutputBlock): string[] {
  if (kind === 'heading') return [paragraph('h', `Heading_20_${level}`, runs, ` text:outline-level="${level}"`)];
  // Words that a person wrote may hold paragraphs of their own.
  const all = text.includes('\n\n') ? text.split(/\n{2,}/).map((part) => [{ text: part }]) : [runs];
  return all.map((part) => paragraph('p', STYLE_OF[kind] ?? 'Text_20_body', part));
}

function paragraph(element: 'p' | 'h', style: string, runs: readonly Run[], more = ''): string {
  return `<text:${element} text:style-name="${style}"${more}>${runs.map(wordsOf).join('')}</text:${element}>`;
}

function wordsOf({ text, isEmphasis, isStrong, isCode, link }: Run): string {
  let words = escapeXml(text)
    .replace(/\n/g, '<text:line-break/>')
    .replace(/\t/g, '<text:tab/>')
    .replace(/ {2,}/g, (spaces) => ` <text:s text:c="${spaces.length - 1}"/>`);
  for (const [has, style] of [
    [isCode, 'Code'],
    [isEmphasis, 'Emphasis'],
    [isStrong, 'Strong'],
  ] as const) {
    if (has) words = `<text:span text:style-name="${style}">${words}</text:span>`;
  }
  return link === undefined ? words : `<text:a xlink:type="simple" xlink:href="${escapeXml(link)}">${words}</text:a>`;
}

function tableOf(lines: readonly string[], number: number): string {
  const rows = lines.map((line) => line.split('\t'));
  const columns = Math.max(...rows.map((row) => row.length));
  const cell = (words: string) =>
    `<table:table-cell>${paragraph('p', 'Text_20_body', [{ text: words.trim() }])}</table:table-cell>`;
  const row = (cells: readonly string[]) =>
    `<table:table-row>${Array.from({ length: columns }, (_, at) => cell(cells[at] ?? '')).join('')}</table:table-row>`;
  return `<table:table table:name="Table${number}"><table:table-column table:number-columns-repeated="${columns}"/>${rows.map(row).join('')}</table:table>`;
}

const LEVELS = 6;
const MONOSPACE = 'style:font-name="Courier New" fo:font-family="Courier New"';
const LOOKS = [
  `<style:style style:name="Emphasis" style:family="text"><style:text-properties fo:font-style="italic"/></style:style>`,
  `<style:style style:name="Strong" style:family="text"><style:text-properties fo:font-weight="bold"/></style:style>`,
  `<style:style style:name="Code" style:family="text"><style:text-properties ${MONOSPACE}/></style:style>`,
  listStyle(LIST_STYLES.bullet, (level) => `<text:list-level-style-bullet text:level="${level}" text:bullet-char="•">`),
  listStyle(LIST_STYLES['.'], (level) => numbersAt(level, '.')),
  listStyle(LIST_STYLES[')'], (level) => numbersAt(level, ')')),
].join('');

function numbersAt(level: number, sign: string): string {
  return `<text:list-level-style-number text:level="${level}" style:num-format="1" style:num-suffix="${sign}">`;
}

function listStyle(name: string, beginLevel: (level: number) => string): string {
  const levels = Array.from({ length: LEVELS }, (_, at) => {
    const begin = beginLevel(at + 1);
    const end = begin.replace(/^<(\S+).*$/, '</$1>');
    return `${begin}<style:list-level-properties text:list-level-position-and-space-mode="label-alignment"><style:list-level-label-alignment text:label-followed-by="listtab" fo:text-indent="-0.5cm" fo:margin-left="${0.7 * (at + 1)}cm"/></style:list-level-properties>${end}`;
  });
  return `<text:list-style style:name="${name}">${levels.join('')}</text:list-style>`;
}

const HEADING_SIZES = [18, 15, 13.5, 12, 11.5, 11];

function styles(language: string): string {
  const style = (name: string, shown: string, paragraphs: string, letters = '', more = '') =>
    `<style:style style:name="${name}" style:display-name="${shown}" style:family="paragraph"${more}><style:paragraph-properties ${paragraphs}/><style:text-properties ${letters}/></style:style>`;
  const headings = HEADING_SIZES.map((size, at) =>
    style(
      `Heading_20_${at + 1}`,
      `Heading ${at + 1}`,
      'fo:margin-top="0.5cm" fo:margin-bottom="0.2cm" fo:keep-with-next="always"',
      `fo:font-size="${size}pt" fo:font-weight="bold"`,
      ` style:default-outline-level="${at + 1}"`,
    ),
  );
  const lang = language === '' ? '' : ` fo:language="${language}"`;
  return `<style:default-style style:family="paragraph"><style:text-properties fo:font-size="11pt"${lang}/></style:default-style>${headings.join('')}${style('Text_20_body', 'Text body', 'fo:margin-bottom="0.25cm"')}${style('List_20_Contents', 'List Contents', 'fo:margin-bottom="0.1cm"')}${style('Quotations', 'Quotations', 'fo:margin-left="1cm" fo:margin-bottom="0.25cm"')}${style('Preformatted_20_Text', 'Preformatted Text', 'fo:margin-bottom="0.25cm"', `${MONOSPACE} fo:font-size="9.5pt"`)}`;
}
