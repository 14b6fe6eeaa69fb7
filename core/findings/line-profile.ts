import type { Cleaning } from '../cleaning/cleaning.ts';
import { Decision } from '../seams/seam-table.ts';

/** How long the lines of a text are: lines by length in characters, indent included. */
export interface LineProfile {
  readonly bars: readonly LengthBar[];
  /** The measure in characters; 0 where lines do not wrap. */
  readonly measure: number;
  /** A person set the measure. */
  readonly isGiven: boolean;
  /** From 0 to 1: how exactly lines that run on end where the next word would no longer fit. */
  readonly exactness: number;
}

/** Lines of [from, to) characters; the last bar holds all longer ones too. */
export interface LengthBar {
  readonly from: number;
  readonly to: number;
  /** Lines that run on into the next, and lines after which something new begins. */
  readonly runOn: number;
  readonly end: number;
}

const MOST_BARS = 60;
/** The few longest lines share the last bar. */
const SHOWN_SHARE = 0.995;

export function profileLines({ table, decided, decision }: Cleaning): LineProfile {
  const { line } = decided.seams;
  const lengths = line.map((at) => table.indent[at]! + table.chars[at]!);
  const sorted = lengths.slice().sort();
  const measure = decided.measure.widestCharacters;
  const longest = Math.max(10, sorted[Math.floor(SHOWN_SHARE * (sorted.length - 1))] ?? 0, measure);
  const step = Math.ceil((longest + 1) / MOST_BARS);
  const bars = Array.from({ length: Math.ceil((longest + 1) / step) }, (_, at) => ({
    from: at * step,
    to: (at + 1) * step,
    runOn: 0,
    end: 0,
  }));
  for (const [kept, length] of lengths.entries()) {
    const bar = bars[Math.min(bars.length - 1, Math.floor(length / step))]!;
    const goesOn = decision[kept] === Decision.join || decision[kept] === Decision.mend;
    if (kept < decision.length && goesOn) bar.runOn++;
    else bar.end++;
  }
  return { bars, measure, isGiven: decided.overrides.measure !== undefined, exactness: decided.measure.reliability };
}
