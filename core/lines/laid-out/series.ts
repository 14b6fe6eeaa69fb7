import { isKept } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';

/*
 * Signs and numbers that open items only because others like them do: "a." may be an initial, "→" or "#1" stand anywhere, and "2.2" be a
 * figure. Three lines that begin with the same sign, or with numbers of one form that count on, are items of a list.
 */

const FEWEST = 3;
/** Where a list has others in it, two may be all: if they count from one, and there are so many in all. */
const FEWEST_OF_PAIRS = 4;
/** In lines, between two items. */
const FARTHEST = 40;
/** In units: the sign with what leads to it. */
const LONGEST = 12;

/** What a line begins with, cut into the form, which all items share, and the number. */
const NUMBERED =
  /^(?<before>[#(]?|(?:[QqAa]|No\.? ?|Nr\.? ?|\d{1,2}\.))(?<number>\d{1,3}|[a-zA-Z]|[ivx]{1,5}|[IVX]{1,5})(?<after>[.):]|\.\))?\s+\S/;
/** Signs that no sentence begins with; and the letter with which a word processor draws a ring. */
const SIGN = /^(?:[-=]>|o(?=\t| {2})|\[[ xX✓]?\]|[^\p{L}\p{N}\p{P}\s$£€+<>|^~=`©®°§]{1,2})\s+\S/u;
/** Where it is no word, as it is in Italian and Portuguese. */
const RING = /^o\s+\S/;

/** Items that follow one another: their lines, and the number that the first and the last count with. */
interface Run {
  readonly lines: number[];
  readonly first: number;
  last: number;
}

/** Sets the flags of lines that begin the items of such a list, and gives these lines. Linear in the number of lines. */
export function markSeries(source: string, table: LineTable): ReadonlySet<number> {
  const open = new Map<string, Run>();
  /** By the form without the number of a part before it: "2.1" and "3.1" are alike. */
  const alike = new Map<string, Run[]>();
  for (let line = 0; line < table.index.count; line++) {
    if (!isKept(table.kind[line]!)) continue;
    for (const [form, value] of readItem(source, table, line)) {
      const before = open.get(form);
      const isNext = before && (value === 0 || value === before.last + 1);
      if (isNext && line - before.lines.at(-1)! <= FARTHEST) {
        before.lines.push(line);
        before.last = value;
        continue;
      }
      const run = { lines: [line], first: value, last: value };
      open.set(form, run);
      const kin = form.replace(/ \d+\./, ' .');
      const runs = alike.get(kin);
      if (runs) runs.push(run);
      else alike.set(kin, [run]);
    }
  }
  const found = new Set<number>();
  for (const runs of alike.values()) for (const line of itemsOf(table, runs)) found.add(line);
  for (const line of found) setMarker(source, table, line);
  return found;
}

/** The lines of those runs of one form that are lists. */
function itemsOf({ flags }: LineTable, runs: readonly Run[]): readonly number[] {
  const isMarked = (line: number) => (flags[line]! & Flag.startsMarker) !== 0;
  const mayBe = runs.filter(({ lines, first }) => lines.length >= FEWEST || (lines.length === 2 && first === 1));
  const count = mayBe.reduce((sum, { lines }) => sum + lines.length, 0);
  return mayBe
    .filter(({ lines }) => lines.length >= FEWEST || count >= FEWEST_OF_PAIRS || lines.some(isMarked))
    .flatMap(({ lines }) => lines);
}

const NONE: (readonly [string, number])[] = [];
/** The longest number with what leads to it, in units. */
const LONGEST_NUMBER = 8;

/** Cheap refusal: nearly all lines begin with a word of letters alone. */
function mayOpenItem(source: string, from: number): boolean {
  const first = source.charCodeAt(from);
  if (!isLetter(first) || first === LETTER_O) return true;
  for (let at = from + 1; at < from + LONGEST_NUMBER; at++) {
    const code = source.charCodeAt(at);
    if (!isLetter(code)) return code !== 0x20 && code !== 0x2c && code !== 0x2d;
  }
  return false;
}

const LETTER_O = 0x6f;

function isLetter(code: number): boolean {
  return (code >= 0x61 && code <= 0x7a) || (code >= 0x41 && code <= 0x5a) || (code >= 0xc0 && code < 0x2000);
}

/** The forms that the start of a line may have, each with the number it counts with; 0 for signs. */
function readItem(
  source: string,
  { from, to, indent, language }: LineTable,
  line: number,
): (readonly [string, number])[] {
  if (!mayOpenItem(source, from[line]!)) return NONE;
  const start = source.slice(from[line], Math.min(to[line]!, from[line]! + LONGEST));
  const sign = SIGN.exec(start) ?? (language === 'en' ? RING.exec(start) : null);
  if (sign) return [[`${indent[line]} ${sign[0].trimEnd().slice(0, -1).trim().replace(/[xX✓]/, ' ')}`, 0]];
  const match = NUMBERED.exec(start);
  if (!match) return NONE;
  const { before, number, after = '' } = match.groups as { before: string; number: string; after?: string };
  // A number alone counts something, unless something stands on either side of it.
  if (after === '' && !/^(?:#|[Qq]|No|Nr|\d)/.test(before)) return [];
  const form = (way: string) => `${indent[line]} ${before}${way}${after}`;
  if (/\d/.test(number)) return [[form('1'), Number(number)]];
  const small = number === number.toLowerCase() ? 'a' : 'A';
  const values: (readonly [string, number])[] = [];
  if (number.length === 1) values.push([form(small), number.toLowerCase().charCodeAt(0) - 0x60]);
  if (/^[ivx]+$/i.test(number)) values.push([form(`${small}i`), valueOfRoman(number.toLowerCase())]);
  return values;
}

const ROMAN: Readonly<Record<string, number>> = { i: 1, v: 5, x: 10 };

function valueOfRoman(number: string): number {
  const values = [...number].map((sign) => ROMAN[sign]!);
  return values.reduce((sum, value, at) => sum + (value < (values[at + 1] ?? 0) ? -value : value), 0);
}

const STARTS =
  Flag.startsLower |
  Flag.startsUpper |
  Flag.startsDigit |
  Flag.startsReferring |
  Flag.startsAddress |
  Flag.startsCaseless;

function setMarker(source: string, table: LineTable, line: number): void {
  if (table.flags[line]! & Flag.startsMarker) return;
  const isSign = !/[\p{L}\p{N}]/u.test(source.slice(table.from[line], table.from[line]! + 2));
  table.flags[line] = (table.flags[line]! & ~STARTS) | Flag.startsMarker | (isSign ? Flag.startsBullet : 0);
}
