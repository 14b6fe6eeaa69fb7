import { textAt, type KeptLines } from '../kept-lines.ts';
import type { LineTable } from '../line-table.ts';

/*
 * What browsers print at the edges of pages: the address and "2/3" at the foot, the moment of printing and the title at the head; or the
 * title and the address at the head, and "2 of 3" and the moment at the foot.
 */

const MOMENT = String.raw`\d{1,4}[/.-]\d{1,2}[/.-]\d{2,4},? \d{1,2}:\d\d(?::\d\d)?(?: ?[AP]M)?`;
const ADDRESS = String.raw`(?:https?|file):\/\/\S+`;
const FOOT = new RegExp(
  String.raw`^(?:(?<address>${ADDRESS})(?<room>\s+)(?<page>\d{1,3})\/(?<pages>\d{1,3})|(?<pageOf>\d{1,3}) of (?<of>\d{1,3})\s{2,}${MOMENT})$`,
);
const HEAD = new RegExp(String.raw`^(?:${MOMENT}\s{2,}\S.*|\S.*\s{2,}${ADDRESS})$`);

/** The places of such lines: feet wherever they are, heads right below them and at the top of the text. Linear. */
export function printedEdges(source: string, table: LineTable, kept: KeptLines): number[] {
  const edges: number[] = [];
  const close = new Map<string, number[]>();
  for (let place = 0; place < kept.lines.length; place++) {
    const foot = mayEndFoot(source, table, kept, place) ? readFoot(textAt(source, table, kept, place)) : undefined;
    if (!foot) continue;
    const places = foot.isApart ? edges : (close.get(foot.address) ?? []);
    places.push(place);
    if (!foot.isApart) close.set(foot.address, places);
  }
  // Parts of a series may be listed as "address 2/3"; all pages of a print have one address.
  for (const places of close.values()) if (places.length > 1) edges.push(...places);
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

/** The address in a foot, and whether its number stands apart from it; undefined where a line is none. */
function readFoot(text: string): { readonly address: string; readonly isApart: boolean } | undefined {
  const found = FOOT.exec(text)?.groups;
  if (!found) return undefined;
  const [page, pages] = [found['page'] ?? found['pageOf'], found['pages'] ?? found['of']].map(Number);
  if (page! === 0 || page! > pages!) return undefined;
  return { address: found['address'] ?? '', isApart: found['room'] !== ' ' };
}
