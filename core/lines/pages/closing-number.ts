import { textAt, type KeptLines } from '../kept-lines.ts';
import { LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';

const NUMBER = /^\d{1,3}$/;
/** In characters: lines of prose on a page. */
const NARROWEST = 44;
const FEWEST_WIDE = 2;
/** Lines above the number that are looked at. */
const MOST_LINES = 8;
/** Columns from the edge of the prose: in the middle, or at the right. */
const FAR = 8;
/** How a sentence breaks off at the foot of a page. */
const BREAKS_OFF = /[\p{Ll}\p{M},]$/u;

/**
 * Whether the last line is the number of the one page that was copied: it stands far from the edge of the prose above it, or apart from a
 * sentence that breaks off.
 */
export function closesText(source: string, table: LineTable, kept: KeptLines): boolean {
  const { kind, chars, indent, flags } = table;
  const last = kept.lines.length - 1;
  if (last < FEWEST_WIDE || !NUMBER.test(textAt(source, table, kept, last))) return false;
  const [line, before] = [kept.lines[last]!, kept.lines[last - 1]!];
  const above = kept.lines.slice(Math.max(0, last - MOST_LINES), last);
  const wide = above.filter((one) => kind[one] === LineKind.prose && chars[one]! >= NARROWEST);
  if (wide.length < FEWEST_WIDE || kind[line] !== LineKind.prose || kind[before] !== LineKind.prose) return false;
  if (indent[line]! - indent[before]! >= FAR)
    return chars[before]! >= NARROWEST || (flags[before]! & Flag.endsStop) !== 0;
  return line - before > 1 && BREAKS_OFF.test(textAt(source, table, kept, last - 1));
}
