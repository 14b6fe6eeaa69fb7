import type { LineTable } from '../../lines/line-table.ts';
import { isFull, widestOf } from '../measure/room.ts';
import { Decision, type SeamTable } from '../seam-table.ts';
import { settle, type Verdicts } from '../verdicts.ts';

const CERTAINTY = 0.92;
const CERTAINTY_OF_REST = 0.88;
const FEWEST = 3;
/** In lines. */
const LONGEST_ENTRY = 30;
const LABEL = /^\[(\d{1,3})\]\s+\S/;
/** A mark of a note stands right behind a word; "see paragraph [9]" names what is elsewhere, if it is none of these. */
const WITHIN = /([^\n])\[(\d{1,3})\]/g;
/** In units: a label and the first sign of its entry. */
const LONGEST_LABEL = 12;

interface Labelled {
  readonly place: number;
  readonly value: number;
}

/**
 * "[1]", "[2]", "[3]" at the beginning of lines that count on, and none of them between: labels of entries, each of which begins anew. Marks
 * of notes, which a wrapped line may begin with too, stand within lines as well. Linear in the length of the source.
 */
export function breakBeforeLabels(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  let run: Labelled[] = [];
  const close = () => {
    if (run.length >= FEWEST) {
      for (const { place } of run)
        if (place > 0 && verdicts.decision[place - 1] === Decision.join)
          settle(verdicts, place - 1, Decision.break, 'shape', CERTAINTY);
      joinWithin(run.map(({ place }) => place));
    }
    run = [];
  };
  /** The lines below a label are no short ones of verse, but the rest of an entry whose line was full. */
  const joinWithin = (labels: readonly number[]) => {
    const first = labels[0]!;
    let last = labels.at(-1)!;
    while (last < seams.count && seams.blanks[last] === 0 && last - labels.at(-1)! < LONGEST_ENTRY) last++;
    const widest = widestOf(table, seams.line.subarray(first, last + 1));
    const begins = new Set(labels);
    const rests: number[] = [];
    for (let seam = first; seam < last; seam++) {
      const isApart = seams.blanks[seam] === 0 && verdicts.decision[seam]! >= Decision.break;
      if (isApart && !begins.has(seam + 1) && isFull(table, seams, seam, widest)) rests.push(seam);
    }
    for (const seam of rests) settle(verdicts, seam, Decision.join, 'wrappedEntry', CERTAINTY_OF_REST);
    // Where some entries are longer than a line, each is a paragraph.
    if (rests.length > 0)
      for (const place of labels)
        if (place > 0 && verdicts.decision[place - 1] === Decision.keep) verdicts.decision[place - 1] = Decision.break;
  };
  for (const [place, line] of seams.line.entries()) {
    const from = table.from[line]!;
    if (run.length > 0 && place - run.at(-1)!.place > LONGEST_ENTRY) close();
    const value = source[from] === '[' ? LABEL.exec(source.slice(from, from + LONGEST_LABEL))?.[1] : undefined;
    if (value !== undefined) {
      if (run.length > 0 && Number(value) !== run.at(-1)!.value + 1) close();
      run.push({ place, value: Number(value) });
    }
    if (run.length > 0 && hasMark(source.slice(from, table.to[line]), run)) run = [];
  }
  close();
}

function hasMark(text: string, run: readonly Labelled[]): boolean {
  const [first, last] = [run[0]!.value, run.at(-1)!.value];
  return [...text.matchAll(WITHIN)].some(([, before, number]) => {
    const isAmongThese = Number(number) >= first && Number(number) <= last;
    return before !== ' ' || isAmongThese;
  });
}
