import type { LineIndex } from '../../text/line-index.ts';
import { isKept, LineKind } from '../line-kind.ts';
import { findChapterLines } from './chapter-lines.ts';
import type { TimeGroup } from './judge-times.ts';
import { isCalled, findNamesAboveTimes, findNamesInBrackets, findNamesInCapitals, nextKept } from './caption-names.ts';

/** What a line of a transcript begins: nothing, a paragraph, one as a name or title that stands alone above words; or it is a line of a song. */
export const Turn = { none: 0, begins: 1, name: 2, sung: 3 } as const;

const TURN_MARK = /^[ \t]*>>/;
/** With one more another matter begins; where all have it, they are the prompt of a program. */
const NEW_MATTER = /^>>>/;
/** A dash before a capital, a quotation or an ellipsis: another speaks. */
const DASH = /^\s*[-–—]\s?(?=[\p{Lu}\p{N}¿¡“"‘'«([]|…|\.\.\.)/u;
const VOICE = /^\s*<v(?:\.[^\s<>]*)?[ \t]+([^<>]*)>/;
const SUNG = /^\s*[♪♫#]\s*[^\s♪♫[(]/;
const FEWEST_MARKS = 3;
/** Behind the time of a line of a song that of its first word may stand. */
const LONGEST_LEAD = 24;
/** Of the lines of a song, whose sentences go on. */
const SHARE_OF_CAPITALS = 0.4;
const FEWEST_SONG_LINES = 2;
const SHARE_OF_SENTENCES = 0.9;
/** Characters between two times, from which on two of them may head paragraphs. */
const LONG_TURN = 120;

/** Whether ">>" marks turns: at the start of sentences, with no mark on the lines that go on, as a quotation in a mail would have. */
export function hasTurnMarks(source: string, index: LineIndex, kind: Uint8Array): boolean {
  if (!source.includes('>>')) return false;
  let marks = 0;
  let sentences = 0;
  let goesOn = 0;
  let closed = true;
  let hasTurns = false;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] === LineKind.blank) continue;
    const text = source.slice(index.from[line], index.to[line]).trim();
    if (TURN_MARK.test(text)) {
      marks++;
      if (closed && /^>+\s*[^\p{Ll}]/u.test(text)) sentences++;
      if (!NEW_MATTER.test(text)) hasTurns = true;
    } else if (text.startsWith('>')) return false;
    else if (marks > 0) goesOn++;
    closed = /[.?!…:–—-]["”’)\]]*$|[)\]]$/.test(text);
  }
  return (
    hasTurns && marks >= FEWEST_MARKS && sentences >= marks * SHARE_OF_SENTENCES && (goesOn > 0 || marks > FEWEST_MARKS)
  );
}

/** By line, what it begins. */
export function findTurns(
  source: string,
  index: LineIndex,
  kind: Uint8Array,
  leadTo: Uint32Array,
  codes: readonly TimeGroup[],
): Uint8Array {
  const turn = new Uint8Array(index.count);
  let voice = '';
  for (let line = 0; line < index.count; line++) {
    if (!isKept(kind[line]!) || !mayBegin(source, index, line, leadTo)) continue;
    const words = source.slice(Math.max(index.from[line]!, leadTo[line]!), index.to[line]);
    const named = VOICE.exec(source.slice(index.from[line], index.to[line]))?.[1];
    if (TURN_MARK.test(words) || DASH.test(words) || (named !== undefined && named !== voice)) turn[line] = Turn.begins;
    if (SUNG.test(words)) turn[line] = Turn.sung;
    voice = named ?? voice;
  }
  for (const line of findNamesInCapitals(source, index, kind)) turn[line] = Turn.name;
  for (const line of findNamesInBrackets(source, index, kind, leadTo)) turn[line] = Turn.begins;
  for (const { spots } of codes) {
    for (const line of findNamesAboveTimes(source, index, kind, spots)) turn[line] = Turn.name;
    for (const line of findChapterLines(source, index, kind, spots)) turn[line] = Turn.name;
    if (areSongLines(source, spots)) {
      for (const { line, to } of spots) if (/\p{L}/u.test(source.slice(to, index.to[line]))) turn[line] = Turn.sung;
      continue;
    }
    const heads = spots.filter(({ place }) => place !== 'behind' && place !== 'among');
    const isName = spots[0]!.place === 'name' || spots[0]!.place === 'label';
    if (!isName && (spots[0]!.isSure || !(areMessages(source, heads) || headParagraphs(source, heads, spots.length))))
      continue;
    const areNamed = standBeforeNames(source, index, kind, heads);
    for (const { line, place } of heads) {
      const first = isName || place === 'before' ? line : nextKept(kind, line);
      if (first === undefined) continue;
      const isNameAlone = place === 'name' && !/:\s*$/.test(source.slice(index.from[line], index.to[line]));
      turn[first] = isNameAlone || areNamed ? Turn.name : Turn.begins;
    }
  }
  return turn;
}

/** Whether a sign stands where the line or its words begin: most begin with a letter. */
function mayBegin(source: string, index: LineIndex, line: number, leadTo: Uint32Array): boolean {
  const first = /\S/.exec(source.slice(leadTo[line] || index.from[line], index.to[line]))?.[0] ?? '';
  return leadTo[line]! > 0 || !/[\p{L}\p{N}]/u.test(first);
}

/**
 * Songs have a time in square brackets, with hundredths, before each line, and by itself where they pause; none tells an end, and many of
 * their lines begin with a capital.
 */
function areSongLines(source: string, spots: TimeGroup['spots']): boolean {
  const lines = spots.filter(({ place }) => place === 'before');
  if (lines.length < FEWEST_SONG_LINES || areMessages(source, lines)) return false;
  if (
    !spots.every(
      ({ bracket, isExact, place, end }) =>
        bracket === '[' && isExact && Number.isNaN(end) && (place === 'before' || place === 'alone'),
    )
  )
    return false;
  const capitals = lines.filter(({ to }) => /^\s*[^\p{L}]*\p{Lu}/u.test(source.slice(to, to + LONGEST_LEAD)));
  return capitals.length >= lines.length * SHARE_OF_CAPITALS;
}

/** What people wrote to one another: a time and a name, with capitals or without, before the words of nearly each. */
function areMessages(source: string, heads: TimeGroup['spots']): boolean {
  if (heads.length < FEWEST_MARKS || heads.some(({ place }) => place !== 'before')) return false;
  const called = heads.filter((head) => isCalled(source, head));
  return called.length >= heads.length * SHARE_OF_SENTENCES;
}

/** "00:02 - Hannah": nothing but a name behind the time, without the end of a sentence. */
const NAME_ALONE = /^[\s–-]*(\p{Lu}[^.?!,;:\n]{0,30})$/u;

/** Whether nothing but names stands behind times, some of them again and again, each above what somebody says. */
function standBeforeNames(source: string, index: LineIndex, kind: Uint8Array, heads: TimeGroup['spots']): boolean {
  if (heads.length < FEWEST_MARKS || heads.some(({ place }) => place !== 'before')) return false;
  const lines = new Set(heads.map(({ line }) => line));
  const names = heads.map(({ line, to }) => {
    const next = nextKept(kind, line);
    const name = NAME_ALONE.exec(source.slice(to, Math.min(index.to[line]!, to + LONGEST_LEAD * 2)).trimEnd())?.[1];
    return next === undefined || lines.has(next) ? undefined : name;
  });
  return !names.includes(undefined) && new Set(names).size < names.length;
}

/** Whether sentences end before times and begin behind them: captions cut sentences anywhere, paragraphs do not. */
function headParagraphs(source: string, heads: TimeGroup['spots'], all: number): boolean {
  if (heads.length < 2 || heads.length < all) return false;
  const isLong = heads.at(-1)!.from - heads[0]!.from > LONG_TURN * (heads.length - 1);
  if (heads.length === 2 && !isLong) return false;
  const whole = heads.filter(({ from, to }) => {
    const before = source.slice(Math.max(0, from - 20), from).trimEnd();
    const after = /^[\s:–-]*(\S)/.exec(source.slice(to, to + 20))?.[1] ?? '';
    return /(?:^|[.?!…:][“”"’»)\]]*)$/.test(before) && !/[\p{Ll},;]/u.test(after);
  });
  return whole.length >= heads.length * SHARE_OF_SENTENCES;
}
