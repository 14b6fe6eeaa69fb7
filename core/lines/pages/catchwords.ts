import { LineEnd } from '../../text/line-index.ts';
import { isDropped, LineKind } from '../line-kind.ts';
import type { KeptLines } from '../kept-lines.ts';
import type { LineTable } from '../line-table.ts';
import { readPageLabel } from './page-label.ts';

/*
 * Catchwords: in old print the first word of the next page stands at the right below the last line of a page. Between the two may be the
 * number of the page, and nothing else.
 */

const LONGEST = 20;
/** "B2                 father,": what the printer put below the first page of a sheet, far to the left of it. */
const SIGNED = /^\p{Lu}{1,2}\d{0,2}\s{8,}(?<word>\p{L}.*)$/u;
/** In characters: what it repeats begins a line of prose. */
const SHORTEST_PROSE = 25;
/** Numbers and heads of a page turn. */
const FARTHEST = 3;
/** In columns: it stands at the right. */
const FARTHEST_LEFT = 16;
/** So many page turns in one text need no more proof. */
const FEWEST = 3;

/** In units. */
const LONGEST_SIGNED = 100;
/** Cheap refusal of nearly all long lines: so many units of one with a signature hold such a gap. */
const SIGNATURE = 12;
const WIDE_GAP = ' '.repeat(8);

interface Turn {
  readonly catchword: number;
  /** The lines between it and the word that it repeats that hold the number of a page. */
  readonly numbers: readonly number[];
  /** A page break, or what was known to be furniture, lies between the two, or a number does. */
  readonly isPage: boolean;
}

/**
 * Sets the kind of catchwords and of the page numbers behind them. Whoever stands above a speech may be named in it, so that each is
 * asked about, unless many pages turn so. Linear in the number of lines.
 */
export function dropCatchwords(source: string, table: LineTable, { lines }: KeptLines): void {
  const turns: Turn[] = [];
  for (let place = 1; place + 1 < lines.length; place++) {
    const turn = turnAt(source, table, lines, place);
    if (turn) turns.push(turn);
  }
  const areMany = turns.filter(({ isPage }) => isPage).length >= FEWEST;
  for (const { catchword, numbers, isPage } of turns) {
    table.kind[catchword] = LineKind.runningHead;
    for (const line of numbers) table.kind[line] = LineKind.pageNumber;
    if (!areMany || !isPage) for (const line of [catchword, ...numbers]) table.removalDoubts.set(line, 'lone');
  }
}

/** The page turn of the catchword at a place; undefined where there is none. */
function turnAt(source: string, table: LineTable, lines: Uint32Array, place: number): Turn | undefined {
  const { kind, chars, from, to, indent, index } = table;
  const line = lines[place]!;
  if (kind[line] !== LineKind.prose) return undefined;
  if (chars[line]! > LONGEST && !source.slice(from[line], from[line]! + SIGNATURE).includes(WIDE_GAP)) return undefined;
  const text = source.slice(from[line], Math.min(to[line]!, from[line]! + LONGEST_SIGNED));
  const signed = SIGNED.exec(text)?.groups;
  const word = signed?.['word'] ?? text;
  const farLeft = indent[line]! + (signed ? text.length - word.length : 0);
  if (word.length > LONGEST || !/^\p{L}/u.test(word)) return undefined;
  const numbers: number[] = [];
  let isPage = index.end[line] === LineEnd.pageBreak;
  for (let next = place + 1; next <= place + FARTHEST && next < lines.length; next++) {
    const after = lines[next]!;
    if (isDropped(kind[after]!)) {
      isPage = true;
      continue;
    }
    if (chars[after]! >= SHORTEST_PROSE) {
      const isApart = isPage || (farLeft >= FARTHEST_LEFT && kind[line + 1] === LineKind.blank);
      return isApart && repeats(source, from[after]!, word) ? { catchword: line, numbers, isPage } : undefined;
    }
    if (readPageLabel(source.slice(from[after], to[after]))?.rest !== '') return undefined;
    isPage = true;
    numbers.push(after);
  }
  return undefined;
}

function repeats(source: string, at: number, word: string): boolean {
  return source.startsWith(word, at) && !/[\p{L}\p{N}]/u.test(source[at + word.length] ?? '');
}
