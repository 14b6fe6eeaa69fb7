import type { LineIndex } from '../../text/line-index.ts';
import { isKept } from '../line-kind.ts';
import type { TimeSpot } from './time-spots.ts';

const FEWEST_TIMES = 4;
/** Lines above the first time; more of them are another text. */
const MOST_TITLES = 2;
/** The first time where a recording begins, ms: of a part of it that somebody copied the first line is speech. */
const BEGINNING = 10_000;
const SHARE_OF_SINGLE = 0.8;
const SHARE_OF_SMALL = 0.7;
const SENTENCE_END = /[.!?…,;:]["”’»)]*$/;

/**
 * The lines that name the parts of a recording: where a time stands above each line of speech, they have none of their own and come
 * above the next time, or above the first. Speech without capitals tells them apart. Linear in the number of lines.
 */
export function findChapterLines(
  source: string,
  index: LineIndex,
  kind: Uint8Array,
  spots: readonly TimeSpot[],
): readonly number[] {
  if (spots.length < FEWEST_TIMES || spots.some(({ place, isSure }) => place !== 'alone' || isSure)) return [];
  const above = spokenLines(index, kind, -1, spots[0]!.line);
  const groups = spots.map(({ line }, at) => spokenLines(index, kind, line, spots[at + 1]?.line ?? index.count));
  const textOf = (line: number) => source.slice(index.from[line], index.to[line]).trim();
  const spoken = groups.flatMap((lines) => lines.slice(0, 1)).map(textOf);
  const singles = groups.filter((lines) => lines.length <= 1).length;
  if (singles < groups.length * SHARE_OF_SINGLE) return [];
  if (spoken.filter((text) => /^\p{Ll}/u.test(text)).length < spoken.length * SHARE_OF_SMALL) return [];
  const title = above.length <= MOST_TITLES && spots[0]!.start < BEGINNING ? above : [];
  const extra = [...title, ...groups.slice(0, -1).flatMap((lines) => (lines.length === 2 ? lines.slice(1) : []))];
  return extra.filter((line) => /^[\p{Lu}\p{N}]/u.test(textOf(line)) && !SENTENCE_END.test(textOf(line)));
}

/** The lines between two others that hold words. */
function spokenLines(index: LineIndex, kind: Uint8Array, after: number, before: number): number[] {
  const lines: number[] = [];
  for (let line = after + 1; line < Math.min(before, index.count); line++) if (isKept(kind[line]!)) lines.push(line);
  return lines;
}
