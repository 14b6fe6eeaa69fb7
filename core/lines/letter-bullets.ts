import { isKept } from './line-kind.ts';
import { Flag, type LineTable } from './line-table.ts';

/** Letters that symbol fonts draw as rings, arrows, ticks and squares before the items of word processors: their text has the letters. */
const LETTERS = 'oØüqv§';
const FEWEST = 2;
/** Of the lines that begin so: so many times the letter may stand by itself within lines, where it is a word. */
const SHARE_WITHIN = 1 / 3;
const IN_UNITS = 8;

/**
 * Marks the lines that begin with such a letter, and words behind it, as items of a list: where several do, and the letter is no small word
 * of the language, nor stands within lines. One that its spaces tell by itself is a marker already: see markerLength. Linear in the length of the text.
 */
export function markLetterBullets(source: string, table: LineTable): void {
  const { kind, flags, from, to, vocabulary } = table;
  const found = new Map<string, number[]>();
  for (let line = 0; line < kind.length; line++) {
    const letter = source[from[line]!] ?? '';
    if (!isKept(kind[line]!) || !LETTERS.includes(letter)) continue;
    const behind = source.slice(from[line]! + 1, Math.min(to[line]!, from[line]! + IN_UNITS));
    if (!/^[ \t]{1,4}[\p{L}“"‘]/u.test(behind)) continue;
    const lines = found.get(letter);
    if (lines) lines.push(line);
    else found.set(letter, [line]);
  }
  for (const [letter, lines] of found) {
    if (lines.length < FEWEST || vocabulary.isFunctionWord(letter)) continue;
    if (timesWithin(source, letter) > lines.length * SHARE_WITHIN) continue;
    for (const line of lines) {
      flags[line]! &= ~(Flag.startsLower | Flag.startsUpper);
      flags[line]! |= Flag.startsMarker | Flag.startsBullet | Flag.startsSureBullet;
    }
  }
}

/** How often a letter stands by itself between two words of a line. */
function timesWithin(source: string, letter: string): number {
  let times = 0;
  for (let at = source.indexOf(` ${letter} `); at >= 0; at = source.indexOf(` ${letter} `, at + 2))
    if (/\S/.test(source[at - 1] ?? '') && /\S/.test(source[at + 3] ?? '')) times++;
  return times;
}
