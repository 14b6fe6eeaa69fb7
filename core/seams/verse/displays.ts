import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isInPart, type ExactPart } from '../measure/exact-parts.ts';
import { quantile } from '../measure/quantiles.ts';
import { edgeInCharacters, isFullGroup, widestEdge } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/*
 * Lines displayed among prose: verse, an address, a notice. Between blank lines they stand by themselves, all far shorter than the lines
 * of the prose, and with room for the next word among each other too; a quotation that was wrapped in a narrower measure is full in that.
 * They are found before anything is measured, so that they say nothing of how the prose is set.
 */

const FEWEST_LINES = 3;
const MOST_LINES = 60;
/** A paragraph that nobody wrapped: in characters. */
const LONGEST_LINE = 90;
/** Of the width of the prose, that a line and the next word leave. */
const ROOM_IN_PROSE = 0.12;
/** Of the widest line of the group, and the share of its line ends that leave so much. */
const ROOM_IN_GROUP = 0.08;
const SHARE_WITH_ROOM = 0.3;
/** Of the line ends, that come after "the" or the like. */
const MOST_CUT = 0.34;
const CERTAINTY = 0.86;
const CERTAINTY_OF_FEW = 0.8;
const FEWEST_TO_BE_SURE = 4;
const LONGEST_TOGETHER = 72;

/** Marks the lines of such groups in the table of seams. Linear in the number of lines. */
export function markDisplays(table: LineTable, seams: SeamTable, parts: readonly ExactPart[]): void {
  const { displayed } = seams;
  if (table.captions.found || table.layout || seams.count < FEWEST_LINES) return;
  const groups = [...groupsOf(seams)];
  if (groups.length < 2) return;
  const width = widthOfProse(table, seams, groups);
  if (width === 0) return;
  for (const [first, last] of groups)
    if (!isInPart(parts, first) && isDisplay(table, seams, first, last, width)) displayed.fill(1, first, last + 1);
}

type Groups = readonly (readonly [first: number, last: number])[];

/** In characters: how wide the paragraphs of prose are that lie between blank lines; 0 where there are none. */
function widthOfProse(table: LineTable, seams: SeamTable, groups: Groups): number {
  const widths: number[] = [];
  for (const [first, last] of groups) {
    const widest = widestEdge(table, seams.line.subarray(first, last + 1));
    const isOneLine = first === last && table.chars[seams.line[first]!]! >= LONGEST_LINE;
    if (isOneLine || isFullGroup(table, seams, first, last)) widths.push(widest);
  }
  return widths.length === 0 ? 0 : quantile(widths, 0.5);
}

/** In characters: where a line would end with the first word of the next. */
function withNext(table: LineTable, { line }: SeamTable, place: number): number {
  return edgeInCharacters(table, line[place]!) + 1 + table.firstChars[line[place + 1]!]!;
}

/** Items, turns of speech, and signs that are no characters of one width with letters. */
const NEVER = Flag.startsMarker | Flag.startsSpeaker | Flag.startsDash | Flag.startsCjk | Flag.endsCjk;
const ENDS_SENTENCE = Flag.endsStop | Flag.endsColon;

function isDisplay(table: LineTable, seams: SeamTable, first: number, last: number, width: number): boolean {
  const ends = last - first;
  if (ends + 1 < FEWEST_LINES || ends + 1 > MOST_LINES) return false;
  if (areLong(table, seams, first, last, width)) return true;
  const widest = widestEdge(table, seams.line.subarray(first, last + 1));
  /** Line ends at which the words may run on: those of paragraphs leave room anywhere. */
  let open = 0;
  let roomy = 0;
  let cut = 0;
  for (let place = first; place <= last; place++) {
    const line = seams.line[place]!;
    const flags = table.flags[line]!;
    if (table.kind[line] !== LineKind.prose || flags & NEVER) return false;
    if (place === last) break;
    if (flags & Flag.endsHyphen || withNext(table, seams, place) > width * (1 - ROOM_IN_PROSE)) return false;
    if (flags & ENDS_SENTENCE) continue;
    open++;
    if (withNext(table, seams, place) <= widest * (1 - ROOM_IN_GROUP)) roomy++;
    if (flags & Flag.endsFunctionWord) cut++;
  }
  return roomy > 0 && roomy >= open * SHARE_WITH_ROOM && cut <= ends * MOST_CUT;
}

/** Of the width of the prose: nothing that was wrapped with it is as wide. */
const OVERLONG = 1.15;

/** Verse in lines that are longer than those of the prose, each with a capital. */
function areLong(table: LineTable, { line }: SeamTable, first: number, last: number, width: number): boolean {
  let long = 0;
  for (let place = first; place <= last; place++) {
    const one = line[place]!;
    const isPlain = table.kind[one] === LineKind.prose && !(table.flags[one]! & NEVER);
    if (!isPlain || !(table.flags[one]! & (Flag.startsUpper | Flag.startsQuote))) return false;
    if (edgeInCharacters(table, one) > width * OVERLONG) long++;
  }
  return long >= last - first;
}

/** Keeps the line ends within such groups, and the groups apart from what is around them. */
export function keepDisplays(table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { displayed, count, line } = seams;
  for (let seam = 0; seam < count; seam++) {
    if (!displayed[seam] && !displayed[seam + 1]) continue;
    if (verdicts.decision[seam] !== Decision.join) continue;
    const isInside = displayed[seam] === 1 && displayed[seam + 1] === 1 && seams.blanks[seam] === 0;
    // Lines as long as those of prose are each a paragraph in the clean text, too.
    const isShort = Math.max(table.chars[line[seam]!]!, table.chars[line[seam + 1]!]!) <= LONGEST_TOGETHER;
    const certainty = sizeAt(displayed, seam) >= FEWEST_TO_BE_SURE ? CERTAINTY : CERTAINTY_OF_FEW;
    settle(verdicts, seam, isInside && isShort ? Decision.keep : Decision.break, 'verse', certainty);
  }
}

/** How many displayed lines follow one another around a seam, up to what is asked for. */
function sizeAt(displayed: Uint8Array, seam: number): number {
  let first = seam;
  while (first > 0 && seam - first < FEWEST_TO_BE_SURE && displayed[first - 1]) first--;
  let last = seam + 1;
  while (last < displayed.length && last - seam < FEWEST_TO_BE_SURE && displayed[last]) last++;
  return last - first;
}
