import { isDivision } from '../text/language.ts';
import type { Vocabulary } from '../text/vocabulary.ts';
import { isKept } from './line-kind.ts';
import { Flag, type LineTable } from './line-table.ts';

/*
 * The names of who speaks, at the start of lines or alone above what they say. Nothing tells one by itself: "Hale." may end a sentence. Two
 * names that each begin two lines or more, always where something may begin, are those of an interview or a play. In capitals and before a
 * colon one such name is enough, if there are others.
 */

const FEWEST = 2;
/** "PRESENTER:" again and again, "SFX:" and "ENOCH:": who comes once in a script is told by the one who comes again. */
const FEWEST_IN_CAPITALS = 3;
const IN_CAPITALS = /^:\P{Ll}{2,}$/u;
/** In units. */
const LONGEST = 48;
const LONGEST_ALONE = 32;

const WORD = String.raw`\p{Lu}[\p{L}\p{M}\p{N}.'’-]*`;
const NAME = String.raw`${WORD}(?: (?:de |da |di |von |van |der |la |le )?(?:${WORD}|\d{1,2})){0,3}`;
/** "Hale:", "HALE :", "HALE.", "HALE —", "HALE (aside).", and with a tab or spaces behind; handles with a colon alone. */
const LABEL = new RegExp(
  String.raw`^(?:(?<name>${NAME}?)(?<after>(?: [([][^()[\]]{1,24}[)\]])?(?:[ \u00a0\u202f]?[:：]|\.[—–-]*|\s[—–](?=\s))|\t| {2,})\s*|(?<handle>[\p{Ll}\p{N}][\p{L}\p{N}_.-]{1,24}):\s+|\[(?<inBrackets>\p{Lu}[^\]\n]{0,24})\]:\s*)[^\s.]`,
  'u',
);
const ALONE = new RegExp(String.raw`^(?<name>${NAME}?)(?<after>[:.]?)$`, 'u');

/** Before a name that is all of its line. */
const ALONE_SIGN = '|';

interface Labelled {
  readonly lines: number[];
  /** Whether each began where something may begin. */
  isOpen: boolean;
}

/** Sets the flag of lines that begin with the name of one who speaks, and gives them, each with whether it holds nothing else. Linear. */
export function markSpeakers(source: string, table: LineTable): ReadonlyMap<number, boolean> {
  const names = new Map<string, Labelled>();
  let previous = -1;
  for (let line = 0; line < table.index.count; line++) {
    if (!isKept(table.kind[line]!)) continue;
    const name = nameAt(source, table, line);
    const mayBegin = previous < 0 || line > previous + 1 || !(table.flags[previous]! & LEANS_OR_OPEN);
    const ends = previous < 0 || line > previous + 1 || (table.flags[previous]! & ENDS) !== 0;
    previous = line;
    // What is said in captions is cut anywhere: there a colon alone tells.
    if (name === undefined || (table.captions.found && !name.startsWith(':'))) continue;
    // A colon tells a name in the middle of a text without stops as well.
    const isOpen = name.startsWith(':') ? mayBegin : ends;
    const known = names.get(name);
    if (known) {
      known.lines.push(line);
      known.isOpen &&= isOpen;
    } else names.set(name, { lines: [line], isOpen });
  }
  const open = [...names].filter(([, { isOpen }]) => isOpen);
  const again = open.filter(([, { lines }]) => lines.length >= FEWEST);
  const capitals = open.filter(([name]) => IN_CAPITALS.test(name));
  const isScript = capitals.length >= FEWEST_IN_CAPITALS && again.some(([name]) => IN_CAPITALS.test(name));
  const speakers = isScript ? [...new Set([...again, ...capitals])] : again;
  if (speakers.length < FEWEST) return new Map();
  const found = new Map(
    speakers.flatMap(([name, { lines }]) => lines.map((line) => [line, name.startsWith(ALONE_SIGN)])),
  );
  for (const line of found.keys()) table.flags[line]! |= Flag.startsSpeaker;
  return found;
}

const LEANS_OR_OPEN = Flag.endsComma | Flag.endsHyphen | Flag.endsFunctionWord;
const ENDS = Flag.endsStop | Flag.endsColon | Flag.endsDash | Flag.endsQuote;
const MAY_NAME = Flag.startsUpper | Flag.startsCaseless | Flag.startsSpeaker | Flag.startsLower | Flag.startsAddress;

/** The name with which a line begins, behind the form in which it is written; undefined where there may be none. */
function nameAt(
  source: string,
  { from, to, flags, firstChars, vocabulary }: LineTable,
  line: number,
): string | undefined {
  if (!(flags[line]! & MAY_NAME) || !mayName(source, from[line]!, to[line]!)) return undefined;
  const start = source.slice(from[line], Math.min(to[line]!, from[line]! + LONGEST));
  // "Chapter 3. The" is a running head.
  if (isDivision(source.slice(from[line], from[line]! + firstChars[line]!))) return undefined;
  const groups = LABEL.exec(start)?.groups;
  if (groups) {
    const { name, after = ':', handle, inBrackets } = groups;
    const said = name ?? handle ?? inBrackets!;
    const hasColon = /[:：]/.test(after);
    if (!hasColon && isShortForm(said, vocabulary)) return undefined;
    const form = hasColon ? ':' : after.includes('.') ? '.' : after.trim() === '' ? ' ' : '—';
    return `${form}${said}`;
  }
  if (to[line]! - from[line]! > LONGEST_ALONE) return undefined;
  const alone = ALONE.exec(start)?.groups;
  return alone ? `${ALONE_SIGN}${alone.name!}${alone.after!}` : undefined;
}

/** Cheap refusal: a name is followed by a sign, or is all of a short line. In small letters by a colon. */
function mayName(source: string, from: number, to: number): boolean {
  if (to - from <= LONGEST_ALONE) return true;
  const first = source.charCodeAt(from);
  const isSmall = first >= 0x61 && first <= 0x7a;
  for (let at = from + 1; at < from + LONGEST; at++) {
    const code = source.charCodeAt(at);
    if (code === 0x3a || code === WIDE_COLON) return true;
    if (code === 0x20) {
      if (isSmall) return false;
      const next = source.charCodeAt(at + 1);
      // The next word of a name has a capital; those between are as short as "de".
      if (next >= 0x61 && next <= 0x7a && !isParticle(source, at + 1)) return false;
      if (next === 0x20 || next === 0x28 || next === 0x2014 || next === 0x2013) return true;
    } else if (code === 0x2e || code === 0x09 || code === 0x5d || code === 0x2014) return true;
  }
  return false;
}

const WIDE_COLON = 0xff1a;

function isParticle(source: string, from: number): boolean {
  const end = source.indexOf(' ', from);
  return end > from && end - from <= 3;
}

/** "Mr.", "St." */
function isShortForm(name: string, { isAbbreviation }: Vocabulary): boolean {
  return !name.includes(' ') && name.length > 1 && isAbbreviation(name);
}
