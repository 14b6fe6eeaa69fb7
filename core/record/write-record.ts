import type { Cleaning } from '../cleaning/cleaning.ts';
import { allPieces, cleanText } from '../cleaning/output.ts';
import { storeLayout } from '../layout/stored-layout.ts';
import { RECORD_FORMAT, RECORD_VERSION, type ChangeRecord } from './change-record.ts';
import { hashOf } from './hash.ts';

/** The record of a cleaning; `title` is that of the piece. */
export function toRecord(cleaning: Cleaning, title: string): ChangeRecord {
  const { source, style, choices, table } = cleaning;
  const text = cleanText(cleaning);
  const changes: ChangeRecord['changes'][number][] = [];
  for (const { from, to, text: insert, passes } of allPieces(cleaning))
    if (insert !== undefined) changes.push({ from, to, insert, passes });
  const layout = table.layout && storeLayout(table.layout);
  return {
    format: RECORD_FORMAT,
    version: RECORD_VERSION,
    title,
    source: { sha256: hashOf(source), length: source.length, text: source, ...(layout && { layout }) },
    style,
    choices,
    changes,
    clean: { sha256: hashOf(text), length: text.length },
  };
}
