import { overlaps } from '../choices/ranges.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { BY_HAND, firstReaching, type Piece } from '../edits/piece.ts';
import type { Place } from '../edits/place.ts';
import { Element } from '../layout/layout.ts';
import { isDropped, LineKind } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';
import { isDoubtful } from '../report/digest.ts';
import { visibleSeam, type VisibleSeam } from '../decided/visible-seam.ts';
import { firstWhere } from '../text/first-where.ts';
import { canMend, rangeOfSeam } from '../decided/seams-in-force.ts';
import { explainSeam, type SeamReason } from '../seams/explain.ts';
import { markAt, type GapMark } from '../seams/paragraph-mark.ts';
import type { Decision } from '../seams/seam-table.ts';
import type { SplitEvidence } from '../seams/words/split-words.ts';
import type { LineIndex } from '../text/line-index.ts';
import { withLooks } from './run-looks.ts';
import type { Run } from './run.ts';
import { rowAt, rowOfSeam, type RowPlan } from './row-plan.ts';

export interface LineView {
  /** From 1; 0 for the rest of a very long line. */
  readonly number: number;
  readonly runs: readonly Run[];
  readonly dropped: boolean;
  /** The line end, as it stands in the source; empty at the end of the text, and where the row ends before it. */
  readonly end: string;
  /** What a person did to the line: they left it out, hold it as it is, or put words of their own into it. */
  readonly byHand?: 'left-out' | 'held' | 'rewritten';
  /** The format says that it is of a heading. */
  readonly isTitle?: boolean;
  /** The format says that another column of the page begins with it. */
  readonly beginsColumn?: boolean;
}

export interface SeamView {
  readonly seam: number;
  /** The lines of the row, from 0, above and below the mark; `above` is -1 where that line lies in an earlier row. */
  readonly above: number;
  readonly below: number;
  /** Line numbers as people count them. */
  readonly lines: readonly [number, number];
  /** The words of the two lines. */
  readonly words: readonly [Place, Place];
  readonly from: number;
  readonly to: number;
  readonly decision: Decision;
  readonly certainty: number;
  readonly settled: boolean;
  readonly doubt: boolean;
  readonly canMend: boolean;
  readonly reasons: readonly SeamReason[];
  readonly split?: SplitEvidence;
  /** The gap here as an example of what marks paragraphs; none where a page turns. */
  readonly gap?: GapMark;
}

export interface RowView {
  /** The source range of the row. */
  readonly from: number;
  readonly to: number;
  readonly lines: readonly LineView[];
  readonly clean: readonly Run[];
  readonly seams: readonly SeamView[];
}

const LONGEST_REASONS = 4;

/** What the row shows, worked out when it is asked for. Cost: the length of the row. */
export function viewRow(cleaning: Cleaning, plan: RowPlan, row: number): RowView {
  const pieces = piecesOfRow(cleaning, plan.from[row]!, plan.to[row]!);
  return {
    from: plan.from[row]!,
    to: plan.to[row]!,
    lines: viewLines(cleaning, plan, row, pieces),
    clean: withLooks(cleaning, plan, row, cleanRuns(cleaning, plan, row)),
    seams: viewSeams(cleaning, plan, row),
  };
}

/** The pieces in [from, to), verbatim ones clipped. */
function piecesOfRow(cleaning: Cleaning, from: number, to: number): Piece[] {
  const found: Piece[] = [];
  const take = (pieces: readonly Piece[]) => {
    for (let at = firstReaching(pieces, from); at < pieces.length && pieces[at]!.from < to; at++) {
      const piece = pieces[at]!;
      if (piece.text === undefined)
        found.push({ ...piece, from: Math.max(piece.from, from), to: Math.min(piece.to, to) });
      else if (piece.from >= from) found.push(piece);
    }
  };
  const { blocks } = cleaning;
  for (let at = firstReaching(blocks, from); at < blocks.length && blocks[at]!.gapFrom < to; at++) {
    take(blocks[at]!.gap);
    take(blocks[at]!.pieces);
  }
  take(cleaning.tail);
  return found;
}

function fateOf(piece: Piece): Run['fate'] {
  if (piece.text === undefined) return 'kept';
  return piece.text.trim() === '' ? 'gone' : 'changed';
}

/** The clean text of a row in runs. Gaps between blocks show as the space between rows, and are trimmed for that. */
export function cleanRuns(cleaning: Cleaning, plan: RowPlan, row: number, trims = true): Run[] {
  const { source, style } = cleaning;
  const runs: Run[] = [];
  for (const piece of piecesOfRow(cleaning, plan.from[row]!, plan.to[row]!)) {
    const text = piece.text ?? source.slice(piece.from, piece.to);
    const doubt = isDoubtful(style, piece) || undefined;
    runs.push({ from: piece.from, to: piece.to, text, passes: piece.passes, fate: fateOf(piece), doubt });
  }
  return trims ? trimRuns(runs) : runs;
}

function trimRuns(runs: Run[]): Run[] {
  const trimmed = [...runs];
  while (trimmed.length > 0 && isGap(trimmed[0]!)) trimmed.shift();
  while (trimmed.length > 0 && trimmed.at(-1)!.text.trim() === '' && !isWritten(trimmed.at(-1)!)) trimmed.pop();
  if (trimmed.length === 0) return [];
  const [first] = trimmed;
  if (!isWritten(first!)) trimmed[0] = { ...first!, text: first!.text.replace(/^\s*\n/, '') };
  const last = trimmed.at(-1)!;
  if (!isWritten(last)) trimmed[trimmed.length - 1] = { ...last, text: last.text.replace(/\n\s*$/, '') };
  return trimmed;
}

