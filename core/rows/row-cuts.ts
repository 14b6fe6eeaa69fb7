import type { BlockKind } from '../blocks/block-kind.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import type { Piece } from '../edits/piece.ts';
import { isDropped } from '../lines/line-kind.ts';
import { RowKind } from './row-kind.ts';

const KIND_OF_BLOCK: Readonly<Record<BlockKind, number>> = {
  paragraph: RowKind.paragraph,
  heading: RowKind.heading,
  'list-item': RowKind.listItem,
  verse: RowKind.verse,
  footnote: RowKind.footnote,
  quote: RowKind.quote,
  table: RowKind.table,
  code: RowKind.code,
  contents: RowKind.contents,
  caption: RowKind.caption,
  'section-break': RowKind.sectionBreak,
};

const MOST_LINES = 40;
const MOST_UNITS = 3000;

/** Where a row begins. */
export interface Cut {
  readonly at: number;
  readonly kind: number;
  readonly goesOn: boolean;
}

/**
 * Where the rows of the blocks [first, end) begin, those of lines that left before each of them included, and behind the last block
 * those of the tail: at line starts, or after a space inside a very long line; never inside a replaced piece.
 */
export function findCuts(cleaning: Cleaning, first = 0, end = cleaning.blocks.length): Cut[] {
  const { source, table, blocks, decided } = cleaning;
  const { index } = table;
  const cuts: Cut[] = [];
  const push = (at: number, kind: number, goesOn = false) => {
    if (cuts.length === 0 || cuts.at(-1)!.at < at) cuts.push({ at: cuts.length + first === 0 ? 0 : at, kind, goesOn });
  };
  let nextLine = lineAfter(cleaning, first - 1);
  for (let place = first; place < end; place++) {
    const block = blocks[place]!;
    const firstLine = decided.seams.line[block.firstKept]!;
    const lastLine = decided.seams.line[block.lastKept]!;
    if (hasDropped(cleaning, nextLine, firstLine)) push(index.from[nextLine]!, RowKind.dropped);
    const kind = KIND_OF_BLOCK[block.kind];
    push(index.from[firstLine]!, kind);
    for (const at of innerCuts(block.pieces, source, lineStarts(cleaning, firstLine, lastLine))) push(at, kind, true);
    nextLine = lineAfter(cleaning, place);
  }
  if (end < blocks.length) return cuts;
  if (nextLine < index.count && hasDropped(cleaning, nextLine, index.count))
    push(index.from[nextLine]!, RowKind.dropped);
  if (cuts.length === 0 && source.length > 0) push(0, RowKind.blank);
  return cuts;
}

/** Where the first row of a block begins, that of lines that left before it included; the source's end behind the last block. */
export function firstCutOf(cleaning: Cleaning, place: number): number {
  const { blocks, decided, table, source } = cleaning;
  if (place >= blocks.length) return source.length;
  if (place === 0) return 0;
  const line = lineAfter(cleaning, place - 1);
  const firstLine = decided.seams.line[blocks[place]!.firstKept]!;
  return table.index.from[hasDropped(cleaning, line, firstLine) ? line : firstLine]!;
}

/** The first line behind a block that is not blank; the first of all for -1. */
function lineAfter({ table, blocks, decided }: Cleaning, place: number): number {
  if (place < 0) return 0;
  let line = decided.seams.line[blocks[place]!.lastKept]! + 1;
  while (line < table.index.count && table.from[line] === table.to[line]) line++;
  return line;
}

function hasDropped({ table }: Cleaning, from: number, to: number): boolean {
  for (let line = from; line < to; line++) if (isDropped(table.kind[line]!)) return true;
  return false;
}

/** Every forty lines of a block, a place to cut. */
function lineStarts({ table }: Cleaning, first: number, last: number): number[] {
  const starts: number[] = [];
  for (let line = first + MOST_LINES; line <= last; line += MOST_LINES) starts.push(table.index.from[line]!);
  return starts;
}

/**
 * Cuts inside a block: at the wanted places, and at a space wherever a row would get very long; in text without spaces, where
 * it must be.
 */
function innerCuts(pieces: readonly Piece[], source: string, wanted: readonly number[]): number[] {
  const cuts: number[] = [];
  let next = 0;
  let last = pieces[0]?.from ?? 0;
  for (const piece of pieces) {
    while (next < wanted.length && wanted[next]! <= piece.from) next++;
    if (next > 0 && wanted[next - 1]! > last) cuts.push((last = piece.from));
    if (piece.text !== undefined) continue;
    while (piece.to - last > MOST_UNITS) {
      const at = cutInside(source, piece, last);
      if (at === undefined) break;
      cuts.push((last = at));
    }
  }
  return cuts;
}

/** After the first space beyond the usual length; without one in sight, where the length doubles. */
function cutInside(source: string, piece: Piece, last: number): number | undefined {
  const from = Math.max(piece.from, last + MOST_UNITS);
  const to = Math.min(piece.to, last + 2 * MOST_UNITS);
  for (let at = from; at < to - 1; at++) if (source.charCodeAt(at) === 0x20) return at + 1;
  const hard = safeCut(source, last + 2 * MOST_UNITS);
  return hard > piece.from && hard < piece.to ? hard : undefined;
}

/** Never between the halves of a surrogate pair. */
function safeCut(source: string, at: number): number {
  const code = source.charCodeAt(at);
  return code >= 0xdc00 && code <= 0xdfff ? at + 1 : at;
}
