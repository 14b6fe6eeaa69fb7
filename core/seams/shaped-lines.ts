import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { isDigit } from '../text/characters.ts';
import { Sign } from '../text/signs.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.92;
/** Lines of one shape in a group without wider gaps that make it a list; in all groups together, where a text is short. */
const FEWEST = 3;
/** In lines. */
const LONGEST_SHORT_TEXT = 60;
/** Of all lines of a short text, so many have the shape of its lists. */
const SHARE_OF_TEXT = 0.2;
const LONGEST_LEAD = 40;

/** What lines of a list have in common, each in one bit; and those whose lines never go on in the next. */
const Shape = {
  /** A time, a date, a figure or a count before the words: "9:15 ", "1711 ", "2 x ". */
  figureBefore: 1,
  /** "Name: words". */
  keyBefore: 2,
  /** "word – what it means". */
  dashBefore: 4,
  /** A page, a price or a telephone number behind the words. */
  figureBehind: 8,
  assignment: 16,
  command: 32,
  cells: 64,
  /** A date with a time, either in brackets, or a name in angle brackets: "[12:04] ", "2025-03-04 09:15 ", "<mette> ". */
  stampBefore: 128,
  /** A name and a time above what was said: "Mette Holm  9:14 AM". */
  nameAndTime: 256,
} as const;
const WHOLE = Shape.assignment | Shape.command | Shape.cells | Shape.nameAndTime;

