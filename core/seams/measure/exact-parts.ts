import { isLaidOut } from '../../lines/line-kind.ts';
import type { LineTable } from '../../lines/line-table.ts';
import { isCjk } from '../../text/characters.ts';
import { firstWhere } from '../../text/first-where.ts';
import { edgeInCharacters, mostAreCjk, tellsWidth } from './room.ts';
import { runsOn } from '../runs-on.ts';
import { groupsOf, type SeamTable } from '../seam-table.ts';

/** A part of a text that was wrapped at one width. `first` and `last` are kept lines. */
export interface ExactPart {
  readonly first: number;
  readonly last: number;
  /** The widest of its lines: in characters, and in print, thousandths of an em. */
  readonly characters: number;
  readonly printed: number;
  /** Line ends within its paragraphs. */
  readonly ends: number;
  /** Whether these are so many that even a sentence which ends at one of them is no paragraph. */
  readonly isSure: boolean;
}

/** So many line ends in a row, none of which left room for the next word, are no chance; fewer, or narrower lines, are those of lists. */
const MANY_ENDS = 8;
/** Lines of signs can be filled to the last column, and lines wider than this are neither verse nor items. */
const FEW_ENDS = 4;
const WIDE = 55;
/** In columns. */
const NARROWEST = 28;
/** Of the line ends: in lists and verse fewer run on. */
const SHARE_RUNNING_ON = 0.15;
/** In columns: Chinese and Japanese lines end earlier where the next sign may not begin one. */
const ROOM_OF_SIGNS = 3;
const WIDE_SPACE = 0x3000;

/** Lines that stand together, or several such groups. Columns are characters, two for each Chinese or Japanese sign. */
interface Stretch {
  readonly first: number;
  readonly columns: number;
  /** The least width in columns at which a line would have held the next word too. */
  readonly limit: number;
  readonly characters: number;
  readonly printed: number;
  readonly ends: number;
  readonly runningOn: number;
}

/**
 * The parts of a text with paragraphs between blank lines in which no line but the last of a paragraph had room for the next word, whatever the
 * lines of other parts do: a quoted letter in a narrow measure, beside paragraphs on one line each. In order; linear in the length of the source.
 */
export function findExactParts(source: string, table: LineTable, seams: SeamTable): readonly ExactPart[] {
  const parts: ExactPart[] = [];
  if (table.captions.found) return parts;
  const areWide = mostAreCjk(table, seams.line);
  let part = nothingFrom(0);
  const close = (last: number) => {
    const { first, columns, characters, printed, ends, runningOn } = part;
    const fewest = areWide || columns >= WIDE ? FEW_ENDS : MANY_ENDS;
    if (ends >= fewest && columns >= NARROWEST && runningOn >= ends * SHARE_RUNNING_ON)
      parts.push({ first, last, characters, printed, ends, isSure: areWide || ends >= MANY_ENDS });
  };
  for (const [first, last] of groupsOf(seams)) {
    const group = lookAt(source, table, seams, first, last, areWide);
    const both = group && together(part, group);
    if (both && both.columns < both.limit) {
      part = both;
      continue;
    }
    close(first - 1);
    // Where its own lines differ nothing goes on from it.
    part = group && group.columns < group.limit ? group : nothingFrom(last + 1);
  }
  close(seams.count);
  return parts;
}

/** Whether a kept line lies in one of the parts. */
export function isInPart(parts: readonly ExactPart[], place: number): boolean {
  return (parts[firstWhere(parts.length, (at) => parts[at]!.last >= place)]?.first ?? Infinity) <= place;
}

function nothingFrom(first: number): Stretch {
  return { first, columns: 0, limit: Infinity, characters: 0, printed: 0, ends: 0, runningOn: 0 };
}

function together(one: Stretch, other: Stretch): Stretch {
  return {
    first: one.first,
    columns: Math.max(one.columns, other.columns),
    limit: Math.min(one.limit, other.limit),
    characters: Math.max(one.characters, other.characters),
    printed: Math.max(one.printed, other.printed),
    ends: one.ends + other.ends,
    runningOn: one.runningOn + other.runningOn,
  };
}

/** The kept lines first..last as a stretch; undefined where rows or code are among them. */
function lookAt(
  source: string,
  table: LineTable,
  seams: SeamTable,
  first: number,
  last: number,
  areWide: boolean,
): Stretch | undefined {
  let columns = 0;
  let limit = Infinity;
  let characters = 0;
  let printed = 0;
  let runningOn = 0;
  for (let place = first; place <= last; place++) {
    const line = seams.line[place]!;
    if (isLaidOut(table.kind[line]!)) return undefined;
    const from = table.from[line]!;
    const edge = areWide
      ? table.indent[line]! + columnsIn(source, from, table.to[line]!)
      : edgeInCharacters(table, line);
    if (tellsWidth(table, line)) {
      columns = Math.max(columns, edge);
      characters = Math.max(characters, edgeInCharacters(table, line));
      printed = Math.max(printed, table.width[line]!);
    }
    if (place === last) break;
    const next = seams.line[place + 1]!;
    const start = table.from[next]!;
    const word = areWide
      ? ROOM_OF_SIGNS + columnsIn(source, start, start + table.firstChars[next]!)
      : table.firstChars[next]!;
    limit = Math.min(limit, edge + 1 + word);
    if (runsOn(table, seams, place)) runningOn++;
  }
  return { first, columns, limit, characters, printed, ends: last - first, runningOn };
}

function columnsIn(source: string, from: number, to: number): number {
  let columns = to - from;
  for (let at = from; at < to; at++)
    if (isCjk(source.charCodeAt(at)) || source.charCodeAt(at) === WIDE_SPACE) columns++;
  return columns;
}
