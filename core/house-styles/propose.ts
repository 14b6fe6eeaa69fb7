import type { SourceKind } from '../report/summary.ts';
import type { HouseStyle, StyleFor } from './house-style.ts';

/** What is known of a text before it is cleaned. */
export interface TextHead {
  readonly name?: string;
  readonly source: string;
  /** Not known before the text was read. */
  readonly kind?: SourceKind;
}

/** How far into a text its head reaches, in UTF-16 units. */
const HEAD = 2000;

/** By what a style was found to be meant for a text. */
export type ProposedBy = keyof StyleFor;

/** The style that is meant for a text: all that it says of its texts holds, and it says the most. Undefined where none is. */
export function proposeStyle<S extends HouseStyle>(
  styles: readonly S[],
  text: TextHead,
): { readonly style: S; readonly by: readonly ProposedBy[] } | undefined {
  let best: { style: S; by: ProposedBy[] } | undefined;
  for (const style of styles) {
    const by = answersTo(style.for ?? {}, text);
    if (by && by.length > (best?.by.length ?? 0)) best = { style, by };
  }
  return best;
}

/** By what a text answers to what a style says of its texts; undefined where it does not. */
function answersTo(meant: StyleFor, { name, source, kind }: TextHead): ProposedBy[] | undefined {
  const by: ProposedBy[] = [];
  const words = meant.words?.trim() ?? '';
  if (words !== '') {
    if (!folded(source.slice(0, HEAD)).includes(folded(words))) return undefined;
    by.push('words');
  }
  const file = meant.file?.trim() ?? '';
  if (file !== '') {
    if (name === undefined || !nameFits(file, name)) return undefined;
    by.push('file');
  }
  if (meant.kind !== undefined) {
    if (meant.kind !== kind) return undefined;
    by.push('kind');
  }
  return by.length > 0 ? by : undefined;
}

function folded(words: string): string {
  return words.toLowerCase().replace(/\s+/g, ' ');
}

/** Whether a name fits one in which "*" stands for any characters. Linear: each stretch is looked for behind the one before. */
function nameFits(wanted: string, name: string): boolean {
  const parts = wanted.toLowerCase().split('*');
  const own = name.toLowerCase();
  if (parts.length === 1) return own === parts[0];
  const last = parts.pop()!;
  if (!own.startsWith(parts[0]!) || !own.endsWith(last)) return false;
  let at = parts[0]!.length;
  for (const part of parts.slice(1)) {
    const found = own.indexOf(part, at);
    if (found < 0) return false;
    at = found + part.length;
  }
  return at <= own.length - last.length;
}
