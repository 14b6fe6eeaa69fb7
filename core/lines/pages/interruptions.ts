import { goesOnWithoutCapitals } from '../caseless-sentences.ts';
import { isFigureCaption } from '../line-form.ts';
import { isKept, LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { isMarkedAbove, markOfNote } from './footnotes.ts';

/*
 * What stands between the halves of a sentence away from page turns: the caption of a figure, a note to a word above. Its form tells
 * it, and the sentence that breaks off before it and goes on behind it.
 */

/** Lines of a caption or a note that ends at a blank line. */
const MOST_LINES = 4;
/** Of the lines around: no line of a wrapped caption is shorter, but its last. */
const SHARE_OF_FULL = 0.85;
/** In characters: the halves are lines of prose. */
const SHORTEST_BEFORE = 25;
const SHORTEST_AFTER = 10;
/** How far above its mark may stand, in lines. */
const FARTHEST_MARK = 60;
const ENDS = Flag.endsStop | Flag.endsColon | Flag.endsQuote;
const BREAKS_OFF = /[\p{Ll}\p{Lo}\p{M},;、，’)-]/u;

/** Makes asides of such notes and, where they are wanted, captions. Linear in the number of lines. */
export function setInterruptionsAside(source: string, table: LineTable, withCaptions: boolean): void {
  const { kind, from, to, index } = table;
  let before = -1;
  for (let line = 0; line < index.count; line++) {
    if (!isKept(kind[line]!)) continue;
    if (before >= 0 && breaksOff(source, table, before) && mayInterrupt(source, table, line, withCaptions)) {
      const last = lastLineOf(table, line, before);
      if (last !== undefined && goesOnBehind(table, before, last)) {
        for (let at = line; at <= last; at++) if (isKept(kind[at]!)) kind[at] = LineKind.aside;
        line = last;
        continue;
      }
    }
    before = from[line]! < to[line]! ? line : before;
  }
}

function breaksOff(source: string, { kind, flags, chars, to }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose || flags[line]! & ENDS) return false;
  if (chars[line]! < SHORTEST_BEFORE && !(flags[line]! & Flag.endsCjk)) return false;
  return BREAKS_OFF.test(source[to[line]! - 1]!);
}

function mayInterrupt(source: string, { kind, from, to }: LineTable, line: number, withCaptions: boolean): boolean {
  if (kind[line] !== LineKind.prose) return false;
  if (isFigureCaption(source, from[line]!, to[line]!)) return withCaptions;
  const mark = markOfNote(source.slice(from[line], Math.min(to[line]!, from[line]! + 8)));
  return mark !== undefined && isMarkedAbove(source.slice(from[Math.max(0, line - FARTHEST_MARK)], from[line]), mark);
}

/**
 * The last line of what begins at a line: the line itself where it ends in a stop, else that before the next blank line, or, below
 * full lines, one that ends in a stop above the other half of the sentence; undefined where nothing tells it.
 */
function lastLineOf(table: LineTable, first: number, before: number): number | undefined {
  const { kind, flags, chars, index } = table;
  if (flags[first]! & Flag.endsStop) return first;
  let shortest = chars[first]!;
  for (let line = first + 1; line < Math.min(index.count, first + MOST_LINES + 1); line++) {
    if (!isKept(kind[line]!)) return line - 1;
    const wide = Math.max(chars[before]!, chars[line + 1] ?? 0);
    if (flags[line]! & Flag.endsStop && shortest >= wide * SHARE_OF_FULL && goesOnBehind(table, before, line))
      return line;
    shortest = Math.min(shortest, chars[line]!);
  }
  return undefined;
}

function goesOnBehind(table: LineTable, before: number, last: number): boolean {
  const { kind, flags, chars, index } = table;
  let after = last + 1;
  while (after < index.count && !isKept(kind[after]!)) after++;
  if (after >= index.count || kind[after] !== LineKind.prose || chars[after]! < SHORTEST_AFTER) return false;
  if (goesOnWithoutCapitals(table, before, after)) return true;
  // Behind a Chinese or Japanese sign a small letter may begin a sentence: a name in Latin letters.
  return (flags[after]! & Flag.startsLower) !== 0 && !(flags[before]! & Flag.endsCjk);
}
