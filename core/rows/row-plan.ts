import type { Choice } from '../choices/choice.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import type { BlockKind } from '../blocks/block-kind.ts';
import { pieceText, type Piece } from '../edits/piece.ts';
import { pieceLists } from '../cleaning/output.ts';
import { statsOf } from '../report/piece-stats.ts';
import { seamOfChoice } from '../decided/seams-in-force.ts';
import { isDropped } from '../lines/line-kind.ts';
import { findDoubtedLines } from '../doubts/line-doubts.ts';
import { findDoubts, findEditDoubts } from '../report/report.ts';

/** What a row shows. The numbers cross to the page in typed arrays. */
export const RowKind = {
  paragraph: 0,
  heading: 1,
  listItem: 2,
  verse: 3,
  dropped: 4,
  blank: 5,
  footnote: 6,
  quote: 7,
  table: 8,
  code: 9,
  contents: 10,
  caption: 11,
  sectionBreak: 12,
} as const;

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

/**
 * The cleaning cut into rows for reading side by side: a row per block, very long blocks in several, and a row for each
 * stretch of dropped lines between blocks. Rows tile the lines of the source; [from, to) are source offsets that tile it too.
 */
export interface RowPlan {
  readonly count: number;
  readonly from: Uint32Array;
  readonly to: Uint32Array;
  readonly firstLine: Uint32Array;
  /** Lines that begin in the row; 0 for a row that goes on in the middle of a very long line. */
  readonly lineCount: Uint32Array;
  readonly kind: Uint8Array;
  /** UTF-16 units that the row has in the clean text. */
  readonly cleanLength: Uint32Array;
  /** The seams in doubt whose mark stands in the row, and the doubtful edits in it. */
  readonly doubts: Uint16Array;
  /** The line ends in the row that a person settled, and what else they did there: words, lines held and left out. */
  readonly settled: Uint16Array;
  readonly byHand: Uint16Array;
  /** 1 where the row goes on with the block of the row before. */
  readonly goesOn: Uint8Array;
}

const MOST_LINES = 40;
const MOST_UNITS = 3000;

interface Cut {
  readonly at: number;
  readonly kind: number;
  readonly goesOn: boolean;
}

export function planRows(cleaning: Cleaning): RowPlan {
  const cuts = findCuts(cleaning);
  const count = cuts.length;
  const plan = {
    count,
    from: new Uint32Array(count),
    to: new Uint32Array(count),
    firstLine: new Uint32Array(count),
    lineCount: new Uint32Array(count),
    kind: new Uint8Array(count),
    cleanLength: new Uint32Array(count),
    doubts: new Uint16Array(count),
    settled: new Uint16Array(count),
    byHand: new Uint16Array(count),
    goesOn: new Uint8Array(count),
  };
  const { index } = cleaning.table;
  let line = 0;
  for (const [row, cut] of cuts.entries()) {
    plan.from[row] = cut.at;
    plan.to[row] = cuts[row + 1]?.at ?? cleaning.source.length;
    plan.kind[row] = cut.kind;
    plan.goesOn[row] = cut.goesOn ? 1 : 0;
    const first = line;
    while (line < index.count && (index.from[line]! < plan.to[row]! || row === count - 1)) line++;
    plan.firstLine[row] = first;
    plan.lineCount[row] = line - first;
  }
  measureClean(cleaning, plan);
  countDoubts(cleaning, plan);
  countChoices(cleaning, plan);
  return plan;
}

