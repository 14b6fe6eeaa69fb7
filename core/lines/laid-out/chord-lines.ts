import { LineKind } from '../line-kind.ts';
import type { LineTable } from '../line-table.ts';

/*
 * Songs with the names of chords above the words: each name stands above the syllable that it begins on, so spaces and line ends
 * stay.
 */

const CHORD = String.raw`\(?[A-H](?:#|b|♯|♭)?(?:maj|min|dim|aug|sus|add|m|M)?\d{0,2}(?:sus\d?|add\d)?(?:\/[A-H](?:#|b)?)?\)?`;
const CHORDS = new RegExp(`^(?:${CHORD}|\\||N\\.C\\.)(?:\\s+(?:${CHORD}|\\||N\\.C\\.))*$`);
const LONGEST = 90;
const FEWEST_LINES = 2;

/** Sets the kind of lines of chords and of the words under them. */
export function findChords(source: string, table: LineTable): void {
  const { kind, index } = table;
  const found: number[] = [];
  let isWide = false;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] !== LineKind.prose || !mayBeChords(source, table, line)) continue;
    const words = source.slice(table.from[line], table.to[line]);
    if (!CHORDS.test(words)) continue;
    found.push(line);
    isWide ||= /\S\s{3,}\S/.test(words);
  }
  if (found.length < FEWEST_LINES || !isWide) return;
  for (const line of found) {
    kind[line] = LineKind.code;
    if (kind[line + 1] === LineKind.prose) kind[line + 1] = LineKind.code;
  }
}

/** Cheap refusal: most lines begin with something else than a lone capital from A to H, or are long. */
function mayBeChords(source: string, { from, to }: LineTable, line: number): boolean {
  const start = from[line]!;
  if (to[line]! - start > LONGEST) return false;
  const at = source[start] === '(' ? start + 1 : start;
  const code = source.charCodeAt(at);
  return (code >= 0x41 && code <= 0x48) || source[at] === '|' || source.startsWith('N.C.', at);
}
