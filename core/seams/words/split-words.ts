import { isDigit, isHyphen, isUpper, isWordUnit, SOFT_HYPHEN } from '../../text/characters.ts';
import { OUTLINES, outlineOf, type WordIndex } from '../../text/word-index.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { vocabularyOf, type Vocabulary } from '../../text/vocabulary.ts';
import { hasWord, type WordList } from '../../text/word-list.ts';
import type { SeamTable } from '../seam-table.ts';

/** How the two halves of a word at a line end go together again. */
export type SplitOutcome = 'mend' | 'hyphen' | 'suspended';

export type SplitEvidence =
  | 'soft-hyphen'
  | 'joined-elsewhere'
  | 'hyphenated-elsewhere'
  | 'capital-after'
  | 'digit'
  | 'suspended'
  | 'address'
  | 'listed'
  | 'enclitic'
  | 'chain'
  | 'one-letter'
  | 'compound-number'
  | 'both-halves-words'
  | 'usual-prefix'
  | 'usual'
  | 'named';

export interface SplitWord {
  readonly outcome: SplitOutcome;
  readonly evidence: SplitEvidence;
  readonly certainty: number;
}

/** What is known of words beyond the text itself. */
export interface Lexicon {
  /** That of the languages of the text; without it, of all. */
  readonly vocabulary?: Vocabulary;
  readonly words?: WordList;
  /** The language writes compounds as one word, so that two words at a hyphen are no sign of one. */
  readonly closesCompounds?: boolean;
  /** Words, in lower case and with their hyphen, that keep it. */
  readonly hyphenated?: ReadonlySet<string>;
}

interface Halves {
  readonly seam: number;
  readonly head: string;
  readonly tail: string;
  readonly hyphen: number;
  /** The halves stand in a link, a path or a name such as "ftp.example.org". */
  readonly inAddress: boolean;
  readonly inLink: boolean;
  /** The first half hangs on a word before it: "half-and-" of "half-and-half". */
  readonly inChain: boolean;
  /** The second half has more behind a hyphen of its own: "in-law" of "mother-in-law". */
  readonly beginsChain: boolean;
}

const ANY = vocabularyOf(0);
const TENS = /^(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)$/i;
/** In Latin, Greek and Cyrillic letters, with any mark on it. */
const VOWEL = /^[aeiouyàáâãäåèéêëìíîïòóôõöøùúûüýæœαεηιουωάέήίόύώаеёиоуыэюяіїє]$/i;
/** A sign beside a half that only addresses, paths and file names have there. */
const ADDRESS_SIGN = /[./@_~](?=[\p{L}\p{N}])/u;
/** What stands before a half in a link. */
const IN_LINK = /(?:\w:\/\/|\bwww\.)\S*$/;
const LONGEST_LINK = 120;

/**
 * Decides each word split by a hyphen at a line end, by the text's own vocabulary first, then by the word list of its language
 * where there is one. One pass over the words of the text however many are split.
 */
export function decideSplitWords(
  source: string,
  words: WordIndex,
  table: LineTable,
  seams: SeamTable,
  isJoined: (seam: number) => boolean,
  lexicon: Lexicon = {},
): Map<number, SplitWord> {
  const found: Halves[] = [];
  for (let seam = 0; seam < seams.count; seam++) {
    if (!(table.flags[seams.line[seam]!]! & Flag.endsHyphen) || !isJoined(seam)) continue;
    found.push(halvesAt(source, table, seams, seam));
  }
  const counts = countForms(
    source,
    words,
    found.flatMap(({ head, tail }) => [head + tail, `${head}-${tail}`, head, tail]),
  );
  return new Map(found.map((halves) => [halves.seam, decideSplit(halves, counts, lexicon)]));
}

function halvesAt(source: string, table: LineTable, seams: SeamTable, seam: number): Halves {
  const end = table.to[seams.line[seam]!]! - 1;
  let head = end;
  while (head > 0 && isWordUnit(source.charCodeAt(head - 1))) head--;
  const start = table.from[seams.line[seam + 1]!]!;
  let tail = start;
  while (tail < source.length && isWordUnit(source.charCodeAt(tail))) tail++;
  return {
    seam,
    head: source.slice(head, end),
    tail: source.slice(start, tail),
    hyphen: source.charCodeAt(end),
    inChain: head > 1 && isHyphen(source.charCodeAt(head - 1)) && isWordUnit(source.charCodeAt(head - 2)),
    beginsChain: isHyphen(source.charCodeAt(tail)) && isWordUnit(source.charCodeAt(tail + 1)),
    inAddress:
      ADDRESS_SIGN.test(source.slice(Math.max(0, head - 1), end)) || ADDRESS_SIGN.test(source.slice(tail, tail + 2)),
    inLink: IN_LINK.test(source.slice(Math.max(0, head - LONGEST_LINK), head)),
  };
}

/** How often each of some forms stands whole in the text, by the form in small letters. Linear in the number of words. */
export function countForms(source: string, words: WordIndex, forms: readonly string[]): Map<string, number> {
  const counts = new Map<string, number>();
  if (forms.length === 0) return counts;
  const outlines = new Uint8Array(OUTLINES);
  for (const form of forms) {
    counts.set(form.toLowerCase(), 0);
    outlines[outlineOf(form)] = 1;
  }
  const add = (from: number, to: number) => {
    const form = source.slice(from, to).toLowerCase();
    const count = counts.get(form);
    if (count !== undefined) counts.set(form, count + 1);
  };
  for (let word = 0; word < words.count; word++) {
    // Neither the word nor the second half of a compound is sought.
    if (outlines[words.outline[word]!] === 0) continue;
    const from = words.from[word]!;
    const to = words.to[word]!;
    const cut = isHyphen(source.charCodeAt(to)) && !isWordUnit(source.charCodeAt(to + 1));
    if (!cut) add(from, to);
    const isCompound = word > 0 && words.to[word - 1] === from - 1 && isHyphen(source.charCodeAt(from - 1));
    if (isCompound && outlines[words.outline[word - 1]!] !== 0) add(words.from[word - 1]!, to);
  }
  return counts;
}

