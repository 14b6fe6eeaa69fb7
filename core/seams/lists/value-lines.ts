import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { Sign } from '../../text/signs.ts';
import { edgeInCharacters } from '../measure/room.ts';
import { LEANS } from '../runs-on.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.87;
/**
 * "Soup     £4.50", "Eel pie    12", "A clock   £200–300": behind the one wide gap of a line, at its end. Lines that are spaced to fill their
 * measure have several.
 */
const ENTRY = /^(?:\S| (?! ))+ {3,}(?:[£$€]\s?)?\d[\d.,]*(?:\s?[–-]\s?\d[\d.,]*)?(?:\s?[%€$£])?$/;
/** In units. */
const LONGEST = 120;
/** Lines with a value that end in one column. */
const FEWEST = 3;

/**
 * A bill of fare, a list of prices: what a value stands behind may take several lines, and the value, behind the last of them, ends the
 * entry.
 */
export function settleAroundValues(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  breakBeforePrices(source, table, seams, verdicts);
  const hasValue = Uint8Array.from(line, (one) => (endsInValue(source, table, one) ? 1 : 0));
  const byEdge = new Map<number, number>();
  for (const [place, one] of line.entries()) {
    const edge = edgeInCharacters(table, one);
    if (hasValue[place]) byEdge.set(edge, (byEdge.get(edge) ?? 0) + 1);
  }
  for (let last = 0; last <= count; last++) {
    if (!hasValue[last] || byEdge.get(edgeInCharacters(table, line[last]!))! < FEWEST) continue;
    if (last < count && verdicts.decision[last] === Decision.join)
      settle(verdicts, last, Decision.break, 'shape', CERTAINTY);
    // Upwards, as far as the words run on.
    for (let seam = last - 1; seam >= 0 && !hasValue[seam] && blanks[seam] === 0; seam--) {
      if (!goesOn(table, line[seam]!, line[seam + 1]!)) break;
      settle(verdicts, seam, Decision.join, 'wrappedEntry', CERTAINTY);
    }
  }
}

/** "£400–600", "12,50 €": nothing but a price. */
const PRICE = /^(?:[£$€¥]\s?\d[\d.,]*(?:\s?[–-]\s?[£$€¥]?\d[\d.,]*)?|\d[\d.,]*(?:\s?[–-]\s?\d[\d.,]*)?\s?[£$€¥])$/;
const LONGEST_PRICE = 24;
const FEWEST_PRICES = 2;

/** Prices alone on their lines, each below what it is asked for. */
function breakBeforePrices(source: string, table: LineTable, { line }: SeamTable, verdicts: Verdicts): void {
  const isPrice = (one: number) =>
    table.chars[one]! <= LONGEST_PRICE && PRICE.test(source.slice(table.from[one], table.to[one]));
  const prices = [...line.keys()].filter((place) => place > 0 && isPrice(line[place]!));
  if (prices.length < FEWEST_PRICES) return;
  for (const place of prices)
    if (verdicts.decision[place - 1] === Decision.join) settle(verdicts, place - 1, Decision.break, 'shape', CERTAINTY);
}

function goesOn({ kind, flags }: LineTable, before: number, next: number): boolean {
  if (kind[before] !== LineKind.prose || flags[before]! & (Flag.endsStop | Flag.endsColon)) return false;
  return (flags[next]! & Flag.startsLower) !== 0 || (flags[before]! & LEANS) !== 0;
}

function endsInValue(source: string, { from, to, signs }: LineTable, line: number): boolean {
  if (!(signs[line]! & Sign.spaceThenSpace) || to[line]! - from[line]! > LONGEST) return false;
  return ENTRY.test(source.slice(from[line], to[line]));
}
