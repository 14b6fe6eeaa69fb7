import { writeFileSync } from 'node:fs';
import { looksAgain } from '../core/seams/evidence/look-again.ts';
import { binOf, oddsOfTrees, packTrees, type LookTrees } from '../core/seams/evidence/look-trees.ts';
import { looker, LOOKS, SURE_AT_FIRST, type LookName } from '../core/seams/evidence/second-look.ts';
import { boost, type Looked } from './boost.ts';
import { labelSeams } from './label.ts';
import { describe, FOLDS, isSettledByRule, trainingCases, weightOf, type TrainingCase } from './training.ts';

/**
 * Fits the trees of the second look and writes them to core/seams/evidence/look-model.ts: `npm run fit:look [-- --cases DIR]`. It learns from
 * what `npm run fit` learns from; prints figures on held-back documents first, by kind (five folds).
 */
/** No question about one of these alone takes more of it for a sign of running on. */
const RISING: readonly LookName[] = ['room', 'odds', 'gapScore'];
const rising = new Set(RISING.map((name) => LOOKS.indexOf(name)));

interface Sample extends Looked {
  readonly kind: string;
  /** -1 for those that are never held back. */
  readonly fold: number;
}

const samples = trainingCases(process.argv).flatMap(samplesOf);
const held = samples.filter(({ fold }) => fold >= 0);
const foldTrees = Array.from({ length: FOLDS }, (_, fold) => fit(samples.filter((sample) => sample.fold !== fold)));
process.stdout.write(`first look:  ${describe(held)}\n`);
process.stdout.write(
  `second look: ${describe(held.map((sample) => ({ ...sample, odds: oddsWith(foldTrees[sample.fold]!, sample) })))}\n`,
);
const packed = packTrees(fit(samples));
writeFileSync('core/seams/evidence/look-model.ts', render(JSON.stringify(packed, undefined, 2)));

function samplesOf(one: TrainingCase): Sample[] {
  const { labelled, fold } = one;
  const { decided, label } = labelSeams(labelled);
  const { look } = decided;
  if (!looksAgain(look)) return [];
  const numbers = new Float32Array(LOOKS.length);
  const lookAt = looker(look, (place, number) => {
    numbers[place] = number;
  });
  const weight = weightOf(one, label);
  const samples: Sample[] = [];
  for (let seam = 0; seam < label.length; seam++) {
    if (label[seam]! < 0 || isSettledByRule(decided, seam)) continue;
    lookAt(seam);
    const isBreak = label[seam] === 1;
    samples.push({ measured: numbers.slice(), odds: look.odds[seam]!, isBreak, weight, kind: labelled.kind, fold });
  }
  return samples;
}

function fit(from: readonly Sample[]): LookTrees {
  return boost(
    from.filter(({ odds }) => Math.abs(odds) < SURE_AT_FIRST),
    LOOKS.length,
    rising,
  );
}

function oddsWith(trees: LookTrees, { odds, measured }: Sample): number {
  if (Math.abs(odds) >= SURE_AT_FIRST) return odds;
  const bins = Uint8Array.from(measured, (number, place) => binOf(trees, place, number));
  return odds + oddsOfTrees(trees, bins);
}

function render(json: string): string {
  return `import type { PackedTrees } from './look-trees.ts';

/** The trees of the second look. Written by \`npm run fit:look\`; not set by hand. */
export const LOOK_TREES: PackedTrees = ${json};
`;
}
