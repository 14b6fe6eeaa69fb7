import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { LEANS } from '../runs-on.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.86;
/** In units; nothing longer is looked at. */
const LONGEST = 80;
const RIGHTS = /^(?:©|\([cC]\) ?(?:\d{4}|\p{Lu})|Copyright (?:©|\([cC]\)|\d{4}))/u;
/** What is heard or done, in a text whose speakers stand in such brackets, or are many: elsewhere they are an editor's. */
const HEARD = /^\[\p{L}[\p{L} ,’'-]{2,40}\]$/u;
const SPEAKER = /^\[\p{Lu}[\p{L} .’'-]{0,24}\] \S/u;
const FEWEST_SPEAKERS = 3;
/** "(applause)" in a speech: so many whole lines in brackets are no chance. */
const HEARD_IN_ROUND = /^\(\p{L}[\p{L} ,.’'-]{2,40}\)$/u;
const FEWEST_IN_ROUND = 3;
const ADDRESS = /^(?:[\w.+-]+@[\w-]+(?:\.[\w-]+)+|(?:https?:\/\/|www\.)\S+[\w/])$/;
/** The last word begins with a capital or is a number. */
const ENDS_IN_NAME = /(?:^|\s)[\p{Lu}\d]\S*$/u;
/** After these an address belongs to the sentence. */
const LEADS = LEANS | Flag.endsColon | Flag.endsInAddress;

/**
 * Lines that stand by themselves under others: whose the rights are, what is heard, in brackets, and an address of mail or the web
 * with nothing beside it, below a name or a number, as in a signature.
 */
export function breakBeforeLoneLines(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const begins = (line: number) =>
    source.slice(table.from[line], Math.min(table.to[line]!, table.from[line]! + LONGEST));
  const isHeard = heardLines(source, table, seams, begins);
  for (let seam = 0; seam < seams.count; seam++) {
    if (verdicts.decision[seam] !== Decision.join) continue;
    const [before, after] = [seams.line[seam]!, seams.line[seam + 1]!];
    const [from, to] = [table.from[after]!, table.to[after]!];
    if (to - from > LONGEST || !mayStandAlone(source, from, to)) continue;
    const text = begins(after);
    const leads = (table.flags[before]! & LEADS) !== 0;
    const isAddress =
      ADDRESS.test(text) &&
      !goesOnBelow(table, seams, seam + 1) &&
      ENDS_IN_NAME.test(source.slice(Math.max(table.from[before]!, table.to[before]! - LONGEST), table.to[before]));
    if (isHeard(text) || (!leads && (RIGHTS.test(text) || isAddress)))
      settle(verdicts, seam, Decision.break, 'shape', CERTAINTY);
  }
}

/** Whether the words below a line, right under it, begin with a small letter: it stands within a sentence. */
function goesOnBelow({ flags }: LineTable, { line, blanks, count }: SeamTable, seam: number): boolean {
  return seam < count && blanks[seam] === 0 && (flags[line[seam + 1]!]! & Flag.startsLower) !== 0;
}

const CERTAINTY_AT_LABEL = 0.9;

/** A page puts its adverts and buttons between paragraphs: above one that left a sentence has ended, and another begins below. */
export function breakAtLabels({ kind, flags }: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  for (let seam = 0; seam < seams.count; seam++) {
    if (verdicts.decision[seam] !== Decision.join) continue;
    const [before, after] = [seams.line[seam]!, seams.line[seam + 1]!];
    if (!(flags[before]! & Flag.endsStop) || flags[after]! & Flag.startsLower) continue;
    if (kind.subarray(before + 1, after).includes(LineKind.webLabel))
      settle(verdicts, seam, Decision.break, 'label', CERTAINTY_AT_LABEL);
  }
}

/** Tells what is heard, of a line's words; looks through the text when it is first needed. */
function heardLines(
  source: string,
  table: LineTable,
  seams: SeamTable,
  begins: (line: number) => string,
): (text: string) => boolean {
  const among = (bracket: string, pattern: RegExp) =>
    seams.line.filter((line) => source[table.from[line]!] === bracket && pattern.test(begins(line))).length;
  let inSquare: boolean | undefined;
  let inRound: boolean | undefined;
  return (text) => {
    if (HEARD.test(text))
      return (inSquare ??=
        among('[', SPEAKER) > 0 ||
        seams.line.filter((line) => (table.flags[line]! & Flag.startsSpeaker) !== 0).length >= FEWEST_SPEAKERS);
    return HEARD_IN_ROUND.test(text) && (inRound ??= among('(', HEARD_IN_ROUND) >= FEWEST_IN_ROUND);
  };
}

/** Refuses nearly all lines of prose: an address has no space in it. */
function mayStandAlone(source: string, from: number, to: number): boolean {
  if ('©(C['.includes(source[from]!)) return true;
  for (let at = from; at < to; at++) if (source.charCodeAt(at) === 0x20) return false;
  return true;
}
