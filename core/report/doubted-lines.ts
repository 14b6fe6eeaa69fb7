import type { Block } from '../cleaning/block.ts';
import { isApproved, mayEdit } from '../choices/permits.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { BY_HAND, textOfPieces } from '../edits/piece.ts';
import type { Place } from '../edits/place.ts';
import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { Decision } from '../seams/seam-table.ts';
import { misfits } from '../shapes/apply-shapes.ts';
import { isMonth } from '../text/language.ts';

/**
 * Lines that may be none of the text: the same line again and again, head matter before the text proper, a menu, a line among those
 * that a taught shape fits.
 */
export interface DoubtedLines {
  readonly what: 'repeated' | 'head' | 'menu' | 'misfit';
  /** In source order; at least one. */
  readonly places: readonly Place[];
}

/** Finds lines that a person may want to leave out and has not yet decided about. Linear in the number of lines, once for each text. */
export function findDoubtedLines(cleaning: Cleaning): DoubtedLines[] {
  if (cleaning.table.captions.found) return undecided(cleaning, findMisfits(cleaning));
  const all = [...findHead(cleaning), ...findMenus(cleaning), ...findRepeated(cleaning), ...findMisfits(cleaning)];
  return undecided(cleaning, all);
}

function undecided(cleaning: Cleaning, all: readonly DoubtedLines[]): DoubtedLines[] {
  return all.filter(({ places }) => !places.some(({ from, to }) => isDecided(cleaning, from, to)));
}

/** The lines between those that taught shapes fit: they stay as they are until a person looked at them. */
function findMisfits({ table, decided, visible }: Cleaning): DoubtedLines[] {
  const { shaped } = table;
  if (!shaped) return [];
  const lines = [...visible.kept].map((kept) => decided.seams.line[kept]!);
  return misfits(lines.map((line) => shaped.has(line))).map((at) => {
    const line = lines[at]!;
    return { what: 'misfit', places: [{ from: table.from[line]!, to: table.to[line]! }] };
  });
}

/** A person found right that it stays, or closed it to all changes. */
function isDecided({ permits }: Cleaning, from: number, to: number): boolean {
  return isApproved(permits, BY_HAND, from, to) || !mayEdit(permits, BY_HAND, from, to);
}

const FEWEST_REPEATS = 3;
const LONGEST_REPEATED = 60;
/** A line as full as this, as a share of the measure, is one of running prose. */
const FULL = 0.75;
const MOST_REPEATED = 12;
const ENDS = Flag.endsStop | Flag.endsComma | Flag.endsColon | Flag.endsHyphen | Flag.endsDash;

/** The table of a text stays the same object while no choice changes its lines. */
const KNOWN = new WeakMap<LineTable, ReadonlyMap<string, readonly Place[]>>();

/** Short lines by what they say, figures aside. */
function shortLines(cleaning: Cleaning): ReadonlyMap<string, readonly Place[]> {
  const { table } = cleaning;
  let known = KNOWN.get(table);
  if (!known) KNOWN.set(table, (known = groupShortLines(cleaning)));
  return known;
}

/** Where only figures differ, as in headings with numbers and dates, the lines are most likely meant. */
function findRepeated(cleaning: Cleaning): readonly DoubtedLines[] {
  const { source, table } = cleaning;
  let known = REPEATED.get(table);
  if (known) return known;
  const says = ({ from, to }: Place) => source.slice(from, to);
  known = [...shortLines(cleaning).values()]
    .filter((places) => places.length >= FEWEST_REPEATS)
    .filter((places) => places.every((place) => says(place) === says(places[0]!)))
    .sort((a, b) => b.length - a.length)
    .slice(0, MOST_REPEATED)
    .map((places) => ({ what: 'repeated', places }));
  REPEATED.set(table, known);
  return known;
}

/** As KNOWN: which of them come again and again. */
const REPEATED = new WeakMap<LineTable, readonly DoubtedLines[]>();

function patternOf(text: string): string {
  return text.replace(/\d+/g, '#').replace(/\s+/g, ' ');
}

