import type { Analysis, Cleaning } from './cleaning.ts';
import type { Block } from './blocks/block.ts';
import { blockPieces, gapBetween, type GapRules } from './blocks/build-blocks.ts';
import { kindOfBlock } from './blocks/kind-of-block.ts';
import { joinAsides } from './blocks/asides.ts';
import type { Choice } from './choices/choice.ts';
import { isApproved, isConstrained, mayEdit, type Permits } from './choices/permits.ts';
import { applyRewrites, rewritesOf, rewritesWithin } from './choices/rewrites.ts';
import { addTallies, tallyWords } from './edits/conservation.ts';
import { applyLocalEdits, type LocalEdit, type Rulings } from './edits/local-edit.ts';
import { replaced, textOfPieces, type Piece } from './edits/piece.ts';
import { wasRuled, wordLists } from './output.ts';
import { textOfBlock } from './block-text.ts';
import { PAIRS, signsOf } from './text/signs.ts';
import { hasWorkIn, passAtWork } from './passes/pass.ts';
import { applyRules } from './rules/apply-rules.ts';
import { glueAt } from './seams/decide.ts';
import { decisionsInForce } from './seams-in-force.ts';
import { worksWhere } from './works-where.ts';
import { firstWhere } from './text/first-where.ts';
import { isSameStretch, standingLines, type StandingLines } from './standing-lines.ts';
import { Decision } from './seams/seam-table.ts';
import { passesInOrder } from './style/order.ts';
import { rulesInForce } from './style/rules.ts';
import { isPassOn, settingOf, settingsOf } from './style/style.ts';

/** Told before an own rule begins its work, so that whoever waits can see one that does not end. */
export type OnRule = (rule: string) => void;

/** Builds the blocks of an analysis, taking over from `before` those that nothing has touched. */
export function assemble(analysis: Analysis, before?: Cleaning, onRule?: OnRule): Cleaning {
  const { source, index, style, permits } = analysis;
  const { decision, settled } = decisionsInForce(analysis);
  const standing = standingLines(analysis, decision, settled);
  const rules = gapRules(analysis, standing);
  const build = blockBuilder(analysis, rules, standing);
  const { kept } = standing;
  const touched = before && touchedBlocks(before, analysis, standing);
  if (before && touched) {
    const spliced = spliceBlocks(
      before,
      touched,
      standing,
      (first, last, beforeIt) => {
        const kind = kindOfBlock(rules, first, last);
        return build(first, last, kind, first === 0 ? '' : separatorFor(analysis, rules, beforeIt?.kind, kind));
      },
      (beforeIt, block) => (block.firstKept === 0 ? '' : separatorFor(analysis, rules, beforeIt?.kind, block.kind)),
    );
    const { base: spans, removed, added } = spliced;
    const end = spans.at(-1)?.to ?? 0;
    const tail = [...gapBetween(rules, kept.length - 1, end, source.length, ''), ...gatheredNotes(analysis, rules)];
    let tally = addTallies(before.tally, negative(tallyWords(source, index, before.tail)));
    for (const block of removed) tally = addTallies(tally, negative(block.tally));
    for (const block of added) tally = addTallies(tally, block.tally);
    tally = addTallies(tally, tallyWords(source, index, tail));
    return { ...analysis, decision, settled, standing, base: spans, blocks: spans, tail, tally };
  }
  const reusable = before && reusableBlocks(before, analysis);
  const base: Block[] = [];
  for (let first = 0; first < kept.length;) {
    let last = first;
    while (last < kept.length - 1 && standing.decision[last] !== Decision.break) last++;
    const old = reusable?.get(kept[first]!);
    const isSame = old !== undefined && isSameStretch(before!.standing, old.at, standing, first, last);
    const known = isSame && old.block.lastKept === kept[last] ? old.block : undefined;
    const kind = known?.kind ?? kindOfBlock(rules, first, last);
    const apart = first === 0 ? '' : separatorFor(analysis, rules, base.at(-1)?.kind, kind);
    base.push(known?.apart === apart ? known : build(first, last, kind, apart));
    first = last + 1;
  }
  const end = base.at(-1)?.to ?? 0;
  const baseTail = [...gapBetween(rules, kept.length - 1, end, source.length, ''), ...gatheredNotes(analysis, rules)];
  const own = rulesInForce(style);
  const { blocks, tail } = applyRules({ source, blocks: base, tail: baseTail }, own, rulingsFor(permits), onRule);
  const parts = { base, blocks, tail };
  const tally = wasRuled(parts)
    ? tallyWords(source, index, wordLists(parts)[0]!)
    : blocks.reduce((sum, block) => addTallies(sum, block.tally), tallyWords(source, index, tail));
  return { ...analysis, decision, settled, standing, ...parts, tally };
}

