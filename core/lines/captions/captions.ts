import type { LineIndex } from '../../text/line-index.ts';
import { isKept, LineKind, type LineOptions } from '../line-kind.ts';
import { isArrowLine, readArrowLine, readLead, readOwnLine } from './time-code.ts';

/** What a caption track says of its lines. Times are in ms, NaN where unknown. */
export interface Captions {
  /** Whether the text is a caption track or a transcript with times. */
  readonly found: boolean;
  readonly start: Float64Array;
  readonly end: Float64Array;
  /** The track tells starts alone: ends are estimated from the usual speed of speech. */
  readonly endsEstimated: boolean;
  /** Where the words of a line begin when a time stands before them; 0 for the other lines. */
  readonly leadTo: Uint32Array;
}

const FEWEST_TIMES = 3;
const SHARE_OF_OWN_LINES = 0.08;
const SHARE_OF_LEADS = 0.3;
const SHARE_OF_ROLLING_REPEATS = 0.2;
const HEADER = /^\s*(?:WEBVTT\b.*|Kind:\s.*|Language:\s.*|NOTE\b.*|STYLE|REGION\b.*)$/;
const SOUND_CUE = /^\s*(?:-\s*)?(?:[[(][^\])]{1,40}[\])]|[♪♫][^♪♫]*[♪♫]?|[♪♫\s]+)\s*$/;
const CAPTION_TAG = /<[^<>\n]{1,40}>/g;

/**
 * Finds cue numbers, times, headers, rolling repeats and sound cues, sets the kinds of those lines in `kind`, and tells
 * when each remaining line was spoken. A text without times comes back untouched.
 */
export function readCaptions(source: string, index: LineIndex, kind: Uint8Array, options: LineOptions): Captions {
  const { count } = index;
  const captions = {
    found: false,
    start: new Float64Array(count).fill(NaN),
    end: new Float64Array(count).fill(NaN),
    endsEstimated: false,
    leadTo: new Uint32Array(count),
  };
  const style = timeStyle(source, index, kind);
  if (style === 'none') return captions;
  captions.found = true;
  if (style === 'arrows') readArrowCues(source, index, kind, captions, options);
  else if (style === 'own-lines') readOwnLineTimes(source, index, kind, captions, options);
  else readLeads(source, index, kind, captions, options);
  if (options.repeats && style === 'arrows') dropRollingRepeats(source, index, kind);
  if (options.soundCues) dropSoundCues(source, index, kind);
  if (style !== 'arrows') estimateEnds(index, kind, captions);
  return captions;
}

/** Gives each line the end that its length makes likely: its start, and its characters at the middle speed of all lines. */
function estimateEnds(index: LineIndex, kind: Uint8Array, out: Mutable): void {
  const spoken: number[] = [];
  for (let line = 0; line < index.count; line++) if (isKept(kind[line]!) && out.start[line]! >= 0) spoken.push(line);
  const length = (line: number) => index.to[line]! - Math.max(index.from[line]!, out.leadTo[line]!);
  /** Lines that share a start are spoken one after another: the cue ends with the last of them. */
  const cues: { line: number; chars: number }[] = [];
  for (const line of spoken) {
    const cue = cues.at(-1);
    if (cue && out.start[cue.line] === out.start[line]) {
      cue.chars += length(line);
      cue.line = line;
    } else cues.push({ line, chars: length(line) });
  }
  const speeds = cues.slice(1).map((next, at) => {
    const { line, chars } = cues[at]!;
    return (out.start[next.line]! - out.start[line]!) / Math.max(1, chars);
  });
  const speed = speeds.sort((a, b) => a - b)[speeds.length >> 1];
  if (speed === undefined || speed <= 0) return;
  out.endsEstimated = true;
  for (const line of spoken) out.end[line] = out.start[line]!;
  for (const { line, chars } of cues) out.end[line] = out.start[line]! + chars * speed;
}

type TimeStyle = 'none' | 'arrows' | 'own-lines' | 'leads';

