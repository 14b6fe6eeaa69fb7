import { isDigit } from '../text/characters.ts';
import { LineKind } from './line-kind.ts';
import type { LineTable } from './line-table.ts';

const LEADERS = /\S\s*(?:(?:[.·•_]\s?){4,}|…(?:\s?…)+)\s*(?:\d{1,4}|[ivxlcIVXLC]{1,7})?$/;

/** Sets the kind of lines of a table of contents: words, dot leaders, a page number. */
export function findContents(source: string, table: LineTable): void {
  for (let line = 0; line < table.index.count; line++) {
    if (table.kind[line] !== LineKind.prose || !mayHaveLeaders(source, table, line)) continue;
    if (LEADERS.test(source.slice(table.from[line], table.to[line]))) table.kind[line] = LineKind.contents;
  }
}

/** Cheap refusal: a leader is four signs in a row, and a page number or a sign of it ends the line. */
function mayHaveLeaders(source: string, table: LineTable, line: number): boolean {
  const last = source.charCodeAt(table.to[line]! - 1);
  const isLetter = last > 0x7f || last === 0x2e || last === 0x5f || 'ivxlcIVXLC'.includes(String.fromCharCode(last));
  if (!isDigit(last) && !isLetter) return false;
  const from = table.from[line]!;
  for (let at = table.to[line]! - 1; at > from; at--) {
    const code = source.charCodeAt(at);
    if (code === 0x2e || code === 0x5f || code > 0x7f) return true;
    if (table.to[line]! - at > 10) return false;
  }
  return false;
}
