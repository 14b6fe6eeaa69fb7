import { LineKind } from '../line-kind.ts';
import type { LineTable } from '../line-table.ts';

/*
 * Differences between files in the unified format: heads of files, and hunks whose heads say how many lines they have, each of which
 * begins with a sign.
 */

/** "@@ -12,3 +12,4 @@ height": from which line, and how many, before and after. */
const HUNK = /^@@ -\d+(?:,(?<before>\d+))? \+\d+(?:,(?<after>\d+))? @@/;
const HEAD =
  /^(?:diff --git |index [\da-f]+\.\.|(?:---|\+\+\+) \S|(?:new|deleted) file mode |rename (?:from|to) |similarity index )/;

/** Sets the kind of the lines of differences. Linear: nothing is read where no hunk begins. */
export function findPatches(source: string, table: LineTable): void {
  const { index, from, to, kind } = table;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] === LineKind.blank || source[from[line]!] !== '@') continue;
    const hunk = HUNK.exec(source.slice(from[line], to[line]))?.groups;
    if (!hunk) continue;
    for (let head = line - 1; head >= 0 && isHead(source, table, head); head--) kind[head] = LineKind.code;
    const end = endOfHunk(source, table, line + 1, Number(hunk['before'] ?? 1), Number(hunk['after'] ?? 1));
    for (let at = line; at < end; at++) if (from[at] !== to[at]) kind[at] = LineKind.code;
    line = end - 1;
  }
}

function isHead(source: string, { kind, from, to }: LineTable, line: number): boolean {
  return kind[line] !== LineKind.blank && HEAD.test(source.slice(from[line], to[line]));
}

/** The line behind a hunk that has this many lines before and after. */
function endOfHunk(source: string, table: LineTable, first: number, before: number, after: number): number {
  const { index, from, to } = table;
  let line = first;
  for (; line < index.count && (before > 0 || after > 0); line++) {
    const sign = source[index.from[line]! + table.margin];
    if (sign === '\\') continue;
    // Many programs take the space of an empty line away.
    const isSame = sign === ' ' || from[line] === to[line];
    if (!isSame && sign !== '+' && sign !== '-') break;
    if (isSame || sign === '-') before--;
    if (isSame || sign === '+') after--;
  }
  return line;
}
