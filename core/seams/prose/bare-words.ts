import { Flag, type LineTable } from '../../lines/line-table.ts';
import { areSingleWords } from '../../lines/single-words.ts';
import { STEP_COLUMNS } from '../paragraph-mark.ts';
import { isFull, widestOf } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, settlerOf, type Verdicts } from '../verdicts.ts';

/*
 * Texts in which words tell nothing of where a sentence ends, or in which each stands on a line of its own: there only the gaps speak.
 */

const CERTAINTY = 0.85;

/** Prose with one word to a line runs on; a wider gap parts it. */
export function joinSingleWords(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  if (!areSingleWords(table, line)) return;
  const least = blanks.subarray(0, count).reduce((a, b) => Math.min(a, b), Infinity);
  for (let seam = 0; seam < count; seam++)
    settle(verdicts, seam, blanks[seam] === least ? Decision.join : Decision.break, 'singleWords', CERTAINTY);
}

/** A stop behind a word, in the scripts that the engine reads. */
const STOP = /[.!?…。！？؟।]/;

/** A sentence that begins as prose has it, behind another. */
const SENTENCE = /[.!?…。！？؟।]["”’)\]]*\s+["“‘(]?\p{Lu}/u;

/** In characters: lines so long are paragraphs already. */
const WIDER_THAN_WRAPPED = 100;
/** Messages, songs and lists have few lines, and short ones. */
const MOST_LINES = 60;
const WIDEST_MEANT = 60;
const SHARE_OF_SMALL = 0.9;
/** Figures and marks begin lines of prose, too. */
const SHARE_IN_SMALL = 0.75;
const SHARE_OF_FULL = 0.7;
const SHARE_CUT_SHORT = 0.34;
/** Of the widest line: a shorter one that ends in "no" or "it" is an answer, not half of a phrase. */
const LONG_ENOUGH = 0.6;

/** It is asked about: stops tell where sentences end, if not where they begin. */
const CERTAINTY_WITH_STOPS = 0.8;
const CERTAINTY_OF_GAP = 0.87;

/**
 * In a text without a single stop words tell little: a small letter begins every line. A blank line parts there, where most lines
 * have none, where lines are not wrapped, or where the line before had room for the next word; and lines that mostly leave such room
 * end where they were meant to. So do those of a text with stops and without capitals, where a gap behind a stop parts, too.
 */
export function settleWithoutStops(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { blanks, turn, count, line } = seams;
  if (count === 0 || table.captions.found) return;
  const hasStops = STOP.test(source);
  if (hasStops && SENTENCE.test(source)) return;
  const widest = widestOf(table, line);
  const close = Array.from({ length: count }, (_, seam) => seam).filter((seam) => blanks[seam] === 0);
  const hasParts = close.length * 2 >= count || widest > WIDER_THAN_WRAPPED;
  const open = close.filter((seam) => (table.flags[line[seam]!]! & Flag.endsStop) === 0);
  const areMeant = line.length <= MOST_LINES && widest <= WIDEST_MEANT && endAsMeant(table, seams, open, widest);
  const stepsIn = (seam: number) => table.indent[line[seam + 1]!]! - table.indent[line[seam]!]! >= STEP_COLUMNS;
  const hasSteps = close.filter(stepsIn).length * 2 < close.length;
  const isInSmall = hasStops && line.filter((one) => startsSmall(table, one)).length >= line.length * SHARE_IN_SMALL;
  for (let seam = 0; seam < count; seam++) {
    if (turn[seam] || verdicts.decision[seam] === Decision.break || settlerOf(verdicts, seam) === 'hanging') continue;
    const endsSentence = (table.flags[line[seam]!]! & Flag.endsStop) !== 0;
    if (isInSmall && endsSentence && (blanks[seam]! > 0 ? hasParts : hasSteps && stepsIn(seam))) {
      settle(verdicts, seam, Decision.break, 'noCapitals', CERTAINTY_OF_GAP);
      continue;
    }
    const hadRoom = !isFull(table, seams, seam, widest);
    if (blanks[seam]! > 0) {
      if (!hasStops && (hasParts || (close.length === 0 && hadRoom)))
        settle(verdicts, seam, Decision.break, 'noStops', CERTAINTY);
      continue;
    }
    const breaksOff = hasStops && isCut(table, line[seam]!, widest);
    if (!areMeant || breaksOff || verdicts.decision[seam] === Decision.keep) continue;
    if (hasStops) settle(verdicts, seam, Decision.keep, 'noCapitals', CERTAINTY_WITH_STOPS);
    else settle(verdicts, seam, Decision.keep, 'noStops', CERTAINTY);
  }
}

/** Whether lines with neither a gap nor a stop behind them leave room for the next word, and are not cut in the middle of a phrase. */
function endAsMeant(table: LineTable, seams: SeamTable, open: readonly number[], widest: number): boolean {
  const { flags } = table;
  const { line } = seams;
  // Where lines begin with capitals or bullets these tell more.
  const small = line.filter((one) => startsSmall(table, one)).length;
  if (small < line.length * SHARE_OF_SMALL) return false;
  if (open.length < 2 || open.some((seam) => flags[line[seam]!]! & Flag.endsHyphen)) return false;
  const full = open.filter((seam) => isFull(table, seams, seam, widest)).length;
  const cut = open.filter((seam) => isCut(table, line[seam]!, widest)).length;
  return full < open.length * SHARE_OF_FULL && cut < open.length * SHARE_CUT_SHORT;
}

function startsSmall({ flags }: LineTable, line: number): boolean {
  return (flags[line]! & Flag.startsLower) !== 0;
}

/** Whether a line breaks off in the middle of a phrase. */
function isCut({ chars, flags }: LineTable, line: number, widest: number): boolean {
  return chars[line]! >= widest * LONG_ENOUGH && (flags[line]! & Flag.endsFunctionWord) !== 0;
}
