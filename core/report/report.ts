import type { Cleaning } from '../cleaning/cleaning.ts';
import { findWordChanges, type WordChange, type WordTally } from '../edits/conservation.ts';
import { wordLists } from '../cleaning/output.ts';
import { digestOf } from './digest.ts';
import { visibleSeams } from '../decided/visible-seam.ts';
import { Decision } from '../seams/seam-table.ts';

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
export function toReport(cleaning: Cleaning, digest = digestOf(cleaning)): Report {
  const doubts = new Set(digest.seams);
  const changes = listWordChanges(cleaning).filter((change) => !change.mended);
  return {
    counts: digest.counts,
    words: cleaning.tally,
    seams: Array.from(visibleSeams(cleaning), ({ seam, above, below, decision, certainty, settled }) => ({
      lines: [above + 1, below + 1],
      decision: DECISION_NAMES[decision]!,
      certainty: settled ? 1 : Math.round(certainty * 1000) / 1000,
      doubt: doubts.has(seam),
    })),
    doubts: digest.edits.map(({ from, to, text, passes, certainty, why }) => ({
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
