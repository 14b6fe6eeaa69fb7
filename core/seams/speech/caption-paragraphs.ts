import type { Captions } from '../../lines/captions/captions.ts';
import { Turn } from '../../lines/captions/turns.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, settlerOf, type Verdicts } from '../verdicts.ts';

const TURN_CERTAINTY = 0.93;
/** Silence within a verse of a song, ms. */
const LONGEST_REST = 4000;
/** In characters: a longer paragraph of speech is divided, at the longest pause after the shortest length. */
const LONGEST = 3000;
const SHORTEST = 1000;
/** Where to divide speech without pauses and turns is a matter of taste. */
const CERTAINTY = 0.6;
const TAG = /<[^<>]*>/g;

/** Settles the seams at turns: one begins a paragraph, and a name that stands alone is one; lines of a song stay lines. */
export function breakAtTurns(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { captions } = table;
  if (!captions.found) return;
  breakAfterDashes(table, seams, verdicts);
  joinMarkedTurns(source, table, seams, verdicts);
  for (let seam = 0; seam < seams.count; seam++) {
    const before = captions.turn[seams.line[seam]!]!;
    const after = captions.turn[seams.line[seam + 1]!]!;
    if (after === Turn.none && (before === Turn.none || before === Turn.begins)) continue;
    const isSong = before === Turn.sung && after === Turn.sung && !isLong(captions, seams, seam);
    const certainty = Math.max(verdicts.certainty[seam]!, TURN_CERTAINTY);
    settle(verdicts, seam, isSong ? Decision.keep : Decision.break, 'turn', certainty);
  }
}

/** In characters: what is longer than a line of captions is a paragraph. */
const LONGEST_LINE = 60;
const CERTAINTY_WITHIN_MARKS = 0.86;

/** Where ">>" marks each turn, and no time tells of a pause, all lines up to the next mark are one. */
function joinMarkedTurns(
  source: string,
  table: LineTable,
  { line, blanks, count }: SeamTable,
  verdicts: Verdicts,
): void {
  const { captions, index, chars } = table;
  let isMarked = false;
  for (let seam = 0; seam < count; seam++) {
    const [before, after] = [line[seam]!, line[seam + 1]!];
    const turn = captions.turn[before]!;
    if (turn === Turn.begins)
      isMarked = source.slice(index.from[before], index.to[before]).trimStart().startsWith('>>');
    isMarked &&= (turn === Turn.begins || turn === Turn.none) && blanks[seam] === 0 && chars[before]! <= LONGEST_LINE;
    const goesOn = isMarked && captions.turn[after] === Turn.none && Number.isNaN(captions.start[after]!);
    if (goesOn && verdicts.decision[seam] === Decision.break)
      settle(verdicts, seam, Decision.join, 'turn', CERTAINTY_WITHIN_MARKS);
  }
}

/** Silence between two sentences of one paragraph, ms. */
const LONGEST_PAUSE = 2000;
const CERTAINTY_WITHOUT_PAUSE = 0.86;
/** Somebody else may speak. */
const BEGINS = Flag.startsSpeaker | Flag.startsDash | Flag.startsMarker | Flag.startsQuote;

/**
 * Where a track tells when each caption ends, a sentence that another follows at once ends no paragraph, whatever room its line leaves. What
 * ends no sentence may be a title.
 */
export function joinWithoutPause(table: LineTable, { line, count }: SeamTable, verdicts: Verdicts): void {
  const { captions, flags } = table;
  const { start, end, turn, endsEstimated } = captions;
  if (endsEstimated || longestCaption(table, line) > LONGEST_CAPTION) return;
  for (let seam = 0; seam < count; seam++) {
    const [before, after] = [line[seam]!, line[seam + 1]!];
    if (verdicts.decision[seam] !== Decision.break || settlerOf(verdicts, seam) !== 'evidence') continue;
    const pause = start[after]! - end[before]!;
    const isOneTurn = turn[after] === Turn.none && (turn[before] === Turn.none || turn[before] === Turn.begins);
    if (flags[after]! & BEGINS) continue;
    if (isOneTurn && flags[before]! & Flag.endsStop && pause >= 0 && pause <= LONGEST_PAUSE)
      settle(verdicts, seam, Decision.join, 'withoutPause', CERTAINTY_WITHOUT_PAUSE);
  }
}

