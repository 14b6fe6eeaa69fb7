import type { Cleaning } from '../cleaning/cleaning.ts';
import { writtenText } from '../cleaning/written-text.ts';
import { markerLength } from '../lines/line-shape.ts';
import type { Block } from '../cleaning/block.ts';

/** The clean text as HTML for the clipboard's rich flavour: headings, paragraphs, list items and lines of verse; no styles. */
export function toHtml(cleaning: Cleaning): string {
  const parts: string[] = [];
  let inList = false;
  for (const block of cleaning.blocks) {
    const item = block.kind === 'list-item' && isUnnumbered(writtenText(cleaning.source, block.pieces));
    if (item !== inList) parts.push(item ? '<ul>' : '</ul>');
    inList = item;
    parts.push(toElement(cleaning.source, block, item));
  }
  if (inList) parts.push('</ul>');
  return parts.join('\n');
}

const BULLET = /^[•‣◦▪▫●○■□*+–-]\s*/;

/** Items with numbers of their own are paragraphs, so that they keep them. */
function isUnnumbered(text: string): boolean {
  return BULLET.test(text) || markerLength(text, 0, text.length) === 0;
}

function toElement(source: string, block: Block, bulleted: boolean): string {
  const text = writtenText(source, block.pieces);
  if (bulleted) return `<li>${escapeHtml(text.replace(BULLET, ''))}</li>`;
  if (block.kind === 'heading') return `<h2>${escapeHtml(text)}</h2>`;
  // Words that a person wrote may hold paragraphs of their own.
  const paragraphs = text.split(/\n{2,}/);
  return paragraphs.map((paragraph) => `<p>${escapeHtml(paragraph).replace(/\n/g, '<br>')}</p>`).join('\n');
}

const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

export function escapeHtml(text: string): string {
  return text.replace(/[&<>"]/g, (sign) => ENTITIES[sign]!);
}
