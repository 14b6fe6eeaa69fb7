import type { BlockKind } from '../blocks/block-kind.ts';
import type { Block } from '../cleaning/block.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { holdsBreak, writtenText } from '../cleaning/written-text.ts';
import { textOfPieces, type Piece } from '../edits/piece.ts';
import type { LayoutRange } from '../layout/layout.ts';
import { markerLength } from '../lines/line-form.ts';
import { isShapeId } from '../shapes/line-shape.ts';
import { runsOf, type Run } from './runs.ts';

/** A paragraph, heading, list item … of the clean text, as it goes out. */
export interface OutputBlock {
  readonly kind: BlockKind;
  /** The level of a heading, from 1; the depth of a list item, from 1; 0 for others. */
  readonly level: number;
  /** What stands before it: line ends, mostly. */
  readonly gap: string;
  /** The runs strung together are the text. */
  readonly text: string;
  readonly runs: readonly Run[];
}

/** The clean text block by block, or its blocks [from, to); what was gathered behind the last one is a last block of its own. */
export function outputBlocks(cleaning: Cleaning, from = 0, to = Infinity): OutputBlock[] {
  const { source, blocks, tail } = cleaning;
  const meeting = rangesByBlock(cleaning);
  const out = blocks.slice(from, to).flatMap((block): OutputBlock[] => {
    const text = writtenText(source, block.pieces);
    const ranges = meeting(block);
    const runs =
      ranges.length === 0 || block.pieces.some(holdsBreak) ? [{ text }] : runsOf(source, block.pieces, ranges);
    const isBoldTitle = block.kind === 'heading' && runs.every(({ isStrong }) => isStrong);
    const whole: OutputBlock = {
      kind: block.kind,
      level: levelOf(cleaning, block),
      gap: textOfPieces(source, block.gap),
      text,
      // A title is bold by what it is.
      runs: isBoldTitle ? runs.map((run) => ({ ...run, isStrong: false })) : runs,
    };
    return block.kind === 'list-item' && block.pieces.some(partsEntries) ? entriesOfLine(whole) : [whole];
  });
  if (to < blocks.length) return out;
  const behind = textOfPieces(source, tail);
  const said = behind.trim();
  if (said === '') return out;
  const gap = behind.slice(0, behind.length - behind.trimStart().length);
  return [...out, { kind: 'footnote', level: 0, gap, text: said, runs: [{ text: said }] }];
}

/** Whether a taught shape made a line end between two entries of one line. */
function partsEntries({ text, passes }: Piece): boolean {
  return text !== undefined && text.includes('\n') && passes.some(isShapeId);
}

function entriesOfLine(block: OutputBlock): OutputBlock[] {
  return block.text
    .split('\n')
    .map((text, at) => ({ ...block, gap: at === 0 ? block.gap : '\n', text, runs: [{ text }] }));
}

/** Gives the ranges of the format that meet a block; to be asked of the blocks in order, each looks at few ranges. */
function rangesByBlock({ table }: Cleaning): (block: Block) => readonly LayoutRange[] {
  const ranges = table.layout?.ranges ?? [];
  let next = 0;
  let open: LayoutRange[] = [];
  return ({ from, to }) => {
    while (next < ranges.length && ranges[next]!.from < to) open.push(ranges[next++]!);
    open = open.filter((range) => range.to > from);
    return open;
  };
}

/** What follows the last words: nothing, mostly. */
export function endOfText({ source, tail }: Cleaning): string {
  const behind = textOfPieces(source, tail);
  return behind.slice(behind.trimEnd().length);
}

const DEEPEST = 6;

/** By what the format said of the block's first line; else a heading is one of the second level, below the title of a piece. */
function levelOf({ table, decided }: Cleaning, { kind, firstKept }: Block): number {
  const told = table.layout?.level[decided.seams.line[firstKept]!] ?? 0;
  if (kind === 'heading') return told > 0 ? Math.min(told, DEEPEST) : 2;
  return kind === 'list-item' ? Math.max(1, Math.min(told, DEEPEST)) : 0;
}

const BULLET = /^[•‣◦▪▫●○■□*+–-]\s*/;

const NUMBER = /^(\d{1,6})([.)])\s+(?=\S)/;

/** What stands before the words of a list item: a bullet, or a number with its sign. */
export interface ListMark {
  /** The item without its mark. */
  readonly words: string;
  readonly number?: { readonly value: number; readonly sign: '.' | ')' };
}

/** The mark of a list item; undefined for another block, and for an item with a mark of its own, "(iv)", which its words keep. */
export function listMark({ kind, text }: Pick<OutputBlock, 'kind' | 'text'>): ListMark | undefined {
  if (kind !== 'list-item') return undefined;
  if (BULLET.test(text)) return { words: text.replace(BULLET, '') };
  const [mark, value, sign] = NUMBER.exec(text) ?? [];
  if (mark !== undefined)
    return { words: text.slice(mark.length), number: { value: Number(value), sign: sign as '.' | ')' } };
  return markerLength(text, 0, text.length) === 0 ? { words: text } : undefined;
}
