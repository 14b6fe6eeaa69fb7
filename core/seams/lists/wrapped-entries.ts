import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { hasSentenceWithin } from '../../text/sentence-within.ts';
import { ENDS_INSIDE } from '../measure/few-lines.ts';
import { runsOn } from '../runs-on.ts';
import { isFull, widestOf } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { isApart, settle, settlerOf, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.86;
/** By a small letter alone, a line of a song may go on so, too: it is asked. */
const CERTAINTY_BY_LETTER = 0.8;
/** Lines of a group, and of those that begin as an entry does. */
const FEWEST = 3;
/** Longer texts tell by their own habits whether lines wrap. */
const MOST_OF_A_SHORT_TEXT = 60;
/** In characters: narrower lines tell no width. */
const NARROWEST = 30;
const NARROWEST_OF_MARKED = 20;
const CASELESS = Flag.startsCaseless | Flag.startsCjk;

/**
 * In a list without signs every entry begins with a capital, a figure or a sign. A line that begins with a small letter goes on the
 * one before it, if that is the widest of its group and so had no room for the word; where a line with room is followed by a small
 * letter, too, small letters say nothing here. Where entries have signs, a line without one goes on the entry before it, if that is
 * full. Linear in the number of lines.
 */
export function joinWrappedEntries(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (table.captions.found) return;
  const groups = [...groupsOf(seams)].filter(([first, last]) => last - first + 1 >= FEWEST);
  joinTitle(table, seams, verdicts);
  const found = groups.map(([first, last]) => wrapsIn(source, table, seams, first, last));
  if (found.includes('meant')) return;
  for (const [at, wraps] of found.entries()) {
    const joined =
      typeof wraps === 'string'
        ? []
        : wraps.filter((seam) => isApart(verdicts, seam) && settlerOf(verdicts, seam) !== 'shape');
    if (joined.length === 0) continue;
    const [first, last] = groups[at]!;
    const isMarked = (table.flags[seams.line[first]!]! & Flag.startsBullet) !== 0;
    const certainty = isMarked ? CERTAINTY : CERTAINTY_BY_LETTER;
    for (const seam of joined) settle(verdicts, seam, Decision.join, 'wrappedEntry', certainty);
    // Where some entries are longer than a line, each is a paragraph.
    for (let seam = first; seam < last; seam++)
      if (verdicts.decision[seam] === Decision.keep) verdicts.decision[seam] = Decision.break;
  }
}

/** A title of two lines: the first is the widest of the text and ends nothing, and the second begins with a small letter. */
function joinTitle(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  if (count < FEWEST || blanks[0] !== 0 || blanks[1] === 0 || !isApart(verdicts, 0)) return;
  const widest = widestOf(table, line);
  const [first, second] = [table.flags[line[0]!]!, table.flags[line[1]!]!];
  if (first & Flag.endsComma || !(second & Flag.startsLower) || !runsOn(table, seams, 0)) return;
  if (table.chars[line[0]!] === widest && widest >= NARROWEST)
    settle(verdicts, 0, Decision.join, 'wrappedEntry', CERTAINTY_BY_LETTER);
}

/** The last word or two of a message: in characters. */
const LONGEST_REST = 12;
const NARROWEST_OF_MESSAGE = 45;
/** It is asked about: a refrain may be as short. */
const CERTAINTY_OF_REST = 0.75;

/** A word or two in small letters below the widest line of a short text, the last of its group: the line had no room for them. */
export function joinRests(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (table.captions.found || seams.count > MOST_OF_A_SHORT_TEXT) return;
  const widest = widestOf(table, seams.line);
  if (widest < NARROWEST_OF_MESSAGE) return;
  for (const [first, last] of groupsOf(seams)) {
    const [line, rest] = [seams.line[last - 1], seams.line[last]];
    if (last === first || line === undefined || rest === undefined) continue;
    const isRest = table.chars[rest]! <= LONGEST_REST && (table.flags[rest]! & Flag.startsLower) !== 0;
    if (isRest && table.chars[line] === widest && isApart(verdicts, last - 1) && runsOn(table, seams, last - 1))
      settle(verdicts, last - 1, Decision.join, 'wrappedEntry', CERTAINTY_OF_REST);
  }
}

/** Of a line that wraps, in characters; less where it ends in a word that wants another. */
const LONG = 45;
const LONG_BEFORE_SMALL_WORD = 30;
/** It is asked about: verse may go on in small letters. */
const CERTAINTY_OF_FEW = 0.78;

/**
 * In a short text that is not wrapped on the whole: a long line below which the words go on in small letters, if each such line had no
 * room for the next word among the lines beside it. Where one had, lines end as they like, but for those of paragraphs with several
 * sentences.
 */
export function joinFewWraps(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, turn, count } = seams;
  if (table.captions.found || count === 0 || count > MOST_OF_A_SHORT_TEXT) return;
  const { flags, chars } = table;
  const closest = blanks.subarray(0, count).reduce((least, one) => Math.min(least, one), Infinity);
  const widestOfAll = widestOf(table, line);
  const ofSentences: number[] = [];
  const others: number[] = [];
  let isLoose = false;
  for (let first = 0; first < count;) {
    let last = first;
    while (last < count && blanks[last] === closest && !turn[last]) last++;
    const group = line.subarray(first, last + 1);
    const widest = widestOf(table, group);
    const open = seamsThatRunOn(source, table, seams, verdicts, first, last, widest);
    const wraps = open.filter((seam) => isFull(table, seams, seam, widest));
    const isLooseGroup = wraps.length < open.length;
    if (last === first + 1 && isRest(table, line[first]!, line[last]!, widestOfAll)) wraps.push(first);
    isLoose ||= isLooseGroup;
    const hasSentences = () => group.some((one) => hasSentenceWithin(source.slice(table.from[one], table.to[one])));
    if (wraps.length > 0 && !isLooseGroup) (hasSentences() ? ofSentences : others).push(...wraps);
    first = Math.max(last, first + 1);
  }
  const areSentences = new Set(ofSentences);
  // A sign of Korean is as wide as two letters.
  const scale = table.language === 'ko' ? 0.5 : 1;
  for (const seam of isLoose ? ofSentences : [...ofSentences, ...others]) {
    const ends = flags[line[seam]!]!;
    const isCut = (ends & ENDS_INSIDE) !== 0;
    const isOfSentence = areSentences.has(seam);
    const isLong = chars[line[seam]!]! >= scale * (isCut || isOfSentence ? LONG_BEFORE_SMALL_WORD : LONG);
    const mayWrap = isApart(verdicts, seam) && ['evidence', 'verse', 'shortLine'].includes(settlerOf(verdicts, seam));
    if (!isLong || !mayWrap) continue;
    // A verse may be as long, and pauses where its line ends.
    if (chars[line[seam]!]! >= scale * LONG || !(ends & Flag.endsComma))
      settle(verdicts, seam, Decision.join, 'wrappedEntry', CERTAINTY_OF_FEW);
    else verdicts.certainty[seam] = Math.min(verdicts.certainty[seam]!, CERTAINTY_OF_FEW);
  }
}

