import { INDENT_SPACE } from '../layout/layout.ts';
import {
  isCjk,
  isClosingMark,
  isDigit,
  isHyphen,
  isInvisible,
  isLower,
  isOpeningQuote,
  isSpace,
  isStop,
  isUpper,
  isWordUnit,
} from '../text/characters.ts';
import { printedWidth } from '../text/printed-width.ts';
import { measureStretch } from '../text/signs.ts';
import type { Vocabulary } from '../text/vocabulary.ts';
import { isSureBullet, markerLength } from './line-form.ts';
import { Flag, type LineTable } from './line-table.ts';

/** Fills in the features of one line, from the range of its words; its signs are those of the source as it is written. */
export function measureLine(source: string, table: LineTable, line: number, written = source): void {
  const from = table.from[line]!;
  const to = table.to[line]!;
  table.indent[line] = Math.max(0, columnsOf(source, table.index.from[line]!, from) - table.margin);
  table.chars[line] = to - from;
  measureStretch(written, from, to, table.width, table.signs, line);
  const firstTo = endOfFirstWord(source, from, to);
  table.firstChars[line] = firstTo - from;
  table.firstWidth[line] = printedWidth(source, from, firstTo);
  takePlacedWidth(table, line);
  table.flags[line] = startFlags(source, from, to, table.vocabulary) | endFlags(source, from, to, table.vocabulary);
}

/** In units: no measure asks for more of an address. */
const LONGEST_FIRST_WORD = 200;

/** Where a line could have been cut first. Signs of Chinese and Japanese part anywhere, but from what opens a quotation before them. */
function endOfFirstWord(source: string, from: number, to: number): number {
  const most = Math.min(to, from + LONGEST_FIRST_WORD);
  let at = from;
  let hasWord = false;
  for (; at < most; at++) {
    const code = source.charCodeAt(at);
    if (isSpace(code) || (isCjk(code) && hasWord)) return at;
    if (isCjk(code) && !isOpeningQuote(source[at]!)) return at + 1;
    hasWord ||= isWordUnit(code);
  }
  return at;
}

/**
 * Where a format places lines, their width is known, and need not be estimated. That of their first word is the estimate, as much
 * larger or smaller as the whole line is.
 */
function takePlacedWidth({ layout, indent, width, firstWidth, leadTo, tailFrom }: LineTable, line: number): void {
  const placed = layout?.widths?.[line] ?? 0;
  if (placed === 0 || leadTo[line]! > 0 || tailFrom[line]! > 0) return;
  const ofWords = placed - 1000 * indent[line]! * INDENT_SPACE;
  if (ofWords > 0 && width[line]! > 0) firstWidth[line] = (firstWidth[line]! * ofWords) / width[line]!;
  width[line] = placed;
}

/** The columns that spaces and tabs take from the start of a line. */
export function columnsOf(source: string, from: number, to: number): number {
  let columns = 0;
  for (let at = from; at < to; at++) {
    const code = source.charCodeAt(at);
    if (code === 0x09) columns += 8 - (columns % 8);
    else if (!isInvisible(code)) columns++;
  }
  return Math.min(columns, 0xffff);
}

