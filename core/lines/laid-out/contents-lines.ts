import { isBlankUnit, isDigit } from '../../text/characters.ts';
import { LineKind } from '../line-kind.ts';
import type { LineTable } from '../line-table.ts';

/** Before a page number; a sentence may break off with four dots, or with two signs of omission in Chinese and Japanese. */
const LEADERS = /\S\s*(?:(?:[.·•_]\s?){4,}|…(?:\s?…)+)\s*(?:\d{1,4}|[ivxlcIVXLC]{1,7})$/;
/** Where the number was lost there are many. */
const BARE_LEADERS = /\S\s*(?:(?:[.·•_]\s?){6,}|(?:…\s?){3,})$/;

/** Sets the kind of lines of a table of contents: words, dot leaders, a page number. */
export function findContents(source: string, table: LineTable): void {
  for (let line = 0; line < table.index.count; line++) {
    if (table.kind[line] !== LineKind.prose || !mayHaveLeaders(source, table, line)) continue;
    const text = source.slice(table.from[line], table.to[line]);
    if (LEADERS.test(text) || BARE_LEADERS.test(text)) table.kind[line] = LineKind.contents;
  }
}

/** Cheap refusal: a leader is four signs in a row, and a page number or a sign of it ends the line. */
function mayHaveLeaders(source: string, table: LineTable, line: number): boolean {
  const last = source.charCodeAt(table.to[line]! - 1);
  const isLetter = last > 0x7f || last === 0x2e || last === 0x5f || 'ivxlcIVXLC'.includes(String.fromCharCode(last));
  if (!isDigit(last) && !isLetter) return false;
  // Before the number and its spaces stand two signs of a leader at the least, close together.
  const from = table.from[line]!;
  let at = table.to[line]! - 1;
  while (at > from && (isDigit(source.charCodeAt(at)) || 'ivxlcIVXLC'.includes(source[at]!))) at--;
  while (at > from && isBlankUnit(source.charCodeAt(at))) at--;
  if (!isLeader(source.charCodeAt(at))) return false;
  return isLeader(source.charCodeAt(at - 1)) || isLeader(source.charCodeAt(at - 2));
}

function isLeader(code: number): boolean {
  return code === 0x2e || code === 0x5f || code === 0xb7 || code === 0x2022 || code === 0x2026;
}
