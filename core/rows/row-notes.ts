import type { Run } from './run.ts';

/** A stretch of clean text that changes: [from, to) of what it was becomes `insert`. Offsets in UTF-16 units. */
export interface Change {
  readonly from: number;
  readonly to: number;
  readonly insert: string;
}

/** The note in which a change lies, and what it says then, if it was put behind its paragraph: its words stand elsewhere in the source. */
export function noteAt(runs: readonly Run[], change: Change): { from: number; to: number; text: string } | undefined {
  const places = runs.filter(({ passes, text }) => passes.includes('footnotes') && text === '');
  let start = 0;
  let note = 0;
  for (const run of runs) {
    if (isNoteBehind(run)) {
      const lead = /^\s*/.exec(run.text)![0].length;
      const place = places[note++];
      if (place && start + lead <= change.from && change.to <= start + run.text.length)
        return { ...place, text: withChange(run.text, change, start).slice(lead) };
    }
    start += run.text.length;
  }
  return undefined;
}

/** Whether it is a note that was put behind the paragraph that it interrupts. */
export function isNoteBehind({ from, to, passes }: Run): boolean {
  return from === to && passes.includes('footnotes');
}

/** The stretch of a change without the space before a note that was put behind the paragraph. */
export function beforeNotes(runs: readonly Run[], stretch: { from: number; to: number }, change: Change) {
  let start = 0;
  for (const run of runs) {
    if (isNoteBehind(run) && start >= change.to) return { from: stretch.from, to: Math.min(stretch.to, start) };
    start += run.text.length;
  }
  return stretch;
}

function withChange(text: string, { from, to, insert }: Change, start: number): string {
  return text.slice(0, from - start) + insert + text.slice(to - start);
}
