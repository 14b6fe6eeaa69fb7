import { isDigit } from '../text/characters.ts';
import { LineEnd } from '../text/line-index.ts';
import { Flag, type LineTable } from './line-table.ts';
import { isKept, LineKind } from './line-kind.ts';
import { foldHead, readPageLabel } from './page-label.ts';

/**
 * Page furniture: lines at the top or foot of a page that come back with only their number changing.
 *
 * Without page breaks in the text a page number is told by its kin: numbers that grow with the lines, about the same
 * number of lines to a page, cutting through sentences. Dropping prose is the worst error there is, so a lone candidate stays.
 */
interface Candidate {
  readonly line: number;
  /** Position among the kept lines: pages are measured in lines with words. */
  readonly place: number;
  readonly number: number;
  readonly rest: string;
  readonly atPageBreak: boolean;
  readonly cutsSentence: boolean;
}

interface KeptLines {
  readonly lines: Uint32Array;
  /** By place: a page break lies before or after, with at most one other kept line between. */
  readonly nearBreak: Uint8Array;
}

const NEAR = 2;
const LONGEST_HEAD = 90;
/** "– xxxviii –", "Page 12 of 340" */
const LONGEST_BARE_LABEL = 16;
const FEWEST_LINES_A_PAGE = 10;
const MOST_LINES_A_PAGE = 90;
const PREDECESSORS_TRIED = 40;
/** With a number these name a part of the text: headings, however regularly they come. */
const NUMBERED_PARTS: ReadonlySet<string> = new Set(
  'section chapter part article book volume act scene lesson stop figure table kapitel teil abschnitt artikel chapitre partie livre capítulo parte sección'.split(
    ' ',
  ),
);

/** Sets the kind of page numbers and running heads in `table.kind`. */
export function findFurniture(source: string, table: LineTable): void {
  const kept = keptLines(table);
  const candidates = findCandidates(source, table, kept);
  const pages = new Set<number>();
  for (const candidate of numberedPages(candidates)) {
    table.kind[candidate.line] = candidate.rest === '' ? LineKind.pageNumber : LineKind.runningHead;
    pages.add(candidate.place);
  }
  dropUnnumberedHeads(source, table, kept, pages);
}

function keptLines(table: LineTable): KeptLines {
  const { kind, index } = table;
  const lines = new Uint32Array(index.count);
  const breakBefore = new Uint8Array(index.count + 1);
  let places = 0;
  for (let line = 0; line < index.count; line++) {
    if (isKept(kind[line]!)) lines[places++] = line;
    if (index.end[line] === LineEnd.pageBreak) breakBefore[places] = 1;
  }
  const nearBreak = new Uint8Array(places);
  for (let place = 0; place < places; place++) {
    for (let near = 1 - NEAR; near <= NEAR; near++) if (breakBefore[place + near]) nearBreak[place] = 1;
  }
  return { lines: lines.slice(0, places), nearBreak };
}

function findCandidates(source: string, table: LineTable, kept: KeptLines): Candidate[] {
  const candidates: Candidate[] = [];
  for (let place = 0; place < kept.lines.length; place++) {
    const line = kept.lines[place]!;
    if (!mayNumberPage(source, table, line)) continue;
    const text = source.slice(table.from[line], table.to[line]);
    const label = readPageLabel(text.replace(/\s+/g, ' '));
    if (!label || NUMBERED_PARTS.has(label.rest)) continue;
    const near = kept.nearBreak[place] === 1;
    if (label.rest !== '' && !near && !looksLikeHead(table, line, text)) continue;
    candidates.push({
      line,
      place,
      number: label.number,
      rest: label.rest,
      atPageBreak: near,
      cutsSentence: cutsSentence(table, kept, place),
    });
  }
  return candidates;
}

/** Cheap refusal: only lines that begin or end with a figure, and very short ones, can number a page. */
function mayNumberPage(source: string, table: LineTable, line: number): boolean {
  if (table.chars[line]! <= LONGEST_BARE_LABEL) return true;
  return isDigit(source.charCodeAt(table.from[line]!)) || isDigit(source.charCodeAt(table.to[line]! - 1));
}

