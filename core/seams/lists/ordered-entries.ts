import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { hasRunInLabels } from '../../text/run-in-labels.ts';
import { openerAt, type Opener, type OpenerKind } from './entry-openers.ts';
import { roomWithin, widestEdge } from '../measure/room.ts';
import { LEANS } from '../runs-on.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, settlerOf, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.88;
const FEWEST = 3;
/** Kept lines from one entry to the next, at most. */
const LONGEST_ENTRY = 8;
/** Of all lines that begin as entries do, those in order. */
const SHARE_IN_ORDER = 0.8;
/** Fewer than so many must all be. */
const FEWEST_OUT_OF_ORDER = 5;
/** Of references, those that hold a year. */
const SHARE_WITH_YEAR = 0.66;
const YEAR = /(?:^|[^\d])(?:1[5-9]|20)\d\d(?!\d)/;
/** Of so few terms, those below a line that had room for their first word, or ended a sentence; the order of more is no chance. */
const FEW_TERMS = 4;
const SHARE_CLOSED = 0.7;
const EMPHASIS = /[*_]/;
/** "a. Ida": an item of a list within an entry. */
const LETTER = /^\(?[a-z][.)]\s/;
const LONGEST_LETTER = 4;
/** If so many stand below the end of a sentence or an address, all do. */
const SHARE_BEHIND_ENDS = 0.6;

interface Text {
  readonly source: string;
  readonly table: LineTable;
  readonly seams: SeamTable;
  /** Blank lines between lines that stand closest. */
  readonly closest: number;
}

/**
 * Entries without signs, told by their order: references by who wrote them, by their keys or numbers, and terms with what they mean.
 * Each stands alone; a line among them that begins otherwise goes on the entry before it, if that had no room for its first word. Any line
 * of such a list may begin with a name, a figure or a small letter, so that a single line end tells little. O(n log n) in the lines that
 * begin so.
 */
export function settleOrderedEntries(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (table.captions.found) return;
  const closest = seams.blanks.subarray(0, seams.count).reduce((least, one) => Math.min(least, one), Infinity);
  const text: Text = { source, table, seams, closest };
  for (const { kind, openers } of runsOfOpeners(text)) {
    const candidates = kind.isReference ? behindEnds(text, inCapitals(text, openers)) : openers;
    const ordered = inOrder(candidates);
    const isList = kind.isReference ? areOfPeople : kind.counts ? areCounted : areTerms;
    if (areEnough(ordered, candidates) && isList(text, ordered)) settleEntries(text, kind, ordered, verdicts);
    else if (!kind.isReference && !kind.needsOrder && !kind.counts && areTermsInNoOrder(text, openers))
      settleEntries(text, kind, openers, verdicts);
  }
}

/** Whether those of the candidates that are in order are nearly all of them. */
function areEnough({ length: ordered }: readonly Opener[], { length: all }: readonly Opener[]): boolean {
  return ordered >= FEWEST && (all < FEWEST_OUT_OF_ORDER ? ordered === all : ordered >= all * SHARE_IN_ORDER);
}

interface Run {
  readonly kind: OpenerKind;
  readonly openers: Opener[];
}

/** Openers of one kind that follow closely. */
function* runsOfOpeners({ source, table, seams }: Text): Generator<Run> {
  const open = new Map<string, Run>();
  for (let place = 0; place <= seams.count; place++) {
    const found = openerAt(source, table, seams, place);
    if (!found) continue;
    const run = open.get(found.kind.name);
    const last = run?.openers.at(-1);
    // Who wrote the one before wrote this, too.
    const key = found.key ?? last?.key;
    if (key === undefined) continue;
    if (run && last && place - last.place <= LONGEST_ENTRY) {
      run.openers.push({ place, key });
      continue;
    }
    if (run) yield run;
    open.set(found.kind.name, { kind: found.kind, openers: [{ place, key }] });
  }
  yield* open.values();
}

