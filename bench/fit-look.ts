import { writeFileSync } from 'node:fs';
import { binOf, oddsOfTrees, packTrees, type LookTrees } from '../core/seams/look-trees.ts';
import { looker, LOOKS, SURE_AT_FIRST, type LookName } from '../core/seams/second-look.ts';
import { looksAgain } from '../core/seams/look-again.ts';
import { settlerOf } from '../core/seams/verdicts.ts';
import { DEFAULT_STYLE } from '../core/index.ts';
import { boost, type Looked } from './boost.ts';
import { everydayCases, generatedCases, readCases, type LabelledCase } from './cases.ts';
import { documentsOf } from './documents.ts';
import { labelSeams } from './label.ts';

/**
 * Fits the trees of the second look and writes them to core/seams/look-model.ts: `npm run fit:look [-- --cases DIR]`. It learns from
 * what `npm run fit` learns from; prints figures on held-back documents first, by kind (five folds).
 */
const FOLDS = 5;
const WEIGHT_OF_GENERATED = 0.15;
/** A short text counts as if it had so many line ends, up to so many times. */
const SHORT = 60;
const MOST_FOR_SHORT = 6;
/** The more room there was, or the wider the gap, the more a paragraph ends: never the less. */
const RISING: readonly LookName[] = ['room', 'odds', 'gapScore'];
const rising = new Set(RISING.map((name) => LOOKS.indexOf(name)));

interface Sample extends Looked {
  readonly kind: string;
  /** -1 for those that are never held back. */
  readonly fold: number;
}

const at = process.argv.indexOf('--cases');
const real = [...everydayCases(), ...(at < 0 ? [] : readCases(process.argv[at + 1]!))];
const documents = documentsOf(real);
const folds = new Map([...new Set(documents)].map((document, number) => [document, number]));
const samples = [
  ...real.flatMap((labelled, one) => samplesOf(labelled, folds.get(documents[one]!)! % FOLDS)),
  ...generatedCases().flatMap((labelled) => samplesOf(labelled, -1)),
];

const held: [Sample, number][] = [];
for (let fold = 0; fold < FOLDS; fold++) {
  const trees = fit(samples.filter((sample) => sample.fold !== fold));
  for (const sample of samples) if (sample.fold === fold) held.push([sample, oddsWith(trees, sample)]);
}
process.stdout.write(`first look:  ${describe(held.map(([sample]) => [sample, sample.odds]))}\n`);
process.stdout.write(`second look: ${describe(held)}\n`);
const packed = packTrees(fit(samples));
writeFileSync('core/seams/look-model.ts', render(JSON.stringify(packed, undefined, 2)));

function samplesOf(labelled: LabelledCase, fold: number): Sample[] {
  const { decided, label } = labelSeams(labelled);
  if (!looksAgain(decided.look)) return [];
  const numbers = new Float32Array(LOOKS.length);
  const lookAt = looker(decided.look, (place, number) => {
    numbers[place] = number;
  });
  const known = label.filter((one) => one >= 0).length;
  const weight = fold < 0 ? WEIGHT_OF_GENERATED : Math.min(MOST_FOR_SHORT, Math.max(1, SHORT / Math.max(1, known)));
  return Array.from(label, (one, seam) => ({ one, seam })).flatMap(({ one, seam }) => {
    const settler = settlerOf(decided, seam);
    if (one < 0 || (settler !== 'evidence' && settler !== 'verse')) return [];
    lookAt(seam);
    const measured = numbers.slice();
    return [{ measured, odds: decided.look.odds[seam]!, isBreak: one === 1, weight, kind: labelled.kind, fold }];
  });
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
  return (
    odds +
    oddsOfTrees(
      trees,
      Uint8Array.from(measured, (number, place) => binOf(trees, place, number)),
    )
  );
}

function describe(found: readonly (readonly [Sample, number])[]): string {
  const kinds = [...new Set(found.map(([{ kind }]) => kind))].sort();
  const f1 = (of: readonly (readonly [Sample, number])[]) => {
    const right = of.filter(([{ isBreak }, odds]) => isBreak && odds > 0).length;
    const wrong = of.filter(([{ isBreak }, odds]) => isBreak !== odds > 0).length;
    return ((200 * right) / Math.max(1, 2 * right + wrong)).toFixed(1);
  };
  const wrong = found.filter(([{ isBreak }, odds]) => isBreak !== odds > 0);
  const isDoubted = ([, odds]: readonly [Sample, number]) =>
    1 / (1 + Math.exp(-Math.abs(odds))) < DEFAULT_STYLE.certaintyLimit;
  const doubted = found.filter(isDoubted).length;
  const wrongDoubted = wrong.filter(isDoubted).length;
  const undoubted = 1 - (wrong.length - wrongDoubted) / Math.max(1, found.length - doubted);
  const percent = (share: number, places = 1) => (100 * share).toFixed(places);
  return [
    `F1 ${f1(found)}`,
    ...kinds.map((kind) => `${kind} ${f1(found.filter(([sample]) => sample.kind === kind))}`),
    `${wrong.length} wrong of ${found.length}, undoubted right ${percent(undoubted, 2)} %`,
    `doubts ${percent(doubted / found.length)} % holding ${percent(wrongDoubted / Math.max(1, wrong.length))} %`,
  ].join(', ');
}

function render(json: string): string {
  return `import type { PackedTrees } from './look-trees.ts';

/** The trees of the second look. Written by \`npm run fit:look\`; not set by hand. */
export const LOOK_TREES: PackedTrees = ${json};
`;
}
