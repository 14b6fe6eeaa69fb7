import { isLaidOut, LineKind } from '../lines/line-kind.ts';
import { Flag } from '../lines/line-table.ts';
import { Decision } from '../seams/seam-table.ts';
import type { BlockKind } from './block.ts';
import type { GapRules } from './build-blocks.ts';

const KIND_OF_LINE: Readonly<Partial<Record<number, BlockKind>>> = {
  [LineKind.heading]: 'heading',
  [LineKind.footnote]: 'footnote',
  [LineKind.tableRow]: 'table',
  [LineKind.code]: 'code',
  [LineKind.contents]: 'contents',
  [LineKind.sectionBreak]: 'section-break',
  [LineKind.figureCaption]: 'caption',
};

/** What a block of the standing lines first..last is, by its lines and the decisions between them. */
export function kindOfBlock(rules: GapRules, first: number, last: number): BlockKind {
  const { table, standing, decision } = rules;
  const line = standing[first]!;
  const byLine = KIND_OF_LINE[table.kind[line]!];
  if (byLine) return byLine;
  if (table.flags[line]! & Flag.startsMarker) return 'list-item';
  for (let seam = first; seam < last; seam++) if (decision[seam] === Decision.keep) return 'verse';
  if (first === last && standsAsHeading(rules, first)) return 'heading';
  return isSetIn(rules, first, last) ? 'quote' : 'paragraph';
}

const LONGEST_HEADING = 70;
const SHORTEST_PROSE = 45;
const QUOTE_INDENT = 2;
const FEWEST_QUOTED_LINES = 2;

/** One short line that begins with a capital and ends no sentence, with prose below it. */
function standsAsHeading({ table, standing }: GapRules, kept: number): boolean {
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
function isSetIn({ table, standing, usualIndent }: GapRules, first: number, last: number): boolean {
  if (last - first + 1 < FEWEST_QUOTED_LINES) return false;
  for (let kept = first; kept <= last; kept++) {
    if (table.indent[standing[kept]!]! < usualIndent + QUOTE_INDENT) return false;
  }
  return true;
}
