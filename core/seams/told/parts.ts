import { Flag, type LineTable } from '../../lines/line-table.ts';
import { partOf, type PartKind } from '../../lines/part.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/**
 * Settles the seams of the parts that a person said something of, or taught a shape for, and those at their borders: a part stands
 * apart from what is around it.
 */
export function settleParts(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (!table.part) return;
  let hasMarkers = false;
  for (let seam = 0; seam < seams.count; seam++) {
    const line = seams.line[seam]!;
    const part = partOf(table, line);
    const isInside = part !== undefined && part === partOf(table, seams.line[seam + 1]!);
    if (isInside && table.shaped?.has(line) && table.shaped.has(seams.line[seam + 1]!)) {
      const decision = part === 'list' ? Decision.break : keepsLines(table, seams, seam, false);
      settle(verdicts, seam, decision, 'taught', 1);
    } else if (isInside) {
      if (part === 'list' && begins(table, seams, seam, part)) hasMarkers = itemsHaveMarkers(table, seams, seam);
      settle(verdicts, seam, DECIDERS[part](table, seams, seam, hasMarkers), 'part', 1);
    } else if (part !== undefined || partOf(table, seams.line[seam + 1]!) !== undefined) {
      settle(verdicts, seam, Decision.break, 'part', 1);
    }
  }
}

type Decider = (table: LineTable, seams: SeamTable, seam: number, hasMarkers: boolean) => Decision;

const keepsLines: Decider = (_table, { blanks }, seam) => (blanks[seam] === 0 ? Decision.keep : Decision.break);

const DECIDERS: Readonly<Record<PartKind, Decider>> = {
  // Whoever says that lines are prose says that they run on: blank lines and indents are all that is left to part paragraphs.
  prose: (table, { blanks, line }, seam) => {
    const isSetIn = table.indent[line[seam + 1]!]! > table.indent[line[seam]!]!;
    return blanks[seam] === 0 && !isSetIn ? Decision.join : Decision.break;
  },
  list: (table, { line }, seam, hasMarkers) =>
    !hasMarkers || startsItem(table, line[seam + 1]!) ? Decision.break : Decision.join,
  verse: keepsLines,
  table: keepsLines,
  code: keepsLines,
};

function startsItem({ flags }: LineTable, line: number): boolean {
  return (flags[line]! & Flag.startsMarker) !== 0;
}

function begins(table: LineTable, seams: SeamTable, seam: number, part: PartKind): boolean {
  return seam === 0 || partOf(table, seams.line[seam - 1]!) !== part;
}

/** Whether items of the list that begins at a seam have numbers or bullets: other lines then go on the item before. */
function itemsHaveMarkers(table: LineTable, { line }: SeamTable, first: number): boolean {
  for (let at = first; at < line.length && partOf(table, line[at]!) === 'list'; at++)
    if (startsItem(table, line[at]!)) return true;
  return false;
}
