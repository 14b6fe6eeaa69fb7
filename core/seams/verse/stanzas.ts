import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isInPart, type ExactPart } from '../measure/exact-parts.ts';
import { edgeInCharacters, isFullGroup, widestEdge } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/** It is asked about: a letter may have been broken into lines by hand. */
const CERTAINTY = 0.8;
const FEWEST_LINES = 4;
const MOST_LINES = 16;
const FEWEST_STANZAS = 2;
/** Characters; prose is rarely set as narrow. */
const LONGEST = 52;
/** Of the longest line of a stanza: headings and names above a paragraph are any shorter. */
const SHORTEST = 0.55;
const SHARE_OF_STANZAS = 0.6;
/** Of the line ends after the first. */
const LEAST_SHARE = 0.33;
/** Of the widest line, with the first word of the next: no wrapped line leaves as much. */
const ROOM = 0.93;
const NEVER = Flag.startsMarker | Flag.startsSpeaker | Flag.startsQuote | Flag.startsDash;

/**
 * Stanzas whose lines run on in small letters, without a rhyme: groups of as many short lines each, in most of which lines ended
 * though there was room for the next word. What stands between them and is no wider is a refrain.
 */
export function keepStanzas(table: LineTable, seams: SeamTable, parts: readonly ExactPart[], verdicts: Verdicts): void {
  if (table.captions.found) return;
  const groups = [...groupsOf(seams)];
  const widths = groups.map(([first, last]) => widestEdge(table, seams.line.subarray(first, last + 1)));
  if (areSmallStanzas(table, seams, groups, Math.max(...widths.slice(0, MOST_SMALL))))
    for (const [first, last] of groups) keep(verdicts, first, last);
  keepNumberedStanzas(table, seams, groups, verdicts);
  const bySize = new Map<number, number[]>();
  let widest = 0;
  for (const [at, [first, last]] of groups.entries()) {
    if (!mayBeStanza(table, seams, first, last)) continue;
    widest = Math.max(widest, widths[at]!);
    const alike = bySize.get(last - first);
    if (alike) alike.push(at);
    else bySize.set(last - first, [at]);
  }
  for (const alike of bySize.values()) {
    const roomy = alike.filter((at) => leavesRoomWithin(table, seams, groups[at]!, widest));
    const areRoomy = roomy.length >= alike.length * SHARE_OF_STANZAS;
    if (alike.length < FEWEST_STANZAS || !(areRoomy || alike.every((at) => endsNothing(table, seams, groups[at]!))))
      continue;
    for (const at of alike) {
      const [first, last] = groups[at]!;
      // A paragraph may have as many lines.
      if (isFullGroup(table, seams, first, last) || isInPart(parts, first)) continue;
      keep(verdicts, first, last);
      for (const seam of [first - 1, last])
        if (verdicts.decision[seam] === Decision.join) settle(verdicts, seam, Decision.break, 'verse', CERTAINTY);
      for (const other of [at - 1, at + 1])
        if (widths[other]! <= widest && leavesRoomWithin(table, seams, groups[other]!, widest))
          keep(verdicts, ...groups[other]!);
    }
  }
}

const NUMBERED = Flag.startsMarker | Flag.startsDigit;

/** Groups that each begin with a number, and pause where their lines end. */
function keepNumberedStanzas(
  table: LineTable,
  { line }: SeamTable,
  groups: readonly (readonly [number, number])[],
  verdicts: Verdicts,
): void {
  const firsts = new Set(groups.map(([first]) => line[first]!));
  if (groups.length < FEWEST_STANZAS || groups.some(([first]) => !(table.flags[line[first]!]! & NUMBERED))) return;
  if (!pausesAtLineEnds(table, line, (one) => firsts.has(one))) return;
  for (const [first, last] of groups) keep(verdicts, first, last);
}

const LONGEST_VERSE = 60;
const FEWEST_LINE_ENDS = 4;
const SHARE_OF_PAUSES = 0.6;
const PAUSES = Flag.endsStop | Flag.endsComma | Flag.endsColon | Flag.endsQuote | Flag.endsDash;

