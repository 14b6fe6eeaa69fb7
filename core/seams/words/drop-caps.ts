import { LineKind } from '../../lines/line-kind.ts';
import type { LineTable } from '../../lines/line-table.ts';
import type { WordIndex } from '../../text/word-index.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';
import { countForms } from './split-words.ts';

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

/**
 * Joins initials to the lines that they begin, as one word; but a letter that is a word stands before another where the text has that word,
 * and not the two in one. Linear in the number of lines and words.
 */
export function joinDropCaps(
  source: string,
  words: WordIndex,
  table: LineTable,
  seams: SeamTable,
  verdicts: Verdicts,
): void {
  if (table.captions.found) return;
  const { line, blanks, count } = seams;
  const found: (Initial & { readonly seam: number; readonly mayBeWord: boolean })[] = [];
  for (let seam = 0; seam < count; seam++) {
    const initial = blanks[seam]! <= 1 && initialAt(source, table, line[seam]!, line[seam + 1]!);
    if (!initial) continue;
    found.push({ ...initial, seam, mayBeWord: table.vocabulary.isFunctionWord(initial.letter.toLowerCase()) });
  }
  const sought = found.filter(({ mayBeWord }) => mayBeWord);
  const counts = countForms(
    source,
    words,
    sought.flatMap(({ letter, rest }) => [letter + rest, rest]),
  );
  const times = (word: string) => counts.get(word.toLowerCase())!;
  const areInOrder = (at: number) => {
    const [one, next] = [found[at], found[at + 1]];
    return one && next && next.seam - one.seam <= NEAR && next.letter.charCodeAt(0) === one.letter.charCodeAt(0) + 1;
  };
  for (const [at, { seam, letter, rest, mayBeWord }] of found.entries()) {
    if (areInOrder(at) || areInOrder(at - 1)) continue;
    // One of the rests is in the line below.
    const areTwo = mayBeWord && times(letter + rest) < times(rest);
    settle(verdicts, seam, Decision.join, areTwo ? 'article' : 'initial', mayBeWord ? CERTAINTY_OF_WORD : CERTAINTY);
  }
}
