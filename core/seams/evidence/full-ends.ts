import { Flag, type LineTable } from '../../lines/line-table.ts';
import { gapAt, type Convention } from './convention.ts';
import { roomAt, type Measure } from '../measure/room.ts';
import type { SeamTable } from '../seam-table.ts';

const LARGEST_SAMPLE = 2000;
const ROOM_OF_A_SHORT_LINE = 0.08;
/** About one paragraph in eight has a last line that is full by chance. */
const FULL_FOR_EACH_SHORT = 0.14;
const CHARACTERS_A_WORD = 6;
const SENTENCE_END = /\p{Ll}[.!?…]["”’»)\]]? +["“‘«(]?\p{Lu}/gu;

/**
 * A full line that ends a sentence: does its paragraph end there too? From -1 to 1, by how often either is to be expected in
 * this text. Short lines that end sentences show how many paragraphs it has, and so how many end in a full line; sentence ends
 * within lines show how many fall on line ends by chance. Log odds of the two, halved. Read off an even
 * sample of the seams.
 */
export function fullEndOdds(
  source: string,
  table: LineTable,
  seams: SeamTable,
  convention: Convention,
  measure: Measure,
): number {
  const stride = Math.max(1, Math.ceil(seams.count / LARGEST_SAMPLE));
  let short = 0;
  let inside = 0;
  let characters = 0;
  let lines = 0;
  for (let seam = 0; seam < seams.count; seam += stride) {
    const line = seams.line[seam]!;
    const room = roomAt(table, seams, measure, seam);
    if (measure.at[seam] === 0 || seams.turn[seam]) continue;
    lines++;
    if (room > measure.slack + ROOM_OF_A_SHORT_LINE) {
      const closes = (table.flags[line]! & Flag.endsStop) !== 0;
      const opens = (table.flags[seams.line[seam + 1]!]! & Flag.startsLower) === 0;
      if (closes && opens && gapAt(table, seams, seam) === convention.wrapGap) short++;
    } else {
      characters += table.chars[line]!;
      inside += source.slice(table.from[line], table.to[line]).match(SENTENCE_END)?.length ?? 0;
    }
  }
  if (lines === 0) return 0;
  const wordsALine = characters / lines / CHARACTERS_A_WORD;
  const odds = Math.log((short * FULL_FOR_EACH_SHORT + 0.3) / (inside / Math.max(1, wordsALine) + 0.3));
  return Math.min(1, Math.max(-1, odds / 2));
}
