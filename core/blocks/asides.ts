import { lineAt } from '../text/line-index.ts';
import { isHyphen } from '../text/characters.ts';
import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';

/** A run of lines that stands between two others without parting them: a footnote in the middle of a paragraph. */
export interface Aside {
  readonly from: number;
  readonly to: number;
  /** The lines joined, a paragraph to each note; what a person wrote in their place. */
  readonly text: string;
  readonly isByHand: boolean;
}

/** What a person has a range of the source say; undefined where they said nothing. */
export type SaidByHand = (from: number, to: number) => string | undefined;

/** How the notes of an aside are put together, and what a person wrote in their place. */
export interface AsideRules {
  readonly separator: string;
  readonly saidByHand: SaidByHand;
}

/** The asides among lines [first, end), in order; notes that follow each other on a page make one. */
export function findAsides(
  source: string,
  table: LineTable,
  first: number,
  end: number,
  { separator, saidByHand }: AsideRules,
): Aside[] {
  const asides: Aside[] = [];
  for (let line = first; line < end; line++) {
    if (table.kind[line] !== LineKind.aside) continue;
    let last = line;
    for (let next = line; next < end && isAsideOrBlank(table, next); next++) {
      if (table.kind[next] === LineKind.aside) last = next;
    }
    const from = table.from[line]!;
    const to = table.to[last]!;
    const said = saidByHand(from, to);
    const text = said ?? joinNotes(source, table, line, last, separator);
    asides.push({ from, to, text, isByHand: said !== undefined });
    line = last;
  }
  return asides;
}

/** Whether a range is of notes alone. */
export function isOfAsides({ index, kind }: LineTable, from: number, to: number): boolean {
  return kind[lineAt(index, from)] === LineKind.aside && kind[lineAt(index, to - 1)] === LineKind.aside;
}

/** All asides of a text, a paragraph to each note. */
export function joinAsides(source: string, table: LineTable, rules: AsideRules): string {
  return findAsides(source, table, 0, table.index.count, rules)
    .map(({ text }) => text)
    .join(rules.separator);
}

function isAsideOrBlank(table: LineTable, line: number): boolean {
  return table.kind[line] === LineKind.aside || table.kind[line] === LineKind.blank;
}

const NEW_NOTE = /^(?:\d{1,3}\.?\s?[\p{Lu}“"‘«(]|[*†‡§]|[⁰¹²³⁴-⁹]{1,3}\s?\S)/u;

function joinNotes(source: string, table: LineTable, first: number, last: number, separator: string): string {
  let text = '';
  for (let line = first; line <= last; line++) {
    if (table.kind[line] !== LineKind.aside) continue;
    const words = source.slice(table.from[line], table.to[line]);
    if (text === '') text = words;
    else if (NEW_NOTE.test(words)) text += separator + words;
    else if (isHyphen(text.charCodeAt(text.length - 1)) && table.flags[line]! & Flag.startsLower) {
      text = text.slice(0, -1) + words;
    } else text += ` ${words}`;
  }
  return text;
}
