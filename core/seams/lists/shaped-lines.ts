import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isDigit } from '../../text/characters.ts';
import { LONGEST_LEAD, mayHaveShape, Shape, shapeOf, WHOLE } from './line-shapes.ts';
import { isRestWithColon } from './rests-with-colons.ts';
import { joinRestsOfTurns } from '../speech/rests-of-turns.ts';
import { edgeInCharacters, widestEdge } from '../measure/room.ts';
import { LEANS } from '../runs-on.ts';
import { hasRunInLabels } from '../../text/run-in-labels.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.92;
/** Lines of one shape in a group without wider gaps that make it a list; in all groups together, where a text is short. */
const FEWEST = 3;
/** A line that goes on with what was said at a time: it is asked. */
const CERTAINTY_OF_REST = 0.8;
/** Every line that begins so begins anew, and no other does. */
const TAKES_ALL = Shape.stampBefore;
/** In lines. */
const LONGEST_SHORT_TEXT = 60;
/** Of all lines of a short text, so many have the shape of its lists. */
const SHARE_OF_TEXT = 0.2;

/**
 * Settles the seams of lists without signs: lines of a group, with no wider gap between them, that share a shape are never joined
 * to one another, nor to the prose before them. A line of another shape among them may go on the entry before it.
 */
export function settleShapedLines(
  source: string,
  table: LineTable,
  seams: SeamTable,
  sequence: Uint8Array,
  verdicts: Verdicts,
): void {
  for (let seam = 0; seam < seams.count; seam++) {
    if (sequence[seam] === 0 || !isLabelled(source, table, seams.line[seam + 1]!)) continue;
    settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
  }
  const isShort = seams.count < LONGEST_SHORT_TEXT;
  const groups = [...groupsOf(seams)].filter(([first, last]) => isShort || last - first + 1 >= FEWEST);
  const shapes = groups.map(([first, last]) => shapesIn(source, table, seams, first, last));
  for (const [at, [first]] of groups.entries()) {
    const own = shapes[at]!;
    const isPair = own.length === 2 && own.every((one) => (one & Shape.keyBefore) !== 0);
    const shape = isPair ? Shape.keyBefore : own.length >= FEWEST ? commonShape(own) : 0;
    if (shape !== 0) settleGroup(source, table, seams, first, own, shape, verdicts);
  }
  if (!isShort) return;
  breakBeforeShape(source, table, seams, shapes.flat(), verdicts);
  breakBehindFigures(seams, shapes.flat(), verdicts);
}

/** Of the lines of a short text, those of its list. */
const SHARE_WITH_FIGURES = 0.6;

/** Entries that end in a figure, as most lines of a short text with a blank line behind each do, are paragraphs already. */
function breakBehindFigures({ blanks, count }: SeamTable, shapes: readonly number[], verdicts: Verdicts): void {
  const withFigures = shapes.filter((one) => (one & Shape.figureBehind) !== 0).length;
  if (withFigures < FEWEST || withFigures < shapes.length * SHARE_WITH_FIGURES) return;
  if (blanks.subarray(0, count).includes(0)) return;
  for (let seam = 0; seam < count; seam++)
    if ((shapes[seam]! & Shape.figureBehind) !== 0 && verdicts.decision[seam] === Decision.join)
      settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
}

/** Shapes with which an entry begins wherever it stands; the first that is found counts. */
const SHAPES_OF_ENTRIES = [
  Shape.nameAndTime,
  Shape.stampBefore,
  Shape.wordAndTime,
  Shape.keyBefore,
  Shape.figureBefore,
];

/** The shape that lines of a short text have wherever they stand; 0 where there is none. */
function shapeOfShortText(shapes: readonly number[]): number {
  for (const bit of SHAPES_OF_ENTRIES) {
    const count = shapes.filter((one) => (one & bit) !== 0).length;
    if (count >= (bit & WHOLE ? 2 : FEWEST) && count >= shapes.length * SHARE_OF_TEXT) return bit;
  }
  return 0;
}

/**
 * Of a list that is in several groups of a short text, each too small to tell it: its lines begin anew, unless the words before
 * surely run on. The shapes are those of all kept lines.
 */
