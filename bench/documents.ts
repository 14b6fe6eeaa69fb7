import type { LabelledCase } from './cases.ts';

const WORDS_COMPARED = 6;
/** Cases that share this part of their words are of one document. */
const SHARED = 0.05;
/** What more cases share is a phrase of many. */
const MOST_SHARING = 12;

/** For each case the number of its document: cases of one document belong together when some are held back. */
export function documentsOf(cases: readonly LabelledCase[]): number[] {
  const own = cases.map(({ name, truth }) => {
    const words = truth.join(' ').split(/\s+/);
    const runs = words.slice(WORDS_COMPARED - 1).map((_, at) => words.slice(at, at + WORDS_COMPARED).join(' '));
    return new Set(runs.length === 0 ? [name] : runs);
  });
  const holders = new Map<string, number[]>();
  for (const [at, runs] of own.entries()) for (const run of runs) holders.set(run, [...(holders.get(run) ?? []), at]);
  const shared = new Map<string, number>();
  for (const all of holders.values()) {
    if (all.length > MOST_SHARING) continue;
    for (const other of all.slice(1)) {
      const pair = `${all[0]} ${other}`;
      shared.set(pair, (shared.get(pair) ?? 0) + 1);
    }
  }
  const first = cases.map((_, at) => at);
  const find = (at: number): number => (first[at] === at ? at : find(first[at]!));
  for (const [pair, count] of shared) {
    const [one, other] = pair.split(' ').map(Number) as [number, number];
    if (count > SHARED * Math.min(own[one]!.size, own[other]!.size)) first[find(one)] = find(other);
  }
  return first.map((_, at) => find(at));
}
