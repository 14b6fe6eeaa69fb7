import { FINDING_PASSES } from '../passes/index.ts';
import type { Style } from './style.ts';

/**
 * The passes that work inside blocks, in the order of a style. Passes that its order does not know (they came later) follow the
 * pass that they follow in the usual order.
 */
export function passesInOrder({ order }: Pick<Style, 'order'>): typeof FINDING_PASSES {
  if (!order) return FINDING_PASSES;
  const known = order.flatMap((id) => FINDING_PASSES.filter((pass) => pass.id === id));
  for (const [at, pass] of FINDING_PASSES.entries()) {
    if (known.includes(pass)) continue;
    known.splice(at === 0 ? 0 : known.indexOf(FINDING_PASSES[at - 1]!) + 1, 0, pass);
  }
  return known;
}

/** Puts a pass before another one, or behind all with undefined. A pass that is moved where it stands changes nothing. */
export function applyMove(style: Style, pass: string, before: string | undefined): Style {
  if (pass === before) return style;
  const rest = passesInOrder(style)
    .map(({ id }) => id)
    .filter((id) => id !== pass);
  const at = before === undefined ? rest.length : rest.findIndex((id) => id === before);
  if (at < 0 || !FINDING_PASSES.some(({ id }) => id === pass)) return style;
  const order = [...rest.slice(0, at), pass, ...rest.slice(at)];
  return { ...style, order: order.every((id, place) => id === FINDING_PASSES[place]!.id) ? undefined : order };
}
