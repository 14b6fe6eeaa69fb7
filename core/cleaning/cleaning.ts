import type { Block } from './block.ts';
import type { Decided } from '../decided/analysis.ts';
import type { WordTally } from '../edits/conservation.ts';
import type { FailedPass } from '../lines/pass-fault.ts';
import type { Piece } from '../edits/piece.ts';

/** Blocks [at, at + removed) of the cleaning before gave way to blocks [to, to + added) of the one after. */
export interface Splice {
  readonly at: number;
  readonly removed: number;
  readonly to: number;
  readonly added: number;
}

/** The result of a cleaning: everything is expressed in source offsets, and the source never changes. */
export interface Cleaning extends Decided {
  /** The blocks before own rules, to be taken over by the next cleaning, and the blocks as they are. */
  readonly base: readonly Block[];
  readonly blocks: readonly Block[];
  /** What follows the last block: tiles the rest of the source; all of it where there is no block. */
  readonly tail: readonly Piece[];
  readonly tally: WordTally;
  /** Passes and own rules that failed on this text; `style` is the one that it was cleaned in, without them. */
  readonly failed: readonly FailedPass[];
  /** What changed among the blocks since the cleaning that was revised, in order; undefined where that cannot be told. */
  readonly splices: readonly Splice[] | undefined;
}
