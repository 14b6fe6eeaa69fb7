import type { Analysis } from '../decided/analysis.ts';
import { decisionsInForce } from '../decided/seams-in-force.ts';
import { visibleLines } from '../decided/visible-lines.ts';
import { addTallies, takenFrom, tallyWords, type WordTally } from '../edits/conservation.ts';
import { Decision } from '../seams/seam-table.ts';
import { rulesInForce } from '../style/rules.ts';
import { applyRules } from './apply-rules.ts';
import type { Block } from './block.ts';
import { blockBuilder, rulingsFor } from './build-block.ts';
import type { Cleaning, Splice } from './cleaning.ts';
import { wasRuled, wordLists } from './output.ts';
import { reusableBlocks } from './reusable-blocks.ts';

/** Told before an own rule begins its work, so that whoever waits can see one that does not end. */
export type OnRule = (rule: string) => void;

/** Builds the blocks of an analysis, taking over from `before` those that nothing has touched. */
export function assemble(analysis: Analysis, before?: Cleaning, onRule?: OnRule): Cleaning {
  const { source, style, permits } = analysis;
  const { decision, settled } = decisionsInForce(analysis);
  const visible = visibleLines(analysis, decision, settled);
  const { kept } = visible;
  const builder = blockBuilder(analysis, visible);
  const reusable = before && reusableBlocks(before, analysis, visible);
  const base: Block[] = [];
  const splices = spliceRecorder(before?.base.length ?? 0);
  for (let first = 0; first < kept.length;) {
    const end = visible.decision.indexOf(Decision.break, first);
    const last = end < 0 ? kept.length - 1 : end;
    const at = reusable?.(first, last);
    const old = at === undefined ? undefined : before!.base[at]!;
    const kind = old?.kind ?? builder.kindOf(first, last);
    const apart = builder.apart(base.at(-1)?.kind, kind);
    const isReused = old?.apart === apart;
    splices.note(isReused ? at : undefined);
    base.push(isReused ? old : builder.build(first, last, kind, apart));
    first = last + 1;
  }
  const rules = rulesInForce(style);
  const unruled = { source, blocks: base, tail: builder.tail(base.at(-1)?.to ?? 0) };
  const { blocks, tail } = applyRules(unruled, rules, rulingsFor(permits), onRule);
  const now = { ...analysis, decision, settled, visible, base, blocks, tail };
  if (before && !wasRuled(before) && !wasRuled(now)) {
    const found = splices.all();
    return { ...now, splices: found, tally: tallyAfter(before, now, found) };
  }
  return { ...now, splices: undefined, tally: tallyOf(now) };
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

/** Makes splices of what is noted of each new block in turn: the place of the old one that it is. */
function spliceRecorder(oldCount: number) {
  const splices: Splice[] = [];
  let old = 0;
  let at = 0;
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
    all(): readonly Splice[] {
      close(oldCount);
      return splices;
    },
  };
}
