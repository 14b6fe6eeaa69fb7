import type { LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.95;
const BLOCK = 'p|div|h[1-6]|li|ul|ol|dl|dt|dd|blockquote|pre|table|tr|hr|section|article|header|footer';
const CLOSES = new RegExp(String.raw`(?:</(?:${BLOCK})>|<[bh]r ?/?>)$`, 'i');
const OPENS = new RegExp(String.raw`^<(?:${BLOCK})(?:\s[^<>]*)?>`, 'i');
const LONGEST_TAG = 200;
const LESS_THAN = 0x3c;
const GREATER_THAN = 0x3e;

/** Settles the seams where the markup of a page begins or ends a paragraph. */
export function breakAtBlockTags(
  source: string,
  { from, to }: LineTable,
  { line, count }: SeamTable,
  verdicts: Verdicts,
): void {
  for (let seam = 0; seam < count; seam++) {
    const end = to[line[seam]!]!;
    const start = from[line[seam + 1]!]!;
    const closes = source.charCodeAt(end - 1) === GREATER_THAN && CLOSES.test(source.slice(Math.max(0, end - 12), end));
    const opens =
      source.charCodeAt(start) === LESS_THAN &&
      OPENS.test(source.slice(start, Math.min(source.length, start + LONGEST_TAG)));
    if (closes || opens) settle(verdicts, seam, Decision.break, 'markup', CERTAINTY);
  }
}
