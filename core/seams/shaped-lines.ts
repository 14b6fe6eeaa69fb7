import { LineKind } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';

const CERTAINTY = 0.92;
/** Lines of one shape in a group without wider gaps that make it a list. */
const FEWEST = 3;
const LONGEST_LEAD = 40;

/** What lines of a list have in common, each in one bit; and those whose lines never go on in the next. */
const Shape = {
  /** A time, a date, a figure or a count before the words: "9:15 ", "1711 ", "2 x ". */
  figureBefore: 1,
  /** "Name: words". */
  keyBefore: 2,
  /** "word – what it means". */
  dashBefore: 4,
  /** A page, a price or a telephone number behind the words. */
  figureBehind: 8,
  assignment: 16,
  command: 32,
  cells: 64,
} as const;
const WHOLE = Shape.assignment | Shape.command | Shape.cells;

const PATTERNS: readonly (readonly [number, RegExp])[] = [
  [Shape.figureBefore, /^(?:\d{1,2}[:.h]\d\d|\d{1,4}(?:[./–-]\d{1,4}){0,2}|\d{1,4} ?[x×])(?:[.:)]?\s+|\t)[^\s\d]/],
  [Shape.keyBefore, /^[\p{Lu}\p{N}][^:.!?\n]{0,30}:(?:\s|$)/u],
  [Shape.dashBefore, /^[^\s–—-][^–—\n]{0,30}\s[–—-]\s\S/],
  [Shape.figureBehind, /[\p{L})”’"].*(?:[,.…]|\s\s|\t)\s*\d[\d.,–-]*$|\p{L}[^.!?]{0,50}\s\d{1,4}$/u],
  [Shape.assignment, /^[#;]|^\[[\w .-]+\]$|^[\w.-]+\s?=\s?\S|^[\w.-]+\s?=$/],
  [Shape.command, /^[$%>#]\s\S/],
  [Shape.cells, /^\|.*\|$|\S\t+\S/],
];

function shapeOf(text: string): number {
  const head = text.slice(0, LONGEST_LEAD);
  let shape = 0;
  for (const [bit, pattern] of PATTERNS) {
    const isWhole = bit === Shape.figureBehind || bit === Shape.cells;
    if (pattern.test(isWhole ? text : head)) shape |= bit;
  }
  return shape;
}

/**
 * Settles the seams of lists without signs: lines of a group, with no wider gap between them, that share a shape are never joined
 * to one another, nor to the prose before them. A line of another shape among them may go on the entry before it.
 */
export function settleShapedLines(
  source: string,
  table: LineTable,
  seams: SeamTable,
  decision: Uint8Array,
  certainty: Float32Array,
): void {
  for (let first = 0; first <= seams.count;) {
    let last = first;
    while (last < seams.count && seams.blanks[last] === 0) last++;
    if (last - first + 1 >= FEWEST) settleGroup(source, table, seams, first, last, decision, certainty);
    first = last + 1;
  }
}

const LONGEST_GROUP = 400;

function settleGroup(
  source: string,
  table: LineTable,
  seams: SeamTable,
  first: number,
  last: number,
  decision: Uint8Array,
  certainty: Float32Array,
): void {
  if (last - first > LONGEST_GROUP) return;
  const shapes: number[] = [];
  for (let place = first; place <= last; place++) {
    const line = seams.line[place]!;
    shapes.push(table.kind[line] === LineKind.prose ? shapeOf(source.slice(table.from[line], table.to[line])) : 0);
  }
  const shape = commonShape(shapes);
  if (shape === 0) return;
  // Entries of one line each stay together; where some are longer each is a paragraph.
  const isTogether = shapes.every(
    (one, at) => (one & shape) !== 0 && table.chars[seams.line[first + at]!]! <= LONGEST_TOGETHER,
  );
  for (let seam = first; seam < last; seam++) {
    const isEntry = (shapes[seam + 1 - first]! & shape) !== 0;
    const endsWhole = (shape & WHOLE) !== 0 && (shapes[seam - first]! & shape) !== 0;
    if ((!isEntry && !endsWhole) || decision[seam] === Decision.keep) continue;
    decision[seam] = isTogether ? Decision.keep : Decision.break;
    certainty[seam] = CERTAINTY;
  }
}

const LONGEST_TOGETHER = 72;
const SHARE = 0.5;

/** The shape of most lines; 0 where there is none, or too few have it. Two rows or commands are enough, they look like nothing else. */
function commonShape(shapes: readonly number[]): number {
  let best = 0;
  let most = 0;
  for (const [bit] of PATTERNS) {
    const count = shapes.filter((shape) => (shape & bit) !== 0).length;
    const fewest = bit & WHOLE ? 2 : FEWEST;
    if (count >= fewest && count >= shapes.length * (bit & WHOLE ? SHARE : (SHARE_OF[bit] ?? SHARE)) && count > most) {
      best = bit;
      most = count;
    }
  }
  return best;
}

/** Entries may wrap: fewer of the lines of a group then begin one. */
const SHARE_OF: Readonly<Record<number, number>> = {
  [Shape.figureBefore]: 0.34,
  [Shape.keyBefore]: 0.3,
  [Shape.dashBefore]: 0.5,
  [Shape.figureBehind]: 0.6,
};
