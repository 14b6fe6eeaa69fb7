import { isSpace } from '../../text/characters.ts';
import { LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';

/*
 * Tables: lines whose cells stand under one another, apart by tabs or by three spaces and more; by two where they all do so.
 * Justified type has wide spaces too, but not in the same columns; prose in two columns side by side has, but its cells are
 * sentences.
 */

const WIDE_SPACES = 3;
const NARROW_SPACES = 2;
/** Words so far apart are no justified type; prices and the numbers of pages stand so in a list too. */
const VERY_WIDE_SPACES = 8;
/** Columns by which the rest of a cell is set in, at the most. */
const LONGEST_STEP = 12;
const BEGINS_WITH_FIGURE = /^[$€£]? ?[-+]?\d/;
/** A price, a number, a share; old money and measures of several parts: "4s. 2d.", "3 cwt. 12 lb.". */
const FIGURE = /^[$€£]? ?[-+]?\d[\d.,]*(?: ?[%€£$]|(?: ?[a-z]{1,3}\.?(?: \d+ ?[a-z]{1,3}\.?){0,2}))?$/;
const FEWEST_ROWS = 3;
const FEWEST_NUMERIC_ROWS = 2;
/** Words to a cell, on the average: more of them, and the columns hold prose. */
const MOST_WORDS_A_CELL = 6;

/** "Q.", "A." and "AL:", what is said behind it is no cell; nor is what the label of an item leads to: "1.", "2.1", "(a)". */
const LABEL = /^(?:[A-Z][.:]|\p{Lu}{2,4}:|\(?(?:[a-z]|[ivx]{1,4}|\d{1,2})[).]|\d{1,2}(?:\.\d{1,2})+\.?)$/u;
/** The number of a line, and who speaks: "12    Q.  Where were you?", "13    THE CORONER:  Noted." */
const NUMBERED_SPEECH = /^\d{1,2}\s{2,}(?:[A-Z][.:]|[A-Z][A-Z. ]+:)\s/;
/** In units. */
const LONGEST_SPEAKER = 40;
/** What a question is worth, far to the right of it. */
const WORTH = /^\[\d{1,3}(?: \p{L}+)?\]$/u;

interface Row {
  readonly line: number;
  /** Columns where cells after the first begin, and where all but the last end. */
  readonly starts: readonly number[];
  readonly ends: readonly number[];
  /** The column where the last cell ends, if it is a figure. */
  readonly figureEnd: number | undefined;
  /** The last cell begins with a figure. */
  readonly endsInFigure: boolean;
  /** The most spaces between two cells. */
  readonly widest: number;
  readonly words: number;
}

/** Sets the kind of table rows. */
export function findTables(source: string, table: LineTable): void {
  const wide = wideSpaces(source);
  let rows: Row[] = [];
  let blanks = 0;
  for (let line = 0; line < table.index.count; line++) {
    const kind = table.kind[line]!;
    if (kind === LineKind.rule) continue;
    if (kind === LineKind.blank) {
      blanks++;
      continue;
    }
    const mayBeRow = wide.isIn(table, line) || beginsWithRail(source, table, line);
    if (!mayBeRow && rows.length > 0 && blanks === 0 && beginsCell(table, line)) continue;
    const row = kind === LineKind.prose && mayBeRow ? readRow(source, table, line) : undefined;
    const goesOn = row && rows.length > 0 && blanks <= 1 && sharesColumn(rows.at(-1)!, row);
    if (!goesOn) {
      closeRun(table, rows);
      rows = [];
    }
    if (row) rows.push(row);
    blanks = 0;
  }
  closeRun(table, rows);
  joinTables(source, table, wideSpaces(source));
  findNarrowTables(source, table);
  findPipedTables(source, table);
}

/**
 * Lines of several cells right beside rows are rows too, whatever columns their cells stand in; and lines that end with a figure in the
 * same column as theirs.
 */
function joinTables(source: string, table: LineTable, wide: ReturnType<typeof wideSpaces>): void {
  if (!table.kind.includes(LineKind.tableRow)) return;
  const { kind } = table;
  const { count } = table.index;
  const candidates: number[] = [];
  /** The columns where figures of tables end, and lines that end with a figure. */
  const edges = new Set<number>();
  const figures: { readonly line: number; readonly edge: number }[] = [];
  for (let line = 0; line < count; line++) {
    if (kind[line] !== LineKind.prose && kind[line] !== LineKind.tableRow) continue;
    const row = wide.isIn(table, line) ? readRow(source, table, line) : undefined;
    if (row?.figureEnd !== undefined && kind[line] === LineKind.tableRow) edges.add(row.figureEnd);
    if (!row || kind[line] !== LineKind.prose) continue;
    if (row.figureEnd !== undefined) figures.push({ line, edge: row.figureEnd });
    if (row.starts.length < 2 && !isHeadOfRows(table, line, row)) continue;
    if (kind[line - 1] === LineKind.tableRow) kind[line] = LineKind.tableRow;
    else candidates.push(line);
  }
  for (const { line, edge } of figures) if (edges.has(edge)) kind[line] = LineKind.tableRow;
  for (const line of candidates.toReversed()) if (kind[line + 1] === LineKind.tableRow) kind[line] = LineKind.tableRow;
  for (let line = 1; line + 1 < count; line++) {
    if (!goesOnInRow(source, table, line - 1, line) || kind[line + 1] !== LineKind.prose) continue;
    const above = readRow(source, table, line - 1, NARROW_SPACES);
    const below = wide.isIn(table, line + 1) ? readRow(source, table, line + 1) : undefined;
    if (above && below && hasSameColumns(above, below)) kind[line + 1] = LineKind.tableRow;
  }
  for (let line = 0; line + 1 < count; line++)
    if (kind[line + 1] === LineKind.tableRow && beginsCell(table, line)) kind[line] = LineKind.tableRow;
  const isBetweenRows = (line: number) => kind[line - 1] === LineKind.tableRow && kind[line + 1] === LineKind.tableRow;
  for (let line = 1; line + 1 < count; line++)
    if (isBetweenRows(line) && (kind[line] === LineKind.rule || goesOnInCell(source, table, line)))
      kind[line] = LineKind.tableRow;
}

/** Whether the words of a line go on in the line below, set in and small: a cell too long for its column, whose row stands there. */
function beginsCell({ kind, flags, indent }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose || flags[line]! & (Flag.endsStop | Flag.endsColon)) return false;
  const step = (indent[line + 1] ?? 0) - indent[line]!;
  return step >= NARROW_SPACES && step <= LONGEST_STEP && (flags[line + 1]! & Flag.startsLower) !== 0;
}

