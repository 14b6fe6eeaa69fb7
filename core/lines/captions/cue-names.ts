import type { LineIndex } from '../../text/line-index.ts';
import { LineKind } from '../line-kind.ts';
import type { TimeSpot } from './time-spots.ts';

const NUMBER = /^\s*\ufeff?(\d{1,6})\s*$/;
/** Numbers may be missing where cues were cut out. */
const MOST_SKIPPED = 20;
const SHARE_OF_NAMED = 0.5;

/**
 * Drops the numbers and names of cues: what stands alone right before the time of a cue. Numbers count on, so that a spoken "37"
 * stays; in a WebVTT file a cue may have any name, which a blank line parts from the words before.
 */
export function dropCueNames(source: string, index: LineIndex, kind: Uint8Array, spots: readonly TimeSpot[]): void {
  const cues = spots.filter(({ place }) => place === 'alone');
  const numbers: { line: number; number: number }[] = [];
  for (const { line } of cues) {
    const match =
      line > 0 &&
      kind[line - 1] === LineKind.prose &&
      NUMBER.exec(source.slice(index.from[line - 1], index.to[line - 1]));
    if (match) numbers.push({ line: line - 1, number: Number(match[1]) });
  }
  if (numbers.length >= cues.length * SHARE_OF_NAMED) {
    let last: number | undefined;
    for (const { line, number } of numbers) {
      if (last !== undefined && (number <= last || number > last + MOST_SKIPPED)) continue;
      if (last === undefined && !startsCount(numbers, number)) continue;
      last = number;
      kind[line] = LineKind.cueNumber;
    }
  }
  if (!/^\s*\ufeff?WEBVTT/.test(source.slice(0, 40))) return;
  for (const { line, isSure } of cues) {
    const name = line - 1;
    if (isSure && name > 0 && kind[name] === LineKind.prose && kind[name - 1] === LineKind.blank)
      kind[name] = LineKind.cueNumber;
  }
}

/** A count begins with a number that another follows; one number alone is the first of its kind where it stands before all cues. */
function startsCount(numbers: readonly { readonly number: number }[], first: number): boolean {
  return numbers.length === 1 || numbers.some(({ number }) => number === first + 1);
}
