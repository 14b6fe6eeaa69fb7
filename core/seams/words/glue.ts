import { Flag, type LineTable } from '../../lines/line-table.ts';
import { isCjk, isSpace, isUnspaced, isWordUnit, SOFT_HYPHEN } from '../../text/characters.ts';
import { isLoneClosing } from '../prose/open-brackets.ts';
import type { SplitWord } from './split-words.ts';
import { isInsideAddress } from '../evidence/word-evidence.ts';

/**
 * What stands in the clean text where two lines are joined: a space; or nothing, behind a hyphen, behind a word that lost its last letter,
 * and in scripts that put no space between words. Of these some put one between phrases, which the line before ends with then.
 */
export function glueAt(source: string, table: LineTable, before: number, after: number, split?: SplitWord): string {
  const end = table.to[before]!;
  const last = source.charCodeAt(end - 1);
  const next = source.charCodeAt(table.from[after]!);
  if (areWide(table, last, next) || isLoneClosing(source, table, after)) return '';
  if (isUnspaced(last) && isUnspaced(next) && !isSpace(source.charCodeAt(end))) return '';
  if (last === SOFT_HYPHEN) return '';
  if (table.flags[before]! & Flag.endsHyphen) return split?.outcome === 'suspended' ? ' ' : '';
  if (isDashClose(source, table, before, after)) return '';
  if ((last === 0x27 || last === 0x2019) && endsElided(source, table, before)) return '';
  if (isInsideAddress(table.flags[before]!, table.flags[after]!) && !leavesAddress(source, table, before, after))
    return '';
  return areBesideWide(last, next) && setsWideClose(source, table) ? '' : ' ';
}

const LONGEST_SMALL_WORD = 12;

/** Whether a line begins with a word such as "and" or "für", or opens a bracket behind a folder: an address goes on with a name. */
function leavesAddress(source: string, { from, to, vocabulary }: LineTable, before: number, after: number): boolean {
  const head = source.slice(from[after], from[after]! + LONGEST_SMALL_WORD + 1);
  if (head.startsWith('(') && source[to[before]! - 1] === '/') return true;
  const word = /^\p{L}+(?=[\s,])/u.exec(head)?.[0];
  return word !== undefined && (vocabulary.isFunctionWord(word) || /[^A-Za-z]/.test(word));
}

const DASH_BEHIND_WORD = /\S(?<dash>[—–―]|--)$/u;
const DASH_BEFORE_WORD = /^(?<dash>[—–―]|--)[\p{L}\p{N}“‘"']/u;
const DASH_SIZE = 3;

/** Whether a dash that a line ends or begins with stands close to the words on both its sides: "sea—" before "and". */
function isDashClose(source: string, table: LineTable, before: number, after: number): boolean {
  const end = table.to[before]!;
  const begin = table.from[after]!;
  const behind = dashIn(source, end - 1, Math.max(table.from[before]!, end - DASH_SIZE), end, DASH_BEHIND_WORD);
  const dash = behind ?? dashIn(source, begin, begin, begin + DASH_SIZE, DASH_BEFORE_WORD);
  if (dash === undefined) return false;
  if (dash === '–' && isDigit(source, end - (behind ? 2 : 1)) && isDigit(source, begin + (behind ? 0 : 1))) return true;
  return setsClose(dash, behind ? 'behind' : 'before', source, table);
}

function dashIn(source: string, at: number, from: number, to: number, pattern: RegExp): string | undefined {
  if (!'—–―-'.includes(source[at]!)) return undefined;
  return pattern.exec(source.slice(from, to))?.groups!['dash'];
}

function isDigit(source: string, at: number): boolean {
  const code = source.charCodeAt(at);
  return code >= 0x30 && code <= 0x39;
}

const HABITS = new WeakMap<LineTable, Map<string, boolean>>();

/** A habit of a text, by a key: found out when it is first asked for. */
function habitOf(table: LineTable, key: string, find: () => boolean): boolean {
  let habits = HABITS.get(table);
  if (!habits) HABITS.set(table, (habits = new Map<string, boolean>()));
  let habit = habits.get(key);
  if (habit === undefined) habits.set(key, (habit = find()));
  return habit;
}

/**
 * Whether the dashes of a kind that stand close to the word on one side, within the lines of a text, mostly stand close on the other
 * as well ("sea—and", against "—dijo—, y"): `side` is the other. Where none tells, as English sets them.
 */
function setsClose(dash: string, side: 'before' | 'behind', source: string, table: LineTable): boolean {
  return habitOf(table, `${dash}${side}`, () => {
    const count = (pattern: string) => source.match(new RegExp(pattern, 'gu'))?.length ?? 0;
    const close = count(`[^\\s-]${dash}[\\p{L}\\p{N}]`);
    const apart = count(side === 'before' ? `\\S ${dash}[\\p{L}\\p{N}]` : `[^\\s-]${dash} \\S`);
    return close === apart ? (side === 'behind' || dash === '—') && table.language === 'en' : close > apart;
  });
}

/** Whether one is a Chinese or Japanese sign, the other an ASCII letter or figure. */
function areBesideWide(last: number, next: number): boolean {
  const isAscii = (code: number) => code < 0x80 && isWordUnit(code);
  return isCjk(last) ? isAscii(next) : isCjk(next) && isAscii(last);
}

/** A text shows its habit in so many characters. */
const ENOUGH = 200_000;
const WIDE = '[\\p{Script=Han}\\p{Script=Hiragana}\\p{Script=Katakana}]';

/** Whether words and figures of other scripts mostly stand close to Chinese and Japanese ones within the lines of a text. */
function setsWideClose(source: string, table: LineTable): boolean {
  return habitOf(table, 'wide', () => {
    const beginning = source.slice(0, ENOUGH);
    const count = (between: string) =>
      beginning.match(new RegExp(`${WIDE}${between}[A-Za-z\\d]|[A-Za-z\\d]${between}${WIDE}`, 'gu'))?.length ?? 0;
    return count('') > count(' ');
  });
}

const LAST_BEFORE_APOSTROPHE = /(?<![\p{L}'‘“"])\p{L}{1,8}(?=['’]$)/u;
const LONGEST_ELIDED = 12;

/** "dell'" before "acqua": the line before ends in a word that lost its last letter. */
function endsElided(source: string, { from, to, vocabulary }: LineTable, line: number): boolean {
  const tail = source.slice(Math.max(from[line]!, to[line]! - LONGEST_ELIDED), to[line]);
  const word = LAST_BEFORE_APOSTROPHE.exec(tail)?.[0];
  return word !== undefined && vocabulary.isElided(word);
}

/** Marks that Chinese and Japanese share with other scripts: no space stands between them and a sign. */
const SHARED_MARKS = '“”‘’…—·';

function areWide({ language }: LineTable, last: number, next: number): boolean {
  const isShared = (code: number) => SHARED_MARKS.includes(String.fromCharCode(code));
  if (isCjk(last)) return isCjk(next) || isShared(next);
  return isShared(last) && (isCjk(next) || (isShared(next) && (language === 'zh' || language === 'ja')));
}