/** The names of columns stand above rows, far from what names the first, which needs no name. */
function isHeadOfRows({ kind, indent }: LineTable, line: number, { widest }: Row): boolean {
  if (kind[line + 1] !== LineKind.tableRow) return false;
  return widest >= VERY_WIDE_SPACES || indent[line]! >= indent[line + 1]! + WIDE_SPACES;
}

/** A line between two rows that begins where a cell of the row above it does goes on in that cell. */
function goesOnInCell(source: string, table: LineTable, line: number): boolean {
  const { kind, indent } = table;
  if (kind[line] !== LineKind.prose || indent[line]! < WIDE_SPACES || goesOnInRow(source, table, line - 1, line))
    return false;
  return readRow(source, table, line - 1, NARROW_SPACES)?.starts.includes(indent[line]!) ?? false;
}

/** Rows with two spaces between some of their cells: no gap of any row stands in another column than those of the others. */
function findNarrowTables(source: string, table: LineTable): void {
  const narrow = wideSpaces(source, NARROW_SPACES);
  let rows: Row[] = [];
  const close = () => {
    const isWide = rows.every((row) => row.starts.length >= 2) || rows.some((row) => row.widest >= WIDE_SPACES);
    if (rows.length >= FEWEST_ROWS && isWide) closeRun(table, rows);
    rows = [];
  };
  for (let line = 0; line < table.index.count; line++) {
    const mayBeRow = table.kind[line] === LineKind.prose && narrow.isIn(table, line);
    const row = mayBeRow ? readRow(source, table, line, NARROW_SPACES) : undefined;
    if (!row || (rows.length > 0 && !hasSameColumns(rows.at(-1)!, row))) close();
    if (row) rows.push(row);
  }
  close();
}

