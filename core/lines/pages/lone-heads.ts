import { LineEnd } from '../../text/line-index.ts';
import { mostFrequent } from '../../text/most-frequent.ts';
import { isDropped, LineKind } from '../line-kind.ts';
import type { KeptLines } from '../kept-lines.ts';
import { Flag, type LineTable } from '../line-table.ts';

/*
 * Heads that come only once, since the text is short or its heads change: a short line that stands alone in the middle of a
 * sentence. Nothing proves what it is, so whoever drops it has to ask; but it is never part of the sentence.
 */

const LONGEST = 60;
/** In characters: the lines of the sentence are those of prose. */
const SHORTEST_BEFORE = 25;
const SHORTEST_AFTER = 10;
/** Share of lines that end a sentence, at the least: without stops nothing tells where one goes on. */
const LEAST_STOPS = 0.1;
const ENDS = Flag.endsStop | Flag.endsComma | Flag.endsColon | Flag.endsHyphen | Flag.endsDash;
const BEGINS = Flag.startsUpper | Flag.startsDigit | Flag.startsCaseless;

/** The places of such lines. Linear in the number of lines. */
export function findLoneHeads(table: LineTable, kept: KeptLines): number[] {
  const { kind, flags, chars } = table;
  const stays = [...kept.lines.keys()].filter((place) => !isDropped(kind[kept.lines[place]!]!));
  const stops = stays.filter((place) => flags[kept.lines[place]!]! & Flag.endsStop).length;
  if (stops < stays.length * LEAST_STOPS) return [];
  const usual = usualBlanks(table, kept, stays);
  const lone: number[] = [];
  for (let at = 1; at + 1 < stays.length; at++) {
    const line = kept.lines[stays[at]!]!;
    if (chars[line]! > LONGEST || flags[line]! & ENDS || !(flags[line]! & BEGINS)) continue;
    if (flags[line]! & Flag.startsMarker) continue;
    const before = kept.lines[stays[at - 1]!]!;
    const after = kept.lines[stays[at + 1]!]!;
    if (chars[before]! < SHORTEST_BEFORE || flags[before]! & (Flag.endsStop | Flag.endsColon | Flag.endsQuote))
      continue;
    if (chars[after]! < SHORTEST_AFTER || !(flags[after]! & Flag.startsLower)) continue;
    if (kind[before] !== LineKind.prose || kind[after] !== LineKind.prose) continue;
    if (standsApart(table, before, line, usual) && standsApart(table, line, after, usual)) lone.push(stays[at]!);
  }
  return lone;
}

/** The blank lines between most lines of which the second goes on in small letters: some texts have one after every line. */
function usualBlanks(table: LineTable, kept: KeptLines, stays: readonly number[]): number {
  const goesOn = stays.filter((place, at) => at > 0 && (table.flags[kept.lines[place]!]! & Flag.startsLower) !== 0);
  return mostFrequent(goesOn.map((place) => blanksBetween(table, kept.lines[place - 1]!, kept.lines[place]!)));
}

function blanksBetween({ kind }: LineTable, line: number, next: number): number {
  let blanks = 0;
  for (let at = line + 1; at < next; at++) if (kind[at] === LineKind.blank) blanks++;
  return blanks;
}

/** Whether more blank lines than usual, furniture or a page break lie between two lines. */
function standsApart(table: LineTable, line: number, next: number, usual: number): boolean {
  if (table.index.end[line] === LineEnd.pageBreak || blanksBetween(table, line, next) > usual) return true;
  for (let at = line + 1; at < next; at++) if (isDropped(table.kind[at]!)) return true;
  return false;
}
