import type { LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.92;
const LETTER = /^([A-Ha-h])\.\s+\S/;
/** In lines. */
const LONGEST_PART = 30;

/** "A." and then "B.", or "a." and "b.", set in as far: parts of an outline, where one alone may be an initial. Each begins anew. */
export function breakBeforeLetters(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const before = new Map<number, { letter: number; place: number }>();
  for (const [place, line] of seams.line.entries()) {
    if (source[table.from[line]! + 1] !== '.') continue;
    const letter = LETTER.exec(source.slice(table.from[line], table.from[line]! + 6))?.[1]?.charCodeAt(0);
    if (letter === undefined) continue;
    const indent = table.indent[line]!;
    const last = before.get(indent);
    before.set(indent, { letter, place });
    if (!last || letter !== last.letter + 1 || place - last.place > LONGEST_PART) continue;
    for (const at of [last.place, place])
      if (at > 0 && verdicts.decision[at - 1] === Decision.join)
        settle(verdicts, at - 1, Decision.break, 'shape', CERTAINTY);
  }
}
