import { DEFAULT_STYLE } from '../core/index.ts';
import { certaintyOf, type SeamDecisions } from '../core/seams/decide.ts';
import { settlerOf } from '../core/seams/verdicts.ts';
import { everydayCases, generatedCases, readCases, type LabelledCase } from './cases.ts';
import { documentsOf } from './documents.ts';

/* What the fits of the evidence and of the second look share: the cases, how much each counts, and the figures on those held back. */

export const FOLDS = 5;
/** Generated cases are many and easy: each of their seams counts this much beside one of a real document. */
const WEIGHT_OF_GENERATED = 0.15;
/** Short texts have few line ends, but are pasted often: one with fewer counts as if it had so many, up to so many times. */
const SHORT = 60;
const MOST_FOR_SHORT = 6;

/** A case to learn from; those of one document are in one fold, generated ones in none (-1) and never held back. */
export interface TrainingCase {
  readonly labelled: LabelledCase;
  readonly fold: number;
}

/** The everyday texts of the tests, the cases of the folder behind `--cases`, and generated ones. */
export function trainingCases(args: readonly string[]): TrainingCase[] {
  const at = args.indexOf('--cases');
  const real = [...everydayCases(), ...(at < 0 ? [] : readCases(args[at + 1]!))];
  const documents = documentsOf(real);
  const folds = new Map([...new Set(documents)].map((document, number) => [document, number % FOLDS]));
  return [
    ...real.map((labelled, one) => ({ labelled, fold: folds.get(documents[one]!)! })),
    ...generatedCases().map((labelled) => ({ labelled, fold: -1 })),
  ];
}

/** How much each seam of a case counts, by what the truth says of its seams. */
export function weightOf({ fold }: TrainingCase, label: Int8Array): number {
  if (fold < 0) return WEIGHT_OF_GENERATED;
  const known = label.filter((one) => one >= 0).length;
  return Math.min(MOST_FOR_SHORT, Math.max(1, SHORT / Math.max(1, known)));
}

/** Whether a rule had the last word, as on the turns of captions and the entries of lists: the fits are not asked there. */
export function isSettledByRule(decided: SeamDecisions, seam: number): boolean {
  const settler = settlerOf(decided, seam);
  // Lines of verse are those that the evidence parts already.
  return settler !== 'evidence' && settler !== 'verse';
}

/** A seam with the log odds that were given for a break there. */
export interface Judged {
  readonly kind: string;
  readonly isBreak: boolean;
  readonly odds: number;
}

/** F1 in all and by kind, and how well doubts and certainties hold. */
export function describe(judged: readonly Judged[]): string {
  const isWrong = ({ isBreak, odds }: Judged) => isBreak !== odds > 0;
  const isDoubted = ({ odds }: Judged) => certaintyOf(odds) < DEFAULT_STYLE.certaintyLimit;
  const f1 = (of: readonly Judged[]) => {
    const right = of.filter((one) => one.isBreak && one.odds > 0).length;
    return ((200 * right) / Math.max(1, 2 * right + of.filter(isWrong).length)).toFixed(1);
  };
  const kinds = [...new Set(judged.map(({ kind }) => kind))].sort();
  const wrong = judged.filter(isWrong);
  const doubted = judged.filter(isDoubted).length;
  const held = wrong.filter(isDoubted).length;
  const percent = (part: number, whole: number, places = 1) => ((100 * part) / Math.max(1, whole)).toFixed(places);
  const sure = judged.length - doubted;
  return [
    `F1 ${f1(judged)}`,
    ...kinds.map((kind) => `${kind} ${f1(judged.filter((one) => one.kind === kind))}`),
    `${wrong.length} wrong of ${judged.length}, undoubted right ${percent(sure - wrong.length + held, sure, 2)} %`,
    `doubts ${percent(doubted, judged.length)} % holding ${percent(held, wrong.length)} %`,
  ].join(', ');
}
