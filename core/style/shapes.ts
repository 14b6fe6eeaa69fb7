import type { Choice } from '../choices/choice.ts';
import { nextShapeId, type LineShape, type ShapeId } from '../shapes/line-shape.ts';
import { isPassOn, type Style } from './style.ts';

/** The taught shapes of a style that are on, in the order in which they are tried. */
export function shapesInForce(style: Style): readonly LineShape[] {
  return (style.shapes ?? []).filter((shape) => isPassOn(style, shape.id));
}

/** A shape joins the others at the end; one with the id of another takes its place. */
export function applyShape(style: Style, shape: LineShape): Style {
  const shapes = style.shapes ?? [];
  const isKnown = shapes.some(({ id }) => id === shape.id);
  return { ...style, shapes: isKnown ? shapes.map((old) => (old.id === shape.id ? shape : old)) : [...shapes, shape] };
}

export function applyShapeRemoval(style: Style, id: string): Style {
  return { ...style, shapes: (style.shapes ?? []).filter((shape) => shape.id !== id) };
}

/** The id for a new shape: one that neither the style nor a choice names, so that nothing is left over for it. */
export function newShapeId(style: Style, choices: readonly Choice[]): ShapeId {
  const ofChoices = choices.flatMap((choice) => ('pass' in choice && choice.pass !== undefined ? [choice.pass] : []));
  return nextShapeId([...(style.shapes ?? []).map(({ id }) => id), ...Object.keys(style.passes), ...ofChoices]);
}
