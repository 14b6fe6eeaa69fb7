import { Flag, type LineTable } from '../../lines/line-table.ts';
import { edgeInCharacters, widestEdge } from '../measure/room.ts';
import { LEANS } from '../runs-on.ts';
import type { SeamTable } from '../seam-table.ts';

const ENDS = Flag.endsStop | Flag.endsColon | Flag.endsComma | Flag.endsQuote | Flag.endsDash;
/** In characters: the fields of a form are shorter. */
const NARROWEST = 36;

/**
 * Whether a line of a group of lines from place `first` to `last` is the rest of a sentence that ends in a colon, and not a name with
 * nothing behind it: the line before leans on it, or ends nothing and had no room for its first word. Of the text `words` of the line.
 */
export function isRestWithColon(
  table: LineTable,
  { line }: SeamTable,
  first: number,
  last: number,
  place: number,
  words: string,
): boolean {
  if (place === first || words.indexOf(':') !== words.length - 1) return false;
  const before = line[place - 1]!;
  if (table.flags[before]! & LEANS & ~Flag.endsComma) return true;
  const edge = edgeInCharacters(table, before);
  if (table.flags[before]! & ENDS || edge < NARROWEST) return false;
  return edge + 1 + table.firstChars[line[place]!]! > widestEdge(table, line.subarray(first, last + 1));
}
