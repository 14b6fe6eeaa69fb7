import { clean } from '../cleaning/clean.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { allPieces, cleanText } from '../cleaning/output.ts';
import { toChoices } from '../choices/read-choice.ts';
import type { Choice } from '../choices/choice.ts';
import type { Layout, LayoutRange } from '../layout/layout.ts';
import { toStyle } from '../style/read-style.ts';
import type { Style } from '../style/style.ts';
import { hashOf } from './hash.ts';

/** Says what a file is; stands at its very beginning. */
export const RECORD_FORMAT = 'lucid-ribbon/change-record';
const VERSION = 1;

/**
 * All that became of a text: the text itself, how it was cleaned, what a person decided, and each change. Read again, it gives the
 * same clean text. Described for others in docs/change-record.md and its JSON Schema.
 */
export interface ChangeRecord {
  readonly format: typeof RECORD_FORMAT;
  readonly version: typeof VERSION;
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

/** A layout as JSON has it. */
interface StoredLayout {
  readonly element: readonly number[];
  readonly level: readonly number[];
  readonly region: readonly number[];
  readonly block: readonly number[];
  readonly ranges: readonly LayoutRange[];
}

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
    version: VERSION,
    title,
    source: { sha256: hashOf(source), length: source.length, text: source, ...(layout && { layout }) },
    style,
    choices,
    changes,
    clean: { sha256: hashOf(text), length: text.length },
  };
}

function storeLayout({ element, level, region, block, ranges }: Layout): StoredLayout {
  return { element: [...element], level: [...level], region: [...region], block: [...block], ranges };
}

/** What a record says of a text, once it was found to be whole. */
export interface RecordedText {
  readonly title: string;
  readonly text: string;
  readonly layout?: Layout;
  readonly style: Style;
  readonly choices: readonly Choice[];
}

/** Why a record cannot be read: it is none or not whole, a newer version wrote it, or its text is not the one that it was made of. */
export type RecordProblem = 'damaged' | 'newer' | 'other-text';

export type RecordRead =
  { readonly ok: true; readonly recorded: RecordedText } | { readonly ok: false; readonly problem: RecordProblem };

/** Whether a file is a change record, by its beginning. */
export function isRecord(head: string): boolean {
  return /^\s*\{\s*"format"\s*:\s*"lucid-ribbon\/change-record"/.test(head);
}

/** Reads a record from JSON. Never throws for what is in it. */
export function readRecord(json: string): RecordRead {
  let data: Partial<ChangeRecord>;
  try {
    data = JSON.parse(json) as Partial<ChangeRecord>;
  } catch {
    return { ok: false, problem: 'damaged' };
  }
  if (data.format !== RECORD_FORMAT) return { ok: false, problem: 'damaged' };
  if (typeof data.version === 'number' && data.version > VERSION) return { ok: false, problem: 'newer' };
  const { source, title } = data;
  if (typeof source?.text !== 'string' || typeof title !== 'string') return { ok: false, problem: 'damaged' };
  if (hashOf(source.text) !== source.sha256) return { ok: false, problem: 'other-text' };
  try {
    const style = toStyle(data.style);
    const choices = toChoices(data.choices);
    if (choices.some(({ from, to }) => from > to || to > source.text.length)) return { ok: false, problem: 'damaged' };
    const layout = source.layout && readLayout(source.layout);
    return { ok: true, recorded: { title, text: source.text, ...(layout && { layout }), style, choices } };
  } catch {
    return { ok: false, problem: 'damaged' };
  }
}

function readLayout({ element, level, region, block, ranges }: StoredLayout): Layout {
  return {
    element: Uint8Array.from(element),
    level: Uint8Array.from(level),
    region: Uint8Array.from(region),
    block: Uint32Array.from(block),
    ranges: ranges.map(({ from, to, kind, address }) => ({
      from,
      to,
      kind,
      ...(typeof address === 'string' && { address }),
    })),
  };
}

/** The cleaning that a record leads to. Law: its clean text is the one that the record was made of. */
export function cleanAsRecorded(
  { text, layout, style, choices }: RecordedText,
  options: Omit<Parameters<typeof clean>[3] & object, 'layout'> = {},
): Cleaning {
  return clean(text, style, choices, { ...options, layout });
}
