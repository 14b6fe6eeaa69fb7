import type { BlockKind } from '../blocks/block-kind.ts';
import type { Piece } from '../edits/piece.ts';
import type { WordTally } from '../edits/conservation.ts';

/** What lies between two breaks, with the gap before it. Line numbers count kept lines: they index `SeamTable.line`. */
export interface Block {
  readonly kind: BlockKind;
  readonly firstKept: number;
  readonly lastKept: number;
  /** The source range of the block's words, and of the gap before them: [gapFrom, from) and [from, to). */
  readonly gapFrom: number;
  readonly from: number;
  readonly to: number;
  /** What stands between the block before and this one. */
  readonly apart: string;
  /** The gap before the block: line ends, blank and dropped lines; its text is the separator. Tiles [gapFrom, from). */
  readonly gap: readonly Piece[];
  /** Tiles [from, to). */
  readonly pieces: readonly Piece[];
  /** Before own rules. */
  readonly tally: WordTally;
}
