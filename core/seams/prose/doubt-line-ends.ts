import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isFull, widestOf, type Measure } from '../measure/room.ts';
import { STANDS_ALONE } from '../runs-on.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settlerOf, type Verdicts } from '../verdicts.ts';

/*
 * Line ends that other rules are sure of, though prose may end a line so as well: they are asked about.
 */

const CERTAINTY = 0.8;
/** In characters: verse and cards have shorter lines that end so. */
const SHORTEST = 24;

/** Lowers the certainty of line ends that may as well be those of a paragraph that was wrapped. Changes no decision. */
export function doubtLineEnds(table: LineTable, seams: SeamTable, measure: Measure, verdicts: Verdicts): void {
  if (table.captions.found) return;
  doubtLeaningLines(table, seams, verdicts);
  doubtPausesOfItems(table, seams, verdicts);
  if (measure.reliability === 0 && seams.count <= MOST_LINES) doubtFullSentences(table, seams, verdicts);
}

/** Lists and forms have better reasons than the evidence and the look of verse. */
function doubt(verdicts: Verdicts, seam: number): void {
  if (['verse', 'evidence'].includes(settlerOf(verdicts, seam)))
    verdicts.certainty[seam] = Math.min(verdicts.certainty[seam]!, CERTAINTY);
}

/**
 * A line that ends in "of" or "the" and yet stands apart from the one right below, or as close below as any stands in this text, is asked
 * about: verse and titles end so, and so does prose.
 */
function doubtLeaningLines(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { kind, flags, chars } = table;
  const closest = seams.blanks.reduce((least, one) => Math.min(least, one), Infinity);
  for (let seam = 0; seam < seams.count; seam++) {
    const [before, next] = [seams.line[seam]!, seams.line[seam + 1]!];
    if (verdicts.decision[seam] === Decision.join) continue;
    if (seams.blanks[seam]! > closest || !(flags[before]! & Flag.endsFunctionWord) || chars[before]! < SHORTEST)
      continue;
    if (kind[before] !== LineKind.prose || kind[next] !== LineKind.prose || flags[next]! & STANDS_ALONE) continue;
    if (!isInStanza(verdicts, seam)) doubt(verdicts, seam);
  }
}

/** So many line ends of verse in a row are no sentence that was wrapped. */
const FEWEST_OF_STANZA = 3;

function isInStanza({ decision }: Verdicts, seam: number): boolean {
  let run = 0;
  for (let at = seam; at >= 0 && decision[at] === Decision.keep && run < FEWEST_OF_STANZA; at--) run++;
  for (let at = seam + 1; decision[at] === Decision.keep && run < FEWEST_OF_STANZA; at++) run++;
  return run >= FEWEST_OF_STANZA;
}

/**
 * Lines that pause at their ends and go on in small letters are verse; but not behind the sign of an item or the name of one who speaks, so
 * that they are asked about there.
 */
function doubtPausesOfItems(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { flags, speakers } = table;
  let isItem = false;
  for (let seam = 0; seam < seams.count; seam++) {
    const [before, next] = [seams.line[seam]!, seams.line[seam + 1]!];
    if (seam === 0 || seams.blanks[seam - 1]! > 0) isItem = false;
    isItem ||= (flags[before]! & STANDS_ALONE) !== 0 || speakers.has(before) || verdicts.entry[seam] === 1;
    const isPause = (flags[before]! & Flag.endsComma) !== 0 && (flags[next]! & Flag.startsLower) !== 0;
    if (!isItem || !isPause || seams.blanks[seam]! > 0 || verdicts.decision[seam] === Decision.join) continue;
    doubt(verdicts, seam);
  }
}

/** In characters: shorter lines of a short text end where they like. */
const NARROWEST = 45;
const MOST_LINES = 24;

/**
 * In a text too short for a measure, a sentence that ends a line as long as any may go on in the next, unless some line of sentences right
 * above another had room: then lines end where they like.
 */
function doubtFullSentences(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { kind, flags } = table;
  const widest = widestOf(table, seams.line);
  if (widest < NARROWEST) return;
  const full: number[] = [];
  for (let seam = 0; seam < seams.count; seam++) {
    const [before, next] = [seams.line[seam]!, seams.line[seam + 1]!];
    if (seams.blanks[seam]! > 0 || !(flags[before]! & Flag.endsStop) || flags[next]! & STANDS_ALONE) continue;
    if (kind[before] !== LineKind.prose || kind[next] !== LineKind.prose || verdicts.entry[seam + 1]) continue;
    if (!isFull(table, seams, seam, widest)) return;
    full.push(seam);
  }
  for (const seam of full) doubt(verdicts, seam);
}
