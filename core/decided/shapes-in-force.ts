import { LineKind } from '../lines/line-kind.ts';
import { measureLine } from '../lines/line-features.ts';
import type { LineTable } from '../lines/line-table.ts';
import { PART_KINDS, type PartKind } from '../lines/part.ts';
import { shapeLines } from '../shapes/apply-shapes.ts';
import type { LineShape, WrittenAs } from '../shapes/line-shape.ts';
import { withoutBlanks } from '../shapes/signs.ts';

const PART_OF: Readonly<Record<WrittenAs, PartKind>> = { list: 'list', lines: 'verse', columns: 'table' };

/**
 * The table with what taught shapes make of lines: each line that one fits stands by itself, whatever else it looks like. A part that
 * a person said something of is theirs. The table given is changed. Linear in the text for each shape.
 */
export function putShapesInForce(source: string, table: LineTable, shapes: readonly LineShape[]): LineTable {
  if (shapes.length === 0) return table;
  const { index, kind, from, to } = table;
  const part = table.part ?? new Uint8Array(index.count);
  const lines = { count: index.count, at: (line: number) => source.slice(index.from[line], index.to[line]) };
  const shaped = shapeLines(shapes, lines, (line) => part[line] === 0);
  for (const [line, { shape }] of shaped) {
    const as = PART_OF[shape.as];
    part[line] = 1 + PART_KINDS.indexOf(as);
    kind[line] = as === 'table' ? LineKind.tableRow : LineKind.prose;
    const words = withoutBlanks(source, index.from[line], index.to[line]);
    from[line] = words.from;
    to[line] = words.to;
    table.leadTo[line] = 0;
    table.tailFrom[line] = 0;
    table.removalDoubts.delete(line);
    measureLine(source, table, line);
  }
  return shaped.size === 0 ? table : { ...table, part, shaped };
}
