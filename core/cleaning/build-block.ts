import { kindOfBlock } from '../blocks/kind-of-block.ts';
import { isOfAsides, joinAsides } from '../blocks/asides.ts';
import type { RewriteChoice } from '../choices/choice.ts';
import { isApproved, isConstrained, mayEdit, type Permits } from '../choices/permits.ts';
import { applyRewrites, rewritesOf, rewritesWithin } from '../choices/rewrites.ts';
import type { Analysis, VisibleLines } from '../decided/analysis.ts';
import { rangesOpenTo } from '../decided/open-ranges.ts';
import { addTallies, tallyWords } from '../edits/conservation.ts';
import { isKept, LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { workOf } from '../lines/pass-fault.ts';
import { applyLocalEdits, type LocalEdit, type Rulings } from '../edits/local-edit.ts';
import { replaced, textOfPieces, type Piece } from '../edits/piece.ts';
import { hasWorkIn, passAtWork } from '../passes/pass.ts';
import type { SeamDecisions } from '../seams/decide.ts';
import { glueAt } from '../seams/words/glue.ts';
import { Decision } from '../seams/seam-table.ts';
import { settlerOf } from '../seams/verdicts.ts';
import { passesInOrder } from '../style/order.ts';
import { isPassOn, settingOf, settingsOf } from '../style/style.ts';
import { isHyphen } from '../text/characters.ts';
import { PAIRS, signsOf } from '../text/signs.ts';
import type { Block } from './block.ts';
import { listsOfBlock } from './output.ts';
import { shapedPieces } from './shaped-pieces.ts';
import { textOfBlock } from './block-text.ts';
import { blockPieces, gapBetween, type GapRules } from './gap-pieces.ts';

/** Makes the blocks of one analysis. Lines are named by their places among those that stand. */
export interface BlockBuilder {
  kindOf(first: number, last: number): Block['kind'];
  /** What stands between a block that begins at a line and the one before it, by their kinds; nothing before the first. */
  apart(before: Block['kind'] | undefined, kind: Block['kind'], first: number): string;
  build(first: number, last: number, kind: Block['kind'], apart: string): Block;
  /** What follows the last block, which ends at `from`. */
  tail(from: number): Piece[];
}

export function blockBuilder(analysis: Analysis, visible: VisibleLines): BlockBuilder {
  const rewrites = rewritesOf(analysis.choices);
  const rules = gapRules(analysis, visible, rewrites);
  const { source, decided } = analysis;
  const lines = { ...rules, kept: visible.kept, decided };
  const tells = gapsTell(decided);
  return {
    kindOf: (first, last) => kindOfBlock(lines, first, last),
    apart: (before, kind, first) =>
      before === undefined ? '' : separatorFor(analysis, rules, before, kind, first, tells),
    build: buildWith(analysis, rules, visible, rewrites),
    tail: (from) => [
      ...gapBetween(rules, visible.kept.length - 1, from, source.length, ''),
      ...gatheredNotes(analysis, rules),
    ],
  };
}

function gapRules(analysis: Analysis, standing: VisibleLines, rewrites: readonly RewriteChoice[]): GapRules {
  const { source, style, table, decided, decidedRemaining, permits } = analysis;
  const { line, kept, decision } = standing;
  return {
    source,
    table,
    standing: line,
    decision,
    glueAt: (at) => {
      // Where a person left lines out between the two, what stood apart is never put together into one word.
      const isParted = kept[at + 1]! > kept[at]! + 1;
      if (isParted && isHyphen(source.charCodeAt(table.to[line[at]!]! - 1))) return ' ';
      const asDecided = decidedRemaining ?? decided;
      const seam = decidedRemaining ? at : kept[at]!;
      if (!isParted && settlerOf(asDecided, seam) === 'initial') return '';
      const split = asDecided.splits.get(seam);
      return glueAt(source, table, line[at]!, line[at + 1]!, split);
    },
    separator: style.apart === 'line' ? '\n' : '\n\n',
    saidByHand: (from, to) => rewritesWithin(rewrites, from, to).find((by) => by.from === from && by.to === to)?.text,
    isApproved: (pass, from, to) => isApproved(permits, pass, from, to),
    asidesBehind: settingOf(style, 'footnotes', 'place') === 'behind',
    trimsEdges: rangesOpenTo(analysis, 'edge-spaces'),
    trimsBlankLines: rangesOpenTo(analysis, 'blank-lines'),
    usualIndent: decided.usualIndent,
  };
}

function separatorFor(
  { source, style, table }: Analysis,
  { separator, standing }: GapRules,
  before: Block['kind'],
  kind: Block['kind'],
  first: number,
  tellGaps: boolean,
): string {
  if (kind !== 'list-item') return separator;
  const items = settingOf(style, 'blank-lines', 'items');
  if (items === 'source' && tellGaps && standClose(source, table, standing[first - 1]!, standing[first]!)) return '\n';
  if (before !== 'list-item') return separator;
  // The entries of a taught list are one list.
  if (table.shaped?.has(standing[first]!) && table.shaped.has(standing[first - 1]!)) return '\n';
  return items === 'close' ? '\n' : separator;
}

/** Whether blank lines stand anywhere in a text, or none of its lines wraps: else nothing is said by items that stand close. */
function gapsTell({ seams, decision }: SeamDecisions): boolean {
  for (let seam = 0; seam < seams.count; seam++) if (seams.blanks[seam]! > 0 && !seams.turn[seam]) return true;
  return !decision.includes(Decision.join);
}

/** "12.1 The Keeper", "14.00 Greasy pole": what has such a number is as long as a paragraph, or may be a time. */
const NUMBER_IN_PARTS = /^\d+[.:]\d/;
const LONGEST_NUMBER = 8;

/** Whether no blank line stands before an item with a sign. */
function standClose(source: string, { kind, flags, from, captions }: LineTable, above: number, below: number): boolean {
  if (captions.found || !(flags[below]! & Flag.startsMarker)) return false;
  const start = from[below]!;
  if (NUMBER_IN_PARTS.test(source.slice(start, start + LONGEST_NUMBER))) return false;
  const between = kind.subarray(above + 1, below);
  const isFurniture = (one: number) => one !== LineKind.blank && !isKept(one);
  if (!between.some(isFurniture)) return !between.includes(LineKind.blank);
  // Where a page turns the items stand as those before it do.
  let item = above;
  while (item > above - LONGEST_ITEM && item > 0 && !(flags[item]! & Flag.startsMarker)) item--;
  return item > 0 && kind[item - 1] !== LineKind.blank;
}

/** In lines. */
const LONGEST_ITEM = 20;

/** The footnotes of the whole text, where they are gathered at its end. */
function gatheredNotes({ source, style, table }: Analysis, rules: GapRules): Piece[] {
  if (!isPassOn(style, 'footnotes') || settingOf(style, 'footnotes', 'place') !== 'end') return [];
  const text = joinAsides(source, table, rules);
  return text === '' ? [] : [replaced(source.length, source.length, rules.separator + text, 'footnotes')];
}

function buildWith(
  { source, style, context, table, index, permits }: Analysis,
  rules: GapRules,
  { kept, line }: VisibleLines,
  rewrites: readonly RewriteChoice[],
): BlockBuilder['build'] {
  const rulings = rulingsFor(permits);
  const passes = passesInOrder(style)
    .filter((pass) => isPassOn(style, pass.id))
    .map((pass) => ({ ...passAtWork(pass, settingsOf(style, pass)), rulings: rulings(pass.id) }));
  return (first, last, kind, apart) => {
    const from = table.from[line[first]!]!;
    const to = table.to[line[last]!]!;
    const gapFrom = first === 0 ? 0 : table.to[line[first - 1]!]!;
    const gap = gapBetween(rules, first - 1, gapFrom, from, apart);
    const rewritten = rewritesWithin(rewrites, from, to).filter((by) => !isOfAsides(table, by.from, by.to));
    let { pieces, signs } = blockPieces(rules, first, last);
    if (table.shaped)
      ({ pieces, signs } = shapedPieces(source, table, pieces, signs, line.subarray(first, last + 1), rulings));
    if (rewritten.length > 0) pieces = applyRewrites(pieces, rewritten);
    let text: string | undefined;
    if (signs === undefined || rewritten.length > 0) signs = signsOf((text = textOfPieces(source, pieces)));
    for (const work of passes) {
      if (!hasWorkIn(work, kind, signs)) continue;
      text ??= textOfPieces(source, pieces);
      const block = textOfBlock(source, { from, pieces }, text);
      const edits = workOf(work.pass.id, () => work.pass.find(block, context, work.settings));
      if (edits.length === 0) continue;
      pieces = applyLocalEdits(text, pieces, edits, work.pass.id, work.rulings);
      text = textOfPieces(source, pieces);
      signs |= signsAfter(edits);
    }
    const tally = listsOfBlock(source, gap, pieces)
      .map((list) => tallyWords(source, index, list))
      .reduce(addTallies);
    return { kind, firstKept: kept[first]!, lastKept: kept[last]!, gapFrom, from, to, apart, gap, pieces, tally };
  };
}

/** The signs that edits may have made: those of what they put in, and any pair, since they bring together what was apart. */
function signsAfter(edits: readonly LocalEdit[]): number {
  return edits.reduce((signs, { insert }) => (insert === '' ? signs : signs | signsOf(insert)), PAIRS);
}

/** What a person decided about the edits of each pass; undefined where nothing. */
export function rulingsFor(permits: Permits): (pass: string) => Rulings | undefined {
  return (pass) => {
    if (!isConstrained(permits, pass) && !permits.approved.has(pass)) return undefined;
    return {
      mayEdit: (from, to) => mayEdit(permits, pass, from, to),
      isApproved: (from, to) => isApproved(permits, pass, from, to),
    };
  };
}
