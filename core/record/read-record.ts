import type { Choice } from '../choices/choice.ts';
import { toChoices } from '../choices/read-choice.ts';
import type { Layout } from '../layout/layout.ts';
import { readLayout } from '../layout/stored-layout.ts';
import { toStyle } from '../style/read-style.ts';
import type { Style } from '../style/style.ts';
import { RECORD_FORMAT, RECORD_VERSION, type ChangeRecord } from './change-record.ts';
import { hashOf } from './hash.ts';

/**
 * What a record says of a text, once it was found to be whole. Law: cleaned so, the text gives the clean text that the record was
 * made of.
 */
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

/** Reads a record from JSON. Never throws for what is in it. */
export function readRecord(json: string): RecordRead {
  let data: Partial<ChangeRecord>;
  try {
    data = JSON.parse(json) as Partial<ChangeRecord>;
  } catch {
    return { ok: false, problem: 'damaged' };
  }
  if (data.format !== RECORD_FORMAT) return { ok: false, problem: 'damaged' };
  if (typeof data.version === 'number' && data.version > RECORD_VERSION) return { ok: false, problem: 'newer' };
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
