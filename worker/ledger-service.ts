import {
  exportLedger,
  filterLedger,
  openLedger,
  stepFor,
  viewEntry,
  type Ledger,
  type LedgerFilter,
} from '../core/index.ts';
import type { LedgerService } from './protocol.ts';
import type { Session } from './session.ts';

/** The list of all edits, made when it is first asked for. */
export function ledgerService(session: Session): LedgerService {
  const ledgerOf = (filter: LedgerFilter): { ledger: Ledger; entries: Uint32Array } => {
    const now = session.now();
    const ledger = (now.ledger ??= openLedger(now.cleaning));
    const key = `${filter.pass} ${filter.only}`;
    let entries = now.filtered.get(key);
    if (!entries) now.filtered.set(key, (entries = filterLedger(ledger, filter)));
    return { ledger, entries };
  };
  return {
    count(filter) {
      const countOf = (wanted: LedgerFilter) => ledgerOf(wanted).entries.length;
      return {
        count: countOf(filter),
        all: countOf({}),
        doubts: countOf({ only: 'doubts' }),
        byHand: countOf({ only: 'by-hand' }),
        removed: countOf({ only: 'removed' }),
      };
    },
    lines(filter, from, to) {
      const { ledger, entries } = ledgerOf(filter);
      return Array.from(entries.subarray(from, to), (at) => viewEntry(ledger, at));
    },
    step(filter, action, chosen) {
      const { ledger, entries } = ledgerOf(filter);
      return stepFor(ledger, chosen ?? entries, action);
    },
    export(filter, format) {
      const { ledger, entries } = ledgerOf(filter);
      return exportLedger(ledger, entries, format);
    },
  };
}
