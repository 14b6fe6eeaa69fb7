import { BY_HAND, type Choice } from '../choices/choice.ts';
import type { Step } from '../choices/history.ts';
import { ownChoices } from '../portion/edit-at.ts';
import { rangeOfSeam } from '../seams-in-force.ts';
import type { Decision } from '../seams/seam-table.ts';
import type { Ledger, LedgerEntry } from './ledger.ts';

/** What a person can say of edits: let the source stand, find the edit right, or take back a stet. */
export type LedgerAction = 'stet' | 'approve' | 'withdraw';

/** The one step that does something with some entries of the ledger; undefined where there is nothing to do. */
export function stepFor(ledger: Ledger, entries: Iterable<number>, action: LedgerAction): Step | undefined {
  const steps: Step[] = [];
  for (const at of entries) steps.push(...STEPS[action](ledger, at));
  return steps.length > 1 ? { kind: 'together', steps } : steps[0];
}

const STEPS: Readonly<Record<LedgerAction, (ledger: Ledger, at: number) => Step[]>> = {
  stet: ({ cleaning, entries }, at) => {
    const { from, to, passes, piece } = entries[at]!;
    if (piece < 0 || isArrival(entries[at]!)) return [];
    return passes.flatMap((pass): Step[] => {
      if (pass !== BY_HAND) return [{ kind: 'choose', choice: { kind: 'stet', from, to, pass } }];
      return ownChoices(cleaning, from, to).map((choice) => ({ kind: 'withdraw', choice }));
    });
  },
  approve: ({ cleaning, entries, pieces }, at) => {
    const { from, to, seam, piece, doubt } = entries[at]!;
    if (!doubt) return [];
    const choices: Choice[] = [];
    if (pieces[piece]?.certainty !== undefined) {
      for (const pass of entries[at]!.passes) choices.push({ kind: 'approve', from, to, pass });
    }
    if (seam !== undefined && !cleaning.settled[seam]) {
      choices.push({ kind: 'seam', ...rangeOfSeam(cleaning, seam), decision: cleaning.decision[seam] as Decision });
    }
    return choices.map((choice) => ({ kind: 'choose', choice }));
  },
  withdraw: ({ entries }, at) => entries[at]!.stets.map((choice) => ({ kind: 'withdraw', choice })),
};

/** Words that were put in where nothing stood: they came from elsewhere, and it is there that they can be let stand. */
function isArrival({ from, to, passes }: LedgerEntry): boolean {
  return from === to && passes.includes('footnotes');
}
