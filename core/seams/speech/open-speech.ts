import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { edgeInCharacters, isCjkLine, isFullGroup, roomAt, widestEdge, type Measure } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, settlerOf, type Verdicts } from '../verdicts.ts';

/*
 * Speech that a line leaves open: where its mark closes further down, and nothing opens it anew in between, it goes on.
 */

const CERTAINTY = 0.88;
/** In signs: a verse that is quoted has shorter lines, so that they are asked about. */
const NARROWEST_OF_SIGNS = 20;
const CERTAINTY_OF_NARROW = 0.78;
/** Signs that a full line may leave. */
const ROOM_OF_SIGNS = 2;

/** Joins lines within a speech that stand together without a blank line. Linear in the length of the source. */
export function joinWithinSpeech(
  source: string,
  table: LineTable,
  seams: SeamTable,
  measure: Measure,
  verdicts: Verdicts,
): void {
  if (table.captions.found) return;
  joinBehindDashes(table, seams, verdicts);
  for (const [first, last] of groupsOf(seams)) {
    if (!verdicts.decision.subarray(first, last).includes(Decision.break)) continue;
    const lines = seams.line.subarray(first, last + 1);
    const widest = widestEdge(table, lines);
    const marks = Array.from(lines, (line) => marksIn(source, table, line));
    const areFull = isFullGroup(table, seams, first, last);
    for (const at of openAt(marks)) {
      const seam = first + at;
      if (verdicts.decision[seam] !== Decision.break || seams.turn[seam]) continue;
      const areSigns = isCjkLine(table, seams.line[seam]!) || isCjkLine(table, seams.line[seam + 1]!);
      const goesOn = areSigns
        ? signsGoOn(table, seams, seam, widest)
        : (areFull || fillsMeasure(table, seams, measure, seam)) && lettersGoOn(table, seams, seam, widest, verdicts);
      if (!goesOn) continue;
      const isNarrow = areSigns && table.chars[seams.line[seam]!]! < NARROWEST_OF_SIGNS;
      settle(verdicts, seam, Decision.join, 'openSpeech', isNarrow ? CERTAINTY_OF_NARROW : CERTAINTY);
    }
  }
}

const FEWEST_BEHIND_DASHES = 3;

/** Where blank lines part all that is said behind dashes, a line without one goes on from a full line of it. */
function joinBehindDashes(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const opensSpeech = (line: number) =>
    (table.flags[line]! & Flag.startsDash) !== 0 && (table.flags[line]! & Flag.startsLower) === 0;
  const speeches = [...groupsOf(seams)].filter(([first]) => opensSpeech(seams.line[first]!));
  if (speeches.length < FEWEST_BEHIND_DASHES) return;
  if (speeches.some(([first, last]) => seams.line.subarray(first + 1, last + 1).some(opensSpeech))) return;
  for (const [first, last] of speeches) {
    const widest = widestEdge(table, seams.line.subarray(first, last + 1));
    for (let seam = first; seam < last; seam++)
      if (verdicts.decision[seam] === Decision.break && lettersGoOn(table, seams, seam, widest, verdicts))
        settle(verdicts, seam, Decision.join, 'gapByCustom', CERTAINTY);
  }
}

function fillsMeasure(table: LineTable, seams: SeamTable, measure: Measure, seam: number): boolean {
  return measure.reliability > 0 && roomAt(table, seams, measure, seam) < 0;
}

/** The places of the lines that end within a speech, which closes below before another opens. */
function openAt(marks: readonly string[]): readonly number[] {
  const open: number[] = [];
  let since = -1;
  for (const [at, of] of marks.entries()) {
    if (of === '') continue;
    if (since >= 0 && of.startsWith(CLOSES)) for (let line = since; line < at; line++) open.push(line);
    since = of.endsWith(OPENS) ? at : -1;
  }
  return open;
}

const OPENS = '(';
const CLOSES = ')';
const MARKS = /["“”„«»「」『』]/g;

/** What the marks of speech in a line do, in order. */
function marksIn(source: string, { from, to }: LineTable, line: number): string {
  const text = source.slice(from[line], to[line]);
  let marks = '';
  for (const { 0: mark, index } of text.matchAll(MARKS)) marks += opens(text, index, mark) ? OPENS : CLOSES;
  return marks;
}

const BEFORE_OPENING = /[\s([—–]/;
const BEHIND_OPENING = /[\p{L}\p{N}¿¡…'‘]/u;

/** Marks that close in one language open in another: of those of letters what stands beside them tells. */
function opens(text: string, at: number, mark: string): boolean {
  if ('「『„'.includes(mark)) return true;
  if ('」』'.includes(mark)) return false;
  const [before, behind] = [text[at - 1], text[at + 1]];
  if (mark === '“' && behind !== undefined && isSign(behind)) return true;
  if (before !== undefined && !BEFORE_OPENING.test(before)) return false;
  return behind !== undefined && (BEHIND_OPENING.test(behind) || (mark === '«' && /\s/.test(behind)));
}

function isSign(char: string): boolean {
  return /\p{Script=Han}|\p{Script=Hiragana}|\p{Script=Katakana}/u.test(char);
}

/** Chinese and Japanese have no capitals to tell by: a speech goes on from a full line, and from one that ends no sentence. */
function signsGoOn(table: LineTable, { line }: SeamTable, seam: number, widest: number): boolean {
  const [one, next] = [line[seam]!, line[seam + 1]!];
  const { flags, indent } = table;
  if (!areProse(table, one, next) || indent[next]! > indent[one]!) return false;
  return !(flags[one]! & Flag.endsStop) || edgeInCharacters(table, one) >= widest - ROOM_OF_SIGNS;
}

const BEGINS_ANEW = Flag.startsQuote | Flag.startsDash | Flag.startsMarker | Flag.startsSpeaker;

/** A letter that somebody reads out has paragraphs, too, but not all of their lines are full. */
function lettersGoOn(table: LineTable, { line }: SeamTable, seam: number, widest: number, verdicts: Verdicts): boolean {
  const [one, next] = [line[seam]!, line[seam + 1]!];
  const { flags, indent, firstChars } = table;
  if (!areProse(table, one, next) || indent[next]! > indent[one]! || settlerOf(verdicts, seam) !== 'evidence')
    return false;
  return !(flags[next]! & BEGINS_ANEW) && edgeInCharacters(table, one) + 1 + firstChars[next]! > widest;
}

function areProse({ kind }: LineTable, one: number, next: number): boolean {
  return kind[one] === LineKind.prose && kind[next] === LineKind.prose;
}
