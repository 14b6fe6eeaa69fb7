import type { Choice } from '../choices/choice.ts';
import type { StoredLayout } from '../layout/stored-layout.ts';
import type { Style } from '../style/style.ts';

/** Says what a file is; stands at its very beginning. */
export const RECORD_FORMAT = 'lucid-ribbon/change-record';
export const RECORD_VERSION = 1;

/**
 * All that became of a text: the text itself, how it was cleaned, what a person decided, and each change. Read again, it gives the
 * same clean text. Described for others in docs/change-record.md and its JSON Schema.
 */
export interface ChangeRecord {
  readonly format: typeof RECORD_FORMAT;
  readonly version: typeof RECORD_VERSION;
  readonly title: string;
  readonly source: {
    /** Of the text in UTF-8. */
    readonly sha256: string;
    /** In UTF-16 units, as all places in the record. */
    readonly length: number;
    readonly text: string;
    readonly layout?: StoredLayout;
  };
  readonly style: Style;
  readonly choices: readonly Choice[];
  /** What does not stand as it was, in order. Places are those of the source. */
  readonly changes: readonly { from: number; to: number; insert: string; passes: readonly string[] }[];
  readonly clean: { readonly sha256: string; readonly length: number };
}

/** Whether a file is a change record, by its beginning. */
export function isRecord(head: string): boolean {
  return /^\s*\{\s*"format"\s*:\s*"lucid-ribbon\/change-record"/.test(head);
}
