import { isDigit } from '../../text/characters.ts';
import { inAnyLanguage, isMonth, titlesOfNames } from '../../text/language.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isFull, widestOf } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { isApart, settle, type Verdicts } from '../verdicts.ts';

/** Verse has ended lines so, rarely: it is asked. */
const CERTAINTY = 0.78;
const LAST_WORD = /(?<![\p{L}\p{N}'’.-])\p{L}+$/u;
const LONGEST_ARTICLE = 6;
/** Before a name, and nothing else; but alone on its line it is one of a list to choose from. */
const TITLES = titlesOfNames();
const LONGEST_TITLE = 11;
/** A last word with its stop, and what stands before it. */
const WORD_AT_END = /(?<before>[\p{L}\p{N},;:’”"]) +(?<word>[\p{L}-]+(?:\.\p{Ll}+)?\.?)$/u;

const CERTAINTY_OF_TITLE = 0.92;

/** In characters: titles may end so before a capital, too, but they are shorter. */
const LONG = 40;
/** Where nouns have capitals that says nothing of titles. */
const SHORT = 12;

/**
 * No list and hardly a verse ends a line with "the" or "Mr.": the line goes on in the next, if that begins with a small letter right
 * below, or with a name.
 */
export function joinAfterArticles(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  for (let seam = 0; seam < count; seam++) {
    if (blanks[seam]! > 0) continue;
    const [before, next] = [line[seam]!, line[seam + 1]!];
    if (table.flags[next]! & Flag.startsUpper && endsInTitle(source, table, before)) {
      if (isApart(verdicts, seam) || verdicts.certainty[seam]! < CERTAINTY_OF_TITLE)
        settle(verdicts, seam, Decision.join, 'article', CERTAINTY_OF_TITLE);
      continue;
    }
    if (!isApart(verdicts, seam)) continue;
    if (endsInAside(source, table, before) && table.flags[next]! & (Flag.startsUpper | Flag.startsCaseless))
      settle(verdicts, seam, Decision.join, 'article', CERTAINTY_OF_TITLE);
    if (isFigureOfSentence(source, table, seams, seam) || isMonthOfDay(source, table, before, next))
      settle(verdicts, seam, Decision.join, 'article', CERTAINTY);
    const wantsFigure = endsInReference(source, table, before);
    if (
      (wantsFigure || table.flags[before]! & Flag.endsFunctionWord) &&
      leadsToFigure(source, table, seams, seam, wantsFigure)
    )
      settle(verdicts, seam, Decision.join, 'article', CERTAINTY);
    // "A" by itself labels what is below, or is an initial.
    if (!(table.flags[before]! & Flag.endsFunctionWord) || table.chars[before] === 1) continue;
    const shortest = table.flags[next]! & Flag.startsNoun ? SHORT : LONG;
    const isName = table.chars[before]! >= shortest && (table.flags[next]! & Flag.startsUpper) !== 0;
    if (!isName && !(table.flags[next]! & Flag.startsLower)) continue;
    const tail = source.slice(Math.max(table.from[before]!, table.to[before]! - LONGEST_ARTICLE - 1), table.to[before]);
    const last = LAST_WORD.exec(tail)?.[0];
    if (last !== undefined && table.vocabulary.isArticle(last))
      settle(verdicts, seam, Decision.join, 'article', CERTAINTY);
  }
}

/** That are compared, above the line. */
const MOST_LINES = 24;

/**
 * "by" / "1 May", "until" / "1931", "page" / "12.", below a line that had no room for the figure: no item of a list, nor one with a number
 * but where the line wants one.
 */
function leadsToFigure(source: string, table: LineTable, seams: SeamTable, seam: number, isWanted: boolean): boolean {
  const [before, after] = [seams.line[seam]!, seams.line[seam + 1]!];
  const isEntry = isWanted ? table.series.has(after) : (table.flags[after]! & Flag.startsMarker) !== 0;
  if (!isDigit(source.charCodeAt(table.from[after]!)) || isEntry) return false;
  // Where both begin so they are entries alike.
  if (table.flags[before]! & Flag.startsDigit) return false;
  if (table.chars[before]! < LONG || table.indent[before] !== table.indent[after]) return false;
  let from = seam;
  while (from > Math.max(0, seam - MOST_LINES) && seams.blanks[from - 1] === 0) from--;
  return isFull(table, seams, seam, widestOf(table, seams.line.subarray(from, seam + 2)));
}

/** "– Tomorrow, – said the ferryman. –": a dash opens what is said after it. */
const DASHES = '–—-';
const ASIDE_AT_END = /[.,!?…] [–—-]$/;

function endsInAside(source: string, { from, to }: LineTable, line: number): boolean {
  return DASHES.includes(source[from[line]!]!) && ASIDE_AT_END.test(source.slice(to[line]! - 3, to[line]));
}

/** "on page", "see fig.", at the end of a line: its number follows. */
const REFERENCE = new RegExp(
  String.raw`\s(?:${inAnyLanguage('pages')}|${inAnyLanguage('figures')}|n[or]s?\.|núm\.|nº|vols?\.)$`,
  'iu',
);
const LONGEST_REFERENCE = 16;

function endsInReference(source: string, { from, to }: LineTable, line: number): boolean {
  return REFERENCE.test(source.slice(Math.max(from[line]!, to[line]! - LONGEST_REFERENCE), to[line]));
}

/** "by 1" / "May. There is no fee." */
const DAY_AT_END = /\p{L},? (?:0?[1-9]|[12]\d|3[01])(?:\.|º|er|st|nd|rd|th)?$/u;
const LONGEST_DAY = 10;
const SHORTEST_BEFORE_DAY = 30;
const MONTH = /^\p{L}+/u;

function isMonthOfDay(source: string, { from, to, chars }: LineTable, before: number, next: number): boolean {
  if (chars[before]! < SHORTEST_BEFORE_DAY) return false;
  if (!DAY_AT_END.test(source.slice(Math.max(from[before]!, to[before]! - LONGEST_DAY), to[before]))) return false;
  const word = MONTH.exec(source.slice(from[next]!, to[next]))?.[0];
  return word !== undefined && isMonth(word);
}

/** "as compared with paragraph" / "10.": a figure and a stop, the last of its group, below a long line that ends nothing. */
const FIGURE_AND_STOP = /^\d{1,4}[.)?!]$/;
const LONGEST_FIGURE = 5;
const OPEN_END = /[\p{Ll}\p{N}]$/u;

function isFigureOfSentence(source: string, table: LineTable, seams: SeamTable, seam: number): boolean {
  const { from, to, chars, series } = table;
  const [before, after] = [seams.line[seam]!, seams.line[seam + 1]!];
  if (chars[after]! > LONGEST_FIGURE || chars[before]! < LONG || series.has(after)) return false;
  const isLast = seam + 1 === seams.count || seams.blanks[seam + 1]! > 0;
  if (!isLast || !FIGURE_AND_STOP.test(source.slice(from[after], to[after]))) return false;
  return OPEN_END.test(source.slice(from[before], to[before]).slice(-2));
}

function endsInTitle(source: string, { from, to }: LineTable, line: number): boolean {
  const end = to[line]!;
  const groups = WORD_AT_END.exec(source.slice(Math.max(from[line]!, end - LONGEST_TITLE), end))?.groups;
  if (!groups) return false;
  const { before, word } = groups as { before: string; word: string };
  // A capital that abbreviates a first name stands behind the last: "Pell, M."
  if (/^\p{Lu}\.$/u.test(word) && !/\p{Ll}/u.test(before)) return false;
  return /^\p{Lu}|-/u.test(word) && TITLES.has(word.toLowerCase());
}
