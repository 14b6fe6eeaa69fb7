import type { LineIndex } from '../../text/line-index.ts';
import { isKept, LineKind } from '../line-kind.ts';
import { looksLikeName } from './sound-words.ts';

/*
 * Who speaks, where captions name them by other signs than a colon. One such name alone may be a word that is shouted, or a sound.
 */

const FEWEST = 2;
const IN_CAPITALS = /^\p{Lu}[\p{Lu}\p{M}.'’-]+(?: \p{Lu}[\p{Lu}\p{M}.'’-]*){0,2}(?<!\.)$/u;
/** Characters. */
const LONGEST = 28;

/** The lines that are names in capitals, right below the time of a caption, above words that are not. Linear in the number of lines. */
export function findNamesInCapitals(source: string, index: LineIndex, kind: Uint8Array): readonly number[] {
  const names: number[] = [];
  const textOf = (line: number) => source.slice(index.from[line], index.to[line]).trim();
  for (let line = 1; line + 1 < index.count; line++) {
    const isBelowTime = kind[line - 1] === LineKind.timeCode && kind[line] === LineKind.prose;
    if (!isBelowTime || kind[line + 1] !== LineKind.prose) continue;
    const text = textOf(line);
    if (text.length <= LONGEST && IN_CAPITALS.test(text) && /\p{Ll}/u.test(textOf(line + 1))) names.push(line);
  }
  return names.length < FEWEST ? [] : names;
}

const IN_BRACKETS = /^\s*\[([^[\]\n]{2,28})\]:?\s+\S/;

/** The lines whose words begin with a name in square brackets: "[Ida] So you came." Linear in the number of lines. */
export function findNamesInBrackets(
  source: string,
  index: LineIndex,
  kind: Uint8Array,
  leadTo: Uint32Array,
): readonly number[] {
  const names: number[] = [];
  for (let line = 0; line < index.count; line++) {
    if (!isKept(kind[line]!)) continue;
    const from = Math.max(index.from[line]!, leadTo[line]!);
    if (!source.slice(from, from + 2).includes('[')) continue;
    const name = IN_BRACKETS.exec(source.slice(from, index.to[line]))?.[1];
    if (name !== undefined && looksLikeName(name)) names.push(line);
  }
  return names.length < FEWEST ? [] : names;
}