/** White space before a row; but not the indent of code, which stands as it is. */
function isGap(run: Run): boolean {
  return run.text.trim() === '' && (run.fate !== 'kept' || run.text.includes('\n')) && !isWritten(run);
}

/** Whether a person wrote it, white space or not: they may be about to write a paragraph there. */
function isWritten({ text, passes }: Run): boolean {
  return text !== '' && passes.includes(BY_HAND);
}

function viewLines(cleaning: Cleaning, plan: RowPlan, row: number, pieces: readonly Piece[]): LineView[] {
  const { source, table } = cleaning;
  const { index } = table;
  const rowFrom = plan.from[row]!;
  const rowTo = plan.to[row]!;
  const first = rowFirstLine(index, plan, row);
  const last = Math.max(first, plan.firstLine[row]! + plan.lineCount[row]! - 1);
  const views: LineView[] = [];
  let at = 0;
  for (let line = first; line <= last; line++) {
    const from = Math.max(index.from[line]!, rowFrom);
    const to = Math.min(index.to[line]!, rowTo);
    const runs: Run[] = [];
    while (at > 0 && pieces[at]?.from !== undefined && pieces[at]!.from > from) at--;
    for (let piece = at; piece < pieces.length && pieces[piece]!.from < to; piece++) {
      const a = Math.max(from, pieces[piece]!.from);
      const b = Math.min(to, pieces[piece]!.to);
      if (a < b) {
        const { passes } = pieces[piece]!;
        runs.push({ from: a, to: b, text: source.slice(a, b), passes, fate: fateOf(pieces[piece]!) });
      }
      at = piece;
    }
    views.push({
      number: index.from[line]! >= rowFrom ? line + 1 : 0,
      runs,
      dropped: isDropped(table.kind[line]!),
      end: index.next[line]! <= rowTo ? source.slice(index.to[line], index.next[line]) : '',
      byHand: handOf(cleaning, line, runs),
      ...(isTitle(table, line) && { isTitle: true }),
      ...(table.layout?.columns && beginsColumn(table.layout.columns, line) && { beginsColumn: true }),
    });
  }
  return views;
}

function isTitle({ kind, layout }: LineTable, line: number): boolean {
  return layout?.element[line] === Element.heading && kind[line] !== LineKind.blank;
}

function beginsColumn(columns: Uint32Array, line: number): boolean {
  return columns[firstWhere(columns.length, (at) => columns[at]! >= line)] === line;
}

function handOf({ table, permits }: Cleaning, line: number, runs: readonly Run[]): LineView['byHand'] {
  if (table.kind[line] === LineKind.byHand) return 'left-out';
  if (runs.some(({ passes }) => passes.includes(BY_HAND))) return 'rewritten';
  const from = table.from[line]!;
  const to = table.to[line]!;
  return from < to && overlaps(permits.closed, from, to) ? 'held' : undefined;
}

function viewSeams(cleaning: Cleaning, plan: RowPlan, row: number): SeamView[] {
  const { table, decided } = cleaning;
  const { line, count } = decided.seams;
  const views: SeamView[] = [];
  const first = firstWhere(count, (seam) => table.from[line[seam + 1]!]! >= plan.from[row]!);
  for (let seam = first; seam < count && rowOfSeam(cleaning, plan, seam) === row; seam++) {
    const stood = visibleSeam(cleaning, seam);
    if (stood) views.push(viewSeam(cleaning, plan, row, stood));
  }
  return views;
}

function viewSeam(cleaning: Cleaning, plan: RowPlan, row: number, stood: VisibleSeam): SeamView {
  const { style, table } = cleaning;
  const { seam, above, below, settled, decided, at } = stood;
  const first = rowFirstLine(table.index, plan, row);
  const certainty = settled ? 1 : stood.certainty;
  const inRow = rowAt(plan, table.from[above]!) === row;
  return {
    seam,
    above: inRow ? above - first : -1,
    below: below - first,
    lines: [above + 1, below + 1],
    words: [wordsOf(table, above), wordsOf(table, below)],
    ...rangeOfSeam(cleaning, seam),
    decision: stood.decision,
    certainty,
    settled,
    doubt: !settled && certainty < style.certaintyLimit,
    canMend: !stood.skipsLines && canMend(cleaning, seam),
    reasons: explainSeam(decided, at).slice(0, LONGEST_REASONS),
    split: decided.splits.get(at)?.evidence,
    gap: decided.seams.turn[at] ? undefined : markAt(stood.table, decided.seams, at),
  };
}

function wordsOf({ from, to }: LineTable, line: number): Place {
  return { from: from[line]!, to: to[line]! };
}

/** The line that the row begins in, or in the middle of. */
function rowFirstLine(index: LineIndex, plan: RowPlan, row: number): number {
  const begins = plan.firstLine[row]!;
  return plan.lineCount[row] === 0 || index.from[begins]! > plan.from[row]! ? Math.max(0, begins - 1) : begins;
}
