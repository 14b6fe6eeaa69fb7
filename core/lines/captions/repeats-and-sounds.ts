import type { LineIndex } from '../../text/line-index.ts';
import { looksLikeName } from './sound-words.ts';
import { isKept, LineKind } from '../line-kind.ts';

const SHARE_OF_REPEATS = 0.2;
const TAG = /<[^<>\n]{1,40}>/g;

/**
 * A rolling track shows each line two or three times, first at the bottom, then above the next one. The first showing is kept.
 * Few repeats may be speech ("No." "No."), so they count only where they are many.
 */
export function dropRollingRepeats(source: string, index: LineIndex, kind: Uint8Array, leadTo: Uint32Array): void {
  const repeats: number[] = [];
  let recent: string[] = [];
  let spoken = 0;
  for (let line = 0; line < index.count; line++) {
    if (kind[line] !== LineKind.prose) continue;
    const words = wordsOf(source, index, leadTo, line).replace(TAG, '').trim();
    if (words === '') continue;
    spoken++;
    if (recent.includes(words)) repeats.push(line);
    else recent = [...recent.slice(-2), words];
  }
  if (repeats.length / Math.max(1, spoken) < SHARE_OF_REPEATS) return;
  for (const line of repeats) kind[line] = LineKind.captionRepeat;
}

const MAY_BE_SOUND = /^\s*[-–[(*♪♫（［【]/;
const SOUND =
  /^\s*(?:[-–]\s*)?(?:\[[^\][]{1,40}\]|\([^()]{1,40}\)|（[^（）]{1,20}）|［[^［］]{1,20}］|【[^【】]{1,20}】|\*[^*\s][^*]{0,38}\*|[♪♫\s]*[[(][^\])]{1,40}[\])][♪♫\s]*|[♪♫～~\s]+)\s*$/;

/** Drops lines that are a sound cue and nothing else. False where there is nothing else in the whole text: then they stay. */
export function dropSoundCues(source: string, index: LineIndex, kind: Uint8Array, leadTo: Uint32Array): boolean {
  const sounds: number[] = [];
  let hasWords = false;
  for (let line = 0; line < index.count; line++) {
    if (!isKept(kind[line]!)) continue;
    const words = wordsOf(source, index, leadTo, line);
    if (
      kind[line] === LineKind.prose &&
      MAY_BE_SOUND.test(words) &&
      SOUND.test(words) &&
      !mayNameSpeaker(kind, line, words) &&
      !looksLikeName(words.replace(/[[\]()]/g, '').trim())
    )
      sounds.push(line);
    else hasWords ||= /\p{L}/u.test(words);
  }
  if (hasWords) for (const line of sounds) kind[line] = LineKind.soundCue;
  return hasWords;
}

/** "（男）" above what he says: names have no capitals there, but a sound has a caption of its own. */
function mayNameSpeaker(kind: Uint8Array, line: number, words: string): boolean {
  return /^\s*[（［【]/.test(words) && kind[line + 1] === LineKind.prose;
}

function wordsOf(source: string, index: LineIndex, leadTo: Uint32Array, line: number): string {
  return source.slice(Math.max(index.from[line]!, leadTo[line]!), index.to[line]);
}
