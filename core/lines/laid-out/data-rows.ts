import { LineKind } from '../line-kind.ts';
import type { LineTable } from '../line-table.ts';

/*
 * Rows of data whose cells nothing but commas or semicolons part, as in files of values (RFC 4180): no space stands behind one, as it does in
 * prose, and each row has as many.
 */

const FEWEST_ROWS = 3;
const FEWEST_PARTED = 2;
/** In units. */
const LONGEST = 400;
const CELL = String.raw`(?:"[^"\n]*"|[^",;\s][^",;\n]*)?`;
const ROW = new RegExp(`^${CELL}(?:,${CELL})+$|^${CELL}(?:;${CELL})+$`);

/** Sets the kind of such rows. Linear in the length of the source. */
export function findDataRows(source: string, table: LineTable): void {
  const { kind, index } = table;
  for (let first = 0; first < index.count;) {
    const cells = cellsOf(source, table, first);
    let end = first + 1;
    if (cells > FEWEST_PARTED) while (end < index.count && cellsOf(source, table, end) === cells) end++;
    if (end - first >= FEWEST_ROWS) kind.fill(LineKind.tableRow, first, end);
    first = end;
  }
}

/** How many cells a line has, if it is a row; 1 for any other. */
function cellsOf(source: string, { kind, from, to }: LineTable, line: number): number {
  if (kind[line] !== LineKind.prose || to[line]! - from[line]! > LONGEST) return 1;
  const text = source.slice(from[line], to[line]);
  if (!/[,;]/.test(text) || !ROW.test(text)) return 1;
  return text.replace(/"[^"]*"/g, '').split(/[,;]/).length;
}
