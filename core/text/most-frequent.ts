/** The value that comes most often, the first of several; 0 where there is none. */
export function mostFrequent(values: Iterable<number>): number {
  const counts = new Map<number, number>();
  let best = 0;
  for (const value of values) {
    const count = (counts.get(value) ?? 0) + 1;
    counts.set(value, count);
    if (count > (counts.get(best) ?? 0)) best = value;
  }
  return best;
}
