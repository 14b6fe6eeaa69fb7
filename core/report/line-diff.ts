import { cleanText, pieceLists } from '../cleaning/output.ts';
import { writtenText } from '../cleaning/written-text.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { pieceText, type Piece } from '../edits/piece.ts';

/** Lines around a change that are shown with it, as patch programs expect. */
const AROUND = 3;
const NO_END = '\\ No newline at end of file';

/**
 * What a cleaning changes, as a unified diff of the source and the clean text with a line end behind its last line; empty where
 * nothing changes. CRLF and CR count as LF: line ends as such are no change. Linear: the cleaning knows which lines came of which.
 *
 * Law: applied to the source (with LF line ends) it gives the clean text.
 */
export function toLineDiff(cleaning: Cleaning, name: string): string {
  const stretches = findStretches(cleaning);
  const hunks = toHunks(stretches);
  if (hunks.length === 0) return '';
  return `--- ${name}\n+++ ${name} (clean)\n${hunks.join('')}`;
}

/** Lines of the source and the lines that came of them. */
interface Stretch {
  readonly before: readonly string[];
  readonly after: readonly string[];
  readonly isSame: boolean;
}

/** Cuts source and clean text alike wherever a line of both begins. */
function findStretches(cleaning: Cleaning): Stretch[] {
  const { source } = cleaning;
  const clean = cleanText(cleaning);
  const stretches: Stretch[] = [];
  let [fromA, fromB] = [0, 0];
  const cutAt = (a: number, b: number, isLast = false) => {
    if (!isLast && (!beginsLine(source, a) || !beginsLine(clean, b))) return;
    if (a === fromA && b === fromB) return;
    const before = linesOf(source.slice(fromA, a));
    const after = linesOf(clean.slice(fromB, b), isLast);
    stretches.push({ before, after, isSame: before.length === after.length && before.every((l, i) => l === after[i]) });
    [fromA, fromB] = [a, b];
  };
  let at = 0;
  for (const pieces of pieceLists(cleaning)) {
    const end = at + writtenText(source, pieces).length;
    // What was written by hand is tidied where it goes out: its pieces no longer tell where.
    if (end - at === lengthOf(source, pieces)) for (const [a, b] of meetings(source, pieces, at)) cutAt(a, b);
    else if (pieces.length > 0) cutAt(pieces.at(-1)!.to, end);
    at = end;
  }
  cutAt(source.length, clean.length, true);
  return stretches;
}

function lengthOf(source: string, pieces: readonly Piece[]): number {
  return pieces.reduce((sum, piece) => sum + pieceText(source, piece).length, 0);
}

/** Places in the source and in the clean text that are the same: behind each line end that stays, and each piece. */
function* meetings(source: string, pieces: readonly Piece[], start: number): Generator<[number, number]> {
  let at = start;
  for (const piece of pieces) {
    if (piece.text === undefined) {
      for (let end = source.indexOf('\n', piece.from); end >= 0 && end < piece.to; end = source.indexOf('\n', end + 1))
        yield [end + 1, at + end + 1 - piece.from];
    }
    at += pieceText(source, piece).length;
    yield [piece.to, at];
  }
}

function beginsLine(text: string, at: number): boolean {
  if (at === 0) return true;
  return text[at - 1] === '\n' || (text[at - 1] === '\r' && text[at] !== '\n');
}

/** Lines with their line ends, all of them LF; the last one of the clean text gets one. */
function linesOf(text: string, isEnded = false): string[] {
  const lines = text.replace(/\r\n?/g, '\n').split(/(?<=\n)/);
  if (isEnded && lines.at(-1) !== '' && !lines.at(-1)!.endsWith('\n')) lines[lines.length - 1] += '\n';
  return lines.filter((line) => line !== '');
}

function toHunks(stretches: readonly Stretch[]): string[] {
  const hunks: string[] = [];
  let lineA = 1;
  let lineB = 1;
  let open: { fromA: number; fromB: number; lines: string[]; quiet: number } | undefined;
  let above: string[] = [];
  const close = () => {
    if (open) hunks.push(hunkOf(open));
    open = undefined;
  };
  for (const { before, after, isSame } of stretches) {
    if (isSame) {
      for (const line of before) {
        if (open && open.quiet === 2 * AROUND) close();
        if (open) {
          open.lines.push(` ${line}`);
          open.quiet++;
        }
        above = [...above.slice(1 - AROUND), line];
        lineA++;
        lineB++;
      }
      continue;
    }
    open ??= { fromA: lineA - above.length, fromB: lineB - above.length, lines: above.map((l) => ` ${l}`), quiet: 0 };
    open.lines.push(...before.map((line) => `-${line}`), ...after.map((line) => `+${line}`));
    open.quiet = 0;
    above = [];
    lineA += before.length;
    lineB += after.length;
  }
  close();
  return hunks;
}

/** Writes a hunk, without the lines at its end that no change needs. */
function hunkOf({
  fromA,
  fromB,
  lines,
  quiet,
}: {
  fromA: number;
  fromB: number;
  lines: string[];
  quiet: number;
}): string {
  const shown = quiet > AROUND ? lines.slice(0, AROUND - quiet) : lines;
  const count = (sign: string) => shown.filter((line) => line[0] === ' ' || line[0] === sign).length;
  const span = (from: number, lineCount: number) => `${lineCount === 0 ? from - 1 : from},${lineCount}`;
  const text = shown.map((line) => (line.endsWith('\n') ? line : `${line}\n${NO_END}\n`)).join('');
  return `@@ -${span(fromA, count('-'))} +${span(fromB, count('+'))} @@\n${text}`;
}
