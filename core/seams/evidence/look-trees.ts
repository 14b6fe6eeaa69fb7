import { LOOKS, type LookName } from './second-look.ts';

/**
 * Trees of decisions over what the second look measures. Each tree asks at its nodes whether one number is above a cut, and gives log
 * odds at its leaves; the sum over all trees is added to the odds of the evidence. Fitted by gradient boosting (J. Friedman, 2001):
 * see bench/boost.ts.
 */
export interface LookTrees {
  /** By the place in LOOKS: the cuts, in ascending order. */
  readonly cuts: readonly Float32Array[];
  /** By node: the place in LOOKS of what is asked; LEAF for a leaf. The first child is the next node. */
  readonly asked: Uint8Array;
  /** By node: above the cut of this number the second child is the next. */
  readonly cut: Uint8Array;
  /** By node: how many nodes on the second child is. */
  readonly second: Uint8Array;
  /** By node: the log odds there, in STEPS; at nodes within the tree those of all that came so far. */
  readonly odds: Int16Array;
  /** The first node of each tree. */
  readonly roots: readonly number[];
}

export const LEAF = 61;
/** Log odds are stored in so many parts of one. */
export const STEPS = 2048;

/** The place of what was measured among the cuts: how many lie below it. Nodes compare these. */
export function binOf({ cuts }: LookTrees, at: number, measured: number): number {
  const of = cuts[at]!;
  let low = 0;
  let high = of.length;
  // Asked for very often: in place, not by a function that is handed on.
  while (low < high) {
    const middle = (low + high) >> 1;
    if (of[middle]! < measured) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The log odds that the trees add. */
export function oddsOfTrees({ asked, cut, second, odds, roots }: LookTrees, bins: Uint8Array): number {
  let sum = 0;
  for (const root of roots) {
    let node = root;
    while (asked[node] !== LEAF) node += bins[asked[node]!]! > cut[node]! ? second[node]! : 1;
    sum += odds[node]!;
  }
  return sum / STEPS;
}

/** What each thing that was measured adds: what changes from node to node is put down to what was asked there. */
export function explainTrees({ asked, cut, second, odds, roots }: LookTrees, bins: Uint8Array): Map<LookName, number> {
  const adds = new Map<LookName, number>();
  for (const root of roots) {
    let node = root;
    while (asked[node] !== LEAF) {
      const next = node + (bins[asked[node]!]! > cut[node]! ? second[node]! : 1);
      const name = LOOKS[asked[node]!]!;
      adds.set(name, (adds.get(name) ?? 0) + (odds[next]! - odds[node]!) / STEPS);
      node = next;
    }
  }
  return adds;
}

/** Trees as text: each number in one figure of base 62, the odds in three. */
export interface PackedTrees {
  readonly cuts: readonly (readonly number[])[];
  readonly asked: string;
  readonly cut: string;
  readonly second: string;
  readonly odds: string;
}

export function unpackTrees({ cuts, asked, cut, second, odds }: PackedTrees): LookTrees {
  const nodes = Uint8Array.from(numbersOf(asked, 1));
  const seconds = Uint8Array.from(numbersOf(second, 1));
  return {
    cuts: cuts.map((of) => Float32Array.from(of)),
    asked: nodes,
    cut: Uint8Array.from(numbersOf(cut, 1)),
    second: seconds,
    odds: Int16Array.from(numbersOf(odds, 3), (number) => number - ODDS_FROM),
    roots: rootsOf(nodes, seconds),
  };
}

export function packTrees({ cuts, asked, cut, second, odds }: LookTrees): PackedTrees {
  return {
    cuts: cuts.map((of) => Array.from(of, (value) => Number(value.toPrecision(6)))),
    asked: textOf(asked, 1),
    cut: textOf(cut, 1),
    second: textOf(second, 1),
    odds: textOf(
      Array.from(odds, (number) => number + ODDS_FROM),
      3,
    ),
  };
}

/** Trees stand one behind the other, each node before its children. */
function rootsOf(asked: Uint8Array, second: Uint8Array): number[] {
  const roots: number[] = [];
  const endOf = (node: number): number => (asked[node] === LEAF ? node + 1 : endOf(node + second[node]!));
  for (let node = 0; node < asked.length; node = endOf(node)) roots.push(node);
  return roots;
}

const FIGURES = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz';
/** What is stored for odds of 0. */
const ODDS_FROM = 2 ** 15;

function numbersOf(text: string, length: number): number[] {
  return Array.from({ length: text.length / length }, (_, at) => {
    let number = 0;
    for (let figure = 0; figure < length; figure++)
      number = number * FIGURES.length + FIGURES.indexOf(text[at * length + figure]!);
    return number;
  });
}

function textOf(numbers: ArrayLike<number>, length: number): string {
  return Array.from(numbers, (number) => {
    let text = '';
    for (let rest = number; text.length < length; rest = Math.floor(rest / FIGURES.length))
      text = FIGURES[rest % FIGURES.length]! + text;
    return text;
  }).join('');
}
