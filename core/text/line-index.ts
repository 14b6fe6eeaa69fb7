import { isClosingMark, isLower, isSpace, isStop } from './characters.ts';

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
  const ends = countLineEnds(source);
  const bySpaces = spacesEndLines(source, ends);
  const capacity = bySpaces ? ends + Math.ceil(source.length / 3) + 1 : ends + 1;
  const from = new Uint32Array(capacity);
  const to = new Uint32Array(capacity);
  const next = new Uint32Array(capacity);
  const end = new Uint8Array(capacity);
  let count = 0;
  let lineFrom = 0;
  const close = (lineTo: number, nextFrom: number, kind: LineEnd) => {
    from[count] = lineFrom;
    to[count] = lineTo;
    next[count] = nextFrom;
    end[count] = kind;
    count++;
    lineFrom = nextFrom;
  };
  for (let at = 0; at < source.length; at++) {
    const code = source.charCodeAt(at);
    if (code > 0x20 && code !== 0x85 && code < 0x2028) continue;
    const kind = lineEndAt(source, at, code);
    if (kind !== LineEnd.none) {
      const after = kind === LineEnd.crlf ? at + 2 : at + 1;
      close(at, after, kind);
      at = after - 1;
    } else if (bySpaces && code === 0x20) {
      let after = at;
      while (after < source.length && isSpace(source.charCodeAt(after))) after++;
      if (after - at >= 3) close(at, after, LineEnd.spaces);
      at = after - 1;
    }
  }
  close(source.length, source.length, LineEnd.none);
  return {
    count,
    from: from.slice(0, count),
    to: to.slice(0, count),
    next: next.slice(0, count),
    end: end.slice(0, count),
  };
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

function lineEndAt(source: string, at: number, code: number): LineEnd {
  switch (code) {
    case 0x0a:
      return LineEnd.lf;
    case 0x0d:
      return source.charCodeAt(at + 1) === 0x0a ? LineEnd.crlf : LineEnd.cr;
    case 0x0c:
      return LineEnd.pageBreak;
    case 0x2029:
      return LineEnd.paragraph;
    case 0x0b:
    case 0x85:
    case 0x2028:
      return LineEnd.other;
    default:
      return LineEnd.none;
  }
}

function countLineEnds(source: string): number {
  let count = 0;
  for (let at = 0; at < source.length; at++) {
    const code = source.charCodeAt(at);
    if (code > 0x0d && code !== 0x85 && code < 0x2028) continue;
    if (lineEndAt(source, at, code) !== LineEnd.none) count++;
  }
  return count;
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
