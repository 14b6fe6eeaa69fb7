import { Flag, type LineTable } from '../lines/line-table.ts';
import { isCjk, isSpace, isUnspaced, SOFT_HYPHEN } from '../text/characters.ts';
import { isLoneClosing } from './open-brackets.ts';
import type { SplitWord } from './split-words.ts';
import { isInsideAddress } from './word-evidence.ts';

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
  if (last === 0x2014 && table.flags[before]! & Flag.endsDash) return '';
  if ((last === 0x27 || last === 0x2019) && endsElided(source, table, before)) return '';
  return isInsideAddress(table.flags[before]!, table.flags[after]!) ? '' : ' ';
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
const SHARED_MARKS = '“”‘’…—';

function areWide({ language }: LineTable, last: number, next: number): boolean {
  const isShared = (code: number) => SHARED_MARKS.includes(String.fromCharCode(code));
  if (isCjk(last)) return isCjk(next) || isShared(next);
  return isShared(last) && (isCjk(next) || (isShared(next) && (language === 'zh' || language === 'ja')));
}