function gapRules(analysis: Analysis, standing: StandingLines): GapRules {
  const { source, style, table, decided, across } = analysis;
  const { line, kept, decision } = standing;
  return {
    source,
    table,
    standing: line,
    decision,
    glueAt: (at) =>
      glueAt(source, table, line[at]!, line[at + 1]!, (across ?? decided).splits.get(across ? at : kept[at]!)),
    separator: style.apart === 'line' ? '\n' : '\n\n',
    asidesBehind: settingOf(style, 'footnotes', 'place') === 'behind',
    trimsEdges: worksWhere(analysis, 'edge-spaces'),
    trimsBlankLines: worksWhere(analysis, 'blank-lines'),
    usualIndent: decided.usualIndent,
  };
}

/** What stands between a block and the one before it. */
function separatorFor(
  { style }: Analysis,
  { separator }: GapRules,
  before: Block['kind'] | undefined,
  kind: Block['kind'],
): string {
  if (before !== 'list-item' || kind !== 'list-item') return separator;
  return settingOf(style, 'blank-lines', 'items') === 'close' ? '\n' : separator;
}

/** The footnotes of the whole text, where they are gathered at its end. */
function gatheredNotes({ source, style, table }: Analysis, rules: GapRules): Piece[] {
  if (!isPassOn(style, 'footnotes') || settingOf(style, 'footnotes', 'place') !== 'end') return [];
  const text = joinAsides(source, table, rules.separator);
  return text === '' ? [] : [replaced(source.length, source.length, rules.separator + text, 'footnotes')];
}

function blockBuilder(
  { source, style, choices, context, table, index, permits }: Analysis,
  rules: GapRules,
  { kept, line }: StandingLines,
) {
  const rewrites = rewritesOf(choices);
  const rulings = rulingsFor(permits);
  const passes = passesInOrder(style)
    .filter((pass) => isPassOn(style, pass.id))
    .map((pass) => ({ ...passAtWork(pass, settingsOf(style, pass)), rulings: rulings(pass.id) }));
  return (first: number, last: number, kind: Block['kind'], apart: string): Block => {
    const from = table.from[line[first]!]!;
    const to = table.to[line[last]!]!;
    const gapFrom = first === 0 ? 0 : table.to[line[first - 1]!]!;
    const gap = gapBetween(rules, first - 1, gapFrom, from, apart);
    const rewritten = rewritesWithin(rewrites, from, to);
    let { pieces, signs } = blockPieces(rules, first, last);
    if (rewritten.length > 0) pieces = applyRewrites(pieces, rewritten);
    let text: string | undefined;
    if (signs === undefined || rewritten.length > 0) signs = signsOf((text = textOfPieces(source, pieces)));
    for (const work of passes) {
      if (!hasWorkIn(work, kind, signs)) continue;
      text ??= textOfPieces(source, pieces);
      const edits = work.pass.find(textOfBlock(source, { from, pieces }, text), context, work.settings);
      if (edits.length === 0) continue;
      pieces = applyLocalEdits(text, pieces, edits, work.pass.id, work.rulings);
      text = textOfPieces(source, pieces);
      signs |= signsAfter(edits);
    }
    const tally = addTallies(tallyWords(source, index, gap), tallyWords(source, index, pieces));
    return { kind, firstKept: kept[first]!, lastKept: kept[last]!, gapFrom, from, to, apart, gap, pieces, tally };
  };
}

/** The signs that edits may have made: those of what they put in, and any pair, since they bring together what was apart. */
function signsAfter(edits: readonly LocalEdit[]): number {
  return edits.reduce((signs, { insert }) => (insert === '' ? signs : signs | signsOf(insert)), PAIRS);
}

/** What a person decided about the edits of each pass; undefined where nothing. */
function rulingsFor(permits: Permits): (pass: string) => Rulings | undefined {
  return (pass) => {
    if (!isConstrained(permits, pass) && !permits.approved.has(pass)) return undefined;
    return {
      mayEdit: (from, to) => mayEdit(permits, pass, from, to),
      isApproved: (from, to) => isApproved(permits, pass, from, to),
    };
  };
}

