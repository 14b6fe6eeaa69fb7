import { LineKind } from '../line-kind.ts';
import type { KeptLines } from '../kept-lines.ts';
import type { LineTable } from '../line-table.ts';

/*
 * Numbers of slides and of short pages: each right below the words of its page, before blank lines, counting up by one to the end
 * of the text. They are too close to one another to be told by the lines of a page, and a list may be numbered so: each is asked about.
 */

const FEWEST = 3;
const NUMBER = /^\d{1,3}$/;

/** The places of such numbers; empty where the text has others, or does not end with the last. Linear in the number of lines. */
export function footNumbers(source: string, { from, to, kind }: LineTable, { lines }: KeptLines): number[] {
  const places: number[] = [];
  let last: number | undefined;
  for (const [place, line] of lines.entries()) {
    if (to[line]! - from[line]! > 3) continue;
    const text = source.slice(from[line], to[line]);
    if (!NUMBER.test(text)) continue;
    const isAtFoot = place > 0 && kind[line - 1] !== LineKind.blank && kind[line + 1] !== LineKind.prose;
    if (!isAtFoot || (last !== undefined && Number(text) !== last + 1)) return [];
    last = Number(text);
    places.push(place);
  }
  return places.length >= FEWEST && places.at(-1) === lines.length - 1 ? places : [];
}
