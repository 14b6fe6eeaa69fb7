import type { Cleaning } from '../cleaning/cleaning.ts';
import { findWordChanges, type WordChange, type WordTally } from '../edits/conservation.ts';
import { pieceLists, wordLists } from '../cleaning/output.ts';
import type { Piece } from '../edits/piece.ts';
import { PASSES } from '../passes/index.ts';
import { visibleSeams } from '../decided/visible-seam.ts';
import { statsOf } from './piece-stats.ts';
import { Decision } from '../seams/seam-table.ts';
import type { Style } from '../style/style.ts';

/** How many edits each pass made, by pass id; every pass of the list is there. */
export function countEdits(cleaning: Cleaning): Record<string, number> {
  const counts: Record<string, number> = {};
  for (const pass of PASSES) counts[pass.id] = 0;
  for (const pieces of pieceLists(cleaning)) {
    for (const [pass, count] of statsOf(pieces).counts) counts[pass] = (counts[pass] ?? 0) + count;
  }
  return counts;
}

/** The seams whose decision is below the certainty limit and that no person has settled, in order. */
export function findDoubts(cleaning: Cleaning): number[] {
  const doubts: number[] = [];
  for (const { seam, settled, certainty } of visibleSeams(cleaning)) {
    if (!settled && certainty < cleaning.style.certaintyLimit) doubts.push(seam);
  }
  return doubts;
}

/** Whether an edit is in doubt: less certain than the style's limit. */
export function isDoubtful({ certaintyLimit }: Style, { certainty }: Pick<Piece, 'certainty'>): boolean {
  return certainty !== undefined && certainty < certaintyLimit;
}

/** The edits that passes made and are in doubt, in source order. */
export function findEditDoubts(cleaning: Cleaning): Piece[] {
  const doubts: Piece[] = [];
  for (const pieces of pieceLists(cleaning)) {
    if (statsOf(pieces).leastCertain >= cleaning.style.certaintyLimit) continue;
    for (const piece of pieces) if (isDoubtful(cleaning.style, piece)) doubts.push(piece);
  }
  return doubts;
}

/** Every place where words left, came or grew together, in source order. */
export function listWordChanges(cleaning: Cleaning): WordChange[] {
  return wordLists(cleaning).flatMap((pieces) => findWordChanges(cleaning.source, pieces));
}

const DECISION_NAMES = Object.fromEntries(Object.entries(Decision).map(([name, value]) => [value, name]));

export interface Report {
  readonly counts: Readonly<Record<string, number>>;
  readonly words: WordTally;
  /** The lines of a seam are numbered from 1, as people count them. */
  readonly seams: readonly { lines: [number, number]; decision: string; certainty: number; doubt: boolean }[];
  /** Edits of passes that are in doubt. */
  readonly doubts: readonly {
    from: number;
    to: number;
    insert: string;
    passes: readonly string[];
    certainty: number;
    why: string;
  }[];
  readonly removed: readonly { from: number; to: number; words: readonly string[]; passes: readonly string[] }[];
  readonly inserted: readonly { from: number; to: number; words: readonly string[]; passes: readonly string[] }[];
}

/** What a cleaning did, as plain data for the command and for exported records. */
export function toReport(cleaning: Cleaning): Report {
  const doubts = new Set(findDoubts(cleaning));
  const changes = listWordChanges(cleaning).filter((change) => !change.mended);
  return {
    counts: countEdits(cleaning),
    words: cleaning.tally,
    seams: Array.from(visibleSeams(cleaning), ({ seam, above, below, decision, certainty, settled }) => ({
      lines: [above + 1, below + 1],
      decision: DECISION_NAMES[decision]!,
      certainty: settled ? 1 : Math.round(certainty * 1000) / 1000,
      doubt: doubts.has(seam),
    })),
    doubts: findEditDoubts(cleaning).map(({ from, to, text, passes, certainty, why }) => ({
      from,
      to,
      insert: text!,
      passes,
      certainty: certainty!,
      why: why ?? '',
    })),
    removed: changes
      .filter(({ removed }) => removed.length > 0)
      .map(({ from, to, removed, passes }) => ({ from, to, words: removed, passes })),
    inserted: changes
      .filter(({ inserted }) => inserted.length > 0)
      .map(({ from, to, inserted, passes }) => ({ from, to, words: inserted, passes })),
  };
}
