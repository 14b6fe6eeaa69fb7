import { PASSES, type PassId } from '../passes/index.ts';
import type { Pass } from '../passes/pass.ts';
import type { Style } from './style.ts';

const INLINE: readonly Pass[] = PASSES.filter((pass: Pass) => pass.find !== undefined);

/**
 * The passes that work inside blocks, in the order of a style. Passes that its order does not know (they came later) follow the
 * pass that they follow in the usual order.
 */
export function passesInOrder({ order }: Pick<Style, 'order'>): readonly Pass[] {
  if (!order) return INLINE;
  const known = order.flatMap((id) => INLINE.filter((pass) => pass.id === id));
  for (const [at, pass] of INLINE.entries()) {
    if (known.includes(pass)) continue;
    known.splice(at === 0 ? 0 : known.indexOf(INLINE[at - 1]!) + 1, 0, pass);
  }
  return known;
}

/** Puts a pass before another one, or behind all with undefined. A pass that is moved where it stands changes nothing. */
export function applyMove(style: Style, pass: PassId, before: PassId | undefined): Style {
  if (pass === before) return style;
  const rest = passesInOrder(style)
    .map(({ id }) => id)
    .filter((id) => id !== pass);
  const at = before === undefined ? rest.length : rest.indexOf(before);
  if (at < 0 || !INLINE.some(({ id }) => id === pass)) return style;
  const order = [...rest.slice(0, at), pass, ...rest.slice(at)];
  return { ...style, order: order.every((id, place) => id === INLINE[place]!.id) ? undefined : order };
}