/** Whether some lines are of one length about, and most end in a pause but where another `begins`: prose pauses at one in five. */
export function pausesAtLineEnds(
  { flags, chars }: LineTable,
  lines: Uint32Array,
  begins: (line: number) => boolean,
): boolean {
  const widest = lines.reduce((most, line) => Math.max(most, chars[line]!), 0);
  if (widest > LONGEST_VERSE || lines.some((line) => chars[line]! < widest * SHORTEST)) return false;
  const within = lines.filter((_, at) => at + 1 < lines.length && !begins(lines[at + 1]!));
  const pauses = within.filter((line) => flags[line]! & PAUSES).length;
  return within.length >= FEWEST_LINE_ENDS && pauses >= within.length * SHARE_OF_PAUSES;
}

/** In lines. */
const LARGEST_SMALL = 3;
const MOST_SMALL = 40;
const WIDEST_SMALL = 40;
/** Of the widest line: the last line of a paragraph may be any shorter. */
const SHORTEST_OF_COUPLET = 0.7;
const STOPS = Flag.endsStop | Flag.endsColon | Flag.endsHyphen | Flag.endsQuote;

/** Whether a whole text is groups of three short lines, or two as long, none of which ends a sentence: so even are no paragraphs. */
function areSmallStanzas(
  { kind, flags, chars }: LineTable,
  { line }: SeamTable,
  groups: readonly (readonly [number, number])[],
  widest: number,
): boolean {
  if (groups.length < FEWEST_STANZAS || groups.length > MOST_SMALL || widest > WIDEST_SMALL) return false;
  const size = groups[0]![1] - groups[0]![0] + 1;
  if (size < 2 || size > LARGEST_SMALL || groups.some(([first, last]) => last - first + 1 !== size)) return false;
  const shortest = size === LARGEST_SMALL ? 0 : widest * SHORTEST_OF_COUPLET;
  return line.every(
    (one) => kind[one] === LineKind.prose && !(flags[one]! & (STOPS | NEVER)) && chars[one]! >= shortest,
  );
}

function keep(verdicts: Verdicts, first: number, last: number): void {
  for (let seam = first; seam < last; seam++)
    if (verdicts.decision[seam] === Decision.join) settle(verdicts, seam, Decision.keep, 'verse', CERTAINTY);
}

function mayBeStanza(table: LineTable, { line }: SeamTable, first: number, last: number): boolean {
  const count = last - first + 1;
  if (count < FEWEST_LINES || count > MOST_LINES) return false;
  const lengths = Array.from(line.subarray(first, last + 1), (one) => table.chars[one]!);
  // The number of a stanza, or what it is, stands above it.
  const shortest = Math.min(...lengths.slice(1));
  if (Math.max(...lengths) > LONGEST || shortest < Math.max(...lengths) * SHORTEST) return false;
  for (let place = first; place <= last; place++) {
    const one = line[place]!;
    if (table.kind[one] !== LineKind.prose) return false;
    if (place > first && table.flags[one]! & NEVER) return false;
  }
  return true;
}

/**
 * Whether the next word had room in many lines that end no sentence. The first one may as well be a heading above a paragraph, and says
 * nothing, unless it is all that there is.
 */
function leavesRoomWithin(
  table: LineTable,
  { line }: SeamTable,
  [first, last]: readonly [number, number],
  widest: number,
): boolean {
  const from = last - first > 1 ? first + 1 : first;
  let roomy = 0;
  for (let seam = from; seam < last; seam++) {
    const [one, next] = [line[seam]!, line[seam + 1]!];
    if (table.flags[one]! & Flag.endsStop) continue;
    if (edgeInCharacters(table, one) + 1 + table.firstChars[next]! <= widest * ROOM) roomy++;
  }
  return roomy > 0 && roomy >= (last - from) * LEAST_SHARE;
}

const ENDS = Flag.endsStop | Flag.endsComma | Flag.endsColon | Flag.endsDash | Flag.endsHyphen | Flag.endsQuote;

/**
 * Whether the first line begins with a capital and none ends in a sign, the last one neither, as prose does that has been written; speech
 * that was taken down without signs has no capitals. What goes on in a small letter below is a paragraph that a page turn cut.
 */
function endsNothing({ flags }: LineTable, { line }: SeamTable, [first, last]: readonly [number, number]): boolean {
  if (!(flags[line[first]!]! & (Flag.startsUpper | Flag.startsCaseless))) return false;
  if (last + 1 < line.length && flags[line[last + 1]!]! & Flag.startsLower) return false;
  return line.subarray(first, last + 1).every((one) => !(flags[one]! & ENDS));
}
