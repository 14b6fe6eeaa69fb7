import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

/*
 * Chinese and Japanese lines: there are no capitals and hardly any spaces, but two customs that others have not.
 */

const WIDE_SPACE = 0x3000;
const CERTAINTY = 0.95;
/** Lines of verse have the same number of signs, and no prose is set in columns so narrow. */
const LONGEST_VERSE = 10;
const CERTAINTY_OF_VERSE = 0.85;
const FEWEST_VERSES = 2;
const STOPS = '，。；！？、,.;!?';

/** A paragraph begins with a wide space; where whole blocks are set in by it, it begins none. Verse keeps its lines. */
export function settleCjkLines(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const isSetIn = (place: number) => source.charCodeAt(table.index.from[seams.line[place]!]!) === WIDE_SPACE;
  for (let seam = 0; seam < seams.count; seam++) {
    const isProse = table.kind[seams.line[seam + 1]!] === LineKind.prose;
    if (isProse && verdicts.decision[seam] === Decision.join && isSetIn(seam + 1) && !isSetIn(seam))
      settle(verdicts, seam, Decision.break, 'wideSpace', CERTAINTY);
  }
  for (let first = 0; first < seams.count;) {
    let last = first;
    while (last < seams.count && seams.blanks[last] === 0) last++;
    if (last > first && isVerse(source, table, seams.line.subarray(first, last + 1)))
      for (let seam = first; seam < last; seam++) settle(verdicts, seam, Decision.keep, 'verse', CERTAINTY_OF_VERSE);
    first = last + 1;
  }
}

function isVerse(source: string, { from, to, chars, flags, kind }: LineTable, lines: Uint32Array): boolean {
  if (lines.length < FEWEST_VERSES || chars[lines[0]!]! > LONGEST_VERSE) return false;
  let signs: number | undefined;
  for (const line of lines) {
    if (kind[line] !== LineKind.prose || !(flags[line]! & Flag.startsCjk) || chars[line]! > LONGEST_VERSE) return false;
    let end = to[line]!;
    while (end > from[line]! && STOPS.includes(source[end - 1]!)) end--;
    signs ??= end - from[line]!;
    if (end - from[line]! !== signs) return false;
  }
  return true;
}
