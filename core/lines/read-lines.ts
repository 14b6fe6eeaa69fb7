import { isBlankUnit, isHyphen } from '../text/characters.ts';
import type { Layout } from '../layout/layout.ts';
import { tellLanguages } from '../text/language.ts';
import { commonIndent, indexLines, withoutHiddenEdges, type LineIndex } from '../text/line-index.ts';
import { withPlainSpaces } from '../text/plain-spaces.ts';
import { vocabularyOf } from '../text/vocabulary.ts';
import { readCaptions } from './captions/captions.ts';
import { findChords } from './laid-out/chord-lines.ts';
import { findCode } from './laid-out/code-lines.ts';
import { doubtRemovals, linesToPutBack } from './doubted-removals.ts';
import { findContents } from './laid-out/contents-lines.ts';
import { findFootnotes } from './pages/footnotes.ts';
import { findFurniture } from './pages/furniture.ts';
import { setInterruptionsAside } from './pages/interruptions.ts';
import { dropLoneHeads } from './pages/lone-heads.ts';
import { dropMargins, dropRegions, layoutFor, takeElements } from './format-lines.ts';
import { isHeading } from './heading.ts';
import { markLetterBullets } from './letter-bullets.ts';
import { columnsOf, measureLine } from './line-features.ts';
import { isKept, LineKind, type LineOptions } from './line-kind.ts';
import {
  isEmptyMarkup,
  isFigureCaption,
  isFormula,
  isLongCommand,
  isRule,
  isSectionBreak,
  isSpeckle,
} from './line-form.ts';
import { findQuotes } from './quotes.ts';
import { findMarginNumbers } from './pages/margin-numbers.ts';
import { findTranscriptPages } from './pages/transcript-pages.ts';
import { markSpeakers } from './speaker-labels.ts';
import { workOf } from './pass-fault.ts';
import { markSeries } from './laid-out/series.ts';
import { findDataRows } from './laid-out/data-rows.ts';
import { findTables } from './laid-out/table-lines.ts';
import { findWebFurniture } from './web/web-furniture.ts';
import { Flag, type LineTable } from './line-table.ts';

/** Reads a source into lines with features and kinds; `layout` is what its format told of them. Linear in its length. */
export function readLines(written: string, options: LineOptions, layout?: Layout): LineTable {
  const source = withPlainSpaces(written);
  const index = indexLines(source);
  const { main: language, all: languages } = tellLanguages(source);
  const { count } = index;
  const kind = new Uint8Array(count);
  const from = new Uint32Array(count);
  const to = new Uint32Array(count);
  for (let line = 0; line < count; line++) {
    trimLine(source, index, line, from, to);
    if (from[line] === to[line]) kind[line] = LineKind.blank;
  }
  if (options.rules) workOf('rules', () => findRules(source, kind, from, to));
  if (options.strayTags) workOf('stray-tags', () => findEmptyMarkup(source, kind, from, to));
  const common = commonIndent(source, index);
  const seen = withoutHiddenEdges(source, index, common.length);
  const captions = readCaptions(source, seen, kind, options);
  const quotes =
    captions.found || !options.mailQuotes ? undefined : workOf('mail-quotes', () => findQuotes(source, seen, from, to));
  const numbers =
    captions.found || quotes || !options.lineNumbers
      ? undefined
      : workOf('line-numbers', () => findMarginNumbers(source, seen, kind));
  const { leadTo, tailFrom } = numbers ?? { leadTo: quotes?.leadTo ?? captions.leadTo, tailFrom: captions.tailFrom };
  for (let line = 0; line < count; line++) {
    if (leadTo[line]! > from[line]!) from[line] = firstOfWords(source, Math.min(leadTo[line]!, to[line]!), to[line]!);
    if (tailFrom[line]! > 0) to[line] = Math.max(from[line]!, tailFrom[line]!);
    // A line may hold nothing but what stands beside words: a mark of quotation, a number, a time with tags.
    if (from[line] === to[line] && kind[line] === LineKind.prose) kind[line] = LineKind.blank;
  }
  const table: LineTable = {
    index,
    kind,
    from,
    to,
    margin: columnsOf(common, 0, common.length),
    indent: new Uint16Array(count),
    chars: new Uint32Array(count),
    width: new Uint32Array(count),
    firstChars: new Uint16Array(count),
    firstWidth: new Uint32Array(count),
    flags: new Uint32Array(count),
    signs: new Int32Array(count),
    language,
    vocabulary: vocabularyOf(languages, language),
    captions,
    leadTo,
    tailFrom,
    removalDoubts: new Map(captions.doubted.map((line) => [line, 'times'])),
    takenBack: new Set<number>(),
    series: new Set<number>(),
    speakers: new Map<number, boolean>(),
    pageStarts: numbers?.pageStarts ?? new Set<number>(),
    layout: layoutFor(layout, count),
    keepsMarks: quotes?.keepsMarks ?? false,
    edgePass: quotes ? 'mail-quotes' : numbers ? 'line-numbers' : 'time-codes',
  };
  for (let line = 0; line < count; line++) if (isKept(kind[line]!)) measureLine(source, table, line, written);
  forgetCase(source, table);
  markLetterBullets(source, table);
  for (const [line, isAlone] of markSpeakers(source, table)) table.speakers.set(line, isAlone);
  if (captions.found) {
    if (options.furniture) workOf('page-furniture', () => findTranscriptPages(source, table));
    settleRemovals(source, table, written);
    return table;
  }
  for (const line of markSeries(source, table)) table.series.add(line);
  const { furniture, webLabels, footnotes } = options;
  if (furniture)
    workOf('page-furniture', () => {
      dropMargins(table);
      findFurniture(source, table);
    });
  if (webLabels)
    workOf('web-labels', () => {
      dropRegions(table);
      findWebFurniture(source, table);
    });
  if (footnotes)
    workOf('footnotes', () => {
      findFootnotes(source, table, footnotes !== 'behind');
      // A caption is no note: it is not taken out with them.
      setInterruptionsAside(source, table, footnotes !== 'gone');
    });
  if (furniture && kind.includes(LineKind.aside)) workOf('page-furniture', () => dropLoneHeads(source, table));
  settleRemovals(source, table, written);
  takeElements(table);
  findContents(source, table);
  findCode(source, table, written);
  findChords(source, table);
  findTables(source, table);
  findDataRows(source, table);
  for (let line = 0; line < count; line++)
    if (kind[line] === LineKind.prose) kind[line] = kindByForm(source, table, line);
  return table;
}

