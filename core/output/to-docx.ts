import { escapeXml, toArchive, XML_HEAD } from './archive.ts';
import type { Output } from './open-output.ts';
import { DocxLists } from './docx-lists.ts';
import { listMark, type OutputBlock } from './output-blocks.ts';
import { withoutStart, type Run } from './runs.ts';

const WORDS = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"';
const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const PACKAGE = 'http://schemas.openxmlformats.org/package/2006';
const TYPE = 'application/vnd.openxmlformats-officedocument.wordprocessingml';

/** The output as a WordprocessingML package (ECMA-376), with styles that a word processor knows: headings, lists, quotations. */
export function toDocx({ blocks, language, title }: Output): Uint8Array {
  const links: string[] = [];
  const lists = new DocxLists();
  const body = bodyOf(blocks, links, lists);
  const relation = (id: string, kind: string, target: string, mode = '') =>
    `<Relationship Id="${id}" Type="${RELATIONS}/${kind}" Target="${escapeXml(target)}"${mode}/>`;
  const outside = links.map((link, at) => relation(`link${at + 1}`, 'hyperlink', link, ' TargetMode="External"'));
  return toArchive([
    ['[Content_Types].xml', contentTypes()],
    [
      '_rels/.rels',
      relationships([
        relation('main', 'officeDocument', 'word/document.xml'),
        `<Relationship Id="about" Type="${PACKAGE}/relationships/metadata/core-properties" Target="docProps/core.xml"/>`,
      ]),
    ],
    [
      'docProps/core.xml',
      `${XML_HEAD}<cp:coreProperties xmlns:cp="${PACKAGE}/metadata/core-properties" xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:title>${escapeXml(title)}</dc:title></cp:coreProperties>`,
    ],
    [
      'word/document.xml',
      `${XML_HEAD}<w:document ${WORDS} xmlns:r="${RELATIONS}"><w:body>${body}<w:sectPr/></w:body></w:document>`,
    ],
    ['word/styles.xml', styles(language)],
    ['word/numbering.xml', lists.toXml(WORDS)],
    [
      'word/_rels/document.xml.rels',
      relationships([
        relation('styles', 'styles', 'styles.xml'),
        relation('numbering', 'numbering', 'numbering.xml'),
        ...outside,
      ]),
    ],
  ]);
}

function contentTypes(): string {
  const part = (name: string, type: string) => `<Override PartName="/${name}" ContentType="${type}+xml"/>`;
  return `${XML_HEAD}<Types xmlns="${PACKAGE}/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/>${part('word/document.xml', `${TYPE}.document.main`)}${part('word/styles.xml', `${TYPE}.styles`)}${part('word/numbering.xml', `${TYPE}.numbering`)}${part('docProps/core.xml', 'application/vnd.openxmlformats-package.core-properties')}</Types>`;
}

function relationships(all: readonly string[]): string {
  return `${XML_HEAD}<Relationships xmlns="${PACKAGE}/relationships">${all.join('')}</Relationships>`;
}

function bodyOf(blocks: readonly OutputBlock[], links: string[], lists: DocxLists): string {
  const parts: string[] = [];
  let rows: string[] = [];
  const endTable = () => {
    if (rows.length > 0) parts.push(tableOf(rows));
    rows = [];
  };
  for (const block of blocks) {
    if (block.kind === 'table' && block.text.includes('\t')) rows.push(...block.text.split('\n'));
    else {
      endTable();
      parts.push(...paragraphsOf(block, links, lists));
    }
  }
  endTable();
  return parts.join('');
}

const STYLE_OF: Readonly<Partial<Record<OutputBlock['kind'], string>>> = {
  quote: 'Quote',
  verse: 'Quote',
  caption: 'Caption',
  code: 'PreformattedText',
  table: 'PreformattedText',
};

function paragraphsOf(block: OutputBlock, links: string[], lists: DocxLists): string[] {
  const { kind, level, text, runs } = block;
  if (kind === 'heading') return [paragraph(`<w:pStyle w:val="Heading${level}"/>`, runs, links)];
  const mark = listMark(block);
  if (mark) {
    const list = `<w:pStyle w:val="ListParagraph"/><w:numPr><w:ilvl w:val="${level - 1}"/><w:numId w:val="${lists.idOf(mark, level)}"/></w:numPr>`;
    return [paragraph(list, withoutStart(runs, text.length - mark.words.length), links)];
  }
  const style = STYLE_OF[kind];
  const properties = style === undefined ? '' : `<w:pStyle w:val="${style}"/>`;
  // Words that a person wrote may hold paragraphs of their own.
  const all = text.includes('\n\n') ? text.split(/\n{2,}/).map((part) => [{ text: part }]) : [runs];
  return all.map((part) => paragraph(properties, part, links));
}