/** Short for a line here, without the end of a sentence and without a list marker. */
function looksLikeHead(table: LineTable, line: number, text: string): boolean {
  const flags = table.flags[line]!;
  if (flags & (Flag.endsStop | Flag.endsComma | Flag.endsHyphen | Flag.startsLower)) return false;
  // "3.2. Duties 11" is the head of a section's page; "3.2. Duties" would be its heading.
  if (flags & Flag.startsMarker && !/\s\d{1,4}$/.test(text)) return false;
  return / {4}/.test(text) || text.length < 48;
}

function cutsSentence(table: LineTable, kept: KeptLines, place: number): boolean {
  const before = kept.lines[place - 1];
  const after = kept.lines[place + 1];
  const afterHead = kept.lines[place + 2];
  if (before === undefined || after === undefined) return false;
  const open = (table.flags[before]! & (Flag.endsStop | Flag.endsColon)) === 0;
  const goesOn = (line: number | undefined) => line !== undefined && (table.flags[line]! & Flag.startsLower) !== 0;
  return (open && goesOn(after)) || goesOn(afterHead) || goesOn(after);
}

/** The best-supported chain of growing page numbers, and bare numbers that stand at a page break. */
function numberedPages(candidates: readonly Candidate[]): Candidate[] {
  const chain = longestChain(candidates);
  const accepted = new Set(isPageChain(chain) ? chain : []);
  for (const candidate of candidates) {
    const bare = candidate.rest === '';
    if (bare && (candidate.atPageBreak || (candidate.cutsSentence && candidate.number > 0))) accepted.add(candidate);
  }
  return [...accepted];
}

function longestChain(candidates: readonly Candidate[]): Candidate[] {
  const forms = new Map<string, number>();
  for (const { rest } of candidates) forms.set(rest, (forms.get(rest) ?? 0) + 1);
  const worth = (candidate: Candidate) =>
    (candidate.rest === '' || forms.get(candidate.rest)! > 1 ? 1 : 0.3) + (candidate.atPageBreak ? 1 : 0);
  const score = candidates.map(worth);
  const previous = candidates.map(() => -1);
  let best = -1;
  for (let at = 0; at < candidates.length; at++) {
    const own = score[at]!;
    for (let before = Math.max(0, at - PREDECESSORS_TRIED); before < at; before++) {
      if (!follows(candidates[before]!, candidates[at]!)) continue;
      if (score[before]! + own > score[at]!) {
        score[at] = score[before]! + own;
        previous[at] = before;
      }
    }
    if (best < 0 || score[at]! > score[best]!) best = at;
  }
  const chain: Candidate[] = [];
  for (let at = best; at >= 0; at = previous[at]!) chain.unshift(candidates[at]!);
  return chain;
}

function follows(a: Candidate, b: Candidate): boolean {
  const pages = b.number - a.number;
  if (pages < 1 || pages > 8) return false;
  const linesAPage = (b.place - a.place) / pages;
  if (a.atPageBreak && b.atPageBreak) return linesAPage >= 2 && linesAPage <= 2 * MOST_LINES_A_PAGE;
  return linesAPage >= FEWEST_LINES_A_PAGE && linesAPage <= MOST_LINES_A_PAGE;
}

function isPageChain(chain: readonly Candidate[]): boolean {
  if (chain.length < 2) return false;
  const breaks = chain.filter((page) => page.atPageBreak).length;
  const cuts = chain.filter((page) => page.cutsSentence).length;
  if (breaks >= 2) return true;
  if (chain.length < 3) return cuts >= 1 && chain[0]!.rest === chain[1]!.rest;
  return cuts >= 1;
}

