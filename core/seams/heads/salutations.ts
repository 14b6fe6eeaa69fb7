import { LineKind } from '../../lines/line-kind.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import { inAnyLanguage } from '../../text/language.ts';
import { widestOf } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.9;
const LONGEST = 48;
/** Of the widest line: a salutation leaves room, whatever comes next. */
const SHORT = 0.7;
/** "Liebe Frau Pell," fills a narrow column. */
const FEW_WORDS = /^\S+(?:\s\S+){1,3}$/;
/** How letters begin in languages in which the first sentence may begin with a small letter below. */
const SALUTATION = new RegExp(`^(?:${inAnyLanguage('salutations')})(?=[\\s,!])[^.?;:]*[,!،]$`, 'iu');

/** How they end: that, a word or two more at most, and no sentence. The name is on the line below. */
const CLOSING = new RegExp(`^(?:${inAnyLanguage('closings')})(?:[ ,]+[^\\s.?;:,]+){0,2}[,!،，！。]?$`, 'iu');
/** In characters, of the closing and of the name. */
const LONGEST_CLOSE = 40;

/**
 * The line with which a letter ends and the name below it are lines of their own, also where the closing would fill its line. They are one
 * block with those below.
 */
export function keepClosings(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  for (let seam = 0; seam < count; seam++) {
    const [one, name] = [line[seam]!, line[seam + 1]!];
    if (table.chars[one]! > LONGEST_CLOSE || table.chars[name]! > LONGEST_CLOSE || blanks[seam]! > 1) continue;
    if (!(table.flags[name]! & NAME) || table.flags[name]! & (Flag.endsComma | Flag.endsStop)) continue;
    // It begins a paragraph, or stands below the end of one.
    const isBelow = seam > 0 && verdicts.decision[seam - 1] === Decision.join;
    if (seam === 0 || (isBelow && blanks[seam - 1] === 0 && !(table.flags[line[seam - 1]!]! & Flag.endsStop))) continue;
    if (!CLOSING.test(source.slice(table.from[one], table.to[one]))) continue;
    if (verdicts.decision[seam - 1] !== Decision.keep) settleSurely(verdicts, seam - 1, Decision.break);
    if (verdicts.decision[seam] !== Decision.break) settleSurely(verdicts, seam, Decision.keep);
    keepTogether(table, seams, blanks[seam] === 0 ? seam : seam + 1, verdicts);
  }
}

/** A name, an office, a house, a town, a telephone. */
const MOST_OF_A_SIGNATURE = 6;

/** The lines under a closing are one block, if no blank line parts them: who signs, and where they are to be found. */
function keepTogether(table: LineTable, { line, blanks, count }: SeamTable, from: number, verdicts: Verdicts): void {
  const isShort = (place: number) => table.chars[line[place]!]! <= LONGEST_CLOSE;
  for (let seam = from; seam < Math.min(count, from + MOST_OF_A_SIGNATURE); seam++) {
    if (blanks[seam]! > 0 || !isShort(seam) || !isShort(seam + 1)) return;
    const isPlain =
      table.kind[line[seam + 1]!] === LineKind.prose && !(table.flags[line[seam + 1]!]! & Flag.startsMarker);
    if (!isPlain) return;
    if (verdicts.decision[seam] === Decision.break) settle(verdicts, seam, Decision.keep, 'salutation', CERTAINTY);
  }
}

