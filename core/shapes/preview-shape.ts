import { misfits, missingKinds, shapedText, shapeLines } from './apply-shapes.ts';
import type { TextLines } from '../text/text-lines.ts';
import { groupLines, type LineGroup } from './group-lines.ts';
import type { LineShape, Part, Typed } from './line-shape.ts';
import { matcherOf, type ShapeEdit } from './match-shape.ts';

/** A line with its number, from 0. */
export interface NumberedLine {
  readonly line: number;
  readonly text: string;
}

/** A group of lines that look alike, with a few of them. */
export interface GroupView extends Omit<LineGroup, 'lines'> {
  readonly count: number;
  readonly samples: readonly NumberedLine[];
}

export interface ShapedRow extends NumberedLine {
  readonly edits: readonly ShapeEdit[];
  /** The kept parts; none where the line holds several entries. */
  readonly parts: readonly Part[];
}

/** A line among those that a shape fits, which it does not fit. */
export interface Misfit extends NumberedLine {
  readonly missing: readonly Typed[];
}

/** What a shape would do to a text: so many lines fit, of which the first are given, and the lines among them that do not. */
export interface ShapePreview {
  readonly fits: number;
  readonly rows: readonly ShapedRow[];
  readonly misfitCount: number;
  readonly misfits: readonly Misfit[];
}

/** A line that two shapes take differently: what each makes of it; undefined where it lets it stand. */
export interface ShapeDifference extends NumberedLine {
  readonly one: string | undefined;
  readonly other: string | undefined;
}

const SAMPLES = 3;
/** So many lines are given to be looked at. */
const MOST_ROWS = 400;
const MOST_MISFITS = 100;
const MOST_GROUPS = 200;

export function viewGroups({ count, at }: TextLines): GroupView[] {
  return groupLines(count, at)
    .slice(0, MOST_GROUPS)
    .map(({ lines, ...group }) => ({
      ...group,
      count: lines.length,
      samples: lines.slice(0, SAMPLES).map((line) => ({ line, text: at(line) })),
    }));
}

/** Linear in the text. */
export function previewShape(shape: LineShape, text: TextLines): ShapePreview {
  const { shaped, lines, fits } = fitting(shape, text);
  const matcher = matcherOf(shape);
  const apart = misfits(fits).map((place) => lines[place]!);
  return {
    fits: shaped.size,
    rows: [...shaped].slice(0, MOST_ROWS).map(([line, { edits }]) => {
      const words = text.at(line);
      return { line, text: words, edits, parts: shape.within === undefined ? matcher.match(words)! : [] };
    }),
    misfitCount: apart.length,
    misfits: apart.slice(0, MOST_MISFITS).map((line) => {
      const words = text.at(line);
      return { line, text: words, missing: missingKinds(shape, words) };
    }),
  };
}

/** The numbers of the lines among those that a shape fits, which it does not fit. */
export function misfitLines(shape: LineShape, text: TextLines): number[] {
  const { lines, fits } = fitting(shape, text);
  return misfits(fits).map((place) => lines[place]!);
}

/** What all lines become that a shape fits, one below another. */
export function writtenLines(shape: LineShape, text: TextLines): string[] {
  return Array.from(shapeLines([shape], text), ([line, { edits }]) => shapedText(text.at(line), edits).trim());
}

/** The first line that two shapes take differently; undefined where there is none. */
export function firstDifference(one: LineShape, other: LineShape, text: TextLines): ShapeDifference | undefined {
  const [ones, others] = [shapeLines([one], text), shapeLines([other], text)];
  const lines = [...new Set([...ones.keys(), ...others.keys()])].sort((a, b) => a - b);
  for (const line of lines) {
    const words = text.at(line);
    const made = (shaped: ReturnType<typeof shapeLines>) => {
      const edits = shaped.get(line)?.edits;
      return edits && shapedText(words, edits).trim();
    };
    const difference = { line, text: words, one: made(ones), other: made(others) };
    if (difference.one !== difference.other) return difference;
  }
  return undefined;
}

/** The lines that are not blank, and whether the shape fits each. */
function fitting(shape: LineShape, text: TextLines) {
  const shaped = shapeLines([shape], text);
  const lines: number[] = [];
  for (let line = 0; line < text.count; line++) if (text.at(line).trim() !== '') lines.push(line);
  return { shaped, lines, fits: lines.map((line) => shaped.has(line)) };
}
