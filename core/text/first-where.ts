/** The first of the numbers 0 to count - 1 for which something holds, if it holds for all after it too; else count. Logarithmic. */
export function firstWhere(count: number, holds: (at: number) => boolean): number {
  let low = 0;
  let high = count;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (holds(middle)) high = middle;
    else low = middle + 1;
  }
  return low;
}
