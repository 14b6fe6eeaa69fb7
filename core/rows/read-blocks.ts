import type { BlockKind } from '../blocks/block-kind.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { textOfPieces } from '../edits/piece.ts';
import { writtenText } from '../cleaning/written-text.ts';

/** A paragraph of the clean text, for reading alone. */
export interface ReadBlock {
  readonly kind: BlockKind;
  readonly text: string;
}

/** The blocks [from, to) of the clean text. What was gathered behind the last block comes with it, as a footnote. */
export function readBlocks({ source, blocks, tail }: Cleaning, from: number, to: number): ReadBlock[] {
  const read = blocks.slice(from, to).map(({ kind, pieces }) => ({ kind, text: writtenText(source, pieces) }));
  const behind = to >= blocks.length ? textOfPieces(source, tail).trim() : '';
  return behind === '' ? read : [...read, { kind: 'footnote', text: behind }];
}
