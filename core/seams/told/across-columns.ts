import type { LineTable } from '../../lines/line-table.ts';
import { Sign } from '../../text/signs.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, settlerOf, type Settler, type Verdicts } from '../verdicts.ts';

/** It is asked about. */
const CERTAINTY = 0.7;
/** A wide gap with a word on both sides, and no other: lines that are spaced to fill their measure have several. Dots lead over it. */
const GUTTER = /^(?:\S| (?! )){30,}[^\s.…] {4,}(?=[\p{L}\p{M}\d(“„«"])(?!.* {2})/u;
/** In units: longer lines are paragraphs, and are not looked through. */
const LONGEST = 240;
/** A cell goes on in the next line, but none of so many words has another beside it. */
const OVERRULED: readonly Settler[] = ['evidence', 'layout'];
/** Lines above and below in which the same column begins. */
const REACH = 2;

/**
 * Lines with a wide gap, behind which a column begins in others, too, may be read across two columns, or across the margin that a note
 * stands in: nobody knows then what their words go on to. They stay lines, and are asked about.
 */
export function keepAcrossColumns(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const columns = Uint32Array.from(seams.line, (line) => columnBehindGap(source, table, line));
  const isAcross = columns.map((column, place) => {
    if (column === 0) return 0;
    for (let other = Math.max(0, place - REACH); other <= place + REACH; other++)
      if (other !== place && columns[other] === column) return 1;
    return 0;
  });
  for (let seam = 0; seam < seams.count; seam++) {
    if (isAcross[seam] === 0 && isAcross[seam + 1] === 0) continue;
    // What rules know of, such as the meaning of a key, hangs in a column of its own.
    const isJoined = verdicts.decision[seam] === Decision.join && OVERRULED.includes(settlerOf(verdicts, seam));
    const isHung = columns[seam]! > 0 && table.indent[seams.line[seam + 1]!] === columns[seam];
    if (isJoined && !isHung) settle(verdicts, seam, Decision.keep, 'columns', CERTAINTY);
  }
}

/** The column at which the words begin behind the gap of a line; 0 where it has none. */
function columnBehindGap(source: string, { from, to, indent, signs }: LineTable, line: number): number {
  if (!(signs[line]! & Sign.spaceThenSpace) || to[line]! - from[line]! > LONGEST) return 0;
  const gap = GUTTER.exec(source.slice(from[line], to[line]));
  return gap ? indent[line]! + gap[0].length : 0;
}