/** Where surnames stand in capitals, other names begin no entry. */
function inCapitals(text: Text, openers: readonly Opener[]): readonly Opener[] {
  const capitals = openers.filter(({ place }) => beginsInCapitals(text, place));
  return capitals.length >= Math.max(FEWEST, openers.length * SHARE_IN_ORDER) ? capitals : openers;
}

/** Where references end in a stop, or an address, a name below a line that ends in neither is one within a reference. */
function behindEnds({ table, seams }: Text, openers: readonly Opener[]): readonly Opener[] {
  const behind = openers.filter(
    ({ place }, at) => at === 0 || (table.flags[seams.line[place - 1]!]! & (Flag.endsStop | Flag.endsInAddress)) !== 0,
  );
  return behind.length >= openers.length * SHARE_BEHIND_ENDS ? behind : openers;
}

/** The longest part of the openers whose keys never fall (patience sorting). */
function inOrder(openers: readonly Opener[]): readonly Opener[] {
  /** By length: the opener with the least key that ends a part so long. */
  const ends: number[] = [];
  const before = openers.map((opener, at) => {
    let low = 0;
    let high = ends.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (openers[ends[middle]!]!.key <= opener.key) low = middle + 1;
      else high = middle;
    }
    ends[low] = at;
    return low > 0 ? ends[low - 1]! : -1;
  });
  const found: Opener[] = [];
  for (let at = ends.at(-1) ?? -1; at >= 0; at = before[at]!) found.push(openers[at]!);
  return found.reverse();
}

/** The last place of the last entry: it is hardly longer than others are, and ends at a gap. */
function endOfLast({ blanks, count }: SeamTable, entries: readonly Opener[]): number {
  const starts = entries.map(({ place }) => place);
  const longest = starts.slice(1).reduce((most, place, at) => Math.max(most, place - starts[at]!), 1);
  let end = starts.at(-1)!;
  while (end < count && blanks[end] === 0 && end - starts.at(-1)! < longest) end++;
  return end;
}

/** A directory has the surnames in capitals, and no years. */
function areOfPeople(text: Text, entries: readonly Opener[]): boolean {
  return areDated(text, entries) || entries.every(({ place }) => beginsInCapitals(text, place));
}

