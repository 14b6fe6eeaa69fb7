import { writeCsv } from '../text/csv.ts';
import type { Ledger } from './ledger.ts';
import { viewEntry, type LedgerLine } from './ledger-line.ts';

export type LedgerFormat = 'csv' | 'json';

const COLUMNS = [
  'line',
  'from',
  'to',
  'passes',
  'state',
  'source',
  'becomes',
  'certainty',
  'doubt',
  'byHand',
  'before',
  'after',
] as const;

/** Some entries of the ledger as a table (CSV, RFC 4180, with a head) or as a JSON list of objects. Offsets are UTF-16 units. */
export function exportLedger(ledger: Ledger, entries: Iterable<number>, format: LedgerFormat): string {
  const records = Array.from(entries, (at) => toRecord(ledger, at));
  if (format === 'json') return `${JSON.stringify(records, undefined, 1)}\n`;
  return writeCsv([COLUMNS, ...records.map((record) => COLUMNS.map((column) => record[column]))]);
}

type LedgerRecord = Readonly<Record<(typeof COLUMNS)[number], string | number | boolean | undefined>>;

/** What is shown, but for long texts, which are whole. */
function toRecord(ledger: Ledger, at: number): LedgerRecord {
  const line: LedgerLine = viewEntry(ledger, at);
  const { source } = ledger.cleaning;
  const piece = ledger.pieces[ledger.entries[at]!.piece];
  return {
    line: line.line,
    from: line.from,
    to: line.to,
    passes: line.passes.join(' '),
    state: line.state,
    source: source.slice(line.from, line.to),
    becomes: piece?.text ?? source.slice(line.from, line.to),
    certainty: line.certainty === undefined ? undefined : Math.round(line.certainty * 1000) / 1000,
    doubt: line.doubt,
    byHand: line.byHand,
    before: line.before,
    after: line.after,
  };
}