/** In characters, on a screen: what is longer is a turn of a transcript with its start and end. */
const LONGEST_CAPTION = 90;

/** The most characters between two times. */
function longestCaption({ captions: { start }, chars }: LineTable, lines: Uint32Array): number {
  let longest = 0;
  let length = 0;
  for (const [place, line] of lines.entries()) {
    length = place > 0 && start[line] === start[lines[place - 1]!] ? length + 1 + chars[line]! : chars[line]!;
    longest = Math.max(longest, length);
  }
  return longest;
}

const CERTAINTY_AFTER_DASH = 0.8;

/**
 * Where two speak in one caption each has a dash. Whoever speaks in the next one has none, and may be either of them or another: if
 * the sentence has ended, a paragraph begins, and whoever pasted the track is asked.
 */
function breakAfterDashes({ captions, flags }: LineTable, { line, count }: SeamTable, verdicts: Verdicts): void {
  const speaks = (place: number) => captions.turn[line[place]!] === Turn.begins;
  for (let seam = 1; seam < count; seam++) {
    const [one, two, next] = [line[seam - 1]!, line[seam]!, line[seam + 1]!];
    const areTwo = speaks(seam - 1) && speaks(seam) && captions.start[one] === captions.start[two];
    if (!areTwo || captions.start[two] === captions.start[next] || captions.turn[next] !== Turn.none) continue;
    if (verdicts.decision[seam] === Decision.join && flags[two]! & Flag.endsStop)
      settle(verdicts, seam, Decision.break, 'turn', CERTAINTY_AFTER_DASH);
  }
}

/** Whether the song pauses, as between verses. */
function isLong({ start, end }: Captions, seams: SeamTable, seam: number): boolean {
  return start[seams.line[seam + 1]!]! - end[seams.line[seam]!]! > LONGEST_REST;
}

/**
 * Divides what a caption track leaves without pauses and turns for pages: at the end of a sentence, in unpunctuated captions
 * anywhere, where the speaker stops longest.
 */
export function divideLongSpeech(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (!table.captions.found) return;
  const chars = Uint32Array.from(seams.line, (line) => {
    return source.slice(table.from[line], table.to[line]).replace(TAG, '').length + 1;
  });
  let since = 0;
  let from = 0;
  for (let seam = 0; seam < seams.count; seam++) {
    since += chars[seam]!;
    if (verdicts.decision[seam] === Decision.break) {
      since = 0;
      from = seam + 1;
    } else if (since > LONGEST) {
      const best = bestDivision(table, seams, chars, verdicts.decision, from, seam);
      if (best !== undefined) settle(verdicts, best, Decision.break, 'speech', CERTAINTY);
      from = (best ?? seam) + 1;
      since = 0;
      for (let kept = from; kept <= seam; kept++) since += chars[kept]!;
    }
  }
}

/** The seam of the longest pause after enough text; of sentence ends, where there are any. */
function bestDivision(
  table: LineTable,
  seams: SeamTable,
  chars: Uint32Array,
  decision: Uint8Array,
  from: number,
  to: number,
): number | undefined {
  const { start, end } = table.captions;
  let length = 0;
  let best: number | undefined;
  let bestWorth = -Infinity;
  for (let seam = from; seam <= to; seam++) {
    length += chars[seam]!;
    if (length < SHORTEST || decision[seam] !== Decision.join) continue;
    const pause = start[seams.line[seam + 1]!]! - end[seams.line[seam]!]! || 0;
    const closes = table.flags[seams.line[seam]!]! & Flag.endsStop ? 1 : 0;
    const worth = closes * 1e7 + pause;
    if (worth > bestWorth) {
      bestWorth = worth;
      best = seam;
    }
  }
  return best;
}
