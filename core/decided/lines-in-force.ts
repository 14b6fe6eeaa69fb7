import { LINE_PASSES, passOfLine } from '../passes/index.ts';
import type { Choice } from '../choices/choice.ts';
import { isConstrained, mayEdit, type Permits } from '../choices/permits.ts';
import { encloses } from '../choices/ranges.ts';
import { measureLine } from '../lines/line-features.ts';
import { isDropped, LineKind } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';
import { isBlankUnit } from '../text/characters.ts';
import { lineAt } from '../text/line-index.ts';

const IS_LINE_PASS: ReadonlySet<string> = new Set(LINE_PASSES.map(({ id }) => id));

/**
 * Whether a change of choices leaves it as it was which lines are kept, and so all that is decided of seams. `table` is that of
 * the choices before.
 */
export function keepsLines(table: LineTable, before: readonly Choice[], after: readonly Choice[]): boolean {
  const old = lineChoices(before);
  const now = lineChoices(after);
  const changed = [...old].filter(([key]) => !now.has(key)).concat([...now].filter(([key]) => !old.has(key)));
  return changed.every(
    ([, choice]) => (choice.kind === 'hold' || choice.kind === 'rewrite') && !meetsDropped(table, choice),
  );
}

function lineChoices(choices: readonly Choice[]): Map<string, Choice> {
  const found = choices.filter((choice) => {
    if (choice.kind === 'stet' || choice.kind === 'limit') return !choice.pass || IS_LINE_PASS.has(choice.pass);
    return choice.kind === 'hold' || choice.kind === 'rewrite' || choice.kind === 'part';
  });
  return new Map(found.map((choice) => [JSON.stringify(choice), choice]));
}

/** Whether a range meets lines that were taken out, or would have been. */
function meetsDropped(table: LineTable, { from, to }: Choice): boolean {
  const { index, kind, leadTo, tailFrom, takenBack } = table;
  for (let line = lineAt(index, from); line < index.count && index.from[line]! <= to; line++) {
    if (takenBack.has(line) || isDropped(kind[line]!) || isEmptyMarkup(table, line)) return true;
    if (leadTo[line]! > 0 || tailFrom[line]! > 0) return true;
  }
  return false;
}

function isEmptyMarkup({ kind, from, to }: LineTable, line: number): boolean {
  return kind[line] === LineKind.blank && from[line]! < to[line]!;
}

/** Changes the table to what a person decided: lines that passes would take out and shall stand are prose again. */
export function putLinesInForce(source: string, table: LineTable, permits: Permits): void {
  if (!LINE_PASSES.some(({ id }) => isConstrained(permits, id))) return;
  for (let line = 0; line < table.index.count; line++) {
    takeBackDrop(source, table, line, permits);
    takeBackEdges(source, table, line, permits);
  }
}

/**
 * The table with the lines that a person left out. All is decided of a text before they leave it, so that nothing else changes;
 * the table from before is not touched. Gives that very table where nothing is left out.
 */
export function leaveLinesOut(table: LineTable, choices: readonly Choice[]): LineTable {
  const drops = choices.filter((choice) => choice.kind === 'drop');
  if (drops.length === 0) return table;
  const kind = table.kind.slice();
  for (const choice of drops) {
    for (let line = lineAt(table.index, choice.from); line < table.index.count; line++) {
      if (table.from[line]! >= choice.to) break;
      if (kind[line] !== LineKind.blank && table.to[line]! > choice.from) kind[line] = LineKind.byHand;
    }
  }
  return { ...table, kind };
}

function takeBackDrop(source: string, table: LineTable, line: number, permits: Permits): void {
  const isMarkup = isEmptyMarkup(table, line);
  if (!isDropped(table.kind[line]!) && !isMarkup) return;
  const pass = isMarkup ? 'stray-tags' : passOfLine(table.kind[line]!);
  // A note that says something else by hand is a note still.
  if (table.kind[line] === LineKind.aside && encloses(permits.rewritten, table.from[line]!, table.to[line]!)) return;
  // What was written over a line and the line ends around it stands in the place of all.
  if (encloses(permits.rewritten, table.index.from[line]! - 1, table.index.to[line]! + 1)) return;
  // A time beside the words goes with them.
  const from = table.leadTo[line]! > 0 ? table.index.from[line]! : table.from[line]!;
  const to = table.tailFrom[line]! > 0 ? table.index.to[line]! : table.to[line]!;
  if (pass === undefined || mayEdit(permits, pass, from, to)) return;
  table.kind[line] = LineKind.prose;
  table.takenBack.add(line);
  measureLine(source, table, line);
}

/** A time code or a number beside the words, back to them. */
function takeBackEdges(source: string, table: LineTable, line: number, permits: Permits): void {
  const { index, leadTo, tailFrom } = table;
  const from = index.from[line]!;
  const to = index.to[line]!;
  // What was written over the edge and the line end beside it stands in the place of both.
  const isCovered = (start: number, end: number) => encloses(permits.rewritten, start, end);
  const lead =
    leadTo[line]! > 0 && !mayEdit(permits, table.edgePass, from, leadTo[line]!) && !isCovered(from - 1, leadTo[line]!);
  const tail =
    tailFrom[line]! > 0 &&
    !mayEdit(permits, table.edgePass, tailFrom[line]!, to) &&
    !isCovered(tailFrom[line]!, to + 1);
  if (lead) {
    leadTo[line] = 0;
    table.from[line] = from;
    while (table.from[line]! < table.to[line]! && isBlankUnit(source.charCodeAt(table.from[line]!)))
      table.from[line]!++;
  }
  if (tail) {
    tailFrom[line] = 0;
    table.to[line] = to;
    while (table.to[line]! > table.from[line]! && isBlankUnit(source.charCodeAt(table.to[line]! - 1)))
      table.to[line]!--;
  }
  if (!lead && !tail) return;
  table.takenBack.add(line);
  if (table.kind[line] === LineKind.blank) table.kind[line] = LineKind.prose;
  measureLine(source, table, line);
}