function breakBeforeShape(
  source: string,
  table: LineTable,
  seams: SeamTable,
  shapes: readonly number[],
  verdicts: Verdicts,
): void {
  const shape = shapeOfShortText(shapes);
  if (shape === 0 || (shape === Shape.keyBefore && hasRunInLabels(source, 0, source.length))) return;
  const least = Math.min(...seams.blanks.subarray(0, seams.count));
  for (let seam = 0; seam < seams.count; seam++) {
    const endsWhole = (shape & WHOLE) !== 0 && (shapes[seam]! & shape) !== 0;
    if (((shapes[seam + 1]! & shape) === 0 && !endsWhole) || verdicts.decision[seam] !== Decision.join) continue;
    if (!endsWhole && mayRunOn(source, table, seams, seam, seams.blanks[seam]! > least)) continue;
    if (!endsWhole) verdicts.entry[seam + 1] = 1;
    settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
  }
}

/** "14 days to build", where a sentence counts something. */
const COUNTS = /^[\d.:/–-]+[.:;,)]?\s+\p{Ll}/u;

function mayRunOn(
  source: string,
  { flags, from }: LineTable,
  { line }: SeamTable,
  seam: number,
  hasGap: boolean,
): boolean {
  const start = from[line[seam + 1]!]!;
  return (!hasGap && (flags[line[seam]!]! & LEANS) !== 0) || COUNTS.test(source.slice(start, start + LONGEST_LEAD));
}

/** A letter or a number in brackets that counts on: "(ii)" after "(i)". */
function isLabelled(source: string, { from, flags }: LineTable, line: number): boolean {
  return (flags[line]! & Flag.startsMarker) !== 0 && source[from[line]!] === '(';
}

function shapesIn(source: string, table: LineTable, seams: SeamTable, first: number, last: number): number[] {
  const shapes: number[] = [];
  for (let place = first; place <= last; place++) {
    const line = seams.line[place]!;
    // "Name:   Enoch" is a row as well.
    const isOpen = table.kind[line] === LineKind.prose || table.kind[line] === LineKind.tableRow;
    const may = isOpen && mayHaveShape(source, table, line);
    const text = may ? source.slice(table.from[line], table.to[line]) : '';
    const ofRest = may && isRestWithColon(table, seams, first, last, place, text) ? Shape.keyBefore : 0;
    const shape = may ? shapeOf(text) & ~notOfItem(table, line, text) & ~ofRest : 0;
    // The times of captions stand anywhere in a sentence.
    shapes.push(table.captions.found ? shape & ~Shape.stampBefore : shape);
  }
  return shapes;
}

/** What the sign that opens an item makes no line of: "#1 oil" is no comment, "•", a tab and words are no cells, nor are a name and words. */
function notOfItem({ flags, series, speakers, firstChars }: LineTable, line: number, text: string): number {
  if (!(flags[line]! & Flag.startsBullet) && !series.has(line) && !speakers.has(line)) return 0;
  const words = speakers.has(line) ? text.slice(text.indexOf('\t') + 1) : text.slice(firstChars[line]).trimStart();
  const hasCells = words.includes('\t');
  return Shape.assignment | Shape.command | (hasCells ? 0 : Shape.cells);
}

/** The kept lines from `first` on have these shapes, and one of them is common to most. */
function settleGroup(
  source: string,
  table: LineTable,
  seams: SeamTable,
  first: number,
  shapes: readonly number[],
  shape: number,
  verdicts: Verdicts,
): void {
  if (shape === Shape.figureBefore && areCutShort(table, seams, first, shapes)) return;
  const last = first + shapes.length - 1;
  for (const [at, one] of shapes.entries()) if ((one & shape) !== 0) verdicts.entry[first + at] = 1;
  const widest = widestEdge(table, seams.line.subarray(first, last + 1));
  // Entries of one line each stay together; where some are longer each is a paragraph.
  const isTogether = shapes.every(
    (one, at) => (one & shape) !== 0 && table.chars[seams.line[first + at]!]! <= LONGEST_TOGETHER,
  );
  for (let seam = first; seam < last; seam++) {
    // A figure behind the words ends an entry, which may have begun a line before; other shapes begin one.
    const isEntry = (shapes[shape === Shape.figureBehind ? seam - first : seam + 1 - first]! & shape) !== 0;
    const endsWhole = (shape & WHOLE) !== 0 && (shapes[seam - first]! & shape) !== 0;
    if (!isEntry && shape & TAKES_ALL && goesOn(table, seams, seam) && verdicts.decision[seam] !== Decision.join)
      settle(verdicts, seam, Decision.join, 'shape', CERTAINTY_OF_REST);
    if (!isEntry && endsWhole && valueGoesOn(source, table, seams, seam, shape, widest)) {
      settle(verdicts, seam, Decision.join, 'shape', CERTAINTY_OF_REST);
      continue;
    }
    if (!isEntry && !endsWhole) {
      if (
        shape === Shape.figureBefore &&
        verdicts.decision[seam] === Decision.join &&
        hasRoom(table, seams, seam, widest)
      )
        settle(verdicts, seam, Decision.break, 'shape', CERTAINTY_OF_REST);
      continue;
    }
    const stays = isTogether || verdicts.decision[seam] === Decision.keep;
    settle(verdicts, seam, stays ? Decision.keep : Decision.break, 'shape', CERTAINTY);
  }
  const begins = (place: number) => (shapes[place - first]! & shape) !== 0;
  if (shape !== Shape.keyBefore || !hasKeyTwice(source, table, seams, first, last, begins)) return;
  joinRestsOfTurns(table, seams, first, last, begins, () => false, verdicts);
}

