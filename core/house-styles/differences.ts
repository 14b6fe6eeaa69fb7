import { FINDING_PASSES, findPass } from '../passes/index.ts';
import { passesInOrder } from '../style/order.ts';
import { rulesInForce } from '../style/rules.ts';
import { shapesInForce } from '../style/shapes.ts';
import { isPassOn, settingsOf, type Style } from '../style/style.ts';

/** One thing in which a style differs from another. */
export type StyleDifference =
  | { readonly kind: 'pass'; readonly pass: string; readonly on: boolean }
  | { readonly kind: 'setting'; readonly pass: string; readonly setting: string; readonly value: string }
  | { readonly kind: 'order' }
  /** Rules, shapes and words: how many came and went. */
  | { readonly kind: 'rules' | 'shapes' | 'words'; readonly added: number; readonly gone: number }
  | { readonly kind: 'mark' }
  | { readonly kind: 'apart' }
  | { readonly kind: 'asks'; readonly limit: number };

/** In what a style differs from another. Empty where they do the same. */
export function differencesOf(style: Style, from: Style): StyleDifference[] {
  const found: StyleDifference[] = [];
  const ids = new Set([...Object.keys(style.passes), ...Object.keys(from.passes)]);
  for (const pass of ids) {
    const known = findPass(pass);
    if (!known) continue;
    if (isPassOn(style, known.id) !== isPassOn(from, known.id))
      found.push({ kind: 'pass', pass, on: isPassOn(style, known.id) });
  }
  for (const key of new Set([...Object.keys(style.settings ?? {}), ...Object.keys(from.settings ?? {})])) {
    const [pass, setting] = key.split(' ') as [string, string];
    const known = findPass(pass);
    if (!known) continue;
    const value = settingsOf(style, known)[setting];
    if (value !== undefined && value !== settingsOf(from, known)[setting])
      found.push({ kind: 'setting', pass, setting, value });
  }
  const order = (of: Style) => passesInOrder(of).map(({ id }) => id);
  const now = order(style);
  const before = order(from);
  if (FINDING_PASSES.some((_, at) => now[at] !== before[at])) found.push({ kind: 'order' });
  const lists = [
    ['rules', rulesInForce(style), rulesInForce(from)],
    ['shapes', shapesInForce(style), shapesInForce(from)],
    ['words', wordsOf(style), wordsOf(from)],
  ] as const;
  for (const [kind, own, other] of lists) {
    const mine = new Set(own.map((one) => JSON.stringify(one)));
    const theirs = new Set(other.map((one) => JSON.stringify(one)));
    const added = [...mine].filter((one) => !theirs.has(one)).length;
    const gone = [...theirs].filter((one) => !mine.has(one)).length;
    if (added > 0 || gone > 0) found.push({ kind, added, gone });
  }
  if (JSON.stringify(style.mark) !== JSON.stringify(from.mark)) found.push({ kind: 'mark' });
  if (style.apart !== from.apart) found.push({ kind: 'apart' });
  if (style.certaintyLimit !== from.certaintyLimit) found.push({ kind: 'asks', limit: style.certaintyLimit });
  return found;
}

function wordsOf({ words }: Style): string[] {
  const { untouched = [], hyphenated = [], openings = [] } = words ?? {};
  return [
    ...untouched.map((word) => `u ${word}`),
    ...hyphenated.map((word) => `h ${word}`),
    ...openings.map((word) => `o ${word}`),
  ];
}
