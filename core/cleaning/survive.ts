import { PassFault, type FailedPass } from '../lines/pass-fault.ts';
import type { Style } from '../style/style.ts';
import type { Cleaning } from './cleaning.ts';

/** The style without the passes and own rules that failed. */
export function styleWithout(style: Style, failed: readonly FailedPass[]): Style {
  if (failed.length === 0) return style;
  const off = Object.fromEntries(failed.map(({ pass }) => [pass, false]));
  return { ...style, passes: { ...style.passes, ...off } };
}

/**
 * Cleans in a style. A pass that fails is a fault of this program, and no reason to keep a person's text from them: it is left out,
 * and the rest is done. `known` failed before. Throws what is the fault of no pass, or of one that was left out already.
 */
export function surviving(style: Style, known: readonly FailedPass[], work: (style: Style) => Cleaning): Cleaning {
  const failed = [...known];
  for (;;) {
    try {
      return { ...work(styleWithout(style, failed)), failed };
    } catch (error) {
      if (!(error instanceof PassFault) || failed.some(({ pass }) => pass === error.pass)) throw error;
      failed.push({ pass: error.pass, message: error.message });
    }
  }
}
