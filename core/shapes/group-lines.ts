import { formOf, readRow } from './entries.ts';
import type { EntryMark, Typed } from './line-shape.ts';
import { LONGEST_LINE } from './match-shape.ts';
import type { SignId } from './signs.ts';
import { lineTokens } from './tokens.ts';

/** Lines that look alike: the same kinds of words in the same order. */
export interface LineGroup {
  /** Kinds and signs in line order, a space between: "time text link". */
  readonly form: string;
  /** Their line numbers, from 0, in order. */
  readonly lines: readonly number[];
  /** Where each line holds several entries: what parts them. `form` is then that of the entries. */
  readonly within?: EntryMark;
}

/** Running text has this form. */
export const WORDS_ALONE = 'text';

/**
 * Groups lines by what they look like, the most lines first, running text last. Blank lines are in none. Linear in the text.
 */
export function groupLines(count: number, lineAt: (line: number) => string): LineGroup[] {
  const groups = new Map<string, { form: string; within?: EntryMark; lines: number[] }>();
  for (let line = 0; line < count; line++) {
    const words = lineAt(line);
    if (words.trim() === '') continue;
    const row = readRow(words);
    const within = row?.mark;
    const form = row?.form ?? formOfLine(words);
    const key = `${within ?? ''} ${form}`;
    const group = groups.get(key);
    if (group) group.lines.push(line);
    else groups.set(key, { form, ...(within && { within }), lines: [line] });
  }
  return [...groups.values()].sort((a, b) => rank(a) - rank(b) || b.lines.length - a.lines.length);
}

function rank({ form }: LineGroup): number {
  return form === WORDS_ALONE ? 1 : 0;
}

function formOfLine(words: string): string {
  return words.length > LONGEST_LINE ? WORDS_ALONE : formOf(lineTokens(words)) || WORDS_ALONE;
}

/** The kinds and signs of a form, in order. */
export function kindsOfForm(form: string): readonly (Typed | SignId | 'text')[] {
  return form.split(' ') as (Typed | SignId | 'text')[];
}
