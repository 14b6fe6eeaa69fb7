import { PASSES, type Pass } from '../../../../core/index.ts';

/** What was done to a text: the passes worth a word, the busiest first, and how much else there was. */
export interface Story {
  readonly told: readonly { readonly pass: string; readonly words: string }[];
  readonly others: number;
}

const MOST_TOLD = 4;
/** White space between lines goes with whatever joins or parts them: where something is told, this is not. */
const UNTOLD: ReadonlySet<string> = new Set(['blank-lines', 'edge-spaces']);

/** The story of some counts of edits by pass or own rule. */
export function storyOf(counts: Readonly<Record<string, number>>): Story {
  const told = PASSES.filter((pass: Pass) => pass.done !== undefined && (counts[pass.id] ?? 0) > 0)
    .sort((a, b) => counts[b.id]! - counts[a.id]!)
    .slice(0, MOST_TOLD)
    .map((pass: Pass & { readonly id: string }) => {
      const count = counts[pass.id]!;
      return { pass: pass.id, words: `${count.toLocaleString('en')} ${pass.done![count === 1 ? 0 : 1]}` };
    });
  const isTold = (id: string) => (told.length > 0 && UNTOLD.has(id)) || told.some(({ pass }) => pass === id);
  const others = Object.entries(counts).reduce((sum, [id, count]) => sum + (isTold(id) ? 0 : count), 0);
  return { told, others };
}
