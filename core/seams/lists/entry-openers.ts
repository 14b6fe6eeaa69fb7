import { isDigit, isWordUnit } from '../../text/characters.ts';
import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import type { SeamTable } from '../seam-table.ts';

/*
 * How entries begin that have no sign: references with who wrote them, terms with what parts them from what they mean.
 */

/** What such a beginning is; lists hold those of one name only. */
export interface OpenerKind {
  readonly name: string;
  /** Of a reference, which holds a year; else of a term. */
  readonly isReference: boolean;
  /** Only its order tells it. */
  readonly needsOrder?: boolean;
  /** A number that counts on puts it in its order; two may have the same. */
  readonly counts?: boolean;
}

/** A kept line, by its place, that begins as an entry may, and what puts it in its order. */
export interface Opener {
  readonly place: number;
  readonly key: string | number;
}

/** After these nothing begins; an entry may end in "through" or "it". */
const GOES_ON = Flag.endsComma | Flag.endsHyphen;
/** In units, of a line's start. */
const LONGEST_START = 60;

/** "Crane, S.", "van Orme, Thomas", "Hale E, Marsh I.": a surname and what goes before it. */
const AUTHOR =
  /^(?:(?:van|von|de|del|der|den|di|du|la|le|af|zu)\s+){0,2}(?<name>\p{Lu}[\p{L}\p{M}’'-]+(?: \p{Lu}[\p{L}\p{M}’'-]+)?)(?:, (?:\p{Lu}\.|(?<forename>\p{Lu}[\p{L}\p{M}]*)[.,: ])| \p{Lu}{1,3}[,.:] )/u;
