import type { Choice } from '../choices/choice.ts';
import { oneStep, type Step } from '../history/history.ts';
import { stetsOf } from '../portion/edit-at.ts';
import { rangeOfSeam } from '../decided/seams-in-force.ts';
import { visibleSeam } from '../decided/visible-seam.ts';
import type { Ledger, LedgerEntry } from './ledger.ts';

/** What a person can say of edits: let the source stand, find the edit right, or take back a stet. */
export type LedgerAction = 'stet' | 'approve' | 'withdraw';

/** The one step that does something with some entries of the ledger; undefined where there is nothing to do. */
export function stepFor(ledger: Ledger, entries: Iterable<number>, action: LedgerAction): Step | undefined {
  const steps: Step[] = [];
  for (const at of entries) steps.push(...STEPS[action](ledger, at));
  return oneStep(steps);
}

const STEPS: Readonly<Record<LedgerAction, (ledger: Ledger, at: number) => Step[]>> = {
  stet: ({ cleaning, entries }, at) => {
    const entry = entries[at]!;
    return entry.piece < 0 || isArrival(entry) ? [] : stetsOf(cleaning, entry);
  },
  approve: ({ cleaning, entries, pieces }, at) => {
    const { from, to, seam, piece, doubt } = entries[at]!;
    if (!doubt) return [];
    const choices: Choice[] = [];
    if (pieces[piece]?.certainty !== undefined) {
      for (const pass of entries[at]!.passes) choices.push({ kind: 'approve', from, to, pass });
    }
    if (seam !== undefined && !cleaning.settled[seam]) {
      choices.push({ kind: 'seam', ...rangeOfSeam(cleaning, seam), decision: visibleSeam(cleaning, seam)!.decision });
    }
    return choices.map((choice) => ({ kind: 'choose', choice }));
  },
  withdraw: ({ entries }, at) => entries[at]!.stets.map((choice) => ({ kind: 'withdraw', choice })),
};

/** Words that were put in where nothing stood: they came from elsewhere, and it is there that they can be let stand. */
function isArrival({ from, to, passes }: LedgerEntry): boolean {
  return from === to && passes.includes('footnotes');
}
