import { isLaidOut, LineKind } from '../lines/line-kind.ts';
import { partOf, type PartKind } from '../lines/part.ts';
import { Decision } from '../seams/seam-table.ts';
import type { BlockKind } from './block-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';

/** The lines that stand in the clean text, and what happens between each and the next. */
interface Lines {
  readonly table: LineTable;
  /** Places in these two count lines that stand. */
  readonly standing: Uint32Array;
  readonly decision: Uint8Array;
  /** Columns before most lines of the text. */
  readonly usualIndent: number;
}

const KIND_OF_LINE: Readonly<Partial<Record<number, BlockKind>>> = {
  [LineKind.heading]: 'heading',
  [LineKind.footnote]: 'footnote',
  [LineKind.tableRow]: 'table',
  [LineKind.code]: 'code',
  [LineKind.contents]: 'contents',
  [LineKind.sectionBreak]: 'section-break',
  [LineKind.figureCaption]: 'caption',
};

const KIND_OF_PART: Readonly<Record<PartKind, BlockKind>> = {
  prose: 'paragraph',
  list: 'list-item',
  verse: 'verse',
  table: 'table',
  code: 'code',
};

/** What a block of the standing lines first..last is, by its lines and the decisions between them. */
export function kindOfBlock(lines: Lines, first: number, last: number): BlockKind {
  const { table, standing, decision } = lines;
  const line = standing[first]!;
  const said = partOf(table, line);
  if (said) return KIND_OF_PART[said];
  const byLine = KIND_OF_LINE[table.kind[line]!];
  if (byLine) return byLine;
  if (table.flags[line]! & Flag.startsMarker) return 'list-item';
  for (let seam = first; seam < last; seam++) if (decision[seam] === Decision.keep) return 'verse';
  if (first === last && standsAsHeading(lines, first)) return 'heading';
  return isSetIn(lines, first, last) ? 'quote' : 'paragraph';
}

const LONGEST_HEADING = 70;
const SHORTEST_PROSE = 45;
const QUOTE_INDENT = 2;
const FEWEST_QUOTED_LINES = 2;

/** One short line that begins with a capital and ends no sentence, with prose below it. */
function standsAsHeading({ table, standing }: Lines, kept: number): boolean {
  const line = standing[kept]!;
  const next = standing[kept + 1];
  if (next === undefined || table.captions.found || table.chars[line]! > LONGEST_HEADING) return false;
  const flags = table.flags[line]!;
  if (!(flags & (Flag.startsUpper | Flag.startsDigit)) || flags & (ENDS | Flag.startsQuote)) return false;
  return (
    isLaidOut(table.kind[next]!) || table.chars[next]! >= SHORTEST_PROSE || (table.flags[next]! & Flag.endsStop) !== 0
  );
}

const ENDS = Flag.endsStop | Flag.endsComma | Flag.endsColon | Flag.endsHyphen | Flag.endsDash;

/** All lines of the block stand farther in than lines of the text mostly do. */
function isSetIn({ table, standing, usualIndent }: Lines, first: number, last: number): boolean {
  if (last - first + 1 < FEWEST_QUOTED_LINES) return false;
  for (let kept = first; kept <= last; kept++) {
    if (table.indent[standing[kept]!]! < usualIndent + QUOTE_INDENT) return false;
  }
  return true;
}
