import { isWordUnit } from '../text/characters.ts';
import { isDivision } from '../text/language.ts';
import { LineKind } from './line-kind.ts';
import { Flag, type LineTable } from './line-table.ts';

const LONGEST = 90;
/** Behind the word for a part of a work. */
const PART_NUMBER = /^\s+(?:[ivxlc]+|\d+|one|two|three|four|five|six|seven|eight|nine|ten)\b[^,;]*$/i;
/** Scripts without capitals: a clause that is numbered so is longer. */
const NUMBERED = /^(?:\d{1,2}(?:\.\d{1,2}){1,4}\.?|§ ?\d+)\s+(?:\p{Lu}|\p{Lo}.{0,30}$)/u;

/**
 * In Chinese and Japanese the space behind the number may be lost, and words of another script may come first: "2.1.4.Debianの基本". "3.5"
 * alone is a figure.
 */
const NUMBERED_WIDE =
  /^\d{1,2}(?:\.\d{1,2}(?:(?:\.\d{1,2}){1,3}\.?|\.))\s?(?!\d)(?=[\w./() -]{0,20}[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}])[^，。、；;]{2,30}$/u;

/** "UPG的名字" begins with capitals, and says no more by them than any other line of its script. */
const NO_CAPITALS = Flag.endsAbbreviation | Flag.startsSpeaker | Flag.endsCjk;

/** Whether a line by its own form is a heading: underlined, named ("Chapter IV"), numbered ("4.1. Mailing"), or all capitals. */
export function isHeading(source: string, table: LineTable, line: number): boolean {
  const from = table.from[line]!;
  const to = table.to[line]!;
  if (to - from > LONGEST) return false;
  const flags = table.flags[line]!;
  if (flags & (Flag.endsComma | Flag.endsHyphen | Flag.startsLower)) return false;
  if (isUnderlined(table, line)) return true;
  if (flags & Flag.allCapitals) return (flags & NO_CAPITALS) === 0 && letters(source, from, to) >= 4;
  const first = source.slice(from, from + table.firstChars[line]!);
  if (isDivision(first)) return PART_NUMBER.test(source.slice(from + first.length, to));
  if ((flags & Flag.endsStop) !== 0 || !/^[\d§]/.test(first)) return false;
  const text = source.slice(from, to);
  return NUMBERED.test(text) || NUMBERED_WIDE.test(text);
}

function isUnderlined(table: LineTable, line: number): boolean {
  const next = line + 1;
  if (next >= table.index.count || table.kind[next] !== LineKind.rule) return false;
  return Math.abs(table.to[next]! - table.from[next]! - (table.to[line]! - table.from[line]!)) <= 3;
}

function letters(source: string, from: number, to: number): number {
  let count = 0;
  for (let at = from; at < to; at++) if (isWordUnit(source.charCodeAt(at))) count++;
  return count;
}
