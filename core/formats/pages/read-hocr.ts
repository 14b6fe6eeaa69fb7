import type { Document } from '../document.ts';
import { UnreadableError } from '../document.ts';
import { walkXml } from '../xml.ts';
import { joinDropCaps } from './drop-caps.ts';
import type { PageLines, PlacedLine } from './placed-line.ts';
import { writePages } from './write-pages.ts';

/** Reads hOCR 1.2: the lines of each page with their places, in the order of the file. Throws UnreadableError. */
export function readHocr(source: string): Document {
  const pages: PageLines[] = [];
  let lines: PlacedLine[] = [];
  let line: { words: string[]; left: number; right: number; bottom: number; size: number } | undefined;
  const open: string[] = [];
  const endLine = () => {
    const text = line?.words.join('').replace(/\s+/g, ' ').trim() ?? '';
    if (line && text !== '')
      lines.push({ text, left: line.left, right: line.right, baseline: line.bottom, size: line.size });
    line = undefined;
  };
  walkXml(source, {
    open: (name, attributes) => {
      const kind = attributes['class'] ?? '';
      const title = attributes['title'] ?? '';
      const isPage = /\bocr_page\b/.test(kind);
      const isLine = LINE.test(kind);
      open.push(isPage ? 'page' : isLine ? 'line' : name === 'head' ? 'head' : '');
      if (isPage) lines = [];
      if (!isLine) return;
      const box = numbersBehind(title, 'bbox');
      const [left = 0, top = 0, right = 0, bottom = 0] = box;
      const [slope = 0, offset = 0] = numbersBehind(title, 'baseline');
      const size = numbersBehind(title, 'x_size')[0] ?? (bottom - top) / 1.2;
      line = {
        words: [],
        left,
        right,
        bottom: bottom + offset + (slope * (right - left)) / 2,
        size: size || bottom - top,
      };
    },
    text: (text) => {
      if (line) line.words.push(text);
    },
    close: () => {
      const was = open.pop();
      if (was === 'line') endLine();
      else if (was === 'page') pages.push({ lines: evenSizes(joinDropCaps(lines)) });
    },
  });
  if (!pages.some((page) => page.lines.length > 0)) throw new UnreadableError('pictures-only');
  return writePages(pages);
}

const LINE = /\bocr_(?:line|header|caption|textfloat)\b|\bocrx_line\b/;

function numbersBehind(title: string, key: string): number[] {
  const [, numbers] = new RegExp(`(?:^|;)\\s*${key}\\s+([-\\d. ]+)`).exec(title) ?? [];
  return numbers?.trim().split(/\s+/).map(Number) ?? [];
}

/** What OCR measures as the size of a line swings with its letters: lines near the usual size have it. */
export function evenSizes(lines: readonly PlacedLine[]): PlacedLine[] {
  const middle = lines.map(({ size }) => size).sort((a, b) => a - b)[lines.length >> 1] ?? 0;
  return lines.map((line) => (line.size > 0.7 * middle && line.size < 1.4 * middle ? { ...line, size: middle } : line));
}
