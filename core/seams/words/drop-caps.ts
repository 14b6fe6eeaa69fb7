import { LineKind } from '../../lines/line-kind.ts';
import type { LineTable } from '../../lines/line-table.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/*
 * Initials: the big first letter of a chapter comes out of a page on a line of its own, above the rest of its word: "T" / "HE KEEPER had".
 */

const CERTAINTY = 0.88;
/** It is asked about: the letter is a word of its own, and may head a list. */
const CERTAINTY_OF_WORD = 0.75;
/** In characters: the line below is one of prose. */
const SHORTEST = 25;
const LETTER = /^[“"‘«]?(?<letter>\p{Lu})$/u;
/** The rest of the word, in small letters or in the capitals that the line begins with. */
const REST = /^(?<rest>[\p{Ll}’']+|\p{Lu}+(?=[ ’',]))/u;
const LONGEST_REST = 24;
/** Of kept lines: letters that stand closer in the order of the alphabet label a list. */
const NEAR = 8;

interface Initial {
  readonly letter: string;
  readonly rest: string;
}

/** The letter and the rest of its word, if that is what two lines are. */
function initialAt(
  source: string,
  { kind, from, to, chars }: LineTable,
  before: number,
  after: number,
): Initial | undefined {
  if (to[before]! - from[before]! > 2 || kind[after] !== LineKind.prose || chars[after]! < SHORTEST) return undefined;
  const letter = LETTER.exec(source.slice(from[before], to[before]))?.groups!['letter'];
  const rest = REST.exec(source.slice(from[after], from[after]! + LONGEST_REST))?.groups!['rest'];
  // "T" above "tar, 12" heads a part of an index.
  if (!letter || !rest || rest[0]!.toLowerCase() === letter.toLowerCase()) return undefined;
  return { letter, rest };
}

/** Joins initials to the lines that they begin. Linear in the number of lines. */
export function joinDropCaps(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (table.captions.found) return;
  const { line, blanks, count } = seams;
  const found: { readonly seam: number; readonly letter: string }[] = [];
  for (let seam = 0; seam < count; seam++) {
    const initial = blanks[seam]! <= 1 && initialAt(source, table, line[seam]!, line[seam + 1]!);
    if (initial) found.push({ seam, letter: initial.letter });
  }
  const areInOrder = (at: number) => {
    const [one, next] = [found[at], found[at + 1]];
    return one && next && next.seam - one.seam <= NEAR && next.letter.charCodeAt(0) === one.letter.charCodeAt(0) + 1;
  };
  for (const [at, { seam, letter }] of found.entries()) {
    if (areInOrder(at) || areInOrder(at - 1)) continue;
    const mayBeWord = table.vocabulary.isFunctionWord(letter.toLowerCase());
    settle(verdicts, seam, Decision.join, 'initial', mayBeWord ? CERTAINTY_OF_WORD : CERTAINTY);
  }
}

/**
 * Whether two lines that are joined are an initial and the rest of its word. A letter that is a word stands before another where the text has
 * that word, and not the two in one.
 */
export function isDropCap(source: string, table: LineTable, before: number, after: number): boolean {
  const initial = initialAt(source, table, before, after);
  if (!initial) return false;
  const { letter, rest } = initial;
  if (!table.vocabulary.isFunctionWord(letter.toLowerCase())) return true;
  const count = (word: string) =>
    source.match(new RegExp(`(?<![\\p{L}\\p{M}])${word}(?![\\p{L}\\p{M}])`, 'giu'))?.length ?? 0;
  // One of them is the line below.
  return count(letter + rest) > count(rest) - 1;
}
