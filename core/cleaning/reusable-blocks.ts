import type { Choice } from '../choices/choice.ts';
import { overlaps, toRanges } from '../choices/ranges.ts';
import type { Analysis, VisibleLines } from '../decided/analysis.ts';
import { firstWhere } from '../text/first-where.ts';
import { isSameStretch } from '../decided/visible-lines.ts';
import type { Cleaning } from './cleaning.ts';

/** The blocks of an earlier cleaning that are as they were: same lines, same decisions, same passes, same choices about them. */
export interface ReusableBlocks {
  /** So many at the beginning, and so many at the end: told without looking at each of them. */
  readonly head: number;
  readonly tail: number;
  /**
   * The place of the old block that a run of lines makes again; undefined where there is none. To be asked in order, by the places
   * of first and last line among those that stand.
   */
  find(first: number, last: number): number | undefined;
}

const NONE: ReusableBlocks = { head: 0, tail: 0, find: () => undefined };

export function reusableBlocks(
  before: Cleaning,
  { style, choices, decided }: Analysis,
  now: VisibleLines,
): ReusableBlocks {
  const changed = changedChoices(before.choices, choices);
  if (blockStyle(style) !== blockStyle(before.style) || changed.some(({ kind }) => kind === 'limit')) return NONE;
  // What a block is depends on what the evidence says of the lines around it.
  if (before.decided !== decided) return NONE;
  // A choice that touches a block at its end is about it.
  const touched = toRanges(changed.map(({ from, to }) => ({ from: from - 1, to: to + 1 })));
  const { base, visible: old } = before;
  let at = 0;
  let line = 0;
  return {
    ...sameEnds(before, now, changed),
    find(first, last) {
      const kept = now.kept[first]!;
      at = Math.max(
        at,
        firstWhere(base.length, (place) => base[place]!.firstKept >= kept),
      );
      const block = base[at];
      if (block?.firstKept !== kept || block.lastKept !== now.kept[last]) return undefined;
      line = firstWhere(old.kept.length, (place) => old.kept[place]! >= kept);
      const isSame = isSameStretch(old, line, now, first, last) && !overlaps(touched, block.gapFrom, block.to);
      return isSame ? at : undefined;
    },
  };
}

/** How many blocks before all that changed, and behind it, are as they were. */
function sameEnds({ base, visible: old }: Cleaning, now: VisibleLines, changed: readonly Choice[]) {
  const length = Math.min(old.kept.length, now.kept.length);
  let same = 0;
  while (same < length && old.kept[same] === now.kept[same] && old.decision[same] === now.decision[same]) same++;
  const oldEnd = old.kept.length;
  const nowEnd = now.kept.length;
  let back = 0;
  // The last line has no decision below it.
  const isSameBack = (place: number) =>
    old.kept[oldEnd - 1 - place] === now.kept[nowEnd - 1 - place] &&
    (place === 0 || old.decision[oldEnd - 1 - place] === now.decision[nowEnd - 1 - place]);
  while (back < length - same && isSameBack(back)) back++;
  const first = Math.min(...changed.map(({ from }) => from));
  const last = Math.max(...changed.map(({ to }) => to));
  const lineOf = (kept: number) => firstWhere(oldEnd, (place) => old.kept[place]! >= kept);
  // The line end below a block is the last that it depends on, the one above it the first.
  const head = firstWhere(base.length, (at) => base[at]!.to >= first || lineOf(base[at]!.lastKept) >= same);
  const rest = firstWhere(base.length, (at) => base[at]!.gapFrom > last && lineOf(base[at]!.firstKept) > oldEnd - back);
  return { head, tail: base.length - Math.max(head, rest) };
}

/** All of a style that blocks depend on before own rules. */
function blockStyle({ passes, settings, order, apart, shapes }: Analysis['style']): string {
  return JSON.stringify([passes, settings, order, apart, shapes]);
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
