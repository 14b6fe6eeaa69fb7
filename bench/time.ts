/** CPU time of some work, in ms: what else the machine does counts little. */
function cpuTime(work: () => unknown): number {
  const start = process.cpuUsage();
  work();
  const { user, system } = process.cpuUsage(start);
  return (user + system) / 1000;
}

/** The least CPU time of each piece of work over some rounds, in ms. The rounds take turns, so that a busy machine is so for all. */
export function least(rounds: number, works: readonly (() => unknown)[]): number[] {
  const times = works.map(() => Infinity);
  for (let round = 0; round < rounds; round++) {
    for (const [at, work] of works.entries()) times[at] = Math.min(times[at]!, cpuTime(work));
  }
  return times;
}

/** The middle CPU time of a piece of work over some rounds, in ms; each round gets its number. */
export function middle(rounds: number, work: (round: number) => unknown): number {
  const times = Array.from({ length: rounds }, (_, round) => cpuTime(() => work(round)));
  return times.sort((a, b) => a - b)[rounds >> 1]!;
}
