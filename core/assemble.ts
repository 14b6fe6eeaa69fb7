import type { Block } from './blocks/block.ts';
import { blockPieces, gapBetween, type GapRules } from './blocks/build-blocks.ts';
import { kindOfBlock } from './blocks/kind-of-block.ts';
import { subjectOf, type Choice, type StetChoice } from './choices/choice.ts';
import { addTallies, NO_WORDS, tallyWords } from './edits/conservation.ts';
import { applyLocalEdits, sourceRange } from './edits/local-edit.ts';
import { textOfPieces, type Piece } from './edits/piece.ts';
import { PASSES } from './passes/index.ts';
import type { Analysis, Cleaning } from './cleaning.ts';
import { worksIn, type Pass, type PassContext, type Settings } from './passes/pass.ts';
import { glueAt } from './seams/decide.ts';
import { decisionsInForce } from './seams-in-force.ts';
import { Decision } from './seams/seam-table.ts';
import { isPassOn, settingsOf } from './style/style.ts';

/** Builds the blocks of an analysis, taking over from `before` those that nothing has touched. */
export function assemble(analysis: Analysis, before?: Cleaning): Cleaning {
  const { source, decided } = analysis;
  const { decision, settled } = decisionsInForce(analysis);
  const rules = gapRules(analysis, decision);
  const reusable = before && reusableBlocks(before, analysis);
  const build = blockBuilder(analysis, rules);
  const blocks: Block[] = [];
  const { line, count } = decided.seams;
  let tally = NO_WORDS;
  for (let first = 0; first < line.length;) {
    let last = first;
    while (last < count && decision[last] !== Decision.break) last++;
    const known = reusable?.get(first);
    const same = known?.lastKept === last && sameDecisions(before!.decision, decision, first, last);
    const block = same ? known! : build(first, last);
    blocks.push(block);
    tally = addTallies(tally, block.tally);
    first = last + 1;
  }
  const tail = gapBetween(rules, line.length - 1, blocks.at(-1)?.to ?? 0, source.length, '');
  return {
    ...analysis,
    decision,
    settled,
    blocks,
    tail,
    tally: addTallies(tally, tallyWords(source, analysis.index, tail)),
  };
}

function gapRules({ source, style, table, decided }: Analysis, decision: Uint8Array): GapRules {
  return {
    source,
    table,
    seams: decided.seams,
    decision,
    glueAt: (seam) => glueAt(source, table, decided.seams, seam, decided.splits.get(seam)),
    separator: style.apart === 'line' ? '\n' : '\n\n',
    trimsEdges: isPassOn(style, 'edge-spaces'),
    trimsBlankLines: isPassOn(style, 'blank-lines'),
    usualIndent: decided.usualIndent,
  };
}

function blockBuilder({ source, style, choices, context, table, index, idle, decided }: Analysis, rules: GapRules) {
  const { line } = decided.seams;
  const stets = choices.filter((choice): choice is StetChoice => choice.kind === 'stet');
  const passes = PASSES.filter((pass: Pass) => pass.find && isPassOn(style, pass.id) && !idle.has(pass.id)).map(
    (pass: Pass): PassAtWork => ({ pass, settings: settingsOf(style, pass) }),
  );
  return (firstKept: number, lastKept: number): Block => {
    const from = table.from[line[firstKept]!]!;
    const to = table.to[line[lastKept]!]!;
    const gapFrom = firstKept === 0 ? 0 : table.to[line[firstKept - 1]!]!;
    const gap = gapBetween(rules, firstKept - 1, gapFrom, from, firstKept === 0 ? '' : rules.separator);
    const held = stets.filter((stet) => stet.from < to && stet.to > from);
    const kind = kindOfBlock(rules, firstKept, lastKept);
    const wanted = passes.filter(({ pass }) => worksIn(pass, kind));
    const pieces = runPasses(source, blockPieces(rules, firstKept, lastKept), wanted, held, context);
    const tally = addTallies(tallyWords(source, index, gap), tallyWords(source, index, pieces));
    return {
      kind,
      firstKept,
      lastKept,
      gapFrom,
      from,
      to,
      gap,
      pieces,
      tally,
    };
  };
}

interface PassAtWork {
  readonly pass: Pass;
  readonly settings: Settings;
}

function runPasses(
  source: string,
  pieces: Piece[],
  passes: readonly PassAtWork[],
  held: readonly StetChoice[],
  context: PassContext,
): Piece[] {
  let text = textOfPieces(source, pieces);
  for (const { pass, settings } of passes) {
    if (pass.needs?.test(text) === false) continue;
    const stets = held.filter((stet) => stet.pass === pass.id);
    const edits = pass.find!(text, context, settings).filter((edit) => {
      if (stets.length === 0) return true;
      const range = sourceRange(pieces, edit);
      return !stets.some((stet) => stet.from < range.to && stet.to > range.from);
    });
    if (edits.length === 0) continue;
    pieces = applyLocalEdits(text, pieces, edits, pass.id);
    text = textOfPieces(source, pieces);
  }
  return pieces;
}

/** The old blocks by their first line: all whose passes and stets are unchanged. */
function reusableBlocks(before: Cleaning, { style, choices }: Analysis): Map<number, Block> {
  const blocks = new Map<number, Block>();
  if (JSON.stringify(style) !== JSON.stringify(before.style)) return blocks;
  const changed = changedStets(before.choices, choices);
  for (const block of before.blocks) {
    if (!changed.some((stet) => stet.from < block.to && stet.to > block.gapFrom)) blocks.set(block.firstKept, block);
  }
  return blocks;
}

function changedStets(before: readonly Choice[], after: readonly Choice[]): Choice[] {
  const old = new Set(before.map(subjectOf));
  const now = new Set(after.map(subjectOf));
  const isStet = (choice: Choice) => choice.kind === 'stet';
  return [
    ...before.filter((choice) => isStet(choice) && !now.has(subjectOf(choice))),
    ...after.filter((choice) => isStet(choice) && !old.has(subjectOf(choice))),
  ];
}

/** Whether the decisions at a block's own seams, and the one before it, are as they were. */
function sameDecisions(before: Uint8Array, after: Uint8Array, first: number, last: number): boolean {
  for (let seam = Math.max(0, first - 1); seam < last; seam++) if (before[seam] !== after[seam]) return false;
  return true;
}
