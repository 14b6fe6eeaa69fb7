import { Flag, type LineTable } from '../../lines/line-table.ts';
import { LEANS } from '../runs-on.ts';
import { joinRestsOfTurns } from './rests-of-turns.ts';
import { roomAt, roomWithin, widestEdge, type Measure } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { isApart, settle, settlerOf, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.92;

/**
 * In an interview or a play a line that begins with the name of one who speaks again and again is another turn; so is one that tells in
 * brackets what is done, up to the next of these. A name alone stands above what is said.
 */
export function breakBeforeSpeakers(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { speakers, flags } = table;
  const { line, count } = seams;
  if (speakers.size === 0) return;
  const breakAt = (seam: number) => {
    if (verdicts.decision[seam] === Decision.join) settle(verdicts, seam, Decision.break, 'speaker', CERTAINTY);
  };
  for (let place = 0; place <= count; place++) {
    const before = place > 0 ? flags[line[place - 1]!]! : 0;
    if (!speakers.has(line[place]!)) {
      if (place > 0 && before & Flag.endsStop && isDirection(source, table, seams, place)) breakAt(place - 1);
      continue;
    }
    if (place > 0 && !(before & LEANS)) breakAt(place - 1);
    if (speakers.get(line[place]!) && !(flags[line[place]!]! & LEANS) && place < count) breakAt(place);
  }
}

/** In lines. */
const LONGEST_DIRECTION = 6;

/** Whether what begins at a place stands in brackets up to the end of a line, with the name of a speaker or nothing below it. */
function isDirection(
  source: string,
  { from, to, speakers }: LineTable,
  { line, count }: SeamTable,
  place: number,
): boolean {
  const closing = source[from[line[place]!]!] === '(' ? ')' : source[from[line[place]!]!] === '[' ? ']' : undefined;
  if (closing === undefined) return false;
  for (let last = place; last <= count && last < place + LONGEST_DIRECTION; last++) {
    const text = source.slice(from[line[last]!], to[line[last]!]);
    if (text.includes(closing)) return /[)\]][.,]?$/.test(text) && (last === count || speakers.has(line[last + 1]!));
  }
  return false;
}

/** In lines. */
const LONGEST_SCRIPT = 60;
const FEWEST_TURNS = 3;
const FEWEST_WRAPS = 2;
/** In characters: lines below a label that are any narrower are those of an address or a card. */
const NARROWEST = 40;
/** Two sentences may be two lines of a script: it is asked. */
const CERTAINTY_OF_WRAP = 0.8;

/**
 * In a script with a blank line between its turns a turn goes on in its further lines, if no line of any turn that has another below it
 * had room for the next word. Few turns wrap in a short one, where the evidence finds no measure.
 */
export function joinWrappedTurns(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { speakers, captions, layout } = table;
  if (captions.found || layout !== undefined || seams.count > LONGEST_SCRIPT) return;
  const turns = [...groupsOf(seams)].filter(([first]) => speakers.has(seams.line[first]!));
  const wraps: number[] = [];
  let widest = 0;
  for (const [first, last] of turns) {
    widest = Math.max(widest, widestEdge(table, seams.line.subarray(first, last + 1)));
    // A name alone stands above what is said.
    const from = speakers.get(seams.line[first]!) ? first + 1 : first;
    for (let seam = from; seam < last; seam++) {
      if (speakers.has(seams.line[seam + 1]!)) return;
      wraps.push(seam);
    }
  }
  const isFull = (seam: number) => roomWithin(table, seams, 'characters', widest, seam) < 0;
  if (wraps.length < FEWEST_WRAPS || turns.length < FEWEST_TURNS || widest < NARROWEST) return;
  if (!wraps.every(isFull)) return;
  for (const seam of wraps)
    if (isApart(verdicts, seam)) settle(verdicts, seam, Decision.join, 'speaker', CERTAINTY_OF_WRAP);
}

/** Surer than this the evidence is of a paragraph within a turn: then turns have several. */
const SURELY = 0.85;

/**
 * In a script whose other lines without a label are the rest of a turn, a sentence that ends at the end of a full line ends no turn. The
 * evidence alone wavers there, as a full line may be a paragraph's last. It is asked about.
 */
export function joinWithinTurns(
  source: string,
  table: LineTable,
  seams: SeamTable,
  measure: Measure,
  verdicts: Verdicts,
): void {
  const { speakers, captions, layout } = table;
  const { line, count } = seams;
  if (captions.found || layout !== undefined || speakers.size < FEWEST_TURNS) return;
  if (measure.reliability === 0) {
    const begins = (place: number) => speakers.get(line[place]!) === false;
    const isBetween = (place: number) => speakers.has(line[place]!) || isDirection(source, table, seams, place);
    joinRestsOfTurns(table, seams, 0, count, begins, isBetween, verdicts);
    return;
  }
  const wavering: number[] = [];
  let rests = 0;
  let inTurn = false;
  for (let seam = 0; seam < count; seam++) {
    inTurn = seams.blanks[seam] === 0 && (inTurn || speakers.get(line[seam]!) === false);
    const next = line[seam + 1]!;
    if (!inTurn || speakers.has(next) || isDirection(source, table, seams, seam + 1)) {
      inTurn = false;
    } else if (verdicts.decision[seam] === Decision.join) {
      rests++;
    } else if (settlerOf(verdicts, seam) !== 'evidence') {
      inTurn = false;
    } else if (verdicts.certainty[seam]! >= SURELY || !isUnder(source, table, line[seam]!, next)) {
      return;
    } else if (roomAt(table, seams, measure, seam) < 0) wavering.push(seam);
  }
  if (rests === 0) return;
  for (const seam of wavering) settle(verdicts, seam, Decision.join, 'speaker', CERTAINTY_OF_WRAP);
}

/** A name, what parts it from the words, and the space behind. */
const LABEL = /^[^:.]{1,40}[:.]\s+/;
const LONGEST_LABEL = 60;

/** A line begins as far in as the one before, or under its words behind the name. */
function isUnder(source: string, { indent, from, to, speakers }: LineTable, before: number, after: number): boolean {
  const step = indent[after]! - indent[before]!;
  if (step === 0 || !speakers.has(before)) return step === 0;
  const start = source.slice(from[before], Math.min(to[before]!, from[before]! + LONGEST_LABEL));
  return LABEL.exec(start)?.[0].length === step;
}

const CERTAINTY_OF_VERSE = 0.8;
/** In characters. */
const LONGEST_VERSE = 60;

/** Behind a comma verse alone begins a line with "And": where who speaks is named, such lines stand together. */
export function keepSpokenVerse(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { flags, from, firstChars, speakers, vocabulary } = table;
  if (speakers.size === 0) return;
  // What is set in below a name may as well hang.
  const isProse = (seam: number) =>
    verdicts.decision[seam] === Decision.join && settlerOf(verdicts, seam) !== 'hanging';
  for (let seam = 0; seam < seams.count; seam++) {
    const [before, next] = [seams.line[seam]!, seams.line[seam + 1]!];
    if (seams.blanks[seam]! > 0 || speakers.has(next) || !(flags[next]! & Flag.startsUpper)) continue;
    if (table.chars[next]! > LONGEST_VERSE) continue;
    if (!(flags[before]! & Flag.endsComma) || isProse(seam)) continue;
    if (vocabulary.isFunctionWord(source.slice(from[next], from[next]! + firstChars[next]!)))
      settle(verdicts, seam, Decision.keep, 'verse', CERTAINTY_OF_VERSE);
  }
}
