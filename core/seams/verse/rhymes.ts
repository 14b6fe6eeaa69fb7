import { LineKind } from '../../lines/line-kind.ts';
import type { LineTable } from '../../lines/line-table.ts';
import { isInPart, type ExactPart } from '../measure/exact-parts.ts';
import { isFullGroup } from '../measure/room.ts';
import { Decision, groupsOf, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.88;
/** Beside wider lines, which may be wrapped prose of which a few lines rhyme by chance: that is asked about. */
const CERTAINTY_BESIDE_PROSE = 0.8;
const FEWEST_LINES = 4;
const MOST_LINES = 24;
/** Characters; prose is rarely set as narrow. */
const LONGEST = 52;
/** Of the longest line of a stanza: the last line of a paragraph may be any shorter. */
const SHORTEST = 0.55;
const FEWEST_PAIRS = 2;
/** Of the lines of a stanza; chance makes one or two in a hundred rhyme. */
const LEAST_SHARE = 0.5;

/**
 * Stanzas whose lines run on and begin with small letters look like prose in a narrow measure, but for their rhymes: in groups of
 * short lines of about one length, where half of all lines or more rhyme with one beside them or the next but one, line ends stay.
 */
export function keepRhymedLines(
  source: string,
  table: LineTable,
  seams: SeamTable,
  parts: readonly ExactPart[],
  verdicts: Verdicts,
): void {
  if (table.captions.found) return;
  const stretches = stretchesBelowHeads(source, table, seams);
  keepCouplets(source, table, seams, stretches, verdicts);
  const groups = stretches.filter(([first, last]) => mayBeStanza(table, seams, first, last) && !isInPart(parts, first));
  let pairs = 0;
  const rhymed = groups.filter(([first, last]) => {
    const ends = Array.from({ length: last - first + 1 }, (_, at) => lastWord(source, table, seams.line[first + at]!));
    const found = rhymesOf(ends);
    pairs += found.pairs;
    return found.lines >= ends.length * LEAST_SHARE;
  });
  if (pairs < FEWEST_PAIRS || rhymed.length === 0) return;
  // In a text of nothing wider a stanza may rhyme to the ear alone: "chair" and "bare".
  const isPoem = widestOf(table, seams, groups) >= widestOf(table, seams, [[0, seams.count]]);
  const certainty = isPoem ? CERTAINTY : CERTAINTY_BESIDE_PROSE;
  const sizes = new Set(rhymed.map(([first, last]) => last - first));
  const alike = groups.filter(([from, to]) => sizes.has(to - from) && !isFullGroup(table, seams, from, to));
  for (const [first, last] of isPoem ? [...new Set([...rhymed, ...alike])] : rhymed)
    for (let seam = first; seam < last; seam++)
      if (verdicts.decision[seam] !== Decision.keep) settle(verdicts, seam, Decision.keep, 'verse', certainty);
}

const FEWEST_COUPLETS = 2;

type Stretch = readonly [first: number, last: number];

/** The groups of lines, in parts below headings and names that stand among them. */
function stretchesBelowHeads(source: string, table: LineTable, seams: SeamTable): readonly Stretch[] {
  const stretches: Stretch[] = [];
  for (const [first, last] of groupsOf(seams)) {
    let from = first;
    for (let place = first; place <= last + 1; place++) {
      if (place <= last && !isHead(source, table, seams.line[place]!)) continue;
      if (place > from) stretches.push([from, place - 1]);
      from = place + 1;
    }
  }
  return stretches;
}

/** Two lines each, below a heading or a name or not, most of which rhyme: a short one with another may be chance, so it is asked about. */
function keepCouplets(
  source: string,
  table: LineTable,
  seams: SeamTable,
  stretches: readonly Stretch[],
  verdicts: Verdicts,
): void {
  const pairs = stretches.filter(([first, last]) => last - first === 1).map(([first]) => first);
  const couplets = pairs.filter((seam) => {
    if (!areEvenAndShort(table, seams, seam, seam + 1)) return false;
    const ends = [seam, seam + 1].map((place) => lastWord(source, table, seams.line[place]!));
    return rhymesOf(ends).pairs > 0;
  });
  if (couplets.length < FEWEST_COUPLETS || couplets.length < pairs.length * LEAST_SHARE) return;
  for (const seam of couplets)
    if (verdicts.decision[seam] === Decision.join)
      settle(verdicts, seam, Decision.keep, 'verse', CERTAINTY_BESIDE_PROSE);
}

/** "HESTER", "ENOCH (aside)". */
const NAME_IN_CAPITALS = /^\p{Lu}{2,}/u;
const LONGEST_NAME = 32;

function isHead(source: string, { kind, from, to }: LineTable, line: number): boolean {
  if (kind[line] === LineKind.heading) return true;
  return to[line]! - from[line]! <= LONGEST_NAME && NAME_IN_CAPITALS.test(source.slice(from[line], to[line]));
}

/** Characters of the widest line of some groups. */
function widestOf({ chars }: LineTable, { line }: SeamTable, groups: readonly (readonly [number, number])[]): number {
  let widest = 0;
  for (const [first, last] of groups)
    for (let place = first; place <= last; place++) widest = Math.max(widest, chars[line[place]!]!);
  return widest;
}

function mayBeStanza(table: LineTable, seams: SeamTable, first: number, last: number): boolean {
  const count = last - first + 1;
  return count >= FEWEST_LINES && count <= MOST_LINES && areEvenAndShort(table, seams, first, last);
}

function areEvenAndShort(table: LineTable, { line }: SeamTable, first: number, last: number): boolean {
  const lines = line.subarray(first, last + 1);
  const longest = Math.max(...lines.map((one) => table.chars[one]!));
  if (longest > LONGEST) return false;
  return lines.every((one) => table.chars[one]! >= longest * SHORTEST && table.kind[one] === LineKind.prose);
}

/** With the signs behind it, in units. */
const LONGEST_WORD = 32;
const LAST_WORD = /([\p{L}\p{M}'’-]+)[^\p{L}]*$/u;

function lastWord(source: string, { from, to }: LineTable, line: number): string {
  const word = LAST_WORD.exec(source.slice(Math.max(from[line]!, to[line]! - LONGEST_WORD), to[line]))?.[1] ?? '';
  return word.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '');
}

/** A word from its last vowel that is heard on; a silent "e" at the end is not. */
const SOUND = /(?:[aeiouyаеиоуыэюяѣαεηιουω]+[^aeiouyаеиоуыэюяѣαεηιουω\s]+e?s?|[aeiouyаеиоуыэюяѣαεηιουω]+)$/u;
const SHORTEST_SOUND = 2;

/** How many neighbours rhyme, and how many lines are of such pairs. A word does not rhyme with itself. */
function rhymesOf(words: readonly string[]): { readonly pairs: number; readonly lines: number } {
  const sounds = words.map((word) => SOUND.exec(word)?.[0] ?? '');
  const rhymed = new Set<number>();
  let pairs = 0;
  for (let at = 0; at < words.length; at++) {
    for (const other of [at + 1, at + 2]) {
      const sound = sounds[at]!;
      if (sound.length < SHORTEST_SOUND || sound !== sounds[other] || words[at] === words[other]) continue;
      pairs++;
      rhymed.add(at).add(other);
    }
  }
  return { pairs, lines: rhymed.size };
}
