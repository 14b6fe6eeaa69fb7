import { LEAF, STEPS, type LookTrees } from '../core/seams/evidence/look-trees.ts';
import { seededRandom } from '../core/testing/random.ts';

/** One seam to learn from: what was measured there, the odds so far, whether it was a break, and how much it counts. */
export interface Looked {
  readonly measured: Float32Array;
  readonly odds: number;
  readonly isBreak: boolean;
  readonly weight: number;
}

const TREES = 140;
const DEEPEST = 5;
const RATE = 0.07;
/** Each tree learns from this share of the seams and may ask about this share of what is measured, drawn at random. */
const SHARE_OF_SEAMS = 0.6;
const SHARE_OF_QUESTIONS = 0.6;
const SEED = 7;
const FEWEST_IN_A_LEAF = 20;
const RIDGE = 4;
const LEAST_GAIN = 0.05;
const MOST_CUTS = 40;

interface Node {
  asked: number;
  cut: number;
  odds: number;
  children?: readonly [Node, Node];
}

/**
 * Fits trees that correct given odds, by gradient boosting with the logistic loss (J. Friedman, "Greedy function approximation", 2001;
 * leaves by Newton's step as in T. Chen and C. Guestrin, 2016), each on a part of the seams (J. Friedman, "Stochastic gradient boosting",
 * 2002). Deterministic. `rising`: places of what may only speak for a break the more there is of it.
 */
export function boost(looked: readonly Looked[], size: number, rising: ReadonlySet<number>): LookTrees {
  const cuts = Array.from({ length: size }, (_, at) => cutsOf(looked.map(({ measured }) => measured[at]!)));
  const bins = cuts.map((of, at) =>
    Uint8Array.from(looked, ({ measured }) => of.filter((cut) => measured[at]! > cut).length),
  );
  const odds = Float64Array.from(looked, (one) => one.odds);
  const pull = new Float64Array(looked.length);
  const stiffness = new Float64Array(looked.length);
  const random = seededRandom(SEED);
  const mayAsk = new Uint8Array(size);
  const roots = Array.from({ length: TREES }, () => {
    for (const [at, { isBreak, weight }] of looked.entries()) {
      const p = 1 / (1 + Math.exp(-odds[at]!));
      pull[at] = weight * ((isBreak ? 1 : 0) - p);
      stiffness[at] = weight * p * (1 - p);
    }
    for (let asked = 0; asked < size; asked++) mayAsk[asked] = random() < SHARE_OF_QUESTIONS ? 1 : 0;
    const root = grow(
      Int32Array.from(looked, (_, at) => at).filter(() => random() < SHARE_OF_SEAMS),
      0,
    );
    for (let at = 0; at < looked.length; at++) odds[at]! += oddsBelow(root, at);
    return root;
  });
  return flatten(cuts, roots);

  function oddsBelow({ asked, cut, odds: own, children }: Node, at: number): number {
    return children ? oddsBelow(children[bins[asked]![at]! > cut ? 1 : 0], at) : own;
  }

  function grow(all: Int32Array, depth: number): Node {
    let [sum, weight] = [0, 0];
    for (const at of all) {
      sum += pull[at]!;
      weight += stiffness[at]!;
    }
    const node: Node = { asked: LEAF, cut: 0, odds: (RATE * sum) / (weight + RIDGE) };
    const split = depth < DEEPEST && all.length >= 2 * FEWEST_IN_A_LEAF ? bestSplit(all, sum, weight) : undefined;
    if (!split) return node;
    const isAbove = (at: number) => bins[split.asked]![at]! > split.cut;
    const children = [all.filter((at) => !isAbove(at)), all.filter(isAbove)].map((part) => grow(part, depth + 1));
    return { ...node, ...split, children: [children[0]!, children[1]!] };
  }

  function bestSplit(all: Int32Array, sum: number, weight: number): Pick<Node, 'asked' | 'cut'> | undefined {
    let best = LEAST_GAIN;
    let found: Pick<Node, 'asked' | 'cut'> | undefined;
    for (let asked = 0; asked < size; asked++) {
      if (!mayAsk[asked]) continue;
      const sums = new Float64Array(MOST_CUTS + 1);
      const weights = new Float64Array(MOST_CUTS + 1);
      const counts = new Int32Array(MOST_CUTS + 1);
      for (const at of all) {
        const bin = bins[asked]![at]!;
        sums[bin]! += pull[at]!;
        weights[bin]! += stiffness[at]!;
        counts[bin]!++;
      }
      let [low, lowWeight, lowCount] = [0, 0, 0];
      for (let cut = 0; cut < cuts[asked]!.length; cut++) {
        low += sums[cut]!;
        lowWeight += weights[cut]!;
        lowCount += counts[cut]!;
        if (lowCount < FEWEST_IN_A_LEAF || all.length - lowCount < FEWEST_IN_A_LEAF) continue;
        const [high, highWeight] = [sum - low, weight - lowWeight];
        if (rising.has(asked) && high / (highWeight + RIDGE) < low / (lowWeight + RIDGE)) continue;
        const gain = low ** 2 / (lowWeight + RIDGE) + high ** 2 / (highWeight + RIDGE) - sum ** 2 / (weight + RIDGE);
        if (gain > best) [best, found] = [gain, { asked, cut }];
      }
    }
    return found;
  }
}

/** Cuts between values, as many to either side of each; all there are, where there are few. */
function cutsOf(values: readonly number[]): number[] {
  const sorted = Float32Array.from(values).sort();
  const different = [...new Set(sorted)];
  if (different.length <= MOST_CUTS) return different.slice(0, -1);
  const quantiles = Array.from(
    { length: MOST_CUTS - 1 },
    (_, at) => sorted[Math.floor(((at + 1) * sorted.length) / MOST_CUTS)]!,
  );
  return [...new Set(quantiles)];
}

function flatten(cuts: readonly (readonly number[])[], roots: readonly Node[]): LookTrees {
  const nodes: { asked: number; cut: number; second: number; odds: number }[] = [];
  const write = ({ asked, cut, odds, children }: Node): void => {
    const own = { asked, cut, second: 0, odds: Math.round(odds * STEPS) };
    const at = nodes.push(own) - 1;
    if (!children) return;
    write(children[0]);
    own.second = nodes.length - at;
    write(children[1]);
  };
  const starts = roots.map((root) => {
    const at = nodes.length;
    write(root);
    return at;
  });
  return {
    cuts: cuts.map((of) => Float32Array.from(of)),
    asked: Uint8Array.from(nodes, ({ asked }) => asked),
    cut: Uint8Array.from(nodes, ({ cut }) => cut),
    second: Uint8Array.from(nodes, ({ second }) => second),
    odds: Int16Array.from(nodes, ({ odds }) => odds),
    roots: starts,
  };
}
