import type { RowPlan, Spot } from '../../../../core/index.ts';
import type { Selected } from './selected.ts';

/** Behind the end of any row. */
const END = 2 ** 31;

/** The whole text as a selection; undefined where no row has any words. */
export function wholeText(plan: RowPlan): Selected | undefined {
  let first = 0;
  let last = plan.count - 1;
  while (first < plan.count && plan.cleanLength[first] === 0) first++;
  while (last > first && plan.cleanLength[last] === 0) last--;
  if (first >= plan.count) return undefined;
  return {
    portion: { from: plan.from[0]!, to: plan.to[plan.count - 1]! },
    spots: [
      { row: plan.from[first]!, offset: 0 },
      { row: plan.from[last]!, offset: END },
    ],
    isWriting: false,
  };
}

/** Whether a selection reaches over several paragraphs. */
export function isWide(spots: readonly [Spot, Spot] | undefined): boolean {
  return spots !== undefined && spots[0].row !== spots[1].row;
}
