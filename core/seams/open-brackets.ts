import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.88;
/** Units of the next line in which the bracket closes. */
const FARTHEST = 60;
const BRACKETS = /[()（）]/g;
const OPENING = '(（';

/** A line that ends within brackets goes on in the next, if they close there. */
export function joinWithinBrackets(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  for (let seam = 0; seam < seams.count; seam++) {
    if (verdicts.decision[seam] !== Decision.break || seams.blanks[seam]! > 0 || seams.turn[seam]) continue;
    const line = seams.line[seam]!;
    const next = seams.line[seam + 1]!;
    if (table.kind[line] !== LineKind.prose || table.kind[next] !== LineKind.prose) continue;
    if (table.flags[line]! & Flag.endsStop || table.flags[next]! & Flag.startsMarker) continue;
    const last = source.slice(table.from[line], table.to[line]).match(BRACKETS)?.at(-1);
    if (last === undefined || !OPENING.includes(last)) continue;
    const start = table.from[next]!;
    const first = source.slice(start, Math.min(table.to[next]!, start + FARTHEST)).match(BRACKETS)?.[0];
    if (first !== undefined && !OPENING.includes(first)) settle(verdicts, seam, Decision.join, 'bracket', CERTAINTY);
  }
}