/** The seams of a group of lines over which the words go on, as far as their letters tell. */
function seamsThatRunOn(
  source: string,
  table: LineTable,
  seams: SeamTable,
  { entry }: Verdicts,
  first: number,
  last: number,
  widest: number,
): number[] {
  const { flags, chars, kind, from, to } = table;
  const found: number[] = [];
  const endsSentence = reaches(Flag.endsStop, table, seams, first, last);
  const endsClause = reaches(Flag.endsStop | Flag.endsColon, table, seams, first, last);
  for (let seam = first; seam < last; seam++) {
    const [before, next] = [seams.line[seam]!, seams.line[seam + 1]!];
    if (kind[before] !== LineKind.prose || kind[next] !== LineKind.prose) continue;
    // What closes a clause stands to the left of its parts; and an entry may begin small, as the terms of a glossary do.
    if (table.indent[next]! < table.indent[before]! || entry[seam + 1]) continue;
    const mayBeName = (flags[next]! & Flag.startsUpper) !== 0 && !(flags[next]! & NEVER_A_REST);
    const isBeforeName = mayBeName && hasSentenceWithin(source.slice(from[before], to[before]));
    const isCut =
      (flags[before]! & Flag.endsFunctionWord) !== 0 && ((flags[next]! & Flag.startsAddress) !== 0 || isBeforeName);
    const isCaseless = (flags[next]! & Flag.startsCaseless) !== 0 && chars[before]! * 2 > widest && endsSentence(seam);
    const goesOn = (isCaseless || (flags[next]! & Flag.startsLower) !== 0) && runsOnOrPauses(table, seams, seam);
    const isInSentence =
      (isNounInSentence(table, seams, seam) && endsClause(seam)) || isListGoingOn(source, table, seams, seam, last);
    if (isCut || isInSentence || goesOn) found.push(seam);
  }
  return found;
}

