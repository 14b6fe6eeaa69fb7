import { Flag, type LineTable } from '../lines/line-table.ts';
import { LEANS } from './runs-on.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.92;

/**
 * In an interview or a play a line that begins with the name of one who speaks again and again is another turn; so is one that tells in
 * brackets what is done, up to the next of these. A name alone stands above what is said.
 */
export function breakBeforeSpeakers(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { speakers, flags } = table;
  const { line, count } = seams;
  if (speakers.size === 0) return;
  const breakAt = (seam: number) => {
    if (verdicts.decision[seam] === Decision.join) settle(verdicts, seam, Decision.break, 'speaker', CERTAINTY);
  };
  for (let place = 0; place <= count; place++) {
    const before = place > 0 ? flags[line[place - 1]!]! : 0;
    if (!speakers.has(line[place]!)) {
      if (place > 0 && before & Flag.endsStop && isDirection(source, table, seams, place)) breakAt(place - 1);
      continue;
    }
    if (place > 0 && !(before & LEANS)) breakAt(place - 1);
    if (speakers.get(line[place]!) && !(flags[line[place]!]! & LEANS) && place < count) breakAt(place);
  }
}

/** In lines. */
const LONGEST_DIRECTION = 6;

/** Whether what begins at a place stands in brackets up to the end of a line, with the name of a speaker or nothing below it. */
function isDirection(
  source: string,
  { from, to, speakers }: LineTable,
  { line, count }: SeamTable,
  place: number,
): boolean {
  const closing = source[from[line[place]!]!] === '(' ? ')' : source[from[line[place]!]!] === '[' ? ']' : undefined;
  if (closing === undefined) return false;
  for (let last = place; last <= count && last < place + LONGEST_DIRECTION; last++) {
    const text = source.slice(from[line[last]!], to[line[last]!]);
    if (text.includes(closing)) return /[)\]][.,]?$/.test(text) && (last === count || speakers.has(line[last + 1]!));
  }
  return false;
}
