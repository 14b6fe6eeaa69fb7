import type { LineTable } from '../lines/line-table.ts';
import { Decision, groupsOf, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.88;
const FEWEST = 3;
const SHARE_IN_ORDER = 0.9;
const LONGEST_LEAD = 80;
/** "sluice /sluːs/ n. 1 a gate", "smelt, v.t. & i. to melt": a word, perhaps how it is said, and what part of speech it is. */
const ENTRY =
  /^(\p{L}[\p{L}\p{M}’'-]{1,24})\d?,? (?:\/[^/]{1,30}\/,? |\[[^\]]{1,30}\],? |\([^)]{1,30}\),? )?\p{Ll}{1,5}\.(?:[ ,&]|\p{Ll}{1,3}\.)/u;

/**
 * Entries of a dictionary without a sign or a gap between them: lines that begin with a word and its part of speech, in the order of
 * the alphabet. Linear in the number of lines.
 */
export function breakBeforeHeadwords(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  for (const [first, last] of groupsOf(seams)) {
    if (last - first + 1 < FEWEST || headword(source, table, seams.line[first]!) === undefined) continue;
    const entries: { readonly place: number; readonly word: string }[] = [];
    for (let place = first; place <= last; place++) {
      const word = headword(source, table, seams.line[place]!);
      if (word !== undefined) entries.push({ place, word });
    }
    if (entries.length < FEWEST) continue;
    const inOrder = entries.filter(({ word }, at) => at > 0 && ORDER.compare(entries[at - 1]!.word, word) <= 0);
    if (inOrder.length < (entries.length - 1) * SHARE_IN_ORDER) continue;
    for (const { place } of inOrder) settle(verdicts, place - 1, Decision.break, 'shape', CERTAINTY);
  }
}

const ORDER = new Intl.Collator('en', { sensitivity: 'base' });

function headword(source: string, { from, to }: LineTable, line: number): string | undefined {
  const start = from[line]!;
  return ENTRY.exec(source.slice(start, Math.min(to[line]!, start + LONGEST_LEAD)))?.[1];
}
