import type { Analysis, Cleaning } from './cleaning.ts';
import type { Block } from './blocks/block.ts';
import { blockPieces, gapBetween, type GapRules } from './blocks/build-blocks.ts';
import { kindOfBlock } from './blocks/kind-of-block.ts';
import { joinAsides } from './blocks/asides.ts';
import type { Choice } from './choices/choice.ts';
import { isApproved, isConstrained, mayEdit, type Permits } from './choices/permits.ts';
import { applyRewrites, rewritesOf, rewritesWithin } from './choices/rewrites.ts';
import { addTallies, tallyWords } from './edits/conservation.ts';
import { applyLocalEdits, type Rulings } from './edits/local-edit.ts';
import { replaced, textOfPieces, type Piece } from './edits/piece.ts';
import { wasRuled, wordLists } from './output.ts';
import { worksIn, type Pass, type Settings } from './passes/pass.ts';
import { applyRules } from './rules/apply-rules.ts';
import { glueAt } from './seams/decide.ts';
import { decisionsInForce } from './seams-in-force.ts';
import { worksWhere } from './works-where.ts';
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
  const reusable = before && reusableBlocks(before, analysis);
  const build = blockBuilder(analysis, rules, standing);
  const base: Block[] = [];
  const { kept } = standing;
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
    .map((pass): PassAtWork => ({ pass, settings: settingsOf(style, pass), rulings: rulings(pass.id) }));
  return (first: number, last: number, kind: Block['kind'], apart: string): Block => {
    const from = table.from[line[first]!]!;
    const to = table.to[line[last]!]!;
    const gapFrom = first === 0 ? 0 : table.to[line[first - 1]!]!;
    const gap = gapBetween(rules, first - 1, gapFrom, from, apart);
    let pieces = applyRewrites(blockPieces(rules, first, last), rewritesWithin(rewrites, from, to));
    let text = textOfPieces(source, pieces);
    for (const { pass, settings, rulings: ruled } of passes) {
      if (!worksIn(pass, kind) || pass.needs?.test(text) === false) continue;
      const edits = pass.find!(text, context, settings, from);
      if (edits.length === 0) continue;
      pieces = applyLocalEdits(text, pieces, edits, pass.id, ruled);
      text = textOfPieces(source, pieces);
    }
    const tally = addTallies(tallyWords(source, index, gap), tallyWords(source, index, pieces));
    return { kind, firstKept: kept[first]!, lastKept: kept[last]!, gapFrom, from, to, apart, gap, pieces, tally };
  };
}

interface PassAtWork {
  readonly pass: Pass;
  readonly settings: Settings;
  readonly rulings: Rulings | undefined;
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