/** The row that holds a source offset. Logarithmic. */
export function rowAt(plan: Pick<RowPlan, 'count' | 'from'>, position: number): number {
  let low = 0;
  let high = plan.count - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (plan.from[middle]! <= position) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Where rows begin: at line starts, or after a space inside a very long line; never inside a replaced piece. */
function findCuts(cleaning: Cleaning): Cut[] {
  const { source, table, blocks, decided } = cleaning;
  const { index } = table;
  const cuts: Cut[] = [];
  const push = (at: number, kind: number, goesOn = false) => {
    if (cuts.length === 0 || cuts.at(-1)!.at < at) cuts.push({ at: cuts.length === 0 ? 0 : at, kind, goesOn });
  };
  let nextLine = 0;
  for (const block of blocks) {
    const firstLine = decided.seams.line[block.firstKept]!;
    const lastLine = decided.seams.line[block.lastKept]!;
    if (hasDropped(cleaning, nextLine, firstLine)) push(index.from[nextLine]!, RowKind.dropped);
    const kind = KIND_OF_BLOCK[block.kind];
    push(index.from[firstLine]!, kind);
    for (const at of innerCuts(block.pieces, source, lineStarts(cleaning, firstLine, lastLine))) push(at, kind, true);
    nextLine = lastLine + 1;
    while (nextLine < index.count && table.from[nextLine] === table.to[nextLine]) nextLine++;
  }
  if (nextLine < index.count && hasDropped(cleaning, nextLine, index.count))
    push(index.from[nextLine]!, RowKind.dropped);
  if (cuts.length === 0 && source.length > 0) push(0, RowKind.blank);
  return cuts;
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

type Measured = Pick<RowPlan, 'from' | 'to' | 'cleanLength'>;

function measureClean(cleaning: Cleaning, plan: Measured): void {
  const last = plan.to.length - 1;
  let row = 0;
  for (const pieces of pieceLists(cleaning)) {
    if (pieces.length === 0) continue;
    while (row < last && pieces[0]!.from >= plan.to[row]!) row++;
    // Most lists lie in one row, and their length is known from the cleaning before.
    if (row === last || pieces.at(-1)!.to <= plan.to[row]!) plan.cleanLength[row]! += statsOf(pieces).length;
    else for (const piece of pieces) row = measurePiece(cleaning.source, piece, plan, row);
  }
}

/** Adds the text of a piece to the rows that it lies in; gives the last of them. */
function measurePiece(source: string, piece: Piece, plan: Measured, first: number): number {
  const last = plan.to.length - 1;
  let row = first;
  while (row < last && piece.from >= plan.to[row]!) row++;
  if (piece.text !== undefined) {
    plan.cleanLength[row]! += pieceText(source, piece).length;
    return row;
  }
  for (let at = piece.from; at < piece.to;) {
    while (row < last && at >= plan.to[row]!) row++;
    const to = Math.min(piece.to, row === last ? piece.to : plan.to[row]!);
    plan.cleanLength[row]! += to - at;
    at = to;
  }
  return row;
}

function countDoubts(cleaning: Cleaning, plan: RowPlan): void {
  for (const seam of findDoubts(cleaning)) plan.doubts[rowOfSeam(cleaning, plan, seam)]!++;
  for (const { from } of findEditDoubts(cleaning)) plan.doubts[rowAt(plan, from)]!++;
  for (const { places } of findDoubtedLines(cleaning)) plan.doubts[rowAt(plan, places[0]!.from)]!++;
}

function countChoices(cleaning: Cleaning, plan: RowPlan): void {
  if (plan.count === 0) return;
  for (const choice of cleaning.choices) {
    const seam = choice.kind === 'seam' ? seamOfChoice(cleaning, choice) : undefined;
    if (seam !== undefined) plan.settled[rowOfSeam(cleaning, plan, seam)]!++;
    if (!OF_WORDS.has(choice.kind)) continue;
    const last = rowAt(plan, Math.max(choice.from, choice.to - 1));
    for (let row = rowAt(plan, choice.from); row <= last; row++) plan.byHand[row]!++;
  }
}

const OF_WORDS: ReadonlySet<Choice['kind']> = new Set(['rewrite', 'hold', 'drop']);

/** The row in which a seam is marked: that of the line after it. */
export function rowOfSeam({ table, decided }: Cleaning, plan: RowPlan, seam: number): number {
  return rowAt(plan, table.from[decided.seams.line[seam + 1]!]!);
}
