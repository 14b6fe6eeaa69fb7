import { Flag, type LineTable } from './line-table.ts';

const FEWEST_LINES = 8;
const SHARE_OF_SINGLE = 0.9;
/** A list of things has no "the" and "was" on lines of their own, prose has many. */
const SHARE_OF_FUNCTION_WORDS = 0.12;

/** Whether some lines, blank ones left out, are prose with one word to a line. */
export function areSingleWords({ firstChars, chars, flags }: LineTable, lines: Uint32Array): boolean {
  if (lines.length < FEWEST_LINES) return false;
  let single = 0;
  let small = 0;
  let ends = 0;
  for (const line of lines) {
    if (firstChars[line] === chars[line]) single++;
    if (flags[line]! & Flag.endsFunctionWord) small++;
    if (flags[line]! & Flag.endsStop) ends++;
  }
  return single >= lines.length * SHARE_OF_SINGLE && small >= lines.length * SHARE_OF_FUNCTION_WORDS && ends > 0;
}
