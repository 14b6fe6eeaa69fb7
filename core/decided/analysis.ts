import type { Choice } from '../choices/choice.ts';
import type { Permits } from '../choices/permits.ts';
import type { LineTable } from '../lines/line-table.ts';
import type { PassContext } from '../passes/pass.ts';
import type { SeamDecisions } from '../seams/decide.ts';
import type { Style } from '../style/style.ts';
import type { WordIndex } from '../text/word-index.ts';
import type { WordList } from '../text/word-list.ts';

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
  readonly allLines: LineTable;
  readonly table: LineTable;
  /** What the evidence says of the seams, before any choice. */
  readonly decided: SeamDecisions;
  /** What it says between the lines that are left once a person left others out, by their places; only where they did. */
  readonly decidedRemaining?: SeamDecisions;
}

/**
 * The lines that stand in the clean text, with what happens between each two neighbours. Lines that a person left out are decided
 * about like all others, so that nothing else changes when they go; here they are passed over.
 */
export interface VisibleLines {
  /** Their places among the kept lines, and their lines. */
  readonly kept: Uint32Array;
  readonly line: Uint32Array;
  /** Between each and the next. */
  readonly decision: Uint8Array;
}

/** An analysis with the decisions in force: after choices, and after passes that are off. */
export interface Decided extends Analysis {
  /** By seam: the decision in force. */
  readonly decision: Uint8Array;
  /** By seam: 1 where a person decided. */
  readonly settled: Uint8Array;
  readonly visible: VisibleLines;
}
