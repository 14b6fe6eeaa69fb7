import type { SignId } from './signs.ts';

/** A range of a line, half-open, in UTF-16 units. */
export interface Part {
  readonly from: number;
  readonly to: number;
}

/** Kinds of words that are known by their form alone. */
export const TYPED = ['time', 'date', 'link', 'figure', 'bracket'] as const;
export type Typed = (typeof TYPED)[number];

/**
 * One place of a pattern, in line order. `keep` marks the parts that a person wants; all else goes.
 *
 *     03:12 | Stop 4: The rope walk | saltfern.example/s4
 *     time   loose  text, kept      loose  link
 */
export type Slot = TypedSlot | TextSlot | LiteralSlot | WordsSlot | LooseSlot | BlankSlot | SignSlot;

export interface TypedSlot {
  readonly is: Typed;
  /** What stands right behind a figure: "12." or "12)". */
  readonly ending?: string;
  readonly keep?: true;
}

/** Words of any number, as many as can be; not with the signs in `without`, nor with what makes a word of the kinds in `bare`. */
export interface TextSlot {
  readonly is: 'text';
  readonly without?: readonly SignId[];
  readonly bare?: readonly Typed[];
  readonly keep?: true;
}

/** These very words. */
export interface LiteralSlot {
  readonly is: 'literal';
  readonly text: string;
}

export interface WordsSlot {
  readonly is: 'words';
  readonly count: number;
}

/** Blanks and separating signs of any kind and number, beside what is known by its form; at least one unless optional. */
export interface LooseSlot {
  readonly is: 'loose';
  /** Dots and underlines count as separating signs too. */
  readonly leader?: true;
  readonly optional?: true;
}

export interface BlankSlot {
  readonly is: 'blank';
}

/** This very sign, between words that nothing else tells apart. */
export interface SignSlot {
  readonly is: 'sign';
  readonly sign: SignId;
}

export type Pattern = readonly Slot[];

/** How lines of a shape are written: a list, lines one below another, or columns with a tab between. */
export const WRITTEN_AS = ['list', 'lines', 'columns'] as const;
export type WrittenAs = (typeof WRITTEN_AS)[number];

export type ShapeId = `shape:${number}`;

/** The form that a group of lines shares, what is kept of each of them, and how that is written. Plain data. */
export interface LineShape {
  /** Stored with choices about its edits, so it is never given twice. */
  readonly id: ShapeId;
  readonly name: string;
  /** The first that fits a line holds. Each keeps as many parts as there are in `parts`. */
  readonly patterns: readonly Pattern[];
  /** What the kept parts are called: the heads of columns. Empty where nobody gave a name. */
  readonly parts: readonly string[];
  readonly as: WrittenAs;
  /** What is written before the first part, between two, and after the last. */
  readonly before: string;
  readonly between: string;
  readonly after: string;
  /** How long lines may be that nothing tells apart but words and a sign, in UTF-16 units. */
  readonly longest?: number;
  /** Where several entries stand in one line: what parts them. */
  readonly within?: EntryMark;
}

/** Entries of one line are parted by a sign, or each begins with a time. */
export type EntryMark = SignId | 'time';

const PREFIX = 'shape:';

export function isShapeId(pass: string): pass is ShapeId {
  return pass.startsWith(PREFIX);
}

/** A shape id above all that are named: what a shape that is gone left behind must not hold for another. */
export function nextShapeId(named: Iterable<string>): ShapeId {
  let highest = 0;
  for (const id of named) if (isShapeId(id)) highest = Math.max(highest, Number(id.slice(PREFIX.length)) || 0);
  return `${PREFIX}${highest + 1}`;
}

/** How many parts a pattern keeps. */
export function partCount(pattern: Pattern): number {
  return pattern.filter((slot) => 'keep' in slot && slot.keep).length;
}