const SPEAKER = /^(?:>> ?|[\p{Lu}][\p{Lu}\p{N} .'’-]{1,24}: |\[[\p{Lu}][^\]]{1,24}\]: )/u;

/** In units. */
const LONGEST_OPTION = 60;

/** Whether words are those of an option of a command and what it does, "-q, --quiet": its letter is neither small nor a capital. */
export function isOption(words: string): boolean {
  return /^-\w(?:[ =]\S{1,20})?, --\w|^--?\w[\w-]*(?:[ =]\S{1,20})?\s{2,}\S/.test(words);
}

/** "i. A. Corran", "p. p. Pell": who signs for another. */
const FOR_ANOTHER = /^(?:i\. ?[AV]\.|p\. ?p\.) ?\p{Lu}/u;

function startFlags(source: string, from: number, to: number, { refersBack, mayBeNoun }: Vocabulary): number {
  let flags = 0;
  let at = from;
  let char = source[at]!;
  const marker = markerLength(source, from, to);
  if (marker > 0) {
    const bullet = isWordUnit(source.charCodeAt(from)) || char === '(' ? 0 : Flag.startsBullet;
    return Flag.startsMarker | bullet | (isSureBullet(source, from) ? Flag.startsSureBullet : 0);
  }
  if (char === '—' || char === '–') flags |= Flag.startsDash;
  if (char === '-' && isOption(source.slice(from, Math.min(to, from + LONGEST_OPTION)))) return flags;
  if (isOpeningQuote(char) || opensInward(source, from, to)) {
    flags |= Flag.startsQuote;
  } else if (isClosingMark(char)) {
    flags |= Flag.startsClosing;
  }
  while (at < to - 1 && !isWordUnit(source.charCodeAt(at)) && !isSpace(source.charCodeAt(at))) at++;
  char = source[at]!;
  const code = source.charCodeAt(at);
  // In square brackets it is a label, or a mark that the line before had no room for.
  if (isDigit(code)) flags |= source[from] === '[' ? 0 : Flag.startsDigit;
  else if (isCjk(code)) flags |= Flag.startsCjk;
  else if (isLower(char)) {
    if (startsWithAddress(source, at, to)) flags |= Flag.startsAddress;
    else if (source[at + 1] !== '.' || !FOR_ANOTHER.test(source.slice(at, Math.min(to, at + 8))))
      flags |= Flag.startsLower;
  } else if (isUpper(char)) {
    flags |= Flag.startsUpper;
    if (!(flags & Flag.startsQuote) && refersBack(firstWord(source, at, to))) flags |= Flag.startsReferring;
    if (mayBeNoun(firstWord(source, at, to))) flags |= Flag.startsNoun;
    const head = source.slice(from, Math.min(to, from + 40));
    if (mayNameSpeaker(source, from, to) && SPEAKER.test(head)) flags |= Flag.startsSpeaker;
    if (
      !hasSmallAscii(source, from, to) &&
      !/\p{Ll}/u.test(head) &&
      head.length > 1 &&
      !/\p{Ll}/u.test(source.slice(from, to))
    )
      flags |= Flag.allCapitals;
  } else if (code > 0x2ff && isWordUnit(code)) flags |= Flag.startsCaseless;
  if (source.startsWith('>>', from)) flags |= Flag.startsSpeaker;
  return flags;
}

/** A name is followed by a colon, or begins with a sign. */
function mayNameSpeaker(source: string, from: number, to: number): boolean {
  const first = source.charCodeAt(from);
  if (first === 0x3e || first === 0x5b) return true;
  for (let at = from + 1; at < to && at < from + 30; at++) if (source.charCodeAt(at) === 0x3a) return true;
  return false;
}

function hasSmallAscii(source: string, from: number, to: number): boolean {
  for (let at = from; at < to && at < from + 40; at++) {
    const code = source.charCodeAt(at);
    if (isSmallAscii(code)) return true;
  }
  return false;
}

const ADDRESS = /^\p{L}{2}[\p{L}\p{N}-]*(?:[@/_~]|:\/|\.[\p{L}\p{N}])/u;

/** Whether the first word is an address, a path or a file name: its small letter says nothing of the sentence. */
function startsWithAddress(source: string, from: number, to: number): boolean {
  let end = from;
  while (end < to && !isSpace(source.charCodeAt(end))) {
    const code = source.charCodeAt(end);
    if (code === 0x2e || code === 0x2f || code === 0x40 || code === 0x5f || code === 0x7e || code === 0x3a) {
      return ADDRESS.test(source.slice(from, Math.min(to, end + 2)));
    }
    end++;
  }
  return false;
}

/** „so“, »so« and ”so”: marks that close in one language open in another. Close to a word a line begins with the latter. */
function opensInward(source: string, from: number, to: number): boolean {
  return '»›”'.includes(source[from]!) && from + 1 < to && isWordUnit(source.charCodeAt(from + 1));
}

/** Close to a word or its stop, a line ends with what closes. */
function closesInward(source: string, at: number): boolean {
  return '“‘«‹'.includes(source[at]!) && !isSpace(source.charCodeAt(at - 1));
}

function endFlags(source: string, from: number, to: number, vocabulary: Vocabulary): number {
  let at = to - 1;
  if (isHyphen(source.charCodeAt(at)) && at > from && isWordUnit(source.charCodeAt(at - 1))) return Flag.endsHyphen;
  let flags = isCjk(source.charCodeAt(at)) ? Flag.endsCjk : 0;
  if (endsInAddress(source, from, to)) flags |= Flag.endsInAddress;
  const unmarked = withoutReferenceMark(source, from, at);
  if (unmarked < at) flags |= Flag.endsMark;
  at = unmarked;
  const quoted = at;
  while (at > from && (isClosingMark(source[at]!) || closesInward(source, at))) at--;
  if (at < quoted) flags |= Flag.endsQuote;
  const char = source[at]!;
  if (isStop(char))
    flags |= char === '.' && endsShortForm(source, from, at, vocabulary) ? Flag.endsAbbreviation : Flag.endsStop;
  else if (char === ',' || char === ';' || char === '、' || char === '，' || char === '،' || char === '؛')
    flags |= Flag.endsComma;
  else if (char === ':' || char === '：') flags |= Flag.endsColon;
  else if (char === '—' || char === '–' || char === '-') flags |= Flag.endsDash;
  else if (at === quoted && endsInFunctionWord(source, from, at + 1, vocabulary)) flags |= Flag.endsFunctionWord;
  return flags;
}

/** Before "the" in ("the Keeper"). */
const OPENS_WORD = '("“„«';

/** A letter of a unit, as in "g/l", is no word, and a capital amid small letters is a name: "open until May". */
function endsInFunctionWord(source: string, from: number, to: number, { isFunctionWord }: Vocabulary): boolean {
  const word = lastWord(source, from, to);
  if (!isFunctionWord(word)) return false;
  const start = to - word.length;
  if (start === from) return true;
  const before = source[start - 1]!;
  if (OPENS_WORD.includes(before)) return true;
  const code = source.charCodeAt(start - 2);
  return isSpace(before.charCodeAt(0)) && !((isSmallAscii(code) || isDigit(code)) && isName(word));
}

/** A capital and then a small letter: "Will", and "May" in "3 May". */
function isName(word: string): boolean {
  return /^[A-Z][a-z]/.test(word);
}

function isSmallAscii(code: number): boolean {
  return code >= 0x61 && code <= 0x7a;
}

const BROKEN_ADDRESS =
  /(?:\w:\/\/|\bwww\.|[\w.-]@[\w-])\S*[./_=&?~]$|\S\/$|\b(?:https?|ftp):$|\b(?:doi:\s?)?10\.\d{4,9}\/\S*[./]$/;

/** Whether a line may break off inside a link, an e-mail address or a path: "https://wrackby.", "/usr/share/". */
function endsInAddress(source: string, from: number, to: number): boolean {
  if (!'./_=&?~:'.includes(source[to - 1]!)) return false;
  const tail = source.slice(Math.max(from, to - 80), to);
  return BROKEN_ADDRESS.test(tail.slice(tail.lastIndexOf(' ') + 1));
}

/** After a stop; plain figures only where the stop follows a letter, since "12.18" is a number. */
const REFERENCE_MARK =
  /(?:(?<=[.!?…,;:"”’)\]»])(?:\[[\w*†‡, –-]{1,5}\]|[¹²³⁰⁴-⁹]{1,3}|[*†‡])|(?<=[\p{L}"”’)\]][.!?…,;:]["”’)\]»]?)\d{1,3})$/u;

/** Steps back over a reference mark at a line end: "cart.[4]", "cart.⁴", "cart.4". */
function withoutReferenceMark(source: string, from: number, at: number): number {
  if (!mayEndReferenceMark(source.charCodeAt(at))) return at;
  const tail = source.slice(Math.max(from, at - 7), at + 1);
  const mark = REFERENCE_MARK.exec(tail);
  return mark ? at - mark[0].length : at;
}

/** A figure, a bracket, a star, a dagger, or a raised figure. */
function mayEndReferenceMark(code: number): boolean {
  return isDigit(code) || code === 0x5d || code === 0x2a || (code > 0xb1 && code < 0xba) || code >= 0x2020;
}

function endsShortForm(source: string, from: number, stop: number, { isAbbreviation }: Vocabulary): boolean {
  if (source[stop - 1] === '.') return false;
  return isAbbreviation(lastWord(source, from, stop));
}

/** The letters from `from` on. */
function firstWord(source: string, from: number, to: number): string {
  let at = from;
  while (at < to && at - from < 12 && isWordUnit(source.charCodeAt(at))) at++;
  return source.slice(from, at);
}

/** The letters (and stops and apostrophes between them) just before `to`. */
function lastWord(source: string, from: number, to: number): string {
  let at = to;
  while (at > from && to - at < 24) {
    const code = source.charCodeAt(at - 1);
    if (!isWordUnit(code) && code !== 0x2e && code !== 0x27 && code !== 0x2019) break;
    at--;
  }
  return source.slice(at, to);
}
