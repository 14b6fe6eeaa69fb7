import type { LineTable } from '../../lines/line-table.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.92;
const LETTER = /^([A-Ha-h])\.\s+\S/;
/** "a Department of Hydrology, b Harbour Trust": of the authors of a paper, each on a line. */
const MARK = /^([a-h])\s+\p{Lu}/u;
const MOST_LINES_OF_MARK = 3;
/** In lines. */
const LONGEST_PART = 30;

/**
 * "A." and then "B.", or "a." and "b.", set in as far: parts of an outline, where one alone may be an initial. Each begins anew, and so
 * does each house that authors belong to.
 */
export function breakBeforeLetters(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  for (let seam = 0; seam < seams.count; seam++)
    if (table.series.has(seams.line[seam + 1]!) && verdicts.decision[seam] === Decision.join)
      settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
  const before = new Map<number, { letter: number; place: number }>();
  for (const [place, line] of seams.line.entries()) {
    const behind = source[table.from[line]! + 1];
    if (behind !== '.' && behind !== ' ') continue;
    const pattern = behind === '.' ? LETTER : MARK;
    const letter = pattern.exec(source.slice(table.from[line], table.from[line]! + 6))?.[1]?.charCodeAt(0);
    if (letter === undefined) continue;
    const farthest = behind === '.' ? LONGEST_PART : MOST_LINES_OF_MARK;
    const indent = table.indent[line]!;
    const last = before.get(indent);
    before.set(indent, { letter, place });
    if (!last || letter !== last.letter + 1 || place - last.place > farthest) continue;
    for (const at of [last.place, place])
      if (at > 0 && verdicts.decision[at - 1] === Decision.join)
        settle(verdicts, at - 1, Decision.break, 'shape', CERTAINTY);
  }
}
