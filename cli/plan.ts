import { BUILT_IN_STYLES, isEncoding, PASSES, USUAL_PLAN, type JobPlan } from '../core/index.ts';
import type { CleanOptions } from './command.ts';
import { InputError } from './problems.ts';
import { houseStyle, shapeFrom } from './styles.ts';

/** What the options ask for. Throws InputError. */
export async function planOf(options: CleanOptions): Promise<JobPlan> {
  const { kind, from, encoding, to, apart, on = [], off = [], columns = false } = options;
  if (encoding !== undefined && !isEncoding(encoding)) throw new InputError(`there is no encoding "${encoding}"`);
  const unknown = [...on, ...off].find((id) => !PASSES.some((pass) => pass.id === id));
  if (unknown !== undefined) throw new InputError(`there is no pass "${unknown}"; --help lists the passes`);
  const named = await Promise.all((options.style ?? []).map(houseStyle));
  const shapes = await Promise.all((options.shape ?? []).map(shapeFrom));
  // Whoever says the kind alone means the style that comes with the program for it.
  const styles = named.length > 0 ? named : kind === undefined ? USUAL_PLAN.styles : BUILT_IN_STYLES;
  return { ...USUAL_PLAN, styles, kind, from, encoding, to, apart, on, off, shapes, columns };
}
