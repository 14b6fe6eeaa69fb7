import type { Analysis } from './analysis.ts';
import { isConstrained, mayEdit } from '../choices/permits.ts';
import type { PassId } from '../passes/index.ts';
import { isPassOn } from '../style/style.ts';

/** Whether a pass may work in all of the source. */
export function isOpenEverywhere({ style, permits }: Pick<Analysis, 'style' | 'permits'>, pass: PassId): boolean {
  return isPassOn(style, pass) && !isConstrained(permits, pass);
}

/** In which ranges a pass may work; asked of every gap, so what is the same everywhere is worked out once. */
export function rangesOpenTo(
  { style, permits }: Pick<Analysis, 'style' | 'permits'>,
  pass: PassId,
): (from: number, to: number) => boolean {
  const on = isPassOn(style, pass);
  if (!on || !isConstrained(permits, pass)) return () => on;
  return (from, to) => mayEdit(permits, pass, from, to);
}
