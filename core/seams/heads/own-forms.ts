import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

/*
 * Lines that begin anew by what they are, whatever the line before them ends with: a note, an address, the line below a title that says
 * who wrote it, a direction in brackets, the name of who speaks, a line in bold type, an entry of a glossary.
 */

const CERTAINTY = 0.87;
/** It is asked about: the text may break off. */
const CERTAINTY_OF_TAIL = 0.8;
const LONGEST_TAIL = 24;
const LONGEST_CREDIT = 48;
const SHORTEST_ABOVE = 25;
const ENDS =
  Flag.endsStop | Flag.endsColon | Flag.endsComma | Flag.endsHyphen | Flag.endsAbbreviation | Flag.endsFunctionWord;
/** In characters. */
const LONGEST_LOOK = 160;
const LONGEST_CUE = 30;
/** As far as the colon behind a label, and the first sign behind it. */
const LONGEST_LABEL = 40;

/** "† Lark, History", below a line that is a note too. */
const NOTE = /^[*†‡§]{1,2} ?\p{Lu}/u;
/** Nothing but addresses: "annis@tides.example, enoch@boats.example". One alone may be the end of a sentence. */
const ADDRESS = String.raw`(?:https?:\/\/\S+|[\w.+-]+@[\w-]+(?:\.[\w-]+)+)`;
const ALONE = new RegExp(String.raw`^<?${ADDRESS}>?$`);
const ADDRESSES = new RegExp(String.raw`^<?${ADDRESS}>?(?:[,;]? +(?:and )?<?${ADDRESS}>?)+$`);
/** "4 May | Saltfern | 12 comments", "by Ida Pell | March 4"; a scan may have a bar for a letter. */
const FACTS =
  /^(?:(?:by|von|par|por|di) [^|·]{2,60}|[^|·]{2,40} [|·] [^|·]{2,60}) [|·] [^|·]{2,60}(?: [|·] [^|·]{2,60})*(?<![.!?,;])$/u;
