import type { Block } from './block.ts';
import { applyLocalEdits, sourceRange, type LocalEdit, type Rulings } from '../edits/local-edit.ts';
import { workOf } from '../lines/pass-fault.ts';
import { textOfPieces, type Piece } from '../edits/piece.ts';
import { findRuleEdits, type OwnRule } from '../rules/own-rule.ts';

/** A cleaned text in its parts. */
export interface Parts {
  readonly source: string;
  readonly blocks: readonly Block[];
  readonly tail: readonly Piece[];
}

/**
 * Applies own rules, one after the other, to the whole clean text: a match may hold the gap between paragraphs, and a gap that
 * loses its line ends joins them. What an edit does not touch stays the same object. `onRule` is told before each rule.
 */
export function applyRules(
  parts: Parts,
  rules: readonly OwnRule[],
  rulings: (rule: string) => Rulings | undefined,
  onRule?: (rule: string) => void,
): Pick<Parts, 'blocks' | 'tail'> {
  let now = parts;
  for (const rule of rules) {
    onRule?.(rule.id);
    const before = now;
    now = workOf(rule.id, () => applyRule(before, rule, rulings(rule.id)));
  }
  return now;
}

/** A list of pieces with the place of its text in the clean text. */
interface Unit {
  readonly pieces: readonly Piece[];
  readonly text: string;
  readonly from: number;
}

function applyRule(parts: Parts, rule: OwnRule, rulings: Rulings | undefined): Parts {
  const units = unitsOf(parts);
  if (units.every(({ text }) => text === '')) return parts;
  const edits = findRuleEdits(rule, units.map(({ text }) => text).join(''));
  if (edits.length === 0) return parts;
  const changed = new Map<number, readonly Piece[]>();
  for (const [unit, own] of shareOut(units, edits, rulings)) {
    const { text, pieces } = units[unit]!;
    changed.set(unit, applyLocalEdits(text, pieces, own, rule.id, rulings));
  }
  const { source } = parts;
  const blocks: Block[] = [];
  for (const [at, block] of parts.blocks.entries()) {
    const gap = changed.get(2 * at);
    const pieces = changed.get(2 * at + 1);
    if (!gap && !pieces) blocks.push(block);
    else if (gap && at > 0 && !textOfPieces(source, gap).includes('\n')) {
      blocks.push(joined(blocks.pop()!, gap, { ...block, pieces: pieces ?? block.pieces }));
    } else blocks.push({ ...block, gap: gap ?? block.gap, pieces: pieces ?? block.pieces });
  }
  return { ...parts, blocks, tail: changed.get(2 * parts.blocks.length) ?? parts.tail };
}

/** Gap and words of each block in turn, then the tail. */
function unitsOf({ source, blocks, tail }: Parts): Unit[] {
  let from = 0;
  return [...blocks.flatMap(({ gap, pieces }) => [gap, pieces]), tail].map((pieces) => {
    const unit = { pieces, text: textOfPieces(source, pieces), from };
    from += unit.text.length;
    return unit;
  });
}

/**
 * The edits by unit, their offsets those of the unit. One that reaches over several puts its text into the first and takes away
 * from the others; it is made whole or not at all.
 */
function shareOut(
  units: readonly Unit[],
  edits: readonly LocalEdit[],
  rulings: Rulings | undefined,
): Map<number, LocalEdit[]> {
  const shares = new Map<number, LocalEdit[]>();
  let first = 0;
  for (const edit of edits) {
    while (first < units.length - 1 && endOf(units[first]!) <= edit.from && !endsAt(units, first, edit)) first++;
    const parts: { unit: number; edit: LocalEdit }[] = [];
    for (let unit = first; unit < units.length; unit++) {
      const { from } = units[unit]!;
      if (parts.length > 0 && from >= edit.to) break;
      const a = Math.max(edit.from, from);
      const b = Math.min(edit.to, endOf(units[unit]!));
      if (a < b || (edit.from === edit.to && parts.length === 0)) {
        parts.push({ unit, edit: { from: a - from, to: b - from, insert: parts.length === 0 ? edit.insert : '' } });
      }
    }
    if (rulings && parts.length > 1 && !parts.every((part) => isAllowed(units, part, rulings))) continue;
    for (const { unit, edit: own } of parts) {
      const list = shares.get(unit);
      if (list) list.push(own);
      else shares.set(unit, [own]);
    }
  }
  return shares;
}

function endOf({ from, text }: Unit): number {
  return from + text.length;
}

/** An insertion at the end of the words of a block belongs to them, not to the gap behind. */
function endsAt(units: readonly Unit[], unit: number, edit: LocalEdit): boolean {
  return edit.from === edit.to && unit % 2 === 1 && endOf(units[unit]!) === edit.from;
}

function isAllowed(units: readonly Unit[], part: { unit: number; edit: LocalEdit }, rulings: Rulings): boolean {
  const { from, to } = sourceRange(units[part.unit]!.pieces, part.edit);
  return rulings.mayEdit(from, to);
}

/** Two blocks as one, the gap between them inside. Its tally is not that of its words: see wordLists. */
function joined(before: Block, gap: readonly Piece[], after: Block): Block {
  return { ...before, lastKept: after.lastKept, to: after.to, pieces: [...before.pieces, ...gap, ...after.pieces] };
}
