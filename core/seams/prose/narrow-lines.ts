import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isFull, widestOf } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/** In characters: nobody wraps lines so narrow, but columns are printed so. */
const WIDEST = 36;
const MOST_LINES = 30;
const FEWEST_SEAMS = 2;
const SHARE_WITH_ROOM = 0.6;
const SHARE_CUT = 0.25;
const CERTAINTY_OF_VERSE = 0.7;
/** Below what is asked about. */
const MOST_CERTAIN = 0.8;
const CUT = Flag.endsFunctionWord | Flag.endsHyphen;

/**
 * Narrow lines that seem to run on may be verse as well, whose lines begin with small letters where a sentence goes on, in a short
 * text and among lines that are much wider: where most leave room for the next word they are kept, where some do the person is asked.
 */
export function settleNarrowLines(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (table.captions.found) return;
  const isShort = seams.line.length <= MOST_LINES;
  const widestOfAll = widestOf(table, seams.line);
  const pairs: number[] = [];
  let areKept = false;
  for (let first = 0; first < seams.count;) {
    let last = first;
    while (last < seams.count && isClose(table, seams, verdicts, last)) last++;
    const widest = widestOf(table, seams.line.subarray(first, last + 1));
    const areNarrow = widest <= WIDEST && ((isShort && widestOfAll <= WIDEST) || widestOfAll >= widest * WIDER_BY);
    if (last - first === 1) pairs.push(first);
    if (last - first >= FEWEST_SEAMS && areNarrow)
      areKept = settleRun(table, seams, verdicts, first, last, widestOfAll) || areKept;
    first = last + 1;
  }
  // Two lines tell nothing by themselves, but beside others they are as these.
  if (!areKept || widestOfAll > WIDEST) return;
  for (const seam of pairs)
    if (!isFull(table, seams, seam, widestOfAll)) settle(verdicts, seam, Decision.keep, 'verse', CERTAINTY_OF_VERSE);
}

/** Other lines of the text are so much wider that these were not wrapped with them. */
const WIDER_BY = 2;

function isClose(
  { kind, flags }: LineTable,
  { blanks, line }: SeamTable,
  { decision }: Verdicts,
  seam: number,
): boolean {
  if (blanks[seam]! > 0 || decision[seam] !== Decision.join) return false;
  // Signs and letters in one line are no characters of one width.
  const isPlain = (one: number) => kind[one] === LineKind.prose && !(flags[one]! & (Flag.startsCjk | Flag.endsCjk));
  return isPlain(line[seam]!) && isPlain(line[seam + 1]!);
}

/** The seams first..last are joined, the last not among them: whether they are kept. */
function settleRun(
  table: LineTable,
  seams: SeamTable,
  verdicts: Verdicts,
  first: number,
  last: number,
  widest: number,
): boolean {
  let roomy = 0;
  let cut = 0;
  for (let seam = first; seam < last; seam++) {
    if (!isFull(table, seams, seam, widest)) roomy++;
    if (table.flags[seams.line[seam]!]! & CUT) cut++;
  }
  if (roomy === 0 || cut > (last - first) * SHARE_CUT) return false;
  const areKept = roomy >= (last - first) * SHARE_WITH_ROOM;
  for (let seam = first; seam < last; seam++) {
    if (areKept) settle(verdicts, seam, Decision.keep, 'verse', CERTAINTY_OF_VERSE);
    else verdicts.certainty[seam] = Math.min(verdicts.certainty[seam]!, MOST_CERTAIN);
  }
  return areKept;
}
