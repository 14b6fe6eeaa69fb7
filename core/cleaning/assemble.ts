import type { Analysis, VisibleLines } from '../decided/analysis.ts';
import { decisionsInForce } from '../decided/seams-in-force.ts';
import { visibleLines } from '../decided/visible-lines.ts';
import { addTallies, takenFrom, tallyWords, type WordTally } from '../edits/conservation.ts';
import { Decision } from '../seams/seam-table.ts';
import { rulesInForce } from '../style/rules.ts';
import { firstWhere } from '../text/first-where.ts';
import { applyRules } from './apply-rules.ts';
import type { Block } from './block.ts';
import { blockBuilder, rulingsFor, type BlockBuilder } from './build-block.ts';
import type { Cleaning, Splice } from './cleaning.ts';
import { wasRuled, wordLists } from './output.ts';
import { reusableBlocks, type ReusableBlocks } from './reusable-blocks.ts';

/** Told before an own rule begins its work, so that whoever waits can see one that does not end. */
export type OnRule = (rule: string) => void;

/** Builds the blocks of an analysis, taking over from `before` those that nothing has touched. */
export function assemble(analysis: Analysis, before?: Cleaning, onRule?: OnRule): Cleaning {
  const { source, style, permits } = analysis;
  const { decision, settled } = decisionsInForce(analysis);
  const visible = visibleLines(analysis, decision, settled);
  const builder = blockBuilder(analysis, visible);
  const { base, splices } = baseBlocks(
    builder,
    visible,
    before && { before, ...reusableBlocks(before, analysis, visible) },
  );
  const rules = rulesInForce(style);
  const unruled = { source, blocks: base, tail: builder.tail(base.at(-1)?.to ?? 0) };
  const { blocks, tail } = applyRules(unruled, rules, rulingsFor(permits), onRule);
  const now = { ...analysis, decision, settled, visible, base, blocks, tail, failed: [] };
  if (before && !wasRuled(before) && !wasRuled(now)) {
    return { ...now, splices, tally: tallyAfter(before, now, splices) };
  }
  return { ...now, splices: undefined, tally: tallyOf(now) };
}

/** The blocks before own rules; those of an earlier cleaning that nothing has touched are the same objects. */
function baseBlocks(
  builder: BlockBuilder,
  { kept, decision }: VisibleLines,
  reusable?: ReusableBlocks & { readonly before: Cleaning },
): { readonly base: Block[]; readonly splices: readonly Splice[] } {
  const old = reusable?.before.base ?? [];
  const base = old.slice(0, reusable?.head ?? 0);
  const splices = spliceRecorder(old.length, base.length);
  /** Where the old blocks begin that are taken over all at once. */
  let rest = old.length - (reusable?.tail ?? 0);
  const lastKept = base.at(-1)?.lastKept ?? -1;
  for (let first = firstWhere(kept.length, (at) => kept[at]! > lastKept); first < kept.length;) {
    const next = old[rest];
    if (next && next.firstKept === kept[first]) {
      // What stands before a block depends on the kind of the one before it.
      if (builder.apart(base.at(-1)?.kind, next.kind, first) === next.apart) {
        splices.noteRest(rest);
        return { base: base.concat(old.slice(rest)), splices: splices.all() };
      }
      rest++;
    }
    const end = decision.indexOf(Decision.break, first);
    const last = end < 0 ? kept.length - 1 : end;
    const at = reusable?.find(first, last);
    const known = at === undefined ? undefined : old[at]!;
    const kind = known?.kind ?? builder.kindOf(first, last);
    const apart = builder.apart(base.at(-1)?.kind, kind, first);
    const isReused = known?.apart === apart;
    splices.note(isReused ? at : undefined);
    base.push(isReused ? known : builder.build(first, last, kind, apart));
    first = last + 1;
  }
  return { base, splices: splices.all() };
}

type Untallied = Omit<Cleaning, 'tally' | 'splices'>;

function tallyOf(cleaning: Untallied): WordTally {
  const { source, index, blocks, tail } = cleaning;
  if (wasRuled(cleaning)) return tallyWords(source, index, wordLists(cleaning)[0]!);
  return blocks.reduce((sum, block) => addTallies(sum, block.tally), tallyWords(source, index, tail));
}

/** The tally of a revised cleaning, by what went and what came. */
function tallyAfter(before: Cleaning, now: Untallied, splices: readonly Splice[]): WordTally {
  const { source, index } = now;
  let tally = takenFrom(before.tally, tallyWords(source, index, before.tail));
  for (const { at, removed, to, added } of splices) {
    for (const block of before.base.slice(at, at + removed)) tally = takenFrom(tally, block.tally);
    for (const block of now.base.slice(to, to + added)) tally = addTallies(tally, block.tally);
  }
  return addTallies(tally, tallyWords(source, index, now.tail));
}

/** Makes splices of what is noted of each new block in turn, from `head` on: the place of the old one that it is. */
function spliceRecorder(oldCount: number, head: number) {
  const splices: Splice[] = [];
  let old = head;
  let at = head;
  let added = 0;
  const close = (next: number) => {
    if (next > old || added > 0) splices.push({ at: old, removed: next - old, to: at - added, added });
    added = 0;
  };
  return {
    note(place: number | undefined): void {
      if (place === undefined) added++;
      else {
        close(place);
        old = place + 1;
      }
      at++;
    },
    /** All from here on are the old blocks from a place on. */
    noteRest(place: number): void {
      close(place);
      old = oldCount;
    },
    all(): readonly Splice[] {
      close(oldCount);
      return splices;
    },
  };
}
