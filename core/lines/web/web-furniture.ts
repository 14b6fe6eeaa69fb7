import { isKept, LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { readWebLabel } from './web-labels.ts';

/*
 * What a web page puts around its text: menus, buttons, counters, adverts, the links below. Only in texts that look like a copied
 * page: each line a whole paragraph, and several labels among them.
 */

/** In characters: a line as long as this holds a paragraph, a line longer than the second that ends a sentence is prose. */
const LONG_LINE = 100;
const SHORTEST_PROSE = 50;
const LEAST_SHARE_IN_LONG_LINES = 0.5;
const FEWEST_LABELS = 2;
const LONGEST_LABEL = 160;

/** Sets the kind of labels, and of the links that follow the last prose. */
export function findWebFurniture(source: string, table: LineTable): void {
  if (!standsInLongLines(table)) return;
  const { count } = table.index;
  const labels: number[] = [];
  let maybe: number[] = [];
  let lastProse = -1;
  let besideLabel = false;
  for (let line = 0; line < count; line++) {
    if (!isKept(table.kind[line]!)) continue;
    const label = labelAt(source, table, line);
    if (label === 'maybe') {
      maybe.push(line);
      continue;
    }
    // Words of menus are labels beside others, or where several stand in a row.
    if (besideLabel || label === 'sure' || maybe.length > 1) labels.push(...maybe);
    maybe = [];
    besideLabel = label === 'sure';
    if (label === 'sure') labels.push(line);
    else if (isProse(table, line)) lastProse = line;
  }
  if (besideLabel || maybe.length > 1) labels.push(...maybe);
  if (labels.length < FEWEST_LABELS) return;
  for (const line of labels) table.kind[line] = LineKind.webLabel;
  const tail = labels.find((line) => line > lastProse);
  if (tail === undefined) return;
  for (let line = tail; line < count; line++) if (isKept(table.kind[line]!)) table.kind[line] = LineKind.webLabel;
}

function standsInLongLines(table: LineTable): boolean {
  let all = 0;
  let long = 0;
  for (let line = 0; line < table.index.count; line++) {
    const chars = table.chars[line]!;
    all += chars;
    if (chars >= LONG_LINE) long += chars;
  }
  return all > 0 && long / all >= LEAST_SHARE_IN_LONG_LINES;
}

function labelAt(source: string, table: LineTable, line: number): 'sure' | 'maybe' | 'no' {
  if (table.chars[line]! > LONGEST_LABEL) return 'no';
  return readWebLabel(source.slice(table.from[line], table.to[line]));
}

function isProse(table: LineTable, line: number): boolean {
  if (table.chars[line]! >= LONG_LINE) return true;
  return table.chars[line]! >= SHORTEST_PROSE && (table.flags[line]! & (Flag.endsStop | Flag.endsColon)) !== 0;
}