/** In place of the author of the one before. */
const SAME_AUTHOR = /^(?:[-–—_]{2,}|—)[.,:]?\s/;
/** "(Crane 1921) ", "[Hal34] ". */
const KEY = /^[([](?<name>\p{Lu}[\p{L}\p{M}+&.’'-]*)[^\])]{0,40}\d{2}[a-z]?[\])]\s/u;
const NUMBER = /^(?:\[(?<inSquare>\d{1,3})\]|(?<plain>\d{1,3})\.)\s+\p{Lu}/u;

/** "**apron** a floor", "“cill” means": a term in marks. */
const MARKED = /^(?<mark>\*{1,3}|_{1,2}|[“"„«])(?<name>[\p{L}\p{M}][^*_“”"„«»\n]{1,40}?)[*_”"“»]{1,3}[:,]?\s/u;
/** "balance beam: the long arm", "cill – the step", "pound = the level water", "paddle (US: wicket) a small door". */
const TERM =
  /^(?<name>[\p{L}\p{M}][\p{L}\p{M}’' -]{0,30}?\p{L}\d?)(?<sign>: |\t+|\s[–—-] |—| = | \([^)]{1,40}\),? |,? (?:\/[^/]{1,30}\/,? |\[[^\]]{1,30}\],? |\([^)]{1,30}\),? )?(?:adj|adv|n|noun|v|vb|vi|vt|pl|m|f|s|prep|conj|pron|int|phr)\.)/u;

/** "apron. The floor below a wheel": a term without a capital, and a sentence. */
const TERM_AND_SENTENCE = /^(?<name>\p{Ll}[\p{L}\p{M}’'-]{1,24}(?: [\p{L}\p{M}’'-]{1,24}){0,2})\. (?=\p{Lu})/u;

/** "BALANCE BEAM the long arm": a term in capitals. */
const IN_CAPITALS = /^(?<name>\p{Lu}[\p{Lu}’' -]{1,30}\p{Lu})(?<sign>[.,:]? )\p{Ll}/u;

/** "Step 1: Warm the beer", "p. 14, line 3: for", "pp. 50–61 skip", "Lot 12 A brass lamp": a word and a number that counts on. */
const COUNTED = /^(?<name>\p{L}{1,9}\.?) (?<number>\d{1,4})(?:[–-]\d{1,4})?(?<sign>[.:),]| [–—-]|(?= )) *[^\s\d]/u;

/** "pp." beside "p.", as "vv." and "ll.". */
const SEVERAL = /^(\p{L})\1\.$/u;

const AUTHORS: OpenerKind = { name: 'author', isReference: true };
const KEYS: OpenerKind = { name: 'key', isReference: true };
const TERMS_AND_SENTENCES: OpenerKind = { name: 'term.', isReference: false };
const NUMBERS: OpenerKind = { name: 'number', isReference: true };

/** What a line begins with. */
export interface Opening {
  readonly kind: OpenerKind;
  /** Missing where that of the one before holds. */
  readonly key?: string | number;
}

/** How the kept line at a place begins, if an entry may begin so. */
export function openerAt(
  source: string,
  { kind, flags, from, to, vocabulary }: LineTable,
  { line }: SeamTable,
  place: number,
): Opening | undefined {
  const at = line[place]!;
  if (kind[at] !== LineKind.prose && kind[at] !== LineKind.footnote) return undefined;
  // Entries may end in a semicolon.
  const goesOn = (before: number) => (flags[before]! & GOES_ON) !== 0 && source[to[before]! - 1] !== ';';
  if (place > 0 && goesOn(line[place - 1]!)) return undefined;
  const text = source.slice(from[at], Math.min(to[at]!, from[at]! + LONGEST_START));
  // Where no spaces part words, anything may stand before a bracket or a dash.
  const mayBeTerm = (flags[at]! & Flag.startsCjk) === 0;
  if (!isWordUnit(text.charCodeAt(0)) || isDigit(text.charCodeAt(0))) return readSigned(text, mayBeTerm);
  if (!mayOpen(text)) return undefined;
  const author = AUTHOR.exec(text)?.groups;
  // "Saltfern, The Creek Press" is where it was printed.
  if (author && !vocabulary.isFunctionWord((author['forename'] ?? '').toLowerCase()))
    return { kind: AUTHORS, key: author['name']!.toLowerCase() };
  const counted = COUNTED.exec(text)?.groups;
  if (counted && !vocabulary.isFunctionWord(counted['name']!.toLowerCase())) {
    const name = counted['name']!.replace(SEVERAL, '$1.') + counted['sign']!;
    return { kind: { name, isReference: false, counts: true }, key: Number(counted['number']) };
  }
  const term = mayBeTerm && (TERM.exec(text) ?? IN_CAPITALS.exec(text))?.groups;
  if (term) return { kind: kindOfTerm(term['sign']!, term['name']!), key: term['name']!.toLowerCase() };
  // A sentence may end so at the beginning of a line, but not below another that ended.
  if (place > 0 && !(flags[line[place - 1]!]! & Flag.endsStop)) return undefined;
  const explained = TERM_AND_SENTENCE.exec(text)?.groups!['name'];
  return explained === undefined ? undefined : { kind: TERMS_AND_SENTENCES, key: explained };
}

/** How far what begins an entry is looked for, and the longest short form behind it ("adv."), in units. */
const LONGEST_NAME = 40;
const LONGEST_FORM = 5;

/**
 * Cheap refusal of nearly all lines of prose: the first sign in the line parts a name or a term from what follows, or two capitals
 * begin it.
 */
function mayOpen(text: string): boolean {
  if (isCapital(text.charCodeAt(0)) && isCapital(text.charCodeAt(1))) return true;
  let word = 0;
  for (let at = 0; at < text.length && at < LONGEST_NAME; at++) {
    const code = text.charCodeAt(at);
    if (isDigit(code)) return true;
    if (code === 0x20) word = at + 1;
    else if (code !== 0x27 && code !== 0x2019 && !isWordUnit(code)) return parts(text, at, word);
  }
  return false;
}

/** Whether the sign at a place may part them; the word before it begins at `word`. */
function parts(text: string, at: number, word: number): boolean {
  const sign = text[at]!;
  if (sign === '.') return at - word <= LONGEST_FORM || isSmall(text.charCodeAt(0));
  if (sign === '-') return text[at - 1] === ' ' || mayOpen(text.slice(at + 1));
  if (sign === ',')
    return isCapital(text.charCodeAt(at - 1)) || isCapital(text.charCodeAt(at + 2)) || isForm(text, at + 2);
  return ':\t–—=(/['.includes(sign);
}

/** "n.", "adv.", "/sluːs/": what part of speech a word is, or how it is said. */
function isForm(text: string, at: number): boolean {
  const stop = text.indexOf('.', at);
  return '/[('.includes(text[at] ?? ' ') || (stop > at && stop - at <= LONGEST_FORM);
}

function isCapital(code: number): boolean {
  return code < 0x80 ? code >= 0x41 && code <= 0x5a : /\p{Lu}/u.test(String.fromCharCode(code));
}

function isSmall(code: number): boolean {
  return code < 0x80 ? code >= 0x61 && code <= 0x7a : /\p{Ll}/u.test(String.fromCharCode(code));
}

/** What begins with a sign or a figure. */
function readSigned(text: string, mayBeTerm: boolean): Opening | undefined {
  if (SAME_AUTHOR.test(text)) return { kind: AUTHORS };
  const key = KEY.exec(text)?.groups!['name'];
  if (key !== undefined) return { kind: KEYS, key: key.toLowerCase() };
  const number = NUMBER.exec(text)?.groups;
  if (number) return { kind: NUMBERS, key: Number(number['inSquare'] ?? number['plain']) };
  const term = mayBeTerm && MARKED.exec(text)?.groups;
  return term ? { kind: kindOfTerm(term['mark']!, term['name']!), key: term['name']!.toLowerCase() } : undefined;
}

/** Terms of one list are all parted in one way, and all have capitals or none. */
function kindOfTerm(sign: string, name: string): OpenerKind {
  const way = /^,? ?(?:\/|\[|\(.*\..*\)|\p{Ll})/u.test(sign) ? 'class' : (sign.trim()[0] ?? '');
  const letter = name[0] === name[0]!.toLowerCase() ? 'a' : 'A';
  return { name: letter + way, isReference: false, needsOrder: NEEDS_ORDER.test(way) };
}

/** A bracket stands behind the first words of many a line, and speech begins with quotation marks. */
const NEEDS_ORDER = /^[(“"„«]/;
