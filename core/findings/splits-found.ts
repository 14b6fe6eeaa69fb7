import type { Cleaning } from '../cleaning/cleaning.ts';
import { rangeOfSeam } from '../decided/seams-in-force.ts';
import { Decision } from '../seams/seam-table.ts';
import type { SplitEvidence } from '../seams/words/split-words.ts';
import type { Place } from '../edits/place.ts';

/** A word that a hyphen splits at a line end, and what became of it. */
export interface SplitFinding {
  /** The words up to the line end, hyphen included, and from the next line's start. */
  readonly head: string;
  readonly tail: string;
  readonly decision: Decision;
  readonly evidence: SplitEvidence;
  readonly certainty: number;
  readonly settled: boolean;
  /** The range that a choice about the seam has. */
  readonly seam: Place;
  readonly place: Place;
}

const MOST_SHOWN = 2000;

/** The split words, the least certain first. */
export function listSplits(cleaning: Cleaning): SplitFinding[] {
  const { source, table, decided, decision, settled } = cleaning;
  const found: SplitFinding[] = [];
  for (const [seam, { evidence, certainty }] of decided.splits) {
    const before = decided.seams.line[seam]!;
    const after = decided.seams.line[seam + 1]!;
    const head = /\S*$/.exec(source.slice(Math.max(table.from[before]!, table.to[before]! - 40), table.to[before]))![0];
    const tail = /^\S*/.exec(source.slice(table.from[after], Math.min(table.to[after]!, table.from[after]! + 40)))![0];
    found.push({
      head,
      tail: tail.replace(/[.,;:!?”’"')\]]+$/, ''),
      decision: decision[seam] as Decision,
      evidence,
      certainty: settled[seam] ? 1 : certainty,
      settled: settled[seam] === 1,
      seam: rangeOfSeam(cleaning, seam),
      place: { from: table.to[before]! - head.length, to: table.from[after]! + tail.length },
    });
  }
  return found.sort((a, b) => a.certainty - b.certainty || a.place.from - b.place.from).slice(0, MOST_SHOWN);
}

/** The decision that a person may choose instead of the one in force: mended, or joined with the hyphen. */
export function otherDecision(decision: Decision): Decision {
  return decision === Decision.mend ? Decision.join : Decision.mend;
}
