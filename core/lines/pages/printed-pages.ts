import { textAt, type KeptLines } from '../kept-lines.ts';
import type { LineTable } from '../line-table.ts';

/*
 * What browsers print at the edges of pages: the address and "2/3" at the foot, the moment of printing and the title at the head; or the
 * title and the address at the head, and "2 of 3" and the moment at the foot.
 */

const MOMENT = String.raw`\d{1,4}[/.-]\d{1,2}[/.-]\d{2,4},? \d{1,2}:\d\d(?::\d\d)?(?: ?[AP]M)?`;
const ADDRESS = String.raw`(?:https?|file):\/\/\S+`;
const FOOT = new RegExp(
  String.raw`^(?:${ADDRESS}\s+(?<page>\d{1,3})\/(?<pages>\d{1,3})|(?<pageOf>\d{1,3}) of (?<of>\d{1,3})\s{2,}${MOMENT})$`,
);
const HEAD = new RegExp(String.raw`^(?:${MOMENT}\s{2,}\S.*|\S.*\s{2,}${ADDRESS})$`);

/** The places of such lines: feet wherever they are, heads right below them and at the top of the text. Linear. */
export function printedEdges(source: string, table: LineTable, kept: KeptLines): number[] {
  const edges: number[] = [];
  for (let place = 0; place < kept.lines.length; place++)
    if (mayEndFoot(source, table, kept, place) && isFoot(textAt(source, table, kept, place))) edges.push(place);
  if (edges.length === 0) return edges;
  const heads = [0, ...edges.map((place) => place + 1)].filter((place) =>
    HEAD.test(textAt(source, table, kept, place)),
  );
  return [...new Set([...edges, ...heads])];
}

/** Cheap refusal: lines of prose hardly end in a figure, or the "M" of "PM". */
function mayEndFoot(source: string, { to }: LineTable, { lines }: KeptLines, place: number): boolean {
  const code = source.charCodeAt(to[lines[place]!]! - 1);
  return (code >= 0x30 && code <= 0x39) || code === 0x4d;
}

function isFoot(text: string): boolean {
  const found = FOOT.exec(text)?.groups;
  if (!found) return false;
  const [page, pages] = [found['page'] ?? found['pageOf'], found['pages'] ?? found['of']].map(Number);
  return page! > 0 && page! <= pages!;
}
