import { numbersOfFootnotes } from '../lines/pages/footnotes.ts';
import { isKept } from '../lines/line-kind.ts';
import type { LineTable } from '../lines/line-table.ts';
import type { PassContext } from '../passes/pass.ts';
import { findGluedNotes } from '../text/note-marks.ts';
import { readSpeaker } from '../text/speakers.ts';
import { readBracketedFigures } from '../text/bracketed-figures.ts';
import type { WordIndex } from '../text/word-index.ts';
import type { WordList } from '../text/word-list.ts';

/** What the passes may know of the whole text. */
export function passContext(
  source: string,
  table: LineTable,
  index: WordIndex,
  words: WordList | undefined,
): PassContext {
  return {
    language: table.language,
    vocabulary: table.vocabulary,
    captions: table.captions.found,
    onlySounds: !table.captions.hasSpeech,
    codeBrackets: table.captions.brackets,
    bracketed: readBracketedFigures(source),
    words,
    // Speech has no notes, and the numbers of its cues look like theirs.
    gluedNotes: table.captions.found
      ? new Set()
      : findGluedNotes(source, table.index, numbersOfFootnotes(source, table)),
    sameSpeaker: table.captions.found ? findSameSpeaker(source, table) : new Set(),
    ellipsis: usualEllipsis(source),
    timesInText: countOnDemand(source, index),
  };
}

function findSameSpeaker(source: string, table: LineTable): Set<number> {
  const same = new Set<number>();
  let last: string | undefined;
  for (let line = 0; line < table.index.count; line++) {
    if (!isKept(table.kind[line]!)) continue;
    const speaker = readSpeaker(source.slice(table.from[line], table.to[line]));
    if (!speaker) continue;
    // A turn without a name is a new speaker's each time.
    if (speaker.name !== '' && speaker.name === last) same.add(table.from[line]!);
    last = speaker.name;
  }
  return same;
}

function usualEllipsis(source: string): '…' | '...' | undefined {
  const sign = source.indexOf('…');
  const stops = source.search(/(?<!\.)\.{3}(?!\.)/);
  if (sign < 0 && stops < 0) return undefined;
  return stops < 0 || (sign >= 0 && sign < stops) ? '…' : '...';
}

/** Counts all words of the text when the first is asked for: few passes ask. */
function countOnDemand(source: string, { count, from, to }: WordIndex): (word: string) => number {
  let counts: Map<string, number> | undefined;
  return (word) => {
    if (!counts) {
      counts = new Map();
      for (let at = 0; at < count; at++) {
        const known = source.slice(from[at], to[at]).toLowerCase();
        counts.set(known, (counts.get(known) ?? 0) + 1);
      }
    }
    return counts.get(word) ?? 0;
  };
}
