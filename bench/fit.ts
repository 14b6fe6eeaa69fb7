import { writeFileSync } from 'node:fs';
import { collectEvidence, EVIDENCE_NAMES, type EvidenceName } from '../core/seams/evidence.ts';
import { type SeamDecisions } from '../core/seams/decide.ts';
import { contextAt } from '../core/seams/explain.ts';
import { settlerOf } from '../core/seams/verdicts.ts';
import { DEFAULT_STYLE } from '../core/index.ts';
import { everydayCases, generatedCases, readCases, type LabelledCase } from './cases.ts';
import { labelSeams } from './label.ts';
import { fitLogistic, probability, type Fitted, type Observation } from './logistic.ts';

/**
 * Fits the weights of the seam model and writes them to core/seams/model.ts: `npm run fit [-- --cases DIR]`. It learns from
 * generated cases, from the everyday texts of the tests, and from those of a folder; prints F1 on held-back cases first (five folds, whole cases held back).
 */
const RIDGE = 2;
const FOLDS = 5;
/** Generated cases are many and easy: each of their seams counts this much beside one of a real document. */
const WEIGHT_OF_GENERATED = 0.15;

/** Short texts have few line ends, but are pasted often: one with fewer counts as if it had so many, up to so many times. */
const SHORT = 60;
const MOST_FOR_SHORT = 6;

/** Evidence that is rare in any set of cases but plain in its meaning: where the data is thin, the fit stays near these. */
const PRIORS: Readonly<Partial<Record<EvidenceName, number>>> = {
  chosenMark: 12,
  otherThanMark: -6,
  lineEndMark: 8,
  speaker: 9,
  newElement: 6,
  sameHeading: -9,
  longPause: 7,
  noPause: -6,
  endsHyphen: -6,
  startsClosing: -2.5,
  hangingLine: -2,
  insideAddress: -5,
  pieceOfLine: -4,
  captionAfter: 3,
  speechDash: 2,
  footnoteAfter: 6,
  footnoteBefore: 6,
  startsSureBullet: 4,
  headingGoesOn: -3,
  inSequence: 1.5,
  looseGroup: 4,
  roomAtWiderGap: 1.5,
};
const priors = EVIDENCE_NAMES.map((name) => PRIORS[name] ?? 0);

interface Sample {
  readonly fold: number;
  readonly isReal: boolean;
  readonly observations: readonly Observation[];
}

const folder = process.argv[process.argv.indexOf('--cases') + 1];
const real = process.argv.includes('--cases') && folder ? readCases(folder) : [];
const samples = [
  ...[...everydayCases(), ...real].map((labelled, at) => toSample(labelled, at, true)),
  ...generatedCases().map((labelled, at) => toSample(labelled, at, real.length === 0)),
];

for (let fold = 0; fold < FOLDS; fold++) {
  const fitted = fitLogistic(observationsOf(samples.filter((sample) => sample.fold !== fold)), RIDGE, priors);
  const held = observationsOf(samples.filter((sample) => sample.fold === fold && sample.isReal));
  process.stdout.write(`fold ${fold + 1}: ${describe(fitted, held)}\n`);
}
const fitted = fitLogistic(observationsOf(samples), RIDGE, priors);
process.stdout.write(`all:    ${describe(fitted, observationsOf(samples.filter((sample) => sample.isReal)))}\n`);
writeFileSync('core/seams/model.ts', render(fitted));

function toSample(labelled: LabelledCase, at: number, isReal: boolean): Sample {
  const { table, decided, label } = labelSeams(labelled);
  const known = label.filter((one) => one >= 0).length;
  const weight = isReal ? Math.min(MOST_FOR_SHORT, Math.max(1, SHORT / Math.max(1, known))) : WEIGHT_OF_GENERATED;
  const observations: Observation[] = [];
  for (let seam = 0; seam < label.length; seam++) {
    if (label[seam]! < 0 || isSettledByRule(decided, seam)) continue;
    const evidence = new Float32Array(EVIDENCE_NAMES.length);
    collectEvidence(contextAt(decided, table, seam), seam, evidence);
    observations.push({ evidence, isBreak: label[seam] === 1, weight });
  }
  return { fold: at % FOLDS, isReal, observations };
}

/** Whether a rule had the last word, as on the turns of captions and the entries of lists: the weights are not asked there. */
function isSettledByRule(decided: SeamDecisions, seam: number): boolean {
  const settler = settlerOf(decided, seam);
  // Lines of verse are those that the weights part already.
  return settler !== 'evidence' && settler !== 'verse';
}

function observationsOf(chosen: readonly Sample[]): Observation[] {
  return chosen.flatMap((sample) => sample.observations);
}

function describe(model: Fitted, observations: readonly Observation[]): string {
  let right = 0;
  let extra = 0;
  let lost = 0;
  let doubts = 0;
  let doubted = 0;
  for (const { evidence, isBreak } of observations) {
    const p = probability(model, evidence);
    const isWrong = p >= 0.5 !== isBreak;
    if (isBreak && p >= 0.5) right++;
    if (!isBreak && p >= 0.5) extra++;
    if (isBreak && p < 0.5) lost++;
    if (Math.max(p, 1 - p) < DEFAULT_STYLE.certaintyLimit) doubts++;
    if (Math.max(p, 1 - p) < DEFAULT_STYLE.certaintyLimit && isWrong) doubted++;
  }
  const f1 = (2 * right) / (2 * right + extra + lost);
  const share = (part: number, whole: number) => ((100 * part) / Math.max(1, whole)).toFixed(1);
  return `F1 ${share(f1, 1)}, ${extra} extra and ${lost} lost of ${observations.length} seams; doubts ${share(doubts, observations.length)} %, holding ${share(doubted, extra + lost)} % of the mistakes`;
}

function render(model: Fitted): string {
  const rows = EVIDENCE_NAMES.map((name, at) => `  ${name}: ${Number(model.weights[at]!.toFixed(2))},`);
  return `import type { EvidenceName } from './evidence.ts';

/**
 * The seam model: the log odds of a new paragraph are the bias plus weight times evidence, summed. Positive weights speak for
 * a paragraph, negative ones for a wrap. Written by \`npm run fit\` (logistic regression with a small ridge); not set by hand.
 */
export const BIAS = ${Number(model.bias.toFixed(2))};

export const WEIGHTS: Readonly<Record<EvidenceName, number>> = {
${rows.join('\n')}
};
`;
}