function findRules(source: string, kind: Uint8Array, from: Uint32Array, to: Uint32Array): void {
  for (let line = 0; line < kind.length; line++) {
    if (kind[line] === LineKind.blank) continue;
    if (isRule(source, from[line]!, to[line]!) || isSpeckle(source, from[line]!, to[line]!)) kind[line] = LineKind.rule;
  }
}

function findEmptyMarkup(source: string, kind: Uint8Array, from: Uint32Array, to: Uint32Array): void {
  for (let line = 0; line < kind.length; line++) {
    if (kind[line] === LineKind.prose && isEmptyMarkup(source, from[line]!, to[line]!)) kind[line] = LineKind.blank;
  }
}

function settleRemovals(source: string, table: LineTable, written: string): void {
  for (const line of linesToPutBack(source, table)) {
    table.kind[line] = LineKind.prose;
    measureLine(source, table, line, written);
  }
  doubtRemovals(source, table);
}

const SHARE_OF_CAPITALS = 0.85;
const FEWEST_CAPITALS = 4;

/** In a text that is all in capitals they say nothing: its lines begin like those of a script without case. */
function forgetCase(source: string, { kind, flags, from, to }: LineTable): void {
  let capitals = 0;
  let others = 0;
  const open: number[] = [];
  for (let line = 0; line < kind.length; line++) {
    if (!isKept(kind[line]!)) continue;
    if (flags[line]! & Flag.allCapitals) capitals++;
    else if (flags[line]! & (Flag.startsUpper | Flag.startsLower)) others++;
    else open.push(line);
  }
  const areMost = () => capitals >= (capitals + others) * SHARE_OF_CAPITALS;
  // "3 MAY. WIND WEST": every other line may begin with a figure or a sign.
  if (capitals < FEWEST_CAPITALS / 2 || !areMost()) return;
  for (const line of open) {
    const words = source.slice(from[line], to[line]);
    if (/\p{Ll}/u.test(words)) others++;
    else if (/\p{Lu}{2}/u.test(words)) capitals++;
  }
  if (capitals < FEWEST_CAPITALS || !areMost()) return;
  for (let line = 0; line < kind.length; line++) {
    if (!(flags[line]! & Flag.allCapitals)) continue;
    flags[line]! &= ~(Flag.allCapitals | Flag.startsUpper);
    flags[line]! |= Flag.startsCaseless;
  }
}

/** What a line is by its own words. */
function kindByForm(source: string, table: LineTable, line: number): LineKind {
  if (isSectionBreak(source, table.from[line]!, table.to[line]!)) return LineKind.sectionBreak;
  if (isSetOff(table, line)) {
    const text = source.slice(table.from[line], table.to[line]);
    if (isFormula(text) || (table.indent[line]! >= LEAST_STEP && isLongCommand(text))) return LineKind.code;
  }
  if (isFigureCaption(source, table.from[line]!, table.to[line]!)) return LineKind.figureCaption;
  return isHeading(source, table, line) ? LineKind.heading : LineKind.prose;
}

/** Columns that a line is set in farther than one beside it. */
const LEAST_STEP = 4;

/** Whether a line has a blank one, or one that is set in far less, on either side. */
function isSetOff({ kind, indent }: LineTable, line: number): boolean {
  const isApartFrom = (other: number) =>
    other < 0 || other >= kind.length || kind[other] === LineKind.blank || indent[line]! - indent[other]! >= LEAST_STEP;
  return isApartFrom(line - 1) && isApartFrom(line + 1);
}

/** Behind what stands before the words of a line these may be set in. */
function firstOfWords(source: string, lead: number, to: number): number {
  let from = lead;
  while (from < to && isBlankUnit(source.charCodeAt(from))) from++;
  return from;
}

function trimLine(source: string, index: LineIndex, line: number, from: Uint32Array, to: Uint32Array): void {
  let a = index.from[line]!;
  let b = index.to[line]!;
  while (a < b && isBlankUnit(source.charCodeAt(a))) a++;
  // A soft hyphen at the end says that the word goes on, so it stays visible to the seams.
  while (b > a && isBlankUnit(source.charCodeAt(b - 1)) && !isHyphen(source.charCodeAt(b - 1))) b--;
  from[line] = a;
  to[line] = b;
}
