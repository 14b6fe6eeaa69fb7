import type { LineIndex } from '../../text/line-index.ts';
import { isKept, LineKind } from '../line-kind.ts';
import { looksLikeName } from './sound-words.ts';
import { NAME, type TimeSpot } from './time-spots.ts';

/*
 * Who speaks, where captions name them by other signs than a colon. One such name alone may be a word that is shouted, or a sound.
 */

/** A name of up to three words before what somebody wrote or said, with capitals or without. */
const CALLED = /^[\s–-]*\[?\p{L}[^\s:]{0,20}(?: [^\s:]{1,20}){0,2}:\s/u;
const LONGEST_CALL = 72;

/** Whether such a name stands right behind a time. */
export function isCalled(source: string, { to }: Pick<TimeSpot, 'to'>): boolean {
  return CALLED.test(source.slice(to, to + LONGEST_CALL));
}

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

const SHARE_OF_NAMED = 0.9;
const FEWEST_IN_SMALL = 3;

/**
 * The lines that are names above times, with words below: "Ida" above "0:07". They stand above nearly every time; some of those that are not in
 * capitals come again. Linear in the number of lines.
 */
export function findNamesAboveTimes(
  source: string,
  index: LineIndex,
  kind: Uint8Array,
  spots: readonly TimeSpot[],
): readonly number[] {
  const names: number[] = [];
  const texts = new Set<string>();
  let inCapitals = 0;
  for (const { line, place, isSure } of spots) {
    if (place !== 'alone' || isSure) return [];
    const above = line - 1;
    if (above < 0 || kind[above] !== LineKind.prose || !areWordsBelow(source, index, kind, line)) continue;
    const text = source.slice(index.from[above], index.to[above]).trim();
    if (text.length > LONGEST || !NAME.test(text)) continue;
    names.push(above);
    texts.add(text);
    if (text === text.toUpperCase()) inCapitals++;
  }
  if (names.length < spots.length * SHARE_OF_NAMED || names.length < FEWEST) return [];
  return inCapitals === names.length || (names.length >= FEWEST_IN_SMALL && texts.size < names.length) ? names : [];
}

/** Whether the next line that stays holds words in small letters, or in a script that has none. */
function areWordsBelow(source: string, index: LineIndex, kind: Uint8Array, line: number): boolean {
  const next = nextKept(kind, line);
  return next !== undefined && /[\p{Ll}\p{Lo}]/u.test(source.slice(index.from[next], index.to[next]));
}

/** The first line below that stays. */
export function nextKept(kind: Uint8Array, line: number): number | undefined {
  for (let next = line + 1; next < kind.length; next++) if (isKept(kind[next]!)) return next;
  return undefined;
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
