import type { TextLines } from '../text/text-lines.ts';
import { TYPED, type LineShape, type Slot, type Typed } from './line-shape.ts';
import { matcherOf, shapeEdits, type Matcher, type ShapeEdit } from './match-shape.ts';
import { lineTokens } from './tokens.ts';

/** What becomes of a line that a shape fits; offsets are those of the line. */
export interface ShapedLine {
  readonly shape: LineShape;
  readonly edits: readonly ShapeEdit[];
}

/**
 * The lines that some shapes fit, by number, in order; the first shape that fits a line has it. What tells lines apart by words and a
 * sign alone is found in any prose: such a shape fits lines that are not much longer than its example, and of which another is near.
 * Linear in the text for each shape.
 */
export function shapeLines(
  shapes: readonly LineShape[],
  { count, at }: TextLines,
  isOpen: (line: number) => boolean = () => true,
): Map<number, ShapedLine> {
  const found = new Map<number, ShapedLine>();
  const tried = shapes.map((shape) => ({ shape, matcher: matcherOf(shape), isWeak: isWeak(shape), near: nearby() }));
  for (let line = 0; line < count; line++) {
    const text = at(line);
    if (text.trim() === '') continue;
    const fit = isOpen(line) ? fitOf(tried, text) : undefined;
    for (const { shape, near } of tried) near.pass(line, fit?.shape === shape);
    if (fit) found.set(line, fit);
  }
  for (const { shape, isWeak: needsCompany, near } of tried)
    if (needsCompany) for (const line of near.alone()) if (found.get(line)?.shape === shape) found.delete(line);
  return found;
}

function fitOf(
  tried: readonly { readonly shape: LineShape; readonly matcher: Matcher; readonly isWeak: boolean }[],
  text: string,
): ShapedLine | undefined {
  for (const { shape, matcher, isWeak: isShort } of tried) {
    if (isShort && shape.longest !== undefined && text.trim().length > shape.longest) continue;
    const edits = shapeEdits(shape, matcher, text);
    if (edits) return { shape, edits };
  }
  return undefined;
}

/** Whether a shape is told by words and a sign alone, or by a figure. */
function isWeak({ patterns, within }: LineShape): boolean {
  if (within !== undefined) return false;
  return patterns.some((pattern) => pattern.every(({ is }) => !STRONG.has(is)));
}

const STRONG: ReadonlySet<Slot['is']> = new Set(['time', 'date', 'link', 'bracket']);

/** Tells, of lines passed in order, which fit without another that fits being near. */
function nearby() {
  const fits: { readonly line: number; isNear: boolean }[] = [];
  let since = Infinity;
  return {
    pass(line: number, isFit: boolean) {
      since++;
      if (!isFit) return;
      const isNear = since <= NEAR + 1;
      if (isNear) fits.at(-1)!.isNear = true;
      fits.push({ line, isNear });
      since = 0;
    },
    alone: () => fits.filter(({ isNear }) => !isNear).map(({ line }) => line),
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