/** Heads without a number: beside page numbers or page breaks, or cutting through sentences at page distance. */
function dropUnnumberedHeads(source: string, table: LineTable, kept: KeptLines, pages: ReadonlySet<number>): void {
  const places = placesOfHeads(source, table, kept);
  const heads = new Set([
    ...capitalsBesideNumbers(table, kept, pages, -1),
    ...capitalsBesideNumbers(table, kept, pages, 1),
  ]);
  for (const found of places.values()) {
    const known = found.some((place) => heads.has(place));
    if (known) for (const place of found) if (place < NEAR || besidePage(pages, place)) heads.add(place);
    if (found.length < 2 || !haveOwnNeighbours(source, table, kept, found)) continue;
    for (const place of recurringHeads(table, kept, pages, found)) heads.add(place);
  }
  dropFootOfLastPage(places, heads, kept);
  for (const place of heads) table.kind[kept.lines[place]!] = LineKind.runningHead;
}

/** The last line of the text has no page after it, but it is a foot where the same words are feet elsewhere. */
function dropFootOfLastPage(places: ReadonlyMap<string, readonly number[]>, heads: Set<number>, kept: KeptLines): void {
  const last = kept.lines.length - 1;
  for (const found of places.values()) {
    if (found.at(-1) === last && found.some((place) => heads.has(place))) heads.add(last);
  }
}

const NEVER_IN_HEADS = Flag.endsStop | Flag.endsComma | Flag.endsHyphen | Flag.startsMarker | Flag.startsLower;

function placesOfHeads(source: string, table: LineTable, kept: KeptLines): Map<string, number[]> {
  const places = new Map<string, number[]>();
  for (let place = 0; place < kept.lines.length; place++) {
    const line = kept.lines[place]!;
    if (table.kind[line] !== LineKind.prose || table.chars[line]! > LONGEST_HEAD) continue;
    if (table.flags[line]! & NEVER_IN_HEADS) continue;
    const head = foldHead(source.slice(table.from[line], table.to[line]));
    const known = places.get(head);
    if (known) known.push(place);
    else places.set(head, [place]);
  }
  return places;
}

/** Lines in capitals on one side of most page numbers: heads, even where each page has another. */
function capitalsBesideNumbers(table: LineTable, kept: KeptLines, pages: ReadonlySet<number>, side: 1 | -1): number[] {
  const beside = [...pages]
    .map((place) => place + side)
    .filter((place) => {
      const line = kept.lines[place];
      return line !== undefined && !pages.has(place) && (table.flags[line]! & Flag.allCapitals) !== 0;
    });
  return beside.length >= 2 && beside.length * 2 >= pages.size ? beside : [];
}

function besidePage(pages: ReadonlySet<number>, place: number): boolean {
  return pages.has(place - 1) || pages.has(place + 1);
}

function recurringHeads(
  table: LineTable,
  kept: KeptLines,
  pages: ReadonlySet<number>,
  found: readonly number[],
): number[] {
  const before = found.filter((place) => pages.has(place + 1));
  const after = found.filter((place) => pages.has(place - 1));
  const beside = before.length >= after.length ? before : after;
  const atBreak = found.filter((place) => kept.nearBreak[place] === 1);
  const heads = new Set([...(beside.length >= 2 ? beside : []), ...(atBreak.length >= 2 ? atBreak : [])]);
  if (heads.size > 0) return [...new Set([...heads, ...beside])];
  if (found.length < 3 || !arePageApart(found)) return [];
  const cuts = found.filter((place) => cutsSentence(table, kept, place)).length;
  return cuts * 2 >= found.length ? [...found] : [];
}

/** What follows a running head is another text each time; where the same lines follow, a passage was repeated. */
function haveOwnNeighbours(source: string, table: LineTable, kept: KeptLines, found: readonly number[]): boolean {
  const followers = new Set(
    found.map((place) => {
      const line = kept.lines[place + 1];
      return line === undefined ? '' : source.slice(table.from[line], table.to[line]);
    }),
  );
  return followers.size > found.length / 2;
}

function arePageApart(places: readonly number[]): boolean {
  return places.every((place, at) => at === 0 || place - places[at - 1]! >= FEWEST_LINES_A_PAGE);
}
