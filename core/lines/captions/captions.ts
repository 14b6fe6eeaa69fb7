import { workOf } from '../pass-fault.ts';
import { CAPTION_TAG } from './caption-tags.ts';
import type { LineIndex } from '../../text/line-index.ts';
import { isKept, LineKind, type LineOptions } from '../line-kind.ts';
import { dropCaptionHeads } from './caption-heads.ts';
import { dropCueNames } from './cue-names.ts';
import { estimateEnds } from './estimated-ends.ts';
import { judgeTimes, type TimeGroup } from './judge-times.ts';
import { dropRollingRepeats, dropSoundCues } from './repeats-and-sounds.ts';
import { findTimeSpots, type TimeSpot } from './time-spots.ts';
import { findTurns, hasTurnMarks } from './turns.ts';

/** What a caption track or a transcript says of its lines. Times are in ms, NaN where unknown. */
export interface Captions {
  /** Whether the text is a caption track or a transcript with times or signs of turns. */
  readonly found: boolean;
  readonly start: Float64Array;
  readonly end: Float64Array;
  /** The track tells starts alone: ends are estimated from the usual speed of speech. */
  readonly endsEstimated: boolean;
  /** Where the words of a line begin when a time stands before them, and where they end when one stands behind; else 0. */
  readonly leadTo: Uint32Array;
  readonly tailFrom: Uint32Array;
  /** By line: see Turn. */
  readonly turn: Uint8Array;
  /** The opening brackets that times stand in which are codes among words too, and ":" for those between a name and a colon; "" where none are. */
  readonly brackets: string;
  /** There are more than sounds. */
  readonly hasSpeech: boolean;
  /** The lines of times that are hardly told from those that belong to a text. */
  readonly doubted: readonly number[];
}

type Mutable = { -readonly [K in keyof Captions]: Captions[K] };

/** Log odds above which times are codes: taking out what is none costs more than leaving one in. */
const CODE = 2;
/** Below these they are asked about. */
const SURELY_CODE = 4;
/** Characters that a text has at most for each of its codes, or it is no transcript. */
const MOST_APART = 2500;

/**
 * Finds times that are codes, and what goes with them: cue numbers, heads, rolling repeats, sound cues, turns. Sets the kinds
 * of lines that go in `kind`, and tells when each remaining line was spoken. A text without codes comes back untouched.
 */
export function readCaptions(source: string, index: LineIndex, kind: Uint8Array, options: LineOptions): Captions {
  const { count } = index;
  const out: Mutable = {
    found: false,
    start: new Float64Array(count).fill(NaN),
    end: new Float64Array(count).fill(NaN),
    endsEstimated: false,
    leadTo: new Uint32Array(count),
    tailFrom: new Uint32Array(count),
    turn: new Uint8Array(count),
    brackets: '',
    hasSpeech: true,
    doubted: [],
  };
  const codes = findCodes(source, index, kind);
  if (codes.length === 0 && !hasTurnMarks(source, index, kind)) return out;
  out.found = true;
  const all = codes.flatMap((group) => group.spots);
  const spots = codes.length > 1 ? all.sort((a, b) => a.from - b.from) : all;
  setTimes(spots, kind, out);
  if (options.timeCodes)
    workOf('time-codes', () => {
      dropCaptionHeads(source, index, kind, spots);
      dropTimes(source, index, kind, spots, out);
      out.doubted = codes
        .filter(({ odds }) => odds < SURELY_CODE)
        .flatMap((group) => group.spots.map(({ line }) => line));
      dropCueNames(source, index, kind, spots);
      out.brackets = [
        ...new Set(spots.map(({ bracket, place }) => (place === 'label' ? bracket || ':' : bracket))),
      ].join('');
    });
  leaveOutTags(source, index, kind, out);
  out.turn = findTurns(source, index, kind, out.leadTo, codes);
  if (options.repeats && spots.some(({ isSure }) => isSure))
    workOf('caption-repeats', () => dropRollingRepeats(source, index, kind, out.leadTo));
  if (options.soundCues) out.hasSpeech = workOf('sound-cues', () => dropSoundCues(source, index, kind, out.leadTo));
  if (spots.some(({ end }) => Number.isNaN(end))) out.endsEstimated = estimateEnds(index, kind, out);
  return out;
}

function findCodes(source: string, index: LineIndex, kind: Uint8Array): TimeGroup[] {
  const codes = judgeTimes(source, findTimeSpots(source, index, kind)).filter(({ odds }) => odds > CODE);
  const spots = codes.reduce((sum, group) => sum + group.spots.length, 0);
  return spots * MOST_APART >= source.length || codes.some(({ spots: [first] }) => first!.isSure) ? codes : [];
}

/** A line is spoken from the last time before its words on. */
function setTimes(spots: readonly TimeSpot[], kind: Uint8Array, out: Mutable): void {
  let start = NaN;
  let end = NaN;
  let at = 0;
  for (let line = 0; line < kind.length; line++) {
    for (; at < spots.length && spots[at]!.line === line; at++) {
      if (spots[at]!.place === 'behind' || spots[at]!.place === 'among') continue;
      ({ start, end } = spots[at]!);
    }
    if (kind[line] === LineKind.blank) continue;
    out.start[line] = start;
    out.end[line] = end;
  }
}

/** Times that stand alone go with their lines, those beside words by themselves; those among words an inline pass finds. */
function dropTimes(source: string, index: LineIndex, kind: Uint8Array, spots: readonly TimeSpot[], out: Mutable): void {
  for (const { line, from, to, place } of spots) {
    if (kind[line] !== LineKind.prose) continue;
    const lineFrom = index.from[line]!;
    const lineTo = index.to[line]!;
    if (place === 'alone') {
      kind[line] = LineKind.timeCode;
      out.start[line] = NaN;
    } else if (place === 'before' || (place === 'name' && source.slice(lineFrom, from).trim() === '')) {
      out.leadTo[line] = to + BEFORE_WORDS.exec(source.slice(to, Math.min(lineTo, to + 20)))![0].length;
    } else if (place === 'behind' || (place === 'name' && source.slice(to, lineTo).trim() === '')) {
      // Several stand behind one another: the first is where the words end.
      if (out.tailFrom[line] === 0) out.tailFrom[line] = lineFrom + source.slice(lineFrom, from).trimEnd().length;
    }
  }
}

const BEFORE_WORDS = /^(?:[ \t]*[:–-](?=[ \t]))?[ \t]*/;
const TAGS_BEFORE = new RegExp(`^(?:\\s|${CAPTION_TAG})+`, 'i');
const TAGS_BEHIND = new RegExp(`(?:\\s|${CAPTION_TAG})+$`, 'i');

/** What a line begins and ends with is told by its words, not by the tags around them. */
function leaveOutTags(source: string, index: LineIndex, kind: Uint8Array, { leadTo, tailFrom }: Mutable): void {
  for (let line = 0; line < kind.length; line++) {
    if (!isKept(kind[line]!)) continue;
    const from = Math.max(index.from[line]!, leadTo[line]!);
    const to = tailFrom[line]! || index.to[line]!;
    const words = source.slice(from, to);
    if (!words.includes('<') && !words.includes('{')) continue;
    const before = TAGS_BEFORE.exec(words)?.[0];
    if (!before || before.length === words.length) continue;
    if (/[<{]/.test(before)) leadTo[line] = from + before.length;
    const behind = TAGS_BEHIND.exec(words)?.[0];
    if (behind?.includes('<')) tailFrom[line] = to - behind.length;
  }
}
