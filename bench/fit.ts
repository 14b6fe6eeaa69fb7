import { writeFileSync } from 'node:fs';
import { collectEvidence, EVIDENCE_NAMES, type EvidenceName } from '../core/seams/evidence/evidence.ts';
import { labelSeams } from './label.ts';
import { fitLogistic, logOdds, type Fitted, type Observation } from './logistic.ts';
import { describe, FOLDS, isSettledByRule, trainingCases, weightOf, type TrainingCase } from './training.ts';

/**
 * Fits the weights of the seam model and writes them to core/seams/evidence/model.ts: `npm run fit [-- --cases DIR]`. It learns from
 * generated cases, from the everyday texts of the tests, and from those of a folder; prints figures on held-back documents first, by
 * kind (five folds).
 */
const RIDGE = 2;

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

interface Sample extends Observation {
  readonly kind: string;
  readonly fold: number;
}

const samples = trainingCases(process.argv).flatMap(samplesOf);
const foldModels = Array.from({ length: FOLDS }, (_, fold) =>
  fitLogistic(
    samples.filter((sample) => sample.fold !== fold),
    RIDGE,
    priors,
  ),
);
const real = samples.filter(({ fold }) => fold >= 0);
process.stdout.write(`held back: ${describe(real.map((one) => judge(foldModels[one.fold]!, one)))}\n`);
const fitted = fitLogistic(samples, RIDGE, priors);
process.stdout.write(`all:       ${describe(real.map((one) => judge(fitted, one)))}\n`);
writeFileSync('core/seams/evidence/model.ts', render(fitted));

function samplesOf(one: TrainingCase): Sample[] {
  const { labelled, fold } = one;
  const { decided, label } = labelSeams(labelled);
  const weight = weightOf(one, label);
  const samples: Sample[] = [];
  for (let seam = 0; seam < label.length; seam++) {
    if (label[seam]! < 0 || isSettledByRule(decided, seam)) continue;
    const evidence = new Float32Array(EVIDENCE_NAMES.length);
    collectEvidence(decided.look.context, seam, evidence);
    samples.push({ evidence, isBreak: label[seam] === 1, weight, kind: labelled.kind, fold });
  }
  return samples;
}

function judge(model: Fitted, { evidence, isBreak, kind }: Sample) {
  return { isBreak, kind, odds: logOdds(model, evidence) };
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