/** Without capitals a comma tells no more than that the sentence goes on; elsewhere small letters tell that. */
function runsOnOrPauses(table: LineTable, seams: SeamTable, seam: number): boolean {
  if (runsOn(table, seams, seam)) return true;
  const [before, after] = [table.flags[seams.line[seam]!]!, table.flags[seams.line[seam + 1]!]!];
  return (
    (before & Flag.endsComma) !== 0 && (after & Flag.startsCaseless) !== 0 && (before & ENDS & ~Flag.endsComma) === 0
  );
}

/** A noun with the capital that its language gives it anywhere, below a line that ends nothing. */
function isNounInSentence({ flags }: LineTable, { line }: SeamTable, seam: number): boolean {
  const [before, after] = [flags[line[seam]!]!, flags[line[seam + 1]!]!];
  return (after & Flag.startsNoun) !== 0 && !(after & NEVER_A_REST) && !(before & ENDS);
}

/** In characters: no verse and no address has lines so long. */
const LONGER_THAN_VERSE = 60;

/** Names behind a comma, below a long line, to the end of a sentence; verse begins a line with "And". */
function isListGoingOn(source: string, table: LineTable, { line }: SeamTable, seam: number, last: number): boolean {
  const { flags, chars, from, firstChars, vocabulary } = table;
  const [before, after] = [line[seam]!, line[seam + 1]!];
  if (!(flags[before]! & Flag.endsComma) || chars[before]! < LONGER_THAN_VERSE) return false;
  if (!(flags[after]! & Flag.startsUpper) || flags[after]! & NEVER_A_REST || !(flags[line[last]!]! & Flag.endsStop))
    return false;
  return !vocabulary.isFunctionWord(source.slice(from[after], from[after]! + firstChars[after]!));
}

/**
 * Where capitals do not tell: whether the words of the lines first..last run on across a seam up to one of some ends. Those of a list
 * reach none.
 */
function reaches(
  ends: number,
  table: LineTable,
  seams: SeamTable,
  first: number,
  last: number,
): (seam: number) => boolean {
  const reached = new Uint8Array(last - first);
  for (let seam = last - 1; seam >= first; seam--) {
    const isThere = (table.flags[seams.line[seam + 1]!]! & ends) !== 0 || reached[seam + 1 - first] === 1;
    const goesOn = runsOnOrPauses(table, seams, seam) || isNounInSentence(table, seams, seam);
    reached[seam - first] = isThere && goesOn ? 1 : 0;
  }
  return (seam) => reached[seam - first] === 1;
}

/**
 * Of two lines by themselves, a short second one, below a long one that ends in "to" or "the Mrs.", is the rest of it; so is the end of a
 * sentence below the widest line of all, which ends none.
 */
function isRest({ kind, flags, chars }: LineTable, before: number, next: number, widest: number): boolean {
  if (kind[before] !== LineKind.prose || kind[next] !== LineKind.prose || !(flags[next]! & Flag.startsUpper))
    return false;
  if (chars[before]! < LONG || flags[next]! & NEVER_A_REST) return false;
  if (flags[before]! & Flag.endsFunctionWord && chars[next]! * 2 <= chars[before]!) return true;
  const isCut = chars[before] === widest && !(flags[before]! & (Flag.endsStop | Flag.endsComma | Flag.endsColon));
  return isCut && (flags[next]! & Flag.endsStop) !== 0 && chars[next]! <= chars[before]! * REST_OF_WIDEST;
}

