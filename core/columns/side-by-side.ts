import type { TextLines } from '../text/text-lines.ts';

/** A stretch of lines that hold two columns of prose side by side. */
export interface SideBySide {
  /** Lines [from, to), from 0. */
  readonly from: number;
  readonly to: number;
  /** The character column at which the right one begins at the earliest. */
  readonly gutter: number;
}

/** A range of character columns without a letter, half-open. */
interface Gap {
  readonly from: number;
  readonly to: number;
}

/** Spaces between two columns, at the least; in a line now and then there are fewer. */
const NARROWEST = 2;
const WIDE = 3;
const FEWEST_LINES = 6;
/** Of the lines with words so many have them in both columns. */
const LEAST_SHARE_OF_BOTH = 0.5;
/** Words to a cell, on the average: fewer, and it is a table. */
const FEWEST_WORDS = 3;
/** So many of the cells of a column end in mid sentence, as lines of prose do. */
const LEAST_SHARE_RUNNING_ON = 0.4;

/**
 * Finds columns of prose side by side in plain text: lines with a gap in the same place, and on both sides of it words that run on
 * from line to line. Linear in the text.
 */
export function findSideBySide({ count, at }: TextLines): SideBySide[] {
  const found: SideBySide[] = [];
  for (let line = 0; line < count;) {
    const stretch = hasWideGap(at(line)) ? stretchFrom({ count, at }, line) : undefined;
    if (stretch && isProse(stretch, at)) found.push(stretch);
    line = stretch ? stretch.to : line + 1;
  }
  return found;
}

function hasWideGap(line: string): boolean {
  return /\S {3,}\S/.test(line);
}

/** The lines from one on that have a gap in common. */
function stretchFrom({ count, at }: TextLines, first: number): SideBySide | undefined {
  let gaps = gapsOf(at(first)).filter(({ from, to }) => to - from >= WIDE && to !== Infinity && from > 0);
  let last = first;
  for (let line = first + 1; line < count && gaps.length > 0; line++) {
    const text = at(line);
    if (text.trim() === '') {
      if (text.includes('\f')) break;
      continue;
    }
    const common = inCommon(gaps, gapsOf(text));
    if (common.length === 0) break;
    gaps = common;
    last = line;
  }
  if (last === first || gaps.length === 0) return undefined;
  const widest = gaps.reduce((best, gap) => (gap.to - gap.from > best.to - best.from ? gap : best));
  return { from: first, to: last + 1, gutter: widest.to === Infinity ? widest.from : widest.to };
}

/** The blank ranges of a line: its indent, two spaces and more, and all behind its end. */
function gapsOf(line: string): Gap[] {
  const gaps: Gap[] = [];
  for (const match of line.matchAll(/^ +| {2,}/g)) gaps.push({ from: match.index, to: match.index + match[0].length });
  const end = line.trimEnd().length;
  return [...gaps.filter(({ from }) => from < end), { from: end, to: Infinity }];
}

function inCommon(ours: readonly Gap[], theirs: readonly Gap[]): Gap[] {
  return ours.flatMap((our) =>
    theirs.flatMap((their): Gap[] => {
      const from = Math.max(our.from, their.from);
      const to = Math.min(our.to, their.to);
      return to - from >= NARROWEST ? [{ from, to }] : [];
    }),
  );
}

function isProse({ from, to, gutter }: SideBySide, at: TextLines['at']): boolean {
  const left: string[] = [];
  const right: string[] = [];
  let lines = 0;
  let both = 0;
  for (let line = from; line < to; line++) {
    const cells = [at(line).slice(0, gutter).trim(), at(line).slice(gutter).trim()];
    if (cells[0] === '' && cells[1] === '') continue;
    lines++;
    if (cells[0] !== '' && cells[1] !== '') both++;
    if (cells[0] !== '') left.push(cells[0]!);
    if (cells[1] !== '') right.push(cells[1]!);
  }
  return both >= FEWEST_LINES && both >= LEAST_SHARE_OF_BOTH * lines && [left, right].every(runsOn);
}

/** Whether cells read like lines of prose: several words, most of them ending in mid sentence, many beginning with a small letter. */
function runsOn(cells: readonly string[]): boolean {
  const words = cells.reduce((sum, cell) => sum + cell.split(/\s+/).filter((word) => /\p{L}/u.test(word)).length, 0);
  const open = cells.filter((cell) => !/[.!?:;…”"’)\d]$/u.test(cell)).length;
  const small = cells.filter((cell) => /^\p{Ll}/u.test(cell)).length;
  return (
    words >= FEWEST_WORDS * cells.length &&
    open >= LEAST_SHARE_RUNNING_ON * cells.length &&
    small >= LEAST_SHARE_RUNNING_ON * cells.length
  );
}

/**
 * The text with the columns of each stretch one under the other. No word is changed: spaces between the columns become line ends.
 * Lines end as the first of the text does.
 */
export function columnsInOrder(source: string, stretches: readonly SideBySide[]): string {
  const end = LINE_END.exec(source)?.[0] ?? '\n';
  const lines = source.split(LINE_END);
  const out: string[] = [];
  let next = 0;
  for (const { from, to, gutter } of stretches) {
    out.push(...lines.slice(next, from));
    const rows = lines.slice(from, to);
    const right = rows.map((row) => row.slice(gutter));
    const indent = Math.min(...right.filter((row) => row.trim() !== '').map((row) => row.search(/\S/)));
    out.push(...withoutEdges(rows.map((row) => row.slice(0, gutter).trimEnd())));
    out.push(...withoutEdges(right.map((row) => row.slice(indent).trimEnd())));
    next = to;
  }
  return [...out, ...lines.slice(next)].join(end);
}

/** Some lines of a text from one on, for a preview. */
export function someLines(text: string, from: number, count: number): string {
  return text
    .split(LINE_END)
    .slice(from, from + count)
    .join('\n');
}

const LINE_END = /\r\n|\r|\n/;

/** Without blank lines at the beginning and the end. */
function withoutEdges(rows: readonly string[]): string[] {
  const first = rows.findIndex((row) => row !== '');
  return first < 0 ? [] : rows.slice(first, rows.findLastIndex((row) => row !== '') + 1);
}
