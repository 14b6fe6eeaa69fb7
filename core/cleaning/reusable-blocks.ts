import type { Choice } from '../choices/choice.ts';
import { overlaps, toRanges } from '../choices/ranges.ts';
import type { Analysis, VisibleLines } from '../decided/analysis.ts';
import { isSameStretch } from '../decided/visible-lines.ts';
import type { Cleaning } from './cleaning.ts';

/**
 * Finds the blocks of an earlier cleaning that are as they were: same lines, same decisions, same passes, and no choice about them
 * is new, changed or gone. To be asked about blocks in order, by the places of their lines among those that stand; gives the place
 * of the old block, undefined where there is none.
 */
export function reusableBlocks(
  before: Cleaning,
  { style, choices }: Analysis,
  now: VisibleLines,
): (first: number, last: number) => number | undefined {
  const changed = changedChoices(before.choices, choices);
  const nothing = () => undefined;
  if (blockStyle(style) !== blockStyle(before.style) || changed.some(({ kind }) => kind === 'limit')) return nothing;
  // A choice that touches a block at its end is about it.
  const touched = toRanges(changed.map(({ from, to }) => ({ from: from - 1, to: to + 1 })));
  const old = before.visible;
  let at = 0;
  let line = 0;
  return (first, last) => {
    const kept = now.kept[first]!;
    while (at < before.base.length && before.base[at]!.firstKept < kept) at++;
    const block = before.base[at];
    if (block?.firstKept !== kept || block.lastKept !== now.kept[last]) return undefined;
    while (old.kept[line]! < kept) line++;
    const isSame = isSameStretch(old, line, now, first, last) && !overlaps(touched, block.gapFrom, block.to);
    return isSame ? at : undefined;
  };
}

/** All of a style that blocks depend on before own rules. */
function blockStyle({ passes, settings, order, apart }: Analysis['style']): string {
  return JSON.stringify([passes, settings, order, apart]);
}

const TOUCHES_BLOCKS: ReadonlySet<Choice['kind']> = new Set(['stet', 'approve', 'limit', 'hold', 'rewrite', 'drop']);

/** The choices about edits that are new, changed or gone. */
function changedChoices(before: readonly Choice[], after: readonly Choice[]): Choice[] {
  const keys = (choices: readonly Choice[]) =>
    new Map(choices.filter(({ kind }) => TOUCHES_BLOCKS.has(kind)).map((choice) => [JSON.stringify(choice), choice]));
  const old = keys(before);
  const now = keys(after);
  return [...[...old].filter(([key]) => !now.has(key)), ...[...now].filter(([key]) => !old.has(key))].map(
    ([, choice]) => choice,
  );
}
