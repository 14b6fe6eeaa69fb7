import { TYPED, type LineShape, type Typed } from './line-shape.ts';
import { matcherOf, shapeEdits, type ShapeEdit } from './match-shape.ts';
import { lineTokens } from './tokens.ts';

/** What becomes of a line that a shape fits; offsets are those of the line. */
export interface ShapedLine {
  readonly shape: LineShape;
  readonly edits: readonly ShapeEdit[];
}

/** Gives the first of some shapes that fits a line, with its edits. */
export function shapeReader(shapes: readonly LineShape[]): (line: string) => ShapedLine | undefined {
  const tried = shapes.map((shape) => ({ shape, matcher: matcherOf(shape) }));
  return (line) => {
    for (const { shape, matcher } of tried) {
      const edits = shapeEdits(shape, matcher, line);
      if (edits) return { shape, edits };
    }
    return undefined;
  };
}

/** What a line becomes with a shape's edits. */
export function shapedText(line: string, edits: readonly ShapeEdit[]): string {
  let text = '';
  let at = 0;
  for (const { from, to, insert } of edits) {
    text += line.slice(at, from) + insert;
    at = to;
  }
  return text + line.slice(at);
}

/** Why a shape does not fit a line: words of these kinds are missing; none where it differs in another way. */
export function missingKinds({ patterns }: Pick<LineShape, 'patterns'>, line: string): Typed[] {
  const has = new Set(lineTokens(line).map(({ is }) => is));
  const wanted = new Set(
    patterns.map((pattern) => TYPED.filter((kind) => pattern.some(({ is }) => is === kind))).flat(),
  );
  const always = [...wanted].filter((kind) => patterns.every((pattern) => pattern.some(({ is }) => is === kind)));
  return always.filter((kind) => !has.has(kind));
}

/** So many lines that do not fit may stand between two that do: farther apart they are none of theirs. */
const NEAR = 3;

/**
 * The lines between those that a shape fits, which it does not fit. `fits` says of each line that is not blank,
 * in order, whether it does; gives places in that list.
 */
export function misfits(fits: readonly boolean[]): number[] {
  const found: number[] = [];
  let lastFit: number | undefined;
  for (const [at, fit] of fits.entries()) {
    if (!fit) continue;
    if (lastFit !== undefined && at - lastFit - 1 <= NEAR)
      for (let place = lastFit + 1; place < at; place++) found.push(place);
    lastFit = at;
  }
  return found;
}
