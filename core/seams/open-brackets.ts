import { LineKind } from '../lines/line-kind.ts';
import { Flag, type LineTable } from '../lines/line-table.ts';
import { edgeInCharacters, isCjkLine, widestEdge } from './room.ts';
import { Decision, groupsOf, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.88;
/** Units of the next line in which the bracket closes. */
const FARTHEST = 60;
const BRACKETS = /[()（）]/g;
const OPENING = '(（';
const CLOSING = /[)）]/;

/** Nothing else is in such a line: it had no room in the one that it closes. */
const LONE_CLOSING = /^[。！？…]{0,2}[」』）】》”’]{1,2}$/;
const LONGEST_CLOSING = 4;
const CERTAINTY_OF_CLOSING = 0.95;
/** Chinese and Japanese have no capitals to tell whether a speech goes on: it does below a full line, where its mark closes. */
const SPEECH = /[“”「」『』]/g;
const OPENING_SPEECH = '“「『';
/** In signs: a verse that is quoted has shorter lines, so that they are asked about. */
const NARROWEST_SPEECH = 20;
const CERTAINTY_OF_NARROW = 0.78;
/** Signs that a full line may leave. */
const LEAST_ROOM = 2;

/** A line that ends within brackets goes on in the next, if they close there. Closing marks alone belong to the line before them. */
export function joinWithinBrackets(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const goesOnInSpeech = speechesGoingOn(source, table, seams);
  for (let seam = 0; seam < seams.count; seam++) {
    if (seams.blanks[seam] === 0 && isLoneClosing(source, table, seams.line[seam + 1]!)) {
      settle(verdicts, seam, Decision.join, 'bracket', CERTAINTY_OF_CLOSING);
      continue;
    }
    if (seams.blanks[seam]! > 0 || seams.turn[seam] || !mayGoOn(table, seams, seam, verdicts)) continue;
    if (goesOnInSpeech[seam]) {
      const isNarrow = table.chars[seams.line[seam]!]! < NARROWEST_SPEECH;
      settle(verdicts, seam, Decision.join, 'bracket', isNarrow ? CERTAINTY_OF_NARROW : CERTAINTY);
      continue;
    }
    const line = seams.line[seam]!;
    const next = seams.line[seam + 1]!;
    if (table.kind[line] !== LineKind.prose || table.kind[next] !== LineKind.prose) continue;
    if (table.flags[line]! & Flag.endsStop || table.flags[next]! & Flag.startsMarker) continue;
    const last = source.slice(table.from[line], table.to[line]).match(BRACKETS)?.at(-1);
    if (last === undefined || !OPENING.includes(last)) continue;
    const start = table.from[next]!;
    const first = source.slice(start, Math.min(table.to[next]!, start + FARTHEST)).match(BRACKETS)?.[0];
    const closes = first === undefined ? closesAlone(source, table, seams, seam + 1) : !OPENING.includes(first);
    if (closes) settle(verdicts, seam, Decision.join, 'bracket', CERTAINTY);
  }
}

/** Whether the bracket alone stands in the line below a seam. */
function closesAlone(source: string, table: LineTable, { line, blanks, count }: SeamTable, seam: number): boolean {
  if (seam >= count || blanks[seam]! > 0 || !isLoneClosing(source, table, line[seam + 1]!)) return false;
  return CLOSING.test(source.slice(table.from[line[seam + 1]!], table.to[line[seam + 1]!]));
}

/** A line that was broken off; verse hardly ends in "p.". */
function mayGoOn({ flags }: LineTable, { line }: SeamTable, seam: number, { decision }: Verdicts): boolean {
  if (decision[seam] !== Decision.keep) return decision[seam] === Decision.break;
  return (flags[line[seam]!]! & Flag.endsAbbreviation) !== 0;
}

/** By seam: whether a speech in Chinese or Japanese goes on from a full line, or one that ends no sentence, and its mark closes further down. */
function speechesGoingOn(source: string, table: LineTable, seams: SeamTable): Uint8Array {
  const goesOn = new Uint8Array(seams.count);
  if (!seams.line.some((line) => isCjkLine(table, line))) return goesOn;
  for (const [first, last] of groupsOf(seams)) {
    const widest = widestEdge(table, seams.line.subarray(first, last + 1));
    /** The first mark below the line that is looked at. */
    let below: string | undefined;
    for (let seam = last; seam >= first; seam--) {
      const line = seams.line[seam]!;
      const marks = source.slice(table.from[line], table.to[line]).match(SPEECH);
      const isOpen = marks !== null && OPENING_SPEECH.includes(marks.at(-1)!);
      const isInside = marks === null || isOpen;
      const closes = below !== undefined && !OPENING_SPEECH.includes(below);
      if (seam < last && isInside && closes && mayGoOnInSpeech(table, seams, seam, widest)) goesOn[seam] = 1;
      below = marks?.[0] ?? below;
    }
  }
  return goesOn;
}

function mayGoOnInSpeech(table: LineTable, { line }: SeamTable, seam: number, widest: number): boolean {
  const [one, next] = [line[seam]!, line[seam + 1]!];
  const { flags, indent, kind } = table;
  if (!((flags[one]! | flags[next]!) & (Flag.startsCjk | Flag.endsCjk)) || indent[next]! > indent[one]!) return false;
  if (kind[one] !== LineKind.prose || kind[next] !== LineKind.prose) return false;
  return !(flags[one]! & Flag.endsStop) || edgeInCharacters(table, one) >= widest - LEAST_ROOM;
}

/** Whether a line is nothing but the marks that close the line before it. */
export function isLoneClosing(source: string, { kind, from, to }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose || to[line]! - from[line]! > LONGEST_CLOSING) return false;
  return LONE_CLOSING.test(source.slice(from[line], to[line]));
}
