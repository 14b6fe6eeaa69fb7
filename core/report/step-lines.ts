import type { Cleaning } from '../cleaning/cleaning.ts';
import type { Step } from '../history/history.ts';
import type { Choice } from '../choices/choice.ts';
import { seamOfChoice } from '../decided/seams-in-force.ts';
import { lineAt } from '../text/line-index.ts';

/** The first and the last line, from 1, that a step is about; undefined for steps about the whole text. */
export function linesOfStep(cleaning: Cleaning, step: Step): readonly [number, number] | undefined {
  switch (step.kind) {
    case 'choose':
    case 'withdraw':
      return linesOfChoice(cleaning, step.choice);
    case 'together': {
      const all = step.steps.map((one) => linesOfStep(cleaning, one)).filter((lines) => lines !== undefined);
      if (all.length === 0) return undefined;
      return [Math.min(...all.map(([first]) => first)), Math.max(...all.map(([, last]) => last))];
    }
    default:
      return undefined;
  }
}

/** For a line end the lines with words above and below it. */
function linesOfChoice(cleaning: Cleaning, choice: Choice): readonly [number, number] | undefined {
  if (choice.kind === 'mark' || choice.kind === 'measure') return undefined;
  const { index } = cleaning.table;
  const seam = choice.kind === 'seam' ? seamOfChoice(cleaning, choice) : undefined;
  if (seam !== undefined) {
    const { line } = cleaning.decided.seams;
    return [line[seam]! + 1, line[seam + 1]! + 1];
  }
  return [lineAt(index, choice.from) + 1, lineAt(index, Math.max(choice.from, choice.to - 1)) + 1];
}
