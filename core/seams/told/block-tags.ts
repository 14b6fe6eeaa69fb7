import { Flag, type LineTable } from '../../lines/line-table.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.95;
const BLOCK = 'p|div|h[1-6]|li|ul|ol|dl|dt|dd|blockquote|pre|table|tr|hr|section|article|header|footer';
const CLOSES = new RegExp(String.raw`(?:</(?:${BLOCK})>|<[bh]r ?/?>)$`, 'i');
const OPENS = new RegExp(String.raw`^<(?:${BLOCK})(?:\s[^<>]*)?>`, 'i');
const LINE_BREAK = /[^>\s]\s*<br ?\/?>$/i;
const LONGEST_TAG = 200;
const LESS_THAN = 0x3c;
const GREATER_THAN = 0x3e;

/** Settles the seams where the markup of a page begins or ends a paragraph. */
export function breakAtBlockTags(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (table.captions.found) return;
  const { from, to } = table;
  const { line, count } = seams;
  const afterBreak: number[] = [];
  for (let seam = 0; seam < count; seam++) {
    const end = to[line[seam]!]!;
    const start = from[line[seam + 1]!]!;
    const tag = source.charCodeAt(end - 1) === GREATER_THAN ? source.slice(Math.max(0, end - 12), end) : '';
    const opens =
      source.charCodeAt(start) === LESS_THAN &&
      OPENS.test(source.slice(start, Math.min(source.length, start + LONGEST_TAG)));
    if (opens || (CLOSES.test(tag) && !LINE_BREAK.test(tag)))
      settle(verdicts, seam, Decision.break, 'markup', CERTAINTY);
    else if (CLOSES.test(tag)) afterBreak.push(seam);
  }
  if (standAtWraps(table, seams, afterBreak)) return;
  for (const seam of afterBreak) settle(verdicts, seam, Decision.break, 'markup', CERTAINTY);
}

const SHARE_OF_CUTS = 0.3;
const FEWEST_CUTS = 3;
/** In characters: verses with small letters are shorter. */
const SHORTEST_WRAPPED = 40;

/** Whether single line breaks, at the ends of these seams' first lines, stand where wrapped lines end: they cut sentences. */
function standAtWraps({ flags, chars }: LineTable, { line, blanks }: SeamTable, ends: readonly number[]): boolean {
  const cuts = ends.filter((seam) => {
    const [one, next] = [line[seam]!, line[seam + 1]!];
    return blanks[seam] === 0 && chars[one]! >= SHORTEST_WRAPPED && (flags[next]! & Flag.startsLower) !== 0;
  });
  return cuts.length >= Math.max(FEWEST_CUTS, ends.length * SHARE_OF_CUTS);
}
