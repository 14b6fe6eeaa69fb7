import { isClosingMark, isInvisible, isLower, isStop, SOFT_HYPHEN } from './characters.ts';
import { grown } from './growing.ts';

/** How a line ended. The numbers are stored in typed arrays and never change their meaning. */
export const LineEnd = { none: 0, lf: 1, crlf: 2, cr: 3, pageBreak: 4, paragraph: 5, other: 6, spaces: 7 } as const;
export type LineEnd = (typeof LineEnd)[keyof typeof LineEnd];

/** Where the lines of a source lie, in UTF-16 offsets: line i is source[from[i], to[i]), its end source[to[i], next[i]). */
export interface LineIndex {
  readonly count: number;
  readonly from: Uint32Array;
  readonly to: Uint32Array;
  readonly next: Uint32Array;
  readonly end: Uint8Array;
}

/**
 * Finds the lines of a source. LF, CRLF, CR, VT, FF, NEL and the Unicode separators end lines; in a text that has
 * hardly any of them, runs of three or more spaces do (some converters leave only those between paragraphs).
 * The lines tile the source; a source of length n has at least one line.
 */
export function indexLines(source: string): LineIndex {
  const ends = findLineEnds(source);
  return spacesEndLines(source, ends.count - 1) ? cutAtSpaces(source) : ends;
}

const LINE_END = /\r\n?|[\n\v\f\u0085\u2028\u2029]/g;
const LINE_END_OR_SPACES = /\r\n?|[\n\v\f\u0085\u2028\u2029]| [\t \u00a0\u1680\u2000-\u200a\u202f\u205f\u3000]{2,}/g;

/** The lines by their line ends alone. */
function findLineEnds(source: string): LineIndex {
  const lines = new LineCollector(64 + (source.length >> 5));
  for (const { 0: unit, index } of source.matchAll(LINE_END)) lines.close(index, index + unit.length, kindOfEnd(unit));
  lines.close(source.length, source.length, LineEnd.none);
  return lines.toIndex();
}

/** The lines of a text that has runs of spaces where its paragraphs end. */
function cutAtSpaces(source: string): LineIndex {
  const lines = new LineCollector(64 + (source.length >> 8));
  for (const { 0: run, index } of source.matchAll(LINE_END_OR_SPACES)) {
    lines.close(index, index + run.length, run[0] === ' ' ? LineEnd.spaces : kindOfEnd(run));
  }
  lines.close(source.length, source.length, LineEnd.none);
  return lines.toIndex();
}

/** Lines as they are found one after another, in arrays that grow. */
class LineCollector {
  private count = 0;
  private lineFrom = 0;
  private from: Uint32Array<ArrayBuffer>;
  private to: Uint32Array<ArrayBuffer>;
  private next: Uint32Array<ArrayBuffer>;
  private end: Uint8Array<ArrayBuffer>;

  constructor(capacity: number) {
    this.from = new Uint32Array(capacity);
    this.to = new Uint32Array(capacity);
    this.next = new Uint32Array(capacity);
    this.end = new Uint8Array(capacity);
  }

  close(to: number, next: number, end: LineEnd): void {
    if (this.count === this.from.length) this.grow();
    this.from[this.count] = this.lineFrom;
    this.to[this.count] = to;
    this.next[this.count] = next;
    this.end[this.count] = end;
    this.count++;
    this.lineFrom = next;
  }

  toIndex(): LineIndex {
    const { count, from, to, next, end } = this;
    return {
      count,
      from: from.subarray(0, count),
      to: to.subarray(0, count),
      next: next.subarray(0, count),
      end: end.subarray(0, count),
    };
  }

  private grow(): void {
    this.from = grown(this.from);
    this.to = grown(this.to);
    this.next = grown(this.next);
    this.end = grown(this.end);
  }
}

/** The line that holds a position; a position inside a line end belongs to the line it ends. Logarithmic. */
export function lineAt(index: LineIndex, position: number): number {
  let low = 0;
  let high = index.count - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (index.from[middle]! <= position) low = middle;
    else high = middle - 1;
  }
  return low;
}

function kindOfEnd(unit: string): LineEnd {
  switch (unit) {
    case '\n':
      return LineEnd.lf;
    case '\r\n':
      return LineEnd.crlf;
    case '\r':
      return LineEnd.cr;
    case '\f':
      return LineEnd.pageBreak;
    case '\u2029':
      return LineEnd.paragraph;
    default:
      return LineEnd.other;
  }
}

const SPACE_RUN = /(\S)[ \u00a0]{3,}(\S)/g;
const CHARACTERS_PER_LINE_OF_GLUED_TEXT = 1000;
/** Of the runs, this many follow the end of a sentence (headings do not), and this many come before something that can begin one. */
const LEAST_AFTER_STOP = 0.3;
const LEAST_BEFORE_START = 0.6;

/** Whether runs of three spaces stand where a text without line ends has its paragraphs. */
function spacesEndLines(source: string, ends: number): boolean {
  if (source.length / (ends + 1) < CHARACTERS_PER_LINE_OF_GLUED_TEXT) return false;
  let runs = 0;
  let afterStop = 0;
  let beforeStart = 0;
  for (const [, before, after] of source.matchAll(SPACE_RUN)) {
    runs++;
    if (isStop(before!) || isClosingMark(before!)) afterStop++;
    if (!isLower(after!)) beforeStart++;
  }
  return runs >= 2 && afterStop / runs >= LEAST_AFTER_STOP && beforeStart / runs >= LEAST_BEFORE_START;
}

/**
 * The index with each line from where its words may begin to where they end: without the `common` characters that all lines are set in by,
 * and without a byte order mark, a zero-width space or a mark of direction, which hide what a line begins with. The index itself where there
 * is nothing of this.
 */
export function withoutHiddenEdges(source: string, index: LineIndex, common: number): LineIndex {
  let from: Uint32Array | undefined;
  let to: Uint32Array | undefined;
  for (let line = 0; line < index.count; line++) {
    let b = index.to[line]!;
    const a = Math.min(b, seenFrom(source, index, line) + common);
    while (b > a && isInvisible(source.charCodeAt(b - 1)) && source.charCodeAt(b - 1) !== SOFT_HYPHEN) b--;
    if (a !== index.from[line]) (from ??= index.from.slice())[line] = a;
    if (b !== index.to[line]) (to ??= index.to.slice())[line] = b;
  }
  return from || to ? { ...index, from: from ?? index.from, to: to ?? index.to } : index;
}

/** The spaces and tabs with which all lines that hold words begin. */
export function commonIndent(source: string, index: LineIndex): string {
  let common: string | undefined;
  for (let line = 0; line < index.count && common !== ''; line++) {
    const from = seenFrom(source, index, line);
    const to = index.to[line]!;
    let end = from;
    while (end < to && (source[end] === ' ' || source[end] === '\t')) end++;
    if (end === to) continue;
    let same = common === undefined ? end - from : 0;
    while (common !== undefined && same < common.length && common[same] === source[from + same]) same++;
    common = source.slice(from, from + same);
  }
  return common ?? '';
}

function seenFrom(source: string, index: LineIndex, line: number): number {
  let at = index.from[line]!;
  while (at < index.to[line]! && isInvisible(source.charCodeAt(at))) at++;
  return at;
}
