import { isKept, LineKind } from './line-kind.ts';
import type { LineTable } from './line-table.ts';
import { foldHead } from './pages/page-label.ts';
import { readWebLabel } from './web/web-labels.ts';

/** As certain as a line that leaves without a proof can be. */
export const REMOVAL_CERTAINTY = 0.7;
const MOST_WORDS_OF_A_SOUND = 4;
const WORD = /\p{L}[\p{L}\p{M}’']+/gu;

/**
 * The lines that leave though nothing proves what they are, by line: their words stand nowhere else in the text. Proved are heads
 * that come back, labels that are known, sounds of a few words, captions shown again, numbers and times. Lines in `doubts` already
 * keep their reason.
 */
export function doubtRemovals(source: string, table: LineTable): void {
  const { kind, from, to } = table;
  const textOf = (line: number) => source.slice(from[line], to[line]);
  const heads = new Map<string, number[]>();
  const candidates: number[] = [];
  for (let line = 0; line < kind.length; line++) {
    if (kind[line] === LineKind.runningHead) {
      const head = foldHead(textOf(line));
      const alike = heads.get(head);
      if (alike) alike.push(line);
      else heads.set(head, [line]);
    } else if (kind[line] === LineKind.webLabel) {
      if (readWebLabel(textOf(line)) === 'no') candidates.push(line);
    } else if (kind[line] === LineKind.soundCue) {
      if ((textOf(line).match(WORD)?.length ?? 0) > MOST_WORDS_OF_A_SOUND) candidates.push(line);
    }
  }
  for (const [, lines] of heads) if (lines.length === 1) candidates.push(lines[0]!);
  if (candidates.length === 0) return;
  const wordsOf = (line: number) => (textOf(line).match(WORD) ?? []).map((word) => word.toLowerCase());
  const missing = new Set(candidates.flatMap(wordsOf));
  for (let line = 0; line < kind.length && missing.size > 0; line++) {
    if (!isKept(kind[line]!)) continue;
    for (const [word] of textOf(line).matchAll(WORD)) missing.delete(word.toLowerCase());
  }
  for (const line of candidates) {
    if (!table.removalDoubts.has(line) && wordsOf(line).some((word) => missing.has(word)))
      table.removalDoubts.set(line, 'unique');
  }
}

/** Kinds that leave by what they say, not by their form: where nothing else is left, they are the text. */
const SAYING: readonly number[] = [LineKind.runningHead, LineKind.webLabel, LineKind.soundCue, LineKind.captionRepeat];

/** The lines that have to stay so that a text with words does not become one without. */
export function linesToPutBack(source: string, { kind, from, to }: LineTable): number[] {
  const back: number[] = [];
  for (let line = 0; line < kind.length; line++) {
    const says = SAYING.includes(kind[line]!);
    if (!says && !isKept(kind[line]!)) continue;
    if (!/\p{L}/u.test(source.slice(from[line], to[line]))) continue;
    if (!says) return [];
    back.push(line);
  }
  return back;
}
