import { LineKind } from '../line-kind.ts';
import type { KeptLines } from '../kept-lines.ts';
import type { LineTable } from '../line-table.ts';

/*
 * Numbers at the foot of pages that cut no sentence, since pages end with their paragraphs: each is asked about. Numbers above the parts
 * of a text count on as well, but the first of those has no part above it.
 */

const FEWEST = 3;
const NUMBER = /^(?<before>[-–—] ?)?(?<number>\d{1,3})(?<after> ?[-–—])?$/;
/** In units. */
const LONGEST = 7;
/** In lines, blank ones too: pages are about as long as one another, the last excepted. */
const SHORTEST_PAGE = 8;
const MOST_OF_SHORTEST = 1.45;
/** Blank lines at the end of a text. */
const MOST_BELOW_LAST = 2;

/**
 * The places of such numbers, which count on by one: of slides and short pages, each right below the words of its page, before blank
 * lines, to the end of the text; or at about the same distance from one another, with as much above the first. Empty where the text has
 * other such lines. Linear in the number of lines.
 */
export function footNumbers(source: string, table: LineTable, { lines }: KeptLines): number[] {
  const { from, to, kind } = table;
  const places: number[] = [];
  let last: { readonly number: number; readonly signs: string } | undefined;
  let areAtFoot = true;
  for (const [place, line] of lines.entries()) {
    if (to[line]! - from[line]! > LONGEST) continue;
    const found = NUMBER.exec(source.slice(from[line], to[line]))?.groups;
    if (!found) continue;
    const number = Number(found['number']);
    const signs = `${found['before']}${found['after']}`;
    if (last && (number !== last.number + 1 || signs !== last.signs)) return [];
    last = { number, signs };
    places.push(place);
    areAtFoot &&= place > 0 && kind[line - 1] !== LineKind.blank && kind[line + 1] !== LineKind.prose;
  }
  if (places.length < FEWEST) return [];
  const endsText = places.at(-1) === lines.length - 1;
  const numbers = places.map((place) => lines[place]!);
  return (areAtFoot && endsText) || areRegular(numbers, kind.length) ? places : [];
}

function areRegular(numbers: readonly number[], count: number): boolean {
  const pages = numbers.map((line, at) => line - (numbers[at - 1] ?? -1));
  const left = count - 1 - numbers.at(-1)!;
  const last = left <= MOST_BELOW_LAST ? pages.pop()! : left;
  const shortest = Math.min(...pages);
  const longest = Math.max(...pages);
  return shortest >= SHORTEST_PAGE && longest <= shortest * MOST_OF_SHORTEST && last <= longest;
}