const SURNAME_IN_CAPITALS = /^\p{Lu}[\p{Lu}’'-]+,? /u;
const LONGEST_SURNAME = 24;

function beginsInCapitals({ source, table, seams }: Text, place: number): boolean {
  const start = table.from[seams.line[place]!]!;
  return SURNAME_IN_CAPITALS.test(source.slice(start, start + LONGEST_SURNAME));
}

function areDated({ source, table, seams }: Text, entries: readonly Opener[]): boolean {
  const { line } = seams;
  const end = endOfLast(seams, entries);
  const dated = entries.filter(({ place }, at) => {
    const last = (entries[at + 1]?.place ?? end + 1) - 1;
    return YEAR.test(source.slice(table.from[line[place]!], table.to[line[last]!]));
  });
  return dated.length >= entries.length * SHARE_WITH_YEAR;
}

/** Each explains another word, and the lines before most of them are closed: a sentence of prose begins its lines anywhere. */
function areTerms(text: Text, entries: readonly Opener[]): boolean {
  if (new Set(entries.map(({ key }) => key)).size < entries.length) return false;
  const { source, table, seams } = text;
  const end = table.to[seams.line[endOfLast(seams, entries)]!]!;
  if (hasRunInLabels(source, table.from[seams.line[entries[0]!.place]!]!, end)) return false;
  return entries.length > FEW_TERMS || shareClosed(text, entries) >= SHARE_CLOSED;
}

/** Lines of prose, too, begin with "p. 14" by chance, but not below lines that had room. */
function areCounted(text: Text, entries: readonly Opener[]): boolean {
  return shareClosed(text, entries) >= SHARE_CLOSED;
}

/** Whether the terms are as many as tell themselves without an order: each below a closed line. */
function areTermsInNoOrder(text: Text, openers: readonly Opener[]): boolean {
  return openers.length >= FEW_TERMS && areTerms(text, openers) && shareClosed(text, openers) === 1;
}

function shareClosed(text: Text, entries: readonly Opener[]): number {
  const widest = widestIn(text, entries);
  const closed = entries.filter(({ place }) => place === 0 || isClosed(text, place - 1, widest));
  return closed.length / entries.length;
}

/** The column at which the widest line of the entries ends. */
function widestIn({ table, seams }: Text, entries: readonly Opener[]): number {
  return widestEdge(table, seams.line.subarray(entries[0]!.place, endOfLast(seams, entries) + 1));
}

/** An entry stands out to the left, or begins in a type of its own; or the line before it had room, or ended a sentence. */
function isClosed({ source, table, seams }: Text, seam: number, widest: number): boolean {
  const [before, after] = [seams.line[seam]!, seams.line[seam + 1]!];
  if (table.indent[after]! < table.indent[before]! || EMPHASIS.test(source[table.from[after]!]!)) return true;
  if (seams.blanks[seam]! > 0 || table.flags[before]! & (Flag.endsStop | Flag.endsColon)) return true;
  return table.kind[before] !== LineKind.prose || roomWithin(table, seams, 'characters', widest, seam) >= 0;
}

function settleEntries(text: Text, kind: OpenerKind, entries: readonly Opener[], verdicts: Verdicts): void {
  const { table, seams } = text;
  const first = entries[0]!.place;
  const end = endOfLast(seams, entries);
  const begins = new Set(entries.map(({ place }) => place));
  const widest = widestIn(text, entries);
  const goesOn = (seam: number) =>
    !begins.has(seam + 1) &&
    seams.blanks[seam] === 0 &&
    mayGoOn(text, seam, kind) &&
    (leans(text, seam) || roomWithin(table, seams, 'characters', widest, seam) < 0);
  const wraps = Array.from({ length: end - first }, (_, at) => first + at).some(goesOn);
  const breakAt = (seam: number) => settle(verdicts, seam, Decision.break, 'ordered', CERTAINTY);
  const isJoined = (seam: number) => verdicts.decision[seam] === Decision.join;
  const isSurelyJoined = (seam: number) => isJoined(seam) && verdicts.certainty[seam]! >= CERTAINTY;
  const isUnsure = (seam: number) =>
    isJoined(seam) || (verdicts.decision[seam] === Decision.break && verdicts.certainty[seam]! < CERTAINTY);
  verdicts.entry[first] = 1;
  if (first > 0 && isUnsure(first - 1) && isClosed(text, first - 1, widest)) breakAt(first - 1);
  if (end < seams.count && isJoined(end) && endsAtGap(text, end)) breakAt(end);
  for (let seam = first; seam < end; seam++) {
    if (begins.has(seam + 1)) {
      verdicts.entry[seam + 1] = 1;
      // Entries of one line each stay together.
      if (isJoined(seam) || wraps) breakAt(seam);
    } else if (goesOn(seam) && settlerOf(verdicts, seam) !== 'hanging' && !isSurelyJoined(seam))
      settle(verdicts, seam, Decision.join, 'ordered', CERTAINTY);
  }
}

/** Below the names of a reference its title may begin; what a term means goes on in small letters, or after a word that wants another. */
function mayGoOn(text: Text, seam: number, kind: OpenerKind): boolean {
  const { source, table, seams } = text;
  const next = seams.line[seam + 1]!;
  const after = table.flags[next]!;
  const start = table.from[next]!;
  if (after & Flag.startsMarker || LETTER.test(source.slice(start, start + LONGEST_LETTER))) return false;
  return kind.isReference || (after & Flag.startsLower) !== 0 || leans(text, seam);
}

/** No entry ends in a comma, nor in a word that wants another. */
function leans({ table, seams }: Text, seam: number): boolean {
  return (table.flags[seams.line[seam]!]! & LEANS) !== 0;
}

/** The list ends at a gap wider than those that all lines of the text have, and what follows begins anew. */
function endsAtGap({ table, seams, closest }: Text, seam: number): boolean {
  return seams.blanks[seam]! > closest && (table.flags[seams.line[seam + 1]!]! & Flag.startsLower) === 0;
}
