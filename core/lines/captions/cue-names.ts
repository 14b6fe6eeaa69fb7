import type { LineIndex } from '../../text/line-index.ts';
import { LineKind } from '../line-kind.ts';
import type { TimeSpot } from './time-spots.ts';

const NUMBER = /^\s*\ufeff?#?(\d{1,6})[.:)]?\s*$/;
/** Numbers may be missing where cues were cut out. */
const MOST_SKIPPED = 20;
/** In lines. */
const MOST_BLANK = 3;
const SHARE_OF_NAMED = 0.5;

/**
 * Drops the numbers and names of cues: what stands alone before the time of a cue. Numbers count on, so that a spoken "37"
 * stays, and may begin anew; in a WebVTT file a cue may have any name, which a blank line parts from the words before.
 */
export function dropCueNames(source: string, index: LineIndex, kind: Uint8Array, spots: readonly TimeSpot[]): void {
  const cues = spots.filter(({ place }) => place === 'alone');
  const numbers: { line: number; number: number }[] = [];
  for (const { line: cue } of cues) {
    const line = lineBefore(kind, cue);
    const match = kind[line] === LineKind.prose && NUMBER.exec(source.slice(index.from[line], index.to[line]));
    if (match) numbers.push({ line, number: Number(match[1]) });
  }
  if (numbers.length >= cues.length * SHARE_OF_NAMED) {
    for (const [at, { line }] of numbers.entries()) {
      // One number alone is the first of a count where it stands before the first cue.
      if (numbers.length === 1 || counts(numbers[at - 1], numbers[at]) || counts(numbers[at], numbers[at + 1])) {
        kind[line] = LineKind.cueNumber;
      }
    }
  }
  if (!/^\s*\ufeff?WEBVTT/.test(source.slice(0, 40))) return;
  for (const { line, isSure } of cues) {
    const name = line - 1;
    if (isSure && name > 0 && kind[name] === LineKind.prose && kind[name - 1] === LineKind.blank)
      kind[name] = LineKind.cueNumber;
  }
}

/** The line right before one, or the one before blank lines, as where a file was set double. */
function lineBefore(kind: Uint8Array, line: number): number {
  let before = line - 1;
  while (before > line - MOST_BLANK && kind[before] === LineKind.blank) before--;
  return before;
}

/** Whether one number follows the other in a count. */
function counts(
  before: { readonly number: number } | undefined,
  after: { readonly number: number } | undefined,
): boolean {
  return (
    before !== undefined &&
    after !== undefined &&
    after.number > before.number &&
    after.number <= before.number + MOST_SKIPPED
  );
}
