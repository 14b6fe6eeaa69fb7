import type { Block } from './blocks/block.ts';
import type { Choice } from './choices/choice.ts';
import type { Permits } from './choices/permits.ts';
import type { WordTally } from './edits/conservation.ts';
import type { Piece } from './edits/piece.ts';
import type { LineTable } from './lines/line-table.ts';
import type { PassContext } from './passes/pass.ts';
import type { SeamDecisions } from './seams/decide.ts';
import type { StandingLines } from './standing-lines.ts';
import type { Style } from './style/style.ts';
import type { WordIndex } from './text/word-index.ts';
import type { WordList } from './text/word-list.ts';

/** What is known of a source before choices are applied and blocks are built. */
export interface Analysis {
  readonly source: string;
  readonly style: Style;
  readonly choices: readonly Choice[];
  /** What the choices say of where passes may work. */
  readonly permits: Permits;
  readonly words?: WordList;
  readonly context: PassContext;
  /** The words of the source. */
  readonly index: WordIndex;
  /** The lines as all was decided by them, and as they are: without those that a person left out. */
  readonly whole: LineTable;
  readonly table: LineTable;
  /** What the evidence says of the seams, before any choice. */
  readonly decided: SeamDecisions;
  /** What it says between the lines that are left once a person left others out, by their places; only where they did. */
  readonly across?: SeamDecisions;
}

/** The result of a cleaning: everything is expressed in source offsets, and the source never changes. */
export interface Cleaning extends Analysis {
  /** By seam: the decision in force, after choices and passes that are off. */
  readonly decision: Uint8Array;
  /** By seam: 1 where a person decided. */
  readonly settled: Uint8Array;
  readonly standing: StandingLines;
  /** The blocks before own rules, to be taken over by the next cleaning, and the blocks as they are. */
  readonly base: readonly Block[];
  readonly blocks: readonly Block[];
  /** What follows the last block: tiles the rest of the source; all of it where there is no block. */
  readonly tail: readonly Piece[];
  readonly tally: WordTally;
}