const ENDS = Flag.endsStop | Flag.endsColon | Flag.endsComma | Flag.endsDash | Flag.endsQuote;
const NEVER_A_REST = Flag.startsMarker | Flag.startsSpeaker | Flag.startsQuote;
const REST_OF_WIDEST = 0.7;

/** "HE ferry was late", below "T": a large letter at the start of a paragraph that was read as a line. */
const REST_OF_WORD = /^\p{Lu}{1,12} \p{Ll}/u;
const LETTER = /^["“‘'«„]?\p{Lu}$/u;
const SHORTEST_BELOW_LETTER = 25;

/**
 * A line in capitals that breaks off within a word goes on in the next, whatever room it leaves: titles are set so. So does the first letter
 * of a paragraph on a line of its own.
 */
export function joinCutCapitals(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  const { flags, chars, from, to } = table;
  const isLetterAlone = (one: number) => chars[one]! <= 2 && LETTER.test(source.slice(from[one], to[one]));
  for (let seam = 0; seam < count; seam++) {
    if (!isApart(verdicts, seam)) continue;
    const [before, next] = [line[seam]!, line[seam + 1]!];
    if (isLetterAlone(before) && chars[next]! >= SHORTEST_BELOW_LETTER) {
      if (REST_OF_WORD.test(source.slice(from[next], from[next]! + SHORTEST_BELOW_LETTER)))
        settle(verdicts, seam, Decision.join, 'cutWord', CERTAINTY);
      continue;
    }
    if (blanks[seam]! > 0) continue;
    if (flags[next]! & flags[before]! & Flag.allCapitals && flags[before]! & Flag.endsHyphen)
      settle(verdicts, seam, Decision.join, 'cutWord', CERTAINTY);
  }
}

/** The seams of a group at which an entry wraps; or that small letters begin lines wherever they are meant to. */
function wrapsIn(
  source: string,
  table: LineTable,
  seams: SeamTable,
  first: number,
  last: number,
): readonly number[] | 'meant' {
  const lines = seams.line.subarray(first, last + 1);
  const widest = widestOf(table, lines);
  // Where no small letter tells what goes on, numbers tell entries as signs do, and a heading may stand above the first.
  const areCaseless = lines.every((line) => table.flags[line]! & (Flag.startsMarker | CASELESS));
  const mark = areCaseless ? Flag.startsMarker : Flag.startsBullet;
  const isEntry = (line: number) => (table.flags[line]! & mark) !== 0;
  const from = areCaseless && !isEntry(lines[0]!) ? first + 1 : first;
  if (isEntry(seams.line[from]!) && lines.filter(isEntry).length * 2 >= lines.length) {
    const others = Array.from({ length: last - from }, (_, at) => from + at).filter(
      (seam) => !(table.flags[seams.line[seam + 1]!]! & Flag.startsMarker),
    );
    // "2.0.3 (4 May)" heads the items below it.
    if (others.some((seam) => isHeadOfItems(table, seams.line[seam]!, seams.line[seam + 1]!))) return [];
    return widest >= NARROWEST_OF_MARKED && others.every((seam) => isFull(table, seams, seam, widest)) ? others : [];
  }
  const small = Array.from({ length: last - first }, (_, at) => first + at).filter(
    (seam) => startsSmall(source, table, seams.line[seam + 1]!) && runsOn(table, seams, seam),
  );
  if (!small.every((seam) => isFull(table, seams, seam, widest))) return 'meant';
  const isProse = lines.every((line) => table.kind[line] === LineKind.prose || table.kind[line] === LineKind.heading);
  const entries = lines.length - small.length;
  return widest >= NARROWEST && isProse && entries >= FEWEST ? small : [];
}

/** Below "in" a figure is no head. */
function isHeadOfItems({ flags }: LineTable, before: number, line: number): boolean {
  return (flags[line]! & Flag.startsDigit) !== 0 && !(flags[before]! & Flag.endsFunctionWord);
}

/** What stands in brackets, as the direction of a play, begins in small letters anywhere. */
function startsSmall(source: string, { flags, from }: LineTable, line: number): boolean {
  return (flags[line]! & Flag.startsLower) !== 0 && source[from[line]!] !== '(';
}