function timeStyle(source: string, index: LineIndex, kind: Uint8Array): TimeStyle {
  let words = 0;
  let arrows = 0;
  let own = 0;
  let leads = 0;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] === LineKind.blank) continue;
    words++;
    if (!mayHoldTime(source, index, line)) continue;
    const text = source.slice(index.from[line], index.to[line]);
    if (isArrowLine(text)) arrows++;
    else if (readOwnLine(text) !== undefined) own++;
    else if (readLead(text)) leads++;
  }
  if (arrows >= 2) return 'arrows';
  if (own >= FEWEST_TIMES && own / words >= SHARE_OF_OWN_LINES) return 'own-lines';
  if (leads >= FEWEST_TIMES && leads / words >= SHARE_OF_LEADS) return 'leads';
  return 'none';
}

/** Cheap refusal before any expression runs: a time has a digit among the first characters of its line. */
function mayHoldTime(source: string, index: LineIndex, line: number): boolean {
  const from = index.from[line]!;
  const to = Math.min(index.to[line]!, from + 12);
  for (let at = from; at < to; at++) {
    const code = source.charCodeAt(at);
    if (code >= 0x30 && code <= 0x39) return true;
    if (code > 0x60) return false;
  }
  return false;
}

function readArrowCues(source: string, index: LineIndex, kind: Uint8Array, out: Mutable, options: LineOptions): void {
  let start = NaN;
  let end = NaN;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] === LineKind.blank) continue;
    const text = source.slice(index.from[line], index.to[line]);
    const times = readArrowLine(text);
    if (times) {
      ({ start, end } = times);
      if (options.timeCodes) kind[line] = LineKind.timeCode;
      const before = line - 1;
      if (options.timeCodes && before >= 0 && kind[before] === LineKind.prose && isCueNumber(source, index, before)) {
        kind[before] = LineKind.cueNumber;
        out.start[before] = NaN;
      }
    } else if (Number.isNaN(start) && options.timeCodes && HEADER.test(text)) {
      kind[line] = LineKind.captionHeader;
    } else {
      out.start[line] = start;
      out.end[line] = end;
    }
  }
}

function isCueNumber(source: string, index: LineIndex, line: number): boolean {
  return /^\s*\ufeff?\d{1,6}\s*$/.test(source.slice(index.from[line], index.to[line]));
}

function readOwnLineTimes(
  source: string,
  index: LineIndex,
  kind: Uint8Array,
  out: Mutable,
  options: LineOptions,
): void {
  let start = NaN;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] === LineKind.blank) continue;
    const time = mayHoldTime(source, index, line)
      ? readOwnLine(source.slice(index.from[line], index.to[line]))
      : undefined;
    if (time === undefined) {
      out.start[line] = start;
    } else {
      start = time;
      if (options.timeCodes) kind[line] = LineKind.timeCode;
    }
  }
}

function readLeads(source: string, index: LineIndex, kind: Uint8Array, out: Mutable, options: LineOptions): void {
  let start = NaN;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] === LineKind.blank) continue;
    const lead = mayHoldTime(source, index, line)
      ? readLead(source.slice(index.from[line], index.to[line]))
      : undefined;
    if (lead) {
      start = lead.time;
      if (options.timeCodes) out.leadTo[line] = index.from[line]! + lead.length;
    }
    out.start[line] = start;
  }
}

/**
 * A rolling track shows each line two or three times, first at the bottom, then above the next one. The first showing is kept.
 * Few repeats may be speech ("No." "No."), so they count only where they are many.
 */
function dropRollingRepeats(source: string, index: LineIndex, kind: Uint8Array): void {
  const repeats: number[] = [];
  let recent: string[] = [];
  let spoken = 0;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] !== LineKind.prose) continue;
    const words = source.slice(index.from[line], index.to[line]).replace(CAPTION_TAG, '').trim();
    if (words === '') continue;
    spoken++;
    if (recent.includes(words)) repeats.push(line);
    else recent = [...recent.slice(-2), words];
  }
  if (repeats.length / Math.max(1, spoken) < SHARE_OF_ROLLING_REPEATS) return;
  for (const line of repeats) kind[line] = LineKind.captionRepeat;
}

function dropSoundCues(source: string, index: LineIndex, kind: Uint8Array): void {
  for (let line = 0; line < index.count; line++) {
    if (kind[line] !== LineKind.prose) continue;
    if (SOUND_CUE.test(source.slice(index.from[line], index.to[line]))) kind[line] = LineKind.soundCue;
  }
}

type Mutable = { -readonly [K in keyof Captions]: Captions[K] };
