import type { Document } from '../document.ts';
import { UnreadableError } from '../document.ts';
import { walkXml, type XmlAttributes } from '../xml.ts';
import { joinDropCaps } from './drop-caps.ts';
import type { PageLines, PlacedLine } from './placed-line.ts';
import { evenSizes } from './read-hocr.ts';
import { writePages } from './write-pages.ts';

/** Reads ALTO XML (versions 2 to 4): the lines of each page with their places, in the order of the file. Throws UnreadableError. */
export function readAlto(source: string): Document {
  const pages: PageLines[] = [];
  let lines: PlacedLine[] = [];
  let line: { text: string; left: number; right: number; bottom: number; size: number } | undefined;
  walkXml(source, {
    open: (name, attributes) => {
      if (name === 'Page') lines = [];
      else if (name === 'TextLine') {
        const left = number(attributes, 'HPOS');
        const height = number(attributes, 'HEIGHT');
        const bottom = number(attributes, 'BASELINE') || number(attributes, 'VPOS') + height;
        line = { text: '', left, right: left + number(attributes, 'WIDTH'), bottom, size: height };
      } else if (!line) return;
      else if (name === 'String') line.text += attributes['CONTENT'] ?? '';
      else if (name === 'SP') line.text += ' ';
      else if (name === 'HYP') line.text += attributes['CONTENT'] ?? '-';
    },
    close: (name) => {
      if (name === 'TextLine' && line) {
        const text = line.text.trim();
        if (text !== '')
          lines.push({ text, left: line.left, right: line.right, baseline: line.bottom, size: line.size });
        line = undefined;
      } else if (name === 'Page') pages.push({ lines: evenSizes(joinDropCaps(lines)) });
    },
  });
  if (!pages.some((page) => page.lines.length > 0)) throw new UnreadableError('pictures-only');
  return writePages(pages);
}

function number(attributes: XmlAttributes, name: string): number {
  return Number.parseFloat(attributes[name] ?? '') || 0;
}