function paragraph(properties: string, runs: readonly Run[], links: string[]): string {
  const words = runs.map((run) => linked(run, links)).join('');
  return `<w:p>${properties === '' ? '' : `<w:pPr>${properties}</w:pPr>`}${words}</w:p>`;
}

function linked(run: Run, links: string[]): string {
  const { link } = run;
  if (link === undefined || !/^(?:https?|mailto):/i.test(link)) return wordsOf(run);
  const known = links.indexOf(link);
  const number = known < 0 ? links.push(link) : known + 1;
  return `<w:hyperlink r:id="link${number}">${wordsOf(run, '<w:rStyle w:val="Hyperlink"/>')}</w:hyperlink>`;
}

function wordsOf({ text, isEmphasis, isStrong, isCode }: Run, more = ''): string {
  const look = `${more}${isCode ? '<w:rFonts w:ascii="Courier New" w:hAnsi="Courier New" w:cs="Courier New"/>' : ''}${isStrong ? '<w:b/>' : ''}${isEmphasis ? '<w:i/>' : ''}`;
  const parts = text
    .split(/(\n|\t)/)
    .filter((part) => part !== '')
    .map((part) =>
      part === '\n' ? '<w:br/>' : part === '\t' ? '<w:tab/>' : `<w:t xml:space="preserve">${escapeXml(part)}</w:t>`,
    );
  return `<w:r>${look === '' ? '' : `<w:rPr>${look}</w:rPr>`}${parts.join('')}</w:r>`;
}

/** In twentieths of a point. */
const TABLE_WIDTH = 9000;

function tableOf(lines: readonly string[]): string {
  const rows = lines.map((line) => line.split('\t'));
  const columns = Math.max(...rows.map((row) => row.length));
  // Word fits the columns to their words; other readers pass over those without a width.
  const width = Math.floor(TABLE_WIDTH / columns);
  const cell = (text: string) =>
    `<w:tc><w:tcPr><w:tcW w:w="${width}" w:type="dxa"/></w:tcPr>${paragraph('', [{ text: text.trim() }], [])}</w:tc>`;
  const row = (cells: readonly string[]) =>
    `<w:tr>${Array.from({ length: columns }, (_, at) => cell(cells[at] ?? '')).join('')}</w:tr>`;
  const border = (side: string) => `<w:${side} w:val="single" w:sz="4" w:space="0" w:color="auto"/>`;
  const borders = ['top', 'left', 'bottom', 'right', 'insideH', 'insideV'].map(border).join('');
  return `<w:tbl><w:tblPr><w:tblW w:w="0" w:type="auto"/><w:tblBorders>${borders}</w:tblBorders></w:tblPr><w:tblGrid>${`<w:gridCol w:w="${width}"/>`.repeat(columns)}</w:tblGrid>${rows.map(row).join('')}</w:tbl>`;
}

const HEADING_SIZES = [36, 30, 27, 24, 23, 22];

function styles(language: string): string {
  const style = (id: string, name: string, paragraphs: string, letters = '', kind = 'paragraph') =>
    `<w:style w:type="${kind}" w:styleId="${id}"><w:name w:val="${name}"/>${kind === 'paragraph' ? '<w:basedOn w:val="Normal"/>' : ''}<w:pPr>${paragraphs}</w:pPr><w:rPr>${letters}</w:rPr></w:style>`;
  const headings = HEADING_SIZES.map((size, at) =>
    style(
      `Heading${at + 1}`,
      `heading ${at + 1}`,
      `<w:keepNext/><w:spacing w:before="280" w:after="100"/><w:outlineLvl w:val="${at}"/>`,
      `<w:b/><w:sz w:val="${size}"/>`,
    ),
  );
  const lang = language === '' ? '' : `<w:lang w:val="${language}"/>`;
  return `${XML_HEAD}<w:styles ${WORDS}><w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:ascii="Georgia" w:hAnsi="Georgia" w:cs="Georgia"/><w:sz w:val="22"/>${lang}</w:rPr></w:rPrDefault><w:pPrDefault><w:pPr><w:spacing w:after="140" w:line="276" w:lineRule="auto"/></w:pPr></w:pPrDefault></w:docDefaults><w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/></w:style>${headings.join('')}${style('ListParagraph', 'List Paragraph', '<w:spacing w:after="60"/>')}${style('Quote', 'Quote', '<w:ind w:left="567"/>')}${style('Caption', 'caption', '', '<w:sz w:val="19"/>')}${style('PreformattedText', 'HTML Preformatted', '', '<w:rFonts w:ascii="Courier New" w:hAnsi="Courier New" w:cs="Courier New"/><w:sz w:val="19"/>')}<w:style w:type="character" w:styleId="Hyperlink"><w:name w:val="Hyperlink"/><w:rPr><w:color w:val="0563C1"/><w:u w:val="single"/></w:rPr></w:style></w:styles>`;
}
