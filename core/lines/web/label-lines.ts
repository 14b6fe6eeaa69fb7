import { isKept, LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { readWebLabel, type WebLabel } from './web-labels.ts';

/** In characters: a line as long as this holds a paragraph, a line longer than the second that ends a sentence is prose. */
export const LONG_LINE = 90;
const SHORTEST_PROSE = 30;
export const LONGEST_LABEL = 160;

/** What a line may be on a web page; longer ones are read as none. */
export function labelAt(source: string, table: LineTable, line: number): WebLabel {
  if (table.chars[line]! > LONGEST_LABEL) return 'no';
  return readWebLabel(source.slice(table.from[line], table.to[line]));
}

/** Whether a line holds a paragraph, or a sentence. */
export function isProse(table: LineTable, line: number): boolean {
  const { kind, chars, flags } = table;
  if (chars[line]! >= LONG_LINE) return true;
  if (chars[line]! < SHORTEST_PROSE) return false;
  const runsOn = Flag.startsLower | Flag.endsStop | Flag.endsColon | Flag.endsComma;
  if (flags[line]! & runsOn) return true;
  // It goes on below: not with who wrote what it is the title of.
  const next = line + 1;
  if (kind[next] !== LineKind.prose || !(flags[next]! & Flag.startsLower)) return false;
  return chars[next]! >= SHORTEST_PROSE || (flags[next]! & Flag.endsStop) !== 0;
}

/** Takes a line out as one of a page around its text; whoever pasted the page is asked. */
export function dropAsCompany(table: LineTable, line: number): void {
  table.kind[line] = LineKind.webLabel;
  table.removalDoubts.set(line, 'company');
}

/** The next lines from `start` on that follow one another without a blank one. */
export function nextGroup(
  { kind }: LineTable,
  start: number,
  isOfGroup: (kind: number) => boolean = isKept,
): { from: number; to: number } | undefined {
  let from = start;
  while (from < kind.length && !isOfGroup(kind[from]!)) from++;
  let to = from;
  while (to < kind.length && isOfGroup(kind[to]!)) to++;
  return from < to ? { from, to } : undefined;
}

/** The nearest line that is not blank, in one direction; outside the text where there is none. */
export function neighbour({ kind }: LineTable, line: number, step: 1 | -1): number {
  let at = line + step;
  while (at >= 0 && at < kind.length && kind[at] === LineKind.blank) at += step;
  return at;
}
