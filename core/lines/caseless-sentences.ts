import { isKept, LineKind } from './line-kind.ts';
import { Flag, type LineTable } from './line-table.ts';

/*
 * Sentences in scripts without capitals: no small letter tells that one goes on in the next line, but a full line that ends no sentence does.
 */

/** In characters: verse has no lines so long. */
const SHORTEST = { signs: 14, letters: 24 };
const ENDS = Flag.endsStop | Flag.endsColon | Flag.endsQuote | Flag.endsDash;
const OPENS = Flag.startsMarker | Flag.startsQuote;
/** Signs that a full line may leave: a sign is a word, but no line begins with a stop. */
const MOST_ROOM = 1;
/** Lines on either side that tell how wide those of prose are, and how far they may be. */
const LINES_BESIDE = 2;
const FARTHEST = 8;

/**
 * Whether the words of one line go on in another, whatever stands between the two: both are in such a script, and the first is as full as
 * the lines around them and ends nothing.
 */
export function goesOnWithoutCapitals(table: LineTable, before: number, after: number): boolean {
  const { flags, chars, firstChars, indent } = table;
  const areSigns = (flags[before]! & Flag.endsCjk) !== 0 && (flags[after]! & Flag.startsCjk) !== 0;
  if (!areSigns && !(flags[after]! & Flag.startsCaseless)) return false;
  if (flags[before]! & ENDS || flags[after]! & OPENS || indent[after]! > indent[before]!) return false;
  if (chars[before]! < SHORTEST[areSigns || table.language === 'ko' ? 'signs' : 'letters']) return false;
  const edge = (line: number) => indent[line]! + chars[line]!;
  const widest = Math.max(edge(after), widestFrom(table, before, -1), widestFrom(table, after, 1));
  return edge(before) + (areSigns ? MOST_ROOM : firstChars[after]!) + 1 > widest;
}

/** The width of the widest of the nearest lines of prose in one direction, in characters; 0 where there are none. */
function widestFrom({ kind, chars, indent }: LineTable, line: number, step: 1 | -1): number {
  let widest = 0;
  let found = 0;
  for (let away = 1; away <= FARTHEST && found < LINES_BESIDE; away++) {
    const near = line + step * away;
    if (kind[near] === undefined) break;
    if (!isKept(kind[near]) || kind[near] !== LineKind.prose) continue;
    widest = Math.max(widest, indent[near]! + chars[near]!);
    found++;
  }
  return widest;
}
