import { LineEnd } from '../../text/line-index.ts';
import { isDropped, LineKind } from '../line-kind.ts';
import type { KeptLines } from '../kept-lines.ts';
import type { LineTable } from '../line-table.ts';
import { readPageLabel } from './page-label.ts';

/*
 * Catchwords: in old print the first word of the next page stands below the last line of a page. Between the two may be the number of
 * the page and its head, and nothing else.
 */

const LONGEST = 20;
/** In characters: what it repeats begins a line of prose. */
const SHORTEST_PROSE = 25;
/** Page number, head, signature of the sheet. */
const FARTHEST = 3;
/** In columns: it stands at the right. */
const FARTHEST_LEFT = 16;
/** So many in one text need no more proof. */
const FEWEST = 3;

/** Sets the kind of catchwords and of the page numbers behind them; where they are few, each is asked about. Linear in the number of lines. */
export function dropCatchwords(source: string, table: LineTable, { lines }: KeptLines): void {
  const found: number[][] = [];
  for (let place = 1; place + 1 < lines.length; place++) {
    const turn = turnAt(source, table, lines, place);
    if (turn) found.push(turn);
  }
  for (const [word, ...numbers] of found) {
    table.kind[word!] = LineKind.runningHead;
    for (const line of numbers) table.kind[line] = LineKind.pageNumber;
    if (found.length < FEWEST) for (const line of [word!, ...numbers]) table.removalDoubts.set(line, 'lone');
  }
}

/** The catchword at a place and the numbers of pages between it and the word that it repeats; undefined where there is none. */
function turnAt(source: string, table: LineTable, lines: Uint32Array, place: number): number[] | undefined {
  const { kind, chars, from, to, indent, index } = table;
  const line = lines[place]!;
  if (kind[line] !== LineKind.prose || chars[line]! > LONGEST) return undefined;
  const word = source.slice(from[line], to[line]);
  if (!/^\p{L}/u.test(word)) return undefined;
  const numbers: number[] = [];
  let isTurn = indent[line]! >= FARTHEST_LEFT || index.end[line] === LineEnd.pageBreak;
  for (let next = place + 1; next <= place + FARTHEST && next < lines.length; next++) {
    const after = lines[next]!;
    if (isDropped(kind[after]!)) {
      isTurn = true;
      continue;
    }
    if (chars[after]! >= SHORTEST_PROSE)
      return isTurn && repeats(source, from[after]!, word) ? [line, ...numbers] : undefined;
    if (readPageLabel(source.slice(from[after], to[after]))?.rest !== '') return undefined;
    isTurn = true;
    numbers.push(after);
  }
  return undefined;
}

function repeats(source: string, at: number, word: string): boolean {
  return source.startsWith(word, at) && !/[\p{L}\p{N}]/u.test(source[at + word.length] ?? '');
}
