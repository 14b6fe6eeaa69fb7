import { Element, type Layout } from '../layout/layout.ts';
import { isLaidOut, LineKind } from '../lines/line-kind.ts';
import { partOf, type PartKind } from '../lines/part.ts';
import type { SeamDecisions } from '../seams/decide.ts';
import { Decision } from '../seams/seam-table.ts';
import type { BlockKind } from './block-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';

/** The lines that stand in the clean text, and what happens between each and the next. */
interface Lines {
  readonly table: LineTable;
  /** Places in these three count lines that stand; `kept` are theirs among the lines that were decided about. */
  readonly standing: Uint32Array;
  readonly kept: Uint32Array;
  readonly decision: Uint8Array;
  /** What the evidence says of the lines, before a person decided. */
  readonly decided: SeamDecisions;
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

const KIND_OF_ELEMENT: Readonly<Partial<Record<number, BlockKind>>> = {
  [Element.item]: 'list-item',
  [Element.quote]: 'quote',
  [Element.note]: 'footnote',
};

/** Whether the format has headings of its own: then short paragraphs are none. */
function hasHeadings({ layout }: LineTable): boolean {
  if (!layout) return false;
  let known = HEADINGS.get(layout);
  if (known === undefined) HEADINGS.set(layout, (known = layout.element.includes(Element.heading)));
  return known;
}

/** Looked through once for a text. */
const HEADINGS = new WeakMap<Layout, boolean>();

/** What a block of the standing lines first..last is, by its lines and the decisions between them. */
export function kindOfBlock(lines: Lines, first: number, last: number): BlockKind {
  const { table, standing, decision } = lines;
  const line = standing[first]!;
  const said = partOf(table, line);
  if (said) return KIND_OF_PART[said];
  const byLine = KIND_OF_LINE[table.kind[line]!];
  if (byLine === 'heading' && isInRowOfHeadings(table, line)) return 'list-item';
  if (byLine === 'heading' && isBelowComma(lines, first)) return 'paragraph';
  if (byLine) return byLine;
  const told = KIND_OF_ELEMENT[table.layout?.element[line] ?? Element.paragraph];
  if (told) return told;
  if (table.flags[line]! & Flag.startsMarker) return 'list-item';
  for (let seam = first; seam < last; seam++) if (decision[seam] === Decision.keep) return 'verse';
  if (lines.decided.entry[lines.kept[first]!]) return 'list-item';
  if (isQuotedMail(table, line)) return 'quote';
  if (first === last && !hasHeadings(table) && standsAsHeading(lines, first)) return 'heading';
  return isSetIn(lines, first, last) ? 'quote' : 'paragraph';
}

/** Whether the line had a mail program's marks of quotation, and leaves them. */
function isQuotedMail({ edgePass, keepsMarks, leadTo }: LineTable, line: number): boolean {
  return edgePass === 'mail-quotes' && !keepsMarks && leadTo[line]! > 0;
}

/**
 * Numbered lines right below one another head nothing: they are a list, as of times ("7.35 Wrackby") or of sections; so they are where
 * one between them ends a sentence.
 */
function isInRowOfHeadings({ kind, flags }: LineTable, line: number): boolean {
  const isHeading = (at: number) => kind[at] === LineKind.heading;
  const isEntry = (at: number) => kind[at] === LineKind.prose && (flags[at]! & Flag.startsMarker) !== 0;
  let count = 1;
  for (const step of [-1, 1]) {
    for (let at = line + step; count < FEWEST_OF_A_ROW; at += step, count++) {
      if (isEntry(at) && isHeading(at + step)) at += step;
      if (!isHeading(at)) break;
    }
  }
  return count >= FEWEST_OF_A_ROW;
}

const LONGEST_HEADING = 70;
const SHORTEST_PROSE = 45;
const QUOTE_INDENT = 2;
const FEWEST_QUOTED_LINES = 2;

/** One short line that begins with a capital and ends no sentence, with prose below it, and not one of a row of such lines. */
function standsAsHeading(lines: Lines, at: number): boolean {
  const { table, standing, kept, decided } = lines;
  const line = standing[at]!;
  const next = standing[at + 1];
  if (next === undefined || table.captions.found || !mayBeHeading(table, line)) return false;
  if (isBelowComma(lines, at)) return false;
  const hasProse =
    isLaidOut(table.kind[next]!) || table.chars[next]! >= SHORTEST_PROSE || (table.flags[next]! & Flag.endsStop) !== 0;
  return hasProse && !isInRow(table, decided, kept[at]!);
}

/** "Yours," and a name: it goes on, and heads nothing. */
function isBelowComma({ table, standing }: Lines, at: number): boolean {
  return at > 0 && (table.flags[standing[at - 1]!]! & Flag.endsComma) !== 0;
}

function mayBeHeading({ chars, flags, speakers }: LineTable, line: number): boolean {
  // What somebody says, or a cue, is none; "TIDE MILLS: A HISTORY" may be one.
  if (chars[line]! > LONGEST_HEADING || speakers.has(line)) return false;
  return (flags[line]! & (Flag.startsUpper | Flag.startsDigit)) !== 0 && !(flags[line]! & (ENDS | Flag.startsQuote));
}

const FEWEST_OF_A_ROW = 3;

/** Whether a line is one of a row that might all be headings: then none is. A title may have another below it. */
function isInRow(table: LineTable, { seams, decision }: SeamDecisions, kept: number): boolean {
  const isApart = (seam: number) => seam < 0 || seam >= seams.count || decision[seam] === Decision.break;
  const isLike = (place: number) => {
    const line = seams.line[place];
    if (line === undefined || !isApart(place - 1) || !isApart(place)) return false;
    return table.kind[line] === LineKind.prose && mayBeHeading(table, line);
  };
  let count = 1;
  for (const step of [-1, 1])
    for (let place = kept + step; count < FEWEST_OF_A_ROW && isLike(place); place += step) count++;
  return count >= FEWEST_OF_A_ROW;
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