function negative(tally: Block['tally']): Block['tally'] {
  return {
    wordsIn: -tally.wordsIn,
    wordsOut: -tally.wordsOut,
    removed: -tally.removed,
    inserted: -tally.inserted,
    mended: -tally.mended,
  };
}

/** A run of blocks of a cleaning: at least one. */
interface Run {
  readonly from: number;
  readonly to: number;
}

/**
 * The runs of blocks that a change of choices touches, in order and apart; undefined where more than blocks has changed: other
 * lines, another style, own rules.
 */
function touchedBlocks(before: Cleaning, analysis: Analysis, standing: StandingLines): Run[] | undefined {
  const { style, choices, across, decided } = analysis;
  if (across || before.across || decided !== before.decided || analysis.table !== before.table) return undefined;
  if (rulesInForce(style).length > 0 || wasRuled(before) || blockStyle(style) !== blockStyle(before.style))
    return undefined;
  const { base } = before;
  if (base.length === 0) return undefined;
  const changed = changedChoices(before.choices, choices);
  if (changed.some(({ kind }) => kind === 'limit')) return undefined;
  const touched = new Set<number>();
  const old = before.standing.decision;
  const now = standing.decision;
  for (let at = 0; at < now.length; at++) {
    if (old[at] === now[at]) continue;
    const block = firstWhere(base.length, (each) => base[each]!.lastKept >= at);
    touched.add(block);
    if (base[block]!.lastKept === at) touched.add(block + 1);
  }
  for (const { from, to } of changed) {
    for (
      let at = firstWhere(base.length, (each) => base[each]!.to >= from);
      at < base.length && base[at]!.gapFrom <= to;
      at++
    )
      touched.add(at);
  }
  const runs: { from: number; to: number }[] = [];
  for (const at of [...touched].sort((a, b) => a - b)) {
    const last = runs.at(-1);
    if (last && last.to === at) last.to++;
    else runs.push({ from: at, to: at + 1 });
  }
  return runs;
}

/** Builds the runs anew and takes all other blocks over. */
function spliceBlocks(
  { base }: Cleaning,
  runs: readonly Run[],
  { decision, kept }: StandingLines,
  build: (first: number, last: number, before: Block | undefined) => Block,
  apart: (before: Block | undefined, block: Block) => string,
): { base: Block[]; removed: Block[]; added: Block[] } {
  const out: Block[] = [];
  const removed: Block[] = [];
  const added: Block[] = [];
  let taken = 0;
  const takeOver = (to: number) => {
    // What stands before a block depends on the kind of the one before it.
    if (taken < to && out.length > 0 && apart(out.at(-1), base[taken]!) !== base[taken]!.apart) {
      const block = base[taken]!;
      const made = build(block.firstKept, block.lastKept, out.at(-1));
      removed.push(block);
      added.push(made);
      out.push(made);
      taken++;
    }
    for (; taken < to; taken++) out.push(base[taken]!);
  };
  for (const { from, to } of runs) {
    takeOver(from);
    const end = base[to - 1]!.lastKept;
    for (let first = base[from]!.firstKept; first <= end;) {
      let last = first;
      while (last < kept.length - 1 && decision[last] !== Decision.break) last++;
      const made = build(first, last, out.at(-1));
      added.push(made);
      out.push(made);
      first = last + 1;
    }
    for (; taken < to; taken++) removed.push(base[taken]!);
  }
  takeOver(base.length);
  return { base: out, removed, added };
}

interface OldBlock {
  readonly block: Block;
  /** Its first line, by its place among those that stood. */
  readonly at: number;
}

/** The old blocks by their first line: all whose passes are unchanged, and what a person said of them. */
function reusableBlocks(before: Cleaning, { style, choices }: Analysis): Map<number, OldBlock> {
  const blocks = new Map<number, OldBlock>();
  if (blockStyle(style) !== blockStyle(before.style)) return blocks;
  const changed = changedChoices(before.choices, choices);
  if (changed.some(({ kind }) => kind === 'limit')) return blocks;
  let at = 0;
  for (const block of before.base) {
    while (before.standing.kept[at]! < block.firstKept) at++;
    const isTouched = changed.some((choice) => choice.from <= block.to && choice.to >= block.gapFrom);
    if (!isTouched) blocks.set(block.firstKept, { block, at });
  }
  return blocks;
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