function decideSplit(halves: Halves, counts: ReadonlyMap<string, number>, lexicon: Lexicon): SplitWord {
  return (
    byName(halves, lexicon) ??
    bySigns(halves, lexicon) ??
    byOwnVocabulary(halves, counts) ??
    byLanguage(halves, counts, lexicon)
  );
}

/** What a house style says of this very word. */
function byName({ head, tail }: Halves, { hyphenated }: Lexicon): SplitWord | undefined {
  if (!hyphenated?.has(`${head}-${tail}`.toLowerCase())) return undefined;
  return { outcome: 'hyphen', evidence: 'named', certainty: 1 };
}

/** What the hyphen itself and the characters beside it say. */
function bySigns({ head, tail, hyphen, inLink }: Halves, { vocabulary = ANY }: Lexicon): SplitWord | undefined {
  if (hyphen === SOFT_HYPHEN || hyphen === 0xac) return { outcome: 'mend', evidence: 'soft-hyphen', certainty: 0.99 };
  // A link is cut behind its own hyphens, whatever words it is made of.
  if (inLink) return { outcome: 'hyphen', evidence: 'address', certainty: 0.93 };
  if (vocabulary.isSuspender(tail)) return { outcome: 'suspended', evidence: 'suspended', certainty: 0.9 };
  if (tail === '' || isDigit(tail.charCodeAt(0)) || isDigit(head.charCodeAt(head.length - 1))) {
    return { outcome: 'hyphen', evidence: 'digit', certainty: 0.9 };
  }
  if (isUpper(tail[0]!) && !isUpper(head[head.length - 1]!)) {
    return { outcome: 'hyphen', evidence: 'capital-after', certainty: 0.93 };
  }
  return undefined;
}

/** The forms that the text itself uses elsewhere. */
function byOwnVocabulary({ head, tail }: Halves, counts: ReadonlyMap<string, number>): SplitWord | undefined {
  const whole = counts.get((head + tail).toLowerCase()) ?? 0;
  const compound = counts.get(`${head}-${tail}`.toLowerCase()) ?? 0;
  if (whole > compound) return { outcome: 'mend', evidence: 'joined-elsewhere', certainty: 0.97 };
  if (compound > 0) return { outcome: 'hyphen', evidence: 'hyphenated-elsewhere', certainty: 0.97 };
  return undefined;
}

/** What is known of the language: capitals, addresses, hanging pronouns, the word list, usual prefixes. */
function byLanguage(
  halves: Halves,
  counts: ReadonlyMap<string, number>,
  { words, closesCompounds, vocabulary = ANY }: Lexicon,
): SplitWord {
  const { head, tail } = halves;
  const isListed = (form: string) => words !== undefined && hasWord(words, form);
  if (isUpper(tail[0]!) && tail !== tail.toUpperCase()) {
    return { outcome: 'hyphen', evidence: 'capital-after', certainty: 0.93 };
  }
  if (halves.inAddress) return { outcome: 'hyphen', evidence: 'address', certainty: 0.85 };
  // "mother-in-" and "law": "inlaw" is a word too.
  if (halves.inChain && vocabulary.isFunctionWord(head.toLowerCase()) && isListed(tail))
    return { outcome: 'hyphen', evidence: 'chain', certainty: 0.9 };
  // Hardly a word is divided behind its first letter, and none behind a consonant: "X-ray", "T-shirt".
  if (isListed(head + tail)) return { outcome: 'mend', evidence: 'listed', certainty: head.length > 1 ? 0.97 : 0.8 };
  if (head.length === 1 && (words || !VOWEL.test(head)))
    return { outcome: 'hyphen', evidence: 'one-letter', certainty: 0.9 };
  if (halves.beginsChain && vocabulary.isFunctionWord(tail))
    return { outcome: 'hyphen', evidence: 'chain', certainty: 0.9 };
  if (vocabulary.isEnclitic(tail)) return { outcome: 'hyphen', evidence: 'enclitic', certainty: 0.9 };
  if (words && halves.inChain && !closesCompounds) return { outcome: 'hyphen', evidence: 'chain', certainty: 0.85 };
  if (TENS.test(head)) return { outcome: 'hyphen', evidence: 'compound-number', certainty: 0.98 };
  if (vocabulary.isPrefix(head)) return { outcome: 'hyphen', evidence: 'usual-prefix', certainty: 0.85 };
  const isWord = (half: string) =>
    words ? isListed(half) : half.length >= 4 && (counts.get(half.toLowerCase()) ?? 0) > 0;
  const areWords = head.length >= 3 && tail.length >= 3 && isWord(head) && isWord(tail);
  if (areWords && (!closesCompounds || halves.inChain)) {
    return { outcome: 'hyphen', evidence: 'both-halves-words', certainty: words ? 0.85 : 0.7 };
  }
  return { outcome: 'mend', evidence: 'usual', certainty: 0.9 };
}