/** A direction, alone on its line. */
const DIRECTION = /^(?:\[\p{Lu}[^[\]]*\]|\(\p{Lu}[^()]*\))$/u;
/** "i. Amos, b. 1790" below "Children:". */
const FIRST_ITEM = /^\(?(?:i|a|1)[.)]\s+\S/;
/** "Present: I. Pell, E. Trask", below a line of the same form. */
const FIELD = /^\p{Lu}[\p{L}\p{M}’'-]{1,20}(?: \p{L}+)?: \S/u;
/** "Enquiries: 0555 12-34-56", "Date: 14.03.2024": nothing but a number behind a label. */
const NUMBER_BEHIND_LABEL = /[^\s:]: ?\+?[\d(][\d() ./-]{4,18}\d[ \t]*$/m;
/** What a question is worth, far to the right of its end: "    [4]". */
const WORTH = /[ \t]{3,}(?:\[\d{1,3}(?: \p{L}+)?\]|\(\d{1,3}(?: \p{L}+)?\))$/u;
const LONGEST_WORTH = 24;
/** "**And the swans?**": a whole line in bold type. */
const BOLD = /^(\*\*|__)(?=\S)(?:(?!\1).)+\1:?$/;
const INSIDE = Flag.endsComma | Flag.endsHyphen | Flag.endsFunctionWord | Flag.endsInAddress;

/** Breaks before such lines, and behind those that are nothing but addresses or facts. Linear in the length of the source. */
export function breakAroundOwnForms(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  if (table.captions.found) return;
  const { line, count } = seams;
  const textOf = (place: number, length = LONGEST_LOOK) => {
    const from = table.from[line[place]!]!;
    return source.slice(from, Math.min(table.to[line[place]!]!, from + length));
  };
  const hasFacts = / [|·] |@|:\/\//.test(source);
  const hasWorth = /[ \t]{3}[[(]\d{1,3}(?: \p{L}+)?[\])][ \t]*$/mu.test(source);
  const hasNumbers = NUMBER_BEHIND_LABEL.test(source);
  const hasBold = /^[ \t]*(?:\*\*|__).*(?:\*\*|__):?[ \t]*$/m.test(source);
  const endsInWorth = (place: number) => {
    const to = table.to[line[place]!]!;
    return WORTH.test(source.slice(Math.max(table.from[line[place]!]!, to - LONGEST_WORTH), to));
  };
  const beginsAnew = (seam: number) => {
    const before = table.flags[line[seam]!]!;
    if (hasWorth && endsInWorth(seam)) return true;
    if (isCue(table, seams, seam) || areFields(seam) || areItems(seam)) return true;
    if (hasBold && !(before & INSIDE) && (BOLD.test(textOf(seam)) || BOLD.test(textOf(seam + 1)))) return true;
    if (hasNumbers && isNumbered(seam)) return true;
    if (hasFacts && !(before & INSIDE)) {
      const both = [textOf(seam), textOf(seam + 1)];
      if (both.some(isOfItself) || both.every((text) => ALONE.test(text))) return true;
    }
    if (before & Flag.endsColon)
      return FIRST_ITEM.test(textOf(seam + 1, LONGEST_LABEL)) || (hasFacts && isAddressAlone(seam + 1));
    if (!(before & Flag.endsStop)) return false;
    const first = source[table.from[line[seam + 1]!]!]!;
    if ('*†‡§'.includes(first)) return NOTE.test(textOf(seam + 1)) && NOTE.test(textOf(seam));
    return '[('.includes(first) && DIRECTION.test(textOf(seam + 1));
  };
  /** A line of such a label and number, the first of its paragraph, above what begins with a capital. */
  const isNumbered = (seam: number) => {
    if (seam > 0 && verdicts.decision[seam - 1] === Decision.join) return false;
    if (!(table.flags[line[seam + 1]!]! & Flag.startsUpper)) return false;
    const text = textOf(seam);
    return (
      text.indexOf(':') < LONGEST_LABEL && text.lastIndexOf(':') === text.indexOf(':') && NUMBER_BEHIND_LABEL.test(text)
    );
  };
  /** An address on a line of its own, with no more of the sentence below it. */
  const isAddressAlone = (place: number) =>
    ALONE.test(textOf(place)) &&
    (place === count || seams.blanks[place]! > 0 || !(table.flags[line[place + 1]!]! & Flag.startsLower));
  const areFields = (seam: number) =>
    [seam + 1, seam].every((place) => {
      const start = textOf(place, LONGEST_LABEL);
      return start.includes(':') && FIELD.test(start);
    });
  /** Two items under the same sign, the first of which may end in "so". */
  const areItems = (seam: number) => {
    const both = table.flags[line[seam]!]! & table.flags[line[seam + 1]!]!;
    if (!(both & Flag.startsBullet) || textOf(seam, 1) !== textOf(seam + 1, 1)) return false;
    // A dash in the middle of a sentence may begin a line below one that speech begins.
    return !/^[—–] ?\p{Ll}/u.test(textOf(seam + 1, 3));
  };
  for (let seam = 0; seam < count; seam++) {
    if (verdicts.decision[seam] !== Decision.join) continue;
    if (beginsAnew(seam)) settle(verdicts, seam, Decision.break, 'ownForm', CERTAINTY);
    else if (isTail(table, seams, seam)) settle(verdicts, seam, Decision.break, 'ownForm', CERTAINTY_OF_TAIL);
  }
  for (const seam of entriesAmong(source, table, seams, textOf))
    if (verdicts.decision[seam] === Decision.join) settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
}

function isOfItself(text: string): boolean {
  return text.length < LONGEST_LOOK && (ADDRESSES.test(text) || FACTS.test(text));
}

/**
 * What begins below the end of a sentence and is no sentence up to the next gap, nor up to the end of the text: a name, "With kind
 * regards", "—from a letter". A page may break off so.
 */
function isTail({ flags, chars, kind }: LineTable, { line, blanks, turn, count }: SeamTable, seam: number): boolean {
  const next = line[seam + 1]!;
  const isCredit = (flags[next]! & Flag.startsDash) !== 0;
  const mayBegin = isCredit || (flags[next]! & Flag.startsUpper) !== 0;
  if (!(flags[line[seam]!]! & Flag.endsStop) || !mayBegin || kind[next] !== LineKind.prose) return false;
  if (
    chars[line[seam]!]! < SHORTEST_ABOVE ||
    turn[seam] ||
    (seam + 1 < count && (blanks[seam + 1] === 0 || turn[seam + 1]))
  )
    return false;
  return chars[next]! <= (isCredit ? LONGEST_CREDIT : LONGEST_TAIL) && (flags[next]! & ENDS) === 0;
}

/** A name in capitals, alone on its line, below the end of a sentence that is not in capitals. */
function isCue({ flags, chars }: LineTable, { line }: SeamTable, seam: number): boolean {
  const [before, next] = [flags[line[seam]!]!, flags[line[seam + 1]!]!];
  if (!(before & Flag.endsStop)) return false;
  const isInCapitals = (next & Flag.allCapitals) !== 0 && (before & Flag.allCapitals) === 0;
  return isInCapitals && (next & (Flag.endsStop | Flag.endsHyphen)) === 0 && chars[line[seam + 1]!]! <= LONGEST_CUE;
}

/** "slack — the moment between two tides": a word or two, set apart by a dash from what they mean. */
const ENTRY = /^\p{L}[\p{L}’'-]*(?: \p{L}[\p{L}’'-]*){0,2} [–—] \p{L}/u;
const NUMBERED = /^(\d{1,3}) \p{Lu}/u;
const FEWEST_ENTRIES = 3;
/** In lines, between two entries. */
const FARTHEST = 8;

/** The seams before entries of a glossary, each below the end of a sentence, and before numbers without a stop that count on so. */
function entriesAmong(
  source: string,
  { flags }: LineTable,
  { line }: SeamTable,
  textOf: (place: number, length?: number) => string,
): readonly number[] {
  const hasEntries = / [–—] /.test(source);
  const isOpen = (place: number) => place === 0 || (flags[line[place - 1]!]! & Flag.endsStop) !== 0;
  const entries: number[] = [];
  const numbered: number[] = [];
  let last: { readonly number: number; readonly place: number } | undefined;
  for (let place = 0; place < line.length; place++) {
    const isNumber = (flags[line[place]!]! & Flag.startsDigit) !== 0;
    if (!isNumber) {
      if (hasEntries && isOpen(place) && ENTRY.test(textOf(place))) entries.push(place);
      continue;
    }
    const number = Number(NUMBERED.exec(textOf(place, LONGEST_LABEL))?.[1] ?? NaN);
    if (Number.isNaN(number)) continue;
    const countsOn = last?.number === number - 1 && place - last.place <= FARTHEST;
    if (countsOn && isOpen(place)) numbered.push(place - 1);
    last = { number, place };
  }
  const areClose = entries.every((place, at) => at === 0 || place - entries[at - 1]! <= FARTHEST);
  const areEntries = entries.length >= FEWEST_ENTRIES && areClose;
  return [...(areEntries ? entries.filter((place) => place > 0).map((place) => place - 1) : []), ...numbered];
}
