import type { Output } from './open-output.ts';
import { listMark, type OutputBlock } from './output-blocks.ts';
import { escapeInline, escapeStarts, toInline } from './markdown-inline.ts';
import { withoutStart } from './runs.ts';
import type { OutputShape } from './shape.ts';
import { ended } from './to-text.ts';
import { wrap } from './wrap.ts';

/**
 * The output as Markdown (CommonMark, with tables as in GitHub's): what would be taken for markup is escaped, so that it reads as the
 * clean text does.
 */
export function toMarkdown({ blocks }: Output, shape: OutputShape): string {
  let text = '';
  let before: OutputBlock | undefined;
  for (let at = 0; at < blocks.length; at++) {
    const block = blocks[at]!;
    if (before) text += isTight(before, block) ? '\n' : '\n\n';
    text += block.kind === 'table' ? toTable(block) : toBlock(block, shape);
    before = block;
  }
  return ended(text, shape);
}

/** Items of one list stand close where they do in the clean text. */
function isTight(before: OutputBlock, { kind, gap }: OutputBlock): boolean {
  return kind === 'list-item' && before.kind === 'list-item' && !gap.includes('\n\n');
}

function toBlock(block: OutputBlock, shape: OutputShape): string {
  const { kind, level, text } = block;
  if (kind === 'code') return fenced(text);
  if (kind === 'section-break') return '---';
  const words = toInline(block.runs);
  if (kind === 'heading')
    return `${'#'.repeat(level)} ${words
      .trim()
      .replace(/\s*\n\s*/g, ' ')
      .replace(/#+$/, '\\$&')}`;
  if (kind === 'list-item') return toItem(block, shape);
  if (kind === 'verse' || kind === 'contents')
    return withIndents(escapeStarts(words)).replace(/(?<!\n)\n(?!\n)/g, '\\\n');
  if (kind === 'quote') return wrap(escapeStarts(words), shape.wrap && shape.wrap - 2).replace(/^/gm, '> ');
  return hardBreaks(wrap(escapeStarts(words.trimStart()), shape.wrap), text);
}

/** Verse keeps its indents, as no-break spaces: Markdown drops blanks where a line begins, or makes code of them. */
function withIndents(words: string): string {
  return words.replace(/^[ \t]+/gm, (blanks) => '\u00a0'.repeat(blanks.length));
}

/** A line end that the clean text has within a paragraph is one in Markdown too; those of wrapping are not. */
function hardBreaks(written: string, text: string): string {
  return text.includes('\n') && !text.includes('\n\n') ? written.replace(/\n/g, '\\\n') : written;
}

function toItem(block: OutputBlock, shape: OutputShape): string {
  const { text, runs, level } = block;
  const mark = listMark(block);
  const words = toInline(withoutStart(runs, mark ? text.length - mark.words.length : 0));
  const indent = '  '.repeat(level - 1);
  const sign = mark?.number ? `${mark.number.value}${mark.number.sign} ` : '- ';
  const lead = indent + ' '.repeat(sign.length);
  const lines = wrap(escapeStarts(words), shape.wrap && Math.max(1, shape.wrap - lead.length));
  return indent + sign + lines.replace(/\n/g, `\n${lead}`);
}

function fenced(text: string): string {
  const longest = Math.max(2, ...[...text.matchAll(/`+/g)].map(([ticks]) => ticks.length));
  const fence = '`'.repeat(longest + 1);
  return `${fence}\n${text}\n${fence}`;
}

/** Rows with tabs become a table; others stay as the lines that they are. */
function toTable({ text }: OutputBlock): string {
  const rows = text.split('\n').map((line) => line.split('\t'));
  const columns = Math.max(...rows.map((row) => row.length));
  if (columns < 2) return fenced(text);
  const line = (cells: readonly string[]) =>
    `| ${Array.from({ length: columns }, (_, at) => escapeInline(cells[at]?.trim() ?? '').replace(/\|/g, '\\|')).join(' | ')} |`;
  const [head, ...others] = rows;
  return [line(head!), `|${' --- |'.repeat(columns)}`, ...others.map(line)].join('\n');
}
