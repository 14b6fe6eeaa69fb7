import { isDigit, isSpace } from '../text/characters.ts';
import { LineKind } from './line-kind.ts';
import type { LineIndex } from '../text/line-index.ts';

/** Where the words of a line begin and end when a number in the margin stands beside them; 0 for lines without one. */
export interface MarginNumbers {
  readonly leadTo: Uint32Array;
  readonly tailFrom: Uint32Array;
}

interface Numbered {
  readonly line: number;
  /** How many lines with words come before. */
  readonly place: number;
  readonly value: number;
  /** Where the words begin, or end. */
  readonly edge: number;
  readonly startsLower: boolean;
}

const LEFT = /^\s*(\d{1,4})\s+(?=\S)/;
const RIGHT = /\s{2,}(\d{1,4})\s*$/;
const FEWEST_PAIRS = 3;
const LEAST_SHARE_OF_PAIRS = 0.7;
/** Where every line has its number, it must not be a list: nearly all lines have one, and some go on with a small letter. */
const FEWEST_LINES = 10;
const LEAST_SHARE_OF_LINES = 0.8;
const LEAST_SHARE_RUNNING_ON = 0.15;

/**
 * Finds line numbers in the margin, left or right: on every line, or on every fifth or so, growing with the lines. Undefined where
 * there are none. They may begin anew on each page.
 */
export function findMarginNumbers(source: string, index: LineIndex, kind: Uint8Array): MarginNumbers | undefined {
  const left: Numbered[] = [];
  const right: Numbered[] = [];
  let place = 0;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] === LineKind.blank) continue;
    const text = readEdges(source, index, line);
    if (text !== undefined) {
      const before = LEFT.exec(text);
      const after = RIGHT.exec(text);
      const from = index.from[line]!;
      if (before) left.push(toNumbered(line, place, before[1]!, from + before[0].length, text[before[0].length]!));
      if (after && after.index > 0) right.push(toNumbered(line, place, after[1]!, from + after.index, ''));
    }
    place++;
  }
  const found = isNumbering(left, place) ? left : isNumbering(right, place) ? right : undefined;
  if (!found) return undefined;
  const numbers = { leadTo: new Uint32Array(index.count), tailFrom: new Uint32Array(index.count) };
  for (const { line, edge } of found) (found === left ? numbers.leadTo : numbers.tailFrom)[line] = edge;
  return numbers;
}

function toNumbered(line: number, place: number, figures: string, edge: number, next: string): Numbered {
  return { line, place, value: Number(figures), edge, startsLower: next !== next.toUpperCase() };
}

/** The line, where a figure stands at one of its edges. */
function readEdges(source: string, index: LineIndex, line: number): string | undefined {
  let from = index.from[line]!;
  let to = index.to[line]!;
  while (from < to && isSpace(source.charCodeAt(from))) from++;
  while (to > from && isSpace(source.charCodeAt(to - 1))) to--;
  if (!isDigit(source.charCodeAt(from)) && !isDigit(source.charCodeAt(to - 1))) return undefined;
  return source.slice(index.from[line], index.to[line]);
}

function isNumbering(found: readonly Numbered[], lines: number): boolean {
  const steps = found.slice(1).map((next, at) => next.value - found[at]!.value);
  const fits = (step: number, at: number) => step > 0 && step === found[at + 1]!.place - found[at]!.place;
  const agreeing = steps.filter(fits);
  const restarts = steps.filter((step) => step <= 0).length;
  if (agreeing.length < FEWEST_PAIRS || agreeing.length < LEAST_SHARE_OF_PAIRS * (steps.length - restarts))
    return false;
  const step = agreeing[agreeing.length >> 1]!;
  if (step > 1) return found.every(({ value }) => value % step === 0);
  const runningOn = found.filter(({ startsLower }) => startsLower).length;
  return (
    found.length >= FEWEST_LINES &&
    found.length >= LEAST_SHARE_OF_LINES * lines &&
    runningOn >= LEAST_SHARE_RUNNING_ON * found.length
  );
}