/** What a line of each shape looks like, and which lines may: a look at a character or two refuses most. */
const PATTERNS: readonly {
  readonly shape: number;
  readonly may: (text: string) => boolean;
  readonly pattern: RegExp;
}[] = [
  {
    shape: Shape.figureBefore,
    may: (text) => isDigit(text.charCodeAt(0)),
    pattern: /^(?:\d{1,3}[:.h]\d\d(?:[:.]\d\d)?|\d{1,4}(?:[./–-]\d{1,4}){0,2}|\d{1,4} ?[x×])(?:[.:;,)]?\s+|\t)[^\s\d]/,
  },
  {
    shape: Shape.keyBefore,
    may: (text) => hasEarly(text, ':'),
    pattern: /^[\p{Lu}\p{N}][^:.!?\n]{0,30}:(?:\s|$)/u,
  },
  {
    shape: Shape.dashBefore,
    may: (text) => hasEarly(text, ' –') || hasEarly(text, ' —') || hasEarly(text, ' -'),
    pattern: /^[^\s–—-][^–—\n]{0,30}\s[–—-]\s\S/,
  },
  {
    shape: Shape.figureBehind,
    may: (text) => isDigit(text.charCodeAt(text.length - 1)) || isDigit(text.charCodeAt(text.length - 2)),
    pattern: /\p{L}.{0,80}(?:[,.…]|\s\s|\t)\s*\d[\d.,–-]{0,20}$|\p{L}[^.!?]{0,50}\s\d{1,4}$/u,
  },
  {
    shape: Shape.assignment,
    may: (text) => '#;['.includes(text[0]!) || hasEarly(text, '='),
    pattern: /^[#;]|^\[[\w .-]+\]$|^[\w.-]+\s?=\s?\S|^[\w.-]+\s?=$/,
  },
  {
    shape: Shape.stampBefore,
    may: (text) => isDigit(text.charCodeAt(0)) || '[(<'.includes(text[0]!),
    pattern:
      /^(?:<[\w^`|[\]-]{1,20}>|[[(]\d{1,4}[:./-]\d\d(?:[:./-]\d{1,4})?(?:,?\s\d{1,2}[:.]\d\d(?:[:.]\d\d)?)?(?:\s?[ap]\.?m\.?)?[\])]|\d{1,4}[./-]\d{1,2}[./-]\d{1,4}[,T]?\s?\d{1,2}[:.]\d\d)\S*\s/i,
  },
  {
    shape: Shape.nameAndTime,
    may: (text) => isDigit(text.charCodeAt(text.length - 1)) || /m\.?$/i.test(text),
    pattern: /^\p{Lu}[\p{L} .'’-]{0,30}\s{1,4}\d{1,2}:\d\d(?:\s?[AaPp]\.?[Mm]\.?)?$/u,
  },
  { shape: Shape.command, may: (text) => '$%>#'.includes(text[0]!), pattern: /^[$%>#]\s\S/ },
  { shape: Shape.cells, may: (text) => text[0] === '|' || text.includes('\t'), pattern: /^\|.*\|$|\S\t+\S/ },
];

/** Cheap refusal: most lines of prose have no figure, no dash, and none of the signs that part a name from its value. */
function mayHaveShape(source: string, table: LineTable, line: number): boolean {
  if (table.signs[line]! & (Sign.figure | Sign.dash | Sign.tab)) return true;
  const from = table.from[line]!;
  const to = Math.min(table.to[line]!, from + LONGEST_LEAD);
  if ('#;[$%>|<('.includes(source[from]!)) return true;
  for (let at = from; at < to; at++) {
    const code = source.charCodeAt(at);
    if (code === 0x3a || code === 0x3d) return true;
  }
  return false;
}

function hasEarly(text: string, sign: string): boolean {
  const at = text.indexOf(sign);
  return at > 0 && at < LONGEST_LEAD;
}

function shapeOf(text: string): number {
  let shapes = 0;
  if (text === '') return shapes;
  for (const { shape, may, pattern } of PATTERNS) if (may(text) && pattern.test(text)) shapes |= shape;
  return shapes;
}

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
  breakBeforeLetters(source, table, seams, verdicts);
  const groups = groupsOf(seams);
  const isShort = seams.count < LONGEST_SHORT_TEXT;
  const shapes = groups.map(([first, last]) =>
    isShort || last - first + 1 >= FEWEST ? shapesIn(source, table, seams, first, last) : [],
  );
  for (const [at, [first]] of groups.entries()) {
    const own = shapes[at]!;
    const shape = own.length >= FEWEST ? commonShape(own) : 0;
    if (shape !== 0) settleGroup(table, seams, first, own, shape, verdicts);
  }
  if (isShort) breakBeforeShape(table, seams, shapes.flat(), verdicts);
}

const LETTER = /^([A-H])\.\s+\S/;

/** "A." and then "B." set in as far: parts of an outline, where either alone may be the initial of a name. */
function breakBeforeLetters(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const before = new Map<number, { letter: number; place: number }>();
  for (let place = 0; place <= seams.count; place++) {
    const line = seams.line[place];
    if (line === undefined || source[table.from[line]! + 1] !== '.') continue;
    const letter = LETTER.exec(source.slice(table.from[line], table.from[line]! + 6))?.[1]?.charCodeAt(0);
    if (letter === undefined) continue;
    const last = before.get(table.indent[line]!);
    before.set(table.indent[line]!, { letter, place });
    if (!last || letter !== last.letter + 1 || place - last.place > LONGEST_PART) continue;
    for (const at of [last.place, place])
      if (at > 0 && verdicts.decision[at - 1] === Decision.join)
        settle(verdicts, at - 1, Decision.break, 'shape', CERTAINTY);
  }
}

/** In lines. */
const LONGEST_PART = 30;

/** The first and last kept line of each group that has no wider gap within. */
function groupsOf(seams: SeamTable): (readonly [first: number, last: number])[] {
  const groups: [number, number][] = [];
  for (let first = 0; first <= seams.count;) {
    let last = first;
    while (last < seams.count && seams.blanks[last] === 0) last++;
    groups.push([first, last]);
    first = last + 1;
  }
  return groups;
}

/** The shape that lines of a short text have wherever they stand; 0 where there is none. */
function shapeOfShortText(shapes: readonly number[]): number {
  for (const bit of [Shape.nameAndTime, Shape.stampBefore, Shape.keyBefore, Shape.figureBefore]) {
    const count = shapes.filter((one) => (one & bit) !== 0).length;
    if (count >= (bit & WHOLE ? 2 : FEWEST) && count >= shapes.length * SHARE_OF_TEXT) return bit;
  }
  return 0;
}

/**
 * Of a list that is in several groups of a short text, each too small to tell it: its lines begin anew, unless the words before
 * surely run on. The shapes are those of all kept lines.
 */
function breakBeforeShape(table: LineTable, seams: SeamTable, shapes: readonly number[], verdicts: Verdicts): void {
  const shape = shapeOfShortText(shapes);
  if (shape === 0) return;
  for (let seam = 0; seam < seams.count; seam++) {
    const endsWhole = (shape & WHOLE) !== 0 && (shapes[seam]! & shape) !== 0;
    if (((shapes[seam + 1]! & shape) === 0 && !endsWhole) || verdicts.decision[seam] !== Decision.join) continue;
    if (!endsWhole && table.flags[seams.line[seam]!]! & LEANS) continue;
    if (!endsWhole) verdicts.entry[seam + 1] = 1;
    settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
  }
}

/** After these the words run on, whatever comes next. */
const LEANS = Flag.endsComma | Flag.endsHyphen | Flag.endsFunctionWord;

/** A letter or a number in brackets that counts on: "(ii)" after "(i)". */
function isLabelled(source: string, { from, flags }: LineTable, line: number): boolean {
  return (flags[line]! & Flag.startsMarker) !== 0 && source[from[line]!] === '(';
}

function shapesIn(source: string, table: LineTable, seams: SeamTable, first: number, last: number): number[] {
  const shapes: number[] = [];
  for (let place = first; place <= last; place++) {
    const line = seams.line[place]!;
    const may = table.kind[line] === LineKind.prose && mayHaveShape(source, table, line);
    const shape = may ? shapeOf(source.slice(table.from[line], table.to[line])) : 0;
    // The times of captions stand anywhere in a sentence.
    shapes.push(table.captions.found ? shape & ~Shape.stampBefore : shape);
  }
  return shapes;
}

/** The kept lines from `first` on have these shapes, and one of them is common to most. */
function settleGroup(
  table: LineTable,
  seams: SeamTable,
  first: number,
  shapes: readonly number[],
  shape: number,
  verdicts: Verdicts,
): void {
  const last = first + shapes.length - 1;
  for (const [at, one] of shapes.entries()) if ((one & shape) !== 0) verdicts.entry[first + at] = 1;
  // Entries of one line each stay together; where some are longer each is a paragraph.
  const isTogether = shapes.every(
    (one, at) => (one & shape) !== 0 && table.chars[seams.line[first + at]!]! <= LONGEST_TOGETHER,
  );
  for (let seam = first; seam < last; seam++) {
    // A figure behind the words ends an entry, which may have begun a line before; other shapes begin one.
    const isEntry = (shapes[shape === Shape.figureBehind ? seam - first : seam + 1 - first]! & shape) !== 0;
    const endsWhole = (shape & WHOLE) !== 0 && (shapes[seam - first]! & shape) !== 0;
    if ((!isEntry && !endsWhole) || verdicts.decision[seam] === Decision.keep) continue;
    settle(verdicts, seam, isTogether ? Decision.keep : Decision.break, 'shape', CERTAINTY);
  }
}

const LONGEST_TOGETHER = 72;
const SHARE = 0.5;

/** The shape of most lines; 0 where there is none, or too few have it. Two rows or commands are enough, they look like nothing else. */
function commonShape(shapes: readonly number[]): number {
  let best = 0;
  let most = 0;
  for (const { shape: bit } of PATTERNS) {
    const count = shapes.filter((shape) => (shape & bit) !== 0).length;
    const fewest = bit & (WHOLE | Shape.stampBefore) ? 2 : FEWEST;
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
  [Shape.stampBefore]: 0.2,
  [Shape.dashBefore]: 0.5,
  [Shape.figureBehind]: 0.6,
};
