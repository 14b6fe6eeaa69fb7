import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.92;
/** In characters: the halves are lines of prose. */
const SHORTEST_BEFORE = 25;
const SHORTEST_AFTER = 10;
const ENDS = Flag.endsStop | Flag.endsColon | Flag.endsQuote;

/**
 * A sentence that breaks off before a note or a caption, which is put aside, or at the end of a page, and goes on behind it in small letters
 * is one, whatever else it is part of. Verse goes on in small letters, too; and a person may have said what parts paragraphs.
 */
export function joinAroundAsides(
  { kind, flags, chars }: LineTable,
  seams: SeamTable,
  verdicts: Verdicts,
  overTurns: boolean,
): void {
  const { line, turn, count } = seams;
  const { decision } = verdicts;
  const isBesideVerse = (seam: number) => decision[seam - 1] === Decision.keep || decision[seam + 1] === Decision.keep;
  for (let seam = 0; seam < count; seam++) {
    const [before, after] = [line[seam]!, line[seam + 1]!];
    if (decision[seam] === Decision.join) continue;
    const isAround = kind.subarray(before + 1, after).includes(LineKind.aside);
    if (!isAround && (!overTurns || turn[seam] === 0 || isBesideVerse(seam))) continue;
    if (kind[before] !== LineKind.prose || kind[after] !== LineKind.prose || flags[before]! & ENDS) continue;
    if (chars[before]! < SHORTEST_BEFORE || chars[after]! < SHORTEST_AFTER) continue;
    const isNoun = (flags[after]! & Flag.startsNoun) !== 0 && (flags[before]! & Flag.endsFunctionWord) !== 0;
    if (isNoun || flags[after]! & Flag.startsLower) settle(verdicts, seam, Decision.join, 'aside', CERTAINTY);
  }
}
