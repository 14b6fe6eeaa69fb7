import type { Choice } from '../choices/choice.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { seamOfChoice } from '../decided/seams-in-force.ts';
import { pieceText, type Piece } from '../edits/piece.ts';
import type { Digested } from '../report/digest.ts';
import { statsOf } from '../report/piece-stats.ts';
import { lineAt } from '../text/line-index.ts';
import { findCuts, firstCutOf } from './row-cuts.ts';

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

/** Rows without anything in them yet. */
export function emptyPlan(count: number): RowPlan {
  return {
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
}

/** The rows of the blocks [first, end), and of the tail where these are the last; of all by default. Linear in what they hold. */
export function planRows({ cleaning, digest }: Digested, first = 0, end = cleaning.blocks.length): RowPlan {
  const cuts = findCuts(cleaning, first, end);
  const plan = emptyPlan(cuts.length);
  const isLast = end >= cleaning.blocks.length;
  const stop = firstCutOf(cleaning, end);
  const { index } = cleaning.table;
  let line = cuts.length === 0 ? 0 : lineAt(index, cuts[0]!.at);
  for (const [row, cut] of cuts.entries()) {
    plan.from[row] = cut.at;
    plan.to[row] = cuts[row + 1]?.at ?? stop;
    plan.kind[row] = cut.kind;
    plan.goesOn[row] = cut.goesOn ? 1 : 0;
    const firstLine = line;
    const takesRest = isLast && row === cuts.length - 1;
    while (line < index.count && (index.from[line]! < plan.to[row]! || takesRest)) line++;
    plan.firstLine[row] = firstLine;
    plan.lineCount[row] = line - firstLine;
  }
  if (cuts.length === 0) return plan;
  const reach = isLast ? Infinity : stop;
  measureClean(cleaning, plan, first, end, reach);
  countDoubts({ cleaning, digest }, plan, reach);
  countChoices(cleaning, plan, reach);
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

/** Adds the text of the pieces that lie in the rows, up to `reach`: those of the blocks, and of what follows the last of them. */
function measureClean(cleaning: Cleaning, plan: RowPlan, first: number, end: number, reach: number): void {
  const { source, blocks, tail } = cleaning;
  const lists = blocks.slice(first, end).flatMap(({ gap, pieces }) => [gap, pieces]);
  lists.push(blocks[end]?.gap ?? tail);
  const start = plan.from[0]!;
  const last = plan.count - 1;
  let row = 0;
  for (const pieces of lists) {
    if (pieces.length === 0) continue;
    while (row < last && pieces[0]!.from >= plan.to[row]!) row++;
    // Most lists lie in one row, and their length is known from the cleaning before.
    const isInside = pieces[0]!.from >= start && pieces.at(-1)!.to <= Math.min(plan.to[row]!, reach);
    if (isInside) plan.cleanLength[row]! += statsOf(pieces).length;
    else for (const piece of pieces) row = measurePiece(source, piece, plan, row, start, reach);
  }
}

/** Adds the text of a piece, as far as it lies in [start, stop), to the rows that it lies in; gives the last of them. */
function measurePiece(source: string, piece: Piece, plan: RowPlan, first: number, start: number, stop: number): number {
  const last = plan.count - 1;
  let row = first;
  while (row < last && piece.from >= plan.to[row]!) row++;
  if (piece.text !== undefined) {
    if (piece.from >= start && piece.from < stop) plan.cleanLength[row]! += pieceText(source, piece).length;
    return row;
  }
  const end = Math.min(piece.to, stop);
  for (let at = Math.max(piece.from, start); at < end;) {
    while (row < last && at >= plan.to[row]!) row++;
    const to = Math.min(end, row === last ? end : plan.to[row]!);
    plan.cleanLength[row]! += to - at;
    at = to;
  }
  return row;
}

/** Counts a place in the row that holds it, as far as the rows reach. */
function countIn(plan: RowPlan, column: Uint16Array, place: number, reach: number): void {
  if (place >= plan.from[0]! && place < reach) column[rowAt(plan, place)]!++;
}

function countDoubts({ cleaning, digest }: Digested, plan: RowPlan, reach: number): void {
  for (const seam of digest.seams) countIn(plan, plan.doubts, placeOfSeam(cleaning, seam), reach);
  for (const { from } of digest.edits) countIn(plan, plan.doubts, from, reach);
  for (const { places } of digest.lines) countIn(plan, plan.doubts, places[0]!.from, reach);
}

function countChoices(cleaning: Cleaning, plan: RowPlan, reach: number): void {
  for (const choice of cleaning.choices) {
    const seam = choice.kind === 'seam' ? seamOfChoice(cleaning, choice) : undefined;
    if (seam !== undefined) countIn(plan, plan.settled, placeOfSeam(cleaning, seam), reach);
    if (!OF_WORDS.has(choice.kind)) continue;
    const end = Math.max(choice.from, choice.to - 1);
    if (end < plan.from[0]! || choice.from >= reach) continue;
    const last = rowAt(plan, end);
    for (let row = rowAt(plan, choice.from); row <= last; row++) plan.byHand[row]!++;
  }
}

const OF_WORDS: ReadonlySet<Choice['kind']> = new Set(['rewrite', 'hold', 'drop']);

/** The row in which a seam is marked: that of the line after it. */
export function rowOfSeam(cleaning: Cleaning, plan: RowPlan, seam: number): number {
  return rowAt(plan, placeOfSeam(cleaning, seam));
}

function placeOfSeam({ table, decided }: Cleaning, seam: number): number {
  return table.from[decided.seams.line[seam + 1]!]!;
}