/** Whether one of the names before colons comes back, as those of people who speak do. */
function hasKeyTwice(
  source: string,
  { from }: LineTable,
  { line }: SeamTable,
  first: number,
  last: number,
  begins: (place: number) => boolean,
): boolean {
  const keys = new Set<string>();
  for (let place = first; place <= last; place++) {
    if (!begins(place)) continue;
    const start = from[line[place]!]!;
    const key = source.slice(start, source.indexOf(':', start));
    if (keys.has(key)) return true;
    keys.add(key);
  }
  return false;
}

/** Whether what dots or a tab lead to are words, not a figure, that go on in the line below. */
function valueGoesOn(
  source: string,
  table: LineTable,
  seams: SeamTable,
  seam: number,
  shape: number,
  widest: number,
): boolean {
  const line = seams.line[seam]!;
  if (isDigit(source.charCodeAt(table.to[line]! - 1))) return false;
  if (shape === Shape.leader) return (table.flags[line]! & Flag.endsComma) !== 0 || goesOn(table, seams, seam);
  return shape === Shape.cells && goesOn(table, seams, seam) && !hasRoom(table, seams, seam, widest);
}

/** Of the longest line of a list, without its next word. */
const ROOM = 0.7;

/** "2 tsp salt" below "250 g wheat flour, and some more": a line that wraps is full. */
function hasRoom(table: LineTable, { line }: SeamTable, seam: number, widest: number): boolean {
  const before = line[seam]!;
  const edge = edgeInCharacters(table, before);
  return !(table.flags[before]! & LEANS) && edge + 1 + table.firstChars[line[seam + 1]!]! <= widest * ROOM;
}

/** Whether the words before a line end nothing, and it begins with a small letter. */
function goesOn({ flags }: LineTable, { line }: SeamTable, seam: number): boolean {
  const ends = flags[line[seam]!]! & (Flag.endsStop | Flag.endsColon);
  return !ends && (flags[line[seam + 1]!]! & Flag.startsLower) !== 0;
}

/**
 * A sentence that counts things may have figures where lines begin, by chance: "that / 12 boats, of which 3". Then most lines before
 * them lean on what follows, which few entries do.
 */
function areCutShort({ flags }: LineTable, { line }: SeamTable, first: number, shapes: readonly number[]): boolean {
  let entries = 0;
  let leaning = 0;
  for (let at = 1; at < shapes.length; at++) {
    if ((shapes[at]! & Shape.figureBefore) === 0) continue;
    entries++;
    if (flags[line[first + at - 1]!]! & (Flag.endsFunctionWord | Flag.endsHyphen)) leaning++;
  }
  return leaning * 2 > entries;
}

const LONGEST_TOGETHER = 72;
const SHARE = 0.5;

/** The shape of most lines; 0 where there is none, or too few have it. Two rows or commands are enough, they look like nothing else. */
function commonShape(shapes: readonly number[]): number {
  let best = 0;
  let most = 0;
  for (const bit of Object.values(Shape)) {
    const count = shapes.filter((shape) => (shape & bit) !== 0).length;
    const fewest = bit & (WHOLE | Shape.stampBefore | Shape.option) ? 2 : FEWEST;
    const share = bit === Shape.nameAndTime ? SHARE_OF_TEXT : SHARE;
    if (count >= fewest && count >= shapes.length * (bit & WHOLE ? share : (SHARE_OF[bit] ?? SHARE)) && count > most) {
      best = bit;
      most = count;
    }
  }
  return best;
}

/** Entries may wrap: fewer of the lines of a group then begin one. */
const SHARE_OF: Readonly<Record<number, number>> = {
  [Shape.figureBefore]: 0.34,
  [Shape.keyBefore]: 0.3,
  [Shape.nameBefore]: 0.2,
  [Shape.stampBefore]: 0.2,
  [Shape.dashBefore]: 0.5,
  [Shape.figureBehind]: 0.6,
};
