import { isLaidOut } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isFull } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/*
 * Scripts for stage and screen: a name in capitals stands far in, and under it what is said, set in by less and with a narrower
 * measure of its own; a direction in brackets has an indent of its own as well.
 */

const CERTAINTY = 0.92;
/** Columns that a name stands farther in than the lines that begin farthest left. */
const SHORTEST_STEP = 8;
const LONGEST_NAME = 40;
const FEWEST_NAMES = 2;
/** Share of lines in speeches that the next word would not have fitted on: where fewer are full, nothing wraps. */
const SHARE_OF_FULL = 0.7;

const SHARE_OF_CAPITALS = 0.6;
/** Of so few lines one without a capital is enough. */
const FEW = 8;

/** The places of a name, and of the last line under it. */
interface Speech {
  readonly name: number;
  readonly last: number;
}

/** Parts names, directions and speeches from each other, and joins the lines of a speech. */
export function settleSetInSpeeches(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const speeches = findSpeeches(table, seams);
  if (speeches.length < FEWEST_NAMES) return;
  const inner = speeches.flatMap(({ name, last }) => Array.from({ length: last - name }, (_, at) => name + at));
  const isOneColumn = (seam: number) => table.indent[seams.line[seam]!] === table.indent[seams.line[seam + 1]!];
  const widest = new Map<number, number>();
  for (const { name, last } of speeches) {
    for (let place = name + 1; place <= last; place++) {
      const line = seams.line[place]!;
      const indent = table.indent[line]!;
      widest.set(indent, Math.max(widest.get(indent) ?? 0, table.chars[line]!));
    }
  }
  const isFullInColumn = (seam: number) => isFull(table, seams, seam, widest.get(table.indent[seams.line[seam]!]!)!);
  const endsSentence = (seam: number) => (table.flags[seams.line[seam]!]! & Flag.endsStop) !== 0;
  const within = inner.filter(isOneColumn);
  // Speeches in verse have lines of nearly one length as well, but each begins with a capital.
  const capitals = within.filter((seam) => table.flags[seams.line[seam + 1]!]! & Flag.startsUpper).length;
  const mostCapitals = within.length < FEW ? within.length : within.length * SHARE_OF_CAPITALS;
  const wraps = within.filter(isFullInColumn).length >= within.length * SHARE_OF_FULL && capitals < mostCapitals;
  for (const seam of inner) {
    if (!isOneColumn(seam)) settle(verdicts, seam, Decision.break, 'speechBlock', CERTAINTY);
    else if (wraps && (isFullInColumn(seam) || !endsSentence(seam)))
      settle(verdicts, seam, Decision.join, 'speechBlock', CERTAINTY);
  }
}

function findSpeeches(table: LineTable, seams: SeamTable): Speech[] {
  const { line, blanks, count } = seams;
  const found: Speech[] = [];
  let edge: number | undefined;
  for (let place = 0; place < count; place++) {
    if (!mayBeName(table, line[place]!) || blanks[place] !== 0 || (place > 0 && blanks[place - 1] === 0)) continue;
    edge ??= line.reduce((least, one) => Math.min(least, table.indent[one]!), Infinity);
    const indent = table.indent[line[place]!]!;
    const under = table.indent[line[place + 1]!]!;
    if (indent - edge < SHORTEST_STEP || under <= edge || under >= indent) continue;
    let last = place + 1;
    while (last < count && blanks[last] === 0) last++;
    found.push({ name: place, last });
    place = last;
  }
  return found;
}

function mayBeName({ kind, flags, chars }: LineTable, line: number): boolean {
  return (flags[line]! & Flag.allCapitals) !== 0 && chars[line]! <= LONGEST_NAME && !isLaidOut(kind[line]!);
}