/** Rows between bars, with or without lines of dashes between them, and drawings of boxes, with the arrows between these. */
function findPipedTables(source: string, table: LineTable): void {
  const { from, to, kind, index } = table;
  const isBar = (at: number) => BARS.test(source[at]!);
  const isPiped = (line: number) => {
    if (kind[line] !== LineKind.prose || to[line]! - from[line]! < 3) return false;
    return isBar(from[line]!) && isBar(to[line]! - 1) && PIPED.test(source.slice(from[line], to[line]));
  };
  const isArrow = (line: number) => kind[line] === LineKind.prose && ARROWS.test(source.slice(from[line], to[line]));
  for (let first = 0; first < index.count;) {
    let end = first;
    while (end < index.count && (isPiped(end) || (end > first && isArrow(end)))) end++;
    if (end - first >= FEWEST_NUMERIC_ROWS) table.kind.fill(LineKind.tableRow, first, end);
    first = Math.max(end, first + 1);
  }
}

const BARS = /[|+\u2500-\u257f]/;
const PIPED = /^(?:\|.*\||\+[-=+ ]*[-=][-=+ ]*\+|[\u2500-\u257f].*[\u2500-\u257f])$/;
const ARROWS = /^[|v^<>/\\\u2190-\u2193\u2500-\u257f\u25b2-\u25c4 -]{1,120}$/;

/** All columns of the one are columns of the other: cells may be missing. */
function hasSameColumns(a: Row, b: Row): boolean {
  return a.starts.every((start) => b.starts.includes(start)) || b.starts.every((start) => a.starts.includes(start));
}

/** Whether a line goes on with what the second cell of the row before it says: below it, or anywhere where the row is full. */
export function goesOnInRow(source: string, table: LineTable, row: number, line: number, isFull = false): boolean {
  if (table.kind[row] !== LineKind.tableRow || table.kind[line] !== LineKind.prose) return false;
  const read = readRow(source, table, row, NARROW_SPACES);
  return read !== undefined && isRestOfTerm(table, line, read, isFull);
}

/** A line beside two rows that begins where their second cells do is the rest of an entry: they are entries too. */
function isBesideRest({ kind, indent }: LineTable, rows: readonly Row[]): boolean {
  const isRest = (line: number, column: number) => kind[line] === LineKind.prose && indent[line] === column;
  return isRest(rows[0]!.line - 1, rows[0]!.starts[0]!) || isRest(rows.at(-1)!.line + 1, rows.at(-1)!.starts[0]!);
}

/** A term and what it means: that goes on in small letters where it began. */
function isRestOfTerm(
  { indent, flags }: LineTable,
  line: number,
  { starts, endsInFigure }: Row,
  isFull: boolean,
): boolean {
  return (
    starts.length === 1 &&
    (indent[line] === starts[0] || (isFull && !endsInFigure)) &&
    (flags[line]! & Flag.startsLower) !== 0
  );
}

/** The head of a case at law has its parties before a rail of brackets: ")   No. 12" has an empty cell before it. */
function beginsWithRail(source: string, { from, indent }: LineTable, line: number): boolean {
  return source[from[line]!] === ')' && indent[line]! >= VERY_WIDE_SPACES;
}

