import { readHouseStyle, type HouseStyle } from '../../core/index.ts';
import type { StyleRecord } from '../../storage/db.ts';
import { newId } from '../../storage/new-id.ts';
import { styleProblemWords } from './style-problem-words.ts';

export type StyleFileRead =
  | { readonly ok: true; readonly record: StyleRecord; readonly unknown: readonly string[] }
  | { readonly ok: false; readonly text: string; readonly detail: string };

/** A house style of the file's, as a record of its own. */
export function newRecord({ name, style, output, for: texts }: HouseStyle, now: number): StyleRecord {
  return {
    id: newId(),
    name,
    style,
    ...(output && { output }),
    ...(texts && { for: texts }),
    createdAt: now,
    changedAt: now,
  };
}

/** Reads a file as a house style. */
export async function readStyleFile(file: File): Promise<StyleFileRead> {
  const read = readHouseStyle(await file.text());
  if (read.ok) return { ok: true, record: newRecord(read.style, Date.now()), unknown: read.unknown };
  const { text, detail } = styleProblemWords(read.problem);
  return { ok: false, text: `${file.name}: ${text.charAt(0).toLowerCase()}${text.slice(1)}`, detail };
}

/** What is said once a style came in. */
export function styleIsHere(
  name: string,
  unknown: readonly string[],
): { readonly text: string; readonly detail?: string } {
  return {
    text: `The style “${name}” is here`,
    detail:
      unknown.length > 0
        ? `This version does not know these passes and leaves them out: ${unknown.join(', ')}.`
        : 'It is among your house styles.',
  };
}