function groupShortLines({ source, table, decided }: Cleaning): Map<string, Place[]> {
  const { line: kept, count } = decided.seams;
  const { widestCharacters } = decided.measure;
  const longest = widestCharacters > 0 ? Math.min(LONGEST_REPEATED, widestCharacters * FULL) : LONGEST_REPEATED;
  const groups = new Map<string, Place[]>();
  for (let at = 0; at < kept.length; at++) {
    const line = kept[at]!;
    const isLine = table.kind[line] === LineKind.prose || table.kind[line] === LineKind.heading;
    if (!isLine || table.chars[line]! > longest) continue;
    if (table.flags[line]! & (ENDS | Flag.startsMarker | Flag.startsSpeaker)) continue;
    // A refrain stands among lines that are kept as lines.
    if (decided.decision[at] === Decision.keep && at < count) continue;
    if (at > 0 && decided.decision[at - 1] === Decision.keep) continue;
    const text = source.slice(table.from[line], table.to[line]);
    if (!/\p{L}{2}/u.test(text)) continue;
    const key = patternOf(text);
    const places = groups.get(key);
    const place = { from: table.from[line]!, to: table.to[line]! };
    if (places) places.push(place);
    else groups.set(key, [place]);
  }
  return groups;
}

const MOST_HEAD_BLOCKS = 12;
const LONGEST_HEAD = 90;
const SHORTEST_PROPER = 160;
const SHORT_MONTH = /\b(jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec)\b/i;
const BYLINE =
  /^(by|von|par|por|text|words|photos?|source|published|updated|posted|filed under|quelle|foto|stand)\b[ :]/iu;
const READING_TIME = /\b\d+\s*(min|minutes?|minuten)\b/iu;
const ADDRESS = /\S@\S+\.\S|https?:\/\/|\bwww\./iu;

/** Date, source and byline before the text proper; a title before them stays. */
function findHead(cleaning: Cleaning): DoubtedLines[] {
  const head = leadingBlocks(cleaning);
  if (!head) return [];
  // A date that heads every entry of a log is no dateline.
  const recurs = (text: string) => (shortLines(cleaning).get(patternOf(text))?.length ?? 0) >= FEWEST_REPEATS;
  const matter = head.map(({ text }) => isHeadMatter(text) && !recurs(text));
  const first = matter.indexOf(true);
  const last = matter.lastIndexOf(true);
  if (first < 0) return [];
  return [{ what: 'head', places: [{ from: head[first]!.block.from, to: head[last]!.block.to }] }];
}

function isHeadMatter(text: string): boolean {
  const isDated =
    (/\d/.test(text) && namesMonth(text)) || /\b\d{1,2}[./-]\d{1,2}[./-]\d{2,4}\b|\b\d{4}-\d\d-\d\d\b/.test(text);
  return isDated || BYLINE.test(text) || READING_TIME.test(text) || ADDRESS.test(text);
}

function namesMonth(text: string): boolean {
  return SHORT_MONTH.test(text) || (text.match(/\p{L}+/gu) ?? []).some(isMonth);
}

interface Said {
  readonly block: Block;
  readonly text: string;
}

/** The short blocks before the first one that reads like prose; undefined where there is no such one near the beginning. */
function leadingBlocks({ source, blocks }: Cleaning): Said[] | undefined {
  const head: Said[] = [];
  for (const block of blocks.slice(0, MOST_HEAD_BLOCKS + 1)) {
    const text = textOfPieces(source, block.pieces);
    if (text.length >= SHORTEST_PROPER) return head;
    if (text.length > LONGEST_HEAD || block.kind === 'verse' || block.kind === 'list-item') return undefined;
    head.push({ block, text });
  }
  return undefined;
}

const FEWEST_MENU_LINES = 4;
const LONGEST_MENU_LINE = 28;
const MOST_MENU_BLOCKS = 60;

/** Rows of very short paragraphs at the beginning of a text or at its end, as web pages have them. */
function findMenus(cleaning: Cleaning): DoubtedLines[] {
  const { blocks } = cleaning;
  const first = menuFrom(cleaning, blocks.slice(0, MOST_MENU_BLOCKS));
  const last = menuFrom(cleaning, blocks.slice(-MOST_MENU_BLOCKS).toReversed());
  const isWhole = (menu: readonly Block[]) => menu.length === blocks.length;
  return [first, last]
    .filter((menu) => menu.length >= FEWEST_MENU_LINES && !isWhole(menu))
    .map((menu) => {
      const from = Math.min(...menu.map((block) => block.from));
      return { what: 'menu', places: [{ from, to: Math.max(...menu.map(({ to }) => to)) }] };
    });
}

function menuFrom({ source }: Cleaning, blocks: readonly Block[]): Block[] {
  const menu: Block[] = [];
  for (const block of blocks) {
    const text = textOfPieces(source, block.pieces);
    const isShort = text.length <= LONGEST_MENU_LINE && (block.kind === 'paragraph' || block.kind === 'heading');
    if (!isShort || /[.,;:!?…”"'’)]$/u.test(text) || !/^\p{L}/u.test(text)) break;
    menu.push(block);
  }
  return menu;
}
