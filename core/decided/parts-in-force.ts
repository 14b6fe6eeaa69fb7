import type { Choice } from '../choices/choice.ts';
import { isKept, LineKind } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';
import { PART_KINDS, type PartKind } from '../lines/part.ts';
import { lineAt } from '../text/line-index.ts';

const KIND_OF_LINES: Readonly<Record<PartKind, LineKind>> = {
  prose: LineKind.prose,
  list: LineKind.prose,
  verse: LineKind.prose,
  table: LineKind.tableRow,
  code: LineKind.code,
};

/**
 * The table with what a person said of its parts: their lines are no headings any more, and rows or code where they said so. The
 * table given is changed; lines that leave the text still leave it.
 */
export function putPartsInForce(table: LineTable, choices: readonly Choice[]): LineTable {
  const parts = choices.filter((choice) => choice.kind === 'part');
  if (parts.length === 0) return table;
  const { index, kind, from, to } = table;
  const part = new Uint8Array(index.count);
  for (const choice of parts) {
    for (let line = lineAt(index, choice.from); line < index.count && index.from[line]! < choice.to; line++) {
      if (!isKept(kind[line]!) || from[line]! >= choice.to || to[line]! <= choice.from) continue;
      part[line] = 1 + PART_KINDS.indexOf(choice.as);
      kind[line] = KIND_OF_LINES[choice.as];
    }
  }
  return { ...table, part };
}
