import { Flag, type LineTable } from '../../lines/line-table.ts';
import { quantile } from '../measure/quantiles.ts';
import { edgeInCharacters, widestOf } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.86;
/** Below a full line it is asked about. */
const CERTAINTY_OF_FULL = 0.8;
/** Of the widest line: an item that ends so early had room for the next word. */
const ROOM = 0.8;
/** Of the widest edge: an item that ends closer to it may have been wrapped. */
const NEARLY_FULL = 0.98;
const SHARE_OF_USUAL = 0.9;
/** In columns, that a line stands to the left of the items. */
const LEAST_STEP = 2;

/**
 * A line below an item that goes on no item. Where items go on in lines that are set in under their words, a line that is not set in
 * begins anew, if the line before it had room. So does one to the left of items that are set in, as the closing words of a clause are:
 * where items go on under themselves, or where that line had room. Linear in the number of lines.
 */
export function breakAfterHungItems(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (table.captions.found) return;
  const { line, count } = seams;
  const found: { readonly [way in Way]: number[] } = { hung: [], flush: [], left: [] };
  const widest = widestOf(table, line);
  let item: number | undefined;
  for (let seam = 0; seam < count; seam++) {
    if (table.flags[line[seam]!]! & Flag.startsMarker) item = line[seam];
    if (item === undefined || table.flags[line[seam + 1]!]! & Flag.startsMarker) continue;
    const way = wayOn(table, seams, seam, item);
    if (way !== 'hung') item = undefined;
    if (way) found[way].push(seam);
  }
  const withNextWord = (seam: number) => table.chars[line[seam]!]! + 1 + table.firstChars[line[seam + 1]!]!;
  const hangs = found.hung.length > 0;
  const breakAt = (seam: number, certainty = CERTAINTY) => {
    if (verdicts.decision[seam] === Decision.join) settle(verdicts, seam, Decision.break, 'hungItem', certainty);
  };
  if (hangs && found.flush.every((seam) => withNextWord(seam) <= widest * ROOM))
    for (const seam of found.flush) breakAt(seam);
  // A format that tells where lines stand sets them in other measures than characters.
  if (table.layout || found.left.length === 0) return;
  const edge = usualEdge(table, line);
  const isClosed = (seam: number) =>
    seams.blanks[seam]! > 0 || table.indent[line[seam]!]! + withNextWord(seam) <= edge * NEARLY_FULL;
  // A numbered paragraph that is set in goes on at the left: then most such lines are below full ones.
  const areMostClosed = found.left.filter(isClosed).length * 2 >= found.left.length;
  for (const seam of found.left) {
    if (isClosed(seam) && (hangs || areMostClosed)) breakAt(seam);
    else if (areMostClosed) breakAt(seam, hangs ? CERTAINTY : CERTAINTY_OF_FULL);
  }
}

/** The column at which the widest lines end, but for a few that are wider than the others. */
function usualEdge(table: LineTable, lines: Uint32Array): number {
  return quantile(
    lines.map((line) => edgeInCharacters(table, line)),
    SHARE_OF_USUAL,
  );
}

/** How a line stands to the item above it: set in under it, even with its sign, or to the left of it. */
type Way = 'hung' | 'flush' | 'left';

function wayOn({ flags, indent }: LineTable, { line, blanks }: SeamTable, seam: number, item: number): Way | undefined {
  const step = indent[line[seam + 1]!]! - indent[item]!;
  const isBullet = (flags[item]! & Flag.startsBullet) !== 0;
  // Speech behind a dash goes on at the left of its indent, as any paragraph does.
  const mayBeSpeech = isBullet && !(flags[item]! & Flag.startsSureBullet);
  if (step <= -LEAST_STEP) return mayBeSpeech ? undefined : 'left';
  if (blanks[seam]! > 0) return undefined;
  if (step > 0 || (step === 0 && !isBullet && indent[item]! >= LEAST_STEP)) return 'hung';
  return 'flush';
}
