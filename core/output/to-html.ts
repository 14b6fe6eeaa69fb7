import type { Output } from './open-output.ts';
import { openLists, type ListMarkup } from './open-lists.ts';
import { listMark, type OutputBlock } from './output-blocks.ts';
import { withoutStart, type Run } from './runs.ts';

const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

export function escapeHtml(text: string): string {
  return text.replace(/[&<>"]/g, (sign) => ENTITIES[sign]!);
}

/** The output as the body of a page, without styles: what the clipboard's rich flavour holds, and what e-books are made of. */
export function toHtml({ blocks }: Pick<Output, 'blocks'>): string {
  const parts: string[] = [];
  const lists = openLists(LISTS);
  let rows: OutputBlock[] = [];
  const endTable = () => {
    if (rows.length > 0) parts.push(toTable(rows));
    rows = [];
  };
  for (const block of blocks) {
    if (block.kind === 'table') {
      parts.push(...lists.end(0));
      rows.push(block);
      continue;
    }
    endTable();
    const mark = listMark(block);
    // HTML has no "1)" without a style sheet.
    if (mark && mark.number?.sign !== ')') {
      const pieces = lists.add(block.level, mark);
      const words = toInline(withoutStart(block.runs, block.text.length - mark.words.length));
      parts.push(...pieces.slice(0, -1), pieces.at(-1)! + words);
    } else parts.push(...lists.end(0), toElement(block));
  }
  endTable();
  parts.push(...lists.end(0));
  return parts.join('\n').replace(/\n<\/li>/g, '</li>');
}

const LISTS: ListMarkup = {
  beginList: (kind, first) => {
    if (kind === 'bullet') return '<ul>';
    return first === 1 ? '<ol>' : `<ol start="${first}">`;
  },
  beginItem: () => '<li>',
  endItem: '</li>',
  endList: (kind) => (kind === 'bullet' ? '</ul>' : '</ol>'),
};

/** The output as a whole page. */
export function toHtmlPage(output: Output): string {
  const { title, language } = output;
  const lang = language === '' ? '' : ` lang="${escapeHtml(language)}"`;
  return `<!doctype html>\n<html${lang}>\n<head>\n<meta charset="utf-8">\n<title>${escapeHtml(title)}</title>\n</head>\n<body>\n${toHtml(output)}\n</body>\n</html>`;
}

function toElement({ kind, level, text, runs }: OutputBlock): string {
  if (kind === 'heading') return `<h${level}>${toInline(runs)}</h${level}>`;
  if (kind === 'code') return `<pre>${escapeHtml(text)}</pre>`;
  // Words that a person wrote may hold paragraphs of their own.
  const paragraphs = text.includes('\n\n') ? text.split(/\n{2,}/).map((part) => [{ text: part }]) : [runs];
  const elements = paragraphs.map((part) => `<p>${toInline(part)}</p>`).join('\n');
  return kind === 'quote' ? `<blockquote>\n${elements}\n</blockquote>` : elements;
}

function toInline(runs: readonly Run[]): string {
  return runs
    .map(({ text, isEmphasis, isStrong, isCode, link }) => {
      let html = escapeHtml(text).replace(/\n/g, '<br>');
      if (isCode) html = `<code>${html}</code>`;
      if (isEmphasis) html = `<em>${html}</em>`;
      if (isStrong) html = `<strong>${html}</strong>`;
      return link === undefined ? html : `<a href="${escapeHtml(link)}">${html}</a>`;
    })
    .join('');
}

function toTable(rows: readonly OutputBlock[]): string {
  const lines = rows.flatMap(({ text }) => text.split('\n'));
  if (!lines.some((line) => line.includes('\t'))) return `<pre>${escapeHtml(lines.join('\n'))}</pre>`;
  const cells = (line: string) => line.split('\t').map((cell) => `<td>${escapeHtml(cell.trim())}</td>`);
  return `<table>\n${lines.map((line) => `<tr>${cells(line).join('')}</tr>`).join('\n')}\n</table>`;
}