function standsFarApart({ widest, endsInFigure }: Row): boolean {
  return widest >= VERY_WIDE_SPACES && !endsInFigure;
}

function closeRun(table: LineTable, rows: readonly Row[]): void {
  if (rows.length < FEWEST_NUMERIC_ROWS) return;
  const cells = rows.reduce((sum, row) => sum + row.starts.length + 1, 0);
  const words = rows.reduce((sum, row) => sum + row.words, 0);
  if (words / cells > MOST_WORDS_A_CELL) return;
  const isWide = rows.every((row) => row.starts.length >= 2 || standsFarApart(row));
  if (rows.length < FEWEST_ROWS && (!isWide || isBesideRest(table, rows))) return;
  for (const { line } of rows) table.kind[line] = LineKind.tableRow;
}

/** Tells which lines hold a tab or a wide space between their words: only those are read closely. Asked in order of lines. */
function wideSpaces(source: string, least = WIDE_SPACES) {
  const spaces = ' '.repeat(least);
  let nextWide = -1;
  let nextTab = -1;
  return {
    isIn({ from, to }: LineTable, line: number): boolean {
      if (nextWide < from[line]!) nextWide = found(source.indexOf(spaces, from[line]));
      if (nextTab < from[line]!) nextTab = found(source.indexOf('\t', from[line]));
      return nextWide < to[line]! || nextTab < to[line]!;
    },
  };
}

function found(position: number): number {
  return position < 0 ? Infinity : position;
}

function readRow(source: string, table: LineTable, line: number, least = WIDE_SPACES): Row | undefined {
  const from = table.from[line]!;
  const to = table.to[line]!;
  if (table.flags[line]! & Flag.startsBullet || table.speakers.has(line)) return undefined;
  if (NUMBERED_SPEECH.test(source.slice(from, Math.min(to, from + LONGEST_SPEAKER)))) return undefined;
  const starts: number[] = [];
  const ends: number[] = [];
  let column = table.indent[line]!;
  let words = 1;
  let widest = 0;
  let cellFrom = from;
  if (beginsWithRail(source, table, line)) {
    starts.push(column);
    ends.push(column);
  }
  for (let at = from; at < to;) {
    if (!isSpace(source.charCodeAt(at))) {
      at++;
      column++;
      continue;
    }
    const end = column;
    let wide = false;
    const gapFrom = at;
    for (; at < to && isSpace(source.charCodeAt(at)); at++) {
      if (source.charCodeAt(at) === 0x09) {
        column += 8 - (column % 8);
        wide = true;
      } else column++;
    }
    words++;
    if ((!wide && at - gapFrom < least) || (words === 2 && isLabel(source, from, gapFrom, at))) continue;
    widest = Math.max(widest, at - gapFrom);
    cellFrom = at;
    starts.push(column);
    ends.push(end);
  }
  const last = source.slice(cellFrom, to);
  if (starts.length === 1 && WORTH.test(last)) return undefined;
  const figureEnd = FIGURE.test(last) ? column : undefined;
  const endsInFigure = BEGINS_WITH_FIGURE.test(last);
  return starts.length === 0 ? undefined : { line, starts, ends, figureEnd, endsInFigure, widest, words };
}

/** A label that leads to words: beside a figure or a rail it is a cell. */
function isLabel(source: string, from: number, to: number, wordsFrom: number): boolean {
  return LABEL.test(source.slice(from, to)) && /[\p{L}“"‘'«(]/u.test(source[wordsFrom]!);
}

/** Two rows have a column of words, or of figures, in common. */
function sharesColumn(a: Row, b: Row): boolean {
  return a.starts.some((start) => b.starts.includes(start)) || sharesRightEdge(a, b);
}

function sharesRightEdge(a: Row, b: Row): boolean {
  if (a.figureEnd !== undefined && a.figureEnd === b.figureEnd) return true;
  return a.starts.length >= 2 && a.ends.slice(1).some((end) => b.ends.slice(1).includes(end));
}
