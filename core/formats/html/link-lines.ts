import { Region, type Layout } from '../../layout/layout.ts';
import type { Document } from '../document.ts';

/** A menu has at least so many links in a row, each on a line of its own and no longer than this. */
const FEWEST_LINKS = 3;
const LONGEST_LINK = 60;
const LINKED = 0.9;
/** A line as long as this is one of the text. In characters. */
const LONG = 55;

/**
 * The document with the menus told that no element names: rows of lines that are nothing but links, before the first line of running
 * text or after the last.
 */
export function markMenus(document: Document): Document {
  const { text, layout } = document;
  if (!layout) return document;
  const lines = linesOf(text);
  const isLink = linkedLines(lines, layout);
  const isLong = lines.map(({ from, to }, line) => to - from >= LONG && !isLink[line]);
  const first = isLong.indexOf(true);
  const last = isLong.lastIndexOf(true);
  if (first < 0) return document;
  const region = layout.region.slice();
  for (let from = 0; from < lines.length; from++) {
    let to = from;
    let links = 0;
    while (to < lines.length && (isLink[to] || (links > 0 && isBlank(lines[to]!)))) if (isLink[to++]) links++;
    if (links >= FEWEST_LINKS && (to <= first || from > last)) {
      for (let line = from; line < to; line++) if (region[line] === Region.text) region[line] = Region.navigation;
    }
    from = Math.max(from, to - 1);
  }
  return { ...document, layout: { ...layout, region } };
}

interface Line {
  readonly from: number;
  readonly to: number;
}

function linesOf(text: string): Line[] {
  let from = 0;
  return text.split('\n').map((line) => {
    const at = from;
    from += line.length + 1;
    return { from: at, to: at + line.length };
  });
}

function isBlank({ from, to }: Line): boolean {
  return from === to;
}

/** By line, whether most of it is links. */
function linkedLines(lines: readonly Line[], { ranges }: Layout): boolean[] {
  const links = ranges.filter(({ kind }) => kind === 'link');
  let next = 0;
  return lines.map(({ from, to }) => {
    while (next < links.length && links[next]!.to <= from) next++;
    let linked = 0;
    for (let at = next; at < links.length && links[at]!.from < to; at++)
      linked += Math.min(to, links[at]!.to) - Math.max(from, links[at]!.from);
    return to > from && to - from <= LONGEST_LINK && linked >= LINKED * (to - from);
  });
}