const CERTAINTY_OF_SIGNATURE = 0.8;
/** "Silas", "S. Crane", "Mr. and Mrs. Crane", "your Committee". */
const SIGNATURE =
  /^(?:\p{Ll}{1,6} )?(?:[\p{Lu}\p{Lo}][\p{L}\p{M}’'-]*\.? |\p{Ll}{1,3} |& ){0,4}[\p{Lu}\p{Lo}][\p{L}\p{M}’'-]*$/u;

const POSTSCRIPT = /^P\. ?S\.|^PS\b/;
const LONGEST_POSTSCRIPT = 5;

/**
 * A name alone with which a text or a part of it ends, below a line that ends in a comma, is a signature: "With love from all of us, /
 * Silas".
 */
export function keepSignatures(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  const startsWithPostscript = (one: number) =>
    POSTSCRIPT.test(source.slice(table.from[one], table.from[one]! + LONGEST_POSTSCRIPT));
  for (let seam = 1; seam < count; seam++) {
    const [one, name] = [line[seam]!, line[seam + 1]!];
    if (verdicts.decision[seam] !== Decision.join || !(table.flags[one]! & Flag.endsComma)) continue;
    if (verdicts.decision[seam - 1]! < Decision.break || blanks[seam]! > 1) continue;
    if (table.chars[name]! > LONGEST_CLOSE) continue;
    const isLast = seam + 1 === count || blanks[seam + 1]! > 0 || startsWithPostscript(line[seam + 2]!);
    if (!isLast || !SIGNATURE.test(source.slice(table.from[name], table.to[name]))) continue;
    settle(verdicts, seam, Decision.keep, 'salutation', CERTAINTY_OF_SIGNATURE);
  }
}

/** The line above a signature in mail (RFC 3676, 4.3); the space behind it may be lost. */
const SIGNATURE_MARK = '--';
const MOST_SIGNATURE_LINES = 8;

/** Below "-- " at the end of a mail lines stay as whoever wrote them set them, but for a sentence that wraps. */
export function keepMarkedSignatures(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, blanks, count } = seams;
  const isMark = (place: number) => source.slice(table.from[line[place]!], table.to[line[place]!]) === SIGNATURE_MARK;
  for (let seam = Math.max(1, count - MOST_SIGNATURE_LINES); seam < count; seam++) {
    if (!isMark(seam)) continue;
    if (verdicts.decision[seam]! < Decision.break)
      settle(verdicts, seam, Decision.keep, 'salutation', CERTAINTY_OF_SIGNATURE);
    for (let below = seam + 1; below < count && blanks[below] === 0; below++)
      if (verdicts.decision[below]! < Decision.break && !wraps(table, line[below]!, line[below + 1]!))
        settle(verdicts, below, Decision.keep, 'salutation', CERTAINTY_OF_SIGNATURE);
    return;
  }
}

const ENDS = Flag.endsStop | Flag.endsComma | Flag.endsColon | Flag.endsDash;

/** A line that is longer than those of a signature and goes on in a small letter. */
function wraps({ chars, flags }: LineTable, above: number, below: number): boolean {
  return chars[above]! > LONGEST_CLOSE && !(flags[above]! & ENDS) && (flags[below]! & Flag.startsLower) !== 0;
}

const NAME = Flag.startsUpper | Flag.startsCaseless | Flag.startsCjk;

/**
 * The line with which a letter begins is one of its own, also where the first sentence goes on below it in small letters. Whatever else
 * says so is as sure of it.
 */
export function breakAfterSalutations(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const { line, count } = seams;
  const widest = widestOf(table, line);
  for (let seam = 0; seam < count; seam++) {
    const one = line[seam]!;
    if (verdicts.decision[seam] === Decision.keep || table.chars[one]! > LONGEST) continue;
    // It begins the text or a paragraph.
    if (seam > 0 && verdicts.decision[seam - 1]! < Decision.break) continue;
    const text = source.slice(table.from[one], table.to[one]);
    const isByItself = seam === 0 || seams.blanks[seam - 1]! > 0;
    if (table.chars[one]! > widest * SHORT && !(isByItself && FEW_WORDS.test(text))) continue;
    if (SALUTATION.test(text)) settleSurely(verdicts, seam, Decision.break);
  }
}

/** What is decided so already, by a better reason, is not made less certain. */
function settleSurely(verdicts: Verdicts, seam: number, decided: Decision): void {
  if (verdicts.decision[seam] === decided && verdicts.certainty[seam]! >= CERTAINTY) return;
  settle(verdicts, seam, decided, 'salutation', CERTAINTY);
}
