import type { LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.92;
const FEWEST = 3;
/** In lines. */
const LONGEST_ENTRY = 30;
const LABEL = /^\[(\d{1,3})\]\s+\S/;
const WITHIN = /[^\n]\[\d{1,3}\]/;
/** In units: a label and the first sign of its entry. */
const LONGEST_LABEL = 12;

interface Labelled {
  readonly place: number;
  readonly value: number;
}

/**
 * "[1]", "[2]", "[3]" at the beginning of lines that count on, and nowhere between: labels of entries, each of which begins anew. Marks
 * of notes, which a wrapped line may begin with too, stand within lines as well. Linear in the length of the source.
 */
export function breakBeforeLabels(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  let run: Labelled[] = [];
  const close = () => {
    if (run.length >= FEWEST)
      for (const { place } of run)
        if (place > 0 && verdicts.decision[place - 1] === Decision.join)
          settle(verdicts, place - 1, Decision.break, 'shape', CERTAINTY);
    run = [];
  };
  for (const [place, line] of seams.line.entries()) {
    const from = table.from[line]!;
    if (run.length > 0 && place - run.at(-1)!.place > LONGEST_ENTRY) close();
    const value = source[from] === '[' ? LABEL.exec(source.slice(from, from + LONGEST_LABEL))?.[1] : undefined;
    if (value !== undefined) {
      if (run.length > 0 && Number(value) !== run.at(-1)!.value + 1) close();
      run.push({ place, value: Number(value) });
    }
    if (run.length > 0 && WITHIN.test(source.slice(from, table.to[line]))) run = [];
  }
  close();
}
