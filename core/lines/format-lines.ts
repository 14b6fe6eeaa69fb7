import { Element, Region, type Layout } from '../layout/layout.ts';
import { isKept, LineKind } from './line-kind.ts';
import { Flag, type LineTable } from './line-table.ts';

/** What a format says of lines, as far as it fits the lines that were read; undefined where it does not. */
export function layoutFor(layout: Layout | undefined, count: number): Layout | undefined {
  return layout?.element.length === count ? layout : undefined;
}

/** Takes out the heads and feet of pages that the places of lines prove. */
export function dropMargins({ kind, layout }: LineTable): void {
  if (!layout) return;
  for (let line = 0; line < kind.length; line++)
    if (layout.region[line] === Region.margin && isKept(kind[line]!)) kind[line] = LineKind.runningHead;
}

/** A line as long as this that ends a sentence is prose, wherever a page puts it. In characters. */
const LONG = 100;

/**
 * Takes out what the format says stands around the text: menus, heads and feet of a site, boxes beside the text. Running prose
 * there is taken out too, but asked about.
 */
export function dropRegions({ kind, chars, flags, layout, removalDoubts }: LineTable): void {
  if (!layout) return;
  for (let line = 0; line < kind.length; line++) {
    const region = layout.region[line];
    if (region === Region.text || region === Region.margin || !isKept(kind[line]!)) continue;
    kind[line] = LineKind.webLabel;
    if (chars[line]! >= LONG && flags[line]! & Flag.endsStop) removalDoubts.set(line, 'company');
  }
}

const LONGEST_HEADING = 200;

/** The kinds that the format tells: headings, rows of tables, captions. What is code or wrapped prose in a fixed face it cannot tell. */
export function takeElements({ kind, chars, layout }: LineTable): void {
  if (!layout) return;
  for (let line = 0; line < kind.length; line++) {
    if (kind[line] !== LineKind.prose) continue;
    const element = layout.element[line];
    if (element === Element.heading && chars[line]! <= LONGEST_HEADING) kind[line] = LineKind.heading;
    else if (element === Element.row) kind[line] = LineKind.tableRow;
    else if (element === Element.caption) kind[line] = LineKind.figureCaption;
  }
}
